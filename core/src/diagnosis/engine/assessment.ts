import type { Context, Learned, TestResult } from '../causes/index.ts';
import type { Circumstances } from '../danger/index.ts';
import type { Also } from './seenBinds.ts';
import type { Choice, LossTable } from './chooseAction.ts';

/** What is believed, and what follows from it. */
export interface Assessment {
  results: readonly TestResult[];
  /** What is known of the breaker, and what the outcomes tell of it. */
  known: Context;
  /** Those of them that the chances come from. */
  weighed: readonly TestResult[];
  /** Chance of each cause, in the vocabulary’s order. */
  probabilities: Float64Array;
  /** Danger signs, as sentences. */
  stops: string[];
  /** What was known of danger besides the results. */
  circumstances: Circumstances;
  /** How confirmed ends moved the chances; null: they did not. */
  learned: Learned | null;
  table: LossTable;
  choice: Choice;
  /** What is so beside the leading cause, whatever tripped it. */
  also: Also[];
}
