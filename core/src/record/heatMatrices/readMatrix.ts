import { CAMERA_RANGE_C, MOST_CELLS_A_SIDE } from '../../physics/thermalPicture/index.ts';
import type { HeatMatrix } from './heatMatrix.ts';
import * as messages from './messages.ts';

/** A file is no temperature matrix, and why, in a sentence. */
export class MatrixRefused extends Error {}

/** What was found in a file. */
export interface ReadMatrix {
  matrix: HeatMatrix;
  /** In which unit the file had it; null: it does not say. */
  unit: 'C' | 'F' | null;
}

/** No matrix of 640 × 640 cells takes more, in characters. */
export const LONGEST_MATRIX_TEXT = 12_000_000;

const toCelsius = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9;

/**
 * A temperature matrix from a file: rows of figures parted by commas, semicolons, tabs or spaces, decimal points or commas, lines of
 * text before them; or JSON: a list of rows, or an object that holds one, or one list with width and height.
 *
 * @param text the file
 * @param unit in which unit its figures are; left out, as the file says, and °C where it does not
 * @returns the picture in °C, and the unit the file said
 * @throws MatrixRefused where there is no matrix in it, rows differ in length, or a cell is out of what a camera shows
 * @example readMatrix('21.5,22\n21,40').matrix.width // 2
 */
export function readMatrix(text: string, unit?: 'C' | 'F'): ReadMatrix {
  if (text.length > LONGEST_MATRIX_TEXT) throw new MatrixRefused(messages.theFileIsTooLargeFor);
  const start = text.trimStart()[0];
  const { rows, said } = start === '{' || start === '[' ? fromJson(text) : fromTable(text);
  if (rows.length === 0) throw new MatrixRefused(messages.theFileHasNoRowsOf);
  const width = rows[0]!.length;
  const uneven = rows.findIndex((row) => row.length !== width);
  if (uneven >= 0)
    throw new MatrixRefused(messages.rowHasValuesButTheFirst(uneven + 1, rows[uneven]!.length, width));
  if (width < 2 || rows.length < 2) throw new MatrixRefused(messages.anInfraredImageHasAtLeast);
  if (width > MOST_CELLS_A_SIDE || rows.length > MOST_CELLS_A_SIDE)
    throw new MatrixRefused(messages.anInfraredImageHasAtMost(MOST_CELLS_A_SIDE, width, rows.length));
  const isFahrenheit = (unit ?? said) === 'F';
  const celsius = new Float32Array(width * rows.length);
  rows.forEach((row, y) =>
    row.forEach((cell, x) => {
      const value = isFahrenheit ? toCelsius(cell) : cell;
      if (!(value >= CAMERA_RANGE_C.from && value <= CAMERA_RANGE_C.to))
        throw new MatrixRefused(
          Number.isNaN(value)
            ? messages.rowColumnIsNotANumber(y + 1, x + 1)
            : messages.rowColumnIsNoCameraCan(y + 1, x + 1, cell),
        );
      celsius[y * width + x] = value;
    }),
  );
  return { matrix: { width, height: rows.length, celsius }, unit: said };
}

const FIGURE = /^[-+]?\d+(?:[.,]\d+)?(?:e[-+]?\d+)?$/i;
const unitIn = (text: string): 'C' | 'F' | null =>
  /°\s*f\b|\bfahrenheit\b|deg\s*f\b/i.test(text)
    ? 'F'
    : /°\s*c\b|\bcelsius\b|deg\s*c\b/i.test(text)
      ? 'C'
      : null;

function fromTable(text: string): { rows: number[][]; said: 'C' | 'F' | null } {
  const lines = text.split(/\r\n|\r|\n/);
  const separator = separatorOf(lines);
  const rows: number[][] = [];
  const words: string[] = [];
  for (const line of lines) {
    if (line.trim() === '') continue;
    const cells = line.split(separator).map((cell) => cell.trim().replace(/^"(.*)"$/, '$1'));
    while (cells.length > 0 && cells.at(-1) === '') cells.pop();
    const figures = cells.filter((cell) => FIGURE.test(cell)).length;
    if (figures < 2 && rows.length === 0) words.push(line);
    // Behind the picture some cameras write what they were set to.
    else if (figures < 2) break;
    else rows.push(cells.map((cell) => (FIGURE.test(cell) ? Number(cell.replace(',', '.')) : NaN)));
  }
  return { rows: withoutLabels(rows), said: unitIn(words.join(' ')) };
}

function separatorOf(lines: readonly string[]): string | RegExp {
  const sample = lines.slice(0, 200).join('\n');
  for (const separator of ['\t', ';']) if (sample.includes(separator)) return separator;
  return sample.includes(',') ? ',' : /\s+/;
}

/** Some files number their columns in a first row, and their rows in a first column. */
function withoutLabels(rows: number[][]): number[][] {
  const counts = (list: readonly number[]) =>
    list.length > 3 &&
    list.every((value, i) => i === 0 || value === list[i - 1]! + 1) &&
    (list[0] === 0 || list[0] === 1);
  const [first] = rows;
  const named = first && rows.length > 2 && (counts(first) || counts(first.slice(1))) ? rows.slice(1) : rows;
  return counts(named.map((row) => row[0]!)) ? named.map((row) => row.slice(1)) : named;
}

function fromJson(text: string): { rows: number[][]; said: 'C' | 'F' | null } {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new MatrixRefused(messages.theJsonInTheFileIs);
  }
  const found = rowsIn(value, 0);
  if (!found) throw new MatrixRefused(messages.theFileHasNoMatrixA);
  const unit = isObject(value) ? (value.unit ?? value.units) : null;
  const said =
    typeof unit === 'string'
      ? (unitIn(unit) ?? ({ c: 'C', f: 'F' } as const)[unit.toLowerCase()] ?? null)
      : null;
  return { rows: found, said };
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const figureOf = (cell: unknown) => (typeof cell === 'number' ? cell : NaN);

/** The first matrix in an object, a few names deep. */
function rowsIn(value: unknown, depth: number): number[][] | null {
  if (Array.isArray(value))
    return value.length > 1 && value.every(Array.isArray)
      ? (value as unknown[][]).map((row) => row.map(figureOf))
      : null;
  if (!isObject(value) || depth > 3) return null;
  const flat = Object.values(value).find(
    (one): one is unknown[] =>
      Array.isArray(one) && one.length > 3 && one.every((cell) => typeof cell === 'number'),
  );
  const width = value.width ?? value.columns;
  if (flat && typeof width === 'number' && Number.isInteger(width) && width > 1 && flat.length % width === 0)
    return Array.from({ length: flat.length / width }, (_, y) =>
      flat.slice(y * width, (y + 1) * width).map(figureOf),
    );
  for (const one of Object.values(value)) {
    const found = rowsIn(one, depth + 1);
    if (found) return found;
  }
  return null;
}
