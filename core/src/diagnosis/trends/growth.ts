/** A figure at a time, with how far off it may be. */
export interface Observed {
  /** Years, from any beginning. */
  years: number;
  value: number;
  /** Standard deviation, in the unit of the value. */
  sd: number;
}

/** What is taken for granted before anything was measured. */
export interface GrowthPrior {
  /** A usual rate of what grows, in the unit of the value a year. */
  usualPerYear: number;
  /** How many in a hundred of what is measured again and again do grow, from 0 to 1. */
  share: number;
}

/** A stretch from the tenth to the ninetieth in a hundred, and the middle. */
export interface Spread {
  p10: number;
  p50: number;
  p90: number;
}

/** What figures over the years say: whether they grow, how fast, and when a limit is reached. */
export interface Growth {
  /** That it grows, from 0 to 1. */
  probability: number;
  /** Of a growing one, in the unit of the value a year. */
  perYear: Spread;
  /** Of a growing one: where it stands at the last figure, in the unit of the value. */
  now: number;
  /** Of a growing one: where it began, in the unit of the value. */
  began: number;
  /** The rates it may have, with the level that goes with each, for `reached`. */
  lines: readonly Line[];
}

/** One way it may grow: steady up to a time, from then on at a rate. */
interface Line {
  weight: number;
  rate: number;
  level: number;
  began: number;
}

/** Fewer figures than this, or over less than so many years, say nothing. */
const LEAST_FIGURES = 3;
const LEAST_YEARS = 0.75;
/** So many times it may have begun are held against the figures. */
const MOST_BEGINS = 24;

/** Rates that are held against the figures, over the usual one, with their chances: most are near it. */
const RATES = [0.25, 0.35, 0.5, 0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 16].map((times) => ({
  times,
  chance: Math.exp(-0.5 * (Math.log2(times) / 1.2) ** 2),
}));
const CHANCES = RATES.reduce((sum, { chance }) => sum + chance, 0);

const weightedMean = (observed: readonly Observed[], value: (one: Observed) => number): number => {
  let [sum, weights] = [0, 0];
  for (const one of observed) {
    sum += value(one) / one.sd ** 2;
    weights += 1 / one.sd ** 2;
  }
  return sum / weights;
};

/** How badly a ramp misses the figures, its beginning chosen for the best: the sum of squares over their spread. */
function missOf(observed: readonly Observed[], from: number, rate: number): { miss: number; began: number } {
  const ramp = ({ years }: Observed) => rate * Math.max(0, years - from);
  const began = weightedMean(observed, (one) => one.value - ramp(one));
  const miss = observed.reduce((sum, one) => sum + ((one.value - ramp(one) - began) / one.sd) ** 2, 0);
  return { miss, began };
}

/** So many of a list at most, spread over it. */
const thinned = (list: readonly number[], most: number): number[] =>
  list.length <= most
    ? [...list]
    : Array.from({ length: most }, (_, i) => list[Math.round((i * (list.length - 1)) / (most - 1))]!);

const at = (lines: readonly { weight: number; value: number }[], share: number): number => {
  const sorted = [...lines].sort((a, b) => a.value - b.value);
  const total = sorted.reduce((sum, { weight }) => sum + weight, 0);
  let sum = 0;
  for (const { weight, value } of sorted) {
    sum += weight;
    if (sum >= share * total) return value;
  }
  return sorted.at(-1)!.value;
};

const spreadOf = (lines: readonly { weight: number; value: number }[]): Spread => ({
  p10: at(lines, 0.1),
  p50: at(lines, 0.5),
  p90: at(lines, 0.9),
});

/**
 * Whether figures grow over the years. A steady figure is held against one that stood still and then grows, from any of the
 * measured times on and at any likely rate; how much better the second explains what was measured (Bayes factor, the level
 * unknown to both) moves the chance that it grows.
 *
 * @param observed figures with their times and errors, in any order
 * @param prior what is usual
 * @returns how likely it grows and how; `null`: too few figures, or over too short a time
 * @example growthOf([{ years: 0, value: 10, sd: 2 }], { usualPerYear: 2, share: 0.2 }) // null
 */
export function growthOf(observed: readonly Observed[], prior: GrowthPrior): Growth | null {
  const sorted = [...observed].sort((a, b) => a.years - b.years);
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (sorted.length < LEAST_FIGURES || last!.years - first!.years < LEAST_YEARS) return null;
  const steady = missOf(sorted, 0, 0).miss;
  // It may have begun at any time that leaves two figures on its way up.
  const begins = thinned([...new Set(sorted.slice(0, -2).map(({ years }) => years))], MOST_BEGINS);
  const lines: Line[] = [];
  let better = 0;
  for (const from of begins)
    for (const { times, chance } of RATES) {
      const rate = times * prior.usualPerYear;
      const { miss, began } = missOf(sorted, from, rate);
      const weight = (chance / CHANCES / begins.length) * Math.exp((steady - miss) / 2);
      better += weight;
      lines.push({ weight, rate, began, level: began + rate * (last!.years - from) });
    }
  const odds = (prior.share / (1 - prior.share)) * better;
  const of = (value: (line: Line) => number) =>
    lines.map((line) => ({ weight: line.weight, value: value(line) }));
  return {
    probability: Number.isFinite(odds) ? odds / (1 + odds) : 1,
    perYear: spreadOf(of(({ rate }) => rate)),
    now: spreadOf(of(({ level }) => level)).p50,
    began: spreadOf(of(({ began }) => began)).p50,
    lines,
  };
}

/**
 * When a limit is reached, if it goes on so.
 *
 * @param growth of what was measured
 * @param limit in the unit of its figures
 * @returns years after the last figure; 0: it is reached
 * @example yearsUntil(growth, 50).p50 // 6.2
 */
export const yearsUntil = ({ lines }: Growth, limit: number): Spread =>
  spreadOf(lines.map(({ weight, rate, level }) => ({ weight, value: Math.max(0, (limit - level) / rate) })));
