import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';

/** How often each outcome of a test is seen, as parts of a whole; what is left out is seen hardly ever. */
export type Odds<T extends TestId> = Partial<Record<OutcomeOf<T>, number>>;

/** What a cause does to a test, and why. */
export type Sign<T extends TestId> = [odds: Odds<T>, why: string];

/** The signs of one cause; a test that is left out is as usual. */
export type Signs = { readonly [T in TestId]?: Sign<T> };

/** One cause as the trade knows it. */
export interface CauseFacts {
  /** How often it is behind a complaint about a breaker, in parts of a thousand. */
  commonness: number;
  why: string;
  signs: Signs;
}
