import * as messages from './messages.ts';

const DAY_MS = 86_400_000;

/** By so much clocks differ without anybody’s fault, time zones set wrong among them, ms. */
export const CLOCK_SLACK_MS = DAY_MS;

/** An entry that is further ahead of the clock here than this is a slip, not another clock, ms. */
export const MOST_AHEAD_MS = 31 * DAY_MS;

/** In a file, which other clocks wrote, an entry may lie this far ahead, ms. */
export const MOST_AHEAD_IN_FILE_MS = 366 * DAY_MS;

/** Two clocks that differ by more than this are told of, ms. */
const TOLD_MS = 5 * 60_000;

/**
 * The latest time an entry may have.
 *
 * @param now the clock here, ms since 1970
 * @param device the clock of the device that sends it, ms since 1970; null: it did not say
 * @returns ms since 1970. A device that tells its clock is held to it, as far as it may be ahead; another may be ahead by as much
 * @example latestTaken(now, null) // 31 days from now
 */
export const latestTaken = (now: number, device: number | null): number =>
  device === null
    ? now + MOST_AHEAD_MS
    : Math.min(Math.max(now, device) + CLOCK_SLACK_MS, now + MOST_AHEAD_MS);

/**
 * By how much the time of an entry was ahead of the clock it was logged by.
 *
 * @param entry when it was, and when it was logged, as instants
 * @returns ms; null: by no more than clocks differ
 * @example clockAheadMs({ at: '2026-12-01T10:00:00Z', loggedAt: '2026-11-28T10:00:00Z' }) // three days
 */
export function clockAheadMs({ at, loggedAt }: { at: string; loggedAt: string }): number | null {
  const ahead = Date.parse(at) - Date.parse(loggedAt);
  return ahead > CLOCK_SLACK_MS ? ahead : null;
}

/** A difference of two clocks, as it is told: one unit, or two. */
function sayDifference(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / 60_000);
  const [days, hours] = [Math.floor(minutes / 1440), Math.floor((minutes % 1440) / 60)];
  const of = (n: number, unit: string) => (n === 0 ? '' : `${n} ${unit}${n === 1 ? '' : 's'}`);
  const parts =
    days > 0 ? [of(days, 'day'), of(hours, 'hour')] : [of(hours, 'hour'), of(minutes % 60, 'minute')];
  return parts.filter(Boolean).join(' ');
}

/**
 * The mark of an entry whose time was ahead of the clock it was logged by.
 *
 * @param entry when it was, and when it was logged, as instants
 * @returns a sentence; null: it needs none
 * @example sayClockAhead(entry) // 'The entry’s time was 3 days ahead of the server’s clock.'
 */
export function sayClockAhead(entry: { at: string; loggedAt: string }): string | null {
  const ahead = clockAheadMs(entry);
  return ahead === null ? null : messages.theEntrySTimeWasAhead(sayDifference(ahead));
}

/** Three clocks, ms since 1970. */
export interface Clocks {
  device: number;
  server: number;
  /** The newest change on record, by whatever clock it was made; null: there is none. */
  newest: number | null;
}

/**
 * What is said where the clocks of a device and of the server differ, and whose is off, as far as the record shows it: what was
 * kept already cannot lie ahead.
 *
 * @param clocks the device’s, the server’s, and the newest change on record
 * @returns sentences; null: they agree
 * @example clockNotice({ device, server: device - 3 * 86_400_000, newest: device - 3_600_000 })
 */
export function clockNotice({ device, server, newest }: Clocks): string | null {
  const difference = device - server;
  if (Math.abs(difference) <= TOLD_MS) return null;
  const by = sayDifference(difference);
  const isBehind = (clock: number) => newest !== null && newest > clock + TOLD_MS;
  const keeps = messages.entriesAreSavedWithThisDevice;
  if (difference > 0)
    return isBehind(server)
      ? messages.theServerSClockIsSlow(by, keeps)
      : messages.thisDeviceSClockIsAhead(by, keeps);
  return isBehind(device)
    ? messages.thisDeviceSClockIsSlow(by)
    : messages.thisDeviceSClockIsBehind(by, keeps);
}
