import { CAUSE_IDS } from '../causes/index.ts';
import { PRIOR_SHARE, type EffectiveRating, type Side } from '../../physics/breakerEstimate/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';

/** Causes that heat a bimetal from outside: of so many of their records a sound breaker looks weak. */
const LOOKS_WEAK: Partial<Record<CauseId, number>> = {
  'loose-terminal': 0.45,
  'burnt-stab': 0.35,
  'hot-surroundings': 0.6,
  'bus-failing': 0.15,
};

/** The record of trips and holds as evidence: weak speaks for a weak breaker, sluggish for one that does not open. */
export function byTheBench(before: Float64Array, bench: EffectiveRating['probability']): Float64Array {
  const ratio = (side: Side) => Math.max(1e-3, bench[side]) / PRIOR_SHARE[side];
  const weighed = before.map((p, i) => {
    const cause = CAUSE_IDS[i]!;
    if (cause === 'weak-breaker') return p * ratio('weak');
    if (cause === 'stuck-breaker') return p * ratio('sluggish');
    const weak = LOOKS_WEAK[cause] ?? 0;
    return p * (weak * ratio('weak') + (1 - weak) * ratio('sound'));
  });
  const total = weighed.reduce((a, b) => a + b, 0);
  return weighed.map((p) => p / total);
}
