import { curvePoints, type CurvePoint } from '../../physics/trip/index.ts';
import type { LoggedStretch } from '../../physics/profile/index.ts';
import { cellNumber, plainCell } from './cells.ts';
import * as messages from './messages.ts';

/** What a table gave, or what is wrong with it, line by line. */
export type FromTable<T> = { ok: T } | { problems: string[] };

const MOST_PROBLEMS = 20;
const NEVER = ['', 'never', '-', '∞', 'inf'];

const isHeader = (row: readonly string[]) => row.every((cell) => Number.isNaN(cellNumber(cell)));

/**
 * A printed trip curve from a table of multiple, fastest and slowest, in s; an empty cell or “never” where it
 * never opens. A first line of names is skipped.
 *
 * @param rows the table's lines, each a list of cells
 * @returns the points, or what cannot be read, by line
 * @example curveFromTable([['multiple', 'fastest', 'slowest'], ['2', '12', '108'], ['3', '5', '40']])
 */
export function curveFromTable(rows: readonly (readonly string[])[]): FromTable<CurvePoint[]> {
  const lines = rows
    .map((row, i) => ({ row, line: i + 1 }))
    .filter(({ row, line }) => row.some((cell) => plainCell(cell) !== '') && !(line === 1 && isHeader(row)));
  const time = (cell: string | undefined) => (NEVER.includes(plainCell(cell)) ? null : cellNumber(cell));
  const points = lines.map(({ row }) => ({
    multiple: cellNumber(row[0]),
    fastestSeconds: time(row[1]),
    slowestSeconds: time(row[2]),
  }));
  const parsed = curvePoints.safeParse(points);
  if (parsed.success) return { ok: parsed.data };
  const problems = parsed.error.issues.map(({ path, message }) => {
    const line = typeof path[0] === 'number' ? lines[path[0]]?.line : undefined;
    return line === undefined ? message : messages.line(line, message);
  });
  return { problems: problems.slice(0, MOST_PROBLEMS) };
}

/** What a time in a table may be: seconds, or an instant. */
const instantOf = (cell: string | undefined) => {
  const seconds = cellNumber(cell);
  return Number.isNaN(seconds) ? Date.parse((cell ?? '').trim()) / 1000 : seconds;
};

/** No logger measures more than this, A. */
const MOST_AMPS = 10_000;

/**
 * A logged current from a table of time (seconds, or date and time) and amperes; each line holds until the next.
 * A first line of names is skipped.
 *
 * @param rows the table's lines, each a list of cells
 * @returns stretches of steady current; equal ones that follow each other are one
 * @example currentFromTable([['0', '4.2'], ['60', '12.5'], ['300', '0']])
 *   // { ok: [{ amps: 4.2, seconds: 60 }, { amps: 12.5, seconds: 240 }] }
 */
export function currentFromTable(rows: readonly (readonly string[])[]): FromTable<LoggedStretch[]> {
  const problems: string[] = [];
  const stretches: LoggedStretch[] = [];
  let last: { at: number; amps: number } | null = null;
  rows.forEach((row, i) => {
    if (problems.length >= MOST_PROBLEMS) return;
    if (row.every((cell) => plainCell(cell) === '') || (i === 0 && Number.isNaN(cellNumber(row[1])))) return;
    const at = instantOf(row[0]);
    const amps = cellNumber(row[1]);
    const no = (message: string) => problems.push(messages.line(i + 1, message));
    if (Number.isNaN(at)) return no(messages.beginWithATimeSecondsOr);
    if (Number.isNaN(amps)) return no(messages.giveTheCurrentInAIn);
    if (amps < 0 || amps > MOST_AMPS) return no(messages.theCurrentMustBeFrom0);
    if (last !== null && at <= last.at) return no(messages.thisTimeDoesNotComeAfter);
    if (last !== null) add(stretches, last.amps, at - last.at);
    last = { at, amps };
  });
  if (problems.length > 0) return { problems };
  return stretches.length > 0 ? { ok: stretches } : { problems: [messages.giveTwoLinesAtLeastTime] };
}

function add(stretches: LoggedStretch[], amps: number, seconds: number) {
  const before = stretches.at(-1);
  if (before?.amps === amps) before.seconds += seconds;
  else stretches.push({ amps, seconds });
}
