import type { FaultPlace, PathTest } from '../path/index.ts';
import type { ActionId, OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';

/** How often each outcome of a test is seen, as parts of a whole; what is left out is seen hardly ever. */
export type OutcomeOdds<T extends TestId> = Partial<Record<OutcomeOf<T>, number>>;

/** What a cause does to a test, and why. */
export type Sign<T extends TestId> = [odds: OutcomeOdds<T>, why: string];

/** The signs of one cause. A test that is left out is as usual; tests of the path follow from the places of the fault. */
export type Signs = { readonly [T in Exclude<TestId, PathTest>]?: Sign<T> };

/** One place of a cause, with what it shows otherwise than the cause’s other places. */
export interface CausePlace extends FaultPlace {
  signs?: Signs;
}

/** An action that is carried out. */
export type RemedialAction = Exclude<ActionId, 'gather-more'>;

/** How grave a cause is while its circuit is energised. */
export type Gravity = 'nothing' | 'nuisance' | 'damage' | 'danger';

/** A finding: a test with the outcomes any of which makes it. */
export type Finding = readonly [test: TestId, ...outcomes: string[]];

/** Findings that call for another action than the cause alone would. */
export interface Instead {
  /** All of these, one at least of these, and none of these were found. */
  all?: readonly Finding[];
  any?: readonly Finding[];
  none?: readonly Finding[];
  then: readonly RemedialAction[];
  why: string;
}

/** One cause as the trade knows it. */
export interface CauseFacts {
  gravity: Gravity;
  /** The action that cures it; after the first, those that also do. */
  right: readonly RemedialAction[];
  /** The last entry that the findings meet counts. */
  instead?: readonly Instead[];
  /** How often it is behind a complaint about a breaker, in parts of a thousand. */
  commonness: number;
  why: string;
  /** Where on the path of the power the fault sits, and how the handle stands. */
  places: readonly CausePlace[];
  signs: Signs;
}
