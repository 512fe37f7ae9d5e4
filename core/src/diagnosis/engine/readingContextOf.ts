import type { PriorContext } from '../causes/index.ts';
import type { ReadingContext } from '../path/index.ts';
import type { TestId, TestResult } from '../../facts/vocabulary/index.ts';

type Outcomes = Partial<Record<TestId, readonly string[]>>;

/** Outcomes that show a reset which held, or which did not. */
const HELD: Outcomes = {
  'reset-result': ['holds'],
  'power-after-reset': ['restored'],
  'reset-feel': ['clean-clicks'],
};
const FAILED: Outcomes = {
  'reset-result': ['trips-at-once', 'trips-in-seconds', 'trips-in-minutes', 'trips-after-hours'],
  'reset-feel': ['will-not-latch'],
};

/**
 * How the breaker was reset before its voltages were read, by what was found.
 *
 * @param results the latest outcome of each test
 * @param known what is known of the breaker
 * @returns poles, and whether a reset held and was complete
 * @example readingContextOf([{ test: 'reset-result', outcome: 'holds' }], {}).resetHeld // true
 */
export function readingContextOf(results: readonly TestResult[], { poles }: PriorContext): ReadingContext {
  const shows = (outcomes: Outcomes) =>
    results.some(({ test, outcome }) => outcomes[test]?.includes(outcome));
  const feel = results.find(({ test }) => test === 'reset-feel')?.outcome;
  return {
    poles: poles ?? null,
    resetHeld: shows(FAILED) ? false : shows(HELD) ? true : null,
    resetComplete: feel === 'clean-clicks' ? true : feel === 'no-off-click' ? false : null,
  };
}
