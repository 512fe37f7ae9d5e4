import { beforeAnyEvent, byLnK, conclude, withEvent, type Belief } from './effectiveRating.ts';
import { isThermalEvent } from './likelihood.ts';
import { effectiveRatingInput, type EffectiveRating, type EffectiveRatingInput } from './schema.ts';

/** How one event changed what is believed. */
export interface Contribution {
  /** Where it stands in the list of events. */
  index: number;
  /** What is believed from here on. */
  after: EffectiveRating;
  /** How much it told, in bits: how far belief moved (Kullback–Leibler divergence). */
  bits: number;
}

/** A point of a curve: the chance density at an ultimate current, per A, before and after the record. */
export interface DensityPoint {
  amps: number;
  before: number;
  now: number;
}

/** All that a record tells of one unit, ready to be drawn. */
export interface TripRecord {
  result: EffectiveRating;
  contributions: Contribution[];
  density: DensityPoint[];
}

/**
 * Read the record of one breaker event by event: what is believed after each, how much each told, and how
 * probability lies over ultimate current before and after.
 *
 * @param input as `effectiveRating` takes it, events oldest first
 * @returns event by event what it told, and the grid in the end
 * @throws ZodError as `effectiveRating` does
 * @example readTripRecord({ ratingAmps: 20, events: [] }).contributions // []
 */
export function readTripRecord(input: EffectiveRatingInput): TripRecord {
  const { ratingAmps, events } = effectiveRatingInput.parse(input);
  const start = beforeAnyEvent(ratingAmps);
  let belief = start;
  const contributions = events.map((event, index) => {
    const before = belief;
    belief = withEvent(before, event);
    return {
      index,
      after: conclude(belief),
      bits: isThermalEvent(event, ratingAmps) ? bits(before, belief) : 0,
    };
  });
  return { result: conclude(belief), contributions, density: density(start, belief) };
}

function bits(before: Belief, after: Belief): number {
  let sum = 0;
  for (let n = 0; n < after.mass.length; n++) {
    const mass = after.mass[n]!;
    if (mass > 0) sum += mass * Math.log2(mass / before.mass[n]!);
  }
  return Math.max(0, sum);
}

/** What lies outside of this is not drawn: nearly nobody is there. */
const DRAWN = { fromMultiple: 0.4, toMultiple: 2.6 } as const;

function density(start: Belief, now: Belief): DensityPoint[] {
  const { grid, ratingAmps } = now;
  const before = byLnK(start);
  const after = byLnK(now);
  const points: DensityPoint[] = [];
  for (let i = 0; i < grid.cells; i++) {
    const multiple = Math.exp(grid.first + i * grid.step);
    if (multiple < DRAWN.fromMultiple || multiple > DRAWN.toMultiple) continue;
    const width = ratingAmps * multiple * grid.step;
    points.push({ amps: ratingAmps * multiple, before: before[i]! / width, now: after[i]! / width });
  }
  return points;
}
