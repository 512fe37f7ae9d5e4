import { CAUSE_IDS } from '../causes/index.ts';
import { NO_HAZARD, type Hazard, type HazardFinding } from '../../facts/hazards/index.ts';
import {
  ACTIONS,
  type ActionId,
  type CauseId,
  type TestId,
  type TestResult,
} from '../../facts/vocabulary/index.ts';
import { ASKING, ENERGISES, loss, NEEDLESS, type RemedialAction } from './losses.ts';
import { rightActions } from './rightActions.ts';

export const REMEDIAL_ACTIONS = Object.keys(NEEDLESS) as RemedialAction[];

/** What each action costs under each cause, given what was found: a column of actions for each cause. */
export interface LossTable {
  columns: Float64Array[];
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

/** Actions that the findings rule out. */
function ruledOut(results: readonly TestResult[], hazard: Hazard): ReadonlySet<RemedialAction> {
  const open = hazard.findings.filter(({ resetMayCure }) => !resetMayCure);
  return new Set<RemedialAction>([
    ...(hazard.level === 'stop' ? ENERGISES : []),
    ...(hazard.level === 'none' ? [] : (['keep'] as const)),
    ...(open.length > 0 ? RESETS : []),
    ...(open.some(({ test }) => !LOAD_TESTS.has(test)) ? (['size-up'] as const) : []),
    // A directory is not corrected on a guess.
    ...(shows(STILL_LIVE, results) ? [] : (['correct-directory'] as const)),
    ...(shows(BARS_A_FEEDER, results) && shows(FEEDER_OPEN, results)
      ? (['reset-other-device'] as const)
      : []),
  ]);
}

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

/** By what may not be done, by the right actions (the lists of `rightActions`, which are the same ones each time), by cause. */
const columns = new Map<string, WeakMap<readonly RemedialAction[], Map<CauseId, Float64Array>>>();

/** What every action costs under a cause; made once for each list of right actions. */
function columnOf(
  cause: CauseId,
  right: readonly RemedialAction[],
  never: ReadonlySet<RemedialAction>,
  known: WeakMap<readonly RemedialAction[], Map<CauseId, Float64Array>>,
): Float64Array {
  const ofRight = known.get(right) ?? new Map<CauseId, Float64Array>();
  known.set(right, ofRight);
  const made =
    ofRight.get(cause) ??
    Float64Array.from(REMEDIAL_ACTIONS, (action) => (never.has(action) ? NEVER : loss(action, cause, right)));
  ofRight.set(cause, made);
  return made;
}

/**
 * What each action costs under each cause, beside what was found.
 *
 * @param results the latest outcome of each test
 * @param hazard of all findings; what it rules out costs more than anything else
 */
export function lossTable(results: readonly TestResult[], hazard: Hazard = NO_HAZARD): LossTable {
  const right = rightActions(results);
  const never = ruledOut(results, hazard);
  const key = [...never].join();
  const known = columns.get(key) ?? new WeakMap<readonly RemedialAction[], Map<CauseId, Float64Array>>();
  columns.set(key, known);
  const does = CAUSE_IDS.map((cause) => right[cause]);
  return {
    columns: CAUSE_IDS.map((cause, i) => columnOf(cause, does[i]!, never, known)),
    right: does.map(([first]) => first),
    does,
    ruledOut: never,
  };
}

/** The action of least expected loss, and that loss. */
export function leastLossAction(
  { columns }: LossTable,
  probabilities: Float64Array,
): { action: RemedialAction; expected: number } {
  const sums = new Float64Array(REMEDIAL_ACTIONS.length);
  for (let i = 0; i < columns.length; i++) {
    const column = columns[i]!;
    const probability = probabilities[i]!;
    for (let a = 0; a < sums.length; a++) sums[a] = sums[a]! + probability * column[a]!;
  }
  let best = 0;
  for (let a = 1; a < sums.length; a++) if (sums[a]! < sums[best]!) best = a;
  return { action: REMEDIAL_ACTIONS[best]!, expected: sums[best]! };
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

/** The action of least expected loss; another test where that costs less than the action would lose. */
export function choose(table: LossTable, probabilities: Float64Array): Choice {
  const { action, expected } = leastLossAction(table, probabilities);
  const confidence = chanceItHelps(action, table, probabilities);
  // What would be right in few cases only is no decision, however little it costs in the others.
  return expected > ASKING || confidence < LEAST_CONFIDENCE
    ? { action: 'gather-more', confidence: 0, expected }
    : { action, confidence, expected };
}
