import { z } from 'zod';
import { isPlainText, NOT_PLAIN, counted } from '../../facts/quantities/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** The directory that hangs in the door, as it was read there; the latest holds. */
export const hangingDirectory = panelEntryKind({
  name: messages.postedDirectory,
  fields: z.strictObject({
    text: z
      .string()
      .trim()
      .min(1, messages.typeThePostedDirectory)
      .max(20_000, messages.aDirectoryCanHaveAtMost)
      .refine(isPlainText, NOT_PLAIN)
      .describe('one breaker per line: space, then name'),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ text }) => messages.postedDirectoryOf(counted(text.split('\n').length, 'line', 'lines')),
});
export type HangingDirectory = z.output<typeof hangingDirectory.fields>;
