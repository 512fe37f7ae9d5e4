import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { heatOfPoint, heatSurvey, type HeatPointInput } from './index.ts';

const point = (
  id: string,
  surfaceC: number,
  amps: number,
  rest: Partial<HeatPointInput> = {},
): HeatPointInput => ({
  id,
  surfaceC,
  amps,
  ratingAmps: 20,
  ...rest,
});

const first = (points: HeatPointInput[], ambientC = 22) => heatSurvey({ ambientC, points }).points[0]!;

describe('heatSurvey', () => {
  test('a joint 22 °C over its peer is urgent', () => {
    const hot = first([point('1', 52, 10), point('3', 30, 10)]);
    expect(hot).toMatchObject({ riseC: 30, overPeersC: 22, grade: 'urgent' });
    expect(hot.reasons[0]!.code).toBe('over-peers');
  });

  test('peers at another load are scaled by the 1.8th power of the current', () => {
    // share 0.5 against 0.4: 5 °C × (0.5 / 0.4)^1.8 = 7.47 °C
    expect(first([point('1', 40, 10), point('3', 27, 8)]).overPeersC).toBeCloseTo(18 - 7.4711, 3);
  });

  test('shares exactly 0.15 apart are peers; poles of the same breaker are not', () => {
    expect(first([point('1', 30, 10), point('3', 30, 13)]).overPeersC).not.toBeNull();
    expect(
      first([point('1', 30, 10, { group: 'x' }), point('3', 30, 10, { group: 'x' })]).overPeersC,
    ).toBeNull();
  });

  test('below a fifth of the rating a peer’s rise is taken as it is', () => {
    expect(first([point('1', 30, 3), point('3', 26, 5)]).overPeersC).toBeCloseTo(4, 9);
  });

  test('the limits are passed, not met: 3 °C over is normal, a hair more is not', () => {
    expect(first([point('1', 41.1, 5), point('3', 38.1, 5)]).grade).toBe('normal');
    expect(first([point('1', 41.2, 5), point('3', 38.1, 5)]).grade).toBe('repair-soon');
  });

  test('the rise at full load, on its low side', () => {
    // (20 − 2) × 2^1.8 = 62.7 °C: urgent; 12 °C → 34.8: normal; 13 °C → 38.3: watch
    expect(first([point('1', 42, 10)])).toMatchObject({ grade: 'urgent' });
    expect(first([point('1', 42, 10)]).riseAtRatingC).toBeCloseTo(20 * 2 ** 1.8, 9);
    expect(first([point('1', 34, 10)]).grade).toBe('normal');
    expect(first([point('1', 35, 10)]).grade).toBe('watch');
  });

  test('under 40% of the rating nothing is scaled, and that is told', () => {
    const idle = first([point('1', 30, 7.9)]);
    expect(idle.riseAtRatingC).toBeNull();
    expect(idle.reasons.map((r) => r.code)).toEqual(['load-too-low']);
    expect(first([point('1', 62, 7.9)]).grade).toBe('watch');
    expect(first([point('1', 30, 8)]).riseAtRatingC).not.toBeNull();
  });

  test('90 °C is urgent whatever the load', () => {
    expect(first([point('1', 90, 200, { ratingAmps: 200 })], 60).grade).toBe('urgent');
  });

  test('the same id twice, an ambient of 900 °C and a breaker of 0 A are refused', () => {
    expect(() => first([point('1', 30, 1), point('1', 30, 1)])).toThrow(/used twice/);
    expect(() => first([point('1', 30, 1)], 900)).toThrow(/ambient/);
    expect(() => first([point('1', 30, 1, { ratingAmps: 0 })])).toThrow(/rating/);
  });
});

describe('laws', () => {
  const points = fc.uniqueArray(
    fc.record({
      id: fc.uuid(),
      surfaceC: fc.double({ min: 10, max: 120, noNaN: true }),
      amps: fc.double({ min: 0, max: 30, noNaN: true }),
      ratingAmps: fc.constantFrom(15, 20, 30),
    }),
    { selector: (p) => p.id, minLength: 1, maxLength: 8 },
  );
  const order = ['normal', 'watch', 'repair-soon', 'urgent'];

  test('a hotter point is never graded milder', () => {
    fc.assert(
      fc.property(points, fc.double({ min: 0, max: 60, noNaN: true }), (list, more) => {
        const hotter = list.map((p, i) => (i === 0 ? { ...p, surfaceC: p.surfaceC + more } : p));
        expect(order.indexOf(first(hotter).grade)).toBeGreaterThanOrEqual(order.indexOf(first(list).grade));
      }),
    );
  });

  test('a point by itself is judged as in the whole survey', () => {
    fc.assert(
      fc.property(points, (list) => {
        const all = heatSurvey({ ambientC: 20, points: list }).points;
        list.forEach((one, i) => expect(heatOfPoint(one, list, 20)).toEqual(all[i]));
      }),
    );
  });

  test('the answer does not depend on the order of the points', () => {
    fc.assert(
      fc.property(points, (list) => {
        const forwards = heatSurvey({ ambientC: 20, points: list }).points;
        const backwards = heatSurvey({ ambientC: 20, points: [...list].reverse() }).points.reverse();
        expect(backwards).toEqual(forwards);
      }),
    );
  });
});
