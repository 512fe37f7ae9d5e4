import { z } from 'zod';
import { isPlainText, NOT_PLAIN, counted } from '../../facts/quantities/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';

/** The directory that hangs in the door, as it was read there; the latest holds. */
export const hangingDirectory = panelEntryKind({
  name: 'Directory in the door',
  fields: z.strictObject({
    text: z
      .string()
      .trim()
      .min(1, 'Type what hangs there.')
      .max(20_000, 'A directory may have 20,000 characters at most.')
      .refine(isPlainText, NOT_PLAIN)
      .describe('a breaker a line: its space, then its name'),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ text }) => `What hangs in the door, ${counted(text.split('\n').length, 'line', 'lines')}`,
});
export type HangingDirectory = z.output<typeof hangingDirectory.fields>;
