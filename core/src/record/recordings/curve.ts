import type { Samples } from '../../physics/loggedCurrent/index.ts';

/** A channel in so many steps of equal length: the least and the most of each, null where nothing was logged. */
export interface ChannelCourse {
  least: (number | null)[];
  most: (number | null)[];
}

/** Steps of a curve: as many as a small picture shows. */
export const CURVE_STEPS = 96;
/** So many channels of a recording are drawn in a list. */
export const DRAWN_CHANNELS = 2;
/** Figures that are told apart in a small picture. */
const DIGITS = 4;

/**
 * The course of a channel, for a small picture: nothing that stands out is left out.
 *
 * @param samples figures at their times, ms since 1970, ascending
 * @param steps how many steps of equal length
 * @returns the least and the most of each step, in the unit of the channel
 * @example curveOf({ times: Float64Array.of(0, 10), values: Float32Array.of(1, 3) }, 2) // { least: [1, 3], most: [1, 3] }
 */
export function curveOf({ times, values }: Samples, steps = CURVE_STEPS): ChannelCourse {
  const least: (number | null)[] = Array<null>(steps).fill(null);
  const most: (number | null)[] = Array<null>(steps).fill(null);
  const from = times[0]!;
  const span = Math.max(1, times[times.length - 1]! - from);
  for (let i = 0; i < times.length; i += 1) {
    const value = values[i]!;
    if (Number.isNaN(value)) continue;
    const step = Math.min(steps - 1, Math.floor(((times[i]! - from) / span) * steps));
    const [low, high] = [least[step], most[step]];
    if (low === null || low === undefined || value < low) least[step] = value;
    if (high === null || high === undefined || value > high) most[step] = value;
  }
  const short = (value: number | null) => (value === null ? null : Number(value.toPrecision(DIGITS)));
  return { least: least.map(short), most: most.map(short) };
}
