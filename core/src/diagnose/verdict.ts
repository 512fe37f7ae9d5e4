import { CAUSE_IDS, type TestResult } from '../causes/index.ts';
import type { ActionId } from '../vocabulary/index.ts';
import { ASKING, ENERGISES, loss, NEEDLESS, type Deed } from './losses.ts';
import { rightActions } from './rightActions.ts';

export const DEEDS = Object.keys(NEEDLESS) as Deed[];

/** What each action costs under each cause, given what was found: rows of actions, columns of causes. */
export interface LossTable {
  rows: Float64Array[];
  /** For each cause, which action is the right one. */
  right: (Deed | undefined)[];
}

/** No action that leaves the circuit energised while there is danger. */
const NEVER = 1e6;

/** The losses as they stand; while a stop is on, nothing that leaves the circuit energised. */
export function lossTable(results: readonly TestResult[], stopped: boolean): LossTable {
  const right = CAUSE_IDS.map((cause) => rightActions(cause, results));
  return {
    rows: DEEDS.map((action) =>
      Float64Array.from(CAUSE_IDS, (cause, i) =>
        stopped && ENERGISES.has(action) ? NEVER : loss(action, cause, right[i]!),
      ),
    ),
    right: right.map(([first]) => first),
  };
}

/** The action of least expected loss, and that loss. */
export function bestDeed(
  { rows }: LossTable,
  probabilities: Float64Array,
): { action: Deed; expected: number } {
  let best = 0;
  let least = Infinity;
  rows.forEach((row, a) => {
    let expected = 0;
    for (let i = 0; i < row.length; i++) expected += row[i]! * probabilities[i]!;
    if (expected < least) [best, least] = [a, expected];
  });
  return { action: DEEDS[best]!, expected: least };
}

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
  const { action, expected } = bestDeed(table, probabilities);
  const confidence = table.right.reduce(
    (sum, right, i) => sum + (right === action ? probabilities[i]! : 0),
    0,
  );
  if (!stopped && expected > ASKING) return { action: 'gather-more', confidence: 1 - confidence, expected };
  return { action, confidence, expected };
}
