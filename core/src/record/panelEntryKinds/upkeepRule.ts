import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { DUTY_IDS, dutyOf } from '../../facts/upkeep/index.ts';
import { instant } from '../entities/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';
import { counted } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

const INTERVAL = messages.enter1ToMonths(TIME_LIMITS.dutyMostMonths);

/** When maintenance is due at this panel, if not at the usual interval; the latest entry holds. */
export const upkeepRule = panelEntryKind({
  name: messages.maintenanceDates,
  fields: z.strictObject({
    duty: z.enum(DUTY_IDS, 'This is not a maintenance task.'),
    everyMonths: z
      .int(messages.enterAWholeNumberOfMonths)
      .min(1, INTERVAL)
      .max(TIME_LIMITS.dutyMostMonths, INTERVAL)
      .nullable()
      .default(null)
      .describe('null: the usual interval'),
    nextAt: instant.nullable().default(null).describe('next due date; null if it follows from the interval'),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ duty, everyMonths, nextAt }) =>
    `${dutyOf(duty).name}: ${everyMonths === null ? messages.usualDates : messages.every(counted(everyMonths, 'month', 'months'))}${nextAt === null ? '' : messages.next(nextAt.slice(0, 10))}`,
});
export type UpkeepRule = z.output<typeof upkeepRule.fields>;
