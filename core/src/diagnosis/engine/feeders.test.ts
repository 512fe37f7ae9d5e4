import { describe, expect, test } from '@jest/globals';
import { outcomeLevel } from '../../facts/hazards/index.ts';
import { ACTIONS, TESTS, type TestId, type TestResult } from '../../facts/vocabulary/index.ts';
import { diagnose, mayDoInDanger } from './index.ts';

const PROFILES = ['homeowner', 'electrician'] as const;
const results = (outcomes: Partial<Record<TestId, string>>): TestResult[] =>
  Object.entries(outcomes).map(([name, outcome]) => ({ test: name as TestId, outcome }));

/** A feeder, or the main, that has opened. */
const OPEN: [what: string, outcomes: Partial<Record<TestId, string>>][] = [
  [
    'a feeder',
    {
      'power-loss-extent': 'several-circuits',
      'upstream-breaker': 'tripped-or-off',
      'handle-position': 'on',
    },
  ],
  [
    'the main',
    { 'power-loss-extent': 'whole-house', 'upstream-breaker': 'tripped-or-off', 'neighbours-power': 'on' },
  ],
];
/** Beside these it is never closed again. */
const BESIDE: [test: TestId, outcome: string][] = [
  ['insulation-resistance', 'under-1-megohm'],
  ['insulation-resistance', 'near-zero'],
  ['recent-change', 'digging-or-drilling'],
  ['trips-on-record', 'after-dead-short'],
  ['reset-result-unplugged', 'trips-at-once'],
  ['reset-result', 'trips-at-once'],
  ['panel-touch', 'warm'],
  ['water-signs', 'condensation-or-rust'],
];

describe.each(OPEN)('%s that opened', (_what, open) => {
  test.each(BESIDE)('is not closed again beside %s %s', (name, outcome) => {
    for (const profile of PROFILES) {
      const { verdict } = diagnose({ profile, evidence: results({ ...open, [name]: outcome }) });
      expect(['reset', 'keep']).not.toContain(verdict.family);
    }
  });

  test('is closed again where nothing speaks against it', () => {
    for (const profile of PROFILES)
      expect(diagnose({ profile, evidence: results(open) }).verdict.action).toBe('reset-other-device');
  });
});

/** What people come with while a danger shows. */
const COMES_WITH: Partial<Record<TestId, string>>[] = [
  { 'power-loss-extent': 'one-circuit', 'handle-position': 'middle', 'handle-finger-test': 'gives' },
  { 'power-loss-extent': 'none', 'trip-pattern': 'many-loads-together', 'load-share': '100-to-135' },
  { 'power-loss-extent': 'part-of-one-circuit', 'downstream-device': 'tripped' },
];
const DANGERS = (Object.keys(TESTS) as TestId[]).flatMap((name) =>
  TESTS[name].outcomes
    .filter((outcome) => outcomeLevel(name, outcome) === 'stop')
    .map((outcome) => [name, outcome] as const),
);

describe.each(DANGERS)('while %s %s', (name, outcome) => {
  test('nothing is reset, kept or enlarged, and nothing is proposed that touches a handle, a plug or a wet thing', () => {
    for (const profile of PROFILES)
      for (const with_ of COMES_WITH) {
        const { verdict, stop, nextTests, also } = diagnose({
          profile,
          evidence: results({ ...with_, [name]: outcome }),
        });
        expect(stop.active).toBe(true);
        expect(['reset', 'keep', 'need-more']).not.toContain(verdict.family);
        expect(verdict.action).not.toBe('size-up');
        expect(also.filter(({ action }) => ACTIONS[action] === 'reset' || action === 'size-up')).toEqual([]);
        expect(nextTests.filter(({ id }) => !mayDoInDanger(id))).toEqual([]);
      }
  });
});
