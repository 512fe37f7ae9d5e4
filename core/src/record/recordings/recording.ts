import type { Samples } from '../../physics/loggedCurrent/index.ts';

/** What a logger’s channel measures. */
export const CHANNEL_QUANTITIES = ['current', 'voltage', 'temperature'] as const;
export type ChannelQuantity = (typeof CHANNEL_QUANTITIES)[number];

/** How finely a channel’s figures are kept: finer than any logger reads them; and what hardware can do. */
export const CHANNEL_RANGES: Record<
  ChannelQuantity,
  { step: number; from: number; to: number; unit: string }
> = {
  current: { step: 0.001, from: 0, to: 10_000, unit: 'A' },
  voltage: { step: 0.01, from: 0, to: 1000, unit: 'V' },
  temperature: { step: 0.01, from: -60, to: 600, unit: '°C' },
};

export const MOST_SAMPLES = 1_000_000;
export const MOST_RECORDING_CHANNELS = 12;

/** What a logger wrote down: one column of times, and one of figures for each of its channels. */
export interface Recording {
  /** ms since 1970, ascending. */
  times: Float64Array;
  channels: {
    quantity: ChannelQuantity;
    /** A, V or °C; NaN where a figure is missing. */
    values: Float32Array;
  }[];
}

/**
 * One channel of a recording by itself.
 *
 * @param recording all of it
 * @param channel which of its channels
 * @returns its figures at their times
 * @example samplesOf(recording, 0).values.length
 */
export const samplesOf = ({ times, channels }: Recording, channel: number): Samples => ({
  times,
  values: channels[channel]!.values,
});
