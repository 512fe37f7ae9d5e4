/** The normal quantile that leaves one in twenty outside, half on each side. */
const Z = 1.959964;

/**
 * Where the true share lies, 19 times in 20, after so many of so many: Wilson’s score interval.
 *
 * Source: E. B. Wilson, Probable inference, the law of succession, and statistical inference (1927).
 *
 * @param right how often
 * @param of out of how many, at least 1
 * @returns shares from 0 to 1
 * @throws never
 * @example sureRange(8, 10) // { from: 0.490…, to: 0.943… }
 */
export function sureRange(right: number, of: number): { from: number; to: number } {
  const p = right / of;
  const middle = p + Z ** 2 / (2 * of);
  const off = Z * Math.sqrt((p * (1 - p)) / of + Z ** 2 / (4 * of ** 2));
  const scale = 1 + Z ** 2 / of;
  return { from: Math.max(0, (middle - off) / scale), to: Math.min(1, (middle + off) / scale) };
}
