import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  bandOf,
  coolDown,
  fitCurve,
  heatAfter,
  leastSensitive,
  passThrough,
  slowestCoolDown,
  tripWindow,
} from './index.ts';

const time = (k: number, tau: number, m: number) => tau * Math.log((m * m) / (m * m - k * k));
const points = (fast: [number, number], slow: [number, number], multiples: number[]) =>
  multiples.map((multiple) => ({
    multiple,
    fastestSeconds: multiple > fast[0] ? time(...fast, multiple) : null,
    slowestSeconds: multiple > slow[0] ? time(...slow, multiple) : null,
  }));

describe('fitting a printed curve', () => {
  test('finds k and τ again from the points they give', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.02, max: 1.25, noNaN: true }),
        fc.double({ min: 10, max: 60, noNaN: true }),
        fc.double({ min: 1.26, max: 1.4, noNaN: true }),
        fc.double({ min: 80, max: 600, noNaN: true }),
        (kFast, tauFast, kSlow, tauSlow) => {
          const fit = fitCurve({ points: points([kFast, tauFast], [kSlow, tauSlow], [1.45, 2, 3, 4.5]) });
          expect(fit.mostSensitive.k).toBeCloseTo(kFast, 4);
          expect(fit.mostSensitive.tauSeconds / tauFast).toBeCloseTo(1, 3);
          expect(fit.leastSensitive.k).toBeCloseTo(kSlow, 4);
          expect(fit.leastSensitive.tauSeconds / tauSlow).toBeCloseTo(1, 3);
          expect(fit.leastSensitive.error).toBeLessThan(1e-3);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('the edges of the standard come out of its own band', () => {
    const slow = leastSensitive(20);
    const fit = fitCurve({
      points: points(
        [1.08, slow.tauSeconds / 6],
        [Math.sqrt(slow.thresholdSquared), slow.tauSeconds],
        [1.35, 2, 3],
      ),
    });
    expect(fit.leastSensitive.tauSeconds).toBeCloseTo(197.3, 0);
    expect(fit.mostSensitive.k).toBeCloseTo(1.08, 3);
    const band = bandOf(fit);
    expect(tripWindow({ ratingAmps: 20, amps: 40 }, band).slowestSeconds).toBeCloseTo(120, 0);
  });

  test('its error tells how far the points lie off: a tenth too long, a tenth too short', () => {
    const off = points([1.1, 30], [1.3, 180], [1.5, 2, 2.6, 3.4]).map((point, i) => ({
      ...point,
      slowestSeconds: point.slowestSeconds! * (i % 2 === 0 ? 1.1 : 1 / 1.1),
    }));
    const { leastSensitive: slow } = fitCurve({ points: off });
    expect(slow.error).toBeGreaterThan(0.02);
    expect(slow.error).toBeLessThan(Math.log(1.1) + 1e-9);
  });

  test('where an edge never opens its k lies above; what the magnet does is left out', () => {
    const fit = fitCurve({
      points: [
        { multiple: 1.2, fastestSeconds: 90, slowestSeconds: null },
        { multiple: 1.5, fastestSeconds: 25, slowestSeconds: 300 },
        { multiple: 3, fastestSeconds: 5, slowestSeconds: 45 },
        { multiple: 8, fastestSeconds: 0.01, slowestSeconds: 5.6 },
      ],
    });
    expect(fit.leastSensitive.k).toBeGreaterThanOrEqual(1.2);
    expect(fit.leastSensitive.k).toBeLessThan(1.5);
    expect(fit.mostSensitive.tauSeconds).toBeGreaterThan(20);
  });

  test.each([
    [[{ multiple: 2, fastestSeconds: 10, slowestSeconds: 100 }], /two points/],
    [
      [
        { multiple: 2, fastestSeconds: 10, slowestSeconds: 100 },
        { multiple: 3, fastestSeconds: 11, slowestSeconds: 40 },
      ],
      /higher current cannot take longer/,
    ],
    [
      [
        { multiple: 2, fastestSeconds: 10, slowestSeconds: 5 },
        { multiple: 3, fastestSeconds: 4, slowestSeconds: 4 },
      ],
      /latest time cannot be before/,
    ],
    [
      [
        { multiple: 2, fastestSeconds: 10, slowestSeconds: 50 },
        { multiple: 2, fastestSeconds: 9, slowestSeconds: 40 },
      ],
      /listed twice/,
    ],
    [[{ multiple: 0.9, fastestSeconds: 10, slowestSeconds: 50 }], /above 1/],
  ])('refuses %j', (list, message) => {
    expect(() => fitCurve({ points: list })).toThrow(message);
  });
});

describe('cooling down', () => {
  test('the slowest 20 A breaker latches after a minute and has forgotten after ten, worked by hand', () => {
    // 197.3 · ln(1/0.75) = 56.8 s; 197.3 · ln 20 = 591 s
    expect(slowestCoolDown(20).latches).toBeCloseTo(56.8, 0);
    expect(slowestCoolDown(20).forgotten).toBeCloseTo(591, 0);
  });

  test('is where the heat of a breaker without current comes to', () => {
    const { latches, forgotten } = coolDown(197);
    expect(heatAfter(197, 1.8, 0, latches)).toBeCloseTo(0.75 * 1.8, 9);
    expect(heatAfter(197, 1.8, 0, forgotten)).toBeCloseTo(0.05 * 1.8, 9);
  });
});

describe('passing through stretches', () => {
  const element = { thresholdSquared: 1.44, tauSeconds: 120 };
  const stretch = fc.record({
    multiple: fc.double({ min: 0, max: 2.5, noNaN: true }),
    seconds: fc.double({ min: 0, max: 400, noNaN: true }),
  });

  test('cutting a stretch in two changes nothing', () => {
    fc.assert(
      fc.property(
        fc.array(stretch, { minLength: 1, maxLength: 6 }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (list, cut) => {
          const halves = list.flatMap(({ multiple, seconds }) => [
            { multiple, seconds: seconds * cut },
            { multiple, seconds: seconds * (1 - cut) },
          ]);
          const [whole, parts] = [passThrough(element, list), passThrough(element, halves)];
          expect(parts.openedAfter === null).toBe(whole.openedAfter === null);
          expect(parts.openedAfter ?? 0).toBeCloseTo(whole.openedAfter ?? 0, 6);
          expect(parts.heat).toBeCloseTo(whole.heat, 9);
        },
      ),
    );
  });

  test('more current never opens it later', () => {
    const more = (list: { multiple: number; seconds: number }[]) =>
      list.map(({ multiple, seconds }) => ({ multiple: multiple * 1.1, seconds }));
    fc.assert(
      fc.property(fc.array(stretch, { minLength: 1, maxLength: 6 }), (list) => {
        const [base, harder] = [passThrough(element, list), passThrough(element, more(list))];
        expect(harder.openedAfter ?? Infinity).toBeLessThanOrEqual((base.openedAfter ?? Infinity) + 1e-9);
      }),
    );
  });
});
