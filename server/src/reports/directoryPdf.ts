import {
  CARD_COLUMNS,
  CARD_FRAME,
  cardType,
  LABEL_MARGIN,
  labelType,
  POINTS_A_MM,
  type CardLine,
  type DirectoryCard,
} from '@phylaxon/core/views/directoryCard';
import { plainSentence, RULE, SOFT, toPdf, type PrintStyle } from '../pdf/index.ts';
import * as messages from './messages.ts';

type Content = object;

/** What a directory is printed with. */
export interface CardPrint {
  widthMm: number;
  heightMm: number;
  /** Where the panel’s page is, for the code; empty: there is none. */
  address: string;
  /** When it is printed, as it is read. */
  date: string;
}

const cell = (line: CardLine, points: number): Content[] => [
  { text: plainSentence(line.place), bold: true, fontSize: points },
  {
    text: plainSentence(line.label),
    fontSize: points,
    bold: !line.isUnnamed && line.rating !== '',
    ...(line.rating === '' || line.isUnnamed ? { color: SOFT } : {}),
  },
  {
    text: plainSentence(line.rating),
    fontSize: Math.max(4, points * 0.85),
    alignment: 'right',
    noWrap: true,
  },
];

/** The directory for the door: as the panel hangs, in type as large as fits. */
export function directoryPdf(card: DirectoryCard, about: string, print: CardPrint): Promise<Buffer> {
  const { points, isLegible, padding } = cardType(card, print);
  const { margin, head, foot, columnGap } = CARD_FRAME;
  const [width, height] = [print.widthMm * POINTS_A_MM, print.heightMm * POINTS_A_MM];
  const column = ({ head: title, lines }: DirectoryCard['columns'][number]): Content => ({
    table: {
      widths: [points * CARD_COLUMNS.place, '*', points * CARD_COLUMNS.rating],
      body: [
        [{ text: title, colSpan: 3, color: SOFT, fontSize: Math.max(5, points * 0.8) }, '', ''],
        ...(lines.length === 0 ? [['', '', '']] : lines.map((line) => cell(line, points))),
      ],
    },
    layout: {
      hLineWidth: (i: number) => (i === 0 ? 0 : 0.5),
      vLineWidth: () => 0,
      hLineColor: () => RULE,
      paddingLeft: () => 0,
      paddingRight: () => 2,
      paddingTop: () => padding,
      paddingBottom: () => padding,
    },
  });
  return toPdf({
    pageSize: { width, height },
    pageMargins: [margin, margin, margin, margin + foot],
    info: { title: messages.circuitDirectory(card.title) },
    footer: () => ({
      text: plainSentence(
        messages.printedTypePtWriteChangesIn(
          print.date,
          points,
          isLegible ? '' : messages.smallForADarkBasement,
        ),
      ),
      color: SOFT,
      fontSize: 6.5,
      margin: [margin, 2, margin, 0],
    }),
    content: [
      {
        columns: [
          {
            width: '*',
            stack: [
              { text: plainSentence(card.title), fontSize: 17, bold: true },
              { text: plainSentence(about), fontSize: 8.5, color: SOFT },
            ],
          },
          ...(print.address === '' ? [] : [{ width: head - 12, qr: print.address, fit: head - 14 }]),
        ],
        columnGap,
        margin: [0, 0, 0, 4],
      },
      { columns: card.columns.map(column), columnGap },
    ],
  });
}

/** What a label says, one a breaker. */
const labelsOf = (card: DirectoryCard): CardLine[] =>
  card.columns.flatMap((column) => column.lines).filter(({ rating }) => rating !== '');

/** Labels for a tape, one after the other: each is a page as long as the longest. */
export function labelTapePdf(card: DirectoryCard, tapeMm: number): Promise<Buffer> {
  const texts = labelsOf(card).map(({ place, label, rating }) => `${place}  ${label}  ${rating}`);
  const { points, length } = labelType(texts, tapeMm);
  const height = tapeMm * POINTS_A_MM;
  return toPdf({
    pageSize: { width: length, height },
    pageMargins: [LABEL_MARGIN, (height - points * 1.25) / 2, LABEL_MARGIN, 0],
    info: { title: messages.labels(card.title) },
    defaultStyle: { fontSize: points, bold: true, lineHeight: 1 },
    content:
      texts.length === 0
        ? messages.none
        : texts.map((text, i) => ({
            text: plainSentence(text),
            noWrap: true,
            ...(i > 0 && { pageBreak: 'before' }),
          })),
  });
}

/** Labels to cut out, one a breaker. */
export function labelsPdf(card: DirectoryCard, { pageSize }: Pick<PrintStyle, 'pageSize'>): Promise<Buffer> {
  const lines = labelsOf(card);
  const label = ({
    place,
    label: name,
    rating,
  }: CardLine | { place: string; label: string; rating: string }): Content => ({
    stack: [
      { text: plainSentence(`${place}   ${name}`), bold: true, fontSize: name.length > 40 ? 8 : 11 },
      { text: plainSentence(rating), fontSize: 8, color: SOFT },
    ],
    margin: [4, 3, 4, 3],
  });
  const rows: Content[][] = [];
  for (let i = 0; i < lines.length; i += 2)
    rows.push([label(lines[i]!), lines[i + 1] ? label(lines[i + 1]!) : {}]);
  return toPdf({
    pageSize,
    pageMargins: [36, 36, 36, 36],
    info: { title: messages.labels(card.title) },
    content: [
      { text: plainSentence(messages.labels(card.title)), fontSize: 12, bold: true, margin: [0, 0, 0, 6] },
      rows.length === 0
        ? messages.noBreakerIsOnRecordIn
        : {
            table: { widths: ['*', '*'], body: rows, dontBreakRows: true },
            layout: {
              hLineWidth: () => 0.5,
              vLineWidth: () => 0.5,
              hLineColor: () => RULE,
              vLineColor: () => RULE,
            },
          },
    ],
  });
}
