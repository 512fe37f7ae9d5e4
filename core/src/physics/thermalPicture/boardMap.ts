import type { BoardCorners, CellPoint } from './schema.ts';

/** A place on a board: u from its left edge, v from its top edge, each 0 to 1. */
export interface OnBoard {
  u: number;
  v: number;
}

/** How far outside an edge still counts as on it. */
const EDGE = 1e-9;

/** A projective map of the plane: three rows of three. */
type Projection = readonly [number, number, number, number, number, number, number, number, number];

/** The projective map that takes (0,0), (1,0), (1,1), (0,1) to four corners in turn. */
function fromUnitSquare([a, b, c, d]: BoardCorners): Projection {
  const dx = a.x - b.x + c.x - d.x;
  const dy = a.y - b.y + c.y - d.y;
  const [x1, y1, x2, y2] = [b.x - c.x, b.y - c.y, d.x - c.x, d.y - c.y];
  const determinant = x1 * y2 - x2 * y1;
  const g = (dx * y2 - x2 * dy) / determinant;
  const h = (x1 * dy - dx * y1) / determinant;
  return [
    b.x - a.x + g * b.x,
    d.x - a.x + h * d.x,
    a.x,
    b.y - a.y + g * b.y,
    d.y - a.y + h * d.y,
    a.y,
    g,
    h,
    1,
  ];
}

/** The inverse, but for a factor, which a projective map does not heed. */
function inverse([a, b, c, d, e, f, g, h, i]: Projection): Projection {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

function apply([a, b, c, d, e, f, g, h, i]: Projection, x: number, y: number): [number, number] {
  const w = g * x + h * y + i;
  return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
}

/**
 * Where a cell of a picture lies on the board whose corners are seen in it, by the projective map through the four.
 *
 * @param corners top left, top right, bottom right, bottom left of the board, in cells
 * @returns what takes a cell to its place on the board, 0 to 1 each way; null beside it
 * @example
 * toBoard([{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 20 }, { x: 0, y: 20 }])({ x: 5, y: 5 }) // { u: 0.5, v: 0.25 }
 */
export function toBoard(corners: BoardCorners): (cell: CellPoint) => OnBoard | null {
  const projection = inverse(fromUnitSquare(corners));
  // Behind the horizon of an oblique view the same map gives places that are not there.
  const middle = weight(projection, (corners[0].x + corners[2].x) / 2, (corners[0].y + corners[2].y) / 2);
  return ({ x, y }) => {
    if (weight(projection, x, y) * middle <= 0) return null;
    const [u, v] = apply(projection, x, y);
    if (!isOnEdgeOrInside(u) || !isOnEdgeOrInside(v)) return null;
    return { u: Math.min(1, Math.max(0, u)), v: Math.min(1, Math.max(0, v)) };
  };
}

/**
 * Where a place on the board lies in the picture: the other way round of `toBoard`.
 *
 * @param corners top left, top right, bottom right, bottom left of the board, in cells
 * @returns what takes a place on the board, 0 to 1 each way, to its cell
 * @example
 * fromBoard([{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 20 }, { x: 0, y: 20 }])({ u: 0.5, v: 0.25 }) // { x: 5, y: 5 }
 */
export function fromBoard(corners: BoardCorners): (place: OnBoard) => CellPoint {
  const projection = fromUnitSquare(corners);
  return ({ u, v }) => {
    const [x, y] = apply(projection, u, v);
    return { x, y };
  };
}

const weight = (projection: Projection, x: number, y: number) =>
  projection[6] * x + projection[7] * y + projection[8];

const isOnEdgeOrInside = (share: number) => share >= -EDGE && share <= 1 + EDGE;

/**
 * The space of a panel at a place on its board: odd numbers down the left column, even ones down the right.
 *
 * @param place on the board, 0 to 1 each way
 * @param spaces how many the panel has, an even number
 * @returns the space’s number
 * @example spaceAt({ u: 0.8, v: 0 }, 20) // 2
 */
export function spaceAt({ u, v }: OnBoard, spaces: number): number {
  const rows = spaces / 2;
  const row = Math.min(rows - 1, Math.floor(v * rows));
  return 2 * row + (u < 0.5 ? 1 : 2);
}
