import { spaceAt, toBoard } from './boardMap.ts';
import type { BoardCorners } from './schema.ts';

/** What a picture shows of one space. */
export interface SpaceTemperature {
  space: number;
  maxC: number;
  meanC: number;
}

/**
 * The temperatures of each space of a board in a picture.
 *
 * @param picture cells row by row from the top left, °C
 * @param corners of the board, in cells
 * @param spaces how many the panel has
 * @returns for each space that is seen its highest and its mean, °C, in order
 * @example spaceTemperatures({ width: 2, height: 2, celsius: [20, 30, 21, 31] }, corners, 4)[1].maxC // 30
 */
export function spaceTemperatures(
  { width, height, celsius }: { width: number; height: number; celsius: ArrayLike<number> },
  corners: BoardCorners,
  spaces: number,
): SpaceTemperature[] {
  const map = toBoard(corners);
  const sums = new Map<number, { most: number; sum: number; count: number }>();
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const place = map({ x, y });
      if (!place) continue;
      const space = spaceAt(place, spaces);
      const value = celsius[y * width + x]!;
      const known = sums.get(space) ?? { most: -Infinity, sum: 0, count: 0 };
      sums.set(space, { most: Math.max(known.most, value), sum: known.sum + value, count: known.count + 1 });
    }
  return [...sums]
    .map(([space, { most, sum, count }]) => ({ space, maxC: most, meanC: sum / count }))
    .sort((a, b) => a.space - b.space);
}
