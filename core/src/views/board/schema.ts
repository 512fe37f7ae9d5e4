import { z } from 'zod';
import { changedBy, decision } from '../../diagnosis/decision/index.ts';
import { hazardShape } from '../../facts/hazards/index.ts';
import { HEAT_GRADES } from '../../physics/heat/index.ts';
import {
  breaker,
  circuit,
  curve,
  id,
  instant,
  panel,
  site,
  inspection,
  reading,
} from '../../record/entities/index.ts';
import { policies } from '../../record/settings/index.ts';
import { sizingOutput } from '../../code/sizing/index.ts';
import { trend } from '../../diagnosis/trends/index.ts';
import { tripWindowOutput } from '../../physics/trip/index.ts';
import { coolDownTimes, tripTrial } from '../../diagnosis/evidence/index.ts';
import { wear } from '../../diagnosis/wear/index.ts';

const handle = z.enum(['on', 'off', 'tripped']);

const load = z.object({
  amps: z.number(),
  share: z.number().describe('share of the rating; 1 is the full rating'),
  by: z.enum(['conductor', 'plug', 'nameplates']),
  at: instant.nullable(),
  errorAmps: z.number().nullable().describe('possible error, A; null if not known'),
  simulated: z.boolean().describe('true if it comes from simulated answers'),
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
  simulated: z.boolean(),
});
export type BoardHeat = z.infer<typeof heat>;

/** A decision as it stood at an instant. */
export const verdict = z.object({ id, at: instant, decision });
export type Verdict = z.infer<typeof verdict>;

const decisionSummary = decision
  .pick({ action: true, family: true, headline: true, confidence: true, toAmps: true })
  .extend({
    because: z.string().describe('main reason'),
    stop: z.boolean(),
    stopElsewhere: z
      .boolean()
      .describe('true if the stop comes from elsewhere in the panel and is shown there'),
    hazard: hazardShape.describe('severity of the breaker’s own findings'),
    repair: z
      .object({ action: decision.shape.action, headline: z.string() })
      .nullable()
      .describe('known repair while a stop is in force'),
    at: instant,
  });
export type DecisionSummary = z.infer<typeof decisionSummary>;

/** One breaker as the board shows it. */
export const boardBreaker = z.object({
  breaker,
  label: z.string().nullable(),
  handle,
  load: load.nullable(),
  heat: heat.nullable().describe('face or terminal temperature, whichever grades worse'),
  feeds: z.object({ panelId: id, name: z.string() }).nullable().describe('subpanel that it feeds'),
  decision: decisionSummary,
});
export type BoardBreaker = z.infer<typeof boardBreaker>;

/** What undo would take back, and redo bring again, at a site. */
const step = z.object({ id, label: z.string() });
export const steps = z.object({ undo: step.nullable(), redo: step.nullable() });
export type UndoRedo = z.infer<typeof steps>;

/** A panel as it hangs, with all that is in it. */
export const board = z.object({
  site,
  panel,
  fedFrom: z
    .object({ panelId: id, panelName: z.string(), breakerId: id.nullable(), place: z.string() })
    .nullable()
    .describe('for a subpanel: breaker or lugs that feed it'),
  breakers: z.array(boardBreaker),
  steps,
});
export type Board = z.infer<typeof board>;

/** Everything about one breaker. */
export const breakerDetail = z.object({
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
  trials: z.array(tripTrial).describe('trips and holds as measurements of its thermal element, oldest first'),
  wear,
  coolDown: coolDownTimes
    .nullable()
    .describe('after a thermal trip without a reset: seconds until it can latch, and until it is fully cool'),
  curve: curve.nullable().describe('printed trip curve of its family'),
  sizing: sizingOutput.nullable(),
  lastVoltage: z
    .object({
      point: z.enum(['outlet', 'load-terminal']),
      value: z.number(),
      at: instant,
      simulated: z.boolean(),
    })
    .nullable(),
  measuredAt: z.array(reading.shape.point).describe('measuring points, latest first'),
  inspections: z.array(inspection).describe('latest reading of each type'),
  verdict: verdict.describe('current decision'),
  trends: z.array(trend).describe('yearly trends'),
  changes: z
    .record(z.string(), z.array(changedBy))
    .describe('for each next test: outcomes that would lead to another decision'),
  feeds: z.object({ panelId: id, name: z.string() }).nullable(),
  policies,
});
export type BreakerDetail = z.infer<typeof breakerDetail>;

/** A panel on the start page. */
export const panelSummary = z.object({
  panel,
  breakers: z.int(),
  attention: z.array(
    z.object({
      breakerId: id.nullable(),
      space: z.int().nullable(),
      label: z.string(),
      headline: z.string(),
      because: z.string(),
      urgency: z.int().describe('0 is the most urgent'),
      stop: z.boolean(),
    }),
  ),
});
export type PanelSummary = z.infer<typeof panelSummary>;

export const siteSummary = z.object({ site, panels: z.array(panelSummary), steps });
export type SiteSummary = z.infer<typeof siteSummary>;
