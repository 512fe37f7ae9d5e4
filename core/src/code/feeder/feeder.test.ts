import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { COLUMNS_C, FEEDER_GAUGES } from '../../facts/standards/index.ts';
import { feeder, type FeederInput } from './index.ts';

const ask = (change: Partial<FeederInput> = {}, conductor: Partial<FeederInput['conductor']> = {}) =>
  feeder({
    kind: 'feeder',
    demandAmps: 48,
    breakerAmps: 60,
    conductor: { gauge: '6', material: 'copper', insulationC: 75, ...conductor },
    ...change,
  });
const codes = (answer: ReturnType<typeof feeder>) => answer.reasons.map(({ code }) => code);

describe('a feeder', () => {
  test('that suits its breaker is kept', () => {
    expect(ask()).toMatchObject({
      ampacity: 65,
      maxBreakerAmps: 70,
      minBreakerAmps: 50,
      dropPercent: null,
      ground: { copper: '10', aluminum: '8' },
      decision: 'keep',
      recommendedAmps: 60,
    });
  });

  test('whose breaker is too large gets a smaller one, or a thicker conductor', () => {
    const thin = { gauge: '8' } as const;
    expect(ask({ demandAmps: 40 }, thin)).toMatchObject({
      maxBreakerAmps: 50,
      decision: 'size-down',
      recommendedAmps: 50,
    });
    expect(ask({ demandAmps: 51 }, thin)).toMatchObject({ decision: 'rewire', recommendedAmps: null });
    expect(codes(ask({ demandAmps: 51 }, thin))).toContain('demand-exceeds-conductor');
  });

  test('whose breaker is too small for its load gets a larger one only where the conductor allows it', () => {
    const small = ask({ breakerAmps: 40 });
    expect(small).toMatchObject({ decision: 'size-up', recommendedAmps: 50 });
    expect(codes(small)).toContain('verify-whole-run');
    // A next rating up may lie above what the conductor carries, its load may not.
    expect(ask({ demandAmps: 66, breakerAmps: 60 }).decision).toBe('rewire');
  });

  test('of a whole dwelling may be 83% of the rating', () => {
    const service = { kind: 'whole-dwelling', demandAmps: 190, breakerAmps: 200 } as const;
    expect(ask(service, { gauge: '2/0' })).toMatchObject({
      ampacity: 175,
      maxBreakerAmps: 200,
      decision: 'keep',
    });
    expect(ask({ ...service, kind: 'feeder' }, { gauge: '2/0' }).decision).toBe('rewire');
    expect(ask(service, { gauge: '4/0', material: 'aluminum' }).decision).toBe('keep');
    expect(ask(service, { gauge: '3/0', material: 'aluminum' })).toMatchObject({
      maxBreakerAmps: 175,
      decision: 'rewire',
    });
  });

  test('ends on lugs that may carry less', () => {
    expect(ask({ mainLugsAmps: 55 })).toMatchObject({ maxBreakerAmps: 50, decision: 'size-down' });
    expect(codes(ask({ mainLugsAmps: 55 }))).toContain('main-lugs');
    expect(ask({ mainLugsAmps: 125 }).maxBreakerAmps).toBe(70);
  });

  test('loses volts along its length', () => {
    // 2 × 30 m × 0.491 Ω / 304.8 m × 48 A = 4.64 V of 240 V
    expect(ask({ lengthM: 30 }).dropPercent).toBeCloseTo(1.9331, 3);
    expect(codes(ask({ lengthM: 30 }))).not.toContain('drop-over-3');
    expect(codes(ask({ lengthM: 60 }))).toContain('drop-over-3');
  });

  test('small conductors, heat, the largest ratings', () => {
    expect(ask({ demandAmps: 12, breakerAmps: 20 }, { gauge: '14' })).toMatchObject({
      ampacity: 20,
      maxBreakerAmps: 15,
      decision: 'size-down',
    });
    expect(ask({ ambientC: 80 })).toMatchObject({ ampacity: 0, maxBreakerAmps: 0, decision: 'rewire' });
    expect(ask({ demandAmps: 380, breakerAmps: 500 }, { gauge: '600' })).toMatchObject({
      ampacity: 420,
      maxBreakerAmps: 400,
      ground: null,
      decision: 'size-down',
    });
    expect(ask({ demandAmps: 401 }, { gauge: '600' })).toMatchObject({
      minBreakerAmps: null,
      decision: 'rewire',
    });
    expect(() => ask({}, { gauge: '14', material: 'aluminum' })).toThrow(/Aluminum/);
  });
});

describe('laws', () => {
  test('thicker never lowers the largest breaker, nor raises the drop', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: FEEDER_GAUGES.length - 2 }),
        fc.constantFrom('copper' as const, 'aluminum' as const),
        fc.constantFrom(...COLUMNS_C),
        fc.constantFrom('feeder' as const, 'whole-dwelling' as const),
        fc.integer({ min: -10, max: 80 }),
        fc.integer({ min: 1, max: 45 }),
        (i, material, insulationC, kind, ambientC, currentCarrying) => {
          const of = (gauge: (typeof FEEDER_GAUGES)[number]) =>
            ask({ kind, ambientC, currentCarrying, lengthM: 20 }, { gauge, material, insulationC });
          const [thin, thick] = [of(FEEDER_GAUGES[i]!), of(FEEDER_GAUGES[i + 1]!)];
          expect(thick.maxBreakerAmps).toBeGreaterThanOrEqual(thin.maxBreakerAmps);
          expect(thick.dropPercent).toBeLessThan(thin.dropPercent!);
        },
      ),
    );
  });

  test('what it recommends protects the conductor and carries the load', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FEEDER_GAUGES),
        fc.double({ min: 0, max: 420, noNaN: true }),
        fc.integer({ min: 10, max: 400 }),
        (gauge, demandAmps, breakerAmps) => {
          const { recommendedAmps, maxBreakerAmps } = ask({ demandAmps, breakerAmps }, { gauge });
          if (recommendedAmps === null) return;
          expect(recommendedAmps).toBeLessThanOrEqual(maxBreakerAmps);
          expect(recommendedAmps).toBeGreaterThanOrEqual(demandAmps - 1e-6);
        },
      ),
    );
  });
});
