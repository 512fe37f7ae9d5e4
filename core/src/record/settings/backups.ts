import { z } from 'zod';

/** The copies a server keeps of its record by itself. */
export const backupState = z.object({
  keep: z.int().describe('number of daily backups to keep; 0 for none'),
  folder: z.string().describe('folder with the backups, on the computer that runs the server'),
  last: z
    .object({ at: z.iso.datetime(), bytes: z.int() })
    .nullable()
    .describe('newest backup that was opened again and verified'),
  trouble: z.string().nullable().describe('reason the last backup failed'),
});
export type BackupState = z.infer<typeof backupState>;
