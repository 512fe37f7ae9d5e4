import { z } from 'zod';
import { noIdInTwo, ratingAmps } from '../../facts/quantities/index.ts';
import { FEEDER_GAUGES, MATERIALS, isMade, NOT_MADE } from '../../facts/standards/index.ts';
import { dwellingFields } from '../../code/serviceLoad/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';

/** What a dwelling has on its service, and what the service is made of, as it was entered last. */
export const serviceSheet = panelEntryKind({
  name: 'Load of the service',
  fields: z
    .strictObject({
      ...dwellingFields,
      meterBaseAmps: ratingAmps.nullable().default(null).describe('null: not known'),
      busAmps: ratingAmps.nullable().default(null).describe('null: not known'),
      conductor: z
        .strictObject({ gauge: z.enum(FEEDER_GAUGES), material: z.enum(MATERIALS) })
        .refine(isMade, NOT_MADE)
        .nullable()
        .default(null)
        .describe('of the service; null: not known'),
    })
    .superRefine(({ fixed, added }, context) => noIdInTwo({ fixed, added }, context)),
  attachment: null,
  refuses: () => null,
  say: ({ serviceAmps }) => `${serviceAmps} A service`,
});
export type ServiceSheet = z.output<typeof serviceSheet.fields>;
