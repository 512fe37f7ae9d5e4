import {
  reportBlocks,
  type Report,
  type ReportBlock,
  type ReportLine,
  type ReportPicture,
  type ReportTable,
} from '@phylaxon/core/views/report';
import type { PhotoFolder } from '../photos/index.ts';
import { DANGER, plainSentence, RULE, SOFT, toPdf, type PrintStyle } from '../pdf/index.ts';
import * as messages from './messages.ts';

type Content = object;
type Block<K extends ReportBlock['is']> = Extract<ReportBlock, { is: K }>;

/** What a line of the page may be wide, in points; a picture beside a finding, by its kind; two beside each other. */
const WIDTH = 528;
const BESIDE = { photo: 130, drawing: 64 } as const;
const WIDE = 250;
/** A bar beside a figure; the board on page one, which leaves room for what stands beside it. */
const BAR = 130;
const BOARD = 270;
const BOARD_HIGH = 380;

/** Photos by their name, as data addresses. */
type Photos = ReadonlyMap<string, string>;

async function photosIn(report: Report, folder: PhotoFolder): Promise<Photos> {
  const names = [...report.findings.flatMap(({ pictures }) => pictures), ...report.pictures].flatMap((one) =>
    one.kind === 'photo' ? one.sha256 : [],
  );
  const photos = new Map<string, string>();
  for (const name of new Set(names))
    photos.set(name, `data:image/jpeg;base64,${(await folder.read(name)).toString('base64')}`);
  return photos;
}

const picture = (one: ReportPicture, photos: Photos, width: number, high = width * 0.9): Content => ({
  stack: [
    one.kind === 'photo'
      ? { image: photos.get(one.sha256), fit: [width, width * 0.8] }
      : { svg: one.svg, fit: [width, high] },
    { text: plainSentence(one.caption), color: SOFT, fontSize: 8, margin: [0, 2, 0, 6] },
  ],
});

const table = ({ head, rows }: ReportTable, widths: (string | number)[]): Content => ({
  table: {
    widths,
    headerRows: 1,
    dontBreakRows: true,
    body: [head.map((text) => ({ text, bold: true })), ...rows.map((row) => row.map(plainSentence))],
  },
  layout: 'lightHorizontalLines',
  margin: [0, 2, 0, 4],
});

const rule = (margin: number[]): Content => ({
  canvas: [{ type: 'line', x1: 0, y1: 0, x2: WIDTH, y2: 0, lineColor: RULE }],
  margin,
});

const labeled = ({ label, text }: ReportLine, look: object = {}): Content => ({
  text: [
    ...(label === null ? [] : [{ text: `${label}${/[.!?]$/.test(label) ? '' : ':'} `, bold: true }]),
    plainSentence(text),
  ],
  margin: [0, 0, 0, 2],
  ...look,
});

/** Figures with a bar each: what was measured against its limit. */
const bars = (figures: Block<'finding'>['figures']): Content => ({
  table: {
    widths: ['*', 64, BAR, 64],
    dontBreakRows: true,
    body: [
      ...figures.map(({ label, value, limit, svg }) => [
        plainSentence(label),
        { text: plainSentence(value), bold: true, alignment: 'right' },
        svg === null ? '' : { svg, width: BAR, margin: [0, 1, 0, 0] },
        { text: plainSentence(limit === null ? '' : messages.limit(limit)), color: SOFT },
      ]),
    ],
  },
  layout: 'noBorders',
  margin: [0, 2, 0, 4],
});

/** A few words each, beside each other; the last, a sentence, below. */
function facts(lines: readonly ReportLine[]): Content {
  const [last] = lines.slice(-1);
  return {
    stack: [
      {
        columns: lines.slice(0, -1).map((line) => labeled(line, { width: 'auto' })),
        columnGap: 16,
      },
      ...(last ? [labeled(last)] : []),
    ],
    margin: [0, 2, 0, 2],
  };
}

function finding(block: Block<'finding'>, photos: Photos): Content {
  const { number, title, where, isUrgent, lines, figures, facts: known, notes, pictures } = block;
  const beside = Math.max(...pictures.map(({ kind }) => BESIDE[kind]), BESIDE.drawing);
  return {
    unbreakable: true,
    stack: [
      rule([0, 4, 0, 4]),
      {
        columns: [
          {
            width: '*',
            stack: [
              {
                text: plainSentence(`${number}. ${title}`),
                fontSize: 13,
                bold: true,
                color: isUrgent ? DANGER : undefined,
              },
              { text: plainSentence(where), color: SOFT, margin: [0, 0, 0, 3] },
              ...lines.map((line) => labeled(line)),
              ...(figures.length === 0 ? [] : [bars(figures)]),
              facts(known),
              ...notes.map((line) => labeled(line, { fontSize: 8, color: SOFT })),
            ],
          },
          { width: beside, stack: pictures.map((one) => picture(one, photos, BESIDE[one.kind])) },
        ],
        columnGap: 18,
      },
    ],
  };
}

/** Page one: the panel beside what it comes to. */
function overview({ boards, summary, lists }: Block<'overview'>, photos: Photos): Content {
  const [first, ...others] = boards;
  const words = [
    ...summary.map((text) => ({ text: plainSentence(text), fontSize: 11, margin: [0, 0, 0, 8] })),
    ...lists.map(({ label, items, isUrgent }) => ({
      stack: [
        { text: label, fontSize: 12, bold: true, color: isUrgent ? DANGER : undefined },
        ...items.map((text) => ({ text: plainSentence(text), margin: [0, 0, 0, 3] })),
      ],
      margin: [0, 0, 0, 8],
    })),
  ];
  const rest = others.map((one) => picture(one, photos, BOARD));
  return {
    columns: [
      ...(first ? [{ width: BOARD, stack: [picture(first, photos, BOARD, BOARD_HIGH)] }] : []),
      { width: '*', stack: [...words, ...rest] },
    ],
    columnGap: 20,
    margin: [0, 4, 0, 8],
  };
}

/** Widths of a table by how many columns it has. */
const WIDTHS: Record<number, (string | number)[]> = {
  2: ['42%', '*'],
  3: ['26%', '30%', '*'],
  4: [24, '36%', '*', 70],
  5: [24, '32%', '*', 66, 66],
};

function content(block: ReportBlock, photos: Photos): Content {
  switch (block.is) {
    case 'title':
      return {
        stack: [
          { text: plainSentence(block.note), color: SOFT },
          { text: plainSentence(block.text), fontSize: 20, bold: true },
          {
            text: plainSentence(block.headline),
            fontSize: 14,
            bold: true,
            color: block.isUrgent ? DANGER : undefined,
            margin: [0, 4, 0, 4],
          },
        ],
      };
    case 'warning':
      return { text: plainSentence(block.text), bold: true, color: DANGER, margin: [0, 0, 0, 4] };
    case 'heading':
      return {
        stack: [
          { text: plainSentence(block.text), fontSize: 15, bold: true },
          ...(block.note === null ? [] : [{ text: plainSentence(block.note), color: SOFT }]),
        ],
        margin: [0, 12, 0, 2],
        // A heading stays with what it stands over.
        headlineLevel: 1,
      };
    case 'text':
      return { text: plainSentence(block.text), margin: [0, 4, 0, 4] };
    case 'overview':
      return overview(block, photos);
    case 'finding':
      return finding(block, photos);
    case 'table':
      return table(block.table, WIDTHS[block.table.head.length]!);
    case 'list':
      return { ul: block.items.map(plainSentence), margin: [0, 2, 0, 4] };
    case 'pictures': {
      const rows: Content[] = [];
      for (let i = 0; i < block.pictures.length; i += 2)
        rows.push({
          columns: block.pictures.slice(i, i + 2).map((one) => picture(one, photos, WIDE)),
          columnGap: 20,
          unbreakable: true,
        });
      return { stack: rows };
    }
    case 'signatures':
      return {
        columns: block.fields.map((field) => ({
          stack: [
            { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 115, y2: 0, lineColor: RULE }] },
            { text: field, color: SOFT, fontSize: 9 },
          ],
        })),
        columnGap: 16,
        margin: [0, 40, 0, 0],
        unbreakable: true,
      };
  }
}

/** The blocks one under the other; a heading stays on one page with the finding it stands over. */
function kept(blocks: readonly ReportBlock[], photos: Photos): Content[] {
  return blocks.flatMap((block, i): Content[] => {
    const [before, after] = [blocks[i - 1], blocks[i + 1]];
    if (block.is === 'heading' && after?.is === 'finding') return [];
    if (block.is === 'finding' && before?.is === 'heading')
      return [{ unbreakable: true, stack: [content(before, photos), content(block, photos)] }];
    return [content(block, photos)];
  });
}

/**
 * A report for whoever pays, as a PDF: the same words in the same order as its page.
 *
 * @param folder where its photos are
 * @param style its times and its paper
 */
export async function reportPdf(report: Report, folder: PhotoFolder, style: PrintStyle): Promise<Buffer> {
  const photos = await photosIn(report, folder);
  const blocks = reportBlocks(report, style);
  const [title] = blocks as [Block<'title'>];
  return toPdf({
    pageSize: style.pageSize,
    pageMargins: [42, 40, 42, 42],
    info: { title: `${title.text}, ${report.site.name}` },
    defaultStyle: { fontSize: 10, lineHeight: 1.15 },
    pageBreakBefore: (node: { headlineLevel?: number }, { getFollowingNodesOnPage }: Following) =>
      node.headlineLevel === 1 && getFollowingNodesOnPage().length === 0,
    footer: (page: number, pages: number) => ({
      text: plainSentence(messages.pageOfLocalCodesAndLicensedPractice(report.site.name, page, pages)),
      color: SOFT,
      fontSize: 8,
      margin: [42, 12, 42, 0],
    }),
    content: kept(blocks, photos),
  });
}

/** What of its page break pdfmake tells. */
interface Following {
  getFollowingNodesOnPage: () => unknown[];
}
