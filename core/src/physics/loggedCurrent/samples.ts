/** What a logger wrote down of one quantity: figures at their times, in order. */
export interface Samples {
  /** When each was taken, ms since 1970, ascending. */
  times: Float64Array;
  /** The figures, in A, V or °C; NaN where one is missing. */
  values: Float32Array;
}

/** A sample stands for the time until the next, but in a gap for no longer than so many usual intervals. */
export const LONGEST_HOLD = 3;

/**
 * The usual time between two samples: the median of what lies between neighbors.
 *
 * @param times ms since 1970, ascending
 * @returns ms; 0 with fewer than two samples
 * @example usualInterval(Float64Array.of(0, 1000, 2000, 9000)) // 1000
 */
export function usualInterval(times: Float64Array): number {
  const before = known.get(times);
  if (before !== undefined) return before;
  const usualMs = times.length < 2 ? 0 : medianInterval(times);
  known.set(times, usualMs);
  return usualMs;
}

/** Whatever is worked out of a recording asks for it: it is found once for each column of times, which never changes. */
const known = new WeakMap<Float64Array, number>();

function medianInterval(times: Float64Array): number {
  // So many are enough to tell what is usual.
  const stride = Math.max(1, Math.floor(times.length / 20_001));
  const between: number[] = [];
  for (let i = 1; i < times.length; i += stride) between.push(times[i]! - times[i - 1]!);
  between.sort((a, b) => a - b);
  return between[between.length >> 1]!;
}

/**
 * For how long each sample stands, in ms: until the next one, in a gap three usual intervals at most; the last one a usual interval.
 *
 * @param times ms since 1970, ascending
 * @param usualMs the usual interval, ms
 * @returns a function of the sample’s number
 * @example holdOf(Float64Array.of(0, 1000, 60_000), 1000)(1) // 3000
 */
export function holdOf(times: Float64Array, usualMs: number): (i: number) => number {
  const longest = LONGEST_HOLD * usualMs;
  const last = times.length - 1;
  return (i) => (i === last ? usualMs : Math.min(times[i + 1]! - times[i]!, longest));
}

/**
 * The first sample at or after an instant.
 *
 * @param times ms since 1970, ascending
 * @param at ms since 1970
 * @returns its number; the count of samples if there is none
 * @example firstAtOrAfter(Float64Array.of(0, 10, 20), 11) // 2
 */
export function firstAtOrAfter(times: Float64Array, at: number): number {
  let [low, high] = [0, times.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (times[middle]! < at) low = middle + 1;
    else high = middle;
  }
  return low;
}
