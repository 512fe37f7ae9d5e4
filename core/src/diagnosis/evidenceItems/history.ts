import type { BreakerEvent, Entries } from '../../record/entities/index.ts';
const byTime = (a: { at: string; loggedAt: string }, b: { at: string; loggedAt: string }) =>
  a.at.localeCompare(b.at) || a.loggedAt.localeCompare(b.loggedAt);

/**
 * The entries that still count, oldest first: struck ones are left out.
 *
 * @param entries all that was logged of a breaker
 * @returns those that count
 * @example notStruck({ readings: [], events: [], observations: [] }).readings // []
 */
export function notStruck(entries: Entries): Entries {
  return {
    readings: entries.readings.filter((r) => r.struck === null).sort(byTime),
    events: entries.events.filter((e) => e.struck === null).sort(byTime),
    observations: entries.observations.filter((o) => o.struck === null).sort(byTime),
  };
}

const HOUR_MS = 3_600_000;

/** An entry with its instant as a number, ms: for lists that are searched again and again. */
export interface Timed<T> {
  entry: T;
  instant: number;
}

/**
 * Entries with their times as numbers, for lists that are searched often.
 *
 * @param list entries with a time
 * @returns each entry with its instant, ms since 1970
 * @example timed([{ at: '1970-01-01T00:00:01Z' }])[0]!.instant // 1000
 */
export const timed = <T extends { at: string }>(list: readonly T[]): Timed<T>[] =>
  list.map((entry) => ({ entry, instant: Date.parse(entry.at) }));

/**
 * The entry of a list nearest in time to an instant; of two as near, the later listed.
 *
 * @param list entries with their instants (see `timed`)
 * @param instant ms since 1970
 * @param hours how far off it may be, h
 * @returns the entry; `null`: none is near enough
 * @example nearestTo([], 0, 1) // null
 */
export function nearestTo<T extends { instant: number }>(
  list: readonly T[],
  instant: number,
  hours: number,
): T | null {
  let best: T | null = null;
  let least = hours * HOUR_MS;
  for (const one of list) {
    const off = Math.abs(one.instant - instant);
    if (off <= least) [best, least] = [one, off];
  }
  return best;
}

/**
 * As `nearestTo`, of a list that is searched once.
 *
 * @param list entries with a time
 * @param at the time
 * @param hours how far off it may be, h
 * @returns the entry; `null`: none is near enough
 * @example nearest([], '2026-11-03T19:05:00Z', 1) // null
 */
export const nearest = <T extends { at: string }>(list: readonly T[], at: string, hours: number): T | null =>
  nearestTo(timed(list), Date.parse(at), hours)?.entry ?? null;

/** Where an event leaves the handle; `null` if it does not say. */
export function handleAfter(event: BreakerEvent): HandlePosition | null {
  if (event.kind === 'handle') return event.position;
  if (event.kind === 'trip' || event.result === 'tripped' || event.feel === 'will-not-latch')
    return 'tripped';
  if (event.kind === 'no-trip') return 'on';
  return event.result === 'holds' || event.feel === 'clean-clicks' ? 'on' : null;
}

/**
 * Where the handle stood at an instant, told from the events up to it (oldest first). A breaker of
 * which nothing was logged is on.
 *
 * @param events its standing events, oldest first
 * @param at instant (UTC, ISO 8601); left out: now
 * @returns on, off or tripped
 * @example handleAt([]) // 'on'
 */
export function handleAt(events: readonly BreakerEvent[], at = '9999'): HandlePosition {
  const last = events.findLast((event) => event.at <= at && handleAfter(event) !== null);
  return last === undefined ? 'on' : handleAfter(last)!;
}

/**
 * When a reset last held.
 *
 * @param events of a breaker, oldest first
 * @returns the time of that reset; '' if none held
 * @example heldAt([]) // ''
 */
export const heldAt = (events: readonly BreakerEvent[]): string =>
  events.findLast((event) => event.kind === 'reset' && event.result === 'holds')?.at ?? '';

/**
 * Resets that tripped again since the breaker last held, oldest first.
 *
 * @param events its standing events, oldest first
 * @returns those resets
 * @example failedResets([]) // []
 */
export function failedResets(events: readonly BreakerEvent[]): BreakerEvent[] {
  const held = events.findLastIndex((event) => event.kind === 'reset' && event.result === 'holds');
  return events.slice(held + 1).filter((event) => event.kind === 'reset' && event.result === 'tripped');
}

export type HandlePosition = 'on' | 'off' | 'tripped';
