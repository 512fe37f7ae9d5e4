import { z } from 'zod';
import { decision } from '../diagnose/index.ts';
import { HALVES, ON_DIRECTIONS } from '../panel/index.ts';
import { isPlainText, NOT_PLAIN } from '../quantities/index.ts';
import {
  BREAKER_KINDS,
  checkPanel,
  circuitRow,
  curveRow,
  eventRow,
  id,
  instant,
  note,
  noteRow,
  observationRow,
  panelFields,
  photoRow,
  position,
  readingRow,
  siteInput,
  troubleCase,
  unitFields,
} from '../record/index.ts';

export const SITE_FILE_FORMAT = 'phylaxon-site';
/** Grows when what a file holds changes its shape; older files are brought up (see `upgradeSiteFile`). */
export const SITE_FILE_VERSION = 4;

const removedAt = instant.nullable().default(null).describe('when it left; its record stays');
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
    message: 'A main has no space, every other breaker has one.',
  });

export const STRIKABLE_KINDS = ['readings', 'events', 'observations', 'notes', 'photos'] as const;

const strikeRow = z.strictObject({
  id,
  kind: z.enum(STRIKABLE_KINDS),
  entryId: id,
  at: instant,
  why: z.string().max(1000).refine(isPlainText, NOT_PLAIN),
  replacedBy: id.nullable().default(null),
});

const verdictRow = z.strictObject({
  id,
  breakerId: id,
  at: instant,
  engine: z.string().regex(/^[\w.-]{1,40}$/, 'An engine is named by letters, figures, dots and dashes.'),
  decision,
});

const caseRow = z.strictObject({
  ...troubleCase.omit({ siteId: true }).shape,
  decision: decision.nullable().default(null).describe('of a closed case: as it stood'),
  version,
  removedAt,
});

const rows = <S extends z.ZodType>(row: S, most: number) =>
  z.array(row).max(most, `At most ${most} of these in one file.`).default([]);

/**
 * A whole site as one file: the drawing and all that is on record. Units: V, A, VA, W, °C, s, m; times are
 * UTC. Pictures lie beside it in a zip, as photos/<sha256>.jpg.
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
  panels: rows(panelRow, 200),
  breakers: rows(breakerRow, 20_000),
  circuits: rows(circuitRow, 20_000),
  curves: rows(curveRow, 500),
  cases: rows(caseRow, 20_000),
  readings: rows(readingRow, 1_000_000),
  events: rows(eventRow, 200_000),
  observations: rows(observationRow, 200_000),
  notes: rows(noteRow, 100_000),
  photos: rows(photoRow, 20_000),
  strikes: rows(strikeRow, 1_000_000),
  verdicts: rows(verdictRow, 200_000).describe('in the order they were made; the last of a breaker stands'),
});
export type SiteFile = z.output<typeof siteFile>;

/** What was found wrong in a file, and where: the way from the top, such as ['readings', 3, 'value']. */
export interface FileProblem {
  path: (string | number)[];
  message: string;
}
