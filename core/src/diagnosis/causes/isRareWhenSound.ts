import type { TestId, TestResult } from '../../facts/vocabulary/index.ts';
import { usualChance } from './likelihood.ts';

/** Tests that describe circumstances, not trouble. */
const CIRCUMSTANCES: ReadonlySet<TestId> = new Set<TestId>([
  'panel-age',
  'recent-change',
  'test-button',
  'trip-indicator',
  'load-share',
  'clamp-current',
  'leg-balance',
  'conductor-vs-breaker',
]);
/** An outcome seen less often than this where nothing is wrong is a sign of trouble. */
const UNUSUAL = 0.15;

/**
 * Whether an outcome is rare where nothing is wrong.
 *
 * @param result a test with its outcome
 * @returns whether it is a sign of trouble
 * @example isRareWhenSound({ test: 'sound', outcome: 'sizzle-or-crackle' }) // true
 */
export const isRareWhenSound = ({ test, outcome }: Pick<TestResult, 'test' | 'outcome'>): boolean =>
  !CIRCUMSTANCES.has(test) && usualChance(test, outcome) < UNUSUAL;
