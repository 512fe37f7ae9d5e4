import { z } from 'zod';
import {
  CHANNEL_QUANTITIES,
  CHANNEL_RANGES,
  MOST_RECORDING_CHANNELS,
  MOST_SAMPLES,
  type Recording,
} from './recording.ts';
import { VarintReader, VarintWriter } from './varints.ts';
import * as messages from './messages.ts';

const MARK = 'phylaxon-recording 1\n';
/** Before a missing figure’s place: no difference, since zero stands for itself. */
const MISSING = 0;

/** The bytes are no recording, or a damaged one. */
export class RecordingDamaged extends Error {}

const head = z.strictObject({
  samples: z.int().min(1).max(MOST_SAMPLES),
  startMs: z.int(),
  timeBytes: z.int().min(0),
  channels: z
    .array(z.strictObject({ quantity: z.enum(CHANNEL_QUANTITIES), bytes: z.int().min(0) }))
    .min(1)
    .max(MOST_RECORDING_CHANNELS),
});

/**
 * A recording as bytes: a line of text that tells what follows, then times and figures column by column. Each figure is kept as what
 * it differs from the one before, a time as what its interval differs from the one before, so that a sample takes a byte or two in
 * each column, and what is packed by gzip afterwards less than one.
 *
 * @param recording times in ms, figures in A, V or °C
 * @returns bytes, not yet packed by gzip
 * @example unpackRecording(packRecording(recording)) // the same, to a thousandth of an ampere
 */
export function packRecording({ times, channels }: Recording): Uint8Array {
  const startMs = times[0]!;
  const timeWriter = new VarintWriter();
  let [last, lastStep] = [startMs, 0];
  for (const time of times) {
    const step = time - last;
    timeWriter.write(step - lastStep);
    [last, lastStep] = [time, step];
  }
  const columns = channels.map(({ quantity, values }) => {
    const { step } = CHANNEL_RANGES[quantity];
    const writer = new VarintWriter();
    let before = 0;
    for (const value of values) {
      if (Number.isNaN(value)) {
        writer.write(MISSING);
        continue;
      }
      const now = Math.round(value / step);
      const difference = now - before;
      // One further from zero than it is: zero is a missing figure.
      writer.write(difference >= 0 ? difference + 1 : difference);
      before = now;
    }
    return writer.end();
  });
  const timeBytes = timeWriter.end();
  const text = asciiBytes(
    `${MARK}${JSON.stringify({
      samples: times.length,
      startMs,
      timeBytes: timeBytes.length,
      channels: channels.map(({ quantity }, i) => ({ quantity, bytes: columns[i]!.length })),
    })}\n`,
  );
  const parts = [text, timeBytes, ...columns];
  const packed = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    packed.set(part, at);
    at += part.length;
  }
  return packed;
}

/** The head is plain ASCII. */
const asciiBytes = (text: string) => Uint8Array.from(text, (sign) => sign.charCodeAt(0));

/** The longest first lines: no head of ours is longer. */
const LONGEST_HEAD = 2000;

/**
 * A recording from its bytes; every figure is checked.
 *
 * @param bytes as `packRecording` makes them
 * @returns times in ms, figures in A, V or °C
 * @throws RecordingDamaged where they are anything else
 * @example unpackRecording(packRecording(recording)).times.length
 */
export function unpackRecording(bytes: Uint8Array): Recording {
  const lines = String.fromCharCode(...bytes.subarray(0, LONGEST_HEAD));
  if (!lines.startsWith(MARK)) throw new RecordingDamaged(messages.thisIsNotARecording);
  const end = lines.indexOf('\n', MARK.length);
  const parsed = head.safeParse(jsonOf(lines.slice(MARK.length, end)));
  if (end < 0 || !parsed.success) throw damaged();
  const { samples, startMs, timeBytes, channels } = parsed.data;
  let at = end + 1;
  const next = (length: number): VarintReader => {
    const part = bytes.subarray(at, at + length);
    if (part.length !== length) throw damaged();
    at += length;
    return new VarintReader(part);
  };
  const times = readTimes(next(timeBytes), samples, startMs);
  const columns = channels.map(({ quantity, bytes: length }) => ({
    quantity,
    values: readValues(next(length), samples, CHANNEL_RANGES[quantity]),
  }));
  if (at !== bytes.length) throw damaged();
  return { times, channels: columns };
}

const damaged = () => new RecordingDamaged(messages.theRecordingIsDamagedOrCut);

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function readTimes(reader: VarintReader, samples: number, startMs: number): Float64Array {
  const times = new Float64Array(samples);
  let [time, step] = [startMs, 0];
  for (let i = 0; i < samples; i += 1) {
    const change = reader.read();
    if (change === null) throw damaged();
    step += change;
    time += step;
    if (step < 0 || time > 8.64e15) throw damaged();
    times[i] = time;
  }
  if (!reader.isAtEnd || Math.abs(startMs) > 8.64e15) throw damaged();
  return times;
}

function readValues(
  reader: VarintReader,
  samples: number,
  { step, from, to }: { step: number; from: number; to: number },
): Float32Array {
  const values = new Float32Array(samples);
  let now = 0;
  for (let i = 0; i < samples; i += 1) {
    const written = reader.read();
    if (written === null) throw damaged();
    if (written === MISSING) {
      values[i] = NaN;
      continue;
    }
    now += written > 0 ? written - 1 : written;
    const value = now * step;
    if (value < from || value > to) throw damaged();
    values[i] = value;
  }
  if (!reader.isAtEnd) throw damaged();
  return values;
}
