/**
 * Median of a list; for an even count the mean of the two in the middle. `null` for an empty list.
 *
 * @param values in any order
 * @returns in their unit
 * @example median([3, 1, 2]) // 2
 * @example median([4, 1, 2, 3]) // 2.5
 */
export function median(values: readonly number[]): number | null {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}
