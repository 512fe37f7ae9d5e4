import { z } from 'zod';
import { instant } from '../../record/entities/index.ts';
import { coolDown, slowestCoolDown } from '../../physics/trip/index.ts';
import type { Evidence } from './evidence.ts';

const times = z.object({ latches: z.number(), forgotten: z.number() });

/** It tripped by heat and was not reset: s until it can latch, and until it has forgotten. */
export const coolDownTimes = z.object({ since: instant, slowest: times, own: times.nullable() });
export type CoolDown = z.infer<typeof coolDownTimes>;

/**
 * How long a breaker takes to cool that tripped by heat and was not reset; `null` for any other.
 *
 * @param evidence what is known of a breaker
 * @returns s until it can latch, and until it has forgotten; `null`: nothing to wait for
 * @example coolDownOf(evidence) // { latches: …, forgotten: … }
 */
export function coolDownOf({ breaker, handle, trips, estimate }: Evidence): CoolDown | null {
  const last = trips.at(-1);
  if (handle !== 'tripped' || !last || last.pace === 'at-once' || breaker.kind === 'surge') return null;
  // Where heat alone would not have opened it, its electronics did: there is nothing to wait for.
  if (breaker.kind !== 'standard' && (last.window === null || last.window.region === 'holds')) return null;
  return {
    since: last.event.at,
    slowest: slowestCoolDown(breaker.ratingAmps),
    // Where its record tells its time constant, on the slow side of what it tells.
    own: estimate && estimate.trips > 0 ? coolDown(estimate.rating.tauSeconds.p95) : null,
  };
}
