import { holdOf, usualInterval, type Samples } from './samples.ts';

/** A window in which less than this share was logged tells nothing. */
const LEAST_COVERED = 0.9;

export interface HighestMean {
  fromMs: number;
  /** Mean over the window, in the figures’ unit. */
  mean: number;
}

/**
 * The window with the highest mean: for a quarter hour what a service’s load is judged by. The window may begin at any time; each
 * sample stands until the next.
 *
 * Source: NEC 2023, 220.87 (the 15-minute period).
 *
 * @param samples in A, or any unit
 * @param windowMs how long the window is, ms
 * @returns where it begins and its mean; null where less than nine tenths of any window was logged
 * @example highestMean({ times: Float64Array.of(0, 1000, 2000, 3000), values: Float32Array.of(1, 4, 2, 0) }, 2000)
 *   // { fromMs: 1000, mean: 3 }
 */
export function highestMean({ times, values }: Samples, windowMs: number): HighestMean | null {
  const usualMs = usualInterval(times);
  const hold = holdOf(times, usualMs);
  const count = times.length;
  // Up to each sample: what was logged of it, in value × ms and in ms.
  const sums = new Float64Array(count + 1);
  const covered = new Float64Array(count + 1);
  for (let i = 0; i < count; i += 1) {
    const ms = Number.isNaN(values[i]!) ? 0 : hold(i);
    sums[i + 1] = sums[i]! + (ms === 0 ? 0 : values[i]! * ms);
    covered[i + 1] = covered[i]! + ms;
  }
  let best: HighestMean | null = null;
  const upTo = (at: number, before: number): { sum: number; covered: number } => {
    // `before`: the last sample at or before this instant.
    const ms = Number.isNaN(values[before]!) ? 0 : Math.min(Math.max(0, at - times[before]!), hold(before));
    return { sum: sums[before]! + (ms === 0 ? 0 : values[before]! * ms), covered: covered[before]! + ms };
  };
  const endMs = count === 0 ? 0 : times[count - 1]! + usualMs;
  const look = (fromMs: number, first: number, last: number) => {
    if (fromMs + windowMs > endMs) return;
    const start = upTo(fromMs, first);
    const end = upTo(fromMs + windowMs, last);
    const logged = end.covered - start.covered;
    if (logged < LEAST_COVERED * windowMs) return;
    const mean = (end.sum - start.sum) / logged;
    if (!best || mean > best.mean) best = { fromMs, mean };
  };
  // What is constant between samples has its highest window where one end of it lies on a sample.
  for (let i = 0, last = 0; i < count; i += 1) {
    while (last + 1 < count && times[last + 1]! <= times[i]! + windowMs) last += 1;
    look(times[i]!, i, last);
  }
  const endOf = (i: number) => times[i]! + hold(i);
  for (let i = 0, first = 0; i < count; i += 1) {
    const from = endOf(i) - windowMs;
    if (from < times[0]!) continue;
    while (first + 1 < count && times[first + 1]! <= from) first += 1;
    look(from, first, i);
  }
  return best;
}

/**
 * For how long the figures lay above a limit.
 *
 * @param samples in A, or any unit
 * @param limit in the same unit
 * @returns ms above it
 * @example timeAbove({ times: Float64Array.of(0, 1000, 2000), values: Float32Array.of(17, 15, 18) }, 16) // 2000
 */
export function timeAbove({ times, values }: Samples, limit: number): number {
  const hold = holdOf(times, usualInterval(times));
  let total = 0;
  for (let i = 0; i < times.length; i += 1) if (values[i]! > limit) total += hold(i);
  return total;
}

/** Least, mean and most of what was logged. */
export interface CurrentRange {
  least: number;
  mean: number;
  most: number;
}

/**
 * Least, time-weighted mean and most of what was logged.
 *
 * @param samples in A, or any unit
 * @returns in the same unit; null where nothing was logged
 * @example spreadOf({ times: Float64Array.of(0, 1000), values: Float32Array.of(2, 4) }) // { least: 2, mean: 3, most: 4 }
 */
export function spreadOf({ times, values }: Samples): CurrentRange | null {
  const hold = holdOf(times, usualInterval(times));
  let [least, most, sum, ms] = [Infinity, -Infinity, 0, 0];
  for (let i = 0; i < times.length; i += 1) {
    const value = values[i]!;
    if (Number.isNaN(value)) continue;
    if (value < least) least = value;
    if (value > most) most = value;
    const held = hold(i) || 1;
    sum += value * held;
    ms += held;
  }
  return ms === 0 ? null : { least, mean: sum / ms, most };
}
