import type { BoardCorners } from '@phylaxon/core/physics/thermalPicture';
import type { HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import { heatColor, heatScale, heatShare, type HeatScale } from '@phylaxon/core/views/heatColors';

/** So many cells across are enough on paper, and so many steps of color. */
const MOST_ACROSS = 56;
const STEPS = 32;

/**
 * A temperature picture as a drawing, coarse enough for a page: of the cells that become one the hottest, so that no spot is lost.
 *
 * @param corners of the board in the picture; null: not marked
 * @param scale from where to where it is drawn; its own, if left out
 */
export function heatPictureSvg(
  { width, height, celsius }: HeatMatrix,
  corners: BoardCorners | null,
  scale: HeatScale = heatScale(celsius),
): string {
  const block = Math.max(1, Math.ceil(width / MOST_ACROSS));
  const cells: string[] = [];
  // A hair larger than it is: no gaps between cells.
  const draw = (x: number, y: number, wide: number, step: number) =>
    cells.push(
      `<rect x="${x}" y="${y}" width="${wide + 0.2}" height="${block + 0.2}" fill="rgb(${heatColor(step / STEPS).join()})"/>`,
    );
  for (let y = 0; y < height; y += block) {
    // Cells of one color beside each other are one.
    let run = { from: 0, step: -1 };
    for (let x = 0; x < width; x += block) {
      let hottest = -Infinity;
      for (let j = y; j < Math.min(height, y + block); j += 1)
        for (let i = x; i < Math.min(width, x + block); i += 1)
          hottest = Math.max(hottest, celsius[j * width + i]!);
      const step = Math.round(heatShare(hottest, scale) * STEPS);
      if (step === run.step) continue;
      if (run.step >= 0) draw(run.from, y, x - run.from, run.step);
      run = { from: x, step };
    }
    draw(run.from, y, width - run.from, run.step);
  }
  const board =
    corners === null
      ? ''
      : `<polygon points="${corners.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}" fill="none" stroke="#fbf8f0" stroke-width="${width / 150}"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${cells.join('')}${board}</svg>`;
}
