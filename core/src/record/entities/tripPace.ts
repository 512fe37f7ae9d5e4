import { TIME_LIMITS } from '../../facts/limits/index.ts';
import type { BreakerEvent } from './entries.ts';
import type { Pace } from './kinds.ts';
import * as messages from './messages.ts';

/** The span of seconds a pace stands for, where nobody timed the trip. */
export const PACE_SECONDS: Record<Pace, { from: number; to: number }> = {
  'at-once': { from: 0, to: TIME_LIMITS.tripsAtOnceSeconds },
  seconds: { from: TIME_LIMITS.tripsAtOnceSeconds, to: TIME_LIMITS.tripsInSecondsSeconds },
  minutes: { from: TIME_LIMITS.tripsInSecondsSeconds, to: TIME_LIMITS.tripsInMinutesSeconds },
  hours: { from: TIME_LIMITS.tripsInMinutesSeconds, to: 86_400 },
};

/** How soon a trip came, in words that go on from “it tripped”. */
export const PACE_WORDS: Record<Pace, string> = {
  'at-once': 'immediately',
  seconds: messages.withinAMinute,
  minutes: messages.withinTheHour,
  hours: messages.afterMoreThanAnHour,
};

/**
 * What a tripped handle tells by its time: at once, within a minute, within an hour, later.
 *
 * @param afterSeconds s
 * @returns the pace’s id
 * @example paceOf(480) // 'minutes'
 */
export function paceOf(afterSeconds: number): Pace {
  return (
    (Object.keys(PACE_SECONDS) as Pace[]).find((pace) => afterSeconds <= PACE_SECONDS[pace].to) ?? 'hours'
  );
}

/**
 * Whether an event ended in a trip: a trip by itself, or a reset that did not hold.
 *
 * @param event its kind, and how it ended
 * @returns whether it did
 * @example isTrip({ kind: 'reset', result: 'tripped' }) // true
 */
export const isTrip = (event: Pick<BreakerEvent, 'kind' | 'result'>) =>
  event.kind === 'trip' || (event.kind === 'reset' && event.result === 'tripped');

/**
 * How soon an event tripped, by the clock or by feel.
 *
 * @param event s if it was timed, else by feel
 * @returns the pace’s id
 * @example tripPace({ afterSeconds: 480, pace: null }) // 'minutes'
 */
export const tripPace = (event: Pick<BreakerEvent, 'afterSeconds' | 'pace'>): Pace =>
  event.afterSeconds === null ? (event.pace ?? 'minutes') : paceOf(event.afterSeconds);
