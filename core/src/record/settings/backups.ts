import { z } from 'zod';

/** The copies a server keeps of its record by itself. */
export const backupState = z.object({
  keep: z.int().describe('so many daily copies are kept; 0: none are made'),
  folder: z.string().describe('where they lie, on the machine the server runs on'),
  last: z
    .object({ at: z.iso.datetime(), bytes: z.int() })
    .nullable()
    .describe('the newest that was opened again and found whole'),
  trouble: z.string().nullable().describe('why the last attempt failed'),
});
export type BackupState = z.infer<typeof backupState>;
