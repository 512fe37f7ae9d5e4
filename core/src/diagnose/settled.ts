import type { Profile } from '../vocabulary/index.ts';
import type { Assessment } from './assess.ts';
import type { Diagnosis } from './diagnosis.ts';
import { isDueFirst } from './nextTests.ts';
import { testCost } from './testCosts.ts';
import { bestDeed } from './verdict.ts';
import { lossesOf } from './whoDoesIt.ts';

/** An expected loss below which another test changes little. */
const ENOUGH = 1;
/**
 * Above this loss even a test is done that costs somewhat more than it alone is expected to bring: two together may bring
 * what neither does. That is borne less with every screen.
 */
const UNSURE = { from: 3, bears: 1, lessEach: 0.15 } as const;

/** What brings less than this is not asked at all. */
const BRINGS = 0.08;

/**
 * What asking costs beside the test itself: the first question is answered gladly, each one after it less. Somebody at
 * home in the evening gives up sooner than somebody who is paid by the hour.
 */
const PATIENCE = {
  homeowner: { free: 6, each: 0.4 },
  electrician: { free: 7, each: 0.4 },
} as const;

/**
 * What a further question has to bring after so many screens were asked.
 *
 * @param asked screens answered so far
 * @example priceOfAsking('homeowner', 0) // 0
 */
export const priceOfAsking = (profile: Profile, asked: number): number =>
  Math.max(0, asked - PATIENCE[profile].free) * PATIENCE[profile].each;

/**
 * Whether to stop testing: danger stops everything; the decision is good enough; or no test that is left is worth
 * what it costs to ask.
 *
 * @param tests as `nextTests` gives them
 * @param asked screens answered so far
 * @example isSettled(assess([]), nextTests(assess([]), 'homeowner'), 'homeowner') // false
 */
export function isSettled(
  assessed: Assessment,
  tests: Diagnosis['nextTests'],
  profile: Profile,
  asked = 0,
): boolean {
  const { stops, table, probabilities } = assessed;
  if (stops.length > 0) return true;
  if (tests.some(({ id }) => isDueFirst(id, assessed))) return false;
  const { expected } = bestDeed(lossesOf(profile, table), probabilities);
  if (expected <= ENOUGH) return true;
  const bears = expected > UNSURE.from ? Math.max(0, UNSURE.bears - UNSURE.lessEach * asked) : 0;
  const least = priceOfAsking(profile, asked) - bears;
  const done = assessed.results.map(({ test }) => test);
  return !tests.some(({ id, value }) => value > least && value + testCost(id, done) > BRINGS);
}
