import { z } from 'zod';
import { reason } from '../../facts/quantities/index.ts';
import { PANEL_SIGN_IDS, REVIEW_KINDS, type PanelSignId } from '../../facts/vocabulary/index.ts';
import * as messages from './messages.ts';

export const PANEL_VERDICTS = ['sound', 'watch', 'repair', 'settle', 'replace'] as const;
export type PanelVerdict = (typeof PANEL_VERDICTS)[number];
export const HOW_SOON = ['now', 'before-season', 'within-two-years'] as const;
export type HowSoon = (typeof HOW_SOON)[number];

const signId = z.enum(PANEL_SIGN_IDS, 'This sign is not in Phylaxon’s list.');
const kind = z.enum(REVIEW_KINDS);

function noSignTwice(evidence: readonly PanelSignId[], context: z.RefinementCtx): void {
  evidence.forEach((id, i) => {
    if (evidence.indexOf(id) < i)
      context.addIssue({ code: 'custom', path: [i], message: messages.isListedTwice(id) });
  });
}

export const panelReviewInput = z.object({
  evidence: z
    .array(signId, messages.theEvidenceMustBeAList)
    .max(PANEL_SIGN_IDS.length, messages.enterEachSignOnce)
    .superRefine(noSignTwice),
});
export type PanelReviewInput = z.input<typeof panelReviewInput>;

export const panelReviewOutput = z.object({
  verdict: z.enum(PANEL_VERDICTS),
  soon: z.enum(HOW_SOON).nullable().describe('null if there is no urgency'),
  failingKinds: z.array(kind).describe('kinds of evidence that the panel is failing'),
  notLookedAt: z.array(kind).describe('kinds without any evidence'),
  repairs: z.array(signId).describe('repairs at single places'),
  wouldSettle: z.array(kind).describe('kinds of evidence that would decide'),
  reasons: z.array(reason),
});
export type PanelReview = z.infer<typeof panelReviewOutput>;
