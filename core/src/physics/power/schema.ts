import { z } from 'zod';
import { amps, exceedsApparent, volts, watts } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

export const powerInput = z
  .object({ volts, amps, watts: watts.optional() })
  .refine((p) => p.watts === undefined || !exceedsApparent(p.watts, p.volts * p.amps), {
    path: ['watts'],
    message: messages.wattsCannotExceedVoltsAmps,
  });
export type PowerInput = z.input<typeof powerInput>;

export const powerOutput = z.object({
  voltAmperes: z.number().describe('VA'),
  powerFactor: z
    .number()
    .min(0)
    .max(1)
    .nullable()
    .describe('watts divided by volt-amperes; null without watts'),
});
export type PowerOutput = z.infer<typeof powerOutput>;
