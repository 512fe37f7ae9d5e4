import { wallTime } from './wallClock.ts';

const DAY_MS = 86_400_000;
/** No zone keeps its summer shorter than this. */
const STEP_MS = 14 * DAY_MS;
const SECOND_MS = 1000;
const MINUTE_MS = 60 * SECOND_MS;
/** Looked for so long for each pair of changes: a zone without any has none. */
const HORIZON_MS = 400 * DAY_MS;

/** How far a clock is ahead, ms. */
function offsetAt(at: number, zone: string): number {
  const { year, month, day, hours, minutes, seconds, ms } = wallTime(at, zone);
  return Date.UTC(year, month, day, hours, minutes, seconds, ms) - at;
}

/**
 * When the clocks are changed next.
 *
 * @param zone a time zone, such as America/Chicago
 * @param from ms since 1970
 * @param count how many changes at most
 * @returns instants, ms since 1970, the first of them after `from`; none where clocks are never changed
 * @example clockChanges('UTC', 0, 2) // []
 */
export function clockChanges(zone: string, from: number, count: number): number[] {
  const found: number[] = [];
  const until = from + HORIZON_MS * (1 + Math.ceil(count / 2));
  for (let at = from; at < until && found.length < count; at += STEP_MS) {
    const before = offsetAt(at, zone);
    if (offsetAt(at + STEP_MS, zone) === before) continue;
    let [low, high] = [at, at + STEP_MS];
    while (high - low > SECOND_MS) {
      const middle = Math.floor((low + high) / 2);
      if (offsetAt(middle, zone) === before) low = middle;
      else high = middle;
    }
    // Clocks are changed on the minute.
    found.push(Math.floor(high / MINUTE_MS) * MINUTE_MS);
  }
  return found;
}
