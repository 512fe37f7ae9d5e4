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
export interface GrowthRange {
  p10: number;
  p50: number;
  p90: number;
}

/** What figures over the years say: whether they grow, and in which ways they may. */
export interface Growth {
  /** That it grows, from 0 to 1. */
  probability: number;
  /** That it grows to that it does not; as much as a number holds. */
  odds: number;
  /** The rates it may have, with the level that goes with each. */
  lines: readonly Line[];
}

/** How fast something grows, and from where, in the unit of its figures. */
export interface Rate {
  perYear: GrowthRange;
  /** Where it stands at the last figure. */
  now: number;
  began: number;
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
const LEAST_YEARS = 0.9;
/** So many times it may have begun are held against the figures. */
const MOST_BEGINS = 24;
/** Half of what grows did so before anybody measured; the rest began at any time since. */
const BEGAN_BEFORE = 0.5;

/** Rates that are held against the figures, over the usual one, with their chances: most are near it. */
const RATES = [0.25, 0.35, 0.5, 0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 16].map((times) => ({
  times,
  chance: Math.exp(-0.5 * (Math.log2(times) / 1.2) ** 2),
}));
const CHANCES = RATES.reduce((sum, { chance }) => sum + chance, 0);

/** Figures spread as is stated of them, or nearly twice as much: times the stated, with the chance. */
const SPREADS = [
  { times: 1, chance: 0.9 },
  { times: 1.9, chance: 0.1 },
] as const;

/** The log of a sum, of its terms’ logs. */
function logSum(logs: readonly number[]): number {
  const most = Math.max(...logs);
  return most + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - most), 0));
}

/** Figures against the years since a time: what a ramp from there on misses of them is told by these sums, at any rate. */
interface Moments {
  figures: number;
  value: number;
  years: number;
  values: number;
  both: number;
  squares: number;
}

function momentsOf(observed: readonly Observed[], from: number): Moments {
  const since = observed.map(({ years }) => Math.max(0, years - from));
  const weights = observed.map(({ sd }) => 1 / sd ** 2);
  const sum = (of: (i: number) => number) => weights.reduce((total, weight, i) => total + weight * of(i), 0);
  const total = sum(() => 1);
  const value = sum((i) => observed[i]!.value) / total;
  const years = sum((i) => since[i]!) / total;
  return {
    figures: observed.length,
    value,
    years,
    values: sum((i) => (observed[i]!.value - value) ** 2),
    both: sum((i) => (observed[i]!.value - value) * (since[i]! - years)),
    squares: sum((i) => (since[i]! - years) ** 2),
  };
}

/** How well a ramp explains the figures, the level unknown: the log of their likelihood. */
function explains({ figures, values, both, squares }: Moments, rate: number): number {
  const miss = values - 2 * rate * both + rate ** 2 * squares;
  return logSum(
    SPREADS.map(
      ({ times, chance }) => Math.log(chance) - (figures - 1) * Math.log(times) - miss / 2 / times ** 2,
    ),
  );
}

/** The ramps of one place that begin at a time, each weighed against a steady figure, as logs. */
function rampsFrom(observed: readonly Observed[], from: number, usualPerYear: number): Line[] {
  const moments = momentsOf(observed, from);
  const up = Math.max(0, observed.at(-1)!.years - from);
  const steady = explains(moments, 0);
  return RATES.map(({ times, chance }) => {
    const rate = times * usualPerYear;
    const began = moments.value - rate * moments.years;
    const weight = Math.log(chance / CHANCES) + explains(moments, rate) - steady;
    return { weight, rate, began, level: began + rate * up };
  });
}

/** Times in order, one of each day: what is read in one visit is one time. */
const onDaysOfTheirOwn = (years: readonly number[]): number[] =>
  [...years].sort((a, b) => a - b).filter((one, i, sorted) => i === 0 || one - sorted[i - 1]! > 1 / 365);

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

const spreadOf = (lines: readonly { weight: number; value: number }[]): GrowthRange => ({
  p10: at(lines, 0.1),
  p50: at(lines, 0.5),
  p90: at(lines, 0.9),
});

const enough = (observed: readonly Observed[]): boolean =>
  observed.length >= LEAST_FIGURES && observed.at(-1)!.years - observed[0]!.years >= LEAST_YEARS;

/**
 * Whether what was measured at one thing grows over the years, in one place or in several that grow together or not at all.
 * Steady figures are held against ones that stood still and then grow, from any of the measured times on and at any likely
 * rate; how much better the second explains what was measured (Bayes factor, the level unknown to both) moves the chance
 * that it grows. Each place has its own level, rate and spread; the time they begin at is one.
 *
 * @param places of each the figures with their times and errors, in any order
 * @param prior what is usual
 * @returns of each place how likely it grows and how; `null`: too few figures, or over too short a time
 * @example growthsOf([[{ years: 0, value: 10, sd: 2 }]], { usualPerYear: 2, share: 0.2 }) // [null]
 */
export function growthsOf(places: readonly (readonly Observed[])[], prior: GrowthPrior): (Growth | null)[] {
  const sorted = places.map((observed) => [...observed].sort((a, b) => a.years - b.years));
  const measured = sorted.filter(enough);
  // It may have begun at any time that leaves two figures on its way up.
  const times = measured.flatMap((observed) => observed.slice(0, -2).map(({ years }) => years));
  const begins = thinned(onDaysOfTheirOwn(times), MOST_BEGINS);
  const chances = begins.map((_, i) => {
    if (begins.length === 1) return 1;
    return i === 0 ? BEGAN_BEFORE : (1 - BEGAN_BEFORE) / (begins.length - 1);
  });
  const ramps = begins.map((from) =>
    measured.map((observed) => rampsFrom(observed, from, prior.usualPerYear)),
  );
  const each = ramps.map((ofPlaces) => ofPlaces.map((own) => logSum(own.map(({ weight }) => weight))));
  const all = each.map((logs, i) => logs.reduce((sum, log) => sum + log, Math.log(chances[i]!)));
  const better = logSum(all);
  const odds = Math.min(Number.MAX_VALUE, (prior.share / (1 - prior.share)) * Math.exp(better));
  return sorted.map((observed) => {
    const k = measured.indexOf(observed);
    if (k < 0) return null;
    // What the other places say of a time it may have begun at counts for this one too.
    const own = ramps.flatMap((ofPlaces, i) =>
      ofPlaces[k]!.map((line) => ({
        ...line,
        weight: Math.exp(line.weight - each[i]![k]! + all[i]! - better),
      })),
    );
    return { probability: odds / (1 + odds), odds, lines: own };
  });
}

/** How fast it grows, if it does. */
export function rateOf({ lines }: Growth): Rate {
  const of = (value: (line: Line) => number) =>
    spreadOf(lines.map((line) => ({ weight: line.weight, value: value(line) })));
  return {
    perYear: of(({ rate }) => rate),
    now: of(({ level }) => level).p50,
    began: of(({ began }) => began).p50,
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
export const yearsUntil = ({ lines }: Growth, limit: number): GrowthRange =>
  spreadOf(lines.map(({ weight, rate, level }) => ({ weight, value: Math.max(0, (limit - level) / rate) })));
