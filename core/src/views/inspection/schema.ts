import { z } from 'zod';
import { INSPECTION_ITEM_IDS, PURPOSE_IDS, STATION_IDS } from '../../facts/inspection/index.ts';
import { id, instant } from '../../record/entities/index.ts';

/** The latest that is on record of an item, at one breaker or of the panel as a whole. */
export const knownResult = z.object({
  item: z.enum(INSPECTION_ITEM_IDS),
  breakerId: id.nullable().describe('null for the panel as a whole'),
  result: z.string(),
  volts: z.number().nullable().describe('reading at an outlet, V'),
  at: instant,
});
export type KnownResult = z.infer<typeof knownResult>;

/** One inspection, as far as it has come. */
export const inspectionSummary = z.object({
  inspectionId: id,
  purpose: z.enum(PURPOSE_IDS),
  startedAt: instant,
  lastAt: instant,
  stations: z.array(z.enum(STATION_IDS)).describe('stations that are done'),
  skipped: z.array(z.enum(INSPECTION_ITEM_IDS)).describe('items that were not looked at'),
});
export type InspectionSummary = z.infer<typeof inspectionSummary>;

export const inspectionView = z.object({
  inspections: z.array(inspectionSummary).describe('newest first'),
  known: z.array(knownResult),
});
export type InspectionView = z.infer<typeof inspectionView>;
