import { z } from 'zod';
import { instant, isTrip, tripPace, type Breaker, type BreakerEvent } from '../../record/entities/index.ts';
import type { AfterDeadShort } from '../../record/settings/index.ts';
import { MAGNETIC_PICKUP } from '../../physics/trip/index.ts';

/** What a breaker went through, as far as it is on record. */
export const wear = z.object({
  operations: z.int().describe('handle operations, by hand or by a trip'),
  thermalTrips: z.int().describe('thermal trips'),
  magneticTrips: z
    .int()
    .describe('immediate trips, or trips at a current in the instantaneous range: presumed short circuits'),
  electronicTrips: z.int().describe('trips of an electronic breaker that its electronics may have caused'),
  lastWorkedAt: instant.nullable().describe('time of the last handle operation; null if none is on record'),
});
export type Wear = z.infer<typeof wear>;

/**
 * The ledger of a breaker: what wears its contacts and its mechanism. A reset counts as two operations, off
 * and on; a trip as one.
 *
 * @param breaker its rating and kind
 * @param events its standing events, oldest first
 * @returns operations and trips, counted, with the days since it last moved
 * @example wearOf(breaker, []).lastWorkedAt // null
 */
export function wearOf(breaker: Pick<Breaker, 'kind' | 'ratingAmps'>, events: readonly BreakerEvent[]): Wear {
  const ledger: Wear = {
    operations: 0,
    thermalTrips: 0,
    magneticTrips: 0,
    electronicTrips: 0,
    lastWorkedAt: null,
  };
  for (const event of events) {
    if (event.kind === 'no-trip') continue;
    ledger.operations += event.kind === 'reset' ? 2 : 0;
    ledger.operations += event.kind === 'handle' && event.position !== 'tripped' ? 1 : 0;
    ledger.lastWorkedAt = event.at;
    if (!isTrip(event)) continue;
    ledger.operations++;
    if (isDeadShort(breaker, event)) ledger.magneticTrips++;
    else if (breaker.kind === 'standard') ledger.thermalTrips++;
    else ledger.electronicTrips++;
  }
  return ledger;
}

/**
 * Whether a trip was into a dead short, by all that is known: at once, for a unit that has nothing but heat and
 * magnet; or at a current that only a short draws.
 *
 * @param breaker kind and rating (A)
 * @param event a trip, or a reset that tripped
 * @returns whether it cleared a dead short
 * @example isDeadShort({ kind: 'gfci', ratingAmps: 20 }, { ...trip, pace: 'at-once', amps: null }) // false
 */
export function isDeadShort(
  { kind, ratingAmps }: Pick<Breaker, 'kind' | 'ratingAmps'>,
  event: BreakerEvent,
): boolean {
  if (event.amps !== null && event.amps >= MAGNETIC_PICKUP.mostSensitive * ratingAmps) return true;
  return kind === 'standard' && tripPace(event) === 'at-once' && event.feel !== 'will-not-latch';
}

/** Dead shorts from which on the policy replaces; `null`: it goes by signs of wear alone. */
const REPLACED_FROM: Record<AfterDeadShort, number | null> = { each: 1, second: 2, signs: null };

/**
 * Whether the chosen policy replaces a breaker for the dead shorts it has cleared.
 *
 * @param wear its ledger
 * @param policy after how many dead shorts a breaker is replaced
 * @returns whether this one is
 * @example replacedForShorts({ ...wear, magneticTrips: 1 }, 'second') // false
 */
export function replacedForShorts({ magneticTrips }: Wear, policy: AfterDeadShort): boolean {
  const from = REPLACED_FROM[policy];
  return from !== null && magneticTrips >= from;
}
