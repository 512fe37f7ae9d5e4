import { REVIEW_KINDS } from '@phylaxon/core/facts/vocabulary';
import {
  askFor,
  BEARING_WORDS,
  CONDEMNED_ON,
  KIND_HEADINGS,
  firstSteps,
  reviewHeadline,
  settlingSteps,
  purposeOf,
  waitingRisks,
  type PanelReviewView,
  type ShownSign,
} from '@phylaxon/core/views/panelReview';
import { DANGER, plainSentence, RULE, SOFT, toPdf, type PrintStyle } from '../pdf/index.ts';
import * as messages from './messages.ts';

/** A picture with what it shows. */
export interface EvaluationPicture {
  /** An image as a data address, or a drawing. */
  image?: string;
  svg?: string;
  caption: string;
}

type Content = object;
/** What a line of the page may be wide, in points. */
const WIDTH = 528;
const PICTURE_WIDTH = 250;

const heading = (text: string): Content => ({ text, style: 'heading' });

/** What a sign bears, as a mark and a word: color is never the only sign. */
const MARKS = { failing: '×', local: '!', watch: '·', clears: '+' } as const;
function signLine(sign: ShownSign, time: PrintStyle['time']): Content {
  return {
    columns: [
      { width: 12, text: MARKS[sign.bearing], bold: true, color: sign.bearing === 'failing' ? DANGER : SOFT },
      {
        width: '*',
        stack: [
          {
            text: [
              { text: plainSentence(sign.words), bold: true },
              { text: `  ${BEARING_WORDS[sign.bearing]}`, color: SOFT },
            ],
          },
          { text: plainSentence(`${sign.origin}${sign.when === null ? '' : ` ${time(sign.when)}.`}`) },
          { text: plainSentence(sign.why), color: SOFT },
        ],
      },
    ],
    margin: [0, 0, 0, 4],
    unbreakable: true,
  };
}

/** Each kind of evidence with what was found, or that nobody looked. */
function kinds({ signs, review }: PanelReviewView, time: PrintStyle['time']): Content[] {
  return REVIEW_KINDS.flatMap((kind) => {
    const own = signs.filter((sign) => sign.kind === kind);
    return [
      heading(KIND_HEADINGS[kind]),
      ...own.map((sign) => signLine(sign, time)),
      ...(review.notLookedAt.includes(kind)
        ? [{ text: plainSentence(messages.notInspectedYet(askFor(kind, review) ?? '')) }]
        : []),
    ];
  });
}

function pictureRows(pictures: readonly EvaluationPicture[]): Content[] {
  if (pictures.length === 0) return [];
  const cell = ({ caption, image, svg }: EvaluationPicture): Content => ({
    stack: [
      image === undefined ? { svg, width: PICTURE_WIDTH } : { image, fit: [PICTURE_WIDTH, 190] },
      { text: plainSentence(caption), color: SOFT, margin: [0, 2, 0, 6] },
    ],
  });
  const rows: Content[] = [];
  for (let i = 0; i < pictures.length; i += 2)
    rows.push({ columns: pictures.slice(i, i + 2).map(cell), columnGap: 20, unbreakable: true });
  return [heading('Pictures'), ...rows];
}

/**
 * The review of a panel, for whoever pays for what it says.
 *
 * @param style its times and its paper
 */
export function panelReviewPdf(
  view: PanelReviewView,
  pictures: readonly EvaluationPicture[],
  { time, zone, pageSize }: PrintStyle,
): Promise<Buffer> {
  const { review, panel, site, season } = view;
  const headline = reviewHeadline(review);
  const purpose = purposeOf(review);
  const context = view.signs.filter(({ kind }) => kind === 'context');
  return toPdf({
    pageSize,
    pageMargins: [42, 36, 42, 42],
    info: { title: `${panel.name}: ${headline}` },
    defaultStyle: { fontSize: 10, lineHeight: 1.15 },
    styles: {
      title: { fontSize: 20, bold: true },
      heading: { fontSize: 11, bold: true, margin: [0, 10, 0, 3] },
    },
    footer: (page: number, pages: number) => ({
      text: plainSentence(messages.pageOfLocalCodesAndLicensed(site, panel.name, page, pages)),
      color: SOFT,
      fontSize: 8,
      margin: [42, 12, 42, 0],
    }),
    content: [
      {
        text: plainSentence(
          messages.spaces(
            site,
            panel.name,
            panel.mainAmps === null ? '' : messages.mainA(panel.mainAmps),
            panel.spaces,
            panel.family ? `, ${panel.family}` : '',
            time(view.now),
            zone,
          ),
        ),
        color: SOFT,
      },
      {
        text: plainSentence(headline),
        style: 'title',
        color: review.verdict === 'replace' || review.soon === 'now' ? DANGER : undefined,
      },
      { canvas: [{ type: 'line', x1: 0, y1: 0, x2: WIDTH, y2: 0, lineColor: RULE }], margin: [0, 4, 0, 4] },
      ...firstSteps(view).map((step) => ({ text: plainSentence(step), fontSize: 12, bold: true })),
      ...(view.hazard === null
        ? []
        : [
            heading(messages.hazardsOnRecord),
            { ul: view.hazard.findings.map((text) => plainSentence(text)) },
          ]),
      ...(purpose === null ? [] : [heading('Why'), { text: plainSentence(purpose) }]),
      heading(messages.ifYouWait),
      { text: plainSentence(waitingRisks(view)) },
      ...(review.wouldSettle.length > 0
        ? [
            heading(messages.evidenceStillMissing),
            {
              ul: settlingSteps(review).map(({ what, how }) => plainSentence(`${what}: ${how}`)),
            },
          ]
        : []),
      ...(review.repairs.length > 0
        ? [
            heading('Repairs'),
            {
              ul: view.signs
                .filter(({ sign }) => review.repairs.includes(sign))
                .map(({ words, origin }) => plainSentence(`${words}. ${origin}`)),
            },
          ]
        : []),
      { text: messages.findings, fontSize: 14, bold: true, margin: [0, 14, 0, 0] },
      {
        text: CONDEMNED_ON,
        color: SOFT,
      },
      ...kinds(view, time),
      ...(context.length > 0
        ? [heading(messages.ageProductFamilyAndLocation), ...context.map((sign) => signLine(sign, time))]
        : []),
      ...(season === null ? [] : [{ text: plainSentence(season) }]),
      ...pictureRows(pictures),
    ],
  });
}
