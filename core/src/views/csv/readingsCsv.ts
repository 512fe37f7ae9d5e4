import { sayPlace, type Half } from '../../panel/layout/index.ts';
import {
  LOAD_STATES,
  readingInput,
  QUANTITY_UNITS,
  type Breaker,
  type Quantity,
  type QuantityUnit,
  type Reading,
} from '../../record/entities/index.ts';
import { INSTRUMENTS } from '../../facts/instruments/index.ts';
import type { z } from 'zod';
import { cellNumber, plainCell, withoutGuard } from './cells.ts';
import * as messages from './messages.ts';

/** The columns of a table of readings, in order. Units stand in each line, the time’s zone in its name. */
export const READING_COLUMNS = [
  messages.timeUtc,
  'panel',
  'place',
  'circuit',
  messages.measuredAt,
  'value',
  'unit',
  messages.error,
  messages.airC,
  'load',
  'instrument',
  'note',
  'struck',
] as const;
type Column = (typeof READING_COLUMNS)[number];
const NEEDED: readonly Column[] = [messages.timeUtc, 'place', messages.measuredAt, 'value', 'unit'];

export type CsvRow = Record<string, string>;

/**
 * A reading as a line of the table.
 *
 * @param reading as it was logged
 * @param where panel, breaker and circuit it belongs to
 * @returns a value for each column
 * @example readingToCsv(reading, where).unit // 'V'
 */
export function readingToCsv(
  reading: Reading,
  where: { panel: string; breaker: Pick<Breaker, 'space' | 'poles' | 'half'>; circuit: string },
): Record<Column, string | number> {
  return {
    'time (UTC)': reading.at,
    panel: where.panel,
    place: sayPlace(where.breaker),
    circuit: where.circuit,
    'measured at': reading.point,
    value: reading.value,
    unit: reading.unit,
    'error (±)': reading.error ?? '',
    'air (°C)': reading.ambientC ?? '',
    load: reading.loadState,
    instrument: reading.instrument,
    note: reading.note,
    struck: reading.struck?.why ?? '',
  };
}

/** Something wrong with one cell: the line as a person counts, the header being line 1. */
export interface CsvProblem {
  line: number;
  column: string;
  message: string;
}

/** A line as it is to be logged. */
export interface CsvReading {
  line: number;
  breakerId: string;
  reading: z.output<typeof readingInput>;
}

type Seated = Pick<Breaker, 'id' | 'space' | 'poles' | 'half'>;

/** Every way people write where a breaker sits. */
function placeNames({ space, poles, half }: Seated): string[] {
  if (space === null) return ['main'];
  const halves: Record<Half, string> = { upper: 'u', lower: 'l', inner: 'i', outer: 'o' };
  const spaces = poles === 2 ? [`${space}-${space + 2}`, `${space}`] : [`${space}`];
  return half === null ? spaces : spaces.flatMap((one) => [`${one} ${half}`, `${one}${halves[half]}`]);
}

const QUANTITY = Object.fromEntries(
  Object.entries(QUANTITY_UNITS).map(([quantity, unit]) => [unit, quantity]),
) as Record<QuantityUnit, Quantity>;

function unitOf(text: string): { unit: QuantityUnit; toRecord: (value: number) => number } | null {
  switch (plainCell(text).replace('°', '')) {
    case 'v':
      return { unit: 'V', toRecord: (value) => value };
    case 'a':
      return { unit: 'A', toRecord: (value) => value };
    case 'w':
      return { unit: 'W', toRecord: (value) => value };
    case 'mv':
      return { unit: 'mV', toRecord: (value) => value };
    case 'c':
      return { unit: '°C', toRecord: (value) => value };
    case 'f':
      return { unit: '°C', toRecord: (value) => ((value - 32) * 5) / 9 };
    default:
      return null;
  }
}

/** An error goes by the unit of its reading: so many °F are fewer °C. */
const errorIn = (text: string, unit: string) =>
  plainCell(unit).replace('°', '') === 'f' ? (cellNumber(text) * 5) / 9 : cellNumber(text);

/** The column a field of a reading came from. */
const COLUMN_OF: Record<string, Column> = {
  at: messages.timeUtc,
  point: 'measured at',
  value: 'value',
  ambientC: messages.airC,
  error: messages.error,
  loadState: 'load',
  instrument: 'instrument',
  note: 'note',
};

/**
 * Which of the needed columns a table lacks.
 *
 * @param headers the names in the first line
 * @returns names
 * @example missingColumns(['value']) // the others that are needed
 */
export const missingColumns = (headers: readonly string[]): string[] =>
  NEEDED.filter((column) => !headers.some((header) => plainCell(header) === plainCell(column)));

/**
 * Read a table of readings for the breakers of one panel. A line that is struck is left out: it no longer counts.
 *
 * @param rows the lines by their headers, without the header line
 * @param breakers those in the panel now
 * @returns what is to be logged, and every cell that cannot be taken
 * @example readingsFromCsv([], []) // { readings: [], struck: 0, problems: [] }
 */
export function readingsFromCsv(
  rows: readonly CsvRow[],
  breakers: readonly Seated[],
): { readings: CsvReading[]; struck: number; problems: CsvProblem[] } {
  const byPlace = new Map(
    breakers.flatMap((breaker) => placeNames(breaker).map((name) => [name, breaker.id])),
  );
  const readings: CsvReading[] = [];
  const problems: CsvProblem[] = [];
  let struck = 0;
  rows.forEach((raw, i) => {
    const line = i + 2;
    const cells = new Map(Object.entries(raw).map(([name, text]) => [plainCell(name), text ?? '']));
    const cell = (column: Column) => cells.get(plainCell(column)) ?? '';
    const no = (column: string, message: string) => problems.push({ line, column, message });
    if (cell('struck').trim() !== '') {
      struck++;
      return;
    }
    const breakerId = byPlace.get(plainCell(cell('place')));
    if (!breakerId) no('place', messages.thereIsNoBreakerAtIn(cell('place')));
    const unit = unitOf(cell('unit'));
    if (!unit) return void no('unit', messages.theUnitMustBeVA(cell('unit')));
    const parsed = readingInput.safeParse({
      quantity: QUANTITY[unit.unit],
      point: plainCell(cell(messages.measuredAt)).replaceAll(' ', '-'),
      value: unit.toRecord(cellNumber(cell('value'))),
      at: cell(messages.timeUtc)
        .trim()
        .replace(/^(\d{4}-\d\d-\d\d) /, '$1T'),
      ...(unit.unit === '°C' && { ambientC: cellNumber(cell(messages.airC)) }),
      ...(cell(messages.error).trim() !== '' && { error: errorIn(cell(messages.error), cell('unit')) }),
      loadState: pick(LOAD_STATES, cell('load')),
      instrument: pick(INSTRUMENTS, cell('instrument')),
      note: withoutGuard(cell('note')),
    });
    if (parsed.success && breakerId) readings.push({ line, breakerId, reading: parsed.data });
    for (const issue of parsed.error?.issues ?? []) {
      const column = COLUMN_OF[String(issue.path[0])] ?? 'unit';
      no(column, issue.message);
    }
  });
  return { readings, struck, problems };
}

/** Empty is not known; what is not on the list is left as it is, to be refused. */
const pick = (list: readonly string[], text: string) => {
  const wanted = plainCell(text).replaceAll(' ', '-');
  return wanted === '' ? 'unknown' : (list.find((one) => one === wanted) ?? text);
};
