import { CAUSE_IDS, type TestResult } from '../causes/index.ts';
import type { ActionId, CauseId, TestId } from '../../facts/vocabulary/index.ts';
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
}

/** No action that leaves the circuit energised while there is danger. */
const NEVER = 1e6;

type Signs = Partial<Record<TestId, readonly string[]>>;

/** Nothing is switched on again, and nothing enlarged, beside what needs work. */
const BARRED: ReadonlySet<RemedialAction> = new Set(['complete-reset', 'reset-and-watch', 'size-up', 'keep']);
/** A joint, a conductor or water that needs work; a breaker that does not open; a neutral that comes and goes. */
const BARS: Signs = {
  'terminal-inspection': ['loose', 'discoloured-or-melted', 'corroded', 'two-wires-one-terminal'],
  'stab-inspection': ['pitted-or-burnt'],
  'terminal-temperature': ['over-15-over'],
  'face-temperature': ['over-15-over'],
  'water-signs': ['condensation-or-rust', 'wet-now'],
  'conductor-vs-breaker': ['wire-too-small'],
  'branch-off-check': ['still-live'],
  'main-off-check': ['still-live'],
  'trip-vs-curve': ['too-late-or-never'],
  'insulation-resistance': ['near-zero'],
  'light-behaviour': ['flicker-whole-house', 'some-brighter-some-dimmer'],
};
/**
 * A feeder carries the whole panel: beside the same signs it stays off, and beside a warm panel, where it opened for a
 * reason. (A breaker of its own is warm after any trip; a protected outlet further on carries what is plugged in there.)
 */
const BARS_A_FEEDER: Signs = {
  ...BARS,
  'panel-touch': ['warm', 'hot'],
  // What opened it may be a short: its branches go off, the wiring is tested, then they come back one by one.
  'insulation-resistance': ['under-1-megohm', 'near-zero'],
  'recent-change': ['digging-or-drilling'],
  'trips-on-record': ['after-dead-short'],
  'reset-result': ['trips-at-once', 'trips-in-seconds'],
  'reset-result-unplugged': ['trips-at-once', 'trips-later'],
};
const STILL_LIVE: Signs = { 'branch-off-check': ['still-live'] };
const FEEDER_OPEN: Signs = { 'upstream-breaker': ['tripped-or-off'] };

const shows = (signs: Signs, results: readonly TestResult[]) =>
  results.some(({ test, outcome }) => signs[test]?.includes(outcome));

/**
 * Whether something was found beside which nothing is switched on again.
 *
 * @param results the latest outcome of each test
 * @returns whether a reset is out of the question
 * @example barsReset([{ test: 'water-signs', outcome: 'wet-now' }]) // true
 */
export const barsReset = (results: readonly TestResult[]): boolean => shows(BARS, results);

/** What is out of the question, by what was found. */
function forbidden(results: readonly TestResult[], stopped: boolean): ReadonlySet<RemedialAction> {
  return new Set([
    ...(stopped ? ENERGISES : []),
    ...(barsReset(results) ? BARRED : []),
    // No directory is rewritten on a guess.
    ...(shows(STILL_LIVE, results) ? [] : ['correct-directory' as const]),
    ...(shows(BARS_A_FEEDER, results) && shows(FEEDER_OPEN, results) ? ['reset-other-device' as const] : []),
  ]);
}

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

/** The losses as they stand; while a stop is on, nothing that leaves the circuit energised. */
export function lossTable(results: readonly TestResult[], stopped: boolean): LossTable {
  const right = rightActions(results);
  const never = forbidden(results, stopped);
  const key = [...never].join();
  const known = columns.get(key) ?? new WeakMap<readonly RemedialAction[], Map<CauseId, Float64Array>>();
  columns.set(key, known);
  const does = CAUSE_IDS.map((cause) => right[cause]);
  return {
    columns: CAUSE_IDS.map((cause, i) => columnOf(cause, does[i]!, never, known)),
    right: does.map(([first]) => first),
    does,
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
/** From this confidence on an action is named beside a stop. */
const SURE_IN_DANGER = 0.72;

const OPEN_NEUTRAL = CAUSE_IDS.indexOf('open-neutral');
const LEG_LOST = CAUSE_IDS.indexOf('supply-leg-lost');
const isNeutralLikelier = (probabilities: Float64Array): boolean =>
  probabilities[OPEN_NEUTRAL]! > probabilities[LEG_LOST]!;

export interface Choice {
  action: ActionId;
  confidence: number;
  expected: number;
}

/**
 * The verdict: the action of least expected loss, where that is less than another look costs; else another look.
 * While a stop is on there is always something to do: make it safe.
 */
export function choose(table: LossTable, probabilities: Float64Array, stopped: boolean): Choice {
  const { action, expected } = leastLossAction(table, probabilities);
  const confidence = chanceItHelps(action, table, probabilities);
  // To wait for the utility leaves a lost neutral on: the main first, where that is the likelier cause.
  const leavesNeutralOn = action === 'call-utility' && isNeutralLikelier(probabilities);
  if (stopped && (confidence < SURE_IN_DANGER || leavesNeutralOn)) {
    // While there is danger only what is well known is named; else the first thing is to be safe.
    const safe = 'make-safe-and-call';
    return { action: safe, confidence: chanceItHelps(safe, table, probabilities), expected };
  }
  if (stopped) return { action, confidence, expected };
  // What would be right in few cases only is no decision, however little it costs in the others.
  return expected > ASKING || confidence < LEAST_CONFIDENCE
    ? { action: 'gather-more', confidence: 0, expected }
    : { action, confidence, expected };
}
