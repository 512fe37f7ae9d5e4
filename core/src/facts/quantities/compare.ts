/**
 * Two measured or computed figures are held equal when they differ by less than this, relative to
 * their size: sums such as 0.1 + 0.2 must not decide a rating.
 */
const TOLERANCE = 1e-9;

const slack = (a: number, b: number) => TOLERANCE * Math.max(1, Math.abs(a), Math.abs(b));

/** Meters disagree a little: watts may pass volt-amperes by this factor before it must be a slip. */
const METER_DISAGREEMENT = 1.02;

/**
 * Whether watts are more than their volt-amperes can give, the disagreement of meters forgiven.
 *
 * @param watts W
 * @param voltAmperes VA
 * @returns whether one of the figures must be a slip
 * @example exceedsApparent(121, 120) // false
 */
export const exceedsApparent = (watts: number, voltAmperes: number): boolean =>
  exceeds(watts, voltAmperes * METER_DISAGREEMENT);

/**
 * Whether a ≥ b, rounding errors forgiven.
 *
 * @param a one figure
 * @param b the other, in the same unit
 * @returns whether it is
 * @example atLeast(24 / 0.8, 30) // true, although 24 / 0.8 is 29.999999999999996
 */
export function atLeast(a: number, b: number): boolean {
  return b === Infinity ? a === Infinity : a >= b - slack(a, b);
}

/**
 * Whether a > b by more than a rounding error.
 *
 * @param a one figure
 * @param b the other, in the same unit
 * @returns whether it does
 * @example exceeds(41.1 - 38.1, 3) // false: the difference is 3, give or take a rounding error
 */
export function exceeds(a: number, b: number): boolean {
  return !atLeast(b, a);
}
