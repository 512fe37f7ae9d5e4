import { keptPerKey } from '../../facts/kept/index.ts';
import { byCauseGiven } from '../causes/index.ts';
import {
  TEST_IDS,
  PROFILE_LEVEL,
  TESTS,
  type Profile,
  type TestFacts,
  type TestId,
} from '../../facts/vocabulary/index.ts';
import type { RatedTest } from './diagnosis.ts';
import { relevantTests } from './relevantTests.ts';
import { isDueFirst } from './dueFirst.ts';
import {
  CHANGES_WHAT_IS_RIGHT,
  leastLossAction,
  lossTable,
  mayTry,
  lossesOf,
  type Assessment,
} from '../actions/index.ts';
import { testCost } from './testCosts.ts';

/** What has to be done first is worth this much more. */
const CARE = 4;

/** A little of the value is what is learned for its own sake: it parts tests that would change nothing yet. */
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
 * @param test id of the test
 * @returns whether it keeps hands off handle, plug and whatever is wet
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
 * @param assessed what the evidence comes to
 * @param profile who would do them
 * @returns the tests with what each is worth and costs, best first
 * @example nextTests(assess([]), 'homeowner')[0].id // 'power-loss-extent'
 */
export const nextTests = (assessed: Assessment, profile: Profile): readonly RatedTest[] =>
  rated(assessed, profile, () => rate(assessed, profile));

/** Each assessment’s tests by who would do them. */
const rated = keptPerKey<Assessment, readonly RatedTest[]>();

function rate(assessed: Assessment, profile: Profile): RatedTest[] {
  const { probabilities, results, hazard, table, known } = assessed;
  const inDanger = hazard.level === 'stop';
  const order = results.map(({ test }) => test);
  const done = new Set(order);
  const now = leastLossAction(lossesOf(profile, table), probabilities).expected;
  const barred = !mayTry(hazard);
  const bears = relevantTests(results, known);
  return TEST_IDS.filter(
    (id) =>
      !done.has(id) &&
      bears(id) &&
      TESTS[id].level <= PROFILE_LEVEL[profile] &&
      !(barred && TRIALS.has(id)) &&
      (!inDanger || mayDoInDanger(id)),
  )
    .map((id) => ({
      id,
      value: worth(id, assessed, now, profile) + care(id, assessed) - testCost(id, order),
    }))
    .sort((a, b) => b.value - a.value);
}

/** What a look is worth beside what it tells: no reset without one. */
const care = (test: TestId, assessed: Assessment): number => (isDueFirst(test, assessed) ? CARE : 0);

/** How far the expected loss is expected to fall once the outcome of a test is known. */
function worth(
  test: TestId,
  { belief, likelihoods, probabilities, results, table, hazard }: Assessment,
  now: number,
  profile: Profile,
): number {
  let then = 0;
  let learned = 0;
  const changes = CHANGES_WHAT_IS_RIGHT.has(test);
  const own = lossesOf(profile, table);
  for (const [outcome, chances] of likelihoods.get(test)!) {
    const after = byCauseGiven(belief, chances);
    let seen = 0;
    for (let c = 0; c < after.length; c++) seen += after[c]!;
    if (seen < 1e-9) continue;
    for (let c = 0; c < after.length; c++) {
      const chance = after[c]! / seen;
      after[c] = chance;
      const before = probabilities[c]!;
      if (chance > 1e-12 && before > 1e-12) learned += seen * chance * Math.log(chance / before);
    }
    const its = changes ? lossesOf(profile, lossTable([...results, { test, outcome }], hazard)) : own;
    then += seen * leastLossAction(its, after).expected;
  }
  return Math.max(0, now - then) + PER_NAT * learned;
}
