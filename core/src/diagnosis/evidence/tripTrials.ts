import { TIME_LIMITS } from '../../facts/limits/index.ts';
import {
  effectiveRating,
  type EffectiveRating,
  type EffectiveRatingInput,
  type TrialEvent,
} from '../../physics/breakerEstimate/index.ts';
import { sayDuration, sayQuantity } from '../../facts/quantities/index.ts';
import { MUST_OPEN_MULTIPLE } from '../../facts/standards/index.ts';
import {
  isTrip,
  PACE_SECONDS,
  tripPace,
  type Breaker,
  type BreakerEvent,
} from '../../record/entities/index.ts';
import {
  isCovered,
  judgeHold,
  MAGNETIC_PICKUP,
  nearestAmbient,
  slowestCoolDown,
  tripWindow,
  type Band,
  type TripVerdict,
} from '../../physics/trip/index.ts';
import { marked, type TripFact, type BreakerEstimate, type TripTrial } from '../evidenceItems/index.ts';
import { eventWindowQuestion, sayWindow, tripFacts } from './tripEvidence.ts';
import * as messages from './messages.ts';

/** How long a load is taken to have run where it is only said that it was steady: all is settled by then. */
const STEADY_SECONDS = TIME_LIMITS.steadySeconds;

/** Whether an event says that the breaker carried a current for a time and held. */
const isHold = (event: BreakerEvent) =>
  event.kind === 'no-trip' || (event.kind === 'reset' && event.result === 'holds' && event.amps !== null);

/**
 * The trips and holds of a breaker as measurements of its bimetal, oldest first, each with what it tells.
 *
 * @param events its standing events, oldest first
 * @param band the edges of a sound breaker of its family; those of the standard if left out
 * @param trips what is known of its trips already; worked out if left out
 * @returns each with what it tells, and why
 * @example tripTrialsOf(breaker, []) // []
 */
export function tripTrialsOf(
  breaker: Breaker,
  events: readonly BreakerEvent[],
  band?: Band,
  trips: readonly TripFact[] = tripFacts(
    { breaker, circuit: null, entries: { readings: [], events: [...events], observations: [] } },
    band,
  ),
): TripTrial[] {
  const verdicts = new Map(trips.map(({ event, verdict }) => [event.id, verdict]));
  let before: BreakerEvent | null = null;
  return events.flatMap((event): TripTrial[] => {
    const tripped = isTrip(event);
    if (!tripped && !isHold(event)) return [];
    const base = {
      eventId: event.id,
      at: event.at,
      outcome: tripped ? ('tripped' as const) : ('held' as const),
      amps: event.amps,
      seconds: event.afterSeconds,
    };
    const nothing = tellsNothing(breaker, event, before);
    if (tripped) before = event;
    if (nothing !== null) return [{ ...base, event: null, tells: 'nothing', text: marked(event, nothing) }];
    const { tells, text } = judged(breaker, event, verdicts.get(event.id) ?? null, band);
    return [{ ...base, event: asTrialEvent(event), tells, text: marked(event, text) }];
  });
}

/** Why an event tells nothing of the bimetal; `null` if it tells something. */
function tellsNothing(breaker: Breaker, event: BreakerEvent, before: BreakerEvent | null): string | null {
  const { kind, ratingAmps } = breaker;
  if (kind === 'surge') return messages.aSurgeProtectiveDeviceHasNo;
  if (!isCovered(ratingAmps)) return messages.theModelCoversRatingsFrom10;
  if (event.amps === null) return messages.theCurrentIsNotKnownSo;
  if (event.amps === 0) return messages.noCurrentWasFlowingSoThis;
  if (!isTrip(event)) {
    return event.afterSeconds === null ? messages.theHoldingTimeIsNotKnown : null;
  }
  if (kind !== 'standard') return messages.itsElectronicsMayHaveTrippedIt;
  if (event.cause === 'known-removed') return messages.theCauseIsKnownAndRemoved;
  if (tripPace(event) === 'at-once' || event.amps >= MAGNETIC_PICKUP.mostSensitive * ratingAmps)
    return messages.anImmediateOrInstantaneousTrip;
  // Where a logger saw the hour before, what was left of an earlier trip is in it.
  if (event.history === null && before !== null && stillWarm(ratingAmps, before, event))
    return messages.theBreakerHadNotCooledSince;
  return null;
}

function stillWarm(ratingAmps: number, before: BreakerEvent, event: BreakerEvent): boolean {
  const loaded = event.afterSeconds ?? PACE_SECONDS[tripPace(event)].from;
  const rested = (Date.parse(event.at) - Date.parse(before.at)) / 1000 - loaded;
  return tripPace(before) !== 'at-once' && rested < slowestCoolDown(ratingAmps).forgotten;
}

function asTrialEvent(event: BreakerEvent): TrialEvent {
  const tripped = isTrip(event);
  const { from, to } = PACE_SECONDS[tripPace(event)];
  const seconds = event.afterSeconds ?? to;
  const preload = (event.preloadAmps ?? 0) > 0 ? [{ amps: event.preloadAmps!, seconds: STEADY_SECONDS }] : [];
  return {
    ambientC: nearestAmbient(event.ambientC),
    segments: event.history ?? [...preload, { amps: event.amps!, seconds }],
    outcome: tripped ? 'tripped' : 'held',
    ...(event.afterSeconds === null && tripped ? { notBeforeSeconds: from } : {}),
  };
}

function judged(
  breaker: Breaker,
  event: BreakerEvent,
  verdict: TripVerdict | null,
  band?: Band,
): Pick<TripTrial, 'tells' | 'text'> {
  const question = eventWindowQuestion(breaker, event)!;
  const sound = sayWindow(tripWindow(question, band));
  const amps = sayQuantity(event.amps!, 'A');
  if (isTrip(event)) {
    const when = event.afterSeconds === null ? '' : messages.afterSpaced(sayDuration(event.afterSeconds));
    const words = {
      'too-early': messages.tooEarly,
      'too-late': messages.tooLate,
      'within-band': messages.consistentWithASoundBreaker,
    };
    return {
      tells: verdict === null || verdict === 'within-band' ? 'consistent' : verdict,
      text: messages.itTrippedAt(words[verdict ?? 'within-band'], when, amps, sound),
    };
  }
  const late = judgeHold(question, event.afterSeconds!, band) === 'too-late';
  return {
    tells: late ? 'too-late' : 'consistent',
    text: messages.itHeldFor(
      late ? messages.tooLate : messages.consistentWithASoundBreaker,
      amps,
      sayDuration(event.afterSeconds!),
      sound,
    ),
  };
}

/** Answers by their question: a board asks the same of every breaker each time it is looked at. */
const answered = new Map<string, EffectiveRating>();
const MOST_ANSWERS = 2000;

function remembered(question: EffectiveRatingInput): EffectiveRating {
  const key = JSON.stringify(question);
  const known = answered.get(key);
  if (known) return known;
  if (answered.size >= MOST_ANSWERS) answered.clear();
  const rating = effectiveRating(question);
  answered.set(key, rating);
  return rating;
}

/**
 * The effective rating by the events that tell something; `null` without any.
 *
 * @param ratingAmps rating, A
 * @param trials its trips and holds, as `trialsOf` gives them
 * @returns percentiles in A, judgement and probabilities, with how many events they come from
 * @example breakerEstimate(20, []) // null
 */
export function breakerEstimate(ratingAmps: number, trials: readonly TripTrial[]): BreakerEstimate | null {
  const telling = trials.filter((trial) => trial.event !== null);
  if (telling.length === 0) return null;
  return {
    trips: telling.filter(({ outcome }) => outcome === 'tripped').length,
    holds: telling.filter(({ outcome }) => outcome === 'held').length,
    rating: remembered({ ratingAmps, events: telling.map(({ event }) => event!) }),
  };
}

const count = (n: number, one: string, many: string) =>
  n === 0 ? null : n === 1 ? `1 ${one}` : `${n} ${many}`;

/**
 * What the record of a unit says of it, as a sentence.
 *
 * @param ratingAmps rating, A
 * @param estimate what its trips and no-trips say
 * @returns a sentence
 * @example sayBreakerEstimate(20, estimate) // 'By 3 trips it opens from …'
 */
export function sayBreakerEstimate(ratingAmps: number, { trips, holds, rating }: BreakerEstimate): string {
  const { p05, p50, p95 } = rating.ultimateAmps;
  const by = [count(trips, 'trip', 'trips'), count(holds, 'hold', 'holds')].filter(Boolean).join(' and ');
  const amps = (value: number) => sayQuantity(value, 'A');
  return messages.byItTripsFromSteadyTo(
    by,
    amps(p50),
    amps(p05),
    amps(p95),
    amps(ratingAmps),
    amps(ratingAmps),
    amps(ratingAmps * MUST_OPEN_MULTIPLE),
  );
}
