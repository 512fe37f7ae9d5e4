import {
  PANEL_SIGN_WORDS,
  PANEL_SIGNS,
  panelSign,
  REVIEW_KINDS,
  type PanelSignId,
  type ReviewKind,
} from '../../facts/vocabulary/index.ts';
import {
  panelReviewInput,
  type HowSoon,
  type PanelReview,
  type PanelReviewInput,
  type PanelVerdict,
} from './schema.ts';
import * as messages from './messages.ts';

/** Condemned on so many independent kinds of failing evidence, never on fewer. */
const KINDS_TO_CONDEMN = 2;

/** The kinds, as they stand in a sentence. */
export const PANEL_SIGN_KIND_WORDS: Record<ReviewKind, string> = {
  heard: messages.soundsAndSmells,
  seen: messages.conditionInsideThePanel,
  currents: messages.legCurrents,
  heat: messages.heatUnderLoad,
  behaviour: messages.breakerBehavior,
};

/**
 * Whether a panel as a whole is failing: condemned only where two independent kinds of evidence say so, never on age, on one picture
 * or on one bad joint.
 *
 * @param input signs of the panel, each once, in any order
 * @returns what to do and how soon; which kinds speak against it, which were not looked at, what is to be repaired, what would
 *   settle it; and why
 * @throws ZodError where a sign is not known, or given twice
 * @example panelReview({ evidence: ['over-40-years', 'bus-or-lug-over-15'] }).verdict // 'settle'
 * @example panelReview({ evidence: ['bus-or-lug-over-15', 'stabs-pitted-several'] }).verdict // 'replace'
 */
export function panelReview(input: PanelReviewInput): PanelReview {
  const { evidence } = panelReviewInput.parse(input);
  const failing = failingSigns(evidence);
  const failingKinds = REVIEW_KINDS.filter((kind) => failing.some((id) => PANEL_SIGNS[id].kind === kind));
  const notLookedAt = REVIEW_KINDS.filter((kind) => !evidence.some((id) => PANEL_SIGNS[id].kind === kind));
  const repairs = evidence.filter((id) => PANEL_SIGNS[id].bearing === 'local');
  const toWatch = evidence.some((id) => PANEL_SIGNS[id].bearing === 'watch');
  const verdict = verdictOf(failingKinds.length, repairs.length > 0, toWatch || notLookedAt.length > 0);
  const others =
    notLookedAt.length > 0 ? notLookedAt : REVIEW_KINDS.filter((kind) => !failingKinds.includes(kind));
  const wouldSettle = verdict === 'settle' ? others : [];
  const soon = howSoon(verdict, evidence, failing);
  return {
    verdict,
    soon,
    failingKinds,
    notLookedAt,
    repairs,
    wouldSettle,
    reasons: reasonsOf(verdict, evidence, failing, { failingKinds, notLookedAt, wouldSettle, soon }),
  };
}

/** What speaks for a failing panel; legs unequal for years explain a failing joint, and count once heat shows one. */
function failingSigns(evidence: readonly PanelSignId[]): PanelSignId[] {
  const failing = evidence.filter((id) => PANEL_SIGNS[id].bearing === 'failing');
  const heatFails = failing.some((id) => PANEL_SIGNS[id].kind === 'heat');
  return heatFails ? [...failing, ...evidence.filter((id) => id === 'legs-unequal-for-years')] : failing;
}

function verdictOf(failingKinds: number, local: boolean, open: boolean): PanelVerdict {
  if (failingKinds >= KINDS_TO_CONDEMN) return 'replace';
  if (failingKinds === 1) return 'settle';
  if (local) return 'repair';
  return open ? 'watch' : 'sound';
}

function howSoon(
  verdict: PanelVerdict,
  evidence: readonly PanelSignId[],
  failing: readonly PanelSignId[],
): HowSoon | null {
  if (failing.some((id) => panelSign(id).now)) return 'now';
  if (verdict !== 'replace') return null;
  return evidence.includes('season-ahead') ? 'before-season' : 'within-two-years';
}

function reasonsOf(
  verdict: PanelVerdict,
  evidence: readonly PanelSignId[],
  failing: readonly PanelSignId[],
  {
    failingKinds,
    notLookedAt,
    wouldSettle,
    soon,
  }: Pick<PanelReview, 'failingKinds' | 'notLookedAt' | 'wouldSettle' | 'soon'>,
): PanelReview['reasons'] {
  const reasons: PanelReview['reasons'] = [];
  const kinds = (list: readonly ReviewKind[]) => list.map((kind) => PANEL_SIGN_KIND_WORDS[kind]).join('; ');
  if (verdict === 'replace')
    reasons.push({
      code: 'independent-kinds',
      text: messages.independentKindsOfEvidence(failingKinds.length, kinds(failingKinds)),
    });
  if (verdict === 'settle')
    reasons.push({
      code: 'one-kind-only',
      text: messages.onlyOneKindOfEvidencePoints(kinds(failingKinds), kinds(wouldSettle)),
    });
  if (soon === 'now')
    reasons.push({
      code: 'now',
      text: verdict === 'replace' ? messages.replaceThePanelNowTheFindings : messages.leaveThePanelOffUntilIt,
    });
  const said = [...failing, ...evidence.filter((id) => !failing.includes(id))];
  for (const id of said) {
    const { words, why } = PANEL_SIGN_WORDS[id];
    reasons.push({ code: id, text: `${words}. ${why}` });
  }
  if (notLookedAt.length > 0)
    reasons.push({ code: 'not-looked-at', text: messages.notInspectedYet(kinds(notLookedAt)) });
  return reasons;
}
