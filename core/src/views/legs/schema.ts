import { z } from 'zod';
import { LEGS } from '../../panel/layout/index.ts';
import { METERED_LOADS } from '../../physics/meterDifference/index.ts';
import { id, instant, LOAD_STATES } from '../../record/entities/index.ts';
import { mainCurrentsEntry } from '../../record/panelEntryKinds/index.ts';

const measured = z.object({ amps: z.number(), at: instant });

/** What a circuit carries on its legs, in every state it was measured in. */
export const legCircuit = z.object({
  breakerId: id,
  place: z.string(),
  label: z.string(),
  legs: z.array(z.enum(LEGS)),
  mayMove: z.boolean().describe('whether it can move to the other leg, by spaces and handle ties'),
  isNeutralTraced: z.boolean().describe('whether it shares its neutral, if known'),
  load: z.enum(METERED_LOADS).describe('kind of its listed loads'),
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
  atMain: z
    .array(z.object({ entryId: id, at: instant, simulated: z.boolean(), content: mainCurrentsEntry.fields }))
    .describe('currents measured at the main, newest first'),
  quarterHours: z
    .array(z.object({ A: z.number(), B: z.number(), when: instant, days: z.number() }))
    .describe('highest 15-minute demand of each leg in each logger recording, A; days is its length'),
});
export type LegsView = z.infer<typeof legsView>;
