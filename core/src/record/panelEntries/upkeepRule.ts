import { z } from 'zod';
import { DUTY_IDS } from '../../facts/upkeep/index.ts';
import { instant } from '../entities/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';

/** When something is kept up here, where it is not as usual; the latest holds. */
export const upkeepRule = panelEntryKind({
  name: 'Dates of upkeep',
  fields: z.strictObject({
    duty: z.enum(DUTY_IDS, 'This is not known as upkeep.'),
    everyMonths: z
      .int('Months are a whole number.')
      .min(1, 'From 1 to 60 months.')
      .max(60, 'From 1 to 60 months.')
      .nullable()
      .default(null)
      .describe('null: as is usual'),
    nextAt: instant.nullable().default(null).describe('when it is due next; null: as it follows'),
  }),
  attachment: null,
  refuses: () => null,
});
export type UpkeepRule = z.output<typeof upkeepRule.fields>;
