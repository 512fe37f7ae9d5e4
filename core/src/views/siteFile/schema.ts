import { z } from 'zod';
import { decision } from '../../diagnosis/decision/index.ts';
import { HALVES, ON_DIRECTIONS, BREAKER_KINDS } from '../../panel/layout/index.ts';
import { isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import {
  checkPanel,
  circuitRow,
  curveRow,
  eventRow,
  id,
  instant,
  note,
  noteRow,
  inspectionRow,
  observationRow,
  panelFields,
  photoRow,
  position,
  readingRow,
  siteInput,
  confirmation,
  troubleCase,
  unitFields,
  who,
} from '../../record/entities/index.ts';
import { panelEntryRow } from '../../record/panelEntries/index.ts';
import * as messages from './messages.ts';

export const SITE_FILE_FORMAT = 'phylaxon-site';
/** Grows when what a file holds changes its shape; older files are brought up (see `upgradeRow`). */
export const SITE_FILE_VERSION = 12;

const removedAt = instant.nullable().default(null).describe('time of removal; the record is kept');
const version = z.int().min(0).default(0);

const panelRow = z
  .strictObject({ id, ...panelFields, createdAt: instant, version, removedAt })
  .superRefine(checkPanel);

const breakerRow = z
  .strictObject({
    id,
    panelId: id,
    role: z.enum(['main', 'branch']),
    space: position.space.nullable(),
    half: z.enum(HALVES).nullable().default(null),
    ...unitFields,
    kind: z.enum(BREAKER_KINDS),
    onDirection: z.enum(ON_DIRECTIONS),
    tiedWith: id.nullable().default(null),
    replaces: id.nullable().default(null),
    why: note.default(''),
    createdAt: instant,
    version,
    removedAt,
  })
  .refine((breaker) => (breaker.role === 'main') === (breaker.space === null), {
    path: ['space'],
    message: messages.aMainHasNoSpaceEvery,
  });

/** What is logged of a breaker. */
export const BREAKER_ENTRIES = [
  'readings',
  'events',
  'observations',
  'inspections',
  'notes',
  'photos',
] as const;
/** Everything that is logged, and may be struck. */
export const STRIKABLE_KINDS = [...BREAKER_ENTRIES, 'panelEntries'] as const;

const strikeRow = z.strictObject({
  id,
  kind: z.enum(STRIKABLE_KINDS),
  entryId: id,
  at: instant,
  why: z.string().max(1000).refine(isPlainText, NOT_PLAIN),
  replacedBy: id.nullable().default(null),
  who,
});

const verdictRow = z.strictObject({
  id,
  breakerId: id,
  at: instant,
  engine: z.string().regex(/^[\w.-]{1,40}$/, 'An engine name can have letters, digits, periods and hyphens.'),
  decision,
});

const caseRow = z.strictObject({
  ...troubleCase.omit({ siteId: true }).shape,
  confirmed: confirmation.nullable().default(null),
  decision: decision.nullable().default(null).describe('for a closed case: as of the day it was closed'),
  version,
  removedAt,
});

/** The lists of a site file: what a row of each is, and how many there may be. */
export const SITE_LISTS = {
  panels: { row: panelRow, most: 200 },
  breakers: { row: breakerRow, most: 20_000 },
  circuits: { row: circuitRow, most: 20_000 },
  curves: { row: curveRow, most: 500 },
  cases: { row: caseRow, most: 20_000 },
  readings: { row: readingRow, most: 1_000_000 },
  events: { row: eventRow, most: 200_000 },
  observations: { row: observationRow, most: 200_000 },
  inspections: { row: inspectionRow, most: 200_000 },
  notes: { row: noteRow, most: 100_000 },
  photos: { row: photoRow, most: 20_000 },
  panelEntries: { row: panelEntryRow, most: 20_000 },
  strikes: { row: strikeRow, most: 1_000_000 },
  verdicts: { row: verdictRow, most: 200_000 },
};
export type SiteList = keyof typeof SITE_LISTS;

/**
 * What is said of a list that is too long.
 *
 * @param most how many it may hold
 * @returns a sentence
 * @example tooMany(200) // 'At most 200 of these in one file.'
 */
export const tooMany = (most: number) => messages.aFileCanHaveAtMost(most);

const rows = <S extends z.ZodType>({ row, most }: { row: S; most: number }) =>
  z.array(row).max(most, tooMany(most)).default([]);

/**
 * A whole site as one file: the drawing and all that is on record. Units: V, A, VA, W, °C, s, m; times are
 * UTC. Pictures lie beside it in a zip, as photos/<sha256>.jpg, what loggers and cameras wrote as attachments/<sha256>.bin.
 */
export const siteFile = z.strictObject({
  format: z.literal(SITE_FILE_FORMAT, 'This is not a site file.'),
  version: z.literal(SITE_FILE_VERSION),
  site: z.strictObject({
    id,
    ...siteInput.shape,
    createdAt: instant,
    demo: z.boolean().default(false),
    version,
  }),
  panels: rows(SITE_LISTS.panels),
  breakers: rows(SITE_LISTS.breakers),
  circuits: rows(SITE_LISTS.circuits),
  curves: rows(SITE_LISTS.curves),
  cases: rows(SITE_LISTS.cases),
  readings: rows(SITE_LISTS.readings),
  events: rows(SITE_LISTS.events),
  observations: rows(SITE_LISTS.observations),
  inspections: rows(SITE_LISTS.inspections),
  notes: rows(SITE_LISTS.notes),
  photos: rows(SITE_LISTS.photos),
  panelEntries: rows(SITE_LISTS.panelEntries),
  strikes: rows(SITE_LISTS.strikes),
  verdicts: rows(SITE_LISTS.verdicts).describe(
    'in the order they were made; the last one of each breaker is in force',
  ),
});
export type SiteFile = z.output<typeof siteFile>;

/** What was found wrong in a file, and where: the way from the top, such as ['readings', 3, 'value']. */
export interface FileProblem {
  path: (string | number)[];
  message: string;
}
