import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { beliefFrom } from '../breakerEstimate/index.ts';
import { seeded } from '../../facts/random/index.ts';
import { bandFor, passThrough } from '../trip/index.ts';
import {
  currentOf,
  drawProfile,
  opensAfter,
  profileQuestion,
  profileTimes,
  soundBreakers,
  thisBreaker,
  tripChance,
  type ProfileQuestion,
  type RunningLoad,
} from './index.ts';

const load = (change: Partial<RunningLoad> & { id: string; amps: number }): RunningLoad => ({
  onSeconds: null,
  offSeconds: null,
  surgeTimes: null,
  surgeSeconds: null,
  ...change,
});
const ask = (question: Partial<ProfileQuestion>) => profileQuestion.parse({ ratingAmps: 20, ...question });
const stretches = (question: ReturnType<typeof ask>) => {
  const drawn = drawProfile(question, 100_000);
  const end = question.hours * 3600;
  return drawn.map(({ from, amps }, i) => ({ amps, seconds: (drawn[i + 1]?.from ?? end) - from }));
};

const someLoad = fc
  .record({
    amps: fc.double({ min: 0.5, max: 18, noNaN: true }),
    onSeconds: fc.integer({ min: 130, max: 2000 }),
    offSeconds: fc.integer({ min: 30, max: 2000 }),
    surge: fc.boolean(),
    cycles: fc.boolean(),
  })
  .map(({ amps, onSeconds, offSeconds, surge, cycles }, i = 0) =>
    load({
      id: `l${i}`,
      amps,
      ...(cycles ? { onSeconds, offSeconds } : {}),
      ...(surge ? { surgeTimes: 4, surgeSeconds: 2 } : {}),
    }),
  );
const someLoads = fc
  .array(someLoad, { minLength: 1, maxLength: 5 })
  .map((loads) => loads.map((one, i) => ({ ...one, id: `l${i}` })));

describe('the current of loads in their turns', () => {
  test('surge, run, rest, and again', () => {
    const question = ask({
      hours: 0.5,
      loads: [load({ id: 'a', amps: 5, onSeconds: 600, offSeconds: 300, surgeTimes: 6, surgeSeconds: 1 })],
    });
    expect(stretches(question)).toEqual([
      { amps: 30, seconds: 1 },
      { amps: 5, seconds: 599 },
      { amps: 0, seconds: 300 },
      { amps: 30, seconds: 1 },
      { amps: 5, seconds: 599 },
      { amps: 0, seconds: 300 },
    ]);
  });

  test('law: over whole turns every load carries its share of the time', () => {
    fc.assert(
      fc.property(someLoad, fc.double({ min: 0, max: 1, noNaN: true }), (one, share) => {
        fc.pre(one.onSeconds !== null);
        const turn = one.onSeconds! + one.offSeconds!;
        const question = ask({ hours: (turn * 3) / 3600, loads: [{ ...one, id: 'a' }] });
        const current = currentOf(question, [share * turn]);
        let [elapsed, charge] = [0, 0];
        while (elapsed < turn * 3 - 1e-6) {
          const seconds = current.next(turn * 3 - elapsed);
          charge += current.amps * seconds;
          elapsed += seconds;
        }
        const perTurn = one.amps * (one.onSeconds! + (one.surgeTimes === null ? 0 : 3 * 2));
        expect(charge / (3 * perTurn)).toBeCloseTo(1, 6);
      }),
    );
  });

  test('law: the current is the sum of its loads, whatever their turns', () => {
    fc.assert(
      fc.property(someLoads, (loads) => {
        const question = ask({ hours: 2, loads });
        const at = (question: ReturnType<typeof ask>, t: number) =>
          drawProfile(question, 100_000).findLast(({ from }) => from <= t)!.amps;
        for (const t of [0.5, 61.3, 1777.7, 6900.1]) {
          const each = loads.map((one) => at(ask({ hours: 2, loads: [one] }), t));
          expect(at(question, t)).toBeCloseTo(
            each.reduce((a, b) => a + b, 0),
            9,
          );
        }
      }),
      { numRuns: 50 },
    );
  });

  test('a logged current begins again at its end', () => {
    const question = ask({
      hours: 0.1,
      logged: [
        { amps: 3, seconds: 100 },
        { amps: 9, seconds: 50 },
      ],
    });
    expect(stretches(question).map(({ amps }) => amps)).toEqual([3, 9, 3, 9, 3]);
  });
});

describe('when it opens', () => {
  test('law: the same as passing through the stretches', () => {
    fc.assert(
      fc.property(someLoads, (loads) => {
        const question = ask({ hours: 3, loads });
        const element = bandFor(20).mostSensitive;
        const multiples = stretches(question).map(({ amps, seconds }) => ({ multiple: amps / 20, seconds }));
        const { openedAfter } = passThrough(element, multiples);
        const found = opensAfter({ ...element, pickup: Infinity }, 20, currentOf(question), 3 * 3600);
        if (openedAfter === null) expect(found).toBe(Infinity);
        else expect(found).toBeCloseTo(openedAfter, 6);
      }),
    );
  });

  test('a start in the magnetic range opens it at once', () => {
    const question = ask({ loads: [load({ id: 'a', amps: 16, surgeTimes: 8, surgeSeconds: 0.1 })] });
    expect(profileTimes(question).sound).toEqual({ fastestSeconds: 0, slowestSeconds: null });
  });

  test('tells what it amounts to: a 40 A load for the third of the time heats like 23.1 A', () => {
    const told = profileTimes({
      ratingAmps: 100,
      hours: 1,
      loads: [load({ id: 'a', amps: 40, onSeconds: 600, offSeconds: 1200 })],
    });
    expect(told).toMatchObject({ peakAmps: 40, sound: { fastestSeconds: null, slowestSeconds: null } });
    expect(told.rmsAmps).toBeCloseTo(40 / Math.sqrt(3), 9);
  });

  test('this breaker by its record: one that opens at 15 A opens on 16 A', () => {
    const events = [1, 2].map(() => ({
      segments: [{ amps: 15, seconds: 600 }],
      outcome: 'tripped' as const,
    }));
    const told = profileTimes({ ratingAmps: 20, loads: [load({ id: 'a', amps: 17 })], events });
    expect(told.sound.fastestSeconds).toBeNull();
    expect(told.unit!.never).toBeLessThan(0.05);
  });

  test.each([
    [{ loads: [] }, /loads that run/],
    [{ loads: [load({ id: 'a', amps: 1, onSeconds: 5 })] }, /time on and a time off/],
    [{ loads: [load({ id: 'a', amps: 1, surgeTimes: 5 })] }, /multiple and a time/],
    [
      { loads: [load({ id: 'a', amps: 1, onSeconds: 2, offSeconds: 2, surgeTimes: 5, surgeSeconds: 3 })] },
      /longer than the load is on/,
    ],
  ])('refuses %j', (question, message) => {
    expect(() => profileTimes({ ratingAmps: 20, ...question })).toThrow(message);
  });
});

describe('the chance of a trip', () => {
  const run = (
    question: ReturnType<typeof ask>,
    units: number,
    draw = soundBreakers(20, question.ambientC),
    seed = 5,
  ) => {
    const work = tripChance(question, draw, units, seeded(seed));
    const steps: number[] = [];
    for (;;) {
      const { done, value } = work.next();
      if (done) return { result: value, steps };
      steps.push(value);
    }
  };

  test('none under the rating, all far above it; the hours add up', () => {
    expect(run(ask({ loads: [load({ id: 'a', amps: 19 })] }), 500).result).toMatchObject({
      opened: 0,
      share: 0,
      low: 0,
    });
    const { result } = run(ask({ loads: [load({ id: 'a', amps: 40 })] }), 500);
    expect(result).toMatchObject({ opened: 500, share: 1, high: 1 });
    expect(result.byHour.reduce((a, b) => a + b, 0)).toBe(500);
    expect(result.byHour).toHaveLength(24);
  });

  test('at a steady current it is the share of breakers whose threshold lies below', () => {
    const question = ask({ hours: 24, loads: [load({ id: 'a', amps: 24 })] });
    const draw = soundBreakers(20, 25);
    const random = seeded(99);
    const below = Array.from({ length: 4000 }, () => draw(random)).filter(
      (u) => u.thresholdSquared < 1.44,
    ).length;
    const { result } = run(question, 4000);
    expect(Math.abs(result.share - below / 4000)).toBeLessThan(0.04);
    expect(result.low).toBeLessThan(result.share);
    expect(result.high).toBeGreaterThan(result.share);
  });

  test('hotter air opens more of them; the same seed gives the same answer', () => {
    const loads = [load({ id: 'a', amps: 14, onSeconds: 900, offSeconds: 600 }), load({ id: 'b', amps: 8 })];
    const cool = run(ask({ hours: 8, loads }), 800).result;
    const hot = run(ask({ hours: 8, ambientC: 50, loads }), 800).result;
    expect(hot.share).toBeGreaterThan(cool.share);
    expect(run(ask({ hours: 8, loads }), 800).result).toEqual(cool);
  });

  test('tells how far it is', () => {
    const { steps } = run(ask({ hours: 1, loads: [load({ id: 'a', amps: 22 })] }), 1000);
    expect(steps.length).toBeGreaterThan(5);
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
  });

  test('this breaker by its record, not by its band', () => {
    const belief = beliefFrom({
      ratingAmps: 20,
      events: [1, 2].map(() => ({ segments: [{ amps: 14, seconds: 500 }], outcome: 'tripped' as const })),
    });
    const question = ask({ hours: 4, loads: [load({ id: 'a', amps: 17 })] });
    expect(run(question, 400, thisBreaker(belief, 25)).result.share).toBeGreaterThan(0.9);
    expect(run(question, 400).result.share).toBe(0);
  });
});
