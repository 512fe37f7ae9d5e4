import { z } from 'zod';
import { LEGS } from '../../panel/layout/index.ts';
import { id, instant, LOAD_STATES } from '../../record/entities/index.ts';

const measured = z.object({ amps: z.number(), at: instant });

/** What a circuit carries on its legs, in every state it was measured in. */
export const legCircuit = z.object({
  breakerId: id,
  place: z.string(),
  label: z.string(),
  legs: z.array(z.enum(LEGS)),
  mayMove: z.boolean().describe('whether it can move to the other leg, by spaces and handle ties'),
  isNeutralTraced: z.boolean().describe('whether it shares its neutral, if known'),
  drawnAmps: z.number().describe('current of its listed loads, A'),
  byLoad: z.partialRecord(z.enum(LOAD_STATES), measured).describe('latest clamp reading in each load state'),
  byHour: z
    .array(z.object({ hour: z.int().min(0).max(23), amps: z.number() }))
    .describe('mean clamp reading by UTC hour'),
});
export type LegCircuit = z.infer<typeof legCircuit>;

export const legsView = z.object({
  circuits: z.array(legCircuit),
  freeSpaces: z.object({ A: z.int(), B: z.int() }),
});
export type LegsView = z.infer<typeof legsView>;
