import { itemOf, outcomeOf, type Evidence } from '../evidence/index.ts';

/** Whether the unit opens by heat and magnet alone, so that its trips can be held against the curve. */
export const isStandard = (evidence: Evidence) => evidence.breaker.kind === 'standard';

/**
 * The latest trip on record.
 *
 * @param evidence of the breaker
 * @returns the trip; `null`: none
 * @example lastTrip(evidence)?.pace // 'minutes'
 */
export const lastTrip = (evidence: Evidence) => evidence.trips.at(-1) ?? null;

/**
 * When the breaker last held after a reset.
 *
 * @param evidence of the breaker
 * @returns the time of that reset; '' if it never held
 * @example heldSince(evidence) // '2026-11-03T19:05:00Z'
 */
export function heldSince(evidence: Evidence): string {
  return evidence.lastReset?.result === 'holds' ? evidence.lastReset.at : '';
}

/**
 * Trips at once with everything unplugged, since it last held.
 *
 * @param evidence of the breaker
 * @returns those trips
 * @example unpluggedInstantTrips(evidence).length // 2
 */
export const unpluggedInstantTrips = (evidence: Evidence) =>
  evidence.trips.filter(
    (trip) => trip.event.unplugged && trip.pace === 'at-once' && trip.event.at > heldSince(evidence),
  );

/**
 * Whether the cause of the last trip is known and removed.
 *
 * @param evidence of the breaker
 * @returns whether the trip itself or a later reset says so
 * @example causeRemoved(evidence) // false
 */
export function causeRemoved(evidence: Evidence): boolean {
  const trip = lastTrip(evidence);
  if (!trip) return false;
  const { lastReset } = evidence;
  return (
    trip.event.cause === 'known-removed' ||
    (lastReset !== null && lastReset.at >= trip.event.at && lastReset.cause === 'known-removed')
  );
}

/** Whether it was pushed fully off and on with clean clicks since it last tripped. */
export function fullyReset(evidence: Evidence): boolean {
  const feel = itemOf(evidence, 'reset-feel');
  return feel?.outcome === 'clean-clicks' && feel.at >= (lastTrip(evidence)?.event.at ?? '');
}

/**
 * How the terminals and the breaker feel by all that was measured and touched.
 *
 * @param evidence of the breaker
 * @returns `unknown` where nothing was measured
 * @example warmth(evidence) // 'cool'
 */
export function warmth(evidence: Evidence): 'cool' | 'warm' | 'unknown' {
  const face = outcomeOf(evidence, 'face-temperature');
  const terminal = outcomeOf(evidence, 'terminal-temperature');
  const touch = outcomeOf(evidence, 'panel-touch');
  const graded = evidence.heat.map((fact) => fact.result.grade);
  if (touch === 'warm' || touch === 'hot' || graded.some((grade) => grade !== 'normal')) return 'warm';
  const judged = evidence.heat.some(
    (fact) => fact.result.overPeersC !== null || fact.result.riseAtRatingC !== null,
  );
  return touch === 'cool' || face || terminal || judged ? 'cool' : 'unknown';
}

/** The joints as they were seen or measured. */
export function joints(evidence: Evidence): 'clean-and-cool' | 'bad' | 'unknown' {
  const seen = outcomeOf(evidence, 'terminal-inspection');
  const heat = warmth(evidence);
  if (heat === 'warm' || (seen !== undefined && seen !== 'clean-and-tight')) return 'bad';
  return seen === 'clean-and-tight' && heat === 'cool' ? 'clean-and-cool' : 'unknown';
}

/** A load within the rating was measured after the last trip: less runs on it now. */
export function reliefMeasured(evidence: Evidence): boolean {
  const { load } = evidence;
  const trip = lastTrip(evidence);
  return (
    load !== null && load.by !== 'nameplates' && load.share <= 1 && (load.at ?? '') > (trip?.event.at ?? '')
  );
}

/**
 * Whether a current over the rating was measured, and not before its cause was removed.
 *
 * @param evidence of the breaker
 * @returns whether there is such a reading; nameplates do not count
 * @example overloadMeasured(evidence) // true
 */
export function overloadMeasured(evidence: Evidence): boolean {
  const { load } = evidence;
  if (!load || load.by === 'nameplates' || load.share <= 1) return false;
  return !(causeRemoved(evidence) && load.at !== null && load.at <= lastTrip(evidence)!.event.at);
}

/**
 * The action that replaces this breaker: for the main it is another.
 *
 * @param evidence of the breaker
 * @returns id of the action
 * @example replaceThisBreaker(evidence) // 'replace-breaker'
 */
export const replaceThisBreaker = ({ breaker }: Evidence) =>
  breaker.role === 'main' ? ('replace-main' as const) : ('replace-breaker' as const);

/** Whether it carried more than its rating when it last tripped, by the current on record, and nothing less was measured since. */
export function overloadAtTrip(evidence: Evidence): boolean {
  const trip = lastTrip(evidence);
  const isSlow = trip?.pace === 'minutes' || trip?.pace === 'hours';
  return (
    isSlow &&
    (trip.event.amps ?? 0) > evidence.breaker.ratingAmps &&
    trip.verdict !== 'too-early' &&
    !causeRemoved(evidence) &&
    !reliefMeasured(evidence)
  );
}

/** Whether load, voltage or heat was measured since the breaker last held after its last trip. */
export function measuredSinceHeld(evidence: Evidence): boolean {
  const held = heldSince(evidence);
  if (held === '' || held < (lastTrip(evidence)?.event.at ?? '')) return false;
  const readings = evidence.items.filter(({ origin }) => origin === 'reading');
  return [...evidence.heat, evidence.load, ...readings].some((fact) => (fact?.at ?? '') > held);
}
