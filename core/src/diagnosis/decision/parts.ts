import { itemOf, type Evidence } from '../evidence/index.ts';
import { TEST_WORDS, TESTS, type TestFacts, type TestId } from '../../facts/vocabulary/index.ts';
import type { NextTest, WeighedReason } from './decision.ts';

/** The item a test gave, as a reason of this weight; null where the test was not done. */
export function because(evidence: Evidence, test: TestId, weight: 1 | 2 | 3): WeighedReason | null {
  const item = itemOf(evidence, test);
  return item
    ? {
        code: `${item.test}:${item.outcome}`,
        weight,
        text: item.text,
        figures: item.figures,
        source: item.source,
      }
    : null;
}

/** A reason that belongs to no single test. */
export const makeReason = (
  code: string,
  weight: 1 | 2 | 3,
  text: string,
  rest: Partial<WeighedReason> = {},
): WeighedReason => ({ code, weight, text, figures: [], ...rest });

/** A test to do next, and why. */
export function doNext(test: TestId, why: string): NextTest {
  const facts: TestFacts = TESTS[test];
  const { name, how } = TEST_WORDS[test];
  return { test, name, how, why, level: facts.level, energised: facts.energised ?? false };
}

/** The tests that were not done yet. */
export const notDone = (evidence: Evidence, tests: readonly NextTest[]): NextTest[] =>
  tests.filter(({ test }) => itemOf(evidence, test) === undefined);
