import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { HEAT_GRADES } from '../heat/index.ts';
import { sag, type SagInput } from './index.ts';

const NUMBER_12 = { gauge: '12', material: 'copper' } as const;

/** A bench’s circuit: 12 AWG, a heater of 12 A on its last outlet. */
const bench = (change: Partial<SagInput> = {}) =>
  sag({
    amps: 12,
    ratingAmps: 20,
    points: [
      { id: 'bus', unloaded: 121.3, loaded: 120.7 },
      { id: 'terminal', unloaded: 121.3, loaded: 120.6 },
      { id: 'first outlet', unloaded: 121.2, loaded: 118.3, run: { ...NUMBER_12, lengthM: 14 } },
      { id: 'last outlet', unloaded: 121.2, loaded: 113.1, run: { ...NUMBER_12, lengthM: 9 } },
    ],
    ...change,
  });

describe('sag', () => {
  test('the worked example: the last stretch loses far more than its conductor explains', () => {
    const { points, segments, worst } = bench();
    expect(points[3]!.dropPercent).toBeCloseTo((8.1 / 121.2) * 100, 9);
    const last = segments[3]!;
    expect(last.ohms).toBeCloseTo((8.1 - 2.9) / 12, 12);
    // 2 × 9 m × 1.93 Ω / 304.8 m, 35 °C cooler than the table: × (1 − 0.00323 × 35)
    expect(last.conductorOhms).toBeCloseTo(2 * 9 * (1.93 / 304.8) * (1 - 0.00323 * 35), 12);
    expect(last.lowOhms).toBeCloseTo(last.excessOhms - (2 * 0.15 * 2) / 12, 12);
    expect(last.watts).toBeCloseTo(last.excessOhms * 144, 9);
    expect(last).toMatchObject({ from: 'first outlet', grade: 'urgent' });
    expect(segments.map(({ grade }) => grade)).toEqual(['normal', 'normal', 'normal', 'urgent']);
    expect(worst).toBe('last outlet');
  });

  test('the supply is graded by its percent: over 2 watch, over 4 repair soon', () => {
    const supply = (loaded: number) =>
      sag({ amps: 10, points: [{ id: 'bus', unloaded: 100, loaded }] }).segments[0]!.grade;
    expect([98, 97.9, 96, 95.9].map(supply)).toEqual(['normal', 'watch', 'watch', 'repair-soon']);
  });

  test('from 2, 10 and 30 W at the rating on, by the sure side', () => {
    const grade = (excess: number) =>
      sag({
        amps: 10,
        ratingAmps: 20,
        meterVolts: 0,
        points: [
          { id: 'a', unloaded: 120, loaded: 120 },
          { id: 'b', unloaded: 120, loaded: 120 - excess * 10 },
        ],
      }).segments[1]!.grade;
    expect([0.0049, 0.005, 0.0249, 0.025, 0.0749, 0.0751].map(grade)).toEqual([
      'normal',
      'watch',
      'watch',
      'repair-soon',
      'repair-soon',
      'urgent',
    ]);
  });

  test('kcmil conductors are known; aluminum warms by its own coefficient', () => {
    const { segments } = sag({
      amps: 100,
      points: [
        {
          id: 'sub-panel',
          unloaded: 240,
          loaded: 239,
          run: { gauge: '250', material: 'aluminum', lengthM: 30.48, conductorC: 75 },
        },
      ],
    });
    expect(segments[0]!.conductorOhms).toBeCloseTo(2 * 0.00847, 9);
  });

  test.each([
    [{ amps: 0, points: [{ id: 'a', unloaded: 120, loaded: 119 }] }, 'amps'],
    [{ amps: 10, points: [] }, 'points'],
    [{ amps: 10, points: [{ id: 'a', unloaded: 120, loaded: 122.1 }] }, 'points.0.loaded'],
    [{ amps: 10, points: [{ id: 'a', unloaded: 301, loaded: 119 }] }, 'points.0.unloaded'],
    [
      {
        amps: 10,
        points: [
          { id: 'a', unloaded: 120, loaded: 119, run: { gauge: '14', material: 'aluminum', lengthM: 3 } },
        ],
      },
      'points.0.run.gauge',
    ],
    [{ amps: 10, points: ['a', 'a'].map((id) => ({ id, unloaded: 120, loaded: 119 })) }, 'points.1.id'],
  ])('refuses %j', (input, path) => {
    let paths: string[] = [];
    try {
      sag(input as SagInput);
    } catch (error) {
      paths = (error as { issues: { path: string[] }[] }).issues.map((issue) => issue.path.join('.'));
    }
    expect(paths).toContain(path);
  });
});

describe('laws', () => {
  const volts = fc.double({ min: 100, max: 130, noNaN: true });
  const drops = fc.array(fc.double({ min: 0, max: 8, noNaN: true }), { minLength: 1, maxLength: 12 });
  const chain = (unloaded: number, list: number[]) => {
    let lost = 0;
    return list.map((drop, i) => ({ id: `${i}`, unloaded, loaded: unloaded - (lost += drop) }));
  };

  test('what the segments lose is what the last point lost', () => {
    fc.assert(
      fc.property(volts, drops, (unloaded, list) => {
        const { points, segments } = sag({ amps: 10, points: chain(unloaded, list) });
        const ohms = segments.reduce((sum, one) => sum + one.ohms, 0);
        expect(ohms * 10).toBeCloseTo(points.at(-1)!.dropVolts, 6);
      }),
    );
  });

  test('a worse joint is never graded milder; a worse meter never graver', () => {
    const gravity = (grade: (typeof HEAT_GRADES)[number]) => HEAT_GRADES.indexOf(grade);
    fc.assert(
      fc.property(
        volts,
        drops,
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.nat(),
        (unloaded, list, more, at) => {
          const i = at % list.length;
          const input = { amps: 10, points: chain(unloaded, list) };
          const worse = list.map((drop, n) => (n === i ? drop + more : drop));
          const before = sag(input).segments[i]!;
          expect(
            gravity(sag({ ...input, points: chain(unloaded, worse) }).segments[i]!.grade),
          ).toBeGreaterThanOrEqual(gravity(before.grade));
          expect(gravity(sag({ ...input, meterVolts: 0.15 + more }).segments[i]!.grade)).toBeLessThanOrEqual(
            gravity(before.grade),
          );
        },
      ),
    );
  });
});
