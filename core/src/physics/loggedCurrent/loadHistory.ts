import { firstAtOrAfter, holdOf, usualInterval, type Samples } from './samples.ts';
import type { TripEvent } from './loadEventTypes.ts';

/** A trip is looked back on for so long, s. */
const HISTORY_SECONDS = 3600;

const MOST_STRETCHES = 40;

/** Time-weighted mean of the samples from one to before another; 0 where there are none. */
export function meanBetween({ times, values }: Samples, from: number, to: number): number {
  const hold = holdOf(times, usualInterval(times));
  let [sum, ms] = [0, 0];
  for (let i = Math.max(0, from); i < to; i += 1) {
    if (Number.isNaN(values[i]!)) continue;
    sum += values[i]! * hold(i);
    ms += hold(i);
  }
  return ms === 0 ? 0 : sum / ms;
}

/**
 * The hour before an instant in stretches of steady current, few enough to keep: what a breaker was through before it opened.
 *
 * @param samples A
 * @param atMs the instant, ms since 1970
 * @returns stretches in their order, A and s, forty at most; what lies in a gap counts as nothing carried
 * @example historyBefore({ times: Float64Array.of(0, 1000), values: Float32Array.of(5, 20) }, 2000)
 *   // [{ amps: 5, seconds: 1 }, { amps: 20, seconds: 1 }]
 */
export function historyBefore({ times, values }: Samples, atMs: number): TripEvent['history'] {
  const first = firstAtOrAfter(times, atMs - HISTORY_SECONDS * 1000);
  const last = firstAtOrAfter(times, atMs);
  const hold = holdOf(times, usualInterval(times));
  const stretches: { amps: number; seconds: number }[] = [];
  for (let i = first; i < last; i += 1) {
    const until = Math.min(i + 1 < last ? times[i + 1]! : atMs, atMs);
    const amps = Number.isNaN(values[i]!) ? 0 : values[i]!;
    const seconds = Math.min(hold(i), until - times[i]!) / 1000;
    stretches.push({ amps, seconds });
    const missing = (until - times[i]!) / 1000 - seconds;
    if (missing > 0) stretches.push({ amps: 0, seconds: missing });
  }
  return merged(stretches);
}

/** Neighbors that differ least become one, with the heat they make together, until few are left. */
function merged(stretches: { amps: number; seconds: number }[]): { amps: number; seconds: number }[] {
  let list = stretches.filter(({ seconds }) => seconds > 0);
  for (let tolerance = 0.1; list.length > MOST_STRETCHES; tolerance *= 1.5) {
    const next: typeof list = [];
    for (const one of list) {
      const before = next.at(-1);
      if (before && Math.abs(before.amps - one.amps) <= tolerance) {
        const seconds = before.seconds + one.seconds;
        before.amps = Math.sqrt((before.amps ** 2 * before.seconds + one.amps ** 2 * one.seconds) / seconds);
        before.seconds = seconds;
      } else next.push({ ...one });
    }
    list = next;
  }
  return list;
}
