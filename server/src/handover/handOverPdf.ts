import type { HandOverCard } from '@phylaxon/core/diagnosis/cases';
import { saySureness } from '@phylaxon/core/diagnosis/decision';
import { plainSentence, RULE, SOFT, toPdf, type PrintStyle } from '../pdf/index.ts';
import * as messages from './messages.ts';

type Content = object;

const heading = (text: string): Content => ({ text, style: 'heading' });
const list = (texts: readonly string[]): Content => ({ ul: texts.map(plainSentence), style: 'body' });

/** Times and what happened, in two columns. */
function lines(
  rows: readonly { at: string; text: string }[],
  most: number,
  time: PrintStyle['time'],
): Content {
  const shown = rows.slice(-most);
  const left = rows.length - shown.length;
  return {
    table: {
      widths: [92, '*'],
      body: [
        ...(left > 0 ? [['', { text: messages.earlierEntriesAreInTheFile(left), color: SOFT }]] : []),
        ...shown.map(({ at, text }) => [{ text: time(at), color: SOFT }, plainSentence(text)]),
      ],
    },
    layout: 'noBorders',
    style: 'body',
  };
}

/** So many lines leave the card on its one page. */
const MOST = { tried: 8, found: 14 } as const;

/** Causes with their chances; a table without a row cannot be drawn. */
const chances = (causes: HandOverCard['causes']): Content => ({
  table: {
    widths: [34, '*'],
    body: causes.map(({ name, probability }) => [
      { text: saySureness(probability), bold: true, alignment: 'right' },
      plainSentence(name),
    ]),
  },
  layout: 'noBorders',
});

/**
 * The hand-over card as a PDF of one page.
 *
 * @param style its times and its paper
 */
export function handOverPdf(card: HandOverCard, { time, zone, pageSize }: PrintStyle): Promise<Buffer> {
  const { decision, stop } = card;
  const facts = [
    card.words && card.words !== card.title ? messages.inTheirWords(card.words) : null,
    [card.site, card.panel, card.breaker].filter(Boolean).join(' · '),
    card.conductor && messages.conductor(card.conductor),
    card.loads.length > 0 && messages.loads(card.loads.join(', ')),
    messages.openedBy(
      time(card.openedAt),
      card.openedBy === 'homeowner' ? messages.theHomeowner : messages.anElectrician,
    ),
  ].filter((text): text is string => Boolean(text));
  const sure =
    decision.confidence === null ? messages.notDecidedYet : messages.sure(saySureness(decision.confidence));
  return toPdf({
    pageSize,
    pageMargins: [42, 36, 42, 36],
    info: { title: messages.handOver(card.title) },
    defaultStyle: { fontSize: 9, lineHeight: 1.15 },
    styles: {
      title: { fontSize: 19, bold: true },
      heading: { fontSize: 9, bold: true, color: SOFT, margin: [0, 8, 0, 2] },
      body: { margin: [0, 0, 0, 2] },
      stop: { fontSize: 14, bold: true, color: '#b3221a' },
    },
    content: [
      { text: messages.caseHandOverTimesAreIn(zone), color: SOFT },
      { text: plainSentence(card.title), style: 'title' },
      { text: plainSentence(`${card.complaint}. ${facts.join('. ')}.`), margin: [0, 2, 0, 4] },
      { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 528, y2: 0, lineColor: RULE }] },
      ...(stop.length > 0
        ? [
            {
              text: plainSentence(messages.stopLeaveItOff(stop.join(' '))),
              style: 'stop',
              margin: [0, 6, 0, 0],
            },
          ]
        : []),
      {
        columns: [
          {
            width: '58%',
            stack: [
              heading(messages.trialsSoFar),
              card.tried.length > 0 ? lines(card.tried, MOST.tried, time) : { text: messages.nothingYet },
              heading('Findings'),
              card.found.length > 0 ? lines(card.found, MOST.found, time) : { text: messages.nothingYet },
              ...(card.notAnswered.length > 0
                ? [heading(messages.notAnswered), { text: plainSentence(card.notAnswered.join(', ')) }]
                : []),
            ],
          },
          {
            width: '*',
            stack: [
              heading('Decision'),
              { text: plainSentence(decision.headline), fontSize: 13, bold: true },
              { text: sure, color: SOFT },
              list(decision.reasons),
              ...(card.hazards.length > 0
                ? [heading(messages.doNotUseUntilRepaired), list(card.hazards)]
                : []),
              ...(card.untilThen.length > 0 ? [heading(messages.untilThen), list(card.untilThen)] : []),
              ...(card.causes.length > 0 ? [heading(messages.possibleCauses), chances(card.causes)] : []),
              ...(card.next.length > 0 ? [heading(messages.mostUsefulNextTests), list(card.next)] : []),
              heading(messages.doNot),
              list(card.doNot),
            ],
          },
        ],
        columnGap: 20,
      },
    ],
  });
}
