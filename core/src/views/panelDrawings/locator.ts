import type { Panel } from '../../record/entities/index.ts';
import { boxPath, svgDrawing, DRAWING_SHADES, panelDrawing, type DrawnAt } from './panelDrawing.ts';

const UNIT = { long: 30, short: 12, main: 16 };

/**
 * The panel as it hangs, with some breakers filled in: where to look.
 *
 * @param panel its spaces and how it hangs
 * @param at the breakers; one without a space is the main
 * @returns an SVG
 * @example locatorSvg({ spaces: 8, orientation: 'upright' }, { space: 3, poles: 1, half: null })
 */
export function locatorSvg(panel: Pick<Panel, 'spaces' | 'orientation'>, ...at: readonly DrawnAt[]): string {
  const { size, main, spaces, boxesOf } = panelDrawing(panel, UNIT);
  const grid = spaces.map(({ x, y, w, h }) => boxPath({ x: x + 1, y: y + 1, w: w - 2, h: h - 2 })).join('');
  const marked = at.flatMap(boxesOf).map(boxPath).join('');
  const { line, ink } = DRAWING_SHADES;
  return svgDrawing(
    size,
    `<path d="${boxPath(main)}${grid}" fill="none" stroke="${line}" stroke-width="1"/><path d="${marked}" fill="${ink}"/>`,
  );
}
