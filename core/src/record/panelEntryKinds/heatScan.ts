import { z } from 'zod';
import { ambientC, isPlainText, NOT_PLAIN, counted } from '../../facts/quantities/index.ts';
import { instant } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** A scan under load, after everything soaked: what was on, for how long. Its temperatures are readings of their own. */
export const heatScan = panelEntryKind({
  name: messages.loadTestAndScan,
  fields: z.strictObject({
    soakedFrom: instant.describe('time the last load was turned on'),
    soakedMinutes: z
      .number(messages.theTimeMustBeANumber)
      .min(0, messages.aLoadTestTakesFrom0)
      .max(1440, messages.aLoadTestTakesFrom0),
    switchedOn: z
      .array(z.string().trim().max(120).refine(isPlainText, NOT_PLAIN))
      .max(400, messages.enterAtMost400Loads)
      .describe('names of the loads that were on'),
    ambientC,
    scanned: z.int().min(0).max(400).describe('places that were measured'),
  }),
  attachment: null,
  refuses: electriciansOnly,
  say: ({ switchedOn, soakedMinutes, scanned }) =>
    messages.onForMinMeasured(
      counted(switchedOn.length, 'load', 'loads'),
      Math.round(soakedMinutes),
      counted(scanned, 'place', 'places'),
    ),
});
