import { itemOf, type Evidence } from '../evidence/index.ts';
import { TEST_WORDS, TESTS, type TestFacts, type TestId } from '../../facts/vocabulary/index.ts';
import type { CautionId } from './cautions.ts';
import type { Decision, NextTest, WeighedReason } from './decision.ts';

/** What one rule has to say. */
export interface RuleDecision {
  action: Decision['action'];
  /** Instead of the action's usual headline. */
  headline?: string;
  /** Before the action's usual steps. */
  firstSteps?: string[];
  /** Instead of the action's usual steps. */
  steps?: string[];
  toAmps?: number;
  confidence: number;
  reasons: (WeighedReason | null)[];
  overturnedBy: string[];
  next: NextTest[];
  cautions: CautionId[];
}

/** A rule looks at the evidence and speaks, or does not. */
export type Rule = (evidence: Evidence) => RuleDecision | null;

/** The item a test gave, as a reason of this weight; `null` if the test was not done. */
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

/** A reason that is not one test's. */
export function reason(
  code: string,
  weight: 1 | 2 | 3,
  text: string,
  rest: Partial<WeighedReason> = {},
): WeighedReason {
  return { code, weight, text, figures: [], ...rest };
}

/** A test to do next, and why. */
export function doNext(test: TestId, why: string): NextTest {
  const facts: TestFacts = TESTS[test];
  const { name, how } = TEST_WORDS[test];
  return { test, name, how, why, level: facts.level, energised: facts.energised ?? false };
}

/** Those of the tests that were not done yet. */
export const notDone = (evidence: Evidence, tests: NextTest[]) =>
  tests.filter(({ test }) => itemOf(evidence, test) === undefined);
