import { SITE_FILE_FORMAT, SITE_FILE_VERSION, STRIKABLE_KINDS, type FileProblem } from './schema.ts';
import * as messages from './messages.ts';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A row of one of a file’s lists. */
export interface FileRow {
  list: string;
  row: unknown;
}

/**
 * Version 1 knew no sub-panels, ties, notes or pictures; a struck entry carried its own strike, and every
 * circuit was counted by the split rule unless it said otherwise.
 */
function fromVersion1({ list, row }: FileRow): FileRow[] {
  if (!isObject(row)) return [{ list, row }];
  if (list === 'circuits')
    return [{ list, row: { version: 1, ...row, rules: row.rules === 'flat80' ? 'flat80' : 'school' } }];
  if (!(STRIKABLE_KINDS as readonly string[]).includes(list)) return [{ list, row }];
  const { struck, ...rest } = row;
  const strike = { id: row.id, kind: list, entryId: row.id };
  return [
    { list, row: rest },
    ...(isObject(struck) ? [{ list: 'strikes', row: { ...strike, ...struck } }] : []),
  ];
}

/** Version 5 had other words for what goes by the chosen policy, and for a breaker that carried a current. */
function fromVersion5({ list, row }: FileRow): FileRow[] {
  if (!isObject(row)) return [{ list, row }];
  if (list === 'circuits' && row.rules === 'school') return [{ list, row: { ...row, rules: 'policy' } }];
  if (list === 'events' && row.kind === 'held') return [{ list, row: { ...row, kind: 'no-trip' } }];
  return [{ list, row }];
}

/** Version 11 took a neutral that nobody had traced for one that is not shared. */
function fromVersion11({ list, row }: FileRow): FileRow[] {
  if (list !== 'circuits' || !isObject(row) || row.sharesNeutral !== false) return [{ list, row }];
  return [{ list, row: { ...row, sharesNeutral: null } }];
}

/**
 * From each older version to the next, row by row. Version 2 knew no trip curves, no holds, and not how loads run;
 * version 3 knew no cases, version 4 not who logged or struck an entry, version 5 no inspections, version 6 no power, no
 * millivolts, no instrument’s error and no shared neutrals, version 7 no entries of a panel and no current before a trip, version 8 no
 * service sheets and no proposals, version 9 no visits, no maps of a house and no upkeep, version 10 no
 * time zone of a site and no critical loads: all of these may be left out.
 */
const STEPS: Record<number, (row: FileRow) => FileRow[]> = {
  1: fromVersion1,
  5: fromVersion5,
  11: fromVersion11,
};

/**
 * A row of a file as it is written today.
 *
 * @param from the version the file is of (see `versionOf`)
 * @returns the row; and what it held that is a row of its own today
 * @example upgradeRow({ list: 'readings', row }, 4) // [{ list: 'readings', row }]
 */
export function upgradeRow(row: FileRow, from: number): FileRow[] {
  let rows = [row];
  for (let version = from; version < SITE_FILE_VERSION; version++) {
    const step = STEPS[version];
    if (step) rows = rows.flatMap(step);
  }
  return rows;
}

/**
 * The version a file is of; what is no site file at all, or of a version nobody here knows, is told.
 *
 * @param format what the file says it is
 * @param version what it says it is of
 * @returns the version, or why it cannot be read
 * @example versionOf('phylaxon-site', 1) // 1
 */
export function versionOf(format: unknown, version: unknown): number | FileProblem {
  if (format !== SITE_FILE_FORMAT) {
    return { path: ['format'], message: messages.thisIsNotASiteFile(SITE_FILE_FORMAT) };
  }
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return { path: ['version'], message: messages.theVersionMustBeAWhole };
  }
  if (version > SITE_FILE_VERSION) {
    return {
      path: ['version'],
      message: messages.thisFileWasWrittenByA(version),
    };
  }
  return version;
}
