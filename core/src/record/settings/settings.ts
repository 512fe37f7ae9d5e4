import { z } from 'zod';
import { CLOCKS, DATE_STYLES } from '../../facts/calendar/index.ts';
import { noRepeatedIds } from '../../facts/quantities/index.ts';
import { ownInstrument } from './instruments.ts';
import { policies } from './policies.ts';
import * as messages from './messages.ts';

export const TEMPERATURE_UNITS = ['C', 'F'] as const;
export const LENGTH_UNITS = ['m', 'ft'] as const;
export const PAPERS = ['letter', 'a4'] as const;
export const THEMES = ['system', 'light', 'dark'] as const;

/** How figures are shown, and the policies by which is decided. Stored figures stay in °C, m and UTC. */
export const settings = policies.extend({
  temperature: z.enum(TEMPERATURE_UNITS),
  length: z.enum(LENGTH_UNITS),
  dates: z.enum(DATE_STYLES),
  clock: z.enum(CLOCKS),
  paper: z.enum(PAPERS).describe('size of printed pages'),
  theme: z.enum(THEMES),
  instruments: z
    .array(ownInstrument)
    .max(30, messages.enterAtMost30Instruments)
    .superRefine(noRepeatedIds)
    .describe('your own instruments; the only one of its type sets the error of a reading'),
  learn: z.boolean().describe('true if confirmed cases change the starting likelihood of causes'),
});
export type Settings = z.infer<typeof settings>;
