import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../../facts/random/index.ts';
import { POPULATIONS, runs, simulatedBreaker } from '../../testing/index.ts';
import {
  beliefFrom,
  effectiveRating,
  openingTimes,
  readTripRecord,
  SIDES,
  trialToSettle,
  type EffectiveRatingInput,
  type TrialEvent,
} from './index.ts';

const tripped = (amps: number, seconds: number, ambientC = 25): TrialEvent => ({
  ambientC,
  segments: [{ amps, seconds }],
  outcome: 'tripped',
});
const held = (amps: number, seconds: number, ambientC = 25): TrialEvent => ({
  ...tripped(amps, seconds, ambientC),
  outcome: 'held',
});
const judge = (...events: EffectiveRatingInput['events']) => effectiveRating({ ratingAmps: 20, events });

describe('the effective rating', () => {
  test('without events is the prior, undetermined', () => {
    const { probability, judgement, ultimateAmps } = judge();
    expect(judgement).toBe('undetermined');
    expect(probability.weak).toBeCloseTo(0.23, 9);
    expect(probability.sound).toBeCloseTo(0.6, 9);
    expect(probability.sluggish).toBeCloseTo(0.17, 9);
    expect(ultimateAmps.p50).toBeGreaterThan(20);
    expect(ultimateAmps.p50).toBeLessThan(27);
  });

  test('a trip that no sound breaker shows is weak, a hold that no sound breaker stands is sluggish', () => {
    expect(judge(tripped(15, 600)).judgement).toBe('weak');
    expect(judge(held(34, 1800)).judgement).toBe('sluggish');
    expect(judge(held(19, 7200), tripped(28, 300)).judgement).toBe('sound');
  });

  test('tells 14.6 A where a breaker trips from 14.6 A, worked by hand', () => {
    // τ = 80 s, k² = (14.6/20)² = 0.5329; at 17 A from cold: 80 · ln(0.7225 / (0.7225 − 0.5329)) = 107.0 s, and so on.
    const seconds = (amps: number) => 80 * Math.log(amps ** 2 / (amps ** 2 - 14.6 ** 2));
    expect(seconds(17)).toBeCloseTo(107, 0);
    const { ultimateAmps } = judge(...[15.5, 17, 19, 24].map((amps) => tripped(amps, seconds(amps))));
    expect(ultimateAmps.p50).toBeCloseTo(14.6, 0);
    expect(ultimateAmps.p05).toBeLessThan(14.6);
    expect(ultimateAmps.p95).toBeGreaterThan(14.6);
    expect(ultimateAmps.p95 - ultimateAmps.p05).toBeLessThan(0.15 * 20);
  });

  test('no single event rules anything out altogether', () => {
    const many = Array.from({ length: 6 }, () => held(20, 7200));
    const { probability } = judge(...many, tripped(12, 300));
    expect(probability.sound + probability.sluggish).toBeGreaterThan(0.5);
    for (const side of SIDES) expect(judge(tripped(15, 600)).probability[side]).toBeGreaterThan(1e-6);
  });

  test('trips in the magnetic range, and 0 A, say nothing', () => {
    expect(judge(tripped(150, 0.02))).toEqual(judge());
    expect(judge(held(0, 3600)).ultimateAmps.p50).toBeCloseTo(judge().ultimateAmps.p50, 9);
  });

  test('an untimed trip tells less than a timed one, and more than none', () => {
    const untimed = judge({ ...tripped(15, 3600), notBeforeSeconds: 60 });
    expect(untimed.probability.weak).toBeGreaterThan(judge().probability.weak);
    const width = ({ ultimateAmps: { p05, p95 } }: ReturnType<typeof judge>) => p95 - p05;
    expect(width(untimed)).toBeGreaterThan(width(judge(tripped(15, 600))));
  });

  test('what ran before counts: the same trip from warm says less against the breaker', () => {
    const cold = judge(tripped(19, 200));
    const warm = judge({
      segments: [
        { amps: 16, seconds: 3600 },
        { amps: 19, seconds: 200 },
      ],
      outcome: 'tripped',
    });
    expect(warm.ultimateAmps.p50).toBeGreaterThan(16);
    expect(warm.ultimateAmps.p05).toBeGreaterThan(cold.ultimateAmps.p05 * 0.9);
  });

  test.each([
    [{ ratingAmps: 5, events: [] }, 'ratingAmps'],
    [{ ratingAmps: 20, events: [{ segments: [], outcome: 'held' }] }, 'segments'],
    [{ ratingAmps: 20, events: [{ segments: [{ amps: -1, seconds: 1 }], outcome: 'held' }] }, 'amps'],
    [
      { ratingAmps: 20, events: [{ ambientC: 900, segments: [{ amps: 1, seconds: 1 }], outcome: 'held' }] },
      'ambientC',
    ],
    [
      {
        ratingAmps: 20,
        events: [{ notBeforeSeconds: 9, segments: [{ amps: 1, seconds: 5 }], outcome: 'tripped' }],
      },
      'notBeforeSeconds',
    ],
  ])('refuses %j', (input, path) => {
    expect(() => effectiveRating(input as EffectiveRatingInput)).toThrow(path);
  });
});

describe('laws of the effective rating', () => {
  const amps = fc.double({ min: 8, max: 60, noNaN: true });
  const seconds = fc.double({ min: 60, max: 900, noNaN: true });
  const few = { numRuns: runs(20, 60) };

  test('probabilities sum to 1, percentiles are in order', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const { probability, ultimateAmps, tauSeconds } = effectiveRating(
          simulatedBreaker(seeded(seed), POPULATIONS[1]!).question,
        );
        expect(probability.weak + probability.sound + probability.sluggish).toBeCloseTo(1, 9);
        for (const { p05, p50, p95 } of [ultimateAmps, tauSeconds]) {
          expect(p05).toBeLessThanOrEqual(p50);
          expect(p50).toBeLessThanOrEqual(p95);
        }
      }),
      few,
    );
  });

  test('hotter surroundings at the same trip mean a stronger breaker', () => {
    fc.assert(
      fc.property(amps, seconds, fc.double({ min: 3, max: 40, noNaN: true }), (a, s, warmer) => {
        const cool = judge(tripped(a, s, 10));
        const hot = judge(tripped(a, s, 10 + warmer));
        expect(hot.ultimateAmps.p50).toBeGreaterThanOrEqual(cool.ultimateAmps.p50 * (1 - 5e-3));
      }),
      few,
    );
    expect(judge(tripped(17, 600, 40)).ultimateAmps.p50).toBeGreaterThan(
      judge(tripped(17, 600, 10)).ultimateAmps.p50,
    );
  });

  test('a later trip at the same current means a stronger breaker', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 32, noNaN: true }),
        fc.double({ min: 20, max: 400, noNaN: true }),
        fc.double({ min: 1.2, max: 2, noNaN: true }),
        (a, s, longer) => {
          const soon = judge(tripped(a, s)).ultimateAmps.p50;
          expect(judge(tripped(a, s * longer)).ultimateAmps.p50).toBeGreaterThanOrEqual(soon * (1 - 5e-3));
        },
      ),
      few,
    );
    const at27 = [30, 60, 120, 300, 600, 1200].map((s) => judge(tripped(27, s)).ultimateAmps.p50);
    expect(at27).toEqual([...at27].sort((a, b) => a - b));
  });

  test('a longer hold, or one at more current, means a stronger breaker', () => {
    // As far as a hold can be believed: from twice the rating on it is ever likelier a wrong note.
    const carried = fc.double({ min: 8, max: 24, noNaN: true });
    fc.assert(
      fc.property(carried, seconds, fc.double({ min: 1, max: 1.4, noNaN: true }), (a, s, more) => {
        const { p50 } = judge(held(a, s)).ultimateAmps;
        expect(judge(held(a, s * more)).ultimateAmps.p50).toBeGreaterThanOrEqual(p50 * (1 - 1e-3));
        expect(judge(held(a * more, s)).ultimateAmps.p50).toBeGreaterThanOrEqual(p50 * (1 - 1e-3));
      }),
      few,
    );
  });

  test('the order of events does not matter', () => {
    const { question } = simulatedBreaker(seeded(4), POPULATIONS[0]!);
    const turned = effectiveRating({ ...question, events: [...question.events].reverse() });
    expect(turned.ultimateAmps.p50).toBeCloseTo(effectiveRating(question).ultimateAmps.p50, 6);
  });

  test('a finer grid moves percentiles by less than 0.5% of the rating', () => {
    const random = seeded(21);
    for (let n = 0; n < 12; n++) {
      const { question } = simulatedBreaker(random, POPULATIONS[n % 2]!);
      const [coarse, fine] = [effectiveRating(question), effectiveRating(question, 2)];
      for (const p of ['p05', 'p50', 'p95'] as const)
        expect(Math.abs(coarse.ultimateAmps[p] - fine.ultimateAmps[p])).toBeLessThan(
          0.005 * question.ratingAmps,
        );
    }
  });
});

describe('calibration over made-up breakers', () => {
  // So few units scatter: the limits are those of `npm run bench` with a little air.
  const UNITS = runs(150, 400);
  test.each(POPULATIONS)('$name', (population) => {
    const random = seeded(8);
    let [covered, judged, wrong] = [0, 0, 0];
    const widths: number[] = [];
    for (let n = 0; n < UNITS; n++) {
      const { side, ultimateAmps: truth, question } = simulatedBreaker(random, population);
      const { ultimateAmps, judgement } = effectiveRating(question);
      if (truth >= ultimateAmps.p05 && truth <= ultimateAmps.p95) covered++;
      if (judgement !== 'undetermined') judged++;
      if (judgement !== 'undetermined' && judgement !== side) wrong++;
      if (question.events.some(({ outcome }) => outcome === 'tripped'))
        widths.push((ultimateAmps.p95 - ultimateAmps.p05) / question.ratingAmps);
    }
    expect(covered / UNITS).toBeGreaterThan(0.85);
    expect(covered / UNITS).toBeLessThan(0.97);
    expect(wrong / judged).toBeLessThanOrEqual(0.04);
    expect(judged / UNITS).toBeGreaterThanOrEqual(0.42);
    expect(widths.sort((a, b) => a - b)[widths.length >> 1]).toBeLessThanOrEqual(0.27);
  });
});

describe('the record of a breaker', () => {
  const events = [held(12, 3600), tripped(16, 500), tripped(150, 0.02)];

  test('event by event: the last belief is the answer, and each says how much it told', () => {
    const { result, contributions, density } = readTripRecord({ ratingAmps: 20, events });
    expect(contributions.map(({ index }) => index)).toEqual([0, 1, 2]);
    expect(contributions.at(-1)!.after).toEqual(result);
    expect(contributions[1]!.bits).toBeGreaterThan(1);
    expect(contributions[0]!.bits).toBeGreaterThan(0);
    expect(contributions[2]!.bits).toBe(0);
    const sum = density
      .slice(1)
      .reduce((total, { amps, now }, i) => total + now * (amps - density[i]!.amps), 0);
    expect(sum).toBeCloseTo(1, 1);
  });
});

describe('when this breaker', () => {
  test('a weak one opens where a sound one holds, sooner from warm', () => {
    const belief = beliefFrom({ ratingAmps: 20, events: [tripped(15, 600), tripped(17, 200)] });
    const cold = openingTimes(belief, 18);
    expect(cold.never).toBeLessThan(0.05);
    expect(cold.p05!).toBeLessThan(cold.p50!);
    expect(openingTimes(belief, 18, [{ amps: 10, seconds: 3600 }]).p50!).toBeLessThan(cold.p50!);
    expect(openingTimes(belief, 8).never).toBeGreaterThan(0.95);
  });
});

describe('a trial that settles it', () => {
  const ask = (
    events: EffectiveRatingInput['events'],
    ampacity: number | null = 25,
    loads = [{ name: 'Press', amps: 14 }],
  ) => trialToSettle({ ratingAmps: 20, events }, ampacity, loads);

  test('is not asked for without a trip, nor where the record settles it', () => {
    expect(ask([held(10, 600)]).kind).toBe('no-record');
    expect(ask([tripped(15, 600)]).kind).toBe('settled');
  });

  test('never runs above the rating or the ampacity, and names loads where they nearly reach it', () => {
    const doubtful = [tripped(20.6, 700)];
    const trial = ask(doubtful, 25, [
      { name: 'Press', amps: 14 },
      { name: 'Lamp', amps: 5.8 },
      { name: 'Kettle', amps: 12 },
    ]);
    expect(trial).toMatchObject({
      kind: 'trial',
      loads: ['Press', 'Lamp'],
      ifHeld: 'sound',
      ifTripped: 'weak',
    });
    fc.assert(
      fc.property(
        fc.double({ min: 14, max: 40, noNaN: true }),
        fc.double({ min: 60, max: 3000, noNaN: true }),
        (a, s) => {
          const found = ask([tripped(a, s)], 18);
          if (found.kind === 'trial') expect(found.amps).toBeLessThanOrEqual(18);
        },
      ),
      { numRuns: 20 },
    );
  });

  test('nothing is tried while it is not known what the conductor carries', () => {
    expect(ask([tripped(20.6, 700)], null)).toEqual({ kind: 'conductor-first' });
  });

  test('where only more than the rating would tell, the breaker goes off the panel', () => {
    const slow = [tripped(40, 130), held(20, 7200)];
    expect(effectiveRating({ ratingAmps: 20, events: slow }).judgement).toBe('undetermined');
    expect(ask(slow)).toEqual({ kind: 'off-panel', limitAmps: 20 });
  });
});

test('law: whatever is on record, the answer is whole', () => {
  const anyEvent = fc.record({
    ambientC: fc.double({ min: -20, max: 60, noNaN: true }),
    segments: fc.array(
      fc.record({
        amps: fc.oneof(fc.constant(0), fc.double({ min: 0, max: 10_000, noNaN: true })),
        seconds: fc.oneof(fc.constant(0), fc.double({ min: 0, max: 31_557_600, noNaN: true })),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    outcome: fc.constantFrom('held' as const, 'tripped' as const),
    untimed: fc.boolean(),
  });
  const events = fc.array(anyEvent, { maxLength: 8 }).map((list) =>
    list.map(({ untimed, ...event }) => {
      const { seconds } = event.segments.at(-1)!;
      return untimed && seconds > 0 ? { ...event, notBeforeSeconds: seconds / 2 } : event;
    }),
  );
  fc.assert(
    fc.property(fc.double({ min: 10, max: 225, noNaN: true }), events, (ratingAmps, list) => {
      const { probability, ultimateAmps, tauSeconds } = effectiveRating({ ratingAmps, events: list });
      expect(probability.weak + probability.sound + probability.sluggish).toBeCloseTo(1, 6);
      for (const figure of [...Object.values(ultimateAmps), ...Object.values(tauSeconds)]) {
        expect(Number.isFinite(figure)).toBe(true);
        expect(figure).toBeGreaterThan(0);
      }
    }),
    { numRuns: runs(50, 150) },
  );
});
