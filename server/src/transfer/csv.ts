import {
  directoryToCsv,
  FORMULA_START,
  READING_COLUMNS,
  readingToCsv,
  type CsvReading,
} from '@phylaxon/core/views/csv';
import type { Half } from '@phylaxon/core/panel/layout';
import { IsNull, type EntityManager } from 'typeorm';
import Papa from 'papaparse';
import type { Edit } from '../edit/index.ts';
import type { Understood } from '../files/index.ts';
import { conflict } from '../errors/index.ts';
import { breakerOf, circuitsOf, logReadings, panelRow, readingOf, siteRow } from '../record/index.ts';
import { BreakerTable, type ReadingRow } from '../store/index.ts';
import * as messages from './messages.ts';

/** Rows of a table; text that begins like a formula is taken for text. */
const csvRows = (rows: object[], columns: readonly string[], header = false) =>
  `${Papa.unparse(rows, { columns: [...columns], escapeFormulae: FORMULA_START, newline: '\r\n', header })}\r\n`;

/** A table with its head; a spreadsheet takes the first mark for UTF-8. */
const toCsv = (rows: object[], columns: readonly string[]) => `\uFEFF${csvRows(rows, columns, true)}`;

interface Joined extends ReadingRow {
  panel: string;
  space: number | null;
  poles: number;
  half: Half | null;
  circuit: string | null;
  why: string | null;
}

/** So many readings are held at a time. */
const PAGE_ROWS = 2000;

/** All readings of a site as a table, oldest first, piece by piece; struck ones say so. */
export async function* readingsCsv(manager: EntityManager, siteId: string): AsyncGenerator<string> {
  await siteRow(manager, siteId);
  const from = 'FROM reading r JOIN breaker b ON b.id = r.breakerId JOIN panel p ON p.id = b.panelId';
  const order = (await manager.query(
    `SELECT r.rowid AS n ${from}
     WHERE p.siteId = ? ORDER BY r.at, p.name, b.space, b.half, r.point, r.value, r.loggedAt`,
    [siteId],
  )) as { n: number }[];
  yield toCsv([], READING_COLUMNS);
  for (let i = 0; i < order.length; i += PAGE_ROWS) {
    const rows = (await manager.query(
      `SELECT r.*, p.name AS panel, b.space, b.poles, b.half, c.label AS circuit, s.why
       ${from.replace('FROM reading r', 'FROM json_each(?) n CROSS JOIN reading r ON r.rowid = n.value')}
       LEFT JOIN circuit c ON c.breakerId = b.id LEFT JOIN strike s ON s.readingId = r.id ORDER BY n.key`,
      [JSON.stringify(order.slice(i, i + PAGE_ROWS).map(({ n }) => n))],
    )) as Joined[];
    yield csvRows(rows.map(lineOf), READING_COLUMNS);
  }
}

const lineOf = ({ panel, space, poles, half, circuit, why, ...row }: Joined) =>
  readingToCsv(
    readingOf(row, why === null ? null : { at: row.loggedAt, why: why || 'struck', replacedBy: null }),
    { panel, breaker: { space, poles: poles as 1 | 2, half }, circuit: circuit ?? '' },
  );

/** The breakers of a panel, as they sit now. */
export const sittingBreakers = async (manager: EntityManager, panelId: string) => {
  await panelRow(manager, panelId);
  return (await present(manager, panelId)).map(breakerOf);
};

const present = (manager: EntityManager, panelId: string) =>
  manager.find(BreakerTable, {
    where: { panelId, removedAt: IsNull() },
    order: { space: 'ASC', half: 'DESC' },
  });

/** A panel's directory as a table. */
export async function directoryCsv(manager: EntityManager, panelId: string): Promise<string> {
  await panelRow(manager, panelId);
  const breakers = (await present(manager, panelId)).map(breakerOf);
  const circuits = await circuitsOf(
    manager,
    breakers.map(({ id }) => id),
  );
  const rows = breakers.map((breaker) => directoryToCsv(breaker, circuits.get(breaker.id) ?? null));
  return toCsv(rows, Object.keys(rows[0] ?? directoryHead));
}

/** Column names even where there is nothing to list. */
const directoryHead = { place: '', circuit: '', 'rating (A)': '' };

/** What an import of readings would do. */
export interface CsvPlan {
  toLog: CsvReading[];
  /** Lines that are on record already, to the instant and the figure. */
  known: number;
  struck: number;
  from: string | null;
  to: string | null;
}

/** What of a table of readings that was understood is new; the panel may have changed since it was. */
export async function planReadings(
  manager: EntityManager,
  panelId: string,
  { readings, struck }: Understood['readings'],
): Promise<CsvPlan> {
  await panelRow(manager, panelId);
  const sitting = new Set((await present(manager, panelId)).map(({ id }) => id));
  if (readings.some(({ breakerId }) => !sitting.has(breakerId)))
    throw conflict('changed_meanwhile', messages.thePanelChangedWhileTheTable);
  const known = await knownReadings(manager, readings);
  const toLog = readings.filter((_, i) => !known.has(i));
  const times = toLog.map(({ reading }) => reading.at).sort();
  return { toLog, known: known.size, struck, from: times[0] ?? null, to: times.at(-1) ?? null };
}

/** So many lines are looked up at once; between, others get their turn. */
const AT_ONCE = 2000;

/** Which of the lines are on record already. */
async function knownReadings(manager: EntityManager, readings: readonly CsvReading[]): Promise<Set<number>> {
  const known = new Set<number>();
  for (let from = 0; from < readings.length; from += AT_ONCE) {
    const keys = readings.slice(from, from + AT_ONCE).map(({ breakerId, reading }, i) => ({
      i: from + i,
      breakerId,
      point: reading.point,
      at: reading.at,
      value: reading.value,
    }));
    const rows = (await manager.query(
      `SELECT json_extract(k.value, '$.i') AS i FROM json_each(?) k WHERE EXISTS (
         SELECT 1 FROM reading r WHERE r.breakerId = json_extract(k.value, '$.breakerId')
         AND r.point = json_extract(k.value, '$.point') AND r.at = json_extract(k.value, '$.at')
         AND abs(r.value - json_extract(k.value, '$.value')) < 1e-9
         AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.readingId = r.id))`,
      [JSON.stringify(keys)],
    )) as { i: number }[];
    for (const { i } of rows) known.add(i);
    await new Promise(setImmediate);
  }
  return known;
}

/**
 * Log what is new of a table of readings: all of it, or nothing.
 *
 * @param onStored told how far it is, from 0 to 1; it may throw to give up
 */
export async function logPlan(
  edit: Edit,
  plan: CsvPlan,
  onStored: (share: number) => void = () => undefined,
): Promise<void> {
  let stored = 0;
  const onInserted = (count: number) => onStored((stored += count) / plan.toLog.length);
  const byBreaker = new Map<string, CsvReading[]>();
  for (const one of plan.toLog) {
    const list = byBreaker.get(one.breakerId);
    if (list) list.push(one);
    else byBreaker.set(one.breakerId, [one]);
  }
  for (const [breakerId, list] of byBreaker) {
    await logReadings(
      edit,
      breakerId,
      list.map(({ reading }) => reading),
      undefined,
      onInserted,
    );
  }
}
