import { marked, sayBreakerEstimate, type Evidence } from '../evidence/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';
import type { Decision, WeighedReason } from './decision.ts';
import { makeReason } from './parts.ts';
import { saySureness } from './saySureness.ts';
import * as messages from './messages.ts';

/** What heats a bimetal besides its own current: each makes a sound breaker open early, too. */
const HEATS_IT: readonly CauseId[] = ['loose-terminal', 'burnt-stab', 'bus-failing', 'hot-surroundings'];

/** The figures of a breaker’s trips and of everything on record differ from here on. */
const DIFFER = 0.1;

/**
 * A breaker’s reasons, where its trips alone make it likelier, or less likely, to be weak than all that is on record does:
 * with what explains the difference.
 */
export function againstTheRest(
  { estimate }: Evidence,
  causes: Decision['causes'],
  reasons: WeighedReason[],
): WeighedReason[] {
  const weak = causes.find(({ id }) => id === 'weak-breaker')?.probability ?? 0;
  if (estimate?.rating.judgement !== 'weak' || causes.length === 0) return reasons;
  const byTrips = estimate.rating.probability.weak;
  if (Math.abs(weak - byTrips) < DIFFER) return reasons;
  const other = causes.find(({ id }) => HEATS_IT.includes(id));
  const why = other && weak < byTrips ? messages.alsoMakesASoundBreakerTrip(other.name) : '';
  const more = messages.withEverythingElseOnRecordIt(saySureness(weak), why);
  return reasons.map((one) => (one.code === BY_RECORD ? { ...one, text: one.text + more } : one));
}

const BY_RECORD = 'effective-rating';

/** What trips and holds together say of the breaker, as a reason; `null` without any that tells something. */
export function tripRecordReason(evidence: Evidence, weight: 1 | 2 | 3): WeighedReason | null {
  const { estimate, breaker, trips } = evidence;
  if (!estimate) return null;
  const { judgement, probability, ultimateAmps } = estimate.rating;
  const words = {
    weak: messages.sureThatItTripsBelowIts(saySureness(probability.weak)),
    sound: messages.sureThatItTripsWithinThe(saySureness(probability.sound)),
    sluggish: messages.sureThatIt(
      saySureness(probability.sluggish),
      trips.length > 0 ? messages.tripsTooLate : messages.failsToTripWhenItMust,
    ),
    undetermined: messages.notConclusiveYetOpenTripCurve,
  }[judgement];
  const simulated = trips.some(({ event }) => event.simulated);
  return makeReason(
    BY_RECORD,
    weight,
    marked({ simulated }, `${sayBreakerEstimate(breaker.ratingAmps, estimate)} ${words}`),
    {
      figures: [{ label: messages.tripsFromSteadyCurrent, value: ultimateAmps.p50, unit: 'A' }],
      source: CITATIONS.thermalTrip,
    },
  );
}
