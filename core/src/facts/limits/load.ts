import { MUST_OPEN_MULTIPLE } from '../standards/index.ts';

/**
 * Limits of loads, as shares of a rating, and of the balance of the legs. Each comment gives the unit, the decision and the source. A limit
 * without a source is a scale of this program, from trade practice.
 */
export const LOAD_LIMITS = {
  /** share: The share of a rating that a load may take for three hours or more. Source: NEC 2023, 210.20(A), 125% of continuous load. */
  continuousShare: 0.8,
  /** share: A load above this is an overload. Source: UL 489, calibration. */
  fullShare: 1,
  /** share: A breaker has to open at this load. Source: UL 489, calibration. */
  mustOpenShare: MUST_OPEN_MULTIPLE,
  /** share: Legs that differ by more than this share of the larger are unbalanced. */
  unequalShare: 0.25,
  /** A: Legs that differ by less than this are balanced, whatever the share. */
  unequalAmps: 10,
  /** share: Sums of a leg count where this share of its circuits was measured. */
  measuredShare: 0.75,
  /** A: The largest breaker for outlets of cord-and-plug loads. Source: NEC 2023, 240.4(D), small conductors. */
  portableMostAmps: 20,
  /** A: The largest half-size breaker. */
  halfSizeMostAmps: 30,
  /** A: The least current that a managed charger is set to. Source: SAE J1772, least current of a charger. */
  managedLeastAmps: 6,
  /** A: The smallest feeder of a subpanel that is planned. */
  subpanelFeederLeastAmps: 60,
  /** A: Terminals up to this rating are used at 60 °C unless they are marked otherwise. Source: NEC 2023, 110.14(C)(1). */
  terminals60UpToAmps: 100,
  /** times: A logged current of more ratings than this is questioned once before it is stored. */
  likelyMostRatings: 3,
} as const;

/** Shares of the rating between the outcomes of a load. */
export const LOAD_BANDS = [
  LOAD_LIMITS.continuousShare,
  LOAD_LIMITS.fullShare,
  LOAD_LIMITS.mustOpenShare,
] as const;

/**
 * The outcome of a test for a load.
 *
 * @param share of the rating, 1 = all of it
 * @returns the outcome’s id
 * @example loadOutcome(1.2) // '100-to-135'
 */
export function loadOutcome(share: number): 'under-80' | '80-to-100' | '100-to-135' | 'over-135' {
  const [continuous, full, mustOpen] = LOAD_BANDS;
  if (share > mustOpen) return 'over-135';
  if (share > full) return '100-to-135';
  return share > continuous ? '80-to-100' : 'under-80';
}

/**
 * Whether the legs of a panel are unbalanced.
 *
 * @param a current of one leg, A
 * @param b current of the other leg, A
 * @returns whether they differ by more than both limits
 * @example areUnbalanced(40, 20) // true
 */
export function areUnbalanced(a: number, b: number): boolean {
  const apart = Math.abs(a - b);
  return apart > LOAD_LIMITS.unequalShare * Math.max(a, b) && apart > LOAD_LIMITS.unequalAmps;
}
