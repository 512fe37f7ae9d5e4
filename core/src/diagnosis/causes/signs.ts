import type { FaultPlace, PathTest } from '../path/index.ts';
import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';

/** How often each outcome of a test is seen, as parts of a whole; what is left out is seen hardly ever. */
export type Odds<T extends TestId> = Partial<Record<OutcomeOf<T>, number>>;

/** What a cause does to a test, and why. */
export type Sign<T extends TestId> = [odds: Odds<T>, why: string];

/** The signs of one cause. A test that is left out is as usual; tests of the path follow from the places of the fault. */
export type Signs = { readonly [T in Exclude<TestId, PathTest>]?: Sign<T> };

/** One place of a cause, with what it shows otherwise than the cause’s other places. */
export interface CausePlace extends FaultPlace {
  signs?: Signs;
}

/** One cause as the trade knows it. */
export interface CauseFacts {
  /** How often it is behind a complaint about a breaker, in parts of a thousand. */
  commonness: number;
  why: string;
  /** Where on the path of the power the fault sits, and how the handle stands. */
  places: readonly CausePlace[];
  signs: Signs;
}
