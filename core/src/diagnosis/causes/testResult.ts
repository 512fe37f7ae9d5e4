import type { TestId } from '../../facts/vocabulary/index.ts';

/** One test with what came of it. */
export interface TestResult {
  test: TestId;
  outcome: string;
}
