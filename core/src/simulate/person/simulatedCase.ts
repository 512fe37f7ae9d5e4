import type { Random } from '../../facts/random/index.ts';
import type { patternOf, Episode, House, SimulatedMoment } from '../house/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';

/** A house with a complaint: what is so, and what came before. */
export interface SimulatedCase {
  house: House;
  days: Episode[];
  /** What somebody told of unasked: what they complain of. */
  noticed: Noticed[];
  pattern: ReturnType<typeof patternOf>;
  /** Pushed fully off and on again by hand, it came on. */
  resetDone: boolean;
  /** Some of what was on has been switched off since. */
  lighter: boolean;
  /** What runs when everything does. */
  everything: SimulatedMoment;
  /** How often people look wrongly, in shares of their usual slips. */
  slips: number;
  /** Numbers for one test: the same however often and in whatever order tests are done. */
  randomFor: (what: string) => Random;
}

/** What somebody noticed: a test’s outcome, told unasked. */
export interface Noticed {
  test: TestId;
  outcome: string;
}
