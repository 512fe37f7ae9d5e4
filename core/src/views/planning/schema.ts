import { z } from 'zod';
import { breaker, circuit, id, instant, panel, site } from '../../record/entities/index.ts';
import { PANEL_SIGN_IDS } from '../../facts/vocabulary/index.ts';
import { PANEL_ENTRIES } from '../../record/panelEntries/index.ts';

const stored = <C extends z.ZodType>(content: C) =>
  z.object({ entryId: id, at: instant, simulated: z.boolean(), content });

/** A panel as it is planned with: what is in it, what a logger saw, and what was planned before. */
export const plannedPanel = z.object({
  panel,
  breakers: z.array(
    z.object({
      breaker,
      circuit: circuit.nullable(),
      measuredAmps: z.number().nullable().describe('latest clamp reading on its conductor, A'),
    }),
  ),
  peak: z
    .object({ amps: z.number(), at: instant, days: z.number() })
    .nullable()
    .describe('highest 15-minute demand of a recording on one leg, A, and its duration'),
  atMain: stored(PANEL_ENTRIES['main-currents'].fields)
    .nullable()
    .describe('largest currents clamped at the main'),
  sheet: stored(PANEL_ENTRIES['service-sheet'].fields).nullable().describe('the latest'),
  sources: stored(PANEL_ENTRIES['other-sources'].fields).nullable().describe('the latest'),
  critical: z.array(id).describe('breakers of critical loads'),
  corrections: z
    .array(z.object({ entryId: id, text: z.string() }))
    .describe('what an inspector wants corrected'),
  signs: z.array(z.enum(PANEL_SIGN_IDS)).describe('findings of the panel as a whole that stand'),
  proposals: z.array(stored(PANEL_ENTRIES.proposal.fields)).describe('newest first'),
});
export type PlannedPanel = z.infer<typeof plannedPanel>;
export type StoredProposal = PlannedPanel['proposals'][number];

export const planning = z.object({ site, panels: z.array(plannedPanel) });
export type Planning = z.infer<typeof planning>;
