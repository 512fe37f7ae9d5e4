import {
  directoryToCsv,
  missingColumns,
  READING_COLUMNS,
  readingsFromCsv,
  readingToCsv,
  type CsvProblem,
  type CsvReading,
  type CsvRow,
} from '@phylaxon/core/csv';
import type { Half } from '@phylaxon/core/panel';
import { IsNull, type EntityManager } from 'typeorm';
import Papa from 'papaparse';
import type { Edit } from '../edit/index.ts';
import { ApiError } from '../http/index.ts';
import { breakerOf, circuitsOf, logReadings, panelRow, readingOf, siteRow } from '../record/index.ts';
import { BreakerTable, type ReadingRow } from '../store/index.ts';

const MOST_LINES = 100_000;
const MOST_PROBLEMS = 50;

/** A spreadsheet takes the first mark for UTF-8, and text that begins like a formula for text. */
const toCsv = (rows: object[], columns: readonly string[]) =>
  `\uFEFF${Papa.unparse(rows, { columns: [...columns], escapeFormulae: true, newline: '\r\n' })}\r\n`;

interface Joined extends ReadingRow {
  panel: string;
  space: number | null;
  poles: number;
  half: Half | null;
  circuit: string | null;
  why: string | null;
}

/** All readings of a site as a table, oldest first; struck ones say so. */
export async function readingsCsv(manager: EntityManager, siteId: string): Promise<string> {
  await siteRow(manager, siteId);
  const rows = (await manager.query(
    `SELECT r.*, p.name AS panel, b.space, b.poles, b.half, c.label AS circuit, s.why
     FROM reading r JOIN breaker b ON b.id = r.breakerId JOIN panel p ON p.id = b.panelId
     LEFT JOIN circuit c ON c.breakerId = b.id LEFT JOIN strike s ON s.readingId = r.id
     WHERE p.siteId = ? ORDER BY r.at, p.name, b.space, b.half, r.point, r.value, r.loggedAt`,
    [siteId],
  )) as Joined[];
  const lines = rows.map(({ panel, space, poles, half, circuit, why, ...row }) =>
    readingToCsv(
      readingOf(row, why === null ? null : { at: row.loggedAt, why: why || 'struck', replacedBy: null }),
      {
        panel,
        breaker: { space, poles: poles as 1 | 2, half },
        circuit: circuit ?? '',
      },
    ),
  );
  return toCsv(lines, READING_COLUMNS);
}

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

function refusal(problems: CsvProblem[]): ApiError {
  const issues = problems.slice(0, MOST_PROBLEMS).map(({ line, column, message }) => ({
    path: `${line}.${column}`,
    message: `Line ${line}, ${column}: ${message}`,
  }));
  return new ApiError(400, 'invalid_input', issues[0]!.message, issues);
}

/**
 * Understand a table of readings for a panel, and what of it is new.
 *
 * @throws ApiError that says which line and which column is wrong; then nothing of the table can be taken
 */
export async function planReadings(
  manager: EntityManager,
  panelId: string,
  upload: Buffer,
): Promise<CsvPlan> {
  await panelRow(manager, panelId);
  const { data, meta, errors } = Papa.parse<CsvRow>(upload.toString('utf8').replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim(),
  });
  const missing = missingColumns(meta.fields ?? []);
  if (missing.length > 0) {
    const message = `The first line must name the columns; ${missing.map((name) => `“${name}”`).join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing.`;
    throw refusal([{ line: 1, column: missing[0]!, message }]);
  }
  const broken = errors.find(({ type }) => type === 'Quotes' || type === 'FieldMismatch');
  if (broken) {
    throw refusal([
      {
        line: (broken.row ?? 0) + 2,
        column: 'the line',
        message: `It is not like the others: ${broken.message}.`,
      },
    ]);
  }
  if (data.length === 0)
    throw refusal([{ line: 2, column: 'the line', message: 'There are no readings in it.' }]);
  if (data.length > MOST_LINES) {
    throw refusal([
      { line: MOST_LINES + 2, column: 'the line', message: `At most ${MOST_LINES} lines in one file.` },
    ]);
  }
  const { readings, struck, problems } = readingsFromCsv(
    data,
    (await present(manager, panelId)).map(breakerOf),
  );
  if (problems.length > 0) throw refusal(problems);
  const known = await knownReadings(manager, readings);
  const toLog = readings.filter((_, i) => !known.has(i));
  const times = toLog.map(({ reading }) => reading.at).sort();
  return { toLog, known: known.size, struck, from: times[0] ?? null, to: times.at(-1) ?? null };
}

/** Which of the lines are on record already. */
async function knownReadings(manager: EntityManager, readings: readonly CsvReading[]): Promise<Set<number>> {
  const keys = readings.map(({ breakerId, reading }, i) => ({
    i,
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
  return new Set(rows.map(({ i }) => i));
}

/** Log what is new of a table of readings: all of it, or nothing. */
export async function logPlan(edit: Edit, plan: CsvPlan): Promise<void> {
  const byBreaker = new Map<string, CsvReading[]>();
  for (const one of plan.toLog) byBreaker.set(one.breakerId, [...(byBreaker.get(one.breakerId) ?? []), one]);
  for (const [breakerId, list] of byBreaker) {
    await logReadings(
      edit,
      breakerId,
      list.map(({ reading }) => reading),
    );
  }
}
