import { z } from 'zod';
import * as messages from './messages.ts';

export const directoryInput = z.strictObject({
  text: z
    .string()
    .max(20_000, messages.aDirectoryCanHaveAtMost)
    .refine((text) => text.trim() !== '', messages.enterAtLeastOneLine)
    .describe('one breaker per line: space, name, rating, then type (gf, af, dual) and poles (2p)'),
});
