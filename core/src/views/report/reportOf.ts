import { TIME_LIMITS } from '../../facts/limits/index.ts';
import type { Trend } from '../../diagnosis/trends/index.ts';
import { dutyOf } from '../../facts/upkeep/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { sayBreaker, sayPlace } from '../../panel/layout/index.ts';
import type { Panel, Site } from '../../record/entities/index.ts';
import type { ReportPrices } from '../../record/panelEntries/index.ts';
import { standingSteps } from '../../visit/work/index.ts';
import { inspectionWords, PURPOSE_WORDS } from '../../facts/inspection/index.ts';
import { skippedItems, type InspectionView } from '../inspection/index.ts';
import { askFor, KIND_HEADINGS, type PanelReviewView } from '../panelReview/index.ts';
import { whereTrendIs, type UpkeepView } from '../upkeep/index.ts';
import { sheetLines, standsAs, taskEnds, type VisitRecord } from '../visit/index.ts';
import { suspensionOf } from '../board/index.ts';
import { boardSvg, type DrawnBreaker } from '../panelDrawings/index.ts';
import {
  breakerFindingKey,
  byUrgency,
  findingsOf,
  holeFindingKey,
  type FindingOf,
  type ReportedBreaker,
} from './findings.ts';
import { URGENCY_WORDS } from './urgency.ts';
import {
  REPORT_FORMAT,
  REPORT_VERSION,
  URGENCIES,
  type Money,
  type Report,
  type ReportDone,
  type ReportDue,
  type ReportFinding,
  type ReportGap,
  type ReportPicture,
} from './schema.ts';
import * as messages from './messages.ts';

/** A panel with all that a report tells of it. */
export interface ReportedPanel {
  panel: Panel;
  breakers: readonly ReportedBreaker[];
  review: PanelReviewView;
  upkeep: UpkeepView;
  /** Those that are to be told of; the ones that did not end are left out. */
  visits: readonly VisitRecord[];
  trends: readonly Trend[];
  prices: ReportPrices | null;
  /** The directory in the door as it was read there; `null`: nobody read it. */
  hangs: string | null;
  /** Its inspections, newest first, and the latest results on record. */
  inspection: InspectionView;
  /** Of the panel as a whole. */
  pictures: readonly ReportPicture[];
}

/** What a report is about. */
export interface ReportScope {
  kind: Report['about']['kind'];
  id: string;
}

/** Rounds and visits older than this are told in the record, not in a report, ms. */
const RECENT_MS = TIME_LIMITS.inspectionDays * 86_400_000;

/** More breakers than this are told by their spaces alone. */
const MOST_NAMED = 12;

/** A price holds as long as what is to be done is what it was given for. */
function priced(finding: FindingOf, prices: ReportPrices | null): ReportFinding {
  const own = prices?.prices.find((one) => one.finding === finding.key && one.headline === finding.headline);
  return { ...finding, price: prices && own ? { amount: own.amount, currency: prices.currency } : null };
}

/** Prices summed up, each currency by itself. */
function totalsOf(findings: readonly ReportFinding[]): Money[] {
  const sums = new Map<Money['currency'], number>();
  for (const { price } of findings)
    if (price) sums.set(price.currency, (sums.get(price.currency) ?? 0) + price.amount);
  return [...sums].map(([currency, amount]) => ({ amount, currency }));
}

function doneOn({ panel, visits, upkeep }: ReportedPanel, now: string): ReportDone[] {
  const since = new Date(Date.parse(now) - RECENT_MS).toISOString();
  const ofVisits = visits.flatMap((visit): ReportDone[] => {
    const stands = standsAs(visit);
    const at = visit.steps.at(-1)?.at;
    if ((stands !== 'finished' && stands !== 'left') || at === undefined) return [];
    const lines = sheetLines(visit);
    const simulated = visit.steps.some((step) => step.simulated);
    const proofs = standingSteps(visit.steps)
      .filter(({ fact }) => fact.is === 'verified' || fact.is === 'proof')
      .map(({ entryId }) => entryId);
    return taskEnds(visit).map(({ label, place, became, isProved }) => ({
      at,
      panel: panel.name,
      where: `${label}, ${place}`,
      what: became,
      isProved,
      simulated,
      proofs: lines
        .filter(({ entryId, where }) => where === label && proofs.includes(entryId))
        .map(({ what, figure }) => ({ what, figure })),
    }));
  });
  const ofRounds = upkeep.rounds
    .filter(({ at }) => at >= since)
    .map(({ at, duty, count, amiss }): ReportDone => ({
      at,
      panel: panel.name,
      where: messages.maintenance,
      what: `${dutyOf(duty).name}: ${amiss === 0 ? messages.ofNormal(count, count) : messages.ofNeedAttention(amiss, count)}`,
      isProved: amiss === 0,
      simulated: false,
      proofs: [],
    }));
  return [...ofVisits, ...ofRounds];
}

const dueAt = ({ panel, upkeep }: ReportedPanel): ReportDue[] =>
  upkeep.duties.map(({ duty, dueAt: at, isDue }) => {
    const { name, behindCover } = dutyOf(duty);
    return {
      at,
      isDue,
      panel: panel.name,
      what: name,
      how: behindCover ? messages.aQualifiedElectrician : messages.anyoneWithTheCoverOn,
    };
  });

/** What nobody looked at, or what is still to be measured. */
function gapsOf({ panel, breakers, review, hangs, inspection }: ReportedPanel): ReportGap[] {
  const at = (what: string, how: string) => ({ panel: panel.name, what, how });
  const branches = breakers.filter(({ breaker }) => breaker.role === 'branch');
  const unmeasured = branches.filter(({ isMeasured }) => !isMeasured);
  // Nobody measures at a panel that is not to be touched.
  const isStopped = suspensionOf(breakers).panel.level === 'stop';
  const open = breakers.filter(({ decision }) => decision.action === 'gather-more' && !isStopped);
  return [
    ...review.review.notLookedAt.map((kind) =>
      at(KIND_HEADINGS[kind], askFor(kind, review.review) ?? messages.firstHaveTheInsideInspected),
    ),
    ...(unmeasured.length > 0
      ? [
          at(
            messages.ofBreakersNeverMeasured(unmeasured.length, branches.length),
            unmeasured
              .map(({ breaker, label }) =>
                // So many names are a line or two; more of them nobody reads.
                unmeasured.length > MOST_NAMED ? sayPlace(breaker) : sayBreaker(breaker, label),
              )
              .join(', '),
          ),
        ]
      : []),
    ...skippedItems(inspection).map(({ item, purpose }) =>
      at(inspectionWords(item).name, messages.skippedInTheInspection(PURPOSE_WORDS[purpose])),
    ),
    ...(hangs === null ? [at(messages.postedDirectory, messages.copiedFromThePanelAndCompared)] : []),
    ...open.map(({ breaker, label, decision }) =>
      at(
        `${sayBreaker(breaker, label)}: ${decision.headline}`,
        decision.next[0]
          ? `${decision.next[0].name}. ${decision.next[0].why}`
          : (decision.reasons[0]?.text ?? ''),
      ),
    ),
  ];
}

function headlineOf(findings: readonly ReportFinding[]): string {
  if (findings.length === 0) return messages.noFindingsThatNeedAttention;
  const parts = URGENCIES.flatMap((urgency) => {
    const count = findings.filter((one) => one.urgency === urgency).length;
    return count === 0 ? [] : [`${count} ${URGENCY_WORDS[urgency].name.toLowerCase()}`];
  });
  return messages.doing(
    findings.length === 1 ? messages.findingNeeds : messages.findingsNeed(findings.length),
    parts.join(', '),
  );
}

/** A panel as it hangs, with the numbers of its findings in the report. */
function boardOf({ panel, breakers }: ReportedPanel, findings: readonly ReportFinding[]): ReportPicture {
  const own = findings.flatMap((one, i) => (one.panelId === panel.id ? [{ ...one, number: i + 1 }] : []));
  const at = (key: string) => own.filter((one) => one.key === key);
  const drawn = breakers.map(({ breaker, label }): DrawnBreaker => {
    const found = at(breakerFindingKey(breaker.id));
    return {
      space: breaker.space,
      poles: breaker.poles,
      half: breaker.half,
      place: breaker.space === null ? '' : sayPlace(breaker),
      label: breaker.role === 'main' ? messages.main : (label ?? ''),
      rating: sayQuantity(breaker.ratingAmps, 'A'),
      numbers: found.map(({ number }) => number),
      isUrgent: found.some(({ urgency }) => urgency === 'now'),
    };
  });
  const holes = panel.holes.flatMap((space): DrawnBreaker[] => {
    const found = at(holeFindingKey(panel.id, space));
    return found.length === 0
      ? []
      : [
          {
            ...{ space, poles: 1, half: null, place: `${space}`, label: messages.openSlot, rating: '' },
            numbers: found.map(({ number }) => number),
            isUrgent: false,
          },
        ];
  });
  return {
    kind: 'drawing',
    svg: boardSvg(panel, [...drawn, ...holes]),
    caption: messages.findingsInThePanel(panel.name),
  };
}

const sayPanel = ({ panel, breakers }: ReportedPanel): string => {
  const main = breakers.find(({ breaker }) => breaker.role === 'main');
  return [
    main ? messages.mainA(main.breaker.ratingAmps) : messages.noMainInThisPanel,
    messages.spaces(panel.spaces),
    messages.breakers(breakers.filter(({ breaker }) => breaker.role === 'branch').length),
    ...(panel.family === '' ? [] : [panel.family]),
  ].join(', ');
};

/**
 * A report for whoever pays: what was found, what was done and how it was proved, what comes, and what nobody looked at.
 *
 * @param scope one visit, a panel or a whole site
 * @param site whose it is
 * @param panels what is told of, each with its record
 * @param now UTC
 * @returns the report, as it goes out as JSON and as pages
 * @example reportOf({ kind: 'site', id: site.id }, site, [], now).headline // 'Nothing was found that needs doing'
 */
export function reportOf(
  scope: ReportScope,
  site: Site,
  panels: readonly ReportedPanel[],
  now: string,
): Report {
  const visit =
    scope.kind === 'visit'
      ? panels.flatMap(({ visits }) => visits).find(({ plan }) => plan.visitId === scope.id)
      : undefined;
  const findings = byUrgency(
    panels.flatMap(({ panel, breakers, review, prices, hangs, inspection }) =>
      findingsOf(panel, breakers, review, hangs, inspection.known).map((finding) => priced(finding, prices)),
    ),
  );
  const ahead = panels
    .flatMap(({ panel, breakers, trends }) =>
      trends.map((trend) => ({ panel: panel.name, where: whereTrendIs(trend, breakers), trend })),
    )
    .sort((a, b) => a.trend.reached.likeliest.localeCompare(b.trend.reached.likeliest));
  const sources = [
    ...findings.flatMap((one) => one.sources),
    ...ahead.flatMap(({ trend }) => trend.source.split('; ')),
  ];
  return {
    format: REPORT_FORMAT,
    version: REPORT_VERSION,
    about: {
      ...scope,
      name: scope.kind === 'site' ? site.name : (panels[0]?.panel.name ?? site.name),
      stands: visit ? standsAs(visit) : null,
    },
    site: { id: site.id, name: site.name, demo: site.demo },
    panels: panels.map((one) => ({ id: one.panel.id, name: one.panel.name, about: sayPanel(one) })),
    madeAt: now,
    headline: headlineOf(findings),
    boards: panels.map((one) => boardOf(one, findings)),
    remarks: panels.flatMap(({ prices }) => (prices?.remark ? [prices.remark] : [])),
    findings,
    done: panels.flatMap((one) => doneOn(one, now)).sort((a, b) => b.at.localeCompare(a.at)),
    due: panels.flatMap(dueAt).sort((a, b) => a.at.localeCompare(b.at)),
    ahead,
    notLookedAt: panels.flatMap(gapsOf),
    pictures: panels.flatMap(({ pictures }) => pictures),
    totals: totalsOf(findings),
    standards: [...new Set(sources)].sort(),
  };
}
