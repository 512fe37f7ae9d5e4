import { spaceAt, toBoard } from './boardMap.ts';
import type { BoardCorners } from './schema.ts';
import { correctedTemperature, type Emissivity } from './trueTemperature.ts';

/** A picture with a board in it. */
export interface BoardPicture {
  width: number;
  height: number;
  /** Cells row by row from the top left, °C. */
  celsius: ArrayLike<number>;
  /** Of the board, in cells. */
  corners: BoardCorners;
  /** null: read as the camera shows it. */
  emissivity: Emissivity | null;
}

/** What a picture shows of one space. */
export interface SpaceTemperature {
  space: number;
  maxC: number;
}

/** How a space’s highest rise over the air changed from one picture to another. */
export interface RiseChange {
  space: number;
  /** °C over the air. */
  beforeC: number;
  afterC: number;
}

/**
 * The highest temperature of each space of a board in a picture.
 *
 * @param picture cells in °C, and where the board lies in it
 * @param spaces how many the panel has
 * @returns for each space that is seen its highest, °C, in order
 * @example spaceTemperatures({ width: 2, height: 2, celsius: [20, 30, 21, 31], corners, emissivity: null }, 4)[1].maxC // 30
 */
export function spaceTemperatures(
  { width, height, celsius, corners, emissivity }: BoardPicture,
  spaces: number,
): SpaceTemperature[] {
  const map = toBoard(corners);
  const highest = new Map<number, number>();
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const place = map({ x, y });
      if (!place) continue;
      const space = spaceAt(place, spaces);
      highest.set(space, Math.max(highest.get(space) ?? -Infinity, celsius[y * width + x]!));
    }
  // The hottest cell stays the hottest, whatever the emissivity.
  return [...highest]
    .map(([space, maxC]) => ({ space, maxC: correctedTemperature(maxC, emissivity) }))
    .sort((a, b) => a.space - b.space);
}

/**
 * What changed on a board from one picture to another, space by space: each picture over the air it was taken in.
 *
 * @param before picture, and its air in °C
 * @param after picture, and its air in °C
 * @param spaces how many the panel has
 * @returns for each space that is seen in both, the largest change first
 * @example riseChanges({ ...cool, ambientC: 20 }, { ...hot, ambientC: 20 }, 20)[0] // { space: 7, beforeC: 4, afterC: 38 }
 */
export function riseChanges(
  before: BoardPicture & { ambientC: number },
  after: BoardPicture & { ambientC: number },
  spaces: number,
): RiseChange[] {
  const risesOf = (picture: typeof before) =>
    spaceTemperatures(picture, spaces).map(({ space, maxC }) => ({ space, riseC: maxC - picture.ambientC }));
  const known = new Map(risesOf(before).map(({ space, riseC }) => [space, riseC]));
  return risesOf(after)
    .flatMap(({ space, riseC }) =>
      known.has(space) ? [{ space, beforeC: known.get(space)!, afterC: riseC }] : [],
    )
    .sort((a, b) => Math.abs(b.afterC - b.beforeC) - Math.abs(a.afterC - a.beforeC));
}
