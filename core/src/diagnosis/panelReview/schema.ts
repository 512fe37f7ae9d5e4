import { z } from 'zod';
import { reason } from '../../facts/quantities/index.ts';
import { PANEL_SIGN_IDS, REVIEW_KINDS, type PanelSignId } from '../../facts/vocabulary/index.ts';

export const PANEL_VERDICTS = ['sound', 'watch', 'repair', 'settle', 'replace'] as const;
export type PanelVerdict = (typeof PANEL_VERDICTS)[number];
export const HOW_SOON = ['now', 'before-season', 'within-two-years'] as const;
export type HowSoon = (typeof HOW_SOON)[number];

const signId = z.enum(PANEL_SIGN_IDS, 'This is no sign of a panel that is known here.');
const kind = z.enum(REVIEW_KINDS);

function noSignTwice(evidence: readonly PanelSignId[], context: z.RefinementCtx): void {
  evidence.forEach((id, i) => {
    if (evidence.indexOf(id) < i)
      context.addIssue({ code: 'custom', path: [i], message: `“${id}” is given twice.` });
  });
}

export const panelReviewInput = z.object({
  evidence: z
    .array(signId, 'The evidence must be a list.')
    .max(PANEL_SIGN_IDS.length, 'Each sign can be given once.')
    .superRefine(noSignTwice),
});
export type PanelReviewInput = z.input<typeof panelReviewInput>;

export const panelReviewOutput = z.object({
  verdict: z.enum(PANEL_VERDICTS),
  soon: z.enum(HOW_SOON).nullable().describe('null: there is no hurry'),
  failingKinds: z.array(kind).describe('kinds with evidence that the panel fails'),
  notLookedAt: z.array(kind).describe('kinds without any evidence'),
  repairs: z.array(signId).describe('what is to be put right at its place'),
  wouldSettle: z.array(kind).describe('kinds that would tell whether it fails'),
  reasons: z.array(reason),
});
export type PanelReview = z.infer<typeof panelReviewOutput>;
