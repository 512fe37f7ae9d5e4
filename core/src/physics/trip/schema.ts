import { z } from 'zod';
import { amps, sayTemperature } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** The ratings and the surroundings that the model of the bimetal covers, A and °C. */
const RATINGS = { from: 10, to: 225 } as const;
const AIR = { from: -20, to: 60 } as const;

const rating = messages.theRatingMustBeFromTo(RATINGS.from, RATINGS.to);
const air = messages.theAmbientTemperatureMustBe(sayTemperature(AIR.from), sayTemperature(AIR.to));

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
    preloadAmps: amps.default(0).describe('steady current before, A'),
    ambientC: coveredAmbient,
  })
  .refine((q) => q.preloadAmps <= q.ratingAmps, {
    path: ['preloadAmps'],
    message: messages.theEarlierLoadCannotExceedThe,
  });
export type TripWindowInput = z.input<typeof tripWindowInput>;

export const TRIP_REGIONS = ['holds', 'may-trip', 'will-trip', 'instantaneous'] as const;
export type TripRegion = (typeof TRIP_REGIONS)[number];

export const tripWindowOutput = z.object({
  multiple: z.number().describe('current divided by rating'),
  region: z.enum(TRIP_REGIONS),
  fastestSeconds: z.number().nullable().describe('null if even the most sensitive sound breaker never trips'),
  slowestSeconds: z.number().nullable().describe('null if the least sensitive sound breaker may never trip'),
});
export type TripWindow = z.infer<typeof tripWindowOutput>;
