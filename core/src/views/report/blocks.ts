import { capital, type Sentence } from '../../facts/quantities/index.ts';
import { URGENCIES } from '../../facts/hazards/index.ts';
import type { Money, Report, ReportFinding, ReportPicture } from './schema.ts';
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
      figures: ReportTable | null;
      price: string | null;
      pictures: ReportPicture[];
    }
  | { is: 'table'; table: ReportTable }
  | { is: 'list'; items: string[] }
  | { is: 'pictures'; pictures: ReportPicture[] }
  | { is: 'signatures'; fields: string[] };

export interface ReportTable {
  head: string[];
  rows: string[][];
}

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

function findingBlock(finding: ReportFinding, number: number, report: Report): ReportBlock {
  const { key, urgency, headline, where, panel, because, until, figures, why, waiting } = finding;
  const { also, sureness, price, pictures, sources } = finding;
  return {
    is: 'finding',
    key,
    panelId: finding.panelId,
    number,
    isUrgent: urgency === 'now',
    title: headline,
    where: placeIn(report, panel, where),
    lines: [
      ...unlabeled(because, 'Findings'),
      ...unlabeled(until, messages.untilItIsRepaired),
      { label: messages.whatItMeans, text: why },
      { label: messages.ifYouWait, text: waiting },
      ...unlabeled(also, 'Also'),
      ...(sureness === null ? [] : [{ label: messages.howSure, text: `${capital(sureness)}.` }]),
      ...(sources.length === 0 ? [] : [{ label: messages.standards, text: sources.join('; ') }]),
    ],
    figures:
      figures.length === 0
        ? null
        : {
            head: [messages.measured, messages.value, messages.limit],
            rows: figures.map(({ label, value, limit }) => [label, value, limit ?? '–']),
          },
    price: price === null ? null : sayMoney(price),
    pictures,
  };
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

const days = (at: string) => at.slice(0, 10);

/**
 * A report as blocks from top to bottom, in the same words on a page and in a PDF.
 *
 * @param report what is told
 * @param time an instant as it is read
 * @returns blocks
 * @example reportBlocks(report, (at) => at)[0].is // 'title'
 */
export function reportBlocks(report: Report, time: (at: string) => string): ReportBlock[] {
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
    ...findingBlocks(report),
    ...(report.totals.length === 0
      ? []
      : [
          {
            is: 'text',
            text: messages.totalOfThePricesAbove(report.totals.map(sayMoney).join(' and ')),
          } as const,
        ]),
    ...part(messages.completedWork, messages.withTheReadingsThatConfirmIt, doneBlocks(report, time)),
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
          `${one.isDue ? messages.dueSince : messages.reading} ${days(one.at)}`,
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

function doneBlocks(report: Report, time: (at: string) => string): ReportBlock[] {
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
