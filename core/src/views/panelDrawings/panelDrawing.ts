import {
  isOnItsSide,
  placeOfSpace,
  slotsOf,
  spaceGrid,
  type Half,
  type Slot,
} from '../../panel/layout/index.ts';
import type { Panel } from '../../record/entities/index.ts';

/** Shades of a drawing on paper. */
export const DRAWING_SHADES = {
  line: '#8b8571',
  ink: '#1a1d19',
  soft: '#545a52',
  paper: '#ffffff',
  rail: '#e4dfd0',
  danger: '#b3221a',
} as const;

/** A rectangle of a drawing. */
export interface Box {
  x: number;
  y: number;
  w: number;
  h: number;
}

/** Where a breaker is: one without a space is the main. */
export interface DrawnAt {
  space: number | null;
  poles: 1 | 2;
  half: Half | null;
}

/** The spaces of a panel as it hangs, laid out for a drawing. */
export interface PanelDrawing {
  size: { w: number; h: number };
  main: Box;
  spaces: Box[];
  onSide: boolean;
  /** What a breaker takes; two poles in halves of two spaces are two rectangles. */
  boxesOf: (at: DrawnAt) => Box[];
}

/**
 * Lay out the spaces of a panel for a drawing.
 *
 * @param panel its spaces and how it hangs
 * @param unit of one space: along its row, across, and the depth of the main
 * @returns rectangles from the top left, in the units given
 * @example panelDrawing({ spaces: 8, orientation: 'upright' }, { long: 30, short: 12, main: 16 }).size // { w: 60, h: 68 }
 */
export function panelDrawing(
  { spaces, orientation }: Pick<Panel, 'spaces' | 'orientation'>,
  unit: { long: number; short: number; main: number },
): PanelDrawing {
  const onSide = isOnItsSide(orientation);
  const { rows, columns } = spaceGrid(spaces, orientation);
  const [wide, high] = onSide ? [unit.short, unit.long] : [unit.long, unit.short];
  // The main lies where the spaces begin.
  const first = placeOfSpace(spaces, 1, orientation);
  const isMainFirst = onSide ? first.column === 0 : first.row === 0;
  const beside = unit.main + 4;
  const offset = isMainFirst ? beside : 0;
  const size = { w: columns * wide + (onSide ? beside : 0), h: rows * high + (onSide ? 0 : beside) };
  const cell = (space: number): Box => {
    const { row, column } = placeOfSpace(spaces, space, orientation);
    return {
      x: (onSide ? offset : 0) + column * wide,
      y: (onSide ? 0 : offset) + row * high,
      w: wide,
      h: high,
    };
  };
  const main = onSide
    ? { x: isMainFirst ? 0 : size.w - unit.main, y: 0, w: unit.main, h: size.h }
    : { x: 0, y: isMainFirst ? 0 : size.h - unit.main, w: size.w, h: unit.main };
  const slotBox = ({ space, part }: Slot): Box => {
    const { x, y } = cell(space);
    // The upper half of a space lies nearer to where the spaces begin.
    const isSecond = (part === 'lower') === isMainFirst;
    return onSide
      ? { x: x + (isSecond ? wide / 2 : 0), y, w: wide / 2, h: high }
      : { x, y: y + (isSecond ? high / 2 : 0), w: wide, h: high / 2 };
  };
  return {
    size,
    main,
    spaces: Array.from({ length: spaces }, (_, i) => cell(i + 1)),
    onSide,
    boxesOf: ({ space, ...rest }) =>
      space === null ? [main] : joined(slotsOf({ space, ...rest }).map(slotBox)),
  };
}

/** Rectangles that touch along a whole side, as one. */
function joined(boxes: readonly Box[]): Box[] {
  const rest = [...boxes].sort((a, b) => a.y - b.y || a.x - b.x);
  const out: Box[] = [];
  for (const box of rest) {
    const last = out.at(-1);
    if (last && last.x === box.x && last.w === box.w && last.y + last.h === box.y) last.h += box.h;
    else if (last && last.y === box.y && last.h === box.h && last.x + last.w === box.x) last.w += box.w;
    else out.push({ ...box });
  }
  return out;
}

/**
 * A rectangle as a path.
 *
 * @param box in the units of the drawing
 * @returns path data
 * @example boxPath({ x: 0, y: 0, w: 2, h: 1 }) // 'M0 0h2v1h-2z'
 */
export const boxPath = ({ x, y, w, h }: Box): string => `M${x} ${y}h${w}v${h}h${-w}z`;

/**
 * A text within a drawing.
 *
 * @param text as it is read
 * @returns the same, with what would end it written otherwise
 * @example drawnText('A & B') // 'A &amp; B'
 */
export const drawnText = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

/**
 * A drawing on paper of its own: the page may be dark.
 *
 * @param size of what is drawn
 * @param content elements of an SVG
 * @returns an SVG
 * @example svgDrawing({ w: 10, h: 10 }, '<path d="M0 0h2v1h-2z"/>').startsWith('<svg') // true
 */
export function svgDrawing({ w, h }: { w: number; h: number }, content: string): string {
  const [width, height] = [w + 4, h + 4];
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 ${width} ${height}"><rect x="-2" y="-2" width="${width}" height="${height}" fill="${DRAWING_SHADES.paper}"/>${content}</svg>`;
}
