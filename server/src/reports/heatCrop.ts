import { fromBoard, type BoardCorners } from '@phylaxon/core/physics/thermalPicture';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { HeatScale } from '@phylaxon/core/views/heatColors';
import { heatPictureSvg } from './heatPictureSvg.ts';

/** Around a breaker so much of its neighbors is shown: a share of the board’s width, and so many spaces. */
const BESIDE = 0.12;
const ABOVE = 1.5;
/** Fewer cells than this a side show nothing. */
const LEAST_CELLS = 4;

/** Where a breaker is. */
interface Spaces {
  space: number | null;
  poles: number;
}

/**
 * The part of a temperature picture that shows one breaker with its neighbors, in the colors of the whole picture.
 *
 * @param matrix the picture
 * @param corners of the board in it
 * @param scale of the whole picture
 * @param at the breaker’s spaces
 * @param spaces how many the panel has
 * @returns an SVG; null: the picture does not show it
 */
export function heatCropSvg(
  matrix: HeatMatrix,
  corners: BoardCorners,
  scale: HeatScale,
  { space, poles }: Spaces,
  spaces: number,
): string | null {
  if (space === null) return null;
  const rows = Math.ceil(spaces / 2);
  const row = Math.floor((space - 1) / 2);
  const left = space % 2 === 1 ? 0 : 0.5;
  const inPicture = fromBoard(corners);
  const around = (beside: number, above: number) => {
    const [from, to] = [left - beside, left + 0.5 + beside];
    const [top, bottom] = [(row - above) / rows, (row + poles + above) / rows];
    return [
      { u: from, v: top },
      { u: to, v: top },
      { u: to, v: bottom },
      { u: from, v: bottom },
    ].map(inPicture) as [Point, Point, Point, Point];
  };
  const box = boxOf(around(BESIDE, ABOVE), matrix);
  if (box.width < LEAST_CELLS || box.height < LEAST_CELLS) return null;
  const celsius = Array.from(
    { length: box.width * box.height },
    (_, i) => matrix.celsius[(box.y + Math.floor(i / box.width)) * matrix.width + box.x + (i % box.width)]!,
  );
  const outline = around(0, 0).map(({ x, y }) => ({ x: x - box.x, y: y - box.y })) as [
    Point,
    Point,
    Point,
    Point,
  ];
  return heatPictureSvg(
    { width: box.width, height: box.height, celsius: Float32Array.from(celsius) },
    outline,
    scale,
  );
}

interface Point {
  x: number;
  y: number;
}

/** The cells that some points lie among, as far as the picture goes. */
function boxOf(points: readonly Point[], { width, height }: Pick<HeatMatrix, 'width' | 'height'>) {
  const within = (value: number, most: number) => Math.min(most, Math.max(0, Math.round(value)));
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [x, y] = [within(Math.min(...xs), width), within(Math.min(...ys), height)];
  return {
    x,
    y,
    width: within(Math.max(...xs), width) - x,
    height: within(Math.max(...ys), height) - y,
  };
}
