import { FIRE_RISK, isAtLeast } from '../../facts/hazards/index.ts';
import type { HowSoon, PanelReview, PanelVerdict } from '../../diagnosis/panelReview/index.ts';
import type { Bearing, ReviewKind } from '../../facts/vocabulary/index.ts';
import type { PanelReviewView } from './schema.ts';

/** What is to be done, as a headline. */
const VERDICT_WORDS: Record<PanelVerdict, string> = {
  sound: 'The panel is sound',
  watch: 'Keep the panel, and keep an eye on it',
  repair: 'Repair what was found; the panel stays',
  settle: 'Not settled: only one kind of evidence speaks against it',
  replace: 'Replace the panel',
};

/** How soon, behind a headline. */
const SOON_WORDS: Record<HowSoon, string> = {
  now: 'now',
  'before-season': 'before the season of its largest load',
  'within-two-years': 'within two years',
};

/** What a verdict means for the owner: what it protects against, and what waiting risks. */
export const VERDICT_MEANS: Record<PanelVerdict, { protects: string; waiting: string }> = {
  sound: {
    protects: 'Nothing has to be done. A look inside once a year, with everything on, keeps it so.',
    waiting:
      'Nothing is at risk today. Joints loosen over the years, which is why the yearly look is worth its hour.',
  },
  watch: {
    protects: 'A second look in time finds a failing connection while the repair is still cheap.',
    waiting:
      'Nothing has to be done today. Without a second look, a small problem shows only when something fails.',
  },
  repair: {
    protects: 'Repairing these keeps heat and damage in one place and saves the rest of the panel.',
    waiting:
      'A high-resistance connection heats and burns the parts beside it. Left long enough, a repair becomes a new panel.',
  },
  settle: {
    protects: 'A new panel costs thousands of dollars. One more kind of evidence shows whether you need it.',
    waiting: 'Until then the extent of the damage is unknown.',
  },
  replace: {
    protects:
      'A panel with a failing bus or failing connections can burn, and its breakers may not open when they must.',
    waiting: 'The damage goes on with every hour under load, and no new breaker cures it.',
  },
};

/** What a sign bears, in a few words. */
export const BEARING_WORDS: Record<Bearing, string> = {
  failing: 'speaks for a failing panel',
  local: 'to be repaired at its place',
  watch: 'to be watched',
  clears: 'nothing against it',
};

/** The kinds of evidence, as headings. */
export const KIND_HEADINGS: Record<ReviewKind, string> = {
  heard: 'Sounds and smells',
  seen: 'Seen inside',
  currents: 'Currents of the legs',
  heat: 'Heat under load',
  behaviour: 'How the breakers behave',
};

/** What to do to look at a kind, where nothing of it is on record. */
const KIND_ASKS: Record<ReviewKind, string> = {
  heard: 'Turn everything on. Listen and smell at the closed panel for a minute.',
  seen: 'A qualified electrician de-energizes the panel, removes the cover and inspects lugs, bus, bus stabs and insulation.',
  currents: 'Clamp both legs with everything on, or leave a data logger on them for a week.',
  heat: 'Run a load test, then scan every connection with an infrared thermometer or camera.',
  behaviour:
    'Exercise every breaker once, and check that each one de-energizes its own circuit and no other.',
};

/** What is done first where a panel is a danger as it stands. */
const LEAVE_OFF = {
  settle:
    'If you can reach the main breaker without touching anything hot or wet, turn it off now and leave it off. Call a licensed electrician now. If you see smoke or flame, get everyone out and call the fire department.',
  replace:
    'If you can reach the main breaker without touching anything hot or wet, turn it off now and leave it off. Call a licensed electrician now, and do not load this panel again. If you see smoke or flame, get everyone out and call the fire department.',
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
 * @example reviewHeadline(panelReview({ evidence: [] })) // 'Keep the panel, and keep an eye on it'
 */
export function reviewHeadline({ verdict, soon }: Pick<PanelReview, 'verdict' | 'soon'>): string {
  const words = VERDICT_WORDS[verdict];
  if (soon === 'now' && verdict !== 'replace' && verdict !== 'settle') return 'Stop using this panel';
  return soon === null || verdict === 'settle' ? words : `${words}, ${SOON_WORDS[soon]}`;
}

/**
 * The first steps at a panel with a hazard.
 *
 * @param view evaluation of the panel
 * @returns a sentence for each step; none without a hazard
 * @example firstSteps({ hazard: null, review: panelReview({ evidence: ['sizzle-under-load'] }) }) // ['If you can reach the main …']
 */
export function firstSteps({ review: { verdict, soon }, hazard }: Evaluated): string[] {
  if (hazard !== null && isAtLeast(hazard.level, 'restrict')) return [hazard.use, ...hazard.now];
  if (soon !== 'now') return [];
  return [verdict === 'replace' ? LEAVE_OFF.replace : LEAVE_OFF.settle];
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
      ? [{ what: waiting.join(', '), how: 'Only once it is put under load again.' }]
      : []),
  ];
}
