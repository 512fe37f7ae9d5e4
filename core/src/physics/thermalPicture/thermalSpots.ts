import { atLeast, median } from '../../facts/quantities/index.ts';
import { spaceAt, toBoard } from './boardMap.ts';
import { thermalSpotsInput, type ThermalSpot, type ThermalSpots, type ThermalSpotsInput } from './schema.ts';
import { trueTemperature } from './trueTemperature.ts';

/**
 * Hot spots in a temperature picture, and where on the board they lie: cells that touch by a side and lie far enough above the
 * picture’s median.
 *
 * @param input the picture row by row (°C), the air (°C), from what rise (°C) and size (cells) on a spot counts, how to correct
 *   for bare metal, and the board’s corners (cells)
 * @returns the background (°C) and the spots, hottest first, each with its size, temperatures (°C), cell and space
 * @throws ZodError where a figure is impossible, the picture is not whole, or the corners do not go round a board
 * @example
 * thermalSpots({ width: 3, height: 2, celsius: [20, 20, 30, 20, 20, 31], ambientC: 20 }).spots[0].hottest // { x: 2, y: 1 }
 */
export function thermalSpots(input: ThermalSpotsInput): ThermalSpots {
  const question = thermalSpotsInput.parse(input);
  const { width, height, ambientC, board } = question;
  const celsius = trulySo(question);
  const backgroundC = median(celsius)!;
  const map = board && toBoard(board.corners);
  const spots = regions(celsius, width, height, (value) =>
    atLeast(value, backgroundC + question.spots.minOverC),
  )
    .filter((cells) => cells.length >= question.spots.minCells)
    .map((cells): ThermalSpot => {
      const hottestCell = cells.reduce((best, cell) =>
        celsius[cell]! > celsius[best]! || (celsius[cell] === celsius[best] && cell < best) ? cell : best,
      );
      const hottest = { x: hottestCell % width, y: Math.floor(hottestCell / width) };
      const maxC = celsius[hottestCell]!;
      const mean = (of: (cell: number) => number) =>
        cells.reduce((sum, cell) => sum + of(cell), 0) / cells.length;
      const place = map?.(hottest) ?? null;
      return {
        cells: cells.length,
        maxC,
        meanC: mean((cell) => celsius[cell]!),
        overBackgroundC: maxC - backgroundC,
        overAmbientC: maxC - ambientC,
        hottest,
        centre: { x: mean((cell) => cell % width), y: mean((cell) => Math.floor(cell / width)) },
        board: place,
        space: board && place ? spaceAt(place, board.spaces) : null,
      };
    });
  spots.sort((a, b) => b.maxC - a.maxC);
  return { backgroundC, maxC: celsius.reduce((most, value) => Math.max(most, value)), spots };
}

/** What the surfaces really have; the schema has refused what cannot be. */
const trulySo = ({ celsius, emissivity }: ReturnType<typeof thermalSpotsInput.parse>): number[] =>
  emissivity ? celsius.map((value) => trueTemperature(value, emissivity)!) : celsius;

/** Groups of cells that are in and touch by a side, in the order of their first cells; each as cell numbers. */
function regions(
  celsius: readonly number[],
  width: number,
  height: number,
  isIn: (value: number) => boolean,
): number[][] {
  const left = Uint8Array.from(celsius, (value) => Number(isIn(value)));
  const found: number[][] = [];
  for (let first = 0; first < left.length; first += 1) {
    if (!left[first]) continue;
    left[first] = 0;
    const cells = [first];
    for (let next = 0; next < cells.length; next += 1) {
      const cell = cells[next]!;
      const x = cell % width;
      const neighbors = [
        x > 0 ? cell - 1 : -1,
        x < width - 1 ? cell + 1 : -1,
        cell - width,
        cell < width * (height - 1) ? cell + width : -1,
      ];
      for (const neighbor of neighbors) {
        if (neighbor < 0 || !left[neighbor]) continue;
        left[neighbor] = 0;
        cells.push(neighbor);
      }
    }
    found.push(cells);
  }
  return found;
}
