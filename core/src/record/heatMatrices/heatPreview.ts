import type { HeatMatrix } from './heatMatrix.ts';

/** A temperature picture in a few large cells, each as hot as its hottest, and where the hottest of all is. */
export interface HeatPreview {
  width: number;
  height: number;
  /** °C, row by row from the top left. */
  celsius: number[];
  /** Of the whole picture: °C, and its place as shares of width and height. */
  hottest: { celsius: number; x: number; y: number };
}

/** Cells on the longer side. */
const MOST_CELLS = 40;
export const MOST_PREVIEW_CELLS = MOST_CELLS ** 2;

/**
 * A temperature picture made small: no hot spot is lost.
 *
 * @param matrix in °C
 * @returns cells of a tenth of a degree, and the hottest of all
 * @example heatPreview({ width: 2, height: 2, celsius: Float32Array.of(20, 20, 20, 50) }).hottest // { celsius: 50, x: 0.75, y: 0.75 }
 */
export function heatPreview({ width, height, celsius }: HeatMatrix): HeatPreview {
  const block = Math.max(1, Math.ceil(Math.max(width, height) / MOST_CELLS));
  const [wide, high] = [Math.ceil(width / block), Math.ceil(height / block)];
  const cells = Array<number>(wide * high).fill(-Infinity);
  let hottest = 0;
  for (let i = 0; i < celsius.length; i += 1) {
    if (celsius[i]! > celsius[hottest]!) hottest = i;
    const cell = Math.floor(Math.floor(i / width) / block) * wide + Math.floor((i % width) / block);
    if (celsius[i]! > cells[cell]!) cells[cell] = celsius[i]!;
  }
  const tenth = (value: number) => Math.round(value * 10) / 10;
  return {
    width: wide,
    height: high,
    celsius: cells.map(tenth),
    hottest: {
      celsius: tenth(celsius[hottest]!),
      x: ((hottest % width) + 0.5) / width,
      y: (Math.floor(hottest / width) + 0.5) / height,
    },
  };
}
