import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../../facts/random/index.ts';
import { jointHistory, type JointHistory } from '../../testing/index.ts';
import { growthsOf, yearsUntil, type GrowthPrior, type Observed } from './growth.ts';
import { legGrowth, openingSooner, warmingTrend } from './index.ts';
import type { TripFact } from '../evidence/index.ts';

const BREAKER = { id: '00000000-0000-4000-8000-000000000001', ratingAmps: 20 };
const yearsOn = (count: number) =>
  new Date(Date.parse('2020-01-15T10:00:00.000Z') + count * 365.25 * 86_400_000).toISOString();

/** Of so many made-up histories, the share that is told at any time, looked at after every scan. */
function toldShare(history: JointHistory, seed: number, count: number): number {
  const random = seeded(seed);
  let told = 0;
  for (let i = 0; i < count; i++) {
    const readings = jointHistory(history, random);
    const points = history.points?.length ?? 1;
    const scans = Array.from({ length: readings.length / points }, (_, scan) => scan);
    const isTold = scans.some(
      (scan) =>
        scan >= history.steadyYears * history.scansAYear &&
        warmingTrend(BREAKER, readings.slice(0, (scan + 1) * points)) !== null,
    );
    if (isTold) told += 1;
  }
  return told / count;
}

const STEADY = { perYearC: 0, steadyYears: 0, years: 3, scansAYear: 2, noiseC: 3 };

describe('a joint over the years', () => {
  test('is hardly ever said to warm where it is steady and read to ± 3 °C', () => {
    expect(toldShare(STEADY, 1, 400)).toBeLessThan(0.05);
    expect(toldShare({ ...STEADY, scansAYear: 1, years: 6 }, 2, 400)).toBeLessThan(0.05);
  });

  test('is told within three years where it warms by 2 °C a year', () => {
    const worse = { ...STEADY, perYearC: 2 };
    expect(toldShare({ ...worse, steadyYears: 3 }, 3, 200)).toBeGreaterThan(0.9);
    expect(toldShare(worse, 4, 200)).toBeGreaterThan(0.75);
    expect(toldShare({ ...worse, scansAYear: 4 }, 5, 200)).toBeGreaterThan(0.9);
  });

  test('is told sooner where each scan reads it at its terminal and its face: one joint, one trend', () => {
    const both = { ...STEADY, scansAYear: 1, points: ['terminal', 'face'] as const };
    expect(toldShare({ ...both, perYearC: 2 }, 9, 200)).toBeGreaterThan(0.8);
    expect(toldShare(both, 10, 400)).toBeLessThan(0.05);
    const trend = warmingTrend(BREAKER, jointHistory({ ...both, perYearC: 3, noiseC: 0.5 }, seeded(11)));
    expect(trend).toMatchObject({ kind: 'joint-warms', figures: 8 });
  });

  test('is said to be measured again where it is told and not sure', () => {
    const at = (last: number) =>
      [10, 11, 14, last].map((rise, i) => ({
        point: 'terminal' as const,
        at: yearsOn(i),
        surfaceC: 20 + rise,
        ambientC: 20,
        amps: 15,
        errorC: 3,
      }));
    expect(warmingTrend(BREAKER, at(15.5))!.text).toContain('Measure again within six months');
    expect(warmingTrend(BREAKER, at(30))!.text).not.toContain('Measure it again');
  });

  test('says how fast, the limit, when it is reached and how sure, before it is reached', () => {
    const readings = jointHistory({ ...STEADY, perYearC: 2, years: 5, noiseC: 0.5 }, seeded(6));
    const trend = warmingTrend(BREAKER, readings);
    expect(trend!.perYear.p50).toBeGreaterThan(1.3);
    expect(trend!.perYear.p50).toBeLessThan(2.9);
    expect(trend!.limit).toBeCloseTo(25, -1);
    expect(trend!.now).toBeLessThan(trend!.limit);
    expect(trend!.reached.likeliest > trend!.to).toBe(true);
    expect(trend!.reached.earliest <= trend!.reached.likeliest).toBe(true);
    expect(trend!.reached.likeliest <= trend!.reached.latest).toBe(true);
    expect(trend!.text).toContain('a year at the same load');
    expect(trend!.text).toContain('very sure');
  });

  test('is not taken in by a load that grows: it is the heat at the same load that counts', () => {
    const hotterByLoad = Array.from({ length: 7 }, (_, i) => {
      const amps = 10 + i;
      return {
        point: 'terminal' as const,
        at: yearsOn(i / 2),
        surfaceC: 20 + 8 * (amps / 10) ** 1.8,
        ambientC: 20,
        amps,
        errorC: 2,
      };
    });
    expect(hotterByLoad.at(-1)!.surfaceC - hotterByLoad[0]!.surfaceC).toBeGreaterThan(10);
    expect(warmingTrend(BREAKER, hotterByLoad)).toBeNull();
  });

  test('says nothing of readings without load, or with too few of them', () => {
    const few = jointHistory({ ...STEADY, perYearC: 8 }, seeded(7)).slice(0, 2);
    expect(warmingTrend(BREAKER, few)).toBeNull();
    const idle = jointHistory({ ...STEADY, perYearC: 8 }, seeded(8)).map((one) => ({ ...one, amps: 1 }));
    expect(warmingTrend(BREAKER, idle)).toBeNull();
  });
});

const growthOf = (observed: readonly Observed[], prior: GrowthPrior) => growthsOf([observed], prior)[0]!;

describe('growth', () => {
  const prior = { usualPerYear: 2, share: 0.2 };
  const figures = fc.array(
    fc.record({
      years: fc.integer({ min: 0, max: 5000 }).map((days) => days / 250),
      value: fc.double({ min: -50, max: 120, noNaN: true }),
      sd: fc.double({ min: 0.5, max: 10, noNaN: true }),
    }),
    { minLength: 3, maxLength: 25 },
  );

  test('is a chance, whatever is measured; a higher limit is never reached sooner', () => {
    fc.assert(
      fc.property(figures, fc.double({ min: 0, max: 60, noNaN: true }), (observed, limit) => {
        const growth = growthOf(observed, prior);
        if (growth === null) return;
        expect(growth.probability).toBeGreaterThanOrEqual(0);
        expect(growth.probability).toBeLessThanOrEqual(1);
        const [low, high] = [yearsUntil(growth, limit), yearsUntil(growth, limit + 5)];
        expect(high.p50).toBeGreaterThanOrEqual(low.p50);
        expect(low.p10).toBeLessThanOrEqual(low.p90);
      }),
    );
  });

  test('does not depend on where the figures or the years begin, or on their order', () => {
    fc.assert(
      fc.property(figures, fc.integer({ min: -40, max: 40 }), (observed, by) => {
        const growth = growthOf(observed, prior);
        const moved = growthOf(
          observed.map((one) => ({ ...one, value: one.value + by, years: one.years + by * 4 })).reverse(),
          prior,
        );
        if (growth === null || moved === null) return;
        expect(moved.probability).toBeCloseTo(growth.probability, 5);
      }),
    );
  });

  test('of one place counts for the other that is measured with it, and says nothing of one with too few figures', () => {
    const rising = [10, 12, 13, 17].map((value, years) => ({ years, value, sd: 1.7 }));
    const flat = [10, 11, 10, 11].map((value, years) => ({ years, value, sd: 1.7 }));
    const of = (places: readonly (readonly Observed[])[]) =>
      growthsOf(places, prior).map((growth) => growth && Math.round(growth.probability * 1000) / 1000);
    const [alone] = of([rising]);
    expect(of([rising, rising])[0]).toBeGreaterThan(alone!);
    expect(of([rising, flat])[0]).toBeLessThan(alone!);
    expect(of([rising, flat.slice(0, 2)])).toEqual([alone, null]);
  });

  test('is likelier, the more the last figure shows', () => {
    const at = (last: number) =>
      growthOf(
        [10, 11, 10.5, last].map((value, years) => ({ years, value, sd: 1.7 })),
        prior,
      )!.probability;
    expect(at(20)).toBeGreaterThan(at(15));
    expect(at(15)).toBeGreaterThan(at(10));
    expect(at(10)).toBeLessThan(prior.share);
  });
});

describe('a breaker that opens sooner', () => {
  const trip = (years: number, afterSeconds: number): TripFact =>
    ({
      event: { at: yearsOn(years), afterSeconds },
      window: { fastestSeconds: 100 },
      verdict: 'within-band',
    }) as unknown as TripFact;

  test('is told while it still opens in time', () => {
    const trend = openingSooner(
      BREAKER,
      [900, 640, 500, 350, 260, 190, 140].map((seconds, i) => trip(i / 2, seconds)),
    );
    expect(trend).toMatchObject({ kind: 'opens-sooner', limit: 0, unit: '%' });
    expect(trend!.now).toBeGreaterThan(0);
    expect(trend!.text).toContain('trips sooner each year');
  });

  test('is not told of one that opens now sooner, now later', () => {
    expect(
      openingSooner(
        BREAKER,
        [300, 420, 280, 390, 310, 350].map((s, i) => trip(i / 2, s)),
      ),
    ).toBeNull();
  });
});

describe('a leg that grows', () => {
  const peaks = (amps: readonly number[]) =>
    amps.map((value, i) => ({ leg: 'A' as const, at: yearsOn(i), amps: value }));

  test('is told with its limit: four fifths of the main', () => {
    const [trend] = legGrowth(100, peaks([40, 44, 49, 55, 60, 66]));
    expect(trend).toMatchObject({ kind: 'leg-grows', leg: 'A', limit: 80 });
    expect(trend!.text).toContain('current on leg A rises');
  });

  test('is not told of seasons', () => {
    expect(legGrowth(100, peaks([48, 44, 50, 45, 49, 46]))).toEqual([]);
  });
});
