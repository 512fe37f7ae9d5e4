import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { THERMAL_TRIP_CLASSES } from '../../facts/standards/index.ts';
import { judgeTrip, leastSensitive, secondsToOpen, tripWindow } from './index.ts';

describe('tripWindow at the points of the standard', () => {
  const ratings = [15, 20, 30, 40, 50, 60, 100, 125, 150, 200, 225];

  test.each(ratings)('a %i A breaker holds 100% and meets 135, 200 and 300%', (ratingAmps) => {
    const limits = THERMAL_TRIP_CLASSES.find((c) => ratingAmps <= c.upToAmps)!;
    const at = (multiple: number) => tripWindow({ ratingAmps, amps: ratingAmps * multiple });
    expect(at(1)).toMatchObject({ region: 'holds', fastestSeconds: null, slowestSeconds: null });
    expect(at(1.35).region).toBe('will-trip');
    expect(at(1.35).slowestSeconds).toBeLessThanOrEqual(limits.at135);
    expect(at(2).slowestSeconds).toBeLessThanOrEqual(limits.at200 * (1 + 1e-9));
    expect(at(3).slowestSeconds).toBeLessThanOrEqual(limits.at300 * (1 + 1e-9));
    const closest = Math.max(at(2).slowestSeconds! / limits.at200, at(3).slowestSeconds! / limits.at300);
    expect(closest).toBeCloseTo(1, 6);
  });

  test('time constants of the slowest breaker, worked by hand from the points', () => {
    // 120 s / ln(4 / (4 − 1.8225)) = 197.3; 80 s / ln(9 / (9 − 1.8225)) = 353.6 (300% binds there); and so on.
    expect(leastSensitive(20).tauSeconds).toBeCloseTo(197.32, 1);
    expect(leastSensitive(40).tauSeconds).toBeCloseTo(353.5, 0);
    expect(leastSensitive(100).tauSeconds).toBeCloseTo(592.0, 0);
    expect(leastSensitive(125).tauSeconds).toBeCloseTo(789.3, 0);
    expect(leastSensitive(200).tauSeconds / 987).toBeCloseTo(1, 2);
  });

  test('20 A at 40 A: the quickest sound breaker, worked by hand', () => {
    // τ/6 = 32.89 s; 32.89 · ln(4 / (4 − 1.1664)) = 11.34 s
    expect(tripWindow({ ratingAmps: 20, amps: 40 }).fastestSeconds).toBeCloseTo(11.34, 1);
  });
});

describe('tripWindow regions', () => {
  test('between the two edges a sound breaker may or may not trip', () => {
    expect(tripWindow({ ratingAmps: 20, amps: 25 })).toMatchObject({
      region: 'may-trip',
      slowestSeconds: null,
    });
  });

  test('at 40 °C the most sensitive breaker still carries its rating, at 60 °C it does not', () => {
    expect(tripWindow({ ratingAmps: 20, amps: 20, ambientC: 40 }).region).toBe('holds');
    expect(tripWindow({ ratingAmps: 20, amps: 20, ambientC: 60 }).region).toBe('may-trip');
  });

  test('the magnetic range', () => {
    expect(tripWindow({ ratingAmps: 20, amps: 120 }).fastestSeconds).toBeLessThan(0.02);
    expect(tripWindow({ ratingAmps: 20, amps: 399 }).region).toBe('will-trip');
    const snap = tripWindow({ ratingAmps: 20, amps: 400 });
    expect(snap.region).toBe('instantaneous');
    expect(snap.slowestSeconds).toBeLessThanOrEqual(0.1);
  });

  test.each([
    [{ ratingAmps: 0, amps: 1 }, 'ratingAmps'],
    [{ ratingAmps: 20, amps: -1 }, 'amps'],
    [{ ratingAmps: 20, amps: 30, ambientC: 900 }, 'ambientC'],
    [{ ratingAmps: 20, amps: 30, preloadAmps: 21 }, 'preloadAmps'],
  ])('impossible questions are refused: %j', (input, path) => {
    expect(() => tripWindow(input)).toThrow(path);
  });
});

describe('laws', () => {
  const rating = fc.double({ min: 10, max: 225, noNaN: true });
  const multiple = fc.double({ min: 0, max: 40, noNaN: true });
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const ambient = fc.double({ min: -20, max: 60, noNaN: true });
  const orNever = (seconds: number | null) => seconds ?? Infinity;

  test('more current never trips later', () => {
    fc.assert(
      fc.property(rating, multiple, multiple, share, ambient, (ratingAmps, m1, m2, preload, ambientC) => {
        const ask = (m: number) =>
          tripWindow({ ratingAmps, amps: m * ratingAmps, preloadAmps: preload * ratingAmps, ambientC });
        const [less, more] = [ask(Math.min(m1, m2)), ask(Math.max(m1, m2))];
        expect(orNever(more.fastestSeconds)).toBeLessThanOrEqual(orNever(less.fastestSeconds) + 1e-9);
        expect(orNever(more.slowestSeconds)).toBeLessThanOrEqual(orNever(less.slowestSeconds) + 1e-9);
      }),
    );
  });

  test('more preload or hotter surroundings never trip later; the fastest never after the slowest', () => {
    fc.assert(
      fc.property(rating, multiple, share, share, ambient, ambient, (ratingAmps, m, p1, p2, t1, t2) => {
        const ask = (preload: number, ambientC: number) =>
          tripWindow({ ratingAmps, amps: m * ratingAmps, preloadAmps: preload * ratingAmps, ambientC });
        const mild = ask(Math.min(p1, p2), Math.min(t1, t2));
        const harsh = ask(Math.max(p1, p2), Math.max(t1, t2));
        expect(orNever(harsh.fastestSeconds)).toBeLessThanOrEqual(orNever(mild.fastestSeconds) + 1e-9);
        expect(orNever(harsh.slowestSeconds)).toBeLessThanOrEqual(orNever(mild.slowestSeconds) + 1e-9);
        expect(orNever(mild.fastestSeconds)).toBeLessThanOrEqual(orNever(mild.slowestSeconds));
      }),
    );
  });
});

describe('judgeTrip', () => {
  test('16 A never opens a sound 20 A breaker, 27 A may take half an hour, 60 A may not take five minutes', () => {
    expect(judgeTrip({ ratingAmps: 20, amps: 16 }, 480)).toBe('too-early');
    expect(judgeTrip({ ratingAmps: 20, amps: 27 }, 1800)).toBe('within-band');
    expect(judgeTrip({ ratingAmps: 20, amps: 60 }, 300)).toBe('too-late');
  });

  test('what a clamp misreads by 5% or a clock by a quarter counts for the breaker', () => {
    expect(judgeTrip({ ratingAmps: 20, amps: 21 }, 1800)).toBe('within-band');
    expect(judgeTrip({ ratingAmps: 20, amps: 40 }, 10)).toBe('within-band');
    expect(judgeTrip({ ratingAmps: 20, amps: 40 }, 145)).toBe('within-band');
  });
});

describe('the closed form', () => {
  /** θ' = (r² − θ)/τ by the classical fourth-order Runge–Kutta method, until θ reaches the threshold. */
  function integrated(
    thresholdSquared: number,
    tauSeconds: number,
    multiple: number,
    preload: number,
  ): number | null {
    const slope = (heat: number) => (multiple ** 2 - heat) / tauSeconds;
    const step = tauSeconds / 2000;
    let heat = preload ** 2;
    for (let time = 0; time < 12 * tauSeconds; time += step) {
      const a = slope(heat);
      const b = slope(heat + (a * step) / 2);
      const c = slope(heat + (b * step) / 2);
      const d = slope(heat + c * step);
      const next = heat + ((a + 2 * b + 2 * c + d) * step) / 6;
      if (next >= thresholdSquared) return time + (step * (thresholdSquared - heat)) / (next - heat);
      heat = next;
    }
    return null;
  }

  test('agrees with a step-by-step integration', () => {
    const multiple = fc.double({ min: 1.2, max: 5, noNaN: true });
    fc.assert(
      fc.property(
        multiple,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 1.1, max: 1.9, noNaN: true }),
        (r, preload, k2) => {
          const exact = secondsToOpen({ thresholdSquared: k2, tauSeconds: 197 }, r, preload);
          const stepped = integrated(k2, 197, r, preload);
          if (stepped !== null) expect(stepped / exact!).toBeCloseTo(1, 3);
          else expect(exact === null || exact > 11 * 197).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('a breaker whose heat is past its threshold has opened already', () => {
    expect(secondsToOpen({ thresholdSquared: 0.8, tauSeconds: 33 }, 0, 1)).toBe(0);
    expect(tripWindow({ ratingAmps: 20, amps: 5, preloadAmps: 20, ambientC: 60 })).toMatchObject({
      region: 'may-trip',
      fastestSeconds: 0,
    });
  });
});
