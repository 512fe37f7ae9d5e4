import { z } from 'zod';
import { ratingAmps } from '../../facts/quantities/index.ts';
import { FEEDER_GAUGES, MATERIALS } from '../../facts/standards/index.ts';
import { dwellingFields } from '../../code/serviceLoad/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';

/** What a dwelling has on its service, and what the service is made of, as it was entered last. */
export const serviceSheet = panelEntryKind({
  name: 'Load of the service',
  fields: z.strictObject({
    ...dwellingFields,
    meterBaseAmps: ratingAmps.nullable().default(null).describe('null: not known'),
    busAmps: ratingAmps.nullable().default(null).describe('null: not known'),
    conductor: z
      .strictObject({ gauge: z.enum(FEEDER_GAUGES), material: z.enum(MATERIALS) })
      .refine(({ gauge, material }) => material === 'copper' || gauge !== '14', {
        path: ['gauge'],
        message: 'Aluminum is not made in 14 AWG.',
      })
      .nullable()
      .default(null)
      .describe('of the service; null: not known'),
  }),
  attachment: null,
  refuses: () => null,
});
export type ServiceSheet = z.output<typeof serviceSheet.fields>;
