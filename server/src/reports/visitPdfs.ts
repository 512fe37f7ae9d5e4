import { textOf, type ReaderUnits } from '@phylaxon/core/facts/quantities';
import {
  endOf,
  CRITICAL_LOADS,
  noticeOf,
  TAGGED,
  sheetLines,
  SOURCE_WORDS,
  standsAs,
  taskEnds,
  toolsFor,
  minutesTaken,
  type Shutdown,
  type VisitRecord,
} from '@phylaxon/core/views/visit';
import { conflict } from '../errors/index.ts';
import { DANGER, plainSentence, RULE, SOFT, toPdf, unprintable, type PrintStyle } from '../pdf/index.ts';
import * as messages from './messages.ts';

type Content = object;

const heading = (text: string): Content => ({ text, bold: true, fontSize: 12, margin: [0, 10, 0, 3] });
const list = (texts: readonly string[]): Content => ({ ul: texts.map(plainSentence) });

/** A page of a visit: how it looks is the same on all of them. */
const page = ({ pageSize }: PrintStyle, title: string, content: Content[], footer = ''): Promise<Buffer> =>
  toPdf({
    pageSize,
    pageMargins: [42, 36, 42, 42],
    info: { title },
    defaultStyle: { fontSize: 11, lineHeight: 1.2 },
    ...(footer !== '' && {
      footer: (at: number, pages: number) => ({
        text: plainSentence(messages.pageOfLocalCodesAndLicensedPracticeDecide(footer, at, pages)),
        color: SOFT,
        fontSize: 8,
        margin: [42, 12, 42, 0],
      }),
    }),
    content,
  });

/** A line that is filled in by hand where nothing is on record. */
const blank = (text: string) => (text === '' ? '____________________' : text);

/** A tag with boxes in place of letters says nothing to whoever finds it. */
function refuseUnprintable({ plan, panel, site }: VisitRecord): void {
  const printed = {
    'the electrician’s name': plan.who,
    'the phone number': plan.phone,
    'the site’s name': site.name,
    'the panel’s name': panel.name,
  };
  for (const [what, text] of Object.entries(printed)) {
    const missing = unprintable(text);
    if (missing.length > 0)
      throw conflict('unprintable_name', messages.theTagCannotBePrintedHas(what, missing.join(' ')));
  }
}

/**
 * The tag for a locked main, two to a page: one hangs on the panel, one on whatever else was locked.
 *
 * @param address of the visit’s page; empty: it is not known
 * @param now when it is printed
 * @param style its times and its paper
 * @throws Refusal if a name on it has letters that no font has
 */
export async function tagPdf(
  visit: VisitRecord,
  address: string,
  now: string,
  style: PrintStyle,
): Promise<Buffer> {
  refuseUnprintable(visit);
  const { plan, panel, site } = visit;
  const { time } = style;
  const tag = (what: string): Content => ({
    table: {
      widths: ['*', 110],
      body: [
        [
          {
            stack: [
              { text: 'DANGER', fontSize: 38, bold: true, color: DANGER },
              { text: messages.doNotOperate, fontSize: 26, bold: true },
              { text: messages.workOnThisPanelInProgress, fontSize: 14, bold: true, margin: [0, 2, 0, 8] },
              { text: plainSentence(what), fontSize: 13, margin: [0, 0, 0, 8] },
              { text: plainSentence(messages.name(blank(plan.who))), fontSize: 14 },
              { text: plainSentence(messages.phone(blank(plan.phone))), fontSize: 14 },
              { text: plainSentence(messages.date(time(plan.plannedFor ?? now))), fontSize: 14 },
              { text: messages.onlyThePersonNamedHereMay, margin: [0, 8, 0, 0] },
            ],
          },
          address === '' ? '' : { qr: `${address}/visits/${plan.visitId}`, fit: 105, alignment: 'right' },
        ],
      ],
    },
    layout: {
      hLineWidth: () => 2,
      vLineWidth: (i: number) => (i === 1 ? 0 : 2),
      paddingLeft: () => 14,
      paddingRight: () => 14,
      paddingTop: () => 12,
      paddingBottom: () => 12,
    },
    margin: [0, 0, 0, 26],
    unbreakable: true,
  });
  const others = plan.sources.map(({ kind }) =>
    tag(`${site.name}, ${panel.name}: ${SOURCE_WORDS[kind].name}`),
  );
  return page(style, messages.tag(panel.name), [
    tag(messages.lockedOutAt(site.name, panel.name, plan.off)),
    ...others,
  ]);
}

/**
 * The notice for the household, on one page.
 *
 * @param shutdown what goes dark
 * @param style its times and its paper
 */
export function noticePdf(
  { plan, panel, site }: VisitRecord,
  { dark }: Shutdown,
  style: PrintStyle,
): Promise<Buffer> {
  const { time } = style;
  const { plannedFor, minutes } = plan;
  const when =
    plannedFor === null ? null : { from: time(plannedFor), until: time(endOf(plannedFor, minutes)) };
  const notice = noticeOf({ when, minutes, dark, dependents: plan.dependents });
  return page(style, `${notice.title}: ${panel.name}`, [
    { text: plainSentence(`${site.name} · ${panel.name}`), color: SOFT },
    { text: notice.title, fontSize: 28, bold: true },
    { text: plainSentence(notice.when), fontSize: 15, margin: [0, 4, 0, 6] },
    heading('Off'),
    list(notice.off),
    ...(notice.mustNot.length > 0 ? [heading(CRITICAL_LOADS), list(notice.mustNot)] : []),
    heading('Before'),
    list(notice.before),
    { text: TAGGED, bold: true, fontSize: 14, margin: [0, 14, 0, 0] },
    ...(plan.who || plan.phone
      ? [
          {
            text: plainSentence(messages.questions([plan.who, plan.phone].filter(Boolean).join(', '))),
            margin: [0, 6, 0, 0],
          },
        ]
      : []),
  ]);
}

/**
 * The visit as it was planned and as it went, line by line.
 *
 * @param style its times and its paper
 * @param units its temperatures are told in
 */
export function visitSheetPdf(record: VisitRecord, style: PrintStyle, units: ReaderUnits): Promise<Buffer> {
  const { plan, panel, site, steps } = record;
  const { time } = style;
  const minutes = minutesTaken(steps);
  const stands = {
    planned: messages.planned,
    'under-way': messages.inProgress,
    finished: messages.completedAndTested,
    left: messages.endedEarly,
  }[standsAs(record)];
  const lines = textOf(sheetLines(record), units);
  const isSimulated = lines.some((line) => line.simulated);
  return page(
    style,
    messages.visit(panel.name),
    [
      {
        text: plainSentence(messages.plannedOf(site.name, panel.name, time(record.plannedAt), style.zone)),
        color: SOFT,
      },
      { text: plainSentence(messages.visit(stands)), fontSize: 20, bold: true },
      { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 528, y2: 0, lineColor: RULE }], margin: [0, 4, 0, 4] },
      ...(isSimulated ? [{ text: messages.demoSiteWithSimulatedFigures, bold: true, color: DANGER }] : []),
      {
        text: plainSentence(
          messages.deEnergizedAt(
            plan.off,
            minutes === null ? messages.plannedOutageMin(plan.minutes) : messages.outageMin(minutes),
          ),
        ),
      },
      ...(plan.permit ? [{ text: plainSentence(messages.permit(plan.permit)) }] : []),
      ...(plan.meterPulled ? [{ text: messages.theUtilityPullsTheMeter }] : []),
      heading(messages.plannedTasks),
      {
        table: {
          widths: [90, '*', 190],
          headerRows: 1,
          body: [
            [messages.where, messages.task, messages.results].map((text) => ({ text, bold: true })),
            ...taskEnds(record).map(({ label, place, became }) => [place, label, became].map(plainSentence)),
          ],
        },
        layout: 'lightHorizontalLines',
      },
      ...(steps.length === 0 ? [heading(messages.toolsAndParts), list(toolsFor(plan.tasks))] : []),
      ...(steps.length === 0
        ? []
        : [
            heading(messages.stepsAndReadings),
            {
              table: {
                widths: [82, 110, '*', 84],
                headerRows: 1,
                body: [
                  [messages.when, messages.where, messages.task, messages.value].map((text) => ({
                    text,
                    bold: true,
                  })),
                  ...lines.map(({ at, where, what, figure, trouble }) => [
                    { text: time(at), color: SOFT },
                    plainSentence(where),
                    trouble === null
                      ? plainSentence(what)
                      : {
                          stack: [
                            plainSentence(what),
                            { text: plainSentence(trouble), bold: true, color: DANGER },
                          ],
                        },
                    plainSentence(figure),
                  ]),
                ],
              },
              layout: 'lightHorizontalLines',
              fontSize: 9,
            },
          ]),
      {
        text: messages.workByDateCustomer,
        margin: [0, 26, 0, 0],
      },
    ],
    `${site.name}, ${panel.name}.`,
  );
}
