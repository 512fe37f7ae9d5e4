import { z } from 'zod';
import { noIdInTwo, ratingAmps } from '../../facts/quantities/index.ts';
import { FEEDER_GAUGES, MATERIALS, isMade, NOT_MADE } from '../../facts/standards/index.ts';
import { dwellingFields } from '../../code/serviceLoad/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** What a dwelling has on its service, and what the service is made of, as it was entered last. */
export const serviceSheet = panelEntryKind({
  name: messages.serviceLoad,
  fields: z
    .strictObject({
      ...dwellingFields,
      meterBaseAmps: ratingAmps.nullable().default(null).describe('null if not known'),
      busAmps: ratingAmps.nullable().default(null).describe('null if not known'),
      conductor: z
        .strictObject({ gauge: z.enum(FEEDER_GAUGES), material: z.enum(MATERIALS) })
        .refine(isMade, NOT_MADE)
        .nullable()
        .default(null)
        .describe('service rating; null if not known'),
    })
    .superRefine(({ fixed, added }, context) => noIdInTwo({ fixed, added }, context)),
  attachment: null,
  refuses: () => null,
  say: ({ serviceAmps }) => messages.aService(serviceAmps),
});
export type ServiceSheet = z.output<typeof serviceSheet.fields>;
