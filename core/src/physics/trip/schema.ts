import { z } from 'zod';
import { amps, sayTemperature } from '../../facts/quantities/index.ts';

/** The ratings and the surroundings that the model of the bimetal covers, A and °C. */
const RATINGS = { from: 10, to: 225 } as const;
const AIR = { from: -20, to: 60 } as const;

const rating = `The rating must be from ${RATINGS.from} to ${RATINGS.to} A.`;
const air = `The ambient temperature must be from ${sayTemperature(AIR.from)} to ${sayTemperature(AIR.to)}.`;

export const coveredRating = z.number().min(RATINGS.from, rating).max(RATINGS.to, rating);
export const coveredAmbient = z.number().min(AIR.from, air).max(AIR.to, air).default(25);

/**
 * Whether the model covers a rating (A).
 *
 * @param ratingAmps rating, A
 * @returns whether it does
 * @example isCovered(400) // false
 */
export const isCovered = (ratingAmps: number): boolean =>
  ratingAmps >= RATINGS.from && ratingAmps <= RATINGS.to;

/**
 * The nearest ambient the model covers, °C; 25 where it is not known.
 *
 * @param ambientC °C; `null`: not known
 * @returns °C
 * @example nearestAmbient(null) // 25
 */
export const nearestAmbient = (ambientC: number | null): number =>
  Math.min(AIR.to, Math.max(AIR.from, ambientC ?? 25));

export const tripWindowInput = z
  .object({
    ratingAmps: coveredRating,
    amps,
    preloadAmps: amps.default(0).describe('steady current before, in A'),
    ambientC: coveredAmbient,
  })
  .refine((q) => q.preloadAmps <= q.ratingAmps, {
    path: ['preloadAmps'],
    message: 'The load before cannot exceed the rating: it would not have been steady.',
  });
export type TripWindowInput = z.input<typeof tripWindowInput>;

export const TRIP_REGIONS = ['holds', 'may-trip', 'will-trip', 'instantaneous'] as const;
export type TripRegion = (typeof TRIP_REGIONS)[number];

export const tripWindowOutput = z.object({
  multiple: z.number().describe('current over rating'),
  region: z.enum(TRIP_REGIONS),
  fastestSeconds: z.number().nullable().describe('null: even the most sensitive sound breaker never trips'),
  slowestSeconds: z.number().nullable().describe('null: the least sensitive sound breaker may never trip'),
});
export type TripWindow = z.infer<typeof tripWindowOutput>;
