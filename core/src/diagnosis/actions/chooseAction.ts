import { keptPerKey } from '../../facts/kept/index.ts';
import { CAUSE_IDS } from '../causes/index.ts';
import { NO_HAZARD, type Hazard, type HazardFinding } from '../../facts/hazards/index.ts';
import {
  ACTIONS,
  type ActionId,
  type CauseId,
  type TestId,
  type TestResult,
} from '../../facts/vocabulary/index.ts';
import { ASKING, ENERGISES, loss, NEEDLESS } from './losses.ts';
import type { RemedialAction } from '../causeFacts/index.ts';
import { rightActions, type RightActions } from './rightActions.ts';

export const REMEDIAL_ACTIONS = Object.keys(NEEDLESS) as RemedialAction[];

/** What each action costs under each cause, given what was found. */
export interface LossTable {
  /** The losses of the first action under every cause, then of the second, … */
  losses: Float64Array;
  /** For each cause, which action is the right one. */
  right: (RemedialAction | undefined)[];
  /** For each cause, all actions that put it right. */
  does: (readonly RemedialAction[])[];
  /** Actions that the findings rule out. */
  ruledOut: ReadonlySet<RemedialAction>;
}

/** No action that leaves the circuit energised while there is danger. */
const NEVER = 1e6;

type Signs = Partial<Record<TestId, readonly string[]>>;

/** A finding that no reset may cure. */
const isOpen = ({ resetMayCure }: HazardFinding): boolean => !resetMayCure;

const RESETS: readonly RemedialAction[] = REMEDIAL_ACTIONS.filter((action) => ACTIONS[action] === 'reset');

/** Findings of load alone do not speak against a larger breaker. */
const LOAD_TESTS: ReadonlySet<TestId> = new Set<TestId>(['load-share', 'clamp-current']);

/**
 * A feeder carries the whole panel: beside these signs it stays off. What opened it may be a short: the branches go off,
 * the wiring is tested, then the branches are turned on one at a time. (A breaker of its own is warm after any trip.)
 */
const BARS_A_FEEDER: Signs = {
  'panel-touch': ['warm'],
  'recent-change': ['digging-or-drilling'],
  'trips-on-record': ['after-dead-short'],
  'reset-result': ['trips-at-once', 'trips-in-seconds'],
};
const STILL_LIVE: Signs = { 'branch-off-check': ['still-live'] };
const FEEDER_OPEN: Signs = { 'upstream-breaker': ['tripped-or-off'] };

const shows = (signs: Signs, results: readonly TestResult[]) =>
  results.some(({ test, outcome }) => signs[test]?.includes(outcome));

/** When actions are ruled out, and which. */
const RULES_OUT: readonly {
  when: (results: readonly TestResult[], hazard: Hazard) => boolean;
  actions: Iterable<RemedialAction>;
}[] = [
  { when: (_results, { level }) => level === 'stop', actions: ENERGISES },
  { when: (_results, { level }) => level !== 'none', actions: ['keep'] },
  { when: (_results, { findings }) => findings.some(isOpen), actions: RESETS },
  {
    when: (_results, { findings }) => findings.some((one) => isOpen(one) && !LOAD_TESTS.has(one.test)),
    actions: ['size-up'],
  },
  // A directory is not corrected on a guess.
  { when: (results) => !shows(STILL_LIVE, results), actions: ['correct-directory'] },
  {
    when: (results) => shows(BARS_A_FEEDER, results) && shows(FEEDER_OPEN, results),
    actions: ['reset-other-device'],
  },
];

/** Which of these rules hold, as the bits of a number. */
const rulesThatHold = (results: readonly TestResult[], hazard: Hazard): number =>
  RULES_OUT.reduce((bits, { when }, i) => (when(results, hazard) ? bits | (1 << i) : bits), 0);

/** Findings that need work before the breaker is turned on even for a trial. A load is taken off first. */
const trialWaits = ({ test, outcome, level }: HazardFinding): boolean =>
  (level !== 'repair' && !LOAD_TESTS.has(test)) || WET[test]?.includes(outcome) === true;
const WET: Signs = {
  'terminal-inspection': ['corroded'],
  'water-signs': ['condensation-or-rust', 'wet-now'],
};

/**
 * Whether a breaker may be turned on for a trial beside what was found.
 *
 * @param hazard of all findings
 * @returns false where something needs work first
 * @example mayTry(hazardOf([{ test: 'water-signs', outcome: 'wet-now' }])) // false
 */
export const mayTry = ({ findings }: Hazard): boolean => !findings.some(trialWaits);

/** Tables by the right actions and by what is ruled out. */
const tables = keptPerKey<RightActions, LossTable>();

/**
 * What each action costs under each cause, beside what was found.
 *
 * @param results the latest outcome of each test
 * @param hazard of all findings; what it rules out costs more than anything else
 * @returns the loss of each action under each cause
 * @example lossTable([]).losses.length // one for each action under each cause
 */
export function lossTable(results: readonly TestResult[], hazard: Hazard = NO_HAZARD): LossTable {
  const right = rightActions(results);
  const bits = rulesThatHold(results, hazard);
  return tables(right, bits, () => tableOf(right, bits));
}

/** What each action costs under a cause, by the list of what puts it right: most findings change few of these lists. */
const costs = keptPerKey<readonly RemedialAction[], readonly number[]>();
const costsUnder = (cause: CauseId, does: readonly RemedialAction[]) =>
  costs(does, cause, () => REMEDIAL_ACTIONS.map((action) => loss(action, cause, does)));

function tableOf(right: RightActions, bits: number): LossTable {
  const ruledOut = new Set(RULES_OUT.flatMap(({ actions }, i) => (bits & (1 << i) ? [...actions] : [])));
  const does = CAUSE_IDS.map((cause) => right[cause]);
  const losses = new Float64Array(REMEDIAL_ACTIONS.length * CAUSE_IDS.length);
  CAUSE_IDS.forEach((cause, i) =>
    costsUnder(cause, does[i]!).forEach((cost, a) => (losses[a * CAUSE_IDS.length + i] = cost)),
  );
  REMEDIAL_ACTIONS.forEach((action, a) => {
    if (ruledOut.has(action)) losses.fill(NEVER, a * CAUSE_IDS.length, (a + 1) * CAUSE_IDS.length);
  });
  return { losses, right: does.map(([first]) => first), does, ruledOut };
}

/**
 * The action of least expected loss.
 *
 * @param table what each action costs under each cause
 * @param probabilities of every cause, in the vocabulary’s order
 * @returns the action, and its expected loss
 * @example leastLossAction(lossTable([]), probabilities).action // 'reset'
 */
export function leastLossAction(
  { losses }: LossTable,
  probabilities: Float64Array,
): { action: RemedialAction; expected: number } {
  const causes = probabilities.length;
  let best = 0;
  let least = Infinity;
  for (let a = 0; a < REMEDIAL_ACTIONS.length; a++) {
    let expected = 0;
    // No loss is below 0: a sum that has passed the least one is not worked out further.
    for (let i = 0, at = a * causes; i < causes && expected < least; i++, at++)
      expected += probabilities[i]! * losses[at]!;
    if (expected < least) [best, least] = [a, expected];
  }
  return { action: REMEDIAL_ACTIONS[best]!, expected: least };
}

/** How likely an action puts right what is wrong: the chances of all causes that it serves. */
export const chanceItHelps = (
  action: RemedialAction,
  { does }: LossTable,
  probabilities: ArrayLike<number>,
): number => does.reduce((sum, serves, i) => sum + (serves.includes(action) ? probabilities[i]! : 0), 0);

/** Below this confidence no action is named. */
export const LEAST_CONFIDENCE = 0.25;

export interface Choice {
  action: ActionId;
  confidence: number;
  expected: number;
}

/**
 * The action of least expected loss; another test where that costs less than the action would lose.
 *
 * @param table what each action costs under each cause
 * @param probabilities of every cause, in the vocabulary’s order
 * @returns the action with its expected loss and the chance that it helps
 * @example choose(lossTable([]), probabilities).action // 'gather-more'
 */
export function choose(table: LossTable, probabilities: Float64Array): Choice {
  const { action, expected } = leastLossAction(table, probabilities);
  const confidence = chanceItHelps(action, table, probabilities);
  // What would be right in few cases only is no decision, however little it costs in the others.
  return expected > ASKING || confidence < LEAST_CONFIDENCE
    ? { action: 'gather-more', confidence: 0, expected }
    : { action, confidence, expected };
}
