import { z } from 'zod';
import { trend } from '../../diagnosis/trends/index.ts';
import { DUTY_IDS } from '../../facts/upkeep/index.ts';
import { id, instant } from '../../record/entities/index.ts';

/** What the date of upkeep follows: the clocks that are changed, so many months, or a rule of one’s own. */
export const UPKEEP_FOLLOWS = ['clock-changes', 'months', 'own'] as const;
export type UpkeepFollows = (typeof UPKEEP_FOLLOWS)[number];

/** What is kept up at a panel: when each is due, and the rounds that were made. */
export const upkeepView = z.object({
  suspended: z
    .array(z.string())
    .describe('reason exercising is suspended until a hazard is repaired; empty if it is not suspended'),
  duties: z.array(
    z.object({
      duty: z.enum(DUTY_IDS),
      breakerIds: z.array(id).describe('in the order that does the least harm'),
      lastAt: instant.nullable(),
      dueAt: instant,
      everyMonths: z.int(),
      follows: z.enum(UPKEEP_FOLLOWS).describe('basis of its due date'),
      isDue: z.boolean(),
    }),
  ),
  keepsPower: z
    .object({
      breakerIds: z.array(id),
      isSaid: z
        .boolean()
        .describe('true if a person confirmed the list; otherwise it follows from the circuit names'),
    })
    .describe('critical loads'),
  rounds: z.array(
    z.object({
      entryId: id,
      at: instant,
      duty: z.enum(DUTY_IDS),
      count: z.int(),
      amiss: z.int().describe('number that need attention'),
    }),
  ),
});
export type UpkeepView = z.infer<typeof upkeepView>;

const ofPanel = { siteId: id, site: z.string(), panelId: id, panel: z.string() };

/** What there is to do without anything being wrong, anywhere: rounds that are due, and what nears its limit. */
export const dueAnywhere = z.object({
  rounds: z.array(
    z.object({
      ...ofPanel,
      duties: z.array(z.enum(DUTY_IDS)).describe('tasks that are due, most overdue first'),
      dueAt: instant.describe('the most overdue one'),
    }),
  ),
  ahead: z.array(z.object({ ...ofPanel, where: z.string(), trend })),
});
export type DueAnywhere = z.infer<typeof dueAnywhere>;
