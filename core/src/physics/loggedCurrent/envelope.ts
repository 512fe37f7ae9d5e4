import { firstAtOrAfter, LONGEST_HOLD, usualInterval, type Samples } from './samples.ts';

/** Samples in the smallest block whose least and most are kept. */
const BLOCK = 32;

interface Level {
  /** Samples in a block. */
  size: number;
  least: Float32Array;
  most: Float32Array;
}

/** Least and most of a stretch, column by column of a picture; NaN where nothing was logged. A sample stands until the next. */
export interface Envelope {
  least: Float32Array;
  most: Float32Array;
}

/**
 * Prepare to draw samples at any scale without losing a peak: the least and the most of ever larger blocks.
 *
 * @param samples however many
 * @returns a function that gives the least and the most for each of some columns between two instants (ms since 1970)
 * @example
 * envelopeOf({ times: Float64Array.of(0, 1, 2, 3), values: Float32Array.of(1, 9, 2, 3) })(0, 4, 2)
 *   // { least: [1, 2], most: [9, 3] }
 */
export function envelopeOf({
  times,
  values,
}: Samples): (fromMs: number, toMs: number, columns: number) => Envelope {
  const levels: Level[] = [];
  for (let size = BLOCK; size < values.length * 2; size *= 2)
    levels.push(levelOf(values, size, levels.at(-1)));

  const over = (from: number, to: number): [number, number] => {
    let [least, most] = [Infinity, -Infinity];
    const see = (low: number, high: number) => {
      if (low < least) least = low;
      if (high > most) most = high;
    };
    let i = from;
    while (i < to) {
      // The largest block that begins here and does not reach beyond.
      let level: Level | undefined;
      for (const one of levels) {
        if (i % one.size !== 0 || i + one.size > to) break;
        level = one;
      }
      if (level) {
        const block = i / level.size;
        see(level.least[block]!, level.most[block]!);
        i += level.size;
      } else {
        const value = values[i]!;
        see(value, value);
        i += 1;
      }
    }
    return [least, most];
  };

  const longest = LONGEST_HOLD * usualInterval(times);
  return (fromMs, toMs, columns) => {
    const least = new Float32Array(columns).fill(NaN);
    const most = new Float32Array(columns).fill(NaN);
    const width = (toMs - fromMs) / columns;
    let from = firstAtOrAfter(times, fromMs);
    for (let column = 0; column < columns; column += 1) {
      const startMs = fromMs + column * width;
      const to = firstAtOrAfter(times, startMs + width);
      // What stood when the column began.
      const before = from > 0 && startMs - times[from - 1]! < longest ? from - 1 : from;
      const [low, high] = over(before, to);
      if (low <= high) [least[column], most[column]] = [low, high];
      from = to;
    }
    return { least, most };
  };
}

function levelOf(values: Float32Array, size: number, finer: Level | undefined): Level {
  const count = Math.ceil(values.length / size);
  const least = new Float32Array(count).fill(Infinity);
  const most = new Float32Array(count).fill(-Infinity);
  for (let block = 0; block < count; block += 1) {
    if (finer) {
      for (const half of [2 * block, 2 * block + 1]) {
        if (half >= finer.least.length) continue;
        least[block] = Math.min(least[block]!, finer.least[half]!);
        most[block] = Math.max(most[block]!, finer.most[half]!);
      }
    } else {
      for (let i = block * size; i < Math.min(values.length, (block + 1) * size); i += 1) {
        const value = values[i]!;
        if (value < least[block]!) least[block] = value;
        if (value > most[block]!) most[block] = value;
      }
    }
  }
  return { size, least, most };
}
