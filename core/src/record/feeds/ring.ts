import type { Sample } from './schema.ts';

/** A channel keeps so many figures: six minutes of ten a second. */
export const RING = 3600;

/** What became of a figure that came in. */
export type Came = 'new' | 'known' | 'other';

/** The newest figures of one channel, in the order of their times; the oldest make room. */
export class Ring {
  private samples: Sample[] = [];

  get last(): Sample | undefined {
    return this.samples.at(-1);
  }
  get all(): readonly Sample[] {
    return this.samples;
  }

  /** Where a time stands, or would: after all that are earlier. */
  private placeOf(time: string): number {
    let [low, high] = [0, this.samples.length];
    // Almost always it is the newest.
    if (this.samples.length > 0 && this.samples[high - 1]!.time < time) return high;
    while (low < high) {
      const middle = (low + high) >>> 1;
      if (this.samples[middle]!.time < time) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  /**
   * Whether a figure is new, was sent before, or contradicts one of the same time.
   *
   * @param sample of this channel
   * @returns what it is; nothing is changed
   */
  look({ time, value }: Sample): Came {
    const at = this.samples[this.placeOf(time)];
    if (at?.time !== time) return 'new';
    return at.value === value ? 'known' : 'other';
  }

  /** Take a figure in, at the place of its time. */
  add(sample: Sample): void {
    this.samples.splice(this.placeOf(sample.time), 0, sample);
    if (this.samples.length > RING * 1.25) this.samples = this.samples.slice(-RING);
  }
}
