import { SITE_FILE_FORMAT, SITE_FILE_VERSION, STRIKABLE_KINDS, type FileProblem } from './schema.ts';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const listOf = (file: Json, key: string): Json[] => {
  const list = file[key];
  return Array.isArray(list) ? list.filter(isObject) : [];
};

/**
 * Version 1 knew no sub-panels, ties, notes or pictures; a struck entry carried its own strike, and every
 * circuit was counted by the split rule unless it said otherwise.
 */
function fromVersion1(file: Json): Json {
  const strikes = STRIKABLE_KINDS.flatMap((kind) =>
    listOf(file, kind).flatMap((entry) =>
      isObject(entry.struck) ? [{ id: entry.id, kind, entryId: entry.id, ...entry.struck }] : [],
    ),
  );
  const withoutStruck = (kind: string) =>
    Array.isArray(file[kind])
      ? (file[kind] as unknown[]).map((entry) => {
          if (!isObject(entry)) return entry;
          const { struck: _struck, ...rest } = entry;
          return rest;
        })
      : file[kind];
  const circuits = Array.isArray(file.circuits)
    ? (file.circuits as unknown[]).map((circuit) =>
        isObject(circuit)
          ? { version: 1, ...circuit, rules: circuit.rules === 'flat80' ? 'flat80' : 'school' }
          : circuit,
      )
    : file.circuits;
  return {
    ...file,
    version: 2,
    circuits,
    readings: withoutStruck('readings'),
    events: withoutStruck('events'),
    observations: withoutStruck('observations'),
    strikes,
  };
}

/** Version 2 knew no trip curves, no holds, and not how loads run: all of them may be left out. */
const fromVersion2 = (file: Json): Json => ({ ...file, version: 3 });

/** Version 3 knew no cases: all that came with them may be left out. */
const fromVersion3 = (file: Json): Json => ({ ...file, version: 4 });

/** From each older version to the next. */
const STEPS: Record<number, (file: Json) => Json> = { 1: fromVersion1, 2: fromVersion2, 3: fromVersion3 };

/**
 * Bring a file up to the version of today. What is no site file at all, or of a version nobody here knows,
 * is told.
 *
 * @param raw the file as JSON
 */
export function upgradeSiteFile(raw: unknown): { file: Json; from: number } | FileProblem {
  if (!isObject(raw) || raw.format !== SITE_FILE_FORMAT) {
    return { path: ['format'], message: `This is not a site file: its format is not “${SITE_FILE_FORMAT}”.` };
  }
  const from = raw.version;
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1) {
    return { path: ['version'], message: 'The version must be a whole number from 1.' };
  }
  if (from > SITE_FILE_VERSION) {
    return {
      path: ['version'],
      message: `This file is of version ${from}; this Phylaxon reads up to ${SITE_FILE_VERSION}. Bring Phylaxon up to date first.`,
    };
  }
  let file: Json = raw;
  for (let version = from; version < SITE_FILE_VERSION; version++) file = STEPS[version]!(file);
  return { file, from };
}
