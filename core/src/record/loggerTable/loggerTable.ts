import {
  CHANNEL_RANGES,
  MOST_RECORDING_CHANNELS,
  MOST_SAMPLES,
  type Recording,
} from '../recordings/index.ts';
import { CHANNEL_UNITS, figureOf, isNoFigure, type ColumnUse } from './columns.ts';
import { timeReader, type TimeStyle } from './times.ts';
import * as messages from './messages.ts';

/** A table as it was confirmed. */
export interface LoggerTableSettings {
  headLines: number;
  decimal: '.' | ',';
  /** `null`: nobody said. */
  time: TimeStyle | null;
  columns: readonly ColumnUse[];
  /** In which clocks are read. */
  zone: string;
  /** When the first sample was taken, where the table does not say, ms since 1970. */
  startMs: number;
  /** By how much the logger’s clock is set right, s. */
  shiftSeconds: number;
}

/** What was found on the way, to be told. */
export interface LoggerTableTold {
  samples: number;
  /** Lines that are no samples; the first of them, counted from 1. */
  skipped: number;
  firstSkipped: number | null;
  /** Cells without a figure, and cells with one that no hardware has. */
  missing: number;
  impossible: number;
  /** Figures below zero: a clamp the wrong way round. */
  negative: number;
  /** Samples that came before one that stood above them. */
  reordered: number;
  /** Samples at a time that stood there already: the first counts. */
  doubled: number;
}

/** The table cannot be taken, and why, in a sentence. */
export class LoggerTableRefused extends Error {}

/** More lines that are no samples than this share: something else is wrong. */
const MOST_SKIPPED = 0.2;

/** A year: what lies further apart is no recording. */
const LONGEST_MS = 400 * 86_400_000;

/**
 * Takes in a logger’s table line by line, however long, and makes a recording of it.
 *
 * @example const table = new LoggerTable(settings); table.add(rows); table.end().recording
 */
export class LoggerTable {
  private readonly read: (text: string) => number | null;
  private readonly timeColumns: number[];
  private readonly channels: {
    column: number;
    scale: number;
    offset: number;
    from: number;
    to: number;
    current: boolean;
  }[];
  private times = new Float64Array(1 << 14);
  private figures: Float32Array[];
  private count = 0;
  private line = 0;
  private isInOrder = true;
  private readonly told: LoggerTableTold = {
    samples: 0,
    skipped: 0,
    firstSkipped: null,
    missing: 0,
    impossible: 0,
    negative: 0,
    reordered: 0,
    doubled: 0,
  };

  constructor(private readonly settings: LoggerTableSettings) {
    const { time, zone, startMs, columns } = settings;
    if (time === null) throw new LoggerTableRefused(messages.chooseTheColumnWithTheTimes);
    this.read = timeReader(time, zone, startMs);
    const used = (as: ColumnUse['as']) => columns.flatMap((use, i) => (use.as === as ? [i] : []));
    this.timeColumns = used('time');
    this.channels = columns.flatMap((use, column) => {
      if (use.as !== 'channel') return [];
      const { quantity, scale, offset } = CHANNEL_UNITS[use.unit];
      const { from, to } = CHANNEL_RANGES[quantity];
      return [{ column, scale, offset, from, to, current: quantity === 'current' }];
    });
    if (this.timeColumns.length === 0) throw new LoggerTableRefused(messages.chooseTheColumnWithTheTimes);
    if (this.channels.length === 0) throw new LoggerTableRefused(messages.chooseTheColumnsWithCurrents);
    if (this.channels.length > MOST_RECORDING_CHANNELS)
      throw new LoggerTableRefused(messages.aRecordingCanHaveAtMost(MOST_RECORDING_CHANNELS));
    this.figures = this.channels.map(() => new Float32Array(1 << 14));
  }

  /** The next lines of the table, as cells. */
  add(rows: readonly (readonly string[])[]): void {
    for (const row of rows) {
      this.line += 1;
      if (this.line <= this.settings.headLines) continue;
      if (row.length === 1 && row[0]!.trim() === '') continue;
      this.sample(row);
    }
  }

  /**
   * What became of it.
   *
   * @returns the recording in the order of its times, and what is to be told
   * @throws LoggerTableRefused where there is nothing in it, or hardly anything that is a sample
   */
  end(): { recording: Recording; told: LoggerTableTold } {
    const { told } = this;
    const lines = this.count + told.skipped;
    if (this.count < 2)
      throw new LoggerTableRefused(
        told.firstSkipped === null
          ? messages.theFileHasNoSamples
          : messages.noLineOfTheFileIs(told.firstSkipped),
      );
    if (told.skipped > MOST_SKIPPED * lines)
      throw new LoggerTableRefused(
        messages.ofLinesAreNotSamplesStarting(told.skipped, lines, told.firstSkipped),
      );
    const order = this.order();
    const [first, last] = [this.times[order[0]!]!, this.times[order[order.length - 1]!]!];
    if (last - first > LONGEST_MS) throw new LoggerTableRefused(messages.theRecordingCoversMoreThanA);
    const shiftMs = this.settings.shiftSeconds * 1000;
    told.samples = order.length;
    const inOrder = <A extends Float64Array | Float32Array>(list: A): A => {
      const taken = list.slice(0, order.length) as A;
      if (!this.isInOrder) for (let i = 0; i < order.length; i += 1) taken[i] = list[order[i]!]!;
      return taken;
    };
    const times = inOrder(this.times);
    if (shiftMs !== 0) for (let i = 0; i < times.length; i += 1) times[i]! += shiftMs;
    const units = this.settings.columns.flatMap((use) => (use.as === 'channel' ? [use.unit] : []));
    return {
      recording: {
        times,
        channels: this.figures.map((values, channel) => ({
          quantity: CHANNEL_UNITS[units[channel]!].quantity,
          values: inOrder(values),
        })),
      },
      told,
    };
  }

  private sample(row: readonly string[]): void {
    const text =
      this.timeColumns.length === 1
        ? (row[this.timeColumns[0]!] ?? '')
        : this.timeColumns.map((column) => row[column] ?? '').join(' ');
    const at = this.read(text);
    if (at === null) {
      this.told.skipped += 1;
      this.told.firstSkipped ??= this.line;
      return;
    }
    if (this.count >= MOST_SAMPLES) throw new LoggerTableRefused(messages.theFileHasMoreThan1);
    if (this.count === this.times.length) this.grow();
    const before = this.count === 0 ? -Infinity : this.times[this.count - 1]!;
    if (at <= before) this.isInOrder = false;
    if (at < before) this.told.reordered += 1;
    this.times[this.count] = at;
    for (let channel = 0; channel < this.channels.length; channel += 1)
      this.figures[channel]![this.count] = this.figureIn(row, this.channels[channel]!);
    this.count += 1;
  }

  private figureIn(
    row: readonly string[],
    { column, scale, offset, from, to, current }: (typeof this.channels)[number],
  ): number {
    const cell = row[column] ?? '';
    let value = figureOf(cell, this.settings.decimal) * scale + offset;
    if (Number.isNaN(value)) {
      this.told[isNoFigure(cell) ? 'missing' : 'impossible'] += 1;
      return NaN;
    }
    if (current && value < 0) {
      this.told.negative += 1;
      value = -value;
    }
    if (value >= from && value <= to) return value;
    this.told.impossible += 1;
    return NaN;
  }

  private grow(): void {
    const times = new Float64Array(this.times.length * 2);
    times.set(this.times);
    this.times = times;
    this.figures = this.figures.map((figures) => {
      const larger = new Float32Array(figures.length * 2);
      larger.set(figures);
      return larger;
    });
  }

  /** Which sample comes when; of several at one time the first. */
  private order(): Uint32Array {
    const all = new Uint32Array(this.count);
    for (let i = 0; i < all.length; i += 1) all[i] = i;
    if (this.isInOrder) return all;
    all.sort((a, b) => this.times[a]! - this.times[b]! || a - b);
    const once = all.filter((i, place) => place === 0 || this.times[i] !== this.times[all[place - 1]!]);
    this.told.doubled = all.length - once.length;
    return once;
  }
}
