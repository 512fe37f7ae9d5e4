import type { TestId } from '../../facts/vocabulary/index.ts';
import type { CaseStep } from './caseStep.ts';

/** What is told by one guided reset, as it is or with everything unplugged. */
const BY_RESET = ['reset-feel', 'reset-result', 'power-after-reset'] as const satisfies TestId[];
export const BARE = 'reset-result-unplugged' satisfies TestId;

/** Whether a test is told by resetting it as it is. */
export const isByReset = (test: TestId): boolean => BY_RESET.some((one) => one === test);

/**
 * The tests that a step answers, and that are put aside with it.
 *
 * @param step what is asked of somebody
 * @returns their ids
 * @example testsOf({ kind: 'reset', unplugged: true }) // ['reset-result-unplugged']
 */
export function testsOf(step: CaseStep): TestId[] {
  switch (step.kind) {
    case 'looks':
      return step.tests;
    case 'ask':
      return [step.test];
    case 'reset':
      return step.unplugged ? [BARE] : [...BY_RESET];
    case 'isolate':
      return [BARE];
    default:
      return [];
  }
}
