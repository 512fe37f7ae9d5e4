import type { Profile, TestId } from '../../facts/vocabulary/index.ts';
import type { RatedTest } from './diagnosis.ts';
import { isDueFirst } from './dueFirst.ts';
import { finalChoice, leastLossAction, lossesOf, type Assessment } from '../actions/index.ts';
import { testCost } from './testCosts.ts';

/** An expected loss below which another test changes little. */
const ENOUGH = 1;
/**
 * Above this loss even a test is done that costs somewhat more than it alone is expected to bring: two together may bring
 * what neither does. That is borne less with every screen.
 */
const UNSURE = { from: 3, bears: 1, lessEach: 0.1 } as const;

/** What brings less than this is not asked at all. */
const BRINGS = 0.08;

/**
 * What asking costs beside the test itself: the first question is answered gladly, each one after it less. Somebody at
 * home in the evening gives up sooner than somebody who is paid by the hour.
 */
const PATIENCE = {
  homeowner: { free: 8, each: 0.5 },
  electrician: { free: 10, each: 0.6 },
} as const;

/**
 * What a further question has to bring after so many screens were asked.
 *
 * @param asked screens answered so far
 * @returns in units of loss, as the tests’ costs are
 * @example priceOfAsking('homeowner', 0) // 0
 */
export const priceOfAsking = (profile: Profile, asked: number): number =>
  Math.max(0, asked - PATIENCE[profile].free) * PATIENCE[profile].each;

/**
 * The tests that are worth asking for, best first; none: it is settled. Danger stops everything; else the decision is good
 * enough, or what is left brings less than it costs to ask.
 *
 * @param tests as `nextTests` gives them
 * @param asked screens answered so far
 * @returns their ids
 * @example worthAsking(assess([]), nextTests(assess([]), 'homeowner'), 'homeowner')[0] // 'power-loss-extent'
 */
export function worthAsking(
  assessed: Assessment,
  tests: readonly RatedTest[],
  profile: Profile,
  asked = 0,
): TestId[] {
  const { hazard, results } = assessed;
  if (hazard.level === 'stop') return [];
  const done = results.map(({ test }) => test);
  // What a person is told at the end may be another action: what is due before that one is asked first.
  const atEnd = { ...assessed, choice: finalChoice(assessed, profile) };
  const due = tests.filter(({ id }) => isDueFirst(id, atEnd)).map(({ id }) => id);
  const bring = tests
    .filter(({ id, value }) => value + testCost(id, done) > BRINGS || due.includes(id))
    .map(({ id }) => id);
  if (tests.some(({ id }) => isDueFirst(id, assessed))) return bring;
  return mayChangeIt(assessed, tests, bring, profile, asked) ? bring : due;
}

/** Whether what is left may bring more than it costs to ask. */
function mayChangeIt(
  { choice, table, probabilities, results }: Assessment,
  tests: readonly RatedTest[],
  bring: readonly TestId[],
  profile: Profile,
  asked: number,
): boolean {
  // After a reset that holds, with everything quiet, what is left is to watch it.
  const holds = results.some(({ test, outcome }) => test === 'reset-result' && outcome === 'holds');
  if (holds && choice.action === 'reset-and-watch') return false;
  const { expected } = leastLossAction(lossesOf(profile, table), probabilities);
  if (expected <= ENOUGH) return false;
  const bears = expected > UNSURE.from ? Math.max(0, UNSURE.bears - UNSURE.lessEach * asked) : 0;
  const least = priceOfAsking(profile, asked) - bears;
  const values = new Map(tests.map(({ id, value }) => [id, value]));
  return bring.some((id) => values.get(id)! > least);
}

/**
 * Whether to stop testing.
 *
 * @param tests as `nextTests` gives them
 * @param asked screens answered so far
 * @returns whether no test that is left is worth its price
 * @example isDecisionSettled(assess([]), nextTests(assess([]), 'homeowner'), 'homeowner') // false
 */
export const isDecisionSettled = (
  assessed: Assessment,
  tests: readonly RatedTest[],
  profile: Profile,
  asked = 0,
): boolean => worthAsking(assessed, tests, profile, asked).length === 0;
