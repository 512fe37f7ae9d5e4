import {
  ACTIONS,
  SENSE_IDS,
  type ActionId,
  type TestId,
  type TestResult,
} from '../../facts/vocabulary/index.ts';
import {
  staysEnergized,
  type Assessment,
  choose,
  type LossTable,
  leadingCause,
  proofNeeded,
} from '../actions/index.ts';
import type { RemedialAction } from '../causeFacts/index.ts';
import type { PriorContext } from '../causes/index.ts';

/** Before anything is reset, or left on, somebody listens, smells, feels and looks, at the lights too. */
const SENSED: ReadonlySet<TestId> = new Set<TestId>(SENSE_IDS);

/** Tests due after trips before a breaker is only reset: a trial bare, its load; after repeated trips a look inside. */
const AFTER_TRIPS: Partial<Record<TestId, readonly string[]>> = {
  'reset-result-unplugged': ['first-time', 'few', 'many-overload', 'after-dead-short'],
  'load-share': ['first-time', 'few', 'many-overload'],
  'terminal-inspection': ['few', 'many-overload', 'after-dead-short'],
};

/** Before nobody does anything, or waits: what anybody would ask who was told so. */
const BEFORE: Partial<Record<ActionId, readonly TestId[]>> = {
  'wait-for-supply': ['neighbours-power'],
  'call-utility': ['main-load-side-voltage'],
  keep: [
    'face-temperature',
    'load-share',
    'outlet-voltage',
    'test-button',
    'conductor-vs-breaker',
    'terminal-inspection',
    'terminal-temperature',
    'panel-age',
    'main-off-check',
  ],
  'shed-load': ['terminal-inspection'],
  'cool-surroundings': ['terminal-inspection'],
  'repair-appliance': ['terminal-inspection'],
};

/** Work behind the cover: whoever opens it looks at all that shows there before anything is concluded. */
const AT_THE_PANEL: ReadonlySet<ActionId> = new Set<ActionId>([
  'size-down',
  'size-up',
  'split-circuit',
  'rewire',
  'replace-breaker',
  'replace-breaker-and-remake-joint',
  'repair-wiring',
  'remake-joint',
  'separate-conductors',
  'dry-and-inspect',
]);

/** Whether one of some outcomes of a test is among what was found. */
type Shows = (test: TestId, ...outcomes: readonly string[]) => boolean;

/** What is done ahead of the panel. */
const AHEAD: ReadonlySet<ActionId> = new Set<ActionId>([
  'reset-other-device',
  'wait-for-supply',
  'call-utility',
]);

/**
 * Whoever is at the panel with a meter reads both legs to neutral before anything is worked on, switched on or left on: a
 * lost neutral whose legs happen to be alike shows in nothing else, and a breaker is not condemned for its supply.
 */
const isForTheSupply = (test: TestId, action: RemedialAction): boolean =>
  test === 'line-side-voltage' && !AHEAD.has(action) && (AT_THE_PANEL.has(action) || staysEnergized(action));

/** Where it tripped at once, an appliance is not blamed before the wiring was cleared: bare, or by its insulation. */
const isForTheWiring = (test: TestId, action: RemedialAction, shows: Shows): boolean =>
  (test === 'reset-result-unplugged' || test === 'insulation-resistance') &&
  action === 'repair-appliance' &&
  (shows('trips-on-record', 'after-dead-short') || shows('reset-result', 'trips-at-once')) &&
  !shows('appliance-check', 'trips-there-too') &&
  !shows('reset-result-unplugged', 'holds', 'trips-at-once', 'trips-later') &&
  !shows('insulation-resistance', 'over-1-megohm', 'under-1-megohm', 'near-zero');

/** No breaker is replaced for a dead circuit before it was switched fully off and on: it may only have been off. */
const isForTheHandle = (test: TestId, action: RemedialAction, shows: Shows): boolean =>
  test === 'power-after-reset' &&
  action === 'replace-breaker' &&
  shows('power-loss-extent', 'one-circuit') &&
  !shows('reset-feel', 'will-not-latch') &&
  !shows('reset-result', 'trips-at-once', 'trips-in-seconds', 'trips-in-minutes', 'trips-after-hours') &&
  !shows('reset-result-unplugged', 'trips-at-once', 'trips-later');

/** Where part of the house is dead, nobody calls for the panel or the utility before the main was read on both sides. */
const isForTheMain = (test: TestId, action: RemedialAction, shows: Shows): boolean =>
  test === 'main-load-side-voltage' &&
  (action === 'make-safe-and-call' || action === 'replace-panel') &&
  shows('power-loss-extent', 'several-circuits', 'half-the-house', 'whole-house');

/**
 * Before what was dead is only watched: whether the power is back; and where several circuits went at once and no breaker
 * ahead had opened, the joints to the bus.
 */
function isForWhatWasDead(test: TestId, action: RemedialAction, shows: Shows): boolean {
  if (action !== 'reset-and-watch' && action !== 'keep') return false;
  if (test === 'power-after-reset')
    return shows('reset-result', 'holds') && shows('power-loss-extent', 'part-of-one-circuit', 'one-circuit');
  return (
    test === 'stab-inspection' &&
    shows('power-loss-extent', 'several-circuits') &&
    !shows('upstream-breaker', 'tripped-or-off')
  );
}

/** Where the breaker would be replaced if it were proven to be at fault: the tests that prove it. */
function wouldProve(
  test: TestId,
  results: readonly TestResult[],
  known: PriorContext,
  probabilities: Float64Array,
  table: LossTable,
): boolean {
  if (choose(table, probabilities).action !== 'replace-breaker') return false;
  return proofNeeded(leadingCause(probabilities), results, known)?.includes(test) ?? false;
}

/**
 * What has to be done before it is left on as it is, before it is reset, and before a part is blamed for its supply, an appliance
 * for the wiring, or anything behind the cover that nobody has looked behind.
 *
 * @returns false for all while danger stops it, or while nothing is decided
 * @example isDueFirst('smell', assessmentThatLeadsToAReset) // true
 */
export function isDueFirst(
  test: TestId,
  { choice: { action }, results, hazard, probabilities, known, table }: Assessment,
): boolean {
  if (hazard.level === 'stop') return false;
  if (action === 'gather-more') return wouldProve(test, results, known, probabilities, table);
  const shows: Shows = (of, ...outcomes) =>
    results.some((one) => one.test === of && outcomes.includes(one.outcome));
  if (isForTheSupply(test, action) || isForTheWiring(test, action, shows)) return true;
  if (isForTheHandle(test, action, shows) || isForTheMain(test, action, shows)) return true;
  if (test === 'terminal-inspection' && AT_THE_PANEL.has(action)) return true;
  if (!staysEnergized(action)) return false;
  if (SENSED.has(test) || BEFORE[action]?.includes(test) || isForWhatWasDead(test, action, shows))
    return true;
  return ACTIONS[action] === 'reset' && shows('trips-on-record', ...(AFTER_TRIPS[test] ?? []));
}
