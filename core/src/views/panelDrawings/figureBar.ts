import { svgDrawing, DRAWING_SHADES } from './panelDrawing.ts';

const WIDTH = 150;
const HEIGHT = 12;
/** What lies past the larger of the two. */
const AHEAD = 1.12;

/** A figure and what it is held against, in the same unit. */
export interface BarFigure {
  value: number;
  limit: number;
}

/**
 * Whether a figure can be drawn against its limit on a scale from zero.
 *
 * @param figure in one unit
 * @returns whether it can
 * @example hasBar({ value: -3, limit: 15 }) // false
 */
export const hasBar = ({ value, limit }: BarFigure): boolean =>
  Number.isFinite(value) && Number.isFinite(limit) && value >= 0 && limit > 0;

/**
 * A figure as a bar on a scale from zero, with its limit as a line across.
 *
 * @param figure in one unit
 * @returns an SVG
 * @example figureBarSvg({ value: 20, limit: 15 }).includes('<path') // true
 */
export function figureBarSvg({ value, limit }: BarFigure): string {
  const { line, ink, rail } = DRAWING_SHADES;
  const end = Math.max(value, limit) * AHEAD;
  const at = (of: number) => Number(((of / end) * WIDTH).toFixed(1));
  return svgDrawing(
    { w: WIDTH, h: HEIGHT },
    `<path d="M0 3h${WIDTH}v6h${-WIDTH}z" fill="${rail}" stroke="${line}" stroke-width="0.5"/>` +
      `<path d="M0 3h${at(value)}v6h${-at(value)}z" fill="${ink}"/>` +
      // Over the filled part it is light, with an edge.
      `<path d="M${at(limit) - 1} 0h2v${HEIGHT}h-2z" fill="${DRAWING_SHADES.danger}" stroke="${DRAWING_SHADES.paper}" stroke-width="0.7"/>`,
  );
}
