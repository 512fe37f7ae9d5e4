import { CALLS, FIRE_RISK, isAtLeast, PANEL_STOP } from '../../facts/hazards/index.ts';
import type { HowSoon, PanelReview, PanelVerdict } from '../../diagnosis/panelReview/index.ts';
import type { Bearing, ReviewKind } from '../../facts/vocabulary/index.ts';
import type { PanelReviewView } from './schema.ts';

/** What is to be done, as a headline. */
const VERDICT_WORDS: Record<PanelVerdict, string> = {
  sound: 'The panel is sound',
  watch: 'Keep the panel, and check it every year',
  repair: 'Keep the panel, and repair the findings',
  settle: 'Not conclusive: only one kind of evidence points to a failing panel',
  replace: 'Replace the panel',
};

/** How soon, behind a headline. */
const SOON_WORDS: Record<Exclude<HowSoon, 'now'>, string> = {
  'before-season': 'before the season of highest load',
  'within-two-years': 'within two years',
};

/** What a verdict means for the owner: what it protects against, and what waiting risks. */
export const VERDICT_MEANS: Record<PanelVerdict, { protects: string; waiting: string }> = {
  sound: {
    protects: 'Nothing needs to be done. An inspection once a year, with everything on, keeps it that way.',
    waiting:
      'Nothing is at risk today. Connections loosen over the years, so a yearly inspection is worth the hour.',
  },
  watch: {
    protects: 'A second inspection in time finds a failing connection while the repair is still cheap.',
    waiting:
      'Nothing has to be done today. Without a second inspection, a small problem shows only when something fails.',
  },
  repair: {
    protects: 'These repairs keep heat and damage in one place and save the rest of the panel.',
    waiting:
      'A high-resistance connection heats and burns the parts next to it. Left long enough, a repair becomes a new panel.',
  },
  settle: {
    protects: 'A new panel costs thousands of dollars. One more kind of evidence shows whether you need it.',
    waiting: 'Until then the extent of the damage is unknown.',
  },
  replace: {
    protects:
      'A panel with a failing bus or failing connections can burn, and its breakers may not open when they must.',
    waiting: 'The damage gets worse with every hour under load, and new breakers do not fix it.',
  },
};

/** The meaning of a sign, in a few words. */
export const BEARING_WORDS: Record<Bearing, string> = {
  failing: 'points to a failing panel',
  local: 'repair this',
  watch: 'check again',
  clears: 'normal',
};

/** On what evidence a panel is condemned. */
export const CONDEMNED_ON =
  'A panel is condemned only on two independent kinds of evidence, never on age alone, one infrared image or one bad connection.';

/** The kinds of evidence, as headings. */
export const KIND_HEADINGS: Record<ReviewKind, string> = {
  heard: 'Sounds and smells',
  seen: 'Inside inspection',
  currents: 'Leg currents',
  heat: 'Heat under load',
  behaviour: 'Breaker behavior',
};

/** How to gather each kind of evidence. */
const KIND_ASKS: Record<ReviewKind, string> = {
  heard: 'Turn everything on. Listen and smell at the closed panel for a minute.',
  seen: 'A qualified electrician de-energizes the panel, removes the cover and inspects lugs, bus, bus stabs and insulation.',
  currents: 'Clamp both legs with everything on, or leave a data logger on them for a week.',
  heat: 'Run a load test, then scan every connection with an infrared thermometer or camera.',
  behaviour:
    'Exercise every breaker once, and check that each one de-energizes its own circuit and no other.',
};

/** The evaluation of a panel as far as its words ask. */
type Evaluated = Pick<PanelReviewView, 'hazard'> & { review: Pick<PanelReview, 'verdict' | 'soon'> };

/**
 * The risk of waiting: of the hazard on record if there is one, otherwise of the verdict.
 *
 * @param view evaluation of the panel
 * @returns a sentence
 * @example waitingRisks({ hazard: null, review: panelReview({ evidence: ['sizzle-under-load'] }) }) // 'Arcing and overheating can start a fire …'
 */
export const waitingRisks = ({ review: { verdict, soon }, hazard }: Evaluated): string => {
  if (hazard !== null && isAtLeast(hazard.level, 'restrict')) return hazard.waiting;
  return soon === 'now' ? FIRE_RISK : VERDICT_MEANS[verdict].waiting;
};

/**
 * The verdict on a panel as a headline.
 *
 * @param review of the panel
 * @returns a headline
 * @example reviewHeadline(panelReview({ evidence: [] })) // 'Keep the panel, and check it every year'
 */
export function reviewHeadline({ verdict, soon }: Pick<PanelReview, 'verdict' | 'soon'>): string {
  if (soon === 'now')
    return verdict === 'replace' ? 'Stop using this panel, and replace it' : 'Stop using this panel';
  const words = VERDICT_WORDS[verdict];
  return soon === null ? words : `${words}, ${SOON_WORDS[soon]}`;
}

/**
 * The purpose of a recommendation for a panel. A panel that must not be used needs no other reason.
 *
 * @param review of the panel
 * @returns a sentence; null during a stop, except where the panel is to be replaced
 * @example purposeOf(panelReview({ evidence: ['sizzle-under-load'] })) // null
 */
export const purposeOf = ({ verdict, soon }: Pick<PanelReview, 'verdict' | 'soon'>): string | null =>
  soon === 'now' && verdict !== 'replace' ? null : VERDICT_MEANS[verdict].protects;

/**
 * The first steps at a panel with a hazard.
 *
 * @param view evaluation of the panel
 * @returns a sentence for each step; none without a hazard
 * @example firstSteps({ hazard: null, review: panelReview({ evidence: ['sizzle-under-load'] }) }) // ['Use nothing that this panel feeds.', …]
 */
export function firstSteps({ review: { soon }, hazard }: Evaluated): string[] {
  if (hazard !== null && isAtLeast(hazard.level, 'restrict'))
    return [hazard.use, ...hazard.now, ...(hazard.call === null ? [] : [hazard.call])];
  return soon === 'now' ? [PANEL_STOP.use, ...PANEL_STOP.now, CALLS.electrician] : [];
}

/**
 * How a kind of evidence is looked at, where nothing of it is on record. A panel that is a danger is looked at dead, and no other way.
 *
 * @param kind of evidence
 * @param review of the panel
 * @returns a sentence; null: not before it was looked into (see `firstSteps`)
 * @example askFor('seen', review) // 'A qualified electrician takes the cover off, …'
 */
export const askFor = (kind: ReviewKind, { soon }: Pick<PanelReview, 'soon'>): string | null =>
  soon === 'now' && kind !== 'seen' ? null : KIND_ASKS[kind];

/**
 * What would settle whether a panel fails, a line each.
 *
 * @param review of the panel
 * @returns the kind and how it is looked at; what waits until somebody looked inside stands together in the last line
 * @example settlingSteps(review)[0] // { what: 'Seen inside', how: 'A qualified electrician …' }
 */
export function settlingSteps(
  review: Pick<PanelReview, 'soon' | 'wouldSettle'>,
): { what: string; how: string }[] {
  const steps = review.wouldSettle.map((kind) => ({ what: KIND_HEADINGS[kind], how: askFor(kind, review) }));
  const waiting = steps.filter(({ how }) => how === null).map(({ what }) => what);
  return [
    ...steps.flatMap(({ what, how }) => (how === null ? [] : [{ what, how }])),
    ...(waiting.length > 0
      ? [{ what: waiting.join(', '), how: 'Only after it is put under load again.' }]
      : []),
  ];
}
