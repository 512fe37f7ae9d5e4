import { z } from 'zod';
import { amps, exceeds, volts, watts } from '../../facts/quantities/index.ts';

/** Meters disagree a little: watts may pass volts × amps by this factor before it must be a slip. */
const METER_DISAGREEMENT = 1.02;

export const powerInput = z
  .object({ volts, amps, watts: watts.optional() })
  .refine((p) => p.watts === undefined || !exceeds(p.watts, p.volts * p.amps * METER_DISAGREEMENT), {
    path: ['watts'],
    message: 'Watts cannot exceed volts × amps: check the three readings.',
  });
export type PowerInput = z.input<typeof powerInput>;

export const powerOutput = z.object({
  voltAmperes: z.number().describe('VA'),
  powerFactor: z.number().min(0).max(1).nullable().describe('watts over volt-amperes; null without watts'),
});
export type PowerOutput = z.infer<typeof powerOutput>;
