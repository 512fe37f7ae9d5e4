/**
 * Round figures that span a range: steps of 1, 2 or 5 times a power of ten.
 *
 * @example roundTicks(0, 26) // [0, 5, 10, 15, 20, 25, 30]
 */
export function roundTicks(least: number, most: number): number[] {
  const rough = Math.max(most - least, 1e-6) / 5;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((n) => n * power).find((n) => n >= rough * 0.999)!;
  const [first, last] = [Math.floor(least / step), Math.ceil(most / step + 1e-9)];
  return Array.from({ length: last - first + 1 }, (_, i) => Number(((first + i) * step).toPrecision(12)));
}
