import { describe, expect, test } from '@jest/globals';
import { runs } from '../../testing/index.ts';
import fc from 'fast-check';
import type { PriorContext } from '../causes/index.ts';
import {
  TEST_IDS,
  type TestResult,
  COMPLAINTS,
  TESTS,
  type Profile,
  type TestId,
} from '../../facts/vocabulary/index.ts';
import { relevantTests, impliedBy } from './relevantTests.ts';
import { aboutLeft, assess, canBe, nextTests, worthAsking } from './index.ts';

const found = (outcomes: Partial<Record<TestId, string>>): TestResult[] =>
  Object.entries(outcomes).map(([name, outcome]) => ({ test: name as TestId, outcome }));

/** What can never apply, by what is known and by what was found. */
const NEVER: [
  what: string,
  known: PriorContext,
  outcomes: Partial<Record<TestId, string>>,
  tests: TestId[],
][] = [
  ['a standard breaker', { breakerKind: 'standard' }, {}, ['test-button', 'button-after-fitting']],
  [
    'a breaker that was there before',
    { breakerKind: 'gfci', newlyFitted: false },
    {},
    ['button-after-fitting'],
  ],
  ['electronics', { breakerKind: 'afci' }, {}, ['trip-vs-curve']],
  [
    'nothing that can be plugged in',
    { pluggable: false },
    {},
    [
      'reset-result-unplugged',
      'appliance-check',
      'outlet-voltage',
      'outlet-sag',
      'outlet-wiring',
      'downstream-device',
    ],
  ],
  [
    'nothing dead and nothing tripped',
    { tripped: false },
    { 'power-loss-extent': 'none', 'handle-position': 'on', 'handle-finger-test': 'firm' },
    [
      'reset-feel',
      'reset-result',
      'reset-result-unplugged',
      'power-after-reset',
      'trip-pattern',
      'trips-on-record',
      'trip-indicator',
    ],
  ],
  [
    'one circuit is dead',
    {},
    { 'power-loss-extent': 'one-circuit' },
    ['neighbours-power', 'outlet-sag', 'branch-off-check', 'face-temperature'],
  ],
  [
    'part of a circuit is dead',
    {},
    { 'power-loss-extent': 'part-of-one-circuit' },
    ['neighbours-power', 'upstream-breaker'],
  ],
  [
    'all of it is dead',
    {},
    { 'power-loss-extent': 'whole-house' },
    ['light-behaviour', 'main-off-check', 'outlet-voltage', 'downstream-device', 'leg-balance'],
  ],
  [
    'a breaker that trips',
    { complaint: 'trips', tripped: true },
    {},
    ['power-loss-extent', 'neighbours-power', 'upstream-breaker'],
  ],
  ['it holds with its loads', { tripped: true }, { 'reset-result': 'holds' }, ['reset-result-unplugged']],
];

test.each(NEVER)('%s: what cannot apply is not asked', (_what, known, outcomes, never) => {
  const bears = relevantTests(found(outcomes), known);
  expect(never.filter((name) => bears(name))).toEqual([]);
});

describe('the law, over drawn records and complaints', () => {
  const context = fc.record<PriorContext>(
    {
      breakerKind: fc.constantFrom('standard', 'gfci', 'afci', 'dual'),
      poles: fc.constantFrom(1, 2),
      ageYears: fc.integer({ min: 0, max: 60 }),
      newlyFitted: fc.boolean(),
      pluggable: fc.boolean(),
      tripped: fc.boolean(),
      complaint: fc.constantFrom(...COMPLAINTS),
    },
    { requiredKeys: [] },
  );
  const results = fc
    .uniqueArray(fc.constantFrom(...TEST_IDS), { maxLength: 8 })
    .chain((tests) =>
      fc.tuple(
        ...tests.map((name) =>
          fc
            .constantFrom(...(TESTS[name].outcomes as readonly string[]))
            .map((outcome) => ({ test: name, outcome })),
        ),
      ),
    );

  test('nothing that cannot apply is proposed, to anybody; what is proposed has an outcome this breaker can give', () => {
    fc.assert(
      fc.property(
        context,
        results,
        fc.constantFrom<Profile>('homeowner', 'electrician'),
        (known, done, profile) => {
          const assessed = assess(done, known);
          const proposed = new Set(nextTests(assessed, profile).map(({ id }) => id));
          const told = (name: TestId) => done.find((one) => one.test === name)?.outcome;
          for (const [, about, outcomes, never] of NEVER) {
            const holds =
              Object.entries(about).every(([key, value]) => known[key as keyof PriorContext] === value) &&
              Object.entries(outcomes).every(([name, outcome]) => told(name as TestId) === outcome);
            // Other that was found may say otherwise: a handle that is tripped, a reset that did not hold.
            const alone = done.length === Object.keys(outcomes).length;
            if (holds && alone) expect(never.filter((name) => proposed.has(name))).toEqual([]);
          }
          if (known.breakerKind === 'standard') expect(proposed.has('test-button')).toBe(false);
          if (known.pluggable === false) expect(proposed.has('appliance-check')).toBe(false);
          if (known.complaint === 'trips') expect(proposed.has('power-loss-extent')).toBe(false);
          for (const name of proposed)
            expect(
              (TESTS[name].outcomes as readonly string[]).some((outcome) =>
                canBe(name, outcome, assessed.known),
              ),
            ).toBe(true);
        },
      ),
      { numRuns: runs(120, 400) },
    );
  });

  test('the more was asked the less is still worth asking; how much is left is told within bounds', () => {
    fc.assert(
      fc.property(
        results,
        fc.constantFrom<Profile>('homeowner', 'electrician'),
        fc.nat(12),
        (done, profile, asked) => {
          const assessed = assess(done);
          const tests = nextTests(assessed, profile);
          const now = worthAsking(assessed, tests, profile, asked);
          const later = worthAsking(assessed, tests, profile, asked + 5);
          expect(later.every((name) => now.includes(name))).toBe(true);
          const left = aboutLeft(assessed, profile, asked);
          expect(left).toBeGreaterThanOrEqual(0);
          expect(left).toBeLessThanOrEqual(6);
          if (now.length === 0) expect(left).toBe(0);
        },
      ),
      { numRuns: 60 },
    );
  });
});

test('after a first trip its load is asked before it is only reset and watched', () => {
  const told = found({
    ...{ 'power-loss-extent': 'one-circuit', 'trips-on-record': 'first-time', 'reset-feel': 'clean-clicks' },
    ...{ 'trip-pattern': 'random', 'recent-change': 'none', 'handle-position': 'on' },
    ...{ 'handle-finger-test': 'gives', 'trip-indicator': 'no-indicator', 'power-after-reset': 'restored' },
    ...{ sound: 'quiet', smell: 'none', 'water-signs': 'dry', 'panel-touch': 'cool' },
    ...{ 'light-behaviour': 'steady', 'line-side-voltage': 'both-legs-normal' },
  });
  const asked = (results: typeof told) => {
    const assessed = assess(results);
    return [assessed.choice.action, worthAsking(assessed, nextTests(assessed, 'electrician'), 'electrician')];
  };
  expect(asked(told)).toEqual(['reset-and-watch', expect.arrayContaining(['load-share'])]);
  expect(asked([...told, ...found({ 'load-share': '100-to-135' })])[0]).not.toBe('reset-and-watch');
});

test('an outcome that implies a kind is used as such', () => {
  expect(impliedBy(found({ 'test-button': 'trips-and-resets' })).breakerKind).toBe('dual');
  expect(impliedBy(found({ 'test-button': 'no-button' })).breakerKind).toBe('standard');
  expect(impliedBy(found({ 'handle-position': 'one-half-low' })).poles).toBe(2);
  expect(impliedBy(found({ 'button-after-fitting': 'holds' })).newlyFitted).toBe(true);
  // What is on record stands.
  expect(impliedBy(found({ 'test-button': 'trips-and-resets' }), { breakerKind: 'gfci' }).breakerKind).toBe(
    'gfci',
  );
});

test('half of a linked pair is not offered for a single pole, nor a missing button for a protected breaker', () => {
  expect(canBe('handle-position', 'one-half-low', { poles: 1 })).toBe(false);
  expect(canBe('load-terminal-voltage', 'one-pole-zero', { poles: 1 })).toBe(false);
  expect(canBe('handle-position', 'one-half-low', { poles: 2 })).toBe(true);
  expect(canBe('test-button', 'no-button', { breakerKind: 'afci' })).toBe(false);
});

test('a dead button on a circuit without supply says nothing', () => {
  const dead = { 'power-after-reset': 'still-dead', 'power-loss-extent': 'one-circuit' } as const;
  const known = { breakerKind: 'gfci' } as const;
  const chance = (more: Partial<Record<TestId, string>>) =>
    [...assess(found({ ...dead, ...more }), known).probabilities].map((p) => p.toFixed(9));
  expect(chance({ 'test-button': 'does-not-trip' })).toEqual(chance({}));
  expect(chance({ 'test-button': 'will-not-reset' })).not.toEqual(chance({}));
});
