import { cautionsAt, sayConfidence, type Decision } from '../../diagnosis/decision/index.ts';
import { inspectionWords } from '../../facts/inspection/index.ts';
import { sayQuantity, uncapital } from '../../facts/quantities/index.ts';
import { ACTION_MEANINGS, PANEL_SIGN_WORDS } from '../../facts/vocabulary/index.ts';
import type { Breaker, Panel } from '../../record/entities/index.ts';
import { ownFindings, sayResult, type KnownResult } from '../inspection/index.ts';
import { directoryFindings, sayDirectoryFinding } from '../directoryCard/index.ts';
import { consequencesOf, isAtLeast, PANEL_STOP, type Helper } from '../../facts/hazards/index.ts';
import { attentionOf } from '../board/index.ts';
import {
  firstSteps,
  purposeOf,
  reviewHeadline,
  VERDICT_MEANS,
  waitingRisks,
  type PanelReviewView,
} from '../panelReview/index.ts';
import { whereItIs } from '../upkeep/index.ts';
import { figuresOf } from './figures.ts';
import { locatorSvg } from '../panelDrawings/index.ts';
import { URGENCIES, type ReportFinding, type ReportPicture, type Urgency } from './schema.ts';
import * as messages from './messages.ts';

/** A breaker as far as a report tells of it. */
export interface ReportedBreaker {
  breaker: Breaker;
  label: string | null;
  /** On its own findings: what concerns the whole panel is told where it was found. */
  decision: Decision;
  /** Something was ever measured at it. */
  isMeasured: boolean;
  /** Photos taken at it, newest first, and what an infrared image shows of it. */
  pictures: readonly ReportPicture[];
}

export type FindingOf = Omit<ReportFinding, 'price'>;
type ReportedShape = Pick<Panel, 'id' | 'name' | 'spaces' | 'orientation' | 'holes'>;

/** How soon a decision is carried out; null where there is nothing to do but measure, or nothing at all. */
function urgencyOf({ family, stop, hazard }: Decision): Urgency | null {
  if (stop.active && !stop.isElsewhere) return 'now';
  const follows = consequencesOf(hazard);
  if (follows) return follows.within;
  return family === 'need-more' || family === 'keep' ? null : 'plan';
}

/** What a finding is known by as long as it stays the same. */
export const breakerFindingKey = (breakerId: string) => ['breaker', breakerId].join(' ');
export const holeFindingKey = (panelId: string, space: number) => ['hole', panelId, space].join(' ');

const WHOM: Record<Helper, string> = {
  anyone: messages.anyoneWithTheCoverOn,
  electrician: messages.aQualifiedElectrician,
  utility: messages.theUtilityAndAnElectrician,
};
const whomFor = (who: Helper): string => WHOM[who];

/** Reasons that carry or support a decision; so many are enough on paper. */
const LEAST_WEIGHT = 2;
const MOST_REASONS = 4;
const MOST_PHOTOS = 2;

/**
 * Whether a decision rests on a measured temperature.
 *
 * @param decision of a breaker
 * @returns whether a reason of weight tells of one
 * @example restsOnHeat({ reasons: [] }) // false
 */
export const restsOnHeat = ({ reasons }: Pick<Decision, 'reasons'>): boolean =>
  reasons.some(({ weight, figures }) => weight >= LEAST_WEIGHT && figures.some(({ unit }) => unit === 'Δ°C'));

const sourcesOf = ({ reasons }: Decision): string[] => [
  ...new Set(reasons.flatMap(({ source }) => source?.split('; ') ?? [])),
];

/** What was decided of a breaker, as a finding; none where nothing is to be done. */
function ofBreaker(
  panel: ReportedShape,
  { breaker, label, decision, pictures }: ReportedBreaker,
): FindingOf | null {
  const { action, stop, headline, reasons, also, confidence } = decision;
  const soon = urgencyOf(decision);
  if (soon === null) return null;
  const follows = consequencesOf(decision.hazard);
  const weighed = reasons.filter(({ weight }) => weight >= LEAST_WEIGHT).map(({ text }) => text);
  const because = [...new Set(stop.active ? stop.reasons : weighed)].slice(0, MOST_REASONS);
  const meaning = ACTION_MEANINGS[stop.active ? 'make-safe-and-call' : action];
  const isRestricted = follows !== null && isAtLeast(decision.hazard.level, 'restrict');
  return {
    key: breakerFindingKey(breaker.id),
    urgency: soon,
    panelId: panel.id,
    panel: panel.name,
    where: `${whereItIs({ breaker, label })}, ${sayQuantity(breaker.ratingAmps, 'A')}`,
    location: { space: breaker.space, poles: breaker.poles, half: breaker.half },
    headline,
    whom: whomFor(follows?.who ?? (decision.forElectrician || stop.active ? 'electrician' : 'anyone')),
    use: isRestricted ? follows.use : null,
    because,
    until: stop.active
      ? [...stop.doNow, ...(stop.call === null ? [] : [stop.call])]
      : [...new Set([...(follows?.now ?? []), ...cautionsAt(decision, 'first')])],
    figures: figuresOf(reasons.filter(({ weight }) => weight >= LEAST_WEIGHT)),
    why: meaning.why,
    waiting: isRestricted ? follows.waiting : meaning.waiting,
    also: also.map(({ text }) => text).filter((text) => !because.includes(text)),
    sureness: stop.active ? null : sayConfidence(confidence),
    pictures: [
      ...pictures.filter(({ kind }) => kind === 'photo').slice(0, MOST_PHOTOS),
      ...pictures.filter(({ kind }) => kind === 'drawing'),
      {
        kind: 'drawing',
        svg: locatorSvg(panel, breaker),
        caption: whereItIs({ breaker, label: null }),
      },
    ],
    sources: sourcesOf(decision),
  };
}

const OF_REVIEW: Record<'now' | 'before-season' | 'within-two-years', Urgency> = {
  now: 'now',
  'before-season': 'weeks',
  'within-two-years': 'plan',
};

const plainFinding = (
  panel: ReportedShape,
  rest: Pick<FindingOf, 'key' | 'urgency' | 'headline' | 'because' | 'why' | 'waiting'> & Partial<FindingOf>,
): FindingOf => ({
  panelId: panel.id,
  panel: panel.name,
  where: messages.panel,
  location: null,
  whom: whomFor('electrician'),
  use: null,
  until: [],
  figures: [],
  also: [],
  sureness: null,
  pictures: [],
  sources: [],
  ...rest,
});

/** What was found of the panel as a whole. */
function ofPanel(panel: ReportedShape, view: PanelReviewView): FindingOf[] {
  const { review, signs } = view;
  const { verdict, soon, repairs } = review;
  const failing = signs.filter(({ bearing }) => bearing === 'failing');
  const whole =
    verdict === 'replace' || verdict === 'settle'
      ? [
          plainFinding(panel, {
            key: `panel ${panel.id}`,
            urgency: soon === null ? 'weeks' : OF_REVIEW[soon],
            headline:
              verdict === 'settle' && soon === null ? messages.evaluateThePanel : reviewHeadline(review),
            because: failing.map(({ words, origin }) => `${words}. ${origin}`),
            why: purposeOf(review) ?? PANEL_SIGN_WORDS[failing[0]!.sign].why,
            waiting: waitingRisks(view),
            until: firstSteps(view),
            use: soon === 'now' ? PANEL_STOP.use : null,
          }),
        ]
      : [];
  // What follows from one breaker is told with it; open holes are told as such.
  const own = signs.filter(
    ({ sign, breakerIds }) =>
      repairs.includes(sign) && breakerIds.length === 0 && !(sign === 'open-hole' && panel.holes.length > 0),
  );
  return [
    ...whole,
    ...own.map(({ sign, origin }) =>
      plainFinding(panel, {
        key: `panel ${panel.id} ${sign}`,
        urgency: 'weeks',
        headline: messages.repair(PANEL_SIGN_WORDS[sign].words),
        because: [origin],
        why: PANEL_SIGN_WORDS[sign].why,
        waiting: VERDICT_MEANS.repair.waiting,
      }),
    ),
  ];
}

/** What an inspection found that has no place elsewhere. */
const ofInspection = (panel: ReportedShape, known: readonly KnownResult[]): FindingOf[] =>
  ownFindings(known).map(({ result, follows }) => {
    const { name } = inspectionWords(result.item);
    return plainFinding(panel, {
      key: `inspection ${panel.id} ${result.item}`,
      urgency: follows.within,
      whom: whomFor(follows.who),
      headline: `${name}: ${uncapital(sayResult(result))}`,
      because: [follows.todo],
      why: follows.why,
      waiting: follows.waiting,
    });
  });

/** So many differences are told one by one. */
const MOST_DIFFERENCES = 5;

/** What hangs in the door, where it differs from the record. */
function ofDirectory(
  panel: ReportedShape,
  breakers: readonly ReportedBreaker[],
  hangs: string | null,
): FindingOf[] {
  const differences = hangs === null ? [] : directoryFindings(hangs, breakers);
  if (differences.length === 0) return [];
  const said = differences.slice(0, MOST_DIFFERENCES).map((one) => {
    const { kind, place, rest } = sayDirectoryFinding(one);
    return `${kind}${place === '' ? '' : ` ${place}`}${rest}`;
  });
  const more = differences.length - said.length;
  return [
    plainFinding(panel, {
      key: `directory ${panel.id}`,
      // Anyone who trusts a wrong name may work on live wires.
      urgency: differences.some(({ kind }) => kind === 'wrong') ? 'weeks' : 'plan',
      where: messages.postedDirectory,
      whom: whomFor('anyone'),
      headline: messages.postANewDirectory,
      because: [...said, ...(more > 0 ? [messages.more(more)] : [])],
      why: messages.anyoneWhoWorksHereOrHas,
      waiting: ACTION_MEANINGS['correct-directory'].waiting,
    }),
  ];
}

const openings = (panel: ReportedShape): FindingOf[] =>
  attentionOf(panel, []).map(({ space, label, headline, because }) =>
    plainFinding(panel, {
      key: holeFindingKey(panel.id, space!),
      urgency: 'days',
      where: label,
      location: { space, poles: 1, half: null },
      headline,
      because: [because],
      why: messages.theCoverKeepsFingersToolsAnd,
      waiting: messages.anyoneWhoReachesInOrDrops,
      pictures: [
        {
          kind: 'drawing',
          svg: locatorSvg(panel, { space, poles: 1, half: null }),
          caption: messages.space(space),
        },
      ],
    }),
  );

/**
 * What was found at a panel that has to be done, the most pressing first.
 *
 * @param panel its shape
 * @param breakers what is in it, with the decisions that stand
 * @param review of the panel as a whole
 * @param hangs the directory in the door as it was read there; null: nobody read it
 * @param inspected the latest results of its inspections
 * @returns findings; none where nothing is to be done
 * @example findingsOf(panel, [], review) // []
 */
export function findingsOf(
  panel: ReportedShape,
  breakers: readonly ReportedBreaker[],
  review: PanelReviewView,
  hangs: string | null = null,
  inspected: readonly KnownResult[] = [],
): FindingOf[] {
  return byUrgency([
    ...ofPanel(panel, review),
    ...breakers.flatMap((one) => ofBreaker(panel, one) ?? []),
    ...openings(panel),
    ...ofInspection(panel, inspected),
    ...ofDirectory(panel, breakers, hangs),
  ]);
}

/**
 * Findings in order: the most pressing first, else as they were.
 *
 * @param findings in any order
 * @returns the same in another order
 * @example byUrgency([]) // []
 */
export const byUrgency = <F extends Pick<FindingOf, 'urgency'>>(findings: readonly F[]): F[] =>
  [...findings].sort((a, b) => URGENCIES.indexOf(a.urgency) - URGENCIES.indexOf(b.urgency));
