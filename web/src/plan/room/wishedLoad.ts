import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import { amps } from '@phylaxon/core/facts/quantities';
import { toNumber } from '../../shared/ui/index.ts';
import type { Wish } from './WantedCircuit.tsx';

/** A new circuit of which no load is entered is taken at this share of its breaker. */
export const USUAL_SHARE = LOAD_LIMITS.continuousShare;

/** The load of a wish, A; `null`: what was typed is no current. */
export function wishedAmps({ amps: typed, ratingAmps }: Pick<Wish, 'amps' | 'ratingAmps'>): number | null {
  const entered = toNumber(typed);
  if (entered === null) return USUAL_SHARE * ratingAmps;
  return amps.safeParse(entered).data ?? null;
}
