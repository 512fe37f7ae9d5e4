import { z } from 'zod';
import { MOST_VISIT_FACTS, visitFact, visitPlan } from '../../visit/work/index.ts';
import { id } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind, namedInEach } from './panelEntryKind.ts';

/** Entries that a visit makes in the log of a breaker begin with this note. */
export const ON_A_VISIT = 'On a visit';

/** A visit as it is planned: one shutdown of a panel. A homeowner may plan it, and hands it over. */
export const visitEntry = panelEntryKind({
  name: 'Visit',
  fields: visitPlan.safeExtend({ visitId: id.describe('its own for ever, whatever undo does to the entry') }),
  attachment: null,
  refuses: () => null,
  say: ({ tasks }) => `A visit: ${tasks.map(({ label }) => label).join(', ')}`,
  breakers: ({ tasks }) => namedInEach('tasks', tasks),
});
export type VisitEntry = z.output<typeof visitEntry.fields>;

/** One thing that happened on a visit, in its place among the others. */
export const visitStep = panelEntryKind({
  name: 'Step of a visit',
  fields: z.strictObject({
    visitId: id,
    n: z
      .int()
      .min(0)
      .max(MOST_VISIT_FACTS - 1, `A visit has ${MOST_VISIT_FACTS} steps at most.`)
      .describe('how many happened before it'),
    fact: visitFact,
  }),
  attachment: null,
  refuses: electriciansOnly,
  say: ({ n }) => `Step ${n + 1} of a visit`,
});
export type VisitStep = z.output<typeof visitStep.fields>;
