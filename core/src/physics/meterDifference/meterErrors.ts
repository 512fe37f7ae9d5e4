import type { MeteredLoad } from './schema.ts';

/** Errors of readings of a utility meter. Figures of our own, from how people time a mark by hand. */
export const METER_ERRORS = {
  /** Standard deviation of one mark of a blinking lamp, s: reaction to a flash. */
  lampMarkSeconds: 0.25,
  /** And of the mark on a turning disk, which is seen coming, s. */
  diskMarkSeconds: 0.35,
  /** Standard deviation of what is always on, between one reading and the next, W. */
  restlessWatts: 8,
  /** Standard deviation of the meter itself, as a share of what it measures. */
  meterShare: 0.005,
  /** Standard deviations that hold 95% of the cases, with a margin for errors that are not normal. */
  coverage: 2.1,
} as const;

/** Power factor of what a circuit feeds: least, usual, most. */
export const POWER_FACTORS: Readonly<Record<MeteredLoad, { least: number; usual: number; most: number }>> = {
  resistive: { least: 0.98, usual: 1, most: 1 },
  motor: { least: 0.6, usual: 0.8, most: 0.97 },
  electronic: { least: 0.5, usual: 0.75, most: 1 },
  unknown: { least: 0.5, usual: 0.9, most: 1 },
};
