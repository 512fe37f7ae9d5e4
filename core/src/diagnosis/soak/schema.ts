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
      on: z.array(z.enum(LEGS)).describe('legs it is on'),
      legs: onLegs,
    }),
  ),
  leftOff: z.array(
    z.object({
      ...load,
      why: z
        .enum(['breaker', 'leg'])
        .describe('loads that would exceed their breaker, or 80% of the main rating'),
    }),
  ),
  minutes: z.number().describe('minutes to wait after everything is on'),
  byRatingAmps: z.number().describe('breaker rating that sets this time, A'),
  legs: onLegs,
  walk: z.array(id).describe('order in which the scan goes around the board'),
  ampsOf: z.record(z.string(), z.number()).describe('current of each breaker with everything on, A'),
});
export type SoakPlan = z.infer<typeof soakPlanOutput>;
/** One thing to switch on, and what the legs carry once it is. */
export type SoakStep = SoakPlan['steps'][number];
/** What stays off, and why. */
export type LeftOff = SoakPlan['leftOff'][number];
