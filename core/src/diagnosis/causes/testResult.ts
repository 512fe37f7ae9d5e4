import type { TestId } from '../../facts/vocabulary/index.ts';

/** One test with what came of it. */
export interface TestResult {
  test: TestId;
  outcome: string;
  /** The figure lies within its meter’s error of a limit: the outcome beyond it, and its chance, 0 to 0.5. */
  or?: { outcome: string; chance: number } | undefined;
}
