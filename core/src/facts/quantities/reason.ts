import { z } from 'zod';

/** Why an answer is as it is: a fixed code for programs, a sentence for people. */
export const reason = z.object({ code: z.string(), text: z.string() });
export type Reason = z.infer<typeof reason>;
