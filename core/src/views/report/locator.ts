import { spaceGrid, isOnItsSide, placeOfSpace, slotsOf, type Half } from '../../panel/layout/index.ts';
import type { Panel } from '../../record/entities/index.ts';

/** Of one space, in units of the drawing: along its row of spaces, and across. */
const LONG = 30;
const SHORT = 12;
const MAIN = 16;
const LINE = '#8b8571';
const MARK = '#1a1d19';
const PAPER = '#ffffff';

interface Located {
  space: number | null;
  poles: 1 | 2;
  half: Half | null;
}

const box = (x: number, y: number, w: number, h: number) => `M${x} ${y}h${w}v${h}h${-w}z`;

/**
 * The panel as it hangs, with one breaker filled in: where to look.
 *
 * @param panel its spaces and how it hangs
 * @param at the breaker; one without a space is the main
 * @returns an SVG
 * @example locatorSvg({ spaces: 8, orientation: 'upright' }, { space: 3, poles: 1, half: null })
 */
export function locatorSvg(panel: Pick<Panel, 'spaces' | 'orientation'>, at: Located): string {
  const { spaces, orientation } = panel;
  const onSide = isOnItsSide(orientation);
  const { rows, columns } = spaceGrid(spaces, orientation);
  const [wide, high] = onSide ? [SHORT, LONG] : [LONG, SHORT];
  // The main lies where the spaces begin.
  const first = placeOfSpace(spaces, 1, orientation);
  const isMainFirst = onSide ? first.column === 0 : first.row === 0;
  const offset = isMainFirst ? MAIN + 4 : 0;
  const [left, top] = onSide ? [offset, 0] : [0, offset];
  const size = { w: columns * wide + (onSide ? MAIN + 4 : 0), h: rows * high + (onSide ? 0 : MAIN + 4) };
  const cell = (space: number) => {
    const { row, column } = placeOfSpace(spaces, space, orientation);
    return { x: left + column * wide, y: top + row * high };
  };
  const cells = Array.from({ length: spaces }, (_, i) => cell(i + 1));
  const grid = cells.map(({ x, y }) => box(x + 1, y + 1, wide - 2, high - 2)).join('');
  const mainAt = onSide
    ? box(isMainFirst ? 0 : size.w - MAIN, 0, MAIN, size.h)
    : box(0, isMainFirst ? 0 : size.h - MAIN, size.w, MAIN);
  const marked =
    at.space === null
      ? mainAt
      : slotsOf({ ...at, space: at.space })
          .map(({ space, part }) => {
            const { x, y } = cell(space);
            // The upper half of a space lies nearer to where the spaces begin.
            const isSecond = (part === 'lower') === isMainFirst;
            return onSide
              ? box(x + (isSecond ? wide / 2 : 0), y, wide / 2, high)
              : box(x, y + (isSecond ? high / 2 : 0), wide, high / 2);
          })
          .join('');
  // On paper of its own: the page may be dark.
  const [w, h] = [size.w + 4, size.h + 4];
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 ${w} ${h}"><rect x="-2" y="-2" width="${w}" height="${h}" fill="${PAPER}"/><path d="${mainAt}${grid}" fill="none" stroke="${LINE}" stroke-width="1"/><path d="${marked}" fill="${MARK}"/></svg>`;
}
