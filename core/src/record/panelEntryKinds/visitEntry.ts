import { z } from 'zod';
import { MOST_VISIT_FACTS, visitFact, visitPlan } from '../../visit/work/index.ts';
import { id } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind, namedInEach } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** Entries that a visit makes in the log of a breaker begin with this note. */
export const ON_A_VISIT = messages.onAVisit;

/** A visit as it is planned: one shutdown of a panel. A homeowner may plan it, and hands it over. */
export const visitEntry = panelEntryKind({
  name: messages.serviceVisit,
  fields: visitPlan.safeExtend({ visitId: id.describe('its permanent id, unaffected by undo') }),
  attachment: null,
  refuses: () => null,
  say: ({ tasks }) => messages.serviceVisitOf(tasks.map(({ label }) => label).join(', ')),
  breakers: ({ tasks }) => namedInEach('tasks', tasks),
});
export type VisitEntry = z.output<typeof visitEntry.fields>;

/** One thing that happened on a visit, in its place among the others. */
export const visitStep = panelEntryKind({
  name: messages.visitStep,
  fields: z.strictObject({
    visitId: id,
    n: z
      .int()
      .min(0)
      .max(MOST_VISIT_FACTS - 1, messages.aVisitCanHaveAtMost(MOST_VISIT_FACTS))
      .describe('number of steps before it'),
    fact: visitFact,
  }),
  attachment: null,
  refuses: electriciansOnly,
  say: ({ n }) => messages.visitStepOf(n + 1),
});
export type VisitStep = z.output<typeof visitStep.fields>;
