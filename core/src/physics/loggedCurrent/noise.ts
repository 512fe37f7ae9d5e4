/** Levels for which noise is told apart, in A: a meter’s error grows with what it reads. */
const LEVELS = [0.5, 1.5, 3, 6, 10, 16, 24, 40, 80, Infinity];
/** Less than this is no load worth a line, in A. */
const LEAST_STEP_AMPS = 0.25;
/** So many standard deviations are no noise. */
const DEVIATIONS = 5.5;
/** So many pairs of neighbors tell a level’s noise; more tell no more. */
const LEAST_PAIRS = 100;
const MOST_PAIRS = 20_000;
/** The median of what neighbors differ by, of figures with a standard deviation of 1: 0.6745 × √2. */
const MEDIAN_DIFFERENCE = 0.954;

/**
 * By how much two figures must differ to be more than a meter’s noise, for each current: from what neighbors usually differ by.
 *
 * @param values A, in their order
 * @returns from a current (A) to the least step (A) that is one
 * @example stepThreshold(Float32Array.of(5, 5.01, 5, 4.99))(5) // 0.25, the least there is
 */
export function stepThreshold(values: Float32Array): (amps: number) => number {
  const differences: number[][] = LEVELS.map(() => []);
  for (let i = 1; i < values.length; i += 1) {
    const [a, b] = [values[i - 1]!, values[i]!];
    const level = levelOf(a);
    // Neighbors on two levels are a step, or at a border; both tell nothing of noise.
    if (Number.isNaN(a + b) || levelOf(b) !== level) continue;
    const list = differences[level]!;
    if (list.length < MOST_PAIRS) list.push(Math.abs(a - b));
  }
  const noise = differences.map((list) => {
    if (list.length < LEAST_PAIRS) return null;
    list.sort((a, b) => a - b);
    return list[list.length >> 1]! / MEDIAN_DIFFERENCE;
  });
  const thresholds = noise.map((_own, level) =>
    Math.max(LEAST_STEP_AMPS, DEVIATIONS * (nearestKnown(noise, level) ?? 0)),
  );
  return (amps) => thresholds[levelOf(amps)]!;
}

/** What was hardly ever carried has the noise of the nearest level that was. */
function nearestKnown(noise: readonly (number | null)[], level: number): number | null {
  for (let away = 0; away < noise.length; away += 1) {
    const known = noise[level - away] ?? noise[level + away] ?? null;
    if (known !== null) return known;
  }
  return null;
}

const levelOf = (amps: number) => LEVELS.findIndex((limit) => amps < limit);
