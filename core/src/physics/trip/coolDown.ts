import { leastSensitive } from './thermalElement.ts';

/** Shares of its trip threshold at which a bimetal latches again, and at which it has forgotten. */
const LATCHES_AT = 0.75;
const FORGOTTEN_AT = 0.05;

/** Seconds after a thermal trip. */
export interface CoolDownSeconds {
  /** From here on it can latch. */
  latches: number;
  /** From here on a trip tells of the current alone: it starts from cold. */
  forgotten: number;
}

/**
 * How long a unit takes to cool after a thermal trip: until it can latch, and until it has forgotten.
 *
 * @param tauSeconds its time constant, s
 * @returns s until it can latch, and until it has forgotten
 * @example coolDown(197) // { latches: 56.7…, forgotten: 590.2… }
 */
export const coolDown = (tauSeconds: number): CoolDownSeconds => ({
  latches: tauSeconds * Math.log(1 / LATCHES_AT),
  forgotten: tauSeconds * Math.log(1 / FORGOTTEN_AT),
});

/**
 * The longest any sound breaker of this rating (A) takes.
 *
 * @param ratingAmps rating, A
 * @returns s until it can latch, and until it has forgotten
 * @example slowestCoolDown(20).latches // 56.8
 */
export const slowestCoolDown = (ratingAmps: number): CoolDownSeconds =>
  coolDown(leastSensitive(ratingAmps).tauSeconds);
