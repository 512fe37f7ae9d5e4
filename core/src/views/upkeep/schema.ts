import { z } from 'zod';
import { DUTY_IDS } from '../../facts/upkeep/index.ts';
import { id, instant } from '../../record/entities/index.ts';

/** What is kept up at a panel: when each is due, and the rounds that were made. */
export const upkeepView = z.object({
  duties: z.array(
    z.object({
      duty: z.enum(DUTY_IDS),
      breakerIds: z.array(id).describe('in the order that does the least harm'),
      lastAt: instant.nullable(),
      dueAt: instant,
      isDue: z.boolean(),
    }),
  ),
  rounds: z.array(
    z.object({
      entryId: id,
      at: instant,
      duty: z.enum(DUTY_IDS),
      count: z.int(),
      amiss: z.int().describe('how many were not as they should be'),
    }),
  ),
});
export type UpkeepView = z.infer<typeof upkeepView>;
