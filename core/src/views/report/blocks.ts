import type { TimeFormats } from '../../facts/calendar/index.ts';
import { capital, type Sentence } from '../../facts/quantities/index.ts';
import { URGENCIES } from '../../facts/hazards/index.ts';
import { figureBarSvg } from '../panelDrawings/index.ts';
import type { Money, Report, ReportFigure, ReportFinding, ReportPicture } from './schema.ts';
import { URGENCY_WORDS } from './urgency.ts';
import * as messages from './messages.ts';

/** A line with what it is, such as “If you wait”. */
export interface ReportLine {
  label: string | null;
  text: Sentence;
}

/** What a report consists of, from top to bottom: page and PDF draw the same. */
export type ReportBlock =
  | { is: 'title'; text: string; note: string; headline: string; isUrgent: boolean }
  | { is: 'warning'; text: string }
  | { is: 'heading'; text: string; note: string | null }
  | { is: 'text'; text: string }
  | {
      is: 'finding';
      key: string;
      panelId: string;
      number: number;
      isUrgent: boolean;
      title: Sentence;
      where: string;
      lines: ReportLine[];
      figures: DrawnFigure[];
      /** By whom, by when, for how much, and what waiting risks: a few words each. */
      facts: ReportLine[];
      /** In small type. */
      notes: ReportLine[];
      pictures: ReportPicture[];
    }
  | {
      is: 'overview';
      boards: ReportPicture[];
      summary: string[];
      lists: { label: string; items: string[]; isUrgent: boolean }[];
    }
  | { is: 'table'; table: ReportTable }
  | { is: 'list'; items: string[] }
  | { is: 'pictures'; pictures: ReportPicture[] }
  | { is: 'signatures'; fields: string[] };

/** A figure in words, with a bar that holds it against its limit. */
export interface DrawnFigure extends Pick<ReportFigure, 'label' | 'value' | 'limit'> {
  svg: string | null;
}

export interface ReportTable {
  head: string[];
  rows: string[][];
}

/** More findings than this are told by their numbers. */
const MOST_DESCRIBED = 6;

const ABOUT = {
  visit: messages.visitReport,
  panel: messages.panelReport,
  site: messages.reportOnAllPanels,
} as const;

/**
 * An amount of money as people write it.
 *
 * @param money how much, in which currency
 * @returns text
 * @example sayMoney({ amount: 1250, currency: 'USD' }) // '$1,250.00'
 */
export const sayMoney = ({ amount, currency }: Money): string =>
  new Intl.NumberFormat('en-US', { style: 'currency', currency }).format(amount);

const unlabeled = (texts: readonly string[], label: string | null): ReportLine[] =>
  texts.map((text, i) => ({ label: i === 0 ? label : null, text }));

/** Where something is; of several panels with the panel’s name. */
const placeIn = ({ panels }: Report, panel: string, where: string): string =>
  panels.length > 1 ? `${panel}. ${where}` : where;

/** Figures that are held against nothing, in a line. */
const sayFigures = (figures: readonly ReportFigure[]): string =>
  `${figures.map(({ label, value }) => `${label.charAt(0).toLowerCase()}${label.slice(1)} ${value}`).join('; ')}.`;

function findingBlock(finding: ReportFinding, number: number, report: Report): ReportBlock {
  const { key, urgency, headline, where, panel, because, until, figures, why, waiting, whom } = finding;
  const { also, sureness, price, pictures, sources } = finding;
  const [limited, alone] = [true, false].map((isLimited) =>
    figures.filter(({ limit }) => (limit !== null) === isLimited),
  ) as [ReportFigure[], ReportFigure[]];
  return {
    is: 'finding',
    key,
    panelId: finding.panelId,
    number,
    isUrgent: urgency === 'now',
    title: headline,
    where: placeIn(report, panel, where),
    lines: [
      ...unlabeled(because, messages.findings),
      ...unlabeled(until, messages.untilItIsRepaired),
      ...(alone.length === 0 ? [] : [{ label: messages.measured, text: sayFigures(alone) }]),
      { label: messages.whatItMeans, text: why },
    ],
    figures: limited.map(({ bar, ...words }) => ({ ...words, svg: bar && figureBarSvg(bar) })),
    facts: [
      { label: messages.byWhom, text: whom },
      { label: messages.byWhen, text: URGENCY_WORDS[urgency].name },
      ...(price === null ? [] : [{ label: messages.price, text: sayMoney(price) }]),
      { label: messages.ifYouWait, text: waiting },
    ],
    notes: [
      ...unlabeled(also, messages.also),
      ...(sureness === null ? [] : [{ label: messages.howSure, text: `${capital(sureness)}.` }]),
      ...(sources.length === 0 ? [] : [{ label: messages.standards, text: sources.join('; ') }]),
    ],
    pictures,
  };
}

/** What not to use, each limit once with the findings it follows from; of many their numbers alone. */
function usesOf(findings: readonly ReportFinding[], whereOf: (finding: ReportFinding) => string): string[] {
  const limited = findings.flatMap((one, i) => (one.use === null ? [] : [{ ...one, number: i + 1 }]));
  const isShort = limited.length <= MOST_DESCRIBED;
  return [...new Set(limited.map(({ use }) => use!))].map((use) => {
    const own = limited.filter((one) => one.use === use);
    return messages.limitOf(
      use,
      own.map((one) => (isShort ? `${one.number} (${whereOf(one)})` : `${one.number}`)).join(', '),
    );
  });
}

/** Page one: the panel with its numbers, what it comes to, what not to use, and every finding in a line. */
function overviewBlocks(report: Report): ReportBlock[] {
  const { findings, totals, boards } = report;
  const [first] = findings;
  const isPriced = totals.length > 0;
  const priced = findings.filter(({ price }) => price !== null).length;
  const whereOf = ({ panel, where }: ReportFinding) => placeIn(report, panel, where);
  const notToUse = usesOf(findings, whereOf);
  return [
    {
      is: 'overview',
      boards,
      summary: first ? [messages.startWithNumber1(whereOf(first), first.headline)] : [],
      lists: [
        ...(isPriced
          ? [
              {
                label: messages.price,
                items: [messages.totalOf(totals.map(sayMoney).join(' and '), priced, findings.length)],
                isUrgent: false,
              },
            ]
          : []),
        ...(notToUse.length > 0 ? [{ label: messages.doNotUse, items: notToUse, isUrgent: true }] : []),
      ],
    },
    ...tableOf(
      [
        messages.number,
        messages.where,
        messages.whatToDo,
        messages.byWhen,
        ...(isPriced ? [messages.price] : []),
      ],
      findings.map((one, i) => [
        `${i + 1}`,
        whereOf(one),
        one.headline,
        URGENCY_WORDS[one.urgency].name,
        ...(isPriced ? [one.price ? sayMoney(one.price) : '–'] : []),
      ]),
    ),
  ];
}

function findingBlocks(report: Report): ReportBlock[] {
  let number = 0;
  return URGENCIES.flatMap((urgency): ReportBlock[] => {
    const own = report.findings.filter((one) => one.urgency === urgency);
    const { name, means } = URGENCY_WORDS[urgency];
    return own.length === 0
      ? []
      : [
          { is: 'heading', text: name, note: means },
          ...own.map((finding) => findingBlock(finding, (number += 1), report)),
        ];
  });
}

/** A part that is left out where there is nothing to tell. */
const part = (text: string, note: string | null, blocks: readonly ReportBlock[]): ReportBlock[] =>
  blocks.length === 0 ? [] : [{ is: 'heading', text, note }, ...blocks];

const tableOf = (head: string[], rows: string[][]): ReportBlock[] =>
  rows.length === 0 ? [] : [{ is: 'table', table: { head, rows } }];

/**
 * A report as blocks from top to bottom, in the same words on a page and in a PDF.
 *
 * @param report what is told
 * @param formats instants as they are read
 * @returns blocks
 * @example reportBlocks(report, timeFormats({ dates: 'month-day-year', clock: '12' }, 'UTC'))[0].is // 'title'
 */
export function reportBlocks(report: Report, formats: TimeFormats): ReportBlock[] {
  const { time, day } = formats;
  const { about, site, panels, madeAt, headline, remarks, findings, done, due, ahead } = report;
  const several = panels.length > 1;
  const at = (panel: string, where: string) => placeIn(report, panel, where);
  const simulated = done.some((one) => one.simulated);
  return [
    {
      is: 'title',
      text: `${ABOUT[about.kind]}: ${about.name}`,
      note: `${site.name}${several ? '' : ` · ${panels.map((one) => `${one.name}, ${one.about}`).join('')}`}. ${time(madeAt)}.`,
      headline,
      isUrgent: findings[0]?.urgency === 'now',
    },
    ...(site.demo || simulated ? [{ is: 'warning', text: messages.demoSiteAllFiguresAreMade } as const] : []),
    ...remarks.map((text) => ({ is: 'text', text }) as const),
    ...(several ? [{ is: 'list', items: panels.map((one) => `${one.name}: ${one.about}`) } as const] : []),
    ...overviewBlocks(report),
    ...findingBlocks(report),
    ...part(messages.completedWork, messages.withTheReadingsThatConfirmIt, doneBlocks(report, formats)),
    ...part(
      'Trends',
      messages.basedOnReadingsOverTheYears,
      ahead.length === 0
        ? []
        : [
            {
              is: 'list',
              items: ahead.map(({ panel, where, trend }) => `${at(panel, where)}: ${trend.text}`),
            },
          ],
    ),
    ...part(
      messages.maintenanceDue,
      messages.regularMaintenanceForThisPanel,
      tableOf(
        [messages.task, messages.byWhen, messages.byWhom],
        due.map((one) => [
          at(one.panel, one.what),
          `${one.isDue ? messages.dueSince : messages.reading} ${day(one.at)}`,
          one.how,
        ]),
      ),
    ),
    ...part(
      messages.notInspected,
      messages.thisReportMakesNoStatement,
      tableOf(
        [messages.task, messages.howToInspect],
        report.notLookedAt.map((one) => [at(one.panel, one.what), one.how]),
      ),
    ),
    ...part(
      'Pictures',
      null,
      report.pictures.length === 0 ? [] : [{ is: 'pictures', pictures: report.pictures }],
    ),
    ...part(
      'Standards',
      null,
      report.standards.length === 0 ? [] : [{ is: 'list', items: report.standards }],
    ),
    { is: 'text', text: messages.localCodesAndLicensedPractice },
    { is: 'signatures', fields: [messages.electrician, messages.date, messages.customer, messages.date] },
  ];
}

function doneBlocks(report: Report, { time }: TimeFormats): ReportBlock[] {
  return tableOf(
    [messages.when, messages.where, messages.workAndReadings],
    report.done.map((one) => [
      time(one.at),
      placeIn(report, one.panel, one.where),
      [one.what, ...one.proofs.map(({ what, figure }) => (figure === '' ? what : `${what}: ${figure}`))].join(
        '. ',
      ),
    ]),
  );
}
