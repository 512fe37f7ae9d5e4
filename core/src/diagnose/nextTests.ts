import { outcomesOf, TEST_IDS } from '../causes/index.ts';
import {
  ACTIONS,
  PROFILE_LEVEL,
  SENSE_IDS,
  TESTS,
  type ActionId,
  type Profile,
  type TestFacts,
  type TestId,
} from '../vocabulary/index.ts';
import type { Assessment } from './assess.ts';
import type { Diagnosis } from './diagnosis.ts';
import { bearsOn } from './bearsOn.ts';
import { staysOn } from './losses.ts';
import { CHANGES_WHAT_IS_RIGHT } from './rightActions.ts';
import { testCost } from './testCosts.ts';
import { barsReset, bestDeed, lossTable } from './verdict.ts';
import { lossesOf } from './whoDoesIt.ts';

/** Before anything is reset, or left on, somebody listens, smells, feels and looks, at the lights too: this much more they are worth then. */
const SENSED: ReadonlySet<TestId> = new Set<TestId>(SENSE_IDS);
const CARE = 4;

/** What a record of trips asks for before it is only reset: a trial bare, and where it tripped repeatedly a look inside. */
const AFTER_TRIPS: Partial<Record<TestId, readonly string[]>> = {
  'reset-result-unplugged': ['first-time', 'few', 'many-overload', 'after-dead-short'],
  'terminal-inspection': ['few', 'many-overload', 'after-dead-short'],
};

/** Before nobody does anything, or waits: what anybody would ask who was told so. */
const BEFORE: Partial<Record<ActionId, readonly TestId[]>> = {
  'wait-for-supply': ['neighbours-power'],
  'call-utility': ['main-load-side-voltage'],
  keep: ['conductor-vs-breaker', 'terminal-inspection'],
  'shed-load': ['terminal-inspection'],
  'cool-surroundings': ['terminal-inspection'],
  'repair-appliance': ['terminal-inspection'],
};

/** Where a breaker gives nothing, its supply is measured before it is condemned; where lights dim, before the circuit is left on. */
const GIVES_NOTHING: readonly string[] = ['zero', 'one-pole-zero', 'low'];
const isForItsSupply = (test: TestId, { choice: { action }, results }: Assessment): boolean => {
  if (test !== 'line-side-voltage' || action === 'gather-more') return false;
  const shows = (of: TestId, ...outcomes: readonly string[]) =>
    results.some((one) => one.test === of && outcomes.includes(one.outcome));
  return ACTIONS[action] === 'replace'
    ? shows('load-terminal-voltage', ...GIVES_NOTHING)
    : staysOn(action) && shows('light-behaviour', 'dims-on-start');
};

/** Where it snapped, an appliance is not blamed before the wiring was cleared: bare, or by its insulation. */
const CLEARS_THE_WIRING: ReadonlySet<TestId> = new Set<TestId>([
  'reset-result-unplugged',
  'insulation-resistance',
]);
const isForTheWiring = (test: TestId, { choice: { action }, results }: Assessment): boolean =>
  CLEARS_THE_WIRING.has(test) &&
  action === 'repair-appliance' &&
  results.some(
    (one) =>
      (one.test === 'trips-on-record' && one.outcome === 'after-dead-short') ||
      (one.test === 'reset-result' && one.outcome === 'trips-at-once'),
  ) &&
  !results.some(
    (one) =>
      CLEARS_THE_WIRING.has(one.test) ||
      (one.test === 'appliance-check' && one.outcome === 'trips-there-too'),
  );

/** What has to be done before it is left on as it is, before it is reset, and before a part is blamed for its supply, or an appliance for the wiring. */
export function isDueFirst(test: TestId, assessed: Assessment): boolean {
  const {
    choice: { action },
    results,
    stops,
  } = assessed;
  if (isForItsSupply(test, assessed) || (stops.length === 0 && isForTheWiring(test, assessed))) return true;
  if (stops.length > 0 || action === 'gather-more' || !staysOn(action)) return false;
  if (SENSED.has(test) || BEFORE[action]?.includes(test)) return true;
  return (
    ACTIONS[action] === 'reset' &&
    results.some((result) => result.test === 'trips-on-record' && AFTER_TRIPS[test]?.includes(result.outcome))
  );
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
  const { probabilities, results, stops, table, known } = assessed;
  const inDanger = stops.length > 0;
  const order = results.map(({ test }) => test);
  const done = new Set(order);
  const now = bestDeed(lossesOf(profile, table), probabilities).expected;
  const barred = barsReset(results);
  const bears = bearsOn(results, known);
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
  { probabilities, results, table, stops }: Assessment,
  now: number,
  profile: Profile,
): number {
  let then = 0;
  let learnt = 0;
  const changes = CHANGES_WHAT_IS_RIGHT.has(test);
  const own = lossesOf(profile, table);
  const after = new Float64Array(probabilities.length);
  for (const [outcome, chances] of outcomesOf(test)) {
    let seen = 0;
    for (let i = 0; i < chances.length; i++) seen += chances[i]! * probabilities[i]!;
    if (seen < 1e-9) continue;
    for (let i = 0; i < after.length; i++) {
      const chance = (after[i] = (probabilities[i]! * chances[i]!) / seen);
      if (chance > 1e-12) learnt += seen * chance * Math.log(chances[i]! / seen);
    }
    const its = changes
      ? lossesOf(profile, lossTable([...results, { test, outcome }], stops.length > 0))
      : own;
    then += seen * bestDeed(its, after).expected;
  }
  return Math.max(0, now - then) + PER_NAT * learnt;
}
