import type { BoardCorners } from '@phylaxon/core/physics/thermalPicture';

/** So much of each side lies around the board, where nobody has said where it is. */
const AROUND = 0.12;

/** Where a board lies in a picture before anybody said so. */
export const cornersOf = (width: number, height: number): BoardCorners => {
  const [x, y] = [width * AROUND, height * AROUND];
  return [
    { x, y },
    { x: width - x, y },
    { x: width - x, y: height - y },
    { x, y: height - y },
  ];
};

/** Corners kept from a picture of another size. */
export const scaledCorners = (
  corners: BoardCorners,
  from: { width: number; height: number },
  to: { width: number; height: number },
): BoardCorners =>
  corners.map(({ x, y }) => ({
    x: (x * to.width) / from.width,
    y: (y * to.height) / from.height,
  })) as unknown as BoardCorners;
