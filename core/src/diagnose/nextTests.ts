import { outcomesOf, TEST_IDS } from '../causes/index.ts';
import {
  ACTIONS,
  PROFILE_LEVEL,
  SENSE_IDS,
  TESTS,
  type Profile,
  type TestFacts,
  type TestId,
} from '../vocabulary/index.ts';
import type { Assessment } from './assess.ts';
import type { Diagnosis } from './diagnosis.ts';
import { CHANGES_WHAT_IS_RIGHT } from './rightActions.ts';
import { testCost } from './testCosts.ts';
import { barsReset, bestDeed, lossTable } from './verdict.ts';

/** An expected loss below which another test changes little. */
const ENOUGH = 1;
/** Above this loss even a test is done that costs somewhat more than it alone is expected to bring. */
const UNSURE = { from: 3, bears: 1 } as const;

/** Before anything is reset somebody listens, smells, feels and looks, at the lights too: this much more they are worth then. */
const SENSED: ReadonlySet<TestId> = new Set<TestId>(SENSE_IDS);
const CARE = 4;

/** What a record of trips asks for before it is only reset: a trial bare, and where it tripped repeatedly a look inside. */
const AFTER_TRIPS: Partial<Record<TestId, readonly string[]>> = {
  'reset-result-unplugged': ['first-time', 'few', 'many-overload', 'after-dead-short'],
  'terminal-inspection': ['few', 'many-overload', 'after-dead-short'],
};

/** What has to be done before it is reset. */
const isDueFirst = (test: TestId, { choice, results, stops }: Assessment): boolean =>
  stops.length === 0 &&
  ACTIONS[choice.action] === 'reset' &&
  (SENSED.has(test) ||
    results.some(
      (result) => result.test === 'trips-on-record' && AFTER_TRIPS[test]?.includes(result.outcome),
    ));

/**
 * Whether to stop testing: danger stops everything; the decision is good enough; or no test that is left is worth
 * what it costs.
 *
 * @param tests as `nextTests` gives them
 * @example isSettled(assess([]), nextTests(assess([]), 'homeowner')) // false
 */
export function isSettled(assessed: Assessment, tests: Diagnosis['nextTests']): boolean {
  const { choice, stops } = assessed;
  if (stops.length > 0) return true;
  if (tests.some(({ id }) => isDueFirst(id, assessed))) return false;
  if (choice.expected <= ENOUGH) return true;
  const least = choice.expected > UNSURE.from ? -UNSURE.bears : 0;
  return !tests.some(({ value }) => value > least);
}

/** A little of the value is what is learnt for its own sake: it parts tests that would change nothing yet. */
const PER_NAT = 0.6;

/** Tests that switch it on, as a reset does: what bars a reset bars them. */
export const TRIALS: ReadonlySet<TestId> = new Set<TestId>([
  'reset-feel',
  'reset-result',
  'reset-result-unplugged',
]);

/**
 * Tests for which a hand goes to a handle, a plug, the panel or anything that may be wet. While danger stops it, none of
 * them is proposed to anybody: what is left is to look from a distance, and work on the dead panel.
 */
const HANDS_ON: ReadonlySet<TestId> = new Set<TestId>([
  ...TRIALS,
  'handle-finger-test',
  'power-after-reset',
  'panel-touch',
  'face-temperature',
  'test-button',
  'button-after-fitting',
  'downstream-device',
  'appliance-check',
  'load-share',
  'outlet-voltage',
  'outlet-sag',
  'outlet-wiring',
  'branch-off-check',
  'main-off-check',
  'load-wire-lifted',
  'known-good-swap',
]);

/**
 * Whether a test may be done while danger stops it.
 *
 * @example mayDoInDanger('water-signs') // true
 * @example mayDoInDanger('reset-result') // false
 */
export function mayDoInDanger(test: TestId): boolean {
  const { energised }: TestFacts = TESTS[test];
  return !energised && !HANDS_ON.has(test);
}

/**
 * Tests that were not done and that this person may do, by what they are worth. Nothing is switched on to learn more
 * beside what needs work.
 *
 * @example nextTests(assess([]), 'homeowner')[0].id // 'power-loss-extent'
 */
export function nextTests(assessed: Assessment, profile: Profile): Diagnosis['nextTests'] {
  const { probabilities, results, stops, table } = assessed;
  const inDanger = stops.length > 0;
  const done = new Set(results.map(({ test }) => test));
  const now = bestDeed(table, probabilities).expected;
  const barred = barsReset(results);
  return TEST_IDS.filter(
    (id) =>
      !done.has(id) &&
      TESTS[id].level <= PROFILE_LEVEL[profile] &&
      !(barred && TRIALS.has(id)) &&
      (!inDanger || mayDoInDanger(id)),
  )
    .map((id) => ({ id, value: worth(id, assessed, now) + care(id, assessed) - testCost(id) }))
    .sort((a, b) => b.value - a.value);
}

/** What a look is worth beside what it tells: no reset without one. */
const care = (test: TestId, assessed: Assessment): number => (isDueFirst(test, assessed) ? CARE : 0);

/** How far the expected loss is expected to fall once the outcome of a test is known. */
function worth(test: TestId, { probabilities, results, table, stops }: Assessment, now: number): number {
  let then = 0;
  let learnt = 0;
  const changes = CHANGES_WHAT_IS_RIGHT.has(test);
  for (const [outcome, chances] of outcomesOf(test)) {
    let seen = 0;
    for (let i = 0; i < chances.length; i++) seen += chances[i]! * probabilities[i]!;
    if (seen < 1e-9) continue;
    const after = probabilities.map((p, i) => (p * chances[i]!) / seen);
    const its = changes ? lossTable([...results, { test, outcome }], stops.length > 0) : table;
    then += seen * bestDeed(its, after).expected;
    for (let i = 0; i < after.length; i++)
      if (after[i]! > 1e-12) learnt += seen * after[i]! * Math.log(after[i]! / probabilities[i]!);
  }
  return Math.max(0, now - then) + PER_NAT * learnt;
}
