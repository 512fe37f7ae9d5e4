import { normalCdf } from '../../facts/quantities/index.ts';
import { ambientScale, MAGNETIC_PICKUP } from '../trip/index.ts';
import type { Grid } from './grid.ts';
import type { TrialEvent } from './schema.ts';

/** How good notes are taken to be. */
export const NOTES = {
  /** One reading error for all currents of an event: log-normal, one sigma. */
  currentSd: 0.03,
  /** Times are good to 5% and 2 s. */
  timeShare: 0.05,
  timeSeconds: 2,
  /** Records contradict the model now and then: this share of them says nothing. */
  strayShare: 0.05,
} as const;

/**
 * Notes that say nothing, `NOTES.strayShare` of them. How such a one is spread cannot be
 * known. For holds it is taken as even odds. For trips it lies between an even spread over all times (so that a
 * note at odds with all others is not believed) and what any breaker might have shown (so that an odd trip, such
 * as a very late one, is not dismissed for its oddity alone): `lean` says how far towards the second.
 */
const STRAY = { evenOdds: 0.5, perLnSecond: 0.05, lean: 0.6 } as const;

/** This share of trips comes, or is noted, late: by a factor that is larger the rarer it is. */
const LATE = { share: 0.02, rate: 3 } as const;

/** A bell of true time about a noted one: where it sits and how wide it is in ln time, and its weight. */
interface Bell {
  at: number;
  sd: number;
  weight: number;
}

/**
 * The time error of a timed trip as bells side by side, in units of the error. Together they make one bell again;
 * within each the heat runs straight enough.
 */
const TIMED = bells({ from: -2.7, apart: 0.9, count: 7, sd: 0.75 }, (z) => Math.exp(-0.5 * z * z));

/** How much sooner than noted a late trip was due, in ln time. */
const NOTED_LATE = bells({ from: -0.4, apart: -0.8, count: 3, sd: 0.45 }, (z) => Math.exp(LATE.rate * z));

function bells(
  { from, apart, count, sd }: { from: number; apart: number; count: number; sd: number },
  heightAt: (z: number) => number,
): Bell[] {
  const at = Array.from({ length: count }, (_, n) => from + n * apart);
  const heights = at.map(heightAt);
  const total = heights.reduce((a, b) => a + b, 0);
  return at.map((z, n) => ({ at: z, sd, weight: heights[n]! / total }));
}

/** The heat a unit reaches at the end of a segment, and how it varies with errors of the times. */
interface Heat {
  heat: number;
  variance: number;
}

/** A thousandth of the rating and less heats nothing. */
const NO_HEAT = 1e-6;

const COLD: Heat = { heat: 0, variance: 0 };

const timeVariance = (seconds: number) => (NOTES.timeShare * seconds) ** 2 + NOTES.timeSeconds ** 2;

function after({ heat, variance }: Heat, finalHeat: number, seconds: number, tau: number): Heat {
  const left = Math.exp(-seconds / tau);
  const reached = finalHeat + (heat - finalHeat) * left;
  const slope = (finalHeat - reached) / tau;
  return {
    heat: reached,
    variance: variance * left * left + (seconds > 0 ? slope * slope * timeVariance(seconds) : 0),
  };
}

const hotter = (a: Heat, b: Heat) => (b.heat > a.heat ? b : a);

/**
 * The ln k at which a unit would just open at this heat, and its spread by the errors of times and of the
 * current, which scales all heats of the event alike.
 */
function lnKAt({ heat, variance }: Heat, scale: number) {
  return {
    lnK: 0.5 * Math.log(heat / scale),
    sd: Math.sqrt(NOTES.currentSd ** 2 + variance / (4 * heat * heat)),
  };
}

/** Whether an event tells anything of the bimetal: a trip in the magnetic range is not its. */
export const isThermalEvent = (event: TrialEvent, ratingAmps: number): boolean =>
  event.outcome === 'held' || event.segments.at(-1)!.amps < MAGNETIC_PICKUP.mostSensitive * ratingAmps;

/**
 * Multiply what is believed by how well each cell explains one event.
 *
 * @param mass probability of each cell of the grid, row by row; changed in place
 * @param factor what brings it to a sum of 1 as it is given
 * @returns what brings it to a sum of 1 from now on
 */
export function weigh(
  mass: Float64Array,
  grid: Grid,
  lnTauTypical: number,
  ratingAmps: number,
  event: TrialEvent,
  factor: number,
): number {
  const scale = ambientScale(event.ambientC);
  const heats = event.segments.map(({ amps }) => (amps / ratingAmps) ** 2);
  const { cells, lnTauOff, prior } = grid;
  const fits = grid.scratch.fill(0);
  for (let t = 0; t < lnTauOff.length; t++) {
    const tau = Math.exp(lnTauTypical + lnTauOff[t]!);
    const row = fits.subarray(t * cells, (t + 1) * cells);
    if (event.outcome === 'held') heldRow(row, grid, event, heats, scale, tau);
    else if (event.notBeforeSeconds !== undefined) untimedRow(row, grid, event, heats, scale, tau);
    else tripRow(row, grid, event, heats, scale, tau);
  }
  // How likely a hold is of any breaker bears on nothing.
  const usual = event.outcome === 'held' ? 1 : sumOfProducts(prior, fits);
  // What no breaker would show says nothing of this one.
  if (!(usual > Number.MIN_VALUE)) return factor;
  const floor = NOTES.strayShare * strayLikelihood(event, usual);
  return 1 / multiply(mass, fits, factor * (1 - NOTES.strayShare), factor * floor);
}

/* One short loop each: they are most of the work, and short ones are compiled best. */

function sumOfProducts(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let n = 0; n < a.length; n++) sum += a[n]! * b[n]!;
  return sum;
}

/** Multiply each by `share × fit + floor`; returns the sum. */
function multiply(mass: Float64Array, fits: Float64Array, share: number, floor: number): number {
  let total = 0;
  for (let n = 0; n < mass.length; n++) {
    const product = mass[n]! * (share * fits[n]! + floor);
    mass[n] = product;
    total += product;
  }
  return total;
}

/** Multiply each by the same factor. */
export function scaleBy(mass: Float64Array, factor: number): void {
  for (let n = 0; n < mass.length; n++) mass[n] = mass[n]! * factor;
}

/** How likely an event is if it says nothing; `usual`: how likely it is of any breaker. */
function strayLikelihood({ outcome, notBeforeSeconds }: TrialEvent, usual: number): number {
  if (outcome === 'held') return STRAY.evenOdds;
  const even = notBeforeSeconds === undefined ? STRAY.perLnSecond : STRAY.evenOdds;
  return usual ** STRAY.lean * even ** (1 - STRAY.lean);
}

/** Heat at the start of the last segment, and the most there was until then. */
function untilLast(event: TrialEvent, heats: number[], tau: number) {
  let now = COLD;
  let most = COLD;
  for (let n = 0; n < heats.length - 1; n++) {
    now = after(now, heats[n]!, event.segments[n]!.seconds, tau);
    most = hotter(most, now);
  }
  return { now, most };
}

function heldRow(
  row: Float64Array,
  grid: Grid,
  event: TrialEvent,
  heats: number[],
  scale: number,
  tau: number,
) {
  const { now, most } = untilLast(event, heats, tau);
  const peak = hotter(most, after(now, heats.at(-1)!, event.segments.at(-1)!.seconds, tau));
  if (peak.heat > NO_HEAT) fillRising(row, grid, lnKAt(peak, scale));
  else row.fill(1);
}

/** It opened somewhere within the last segment: not yet at `notBeforeSeconds`, but by its end. */
function untimedRow(
  row: Float64Array,
  grid: Grid,
  event: TrialEvent,
  heats: number[],
  scale: number,
  tau: number,
) {
  const { now, most } = untilLast(event, heats, tau);
  const before = hotter(most, after(now, heats.at(-1)!, event.notBeforeSeconds!, tau));
  const end = hotter(most, after(now, heats.at(-1)!, event.segments.at(-1)!.seconds, tau));
  if (end.heat <= NO_HEAT) return;
  if (before.heat > NO_HEAT) fillRising(row, grid, lnKAt(before, scale));
  else row.fill(1);
  const heldOn = new Float64Array(grid.cells);
  fillRising(heldOn, grid, lnKAt(end, scale));
  for (let i = 0; i < grid.cells; i++) row[i] = Math.max(0, row[i]! - heldOn[i]!);
}

/** A row that rises from 0 to 1 about some ln k, as the normal distribution does. */
function fillRising(row: Float64Array, grid: Grid, { lnK, sd }: { lnK: number; sd: number }) {
  const from = cellAt(grid, lnK - 6 * sd);
  const to = cellAt(grid, lnK + 6 * sd);
  row.fill(0, 0, from);
  for (let i = from; i < to; i++) row[i] = normalCdf((grid.first + i * grid.step - lnK) / sd);
  row.fill(1, to);
}

const cellAt = (grid: Grid, lnK: number) =>
  Math.min(grid.cells, Math.max(0, Math.ceil((lnK - grid.first) / grid.step)));

/** The chance density of a trip at the end of the last segment, per ln s. */
function tripRow(
  row: Float64Array,
  grid: Grid,
  event: TrialEvent,
  heats: number[],
  scale: number,
  tau: number,
) {
  const { now, most } = untilLast(event, heats, tau);
  const finalHeat = heats.at(-1)!;
  if (finalHeat <= now.heat || finalHeat <= NO_HEAT) return;
  const noted = Math.max(event.segments.at(-1)!.seconds, 0.05);
  const timeSd = Math.sqrt(NOTES.timeShare ** 2 + Math.log1p((NOTES.timeSeconds / noted) ** 2));
  const add = (lnOff: number, sd: number, weight: number) => {
    const seconds = noted * Math.exp(lnOff);
    // So long after it settled, nearly none that open do so now.
    if (seconds > 40 * tau) return;
    const left = Math.exp(-seconds / tau);
    const heat = finalHeat + (now.heat - finalHeat) * left;
    // Each unit of ln time moves the ln k that just opens by this much.
    const slope = (0.5 * seconds * (finalHeat - now.heat) * left) / (tau * heat);
    const { lnK, sd: spread } = lnKAt({ heat, variance: now.variance * left * left }, scale);
    const width = Math.hypot(spread, slope * sd);
    addBell(row, grid, lnK, width, (weight * slope * reached(heat, most)) / (width * SQRT_TAU));
  };
  for (const { at, sd, weight } of TIMED) add(timeSd * at, timeSd * sd, (1 - LATE.share) * weight);
  for (const { at, sd, weight } of NOTED_LATE) add(at, sd, LATE.share * weight);
}

const SQRT_TAU = Math.sqrt(2 * Math.PI);

/** Whether a heat is beyond what was survived before, blurred by the errors of its times. */
function reached(heat: number, most: Heat): number {
  if (most.heat <= NO_HEAT) return 1;
  return normalCdf((heat - most.heat) / Math.max(1e-9 + 0.005 * most.heat, Math.sqrt(most.variance)));
}

/** Add a bell to a row, by multiplication from cell to cell. */
function addBell(row: Float64Array, grid: Grid, lnK: number, sd: number, height: number) {
  const from = cellAt(grid, lnK - 5 * sd);
  const to = cellAt(grid, lnK + 5 * sd);
  if (from >= to || height <= 0) return;
  const unit = grid.step / sd;
  const z = (grid.first + from * grid.step - lnK) / sd;
  let value = height * Math.exp(-0.5 * z * z);
  let ratio = Math.exp(-z * unit - 0.5 * unit * unit);
  const bend = Math.exp(-unit * unit);
  for (let i = from; i < to; i++) {
    row[i]! += value;
    value *= ratio;
    ratio *= bend;
  }
}
