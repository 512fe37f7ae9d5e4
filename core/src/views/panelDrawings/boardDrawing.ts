import type { Panel } from '../../record/entities/index.ts';
import {
  boxPath,
  svgDrawing,
  DRAWING_SHADES,
  drawnText,
  panelDrawing,
  type Box,
  type DrawnAt,
} from './panelDrawing.ts';

/** Of one space, by how many there are: a large panel still fits on a page. */
const UNITS = [
  { upTo: 30, long: 150, short: 22, main: 24 },
  { upTo: 84, long: 150, short: 17, main: 20 },
];
const TYPE = 9;
const SMALL_TYPE = 7;
/** The width of a letter, at a type size of 1; on the wide side. */
const LETTER = 0.5;
const MARK = 7;

/** A breaker as it is drawn. */
export interface DrawnBreaker extends DrawnAt {
  /** Its place as people write it. */
  place: string;
  label: string;
  rating: string;
  /** The numbers of its findings in the report. */
  numbers: readonly number[];
  isUrgent: boolean;
}

/**
 * The panel as it hangs with every breaker’s name, and at each the number of its finding.
 *
 * @param panel its spaces and how it hangs
 * @param breakers what is in it
 * @returns an SVG
 * @example boardSvg({ spaces: 8, orientation: 'upright' }, [])
 */
export function boardSvg(
  panel: Pick<Panel, 'spaces' | 'orientation'>,
  breakers: readonly DrawnBreaker[],
): string {
  const unit = UNITS.find(({ upTo }) => panel.spaces <= upTo) ?? UNITS.at(-1)!;
  const { size, main, spaces, onSide, boxesOf } = panelDrawing(panel, unit);
  const { line } = DRAWING_SHADES;
  const empty = spaces.map(inner).map(boxPath).join('');
  const drawn = breakers.map((one) => drawnBreaker(one, boxesOf(one), onSide)).join('');
  return svgDrawing(
    size,
    `<path d="${empty}${boxPath(main)}" fill="none" stroke="${line}" stroke-width="0.6" stroke-dasharray="2 2"/>${drawn}`,
  );
}

const inner = ({ x, y, w, h }: Box): Box => ({ x: x + 1, y: y + 1, w: w - 2, h: h - 2 });

function drawnBreaker(one: DrawnBreaker, boxes: readonly Box[], onSide: boolean): string {
  const { ink, paper, rail, danger } = DRAWING_SHADES;
  const hasFinding = one.numbers.length > 0;
  const path = `<path d="${boxes.map(inner).map(boxPath).join('')}" fill="${hasFinding ? rail : paper}" stroke="${ink}" stroke-width="${hasFinding ? 1.2 : 0.7}"/>`;
  const [box] = boxes;
  if (!box) return path;
  // Along its row: a panel on its side is read from below.
  const [along, across] = onSide ? [box.h, box.w] : [box.w, box.h];
  const turn = onSide
    ? `translate(${box.x + box.w / 2} ${box.y + box.h}) rotate(-90)`
    : `translate(${box.x} ${box.y + box.h / 2})`;
  const type = across < 12 ? SMALL_TYPE : TYPE;
  const place = `${one.place}${one.place === '' ? '' : ' '}`;
  const marks = one.numbers.map((number, i) => {
    const at = along - 3 - MARK - i * (2 * MARK + 1);
    const radius = Math.min(MARK, across / 2);
    return `<circle cx="${at}" cy="0" r="${radius}" fill="${one.isUrgent ? danger : ink}"/>${text(`${number}`, at, { type: Math.min(SMALL_TYPE + 1, radius * 1.2), fill: paper, anchor: 'middle', bold: true })}`;
  });
  const taken = 6 + one.numbers.length * (2 * MARK + 1);
  const rating = ` ${one.rating}`;
  const room = Math.max(0, Math.floor((along - taken) / (type * LETTER)) - place.length - rating.length);
  const label = one.label.length <= room ? one.label : `${one.label.slice(0, Math.max(0, room - 1))}…`;
  return `${path}<g transform="${turn}">${text(`${place}${label}${rating}`, 5, { type, fill: ink })}${marks.join('')}</g>`;
}

interface Look {
  type: number;
  fill: string;
  anchor?: 'start' | 'middle';
  bold?: boolean;
}

/** A line of text, its middle at the height of the breaker’s. */
const text = (words: string, x: number, { type, fill, anchor = 'start', bold = false }: Look): string =>
  `<text x="${x}" y="${(type * 0.36).toFixed(2)}" font-size="${type}" font-family="sans-serif" fill="${fill}" text-anchor="${anchor}"${bold ? ' font-weight="bold"' : ''}>${drawnText(words)}</text>`;
