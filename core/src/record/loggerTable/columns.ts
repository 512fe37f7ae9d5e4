import type { Leg } from '../../panel/layout/index.ts';
import type { ChannelPlace } from '../panelEntries/index.ts';
import type { ChannelQuantity } from '../recordings/index.ts';
import { guessTimeStyle, type TimeStyle } from './times.ts';

/** Units that are read, each with what takes its figures to A, V or °C. */
export const CHANNEL_UNITS = {
  A: { quantity: 'current', scale: 1, offset: 0 },
  mA: { quantity: 'current', scale: 0.001, offset: 0 },
  kA: { quantity: 'current', scale: 1000, offset: 0 },
  V: { quantity: 'voltage', scale: 1, offset: 0 },
  mV: { quantity: 'voltage', scale: 0.001, offset: 0 },
  kV: { quantity: 'voltage', scale: 1000, offset: 0 },
  '°C': { quantity: 'temperature', scale: 1, offset: 0 },
  '°F': { quantity: 'temperature', scale: 5 / 9, offset: -160 / 9 },
} as const satisfies Record<string, { quantity: ChannelQuantity; scale: number; offset: number }>;
export type ChannelUnit = keyof typeof CHANNEL_UNITS;

/** What a column is taken for. */
export type ColumnUse =
  /** Date and clock, or one of them, or a count of time. */
  { as: 'time' } | { as: 'channel'; unit: ChannelUnit; at: ChannelPlace } | { as: 'nothing' };

export interface GuessedColumn {
  name: string;
  use: ColumnUse;
  /** Neither heading nor figures tell the unit: somebody has to say it. */
  unitAsked: boolean;
  /** Some of its cells, to know it by. */
  examples: string[];
}

/** A table as it is understood, to be confirmed. */
export interface GuessedTable {
  /** Lines before the first sample: what a logger says of itself, and the names of its columns. */
  headLines: number;
  decimal: '.' | ',';
  /** `null`: nobody knows which column tells the time. */
  time: TimeStyle | null;
  columns: GuessedColumn[];
}

/** What a column may be clipped to. */
export interface LoggedPlace {
  breakerId: string;
  /** As people write it: 12, 5-7. */
  place: string;
  label: string;
}

/** So many letters of a heading may tell a label. */
const LEAST_WORDS = 5;
/** So many lines may come before the first sample. */
const MOST_HEAD_LINES = 60;
const EXAMPLES = 4;

/**
 * A cell as a figure.
 *
 * @param cell as it stands
 * @param decimal what parts whole from fraction in this table
 * @returns the figure; NaN: it is none
 * @example figureOf('4,25', ',') // 4.25
 */
export const figureOf = (cell: string, decimal: '.' | ','): number => {
  const text = cell.trim();
  if (text === '') return NaN;
  return Number(decimal === ',' ? text.replace(',', '.') : text);
};

/**
 * Whether a cell is what a logger writes where it has no figure.
 *
 * @param cell as it stands
 * @returns whether it is
 * @example isNoFigure('OL') // true
 */
export const isNoFigure = (cell: string): boolean =>
  /^(|-+|nan|null|n\/?a|ol|over|err(or)?|\*+|\?+)$/i.test(cell.trim());

/**
 * What the columns of a logger’s table are, from its first lines.
 *
 * @param rows its first lines as cells
 * @param places what a column may be clipped to, found by its heading
 * @returns what each column seems to be; to be confirmed by whoever knows
 * @example guessTable([['Time', 'I1 (A)'], ['2026-11-27 10:00:00', '4.2'], …], []).columns[1].use
 *   // { as: 'channel', unit: 'A', at: { kind: 'other' } }
 */
export function guessTable(
  rows: readonly (readonly string[])[],
  places: readonly LoggedPlace[],
): GuessedTable {
  const width = widthOf(rows);
  const headLines = firstSample(rows, width);
  const samples = rows.slice(headLines).filter((row) => row.length === width);
  const heading =
    rows.slice(0, headLines).findLast((row) => row.filter((cell) => cell.trim() !== '').length > 1) ?? [];
  // Units may stand in a line of their own below the names.
  const above =
    headLines > 1 ? rows.slice(0, headLines - 1).findLast((row) => row.length === width) : undefined;
  const names = Array.from({ length: width }, (_, i) => {
    const own = (heading[i] ?? '').trim();
    const over = (above?.[i] ?? '').trim();
    return unitIn(own, true) !== null && over !== '' ? `${over} (${own})` : own || over;
  });
  const decimal = decimalOf(samples);
  const column = (i: number) => samples.map((row) => row[i] ?? '');
  const timeColumns = findTime(names, column, width);
  const time =
    timeColumns.length === 0
      ? null
      : guessTimeStyle(
          samples.map((row) => timeColumns.map((i) => row[i] ?? '').join(' ')),
          timeColumns.map((i) => names[i]).join(' '),
        );
  const columns = names.map((name, i): GuessedColumn => {
    const examples = column(i).slice(0, EXAMPLES);
    if (timeColumns.includes(i)) return { name, use: { as: 'time' }, unitAsked: false, examples };
    const figures = column(i).map((cell) => figureOf(cell, decimal));
    const real = figures.filter((figure) => !Number.isNaN(figure));
    const mostlyFigures = column(i).every((cell, j) => isNoFigure(cell) || !Number.isNaN(figures[j]!));
    if (real.length === 0 || !mostlyFigures || isCounter(name, real))
      return { name, use: { as: 'nothing' }, unitAsked: false, examples };
    const told = unitIn(name, false);
    const unit = told ?? unitByFigures(name, real);
    const use: ColumnUse = { as: 'channel', unit: unit ?? 'A', at: placeIn(name, unit ?? 'A', places) };
    return { name, use, unitAsked: unit === null, examples };
  });
  return { headLines, decimal, time, columns };
}

/** How many cells most lines have. */
function widthOf(rows: readonly (readonly string[])[]): number {
  const counts = new Map<number, number>();
  for (const { length } of rows) counts.set(length, (counts.get(length) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0;
}

const looksLikeFigure = (cell: string) => /^[-+]?\d*[.,]?\d+(e[-+]?\d+)?$/i.test(cell.trim());

function firstSample(rows: readonly (readonly string[])[], width: number): number {
  const isSample = (row: readonly string[]) =>
    row.length === width &&
    row.some((cell) => /\d/.test(cell)) &&
    // Names hold letters; a sample is figures, times and missing figures.
    row.filter((cell) => looksLikeFigure(cell) || isNoFigure(cell) || guessTimeStyle([cell]) !== null)
      .length >= Math.max(1, row.length - 1);
  const first = rows.findIndex(
    (row, i) => isSample(row) && (rows[i + 1] === undefined || isSample(rows[i + 1]!)),
  );
  return first < 0 || first > MOST_HEAD_LINES ? 0 : first;
}

function decimalOf(samples: readonly (readonly string[])[]): '.' | ',' {
  const cells = samples.flat();
  const commas = cells.filter((cell) => /^\s*[-+]?\d+,\d+\s*$/.test(cell)).length;
  const points = cells.filter((cell) => /^\s*[-+]?\d+\.\d+\s*$/.test(cell)).length;
  return commas > points ? ',' : '.';
}

/** Which column, or which two, tell the time. */
function findTime(names: readonly string[], column: (i: number) => string[], width: number): number[] {
  const styles = Array.from({ length: width }, (_, i) => guessTimeStyle(column(i), names[i]));
  const dated = styles.findIndex((style) => style?.kind === 'date');
  const clock = styles.findIndex((style) => style?.kind === 'clock');
  if (dated >= 0) {
    const withClock = column(dated).some((cell) => /\d:\d\d/.test(cell));
    return withClock || clock < 0 ? [dated] : [dated, clock];
  }
  if (clock >= 0) return [clock];
  const known = styles.findIndex((style) => style !== null && style.kind !== 'elapsed');
  if (known >= 0) return [known];
  const grows = (i: number) => {
    const figures = column(i).map((cell) => Number(cell.replace(',', '.')));
    return figures.length > 1 && figures.every((figure, j) => j === 0 || figure > figures[j - 1]!);
  };
  const elapsed = styles.findIndex(
    (style, i) => style !== null && grows(i) && /time|sec|elapsed|ms\b|min|hour|\b[st]\b|^$/i.test(names[i]!),
  );
  return elapsed < 0 ? [] : [elapsed];
}

/** A count of samples is no channel. */
const isCounter = (name: string, figures: readonly number[]) =>
  /^(#|(no|nr|index|record|sample|scan|row|n)\b)/i.test(name.trim()) &&
  figures.every((figure, i) => i === 0 || figure === figures[i - 1]! + 1);

/** The unit that stands in a heading: in brackets, at its end, or as a word. */
function unitIn(heading: string, alone: boolean): ChannelUnit | null {
  const text = heading.trim();
  const inside = /[([]\s*([^)\]]+?)\s*[)\]]\s*$/.exec(text)?.[1];
  const word = inside ?? (alone ? text : /(?:^|[\s_/,:-])([a-z°µ]{1,8})\.?$/i.exec(text)?.[1]);
  const exact: Record<string, ChannelUnit> = {
    a: 'A',
    amp: 'A',
    amps: 'A',
    ampere: 'A',
    amperes: 'A',
    arms: 'A',
    ma: 'mA',
    ka: 'kA',
    v: 'V',
    volt: 'V',
    volts: 'V',
    vac: 'V',
    vrms: 'V',
    mv: 'mV',
    kv: 'kV',
    '°c': '°C',
    degc: '°C',
    celsius: '°C',
    '°f': '°F',
    degf: '°F',
    fahrenheit: '°F',
    ...(inside !== undefined || alone ? { c: '°C', f: '°F' } : {}),
  };
  const key = word?.toLowerCase().replace(/\s/g, '');
  return key !== undefined && Object.hasOwn(exact, key) ? exact[key]! : null;
}

/** By what a heading calls it, and by what lies within what such figures are. */
function unitByFigures(name: string, figures: readonly number[]): ChannelUnit | null {
  if (/current|amp|\bi\d?\b|\bct\d?\b|clamp/i.test(name)) return 'A';
  if (/volt|\bu\d?\b|\bv\d?\b/i.test(name)) return 'V';
  const sorted = [...figures].sort((a, b) => a - b);
  const [low, high] = [sorted[Math.floor(sorted.length * 0.1)]!, sorted[Math.floor(sorted.length * 0.9)]!];
  const isLine = (from: number, to: number) => low >= from && high <= to;
  return isLine(100, 135) || isLine(195, 255) ? 'V' : null;
}

function placeIn(name: string, unit: ChannelUnit, places: readonly LoggedPlace[]): ChannelPlace {
  const text = name.toLowerCase();
  const { quantity } = CHANNEL_UNITS[unit];
  const leg = /\b(?:leg|line|phase|l)[\s_-]*([ab12])\b/.exec(text)?.[1];
  if (leg !== undefined && quantity !== 'temperature')
    return { kind: 'leg', leg: (leg === 'a' || leg === '1' ? 'A' : 'B') satisfies Leg };
  const number = /(?:#|\b(?:space|breaker|circuit|ckt|cb)[\s_-]*)(\d{1,2})\b/.exec(text)?.[1];
  const byNumber = places.find(({ place }) => number !== undefined && place.split(/[^\d]/)[0] === number);
  if (byNumber) return at(byNumber);
  // A heading names a label, or begins it: “Steam press (A)” for “Steam press and tea corner”.
  const words = text.replace(/[([].*$/, '').trim();
  const named = places
    .filter(({ label }) => {
      const own = label.trim().toLowerCase();
      return own !== '' && (text.includes(own) || (words.length >= LEAST_WORDS && own.includes(words)));
    })
    .sort((a, b) => b.label.length - a.label.length)[0];
  if (named) return at(named);
  return quantity === 'temperature' && /ambient|air|room/.test(text) ? { kind: 'air' } : { kind: 'other' };
}

const at = ({ breakerId }: LoggedPlace): ChannelPlace => ({ kind: 'breaker', breakerId, pole: null });
