import type { TestId } from '../../facts/vocabulary/index.ts';
import type { TroubleId } from './troubleIds.ts';

/** What was met on a visit, as the diagnosis knows it. */
const SEEN_AS: Partial<Record<TroubleId, { test: TestId; outcome: string }>> = {
  'main-live': { test: 'main-off-check', outcome: 'still-live' },
  'main-pole-live': { test: 'main-off-check', outcome: 'still-live' },
  backfeed: { test: 'branch-off-check', outcome: 'still-live' },
  'still-on': { test: 'branch-off-check', outcome: 'still-live' },
  'stab-pitted': { test: 'stab-inspection', outcome: 'pitted-or-burnt' },
  'stuck-on-bus': { test: 'stab-inspection', outcome: 'pitted-or-burnt' },
  'two-wires': { test: 'terminal-inspection', outcome: 'two-wires-one-terminal' },
  'insulation-burnt': { test: 'terminal-inspection', outcome: 'discoloured-or-melted' },
  'wire-thin': { test: 'conductor-vs-breaker', outcome: 'wire-too-small' },
  'wet-inside': { test: 'water-signs', outcome: 'wet-now' },
  'trips-at-once': { test: 'reset-result', outcome: 'trips-at-once' },
};

/**
 * What was met on a visit, as a test of the diagnosis with its outcome.
 *
 * @param trouble what was met
 * @returns the test and its outcome; `null`: the diagnosis has no word for it
 * @example seenAs('stab-pitted') // { test: 'stab-inspection', outcome: 'pitted-or-burnt' }
 */
export const seenAs = (trouble: TroubleId): { test: TestId; outcome: string } | null =>
  SEEN_AS[trouble] ?? null;
