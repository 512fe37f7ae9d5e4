import { readFile } from 'node:fs/promises';
import {
  missingColumns,
  readingsFromCsv,
  type CsvProblem,
  type CsvReading,
  type CsvRow,
} from '@phylaxon/core/views/csv';
import type { Breaker } from '@phylaxon/core/record/entities';
import Papa from 'papaparse';
import { LIMITS } from './limits.ts';
import { FileRefused } from './refusal.ts';
import * as messages from './messages.ts';

/** More columns than any table of readings has; what a spreadsheet adds is left out. */
const MOST_COLUMNS = 200;

function refusal(problems: CsvProblem[]): FileRefused {
  const issues = problems.slice(0, LIMITS.problems).map(({ line, column, message }) => ({
    path: `${line}.${column}`,
    message: messages.lineWithPath(line, column, message),
  }));
  return new FileRefused(issues[0]!.message, issues);
}

const wholeLine = (line: number, message: string) => refusal([{ line, column: 'line', message }]);

/** Told before the table is taken apart: some readers take ages over a line without an end. */
function refuseLongLines(text: string): void {
  let line = 1;
  for (let at = 0; at < text.length; line++) {
    const next = text.indexOf('\n', at);
    const end = next < 0 ? text.length : next;
    if (end - at > LIMITS.lineLength) throw wholeLine(line, messages.itIsLongerThanPhylaxonEver);
    if (line > LIMITS.tableLines + 1) throw wholeLine(line, messages.aFileCanHaveAtMost(LIMITS.tableLines));
    at = end + 1;
  }
}

/** What the reader of tables complains of, in our words. */
const BROKEN: Record<string, string> = {
  MissingQuotes: messages.aQuotationMarkIsNotClosed,
  InvalidQuotes: messages.aQuotationMarkIsInThe,
  TooFewFields: messages.itHasFewerCellsThanThe,
  TooManyFields: messages.itHasMoreCellsThanThe,
};

/**
 * Understand a table of readings for a panel.
 *
 * @param breakers the panel's, as they sit now
 * @throws FileRefused that says which line and which column is wrong; then nothing of the table can be taken
 */
export async function understandReadings(
  path: string,
  breakers: Breaker[],
): Promise<{ readings: CsvReading[]; struck: number }> {
  const text = (await readFile(path, 'utf8')).replace(/^\uFEFF/, '');
  refuseLongLines(text);
  const head = text.slice(0, text.search(/[\r\n]|$/));
  if (head.split(/[,;\t]/, MOST_COLUMNS + 1).length > MOST_COLUMNS)
    throw wholeLine(1, messages.aTableCanHaveAtMost(MOST_COLUMNS));
  const { data, meta, errors } = Papa.parse<CsvRow>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim(),
  });
  const missing = missingColumns(meta.fields ?? []);
  if (missing.length > 0) {
    const names = missing.map((name) => `“${name}”`).join(', ');
    const message = messages.theFirstLineMustNameThe(names, missing.length === 1 ? 'is' : 'are');
    throw refusal([{ line: 1, column: missing[0]!, message }]);
  }
  const broken = errors.find(({ type }) => type === 'Quotes' || type === 'FieldMismatch');
  if (broken) throw wholeLine((broken.row ?? 0) + 2, BROKEN[broken.code] ?? messages.itDoesNotMatchTheOther);
  if (data.length === 0) throw wholeLine(2, messages.thereAreNoReadingsInThe);
  const { readings, struck, problems } = readingsFromCsv(data, breakers);
  if (problems.length > 0) throw refusal(problems);
  return { readings, struck };
}
