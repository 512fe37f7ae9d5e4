import { CAUSES, TESTS, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { CAUSE_FACTS } from './causeFacts.ts';
import type { Odds } from './signs.ts';
import type { TestResult } from './testResult.ts';
import { LEAST_ODDS, USUAL } from './usual.ts';

export const CAUSE_IDS = Object.keys(CAUSES) as CauseId[];
export const TEST_IDS = Object.keys(TESTS) as TestId[];

/** The chance of each outcome of a test under a cause: its own sign, else what is usual. */
function chances<T extends TestId>(cause: CauseId, test: T): Map<string, number> {
  const odds = (CAUSE_FACTS[cause].signs[test]?.[0] ?? USUAL[test]) as Odds<TestId>;
  const outcomes = TESTS[test].outcomes as readonly string[];
  const parts = outcomes.map((outcome) =>
    Math.max(LEAST_ODDS, (odds as Record<string, number | undefined>)[outcome] ?? 0),
  );
  const total = parts.reduce((a, b) => a + b, 0);
  return new Map(outcomes.map((outcome, i) => [outcome, parts[i]! / total]));
}

/** For each test and outcome its chance under every cause, in the vocabulary’s order of causes. */
export type LikelihoodTable = ReadonlyMap<TestId, ReadonlyMap<string, Float64Array>>;

/**
 * A table from the chance of each outcome under each cause.
 *
 * @param chancesOf chances of all outcomes of a test under a cause, summing to 1
 * @returns the table as the engine reads it
 * @example likelihoodTable((cause, test) => fitted(cause, test)).get('smell')!.get('none')!.length // 35
 */
export function likelihoodTable(
  chancesOf: (cause: CauseId, test: TestId) => ReadonlyMap<string, number>,
): LikelihoodTable {
  return new Map(
    TEST_IDS.map((test) => {
      const byCause = CAUSE_IDS.map((cause) => chancesOf(cause, test));
      const outcomes = TESTS[test].outcomes as readonly string[];
      return [
        test,
        new Map(outcomes.map((outcome) => [outcome, Float64Array.from(byCause, (one) => one.get(outcome)!)])),
      ];
    }),
  );
}

const HANDMADE = likelihoodTable(chances);
let table = HANDMADE;

/**
 * Do some work with another table in place of the product’s own: to measure how good the engine could be. The work is
 * done before this returns.
 *
 * @param other the table to go by
 * @param work what is done with it
 * @returns what that gives
 * @example withLikelihoods(fitted, () => runStudy(size))
 */
export function withLikelihoods<T>(other: LikelihoodTable, work: () => T): T {
  table = other;
  try {
    return work();
  } finally {
    table = HANDMADE;
  }
}

/**
 * The chance of an outcome under every cause, in the vocabulary’s order of causes.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns 0 to 1 each
 * @example likelihoods('handle-finger-test', 'gives')[CAUSE_IDS.indexOf('incomplete-reset')] // 0.92
 */
export const likelihoods = (test: TestId, outcome: string): Float64Array => table.get(test)!.get(outcome)!;

/**
 * The chance of a result under every cause: of its outcome, and of the other one where its figure lies within the meter’s error
 * of a limit.
 *
 * @param result a test with what came of it
 * @returns 0 to 1 each, in the vocabulary’s order of causes
 * @example resultLikelihoods({ test: 'smell', outcome: 'none' }) // as likelihoods('smell', 'none')
 */
export function resultLikelihoods({ test, outcome, or }: TestResult): Float64Array {
  const chances = likelihoods(test, outcome);
  if (!or) return chances;
  const other = likelihoods(test, or.outcome);
  return chances.map((chance, i) => (1 - or.chance) * chance + or.chance * other[i]!);
}

/**
 * The outcomes of a test with the chance of each under every cause.
 *
 * @param test id of the test
 * @returns by outcome, the chances in the vocabulary’s order of causes
 * @example [...outcomesOf('neighbours-power').keys()] // ['on', 'off-too']
 */
export const outcomesOf = (test: TestId): ReadonlyMap<string, Float64Array> => table.get(test)!;

/**
 * How often an outcome is seen where nothing bears on the test, 0 to 1.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns 0 to 1
 * @example usualChance('smell', 'hot-plastic') // 0.01
 */
export function usualChance(test: TestId, outcome: string): number {
  const odds = USUAL[test] as Record<string, number | undefined>;
  return (odds[outcome] ?? LEAST_ODDS) / 100;
}
