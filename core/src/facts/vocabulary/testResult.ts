import type { TestId } from './tests.ts';

/** One test with its outcome. */
export interface TestResult {
  test: TestId;
  outcome: string;
  /** The reading lies within the meter’s error of a limit: the outcome on the other side, and its chance, 0 to 0.5. */
  or?: { outcome: string; chance: number } | undefined;
  /** Worked out from what is drawn, such as nameplates: nobody measured it. */
  isComputed?: true;
}
