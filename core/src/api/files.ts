import { z } from 'zod';
import { id } from '../record/entities/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';
import { job } from './inputs.ts';

/** How a site comes in: as a new one, in place of the one that is here, or beside it under ids of its own. */
export const IMPORT_MODES = ['new', 'replace', 'copy'] as const;
export type ImportMode = (typeof IMPORT_MODES)[number];

const fileProgress = z.object({
  step: z.enum(['reading', 'storing']),
  share: z.number().describe('from 0 to 1'),
});
export type FileProgress = z.output<typeof fileProgress>;

const sitePreview = z.object({
  site: z.object({ id, name: z.string() }),
  version: z.int(),
  counts: z.record(z.string(), z.int()),
  here: z.string().nullable().describe('name of the same site, if it is already here'),
  modes: z.array(z.enum(IMPORT_MODES)).describe('ways to import the file'),
});
export type SitePreview = z.output<typeof sitePreview>;

const readingsPreview = z.object({
  toLog: z.int(),
  known: z.int().describe('already on record, skipped'),
  struck: z.int().describe('void in the file, skipped'),
  from: z.string().nullable(),
  to: z.string().nullable(),
});
export type ReadingsPreview = z.output<typeof readingsPreview>;

/** Files that come in. */
export const FILE_ENDPOINTS = {
  'GET /imports/:id': endpoint({
    tag: 'files',
    summary: 'Progress of a file that was uploaded under this name',
    params: byId,
    answer: fileProgress,
  }),
  'POST /imports/preview': endpoint({
    tag: 'files',
    summary: 'Preview the import of a site file; nothing is stored',
    query: z.object({ job }),
    answer: sitePreview,
  }),
  'POST /imports': endpoint({
    tag: 'files',
    summary: 'Import a site file, as a whole or not at all',
    query: z.object({ mode: z.enum(IMPORT_MODES), job }),
    answer: z.object({ siteId: id }),
    status: 201,
  }),
  'POST /panels/:id/readings/preview': endpoint({
    tag: 'files',
    summary: 'Preview the import of a table of readings; nothing is stored',
    params: byId,
    query: z.object({ job }),
    answer: readingsPreview,
  }),
  'POST /panels/:id/readings': endpoint({
    tag: 'files',
    summary: 'Log the new readings in a table, all of them or none',
    params: byId,
    query: z.object({ job }),
    answer: readingsPreview,
    status: 201,
  }),
};
