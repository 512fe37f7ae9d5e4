import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { EffectiveRatingInput, OpeningTimes } from '@phylaxon/core/physics/breakerEstimate';
import { sayDuration, sayPercent } from '@phylaxon/core/facts/quantities';
import { loadAmps, type Circuit } from '@phylaxon/core/record/entities';
import type { CurvePoint } from '@phylaxon/core/physics/trip';
import type { RunningLoad } from '@phylaxon/core/physics/profile';
import * as messages from './messages.ts';

/** What of a record tells something of the bimetal, as the core takes it. */
export const recordOf = ({
  breaker,
  trials,
}: Pick<BreakerDetail, 'breaker' | 'trials'>): EffectiveRatingInput => ({
  ratingAmps: breaker.ratingAmps,
  events: trials.flatMap(({ event }) => event ?? []),
});

/** The printed points of its family's curve, if there are any. */
export const pointsOf = ({ curve }: Pick<BreakerDetail, 'curve'>): CurvePoint[] | null =>
  curve?.points ?? null;

/** A circuit's loads as they run. */
export const runningLoads = (circuit: Circuit | null): RunningLoad[] =>
  (circuit?.loads ?? []).map((load) => ({
    id: load.id,
    name: load.name,
    amps: loadAmps(load),
    onSeconds: load.onSeconds,
    offSeconds: load.offSeconds,
    surgeTimes: load.surgeTimes,
    surgeSeconds: load.surgeSeconds,
  }));

/** A duration in one piece: its figures are not parted from their units at the end of a line. */
const duration = (seconds: number) => sayDuration(seconds).replaceAll(' ', '\u00a0');

/**
 * When something opens, from the soonest to the latest.
 *
 * @example sayTimes(240, 1140) // '4 min to 19 min'
 * @example sayTimes(49, null) // 'after 49 s at the earliest, or never'
 */
export function sayTimes(soonest: number | null, latest: number | null): string {
  if (soonest === null) return 'never';
  if (latest === null) return messages.afterAtTheEarliestOrNever(duration(soonest));
  const [from, to] = [duration(soonest), duration(latest)];
  return from === to ? messages.after(from) : messages.fromTo(from, to);
}

/**
 * What a current does to a sound breaker, as a homeowner reads it.
 *
 * @example sayTrips(240, 1140) // 'it trips, 4 min to 19 min'
 */
export function sayTrips(soonest: number | null, latest: number | null): string {
  if (soonest === null) return messages.itNeverTrips;
  if (latest === null) return messages.itMayTripAfterAtThe(duration(soonest));
  return messages.itTrips(sayTimes(soonest, latest));
}

/** Names as a list: “press, kettle and lamp”. */
export function sayList(names: readonly string[]): string {
  if (names.length < 2) return names.join('');
  return messages.and(names.slice(0, -1).join(', '), names.at(-1));
}

/** When this unit opens, in 9 of 10 of what is believed of it. */
export function sayOpeningTimes({ p05, p50, p95, never }: OpeningTimes): string {
  if (never >= 0.95) return 'never';
  const middle = p50 === null ? '' : messages.mostLikelyAbout(duration(p50));
  if (never < 0.05) return `${sayTimes(p05, p95)}${middle}`;
  const from = p05 === null ? '' : messages.hardlyBefore(duration(p05));
  return messages.thatItNeverDoes(sayPercent(never), middle, from);
}
