import { sayDuration, sayQuantity } from '../../facts/quantities/index.ts';
import {
  isTrip,
  PACE_SECONDS,
  PACE_WORDS,
  tripPace,
  type Breaker,
  type BreakerEvent,
  type Pace,
} from '../../record/entities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import {
  isCovered,
  judgeTrip,
  nearestAmbient,
  type Band,
  tripWindow,
  type TripVerdict,
  type TripWindow,
  type TripWindowInput,
} from '../../physics/trip/index.ts';
import {
  type BreakerRecord,
  type EvidenceItem,
  type TripFact,
  handleAt,
  marked,
} from '../evidenceItems/index.ts';
import type { OutcomeOf } from '../../facts/vocabulary/index.ts';
import { isDeadShort } from '../wear/index.ts';
import * as messages from './messages.ts';

/** The trips of a breaker, oldest first, each held against the window of a sound breaker. */
export function tripFacts({ breaker, entries }: BreakerRecord, band?: Band): TripFact[] {
  return entries.events.filter(isTrip).map((event) => {
    const pace = tripPace(event);
    const question = eventWindowQuestion(breaker, event);
    return {
      event,
      pace,
      window: question && tripWindow(question, band),
      verdict:
        question && isThermal(breaker, event, pace) ? judge(question, pace, event.afterSeconds, band) : null,
    };
  });
}

/**
 * What each trip of a breaker tells about it, by the event's id: in the window of a sound breaker, too early,
 * too late; `null` where that cannot be told.
 *
 * @param breaker whose trips they are
 * @param events its standing events, oldest first
 * @param band the edges of a sound breaker of its family; the standard’s if left out
 * @returns verdicts by event id
 * @example judgedTrips(breaker, []).size // 0
 */
export function judgedTrips(
  breaker: Breaker,
  events: BreakerEvent[],
  band?: Band,
): Map<string, TripVerdict | null> {
  const facts = tripFacts(
    { breaker, circuit: null, entries: { readings: [], events, observations: [] } },
    band,
  );
  return new Map(facts.map(({ event, verdict }) => [event.id, verdict]));
}

/** Trips of electronic breakers and those at once are not the bimetal's; one with a known cause says nothing of the unit. */
const isThermal = (breaker: Breaker, event: BreakerEvent, pace: Pace) =>
  breaker.kind === 'standard' && pace !== 'at-once' && event.cause !== 'known-removed';

/** The window an event is held against; `null`: its current is not known, or the rating is beyond the model. */
export function eventWindowQuestion(breaker: Breaker, event: BreakerEvent): TripWindowInput | null {
  const { ratingAmps } = breaker;
  if (event.amps === null || !isCovered(ratingAmps)) return null;
  return {
    ratingAmps,
    amps: event.amps,
    preloadAmps: Math.min(ratingAmps, Math.max(0, event.preloadAmps ?? 0)),
    ambientC: nearestAmbient(event.ambientC),
  };
}

/** A trip that was not timed is early only if even the longest time of its pace is, and late likewise. */
function judge(question: TripWindowInput, pace: Pace, seconds: number | null, band?: Band): TripVerdict {
  const { from, to } = PACE_SECONDS[pace];
  if (judgeTrip(question, seconds ?? to, band) === 'too-early') return 'too-early';
  return judgeTrip(question, seconds ?? from, band) === 'too-late' ? 'too-late' : 'within-band';
}

/**
 * What a sound breaker would have done, as a sentence.
 *
 * @param window soonest and latest, s
 * @returns a sentence
 * @example sayWindow(tripWindow({ ratingAmps: 20, amps: 40 })) // 'a sound breaker opens between 11 s and 2 min'
 */
export function sayWindow(window: TripWindow): string {
  const { fastestSeconds: fast, slowestSeconds: slow } = window;
  if (fast === null) return messages.aSoundBreakerCarriesThat;
  if (slow === null) return messages.aSoundBreakerTripsAfterAt(sayDuration(fast));
  return messages.aSoundBreakerTripsBetweenAnd(sayDuration(fast), sayDuration(slow));
}

/**
 * How a trip went, as a sentence.
 *
 * @param trip the event, and how soon it came
 * @returns a sentence
 * @example sayTrip({ event, pace: 'minutes', … }) // 'It tripped after 8 min at 17 A'
 */
export function sayTrip({ event, pace }: TripFact): string {
  const when =
    event.afterSeconds === null ? PACE_WORDS[pace] : messages.after(sayDuration(event.afterSeconds));
  const load = event.amps === null ? '' : messages.at(sayQuantity(event.amps, 'A'));
  return messages.itTripped(when, load, event.unplugged ? messages.withEverythingUnplugged : '');
}

/** Trips, resets and the handle as test outcomes. */
export function tripEvidence(file: BreakerRecord, trips: readonly TripFact[]): EvidenceItem[] {
  return [...curve(trips), ...record(file, trips), ...results(file, trips), ...feel(file), ...handle(file)];
}

function curve(trips: readonly TripFact[]): EvidenceItem[] {
  const judged = trips.filter((trip) => trip.verdict !== null);
  const telling = judged.findLast((trip) => trip.verdict !== 'within-band') ?? judged.at(-1);
  if (!telling) return [];
  const { amps, afterSeconds } = telling.event;
  const { fastestSeconds, slowestSeconds } = telling.window!;
  const limit = telling.verdict === 'too-late' ? slowestSeconds : fastestSeconds;
  const figures: EvidenceItem['figures'] = [{ label: 'current', value: amps!, unit: 'A' }];
  if (afterSeconds !== null)
    figures.push({
      label: messages.trippedAfter,
      value: afterSeconds,
      unit: 's',
      ...(limit !== null && { limit }),
    });
  return [
    {
      test: 'trip-vs-curve',
      outcome: telling.verdict === 'too-late' ? 'too-late-or-never' : telling.verdict!,
      at: telling.event.at,
      text: marked(telling.event, `${sayTrip(telling)}; ${sayWindow(telling.window!)}.`),
      figures,
      source: CITATIONS.thermalTrip,
      origin: 'computed',
    },
  ];
}

/** From the least to the most. */
const HOW_MANY = ['first-time', 'few', 'many-overload', 'after-dead-short'];

/** How often it has tripped. What somebody remembers stands where it is more than what is on record. */
function record({ breaker, entries }: BreakerRecord, trips: readonly TripFact[]): EvidenceItem[] {
  const last = trips.at(-1);
  if (!last) return [];
  const outcome = trips.some(({ event }) => isDeadShort(breaker, event))
    ? 'after-dead-short'
    : trips.length === 1
      ? 'first-time'
      : trips.length >= 4
        ? 'many-overload'
        : 'few';
  const told = entries.observations.findLast(({ test }) => test === 'trips-on-record');
  if (told && HOW_MANY.indexOf(told.outcome) > HOW_MANY.indexOf(outcome)) return [];
  const text = marked(
    { simulated: trips.some(({ event }) => event.simulated) },
    trips.length === 1 ? messages.oneTripIsOnRecord : messages.tripsAreOnRecord(trips.length),
  );
  return [{ test: 'trips-on-record', outcome, at: last.event.at, text, figures: [], origin: 'event' }];
}

/** The outcome of a reset that tripped, by how soon. */
const PACE_OUTCOMES = {
  'at-once': 'trips-at-once',
  seconds: 'trips-in-seconds',
  minutes: 'trips-in-minutes',
  hours: 'trips-after-hours',
} as const satisfies Record<Pace, string>;

/**
 * What switching it on gave, as an outcome of `reset-result`, or of `reset-result-unplugged`.
 *
 * @param pace how soon it tripped; `null`: it held
 * @returns the outcome’s id
 * @example resetOutcome('minutes', true) // 'trips-later'
 */
export function resetOutcome(pace: Pace | null, unplugged: false): OutcomeOf<'reset-result'>;
export function resetOutcome(pace: Pace | null, unplugged: true): OutcomeOf<'reset-result-unplugged'>;
export function resetOutcome(pace: Pace | null, unplugged: boolean): string;
export function resetOutcome(pace: Pace | null, unplugged: boolean): string {
  if (pace === null) return 'holds';
  return unplugged && pace !== 'at-once' ? 'trips-later' : PACE_OUTCOMES[pace];
}

/** What the latest switching-on gave, with the loads and without. */
function results({ entries }: BreakerRecord, trips: readonly TripFact[]): EvidenceItem[] {
  const items: EvidenceItem[] = trips.map((trip) => ({
    test: trip.event.unplugged ? ('reset-result-unplugged' as const) : ('reset-result' as const),
    outcome: resetOutcome(trip.pace, trip.event.unplugged),
    at: trip.event.at,
    text: marked(trip.event, `${sayTrip(trip)}.`),
    figures: [],
    origin: 'event' as const,
  }));
  for (const event of entries.events) {
    if (event.kind !== 'reset') continue;
    // With only some of its loads connected it holds nothing yet.
    const partly = event.connected !== null && event.connected.length > 0;
    if (event.result === 'holds' && !partly) {
      items.push({
        test: event.unplugged ? 'reset-result-unplugged' : 'reset-result',
        outcome: 'holds',
        at: event.at,
        text: marked(
          event,
          event.unplugged ? messages.afterAResetWithEverything : messages.afterTheResetItHolds,
        ),
        figures: [],
        origin: 'event',
      });
    }
    // A breaker that will not latch with everything unplugged trips immediately, as far as anybody can tell.
    if (event.feel === 'will-not-latch' && event.unplugged && event.result === null)
      items.push({
        test: 'reset-result-unplugged',
        outcome: 'trips-at-once',
        at: event.at,
        text: marked(event, messages.itDoesNotLatchEvenWith),
        figures: [],
        origin: 'event',
      });
    if (event.power !== null) {
      items.push({
        test: 'power-after-reset',
        outcome: event.power,
        at: event.at,
        text: marked(
          event,
          event.power === 'restored' ? messages.powerCameBackWithTheReset : messages.stillDeadAfterTheReset,
        ),
        figures: [],
        origin: 'event',
      });
    }
  }
  return items;
}

const FEEL_TEXT = {
  'clean-clicks': messages.itClicksCleanlyFullyOffAnd,
  'no-off-click': messages.itWasNotFullyResetThe,
  'hard-or-gritty': messages.theHandleIsStiffOrGritty,
  'will-not-latch': messages.itDoesNotLatch,
} as const;

function feel({ entries }: BreakerRecord): EvidenceItem[] {
  return entries.events.flatMap((event) =>
    event.feel === null
      ? []
      : [
          {
            test: 'reset-feel',
            outcome: event.feel,
            at: event.at,
            text: marked(event, FEEL_TEXT[event.feel]),
            figures: [],
            origin: 'event',
          },
        ],
  );
}

function handle({ entries }: BreakerRecord): EvidenceItem[] {
  const last = entries.events.at(-1);
  if (!last) return [];
  const position = handleAt(entries.events);
  return [
    {
      test: 'handle-position',
      outcome: position === 'tripped' ? 'middle' : position,
      at: last.at,
      text: marked(
        last,
        { on: messages.theHandleIsOn, off: messages.theHandleIsOff, tripped: messages.itHasTripped }[
          position
        ],
      ),
      figures: [],
      origin: 'event',
    },
  ];
}
