import { z } from 'zod';
import { id, instant, panel, site } from '../../record/entities/index.ts';
import { PANEL_ENTRIES, PERMIT_NEEDS } from '../../record/panelEntries/index.ts';
import { SOURCE_KINDS, visitFact, visitTask, WORKS } from '../../visit/work/index.ts';

/** How a visit stands. */
export const VISIT_STANDS = ['planned', 'under-way', 'finished', 'left'] as const;
export type VisitStands = (typeof VISIT_STANDS)[number];

/** A visit in a list. */
export const visitSummary = z.object({
  visitId: id,
  panelId: id,
  panelName: z.string(),
  plannedAt: instant,
  plannedFor: instant.nullable(),
  what: z.array(z.string()).describe('circuits affected'),
  places: z.array(visitTask.pick({ space: true, half: true, poles: true })).describe('where the work is'),
  sources: z.array(z.enum(SOURCE_KINDS)).describe('other sources that the person named'),
  stands: z.enum(VISIT_STANDS),
  within: id.nullable().describe('visit whose shutdown it shares; null if it has its own'),
  endedAt: instant.nullable(),
});
export type VisitSummary = z.infer<typeof visitSummary>;

/** The visits of a site, newest first, and what earlier ones taught about how long they take. */
export const siteVisits = z.object({
  visits: z.array(visitSummary),
  learned: z.object({
    visits: z.int(),
    factor: z.number().describe('actual outage divided by the usual time, from visits at this site'),
  }),
});
export type SiteVisits = z.infer<typeof siteVisits>;

const step = z.object({
  entryId: id,
  n: z.int(),
  at: instant,
  simulated: z.boolean(),
  fact: visitFact,
});
export type VisitStepRow = z.infer<typeof step>;

/** A visit with everything that happened on it. */
export const visitRecord = z.object({
  site,
  panel,
  entryId: id,
  plannedAt: instant,
  plan: PANEL_ENTRIES.visit.fields,
  steps: z.array(step),
});
export type VisitRecord = z.infer<typeof visitRecord>;

/** A visit with its permit. */
export const visitWithPermit = visitRecord.extend({
  permit: PANEL_ENTRIES.permit.fields.nullable().describe('as it stands; null if nothing was entered'),
  earlierPermits: z
    .array(z.object({ works: z.array(z.enum(WORKS)), need: z.enum(PERMIT_NEEDS) }))
    .describe('of earlier visits at this site, newest first'),
});
export type VisitWithPermit = z.infer<typeof visitWithPermit>;
