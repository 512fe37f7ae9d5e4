import {
  highestMean,
  spreadOf,
  usualInterval,
  type HighestMean,
  type CurrentRange,
} from '../../physics/loggedCurrent/index.ts';
import { curveOf, DRAWN_CHANNELS, type ChannelCourse } from './curve.ts';
import { samplesOf, type ChannelQuantity, type Recording } from './recording.ts';

/** A quarter of an hour: what a service’s load is judged by. */
export const QUARTER_HOUR_MS = 900_000;

/** What is told of a recording without opening it. */
export interface RecordingSummary {
  fromMs: number;
  toMs: number;
  samples: number;
  intervalMs: number;
  channels: {
    quantity: ChannelQuantity;
    /** null: nothing but gaps. */
    spread: CurrentRange | null;
    /** Of currents: the quarter hour with the highest mean; null where none was logged whole. */
    quarterHour: HighestMean | null;
    /** Of the first channels alone: a list draws no more. */
    curve?: ChannelCourse;
  }[];
}

/**
 * What is told of a recording without opening it.
 *
 * @param recording all of it
 * @returns from when to when (ms since 1970), how finely (ms), and for each channel its least, mean, most, highest quarter hour and course
 * @example recordingSummary(recording).channels[0].quarterHour // { fromMs: …, mean: 14.2 }
 */
export function recordingSummary(recording: Recording): RecordingSummary {
  const { times, channels } = recording;
  return {
    fromMs: times[0]!,
    toMs: times[times.length - 1]!,
    samples: times.length,
    intervalMs: usualInterval(times),
    channels: channels.map(({ quantity }, i) => {
      const samples = samplesOf(recording, i);
      return {
        quantity,
        spread: spreadOf(samples),
        quarterHour: quantity === 'current' ? highestMean(samples, QUARTER_HOUR_MS) : null,
        ...(i < DRAWN_CHANNELS && { curve: curveOf(samples) }),
      };
    }),
  };
}
