import type { BoardCorners } from '@phylaxon/core/physics/thermalPicture';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';

/** So many cells across are enough on paper. */
const MOST_ACROSS = 56;
/** From cold to hot, dark to light: gray tells the same. */
const STOPS: readonly [number, number, number][] = [
  [13, 22, 18],
  [28, 74, 62],
  [132, 100, 22],
  [214, 86, 44],
  [250, 240, 214],
];

function colorAt(share: number): string {
  const at = Math.min(1, Math.max(0, share)) * (STOPS.length - 1);
  const i = Math.min(STOPS.length - 2, Math.floor(at));
  const channel = (c: 0 | 1 | 2) => Math.round(STOPS[i]![c] + (STOPS[i + 1]![c] - STOPS[i]![c]) * (at - i));
  return `rgb(${channel(0)},${channel(1)},${channel(2)})`;
}

/**
 * A temperature picture as a drawing, coarse enough for a page: of the cells that become one the hottest, so that no spot is lost.
 *
 * @param corners of the board in the picture; null: not marked
 */
export function heatPictureSvg({ width, height, celsius }: HeatMatrix, corners: BoardCorners | null): string {
  const block = Math.max(1, Math.ceil(width / MOST_ACROSS));
  let [least, most] = [Infinity, -Infinity];
  for (const value of celsius) {
    least = Math.min(least, value);
    most = Math.max(most, value);
  }
  const cells: string[] = [];
  for (let y = 0; y < height; y += block)
    for (let x = 0; x < width; x += block) {
      let hottest = -Infinity;
      for (let j = y; j < Math.min(height, y + block); j += 1)
        for (let i = x; i < Math.min(width, x + block); i += 1)
          hottest = Math.max(hottest, celsius[j * width + i]!);
      const color = colorAt((hottest - least) / Math.max(0.1, most - least));
      // A hair larger than it is: no gaps between cells.
      cells.push(`<rect x="${x}" y="${y}" width="${block + 0.2}" height="${block + 0.2}" fill="${color}"/>`);
    }
  const board =
    corners === null
      ? ''
      : `<polygon points="${corners.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}" fill="none" stroke="#fbf8f0" stroke-width="${width / 150}"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${cells.join('')}${board}</svg>`;
}
