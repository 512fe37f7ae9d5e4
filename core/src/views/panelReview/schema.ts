import { z } from 'zod';
import { panelReviewOutput } from '../../diagnosis/panelReview/index.ts';
import { HAZARD_LEVELS } from '../../facts/hazards/index.ts';
import { PANEL_SIGN_IDS, REVIEW_KINDS } from '../../facts/vocabulary/index.ts';
import { id, instant } from '../../record/entities/index.ts';

/** A sign of a panel, as it is shown: what it is, why it speaks as it does, and what on record says so. */
export const shownSign = z.object({
  sign: z.enum(PANEL_SIGN_IDS),
  kind: z.enum([...REVIEW_KINDS, 'context']),
  bearing: z.enum(['failing', 'local', 'watch', 'clears']),
  words: z.string(),
  why: z.string(),
  origin: z.string(),
  when: instant.nullable(),
  breakerIds: z.array(id),
  entryId: id.nullable().describe('id of the entry a person made; null if it follows from the record'),
});
export type ShownSign = z.infer<typeof shownSign>;

/** The review of a panel, as it is shown. */
export const panelReviewView = z.object({
  site: z.string(),
  panel: z.object({
    id,
    name: z.string(),
    spaces: z.int(),
    family: z.string(),
    mainAmps: z.number().nullable(),
  }),
  now: instant,
  review: panelReviewOutput,
  hazard: z
    .object({
      level: z.enum(HAZARD_LEVELS),
      findings: z.array(z.string()),
      use: z.string().describe('parts of the installation that may still be used'),
      now: z.array(z.string()).describe('steps to take now'),
      call: z.string().nullable().describe('whom to call now; null unless it is a stop'),
      waiting: z.string().describe('risk of waiting'),
    })
    .nullable()
    .describe('hazards on record for the whole panel; null if none'),
  signs: z.array(shownSign),
  season: z.string().nullable().describe('season of its highest load'),
});
export type PanelReviewView = z.infer<typeof panelReviewView>;
