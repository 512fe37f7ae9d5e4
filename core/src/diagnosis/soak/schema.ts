import { z } from 'zod';
import { LEGS } from '../../panel/layout/index.ts';
import { id } from '../../record/entities/index.ts';

const onLegs = z.object({ A: z.number(), B: z.number() }).describe('A');
const load = { breakerId: id, place: z.string(), load: z.string(), amps: z.number() };

export const soakPlanOutput = z.object({
  steps: z.array(
    z.object({
      ...load,
      loadId: id,
      circuit: z.string(),
      on: z.array(z.enum(LEGS)).describe('on which legs'),
      legs: onLegs,
    }),
  ),
  leftOff: z.array(
    z.object({
      ...load,
      why: z.enum(['breaker', 'leg']).describe('beyond its breaker, or four fifths of the main'),
    }),
  ),
  minutes: z.number().describe('how long to wait once all is on'),
  byRatingAmps: z.number().describe('the rating that makes it so long, A'),
  legs: onLegs,
  walk: z.array(id).describe('the order in which a scan walks the board'),
  ampsOf: z.record(z.string(), z.number()).describe('what each breaker carries once all is on, A'),
});
export type SoakPlan = z.infer<typeof soakPlanOutput>;
/** One thing to switch on, and what the legs carry once it is. */
export type SoakStep = SoakPlan['steps'][number];
/** What stays off, and why. */
export type LeftOff = SoakPlan['leftOff'][number];
