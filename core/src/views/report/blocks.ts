import { capital, type Sentence } from '../../facts/quantities/index.ts';
import { URGENCIES, type Money, type Report, type ReportFinding, type ReportPicture } from './schema.ts';
import { URGENCY_WORDS } from './urgency.ts';

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
  visit: 'Report of a visit',
  panel: 'Report on a panel',
  site: 'Report on all panels',
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
      ...unlabeled(because, 'What was found'),
      ...unlabeled(until, 'Until it is done'),
      { label: 'What it means', text: why },
      { label: 'If you wait', text: waiting },
      ...unlabeled(also, 'Also'),
      ...(sureness === null ? [] : [{ label: 'How sure', text: `${capital(sureness)}.` }]),
      ...(sources.length === 0 ? [] : [{ label: 'Standards', text: sources.join('; ') }]),
    ],
    figures:
      figures.length === 0
        ? null
        : {
            head: ['Measured', 'Figure', 'Limit'],
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
    ...(site.demo || simulated
      ? [{ is: 'warning', text: 'Made-up site: figures to try things on, nothing real.' } as const]
      : []),
    ...remarks.map((text) => ({ is: 'text', text }) as const),
    ...(several ? [{ is: 'list', items: panels.map((one) => `${one.name}: ${one.about}`) } as const] : []),
    ...findingBlocks(report),
    ...(report.totals.length === 0
      ? []
      : [
          {
            is: 'text',
            text: `All that is priced above: ${report.totals.map(sayMoney).join(' and ')}`,
          } as const,
        ]),
    ...part('What was done', 'With what proves it.', doneBlocks(report, time)),
    ...part(
      'What comes',
      'From figures over the years, told before a limit is reached.',
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
      'What is due',
      'To keep it in order.',
      tableOf(
        ['What', 'By when', 'By whom'],
        due.map((one) => [
          at(one.panel, one.what),
          `${one.isDue ? 'Due since' : 'By'} ${days(one.at)}`,
          one.how,
        ]),
      ),
    ),
    ...part(
      'What was not looked at',
      'Nothing is said of it here.',
      tableOf(
        ['What', 'How it would be'],
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
    { is: 'text', text: 'Local codes and licensed practice decide.' },
    { is: 'signatures', fields: ['Electrician', 'Date', 'Customer', 'Date'] },
  ];
}

function doneBlocks(report: Report, time: (at: string) => string): ReportBlock[] {
  return tableOf(
    ['When', 'Where', 'What, and what proves it'],
    report.done.map((one) => [
      time(one.at),
      placeIn(report, one.panel, one.where),
      [one.what, ...one.proofs.map(({ what, figure }) => (figure === '' ? what : `${what}: ${figure}`))].join(
        '. ',
      ),
    ]),
  );
}
