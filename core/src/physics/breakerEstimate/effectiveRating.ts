import { estimateGrid, typicalLnTau, type Grid } from './grid.ts';
import { isThermalEvent, scaleBy, weigh } from './likelihood.ts';
import {
  effectiveRatingInput,
  SIDES,
  type EffectiveRating,
  type EffectiveRatingInput,
  type EstimateJudgment,
  type Percentiles,
  type TrialEvent,
} from './schema.ts';

/** From this probability on a side is told. */
const JUDGED_FROM = 0.8;

/** What is believed of one breaker once its record is read. */
export interface Belief {
  grid: Grid;
  ratingAmps: number;
  lnTauTypical: number;
  /** Probability of each cell of the grid, row by row. */
  mass: Float64Array;
}

/** What is believed of a breaker of which nothing is on record. */
export function beforeAnyEvent(ratingAmps: number, refined = 1): Belief {
  const grid = estimateGrid(refined);
  return { grid, ratingAmps, lnTauTypical: typicalLnTau(ratingAmps), mass: grid.prior.slice() };
}

/** The same belief with one event more. */
export function withEvent(belief: Belief, event: TrialEvent): Belief {
  if (!isThermalEvent(event, belief.ratingAmps)) return belief;
  const mass = belief.mass.slice();
  scaleBy(mass, weigh(mass, belief.grid, belief.lnTauTypical, belief.ratingAmps, event, 1));
  return { ...belief, mass };
}

/**
 * What the trips and the non-trips on record say about one thermal-magnetic breaker: the smallest steady
 * current that in the end opens it, and its time constant. An exact sum over a grid of both, with the
 * errors of currents and times, and a share of records that say nothing.
 *
 * It is not a rating: a sound 20 A unit has an ultimate current of 20 to 27 A. Trips from 6 × the rating
 * on may be magnetic and do not count.
 *
 * Figures: UL 489 calibration at 25 °C, through the first-order model of `ThermalElement`.
 *
 * @param input rating (A, 10 to 225) and events, each a cold start followed by segments of steady current
 *   (A, s; 0 A is cooling) at an ambient (°C, −20 to 60; 25)
 * @param refined 2 halves every step of the grid
 * @returns percentiles of ultimate current (A) and time constant (s), the probability of each side, and the
 *   side whose probability reaches 0.8, else `undetermined`
 * @throws ZodError where a figure is impossible or an event has no segment
 * @example effectiveRating({ ratingAmps: 20, events: [] }).judgement // 'undetermined'
 * @example effectiveRating({ ratingAmps: 20, events: [
 *   { segments: [{ amps: 17, seconds: 600 }], outcome: 'tripped' } ] }).judgement // 'weak'
 */
export function effectiveRating(input: EffectiveRatingInput, refined = 1): EffectiveRating {
  return conclude(beliefFrom(input, refined));
}

/**
 * What is believed of a breaker by all its events; see `effectiveRating`.
 *
 * @param input rating (A) and events, as `effectiveRating` takes them
 * @param refined how much finer the grid is; 1: as the product works
 * @returns probability over ultimate current and time constant
 * @throws ZodError as `effectiveRating` does
 * @example beliefFrom({ ratingAmps: 20, events: [] }).ratingAmps // 20
 */
export function beliefFrom(input: EffectiveRatingInput, refined = 1): Belief {
  const { ratingAmps, events } = effectiveRatingInput.parse(input);
  const belief = beforeAnyEvent(ratingAmps, refined);
  const { mass, grid, lnTauTypical } = belief;
  let factor = 1;
  for (const event of events) {
    if (isThermalEvent(event, ratingAmps))
      factor = weigh(mass, grid, lnTauTypical, ratingAmps, event, factor);
  }
  scaleBy(mass, factor);
  return belief;
}

/**
 * A belief in figures.
 *
 * @param belief probability over ultimate current and time constant
 * @returns percentiles in A, judgement and probabilities
 * @example conclude(beliefFrom({ ratingAmps: 20, events: [] })).judgement // 'undetermined'
 */
export function conclude(belief: Belief): EffectiveRating {
  const { grid, ratingAmps, lnTauTypical } = belief;
  const byK = byLnK(belief);
  const byTau = byLnTau(belief);
  const sum = (from: number, to: number) => byK.subarray(from, to).reduce((a, b) => a + b, 0);
  const probability = {
    weak: sum(0, grid.soundFrom),
    sound: sum(grid.soundFrom, grid.soundTo),
    sluggish: sum(grid.soundTo, grid.cells),
  };
  const tauStep = grid.lnTauOff[1]! - grid.lnTauOff[0]!;
  return {
    ultimateAmps: percentilesOf(byK, grid.first - grid.step / 2, grid.step, ratingAmps),
    probability,
    judgement: judgementOf(probability),
    tauSeconds: percentilesOf(byTau, lnTauTypical + grid.lnTauOff[0]! - tauStep / 2, tauStep, 1),
  };
}

/** The side whose probability reaches 0.8. */
const judgementOf = (probability: EffectiveRating['probability']): EstimateJudgment =>
  SIDES.find((side) => probability[side] >= JUDGED_FROM) ?? 'undetermined';

/** Probability of each cell of ln k, whatever τ. */
export function byLnK({ grid: { cells }, mass }: Belief): Float64Array {
  const sums = new Float64Array(cells);
  for (let start = 0; start < mass.length; start += cells)
    for (let i = 0; i < cells; i++) sums[i] = sums[i]! + mass[start + i]!;
  return sums;
}

function byLnTau({ grid: { cells, lnTauOff }, mass }: Belief): Float64Array {
  return lnTauOff.map((_off, t) => {
    let sum = 0;
    for (let n = t * cells; n < (t + 1) * cells; n++) sum += mass[n]!;
    return sum;
  });
}

/** Percentiles of a figure whose logarithm has even cells from `edge` on, each evenly filled. */
function percentilesOf(cells: Float64Array, edge: number, step: number, unit: number): Percentiles {
  const at = (share: number) => {
    let below = 0;
    for (let i = 0; i < cells.length; i++) {
      if (below + cells[i]! >= share) return unit * Math.exp(edge + step * (i + (share - below) / cells[i]!));
      below += cells[i]!;
    }
    return unit * Math.exp(edge + step * cells.length);
  };
  return { p05: at(0.05), p50: at(0.5), p95: at(0.95) };
}
