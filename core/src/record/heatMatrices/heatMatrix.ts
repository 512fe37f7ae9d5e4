import { z } from 'zod';
import { CAMERA_RANGE_C, MOST_CELLS_A_SIDE } from '../../physics/thermalPicture/index.ts';
import { VarintReader, VarintWriter } from '../recordings/index.ts';
import * as messages from './messages.ts';

/** A temperature picture: its cells row by row from the top left. */
export interface HeatMatrix {
  width: number;
  height: number;
  /** °C. */
  celsius: Float32Array;
}

const MARK = 'phylaxon-heat-matrix 1\n';
/** How finely a cell is kept, °C: finer than any camera tells cells apart. */
const STEP_C = 0.01;
const LONGEST_HEAD = 300;

/** The bytes are no temperature picture, or a damaged one. */
export class HeatMatrixDamaged extends Error {}

const side = z.int().min(2).max(MOST_CELLS_A_SIDE);
const head = z.strictObject({ width: side, height: side });

/**
 * A temperature picture as bytes: a line of text that tells its size, then each cell as what it differs from the one before.
 *
 * @param matrix in °C
 * @returns bytes, not yet packed by gzip
 * @example unpackHeatMatrix(packHeatMatrix(matrix)).width === matrix.width // true
 */
export function packHeatMatrix({ width, height, celsius }: HeatMatrix): Uint8Array {
  const writer = new VarintWriter();
  let before = 0;
  for (const value of celsius) {
    const now = Math.round(value / STEP_C);
    writer.write(now - before);
    before = now;
  }
  const text = Uint8Array.from(`${MARK}${JSON.stringify({ width, height })}\n`, (sign) => sign.charCodeAt(0));
  const cells = writer.end();
  const packed = new Uint8Array(text.length + cells.length);
  packed.set(text);
  packed.set(cells, text.length);
  return packed;
}

/**
 * A temperature picture from its bytes; every cell is checked.
 *
 * @param bytes as `packHeatMatrix` makes them
 * @returns cells in °C
 * @throws HeatMatrixDamaged where they are anything else
 * @example unpackHeatMatrix(packHeatMatrix(matrix)).celsius[0]
 */
export function unpackHeatMatrix(bytes: Uint8Array): HeatMatrix {
  const text = String.fromCharCode(...bytes.subarray(0, LONGEST_HEAD));
  const end = text.indexOf('\n', MARK.length);
  const parsed = head.safeParse(
    text.startsWith(MARK) && end > 0 ? jsonOf(text.slice(MARK.length, end)) : null,
  );
  if (!parsed.success) throw new HeatMatrixDamaged(messages.thisIsNotAnInfraredTemperature);
  const { width, height } = parsed.data;
  const reader = new VarintReader(bytes.subarray(end + 1));
  const celsius = new Float32Array(width * height);
  let now = 0;
  for (let i = 0; i < celsius.length; i += 1) {
    const change = reader.read();
    now += change ?? NaN;
    const value = now * STEP_C;
    if (!(value >= CAMERA_RANGE_C.from && value <= CAMERA_RANGE_C.to)) throw damaged();
    celsius[i] = value;
  }
  if (!reader.isAtEnd) throw damaged();
  return { width, height, celsius };
}

const damaged = () => new HeatMatrixDamaged(messages.theTemperatureFileIsDamagedOr);

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
