/**
 * The normal distribution function, to 1.5e-7.
 *
 * Source: Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26.
 *
 * @param z standard deviations
 * @returns the chance of less, 0 to 1
 * @example normalCdf(0) // 0.5
 */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const u = 1 / (1 + 0.3275911 * x);
  const series =
    u * (0.254829592 + u * (-0.284496736 + u * (1.421413741 + u * (-1.453152027 + u * 1.061405429))));
  const tail = 0.5 * series * Math.exp(-x * x);
  return z > 0 ? 1 - tail : tail;
}
