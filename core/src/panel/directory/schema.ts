import { z } from 'zod';

export const directoryInput = z.strictObject({
  text: z
    .string()
    .max(20_000, 'A directory may have 20 000 characters at most.')
    .refine((text) => text.trim() !== '', 'Give at least one line.')
    .describe('a breaker a line: space, name, rating, then kind (gf, af, dual) and poles (2p)'),
});
