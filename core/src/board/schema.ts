import { z } from 'zod';
import { decision } from '../diagnose/index.ts';
import { HEAT_GRADES } from '../heat/index.ts';
import { breaker, circuit, event, id, instant, observation, panel, reading, site } from '../record/index.ts';
import { sizingOutput } from '../sizing/index.ts';
import { tripWindowOutput } from '../trip/index.ts';

const handle = z.enum(['on', 'off', 'tripped']);

const load = z.object({
  amps: z.number(),
  share: z.number().describe('of the rating, 1 = all of it'),
  by: z.enum(['conductor', 'plug', 'nameplates']),
  at: instant.nullable(),
});

const heat = z.object({
  point: z.enum(['face', 'terminal']),
  at: instant,
  surfaceC: z.number(),
  ambientC: z.number(),
  riseC: z.number(),
  overPeersC: z.number().nullable(),
  riseAtRatingC: z.number().nullable(),
  grade: z.enum(HEAT_GRADES),
});
export type BoardHeat = z.infer<typeof heat>;

/** A decision as it stood at an instant. */
export const verdict = z.object({ id, at: instant, decision });
export type Verdict = z.infer<typeof verdict>;

/** One breaker as the board shows it. */
export const boardBreaker = z.object({
  breaker,
  label: z.string().nullable(),
  handle,
  load: load.nullable(),
  heat: heat.nullable().describe('the hotter of face and terminal, by grade'),
  standing: decision
    .pick({ action: true, family: true, headline: true, confidence: true, toAmps: true })
    .extend({
      stop: z.boolean(),
      stopAtMain: z.boolean().describe('the danger is the main’s and told there'),
      at: instant,
    }),
});
export type BoardBreaker = z.infer<typeof boardBreaker>;

/** A panel as it hangs, with all that is in it. */
export const board = z.object({ site, panel, breakers: z.array(boardBreaker) });
export type Board = z.infer<typeof board>;

/** Everything about one breaker. */
export const sheet = z.object({
  panel,
  breaker,
  circuit: circuit.nullable(),
  handle,
  load: load.nullable(),
  heat: z.array(heat),
  trips: z.array(
    z.object({
      eventId: id,
      verdict: z.enum(['too-early', 'within-band', 'too-late']).nullable(),
      window: tripWindowOutput.nullable(),
    }),
  ),
  sizing: sizingOutput.nullable(),
  readings: z.array(reading),
  events: z.array(event),
  observations: z.array(observation),
  verdicts: z.array(verdict).describe('newest first; the first stands'),
});
export type Sheet = z.infer<typeof sheet>;

/** A panel on the start page. */
export const panelSummary = z.object({
  panel,
  breakers: z.int(),
  attention: z.array(z.object({ breakerId: id, label: z.string(), headline: z.string(), stop: z.boolean() })),
});
export type PanelSummary = z.infer<typeof panelSummary>;

export const siteSummary = z.object({ site, panels: z.array(panelSummary) });
export type SiteSummary = z.infer<typeof siteSummary>;
