import { z } from 'zod';
import { amps } from '../quantities/index.ts';

export const tripWindowInput = z
  .object({
    ratingAmps: z
      .number()
      .min(10, 'The rating must be from 10 to 225 A.')
      .max(225, 'The rating must be from 10 to 225 A.'),
    amps,
    preloadAmps: amps.default(0).describe('steady current before, in A'),
    ambientC: z
      .number()
      .min(-20, 'The ambient temperature must be from −20 to 60 °C.')
      .max(60, 'The ambient temperature must be from −20 to 60 °C.')
      .default(25),
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
  fastestSeconds: z.number().nullable().describe('null: even the most sensitive sound unit never trips'),
  slowestSeconds: z.number().nullable().describe('null: the least sensitive sound unit may never trip'),
});
export type TripWindow = z.infer<typeof tripWindowOutput>;
