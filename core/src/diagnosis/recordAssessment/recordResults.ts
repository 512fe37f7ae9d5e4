import { isRareWhenSound } from '../causes/index.ts';
import type { Evidence } from '../evidence/index.ts';
import { isOutcome, type TestId, type TestResult } from '../../facts/vocabulary/index.ts';

/** Loads by nameplate tell no more than that something is connected. */
const COMPUTED_LOADS: ReadonlySet<TestId> = new Set<TestId>(['load-share']);

/**
 * The record as results of tests.
 *
 * @param evidence of the breaker
 * @returns one result for each test with an outcome of the vocabulary
 * @example resultsOf(evidence)[0] // { test: 'sound', outcome: 'quiet' }
 */
export const resultsOf = ({ items }: Evidence): TestResult[] =>
  items
    .filter(({ test, outcome }) => isOutcome(test, outcome))
    .map(({ test, outcome, or, origin }) => ({
      test,
      outcome,
      ...(or && { or }),
      ...(origin === 'computed' && COMPUTED_LOADS.has(test) && { isComputed: true as const }),
    }));

/**
 * Whether anything shows that the breaker is in trouble. Without it, nothing is diagnosed.
 *
 * @param evidence of the breaker
 * @returns whether it stands tripped, or an outcome is rare at a sound breaker
 * @example hasTrouble(evidence) // false
 */
export const hasTrouble = (evidence: Evidence): boolean =>
  evidence.handle === 'tripped' ||
  evidence.items.some((item) => !item.ofPanel && isOutcome(item.test, item.outcome) && isRareWhenSound(item));
