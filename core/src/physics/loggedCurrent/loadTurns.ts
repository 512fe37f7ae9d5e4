import { median } from '../../facts/quantities/index.ts';
import type { LoadEvent, SwitchedEvent, TripEvent } from './loadEventTypes.ts';
import { historyBefore } from './loadHistory.ts';
import { holdOf, usualInterval, type Samples } from './samples.ts';

/** How a known load ran, by a log: what the bench asks of it. */
export interface LoadTurns {
  loadId: string;
  /** How often it came on. */
  times: number;
  amps: number;
  /** Usually on, and off between, s; null: not seen twice. */
  onSeconds: number | null;
  offSeconds: number | null;
  /** Its start: current in running currents, and how long, s; null: none showed. */
  surgeTimes: number | null;
  surgeSeconds: number | null;
}

/** Seen so often, a load’s turns are told. */
const LEAST_TURNS = 2;
/** A start shorter than a sample took half of it, as far as anybody knows. */
const LEAST_SURGE_SECONDS = 0.5;

/**
 * How each known load ran.
 *
 * @param events of one circuit, in their order
 * @returns for each load that was seen at least twice, medians of its turns and of its start
 * @example loadTurns(events) // [{ loadId: 'pump', times: 31, amps: 5.1, onSeconds: 180, offSeconds: 1400, … }]
 */
export function loadTurns(events: readonly LoadEvent[]): LoadTurns[] {
  const switched = events.filter((event): event is SwitchedEvent => event.kind.startsWith('switched'));
  const ids = [...new Set(switched.flatMap(({ loadId }) => loadId ?? []))];
  return ids.flatMap((loadId): LoadTurns[] => {
    const own = switched.filter((event) => event.loadId === loadId);
    const ons = own.filter(({ kind }) => kind === 'switched-on');
    if (ons.length < LEAST_TURNS) return [];
    const between = (from: SwitchedEvent['kind']) =>
      own.flatMap((event, i) => {
        const next = own[i + 1];
        return event.kind === from && next && next.kind !== from ? [(next.atMs - event.atMs) / 1000] : [];
      });
    const starts = ons.flatMap(({ start }) => start ?? []);
    const showsStart = starts.length * 2 > ons.length;
    return [
      {
        loadId,
        times: ons.length,
        amps: median(ons.map(({ amps }) => amps))!,
        onSeconds: median(between('switched-on')),
        offSeconds: median(between('switched-off')),
        surgeTimes: showsStart ? median(starts.map(({ multiple }) => multiple)) : null,
        surgeSeconds: showsStart
          ? Math.max(LEAST_SURGE_SECONDS, median(starts.map(({ seconds }) => seconds))!)
          : null,
      },
    ];
  });
}

/** A stretch above the rating in which a breaker held. */
export interface Overload {
  atMs: number;
  amps: number;
  seconds: number;
  history: TripEvent['history'];
}

/** A shorter one tells nothing. */
const LEAST_OVERLOAD_SECONDS = 60;

/**
 * The longest stretch above the rating in which the breaker held: what a no-trip on record is made of.
 *
 * @param samples A
 * @param ratingAmps A
 * @param trips when it opened: a stretch that ended so is a trip, ms since 1970
 * @returns when it ended, its mean (A), how long (s), and the hour before its end; null: none of a minute
 * @example longestOverload({ times, values }, 20, []) // { atMs: …, amps: 24.1, seconds: 620, history: […] }
 */
export function longestOverload(
  samples: Samples,
  ratingAmps: number,
  trips: readonly number[],
): Overload | null {
  const { times, values } = samples;
  const usualMs = usualInterval(times);
  const hold = holdOf(times, usualMs);
  let best: Overload | null = null;
  let [from, ms, sum] = [-1, 0, 0];
  const close = (endMs: number) => {
    const tripped = trips.some((at) => at >= endMs - 2 * usualMs && at <= endMs + 2 * usualMs);
    if (from >= 0 && !tripped && ms / 1000 >= LEAST_OVERLOAD_SECONDS && ms / 1000 > (best?.seconds ?? 0))
      best = { atMs: endMs, amps: sum / ms, seconds: ms / 1000, history: [] };
    [from, ms, sum] = [-1, 0, 0];
  };
  for (let i = 0; i < times.length; i += 1) {
    if (values[i]! > ratingAmps) {
      if (from < 0) from = i;
      ms += hold(i);
      sum += values[i]! * hold(i);
    } else if (from >= 0) close(times[i]!);
  }
  if (from >= 0) close(times[times.length - 1]!);
  const found = best as Overload | null;
  return found && { ...found, history: historyBefore(samples, found.atMs) };
}
