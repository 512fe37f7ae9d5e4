import { z } from 'zod';
import { ambientC, isPlainText, NOT_PLAIN, counted } from '../../facts/quantities/index.ts';
import { instant } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';

/** A scan under load, after everything soaked: what was on, for how long. Its temperatures are readings of their own. */
export const heatScan = panelEntryKind({
  name: 'Load test and scan',
  fields: z.strictObject({
    soakedFrom: instant.describe('when the last load came on'),
    soakedMinutes: z
      .number('The time must be a number.')
      .min(0, 'A load test takes from 0 to 1440 minutes.')
      .max(1440, 'A load test takes from 0 to 1440 minutes.'),
    switchedOn: z
      .array(z.string().trim().max(120).refine(isPlainText, NOT_PLAIN))
      .max(400, 'At most 400 loads.')
      .describe('names of the loads that were on'),
    ambientC,
    scanned: z.int().min(0).max(400).describe('places that were measured'),
  }),
  attachment: null,
  refuses: electriciansOnly,
  say: ({ switchedOn, soakedMinutes, scanned }) =>
    `${counted(switchedOn.length, 'load', 'loads')} on for ${Math.round(soakedMinutes)} min, ${counted(scanned, 'place', 'places')} measured`,
});
