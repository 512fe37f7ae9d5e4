import { z } from 'zod';
import * as messages from './messages.ts';

/**
 * A figure that is typed in the person's unit and must be one the record takes. It stays as it was typed; who
 * sends it converts it.
 *
 * @param stored what the record takes
 * @param toStored from what was typed to what is stored
 */
export const inUnit = (stored: z.ZodType<number>, toStored: (typed: number) => number) =>
  z
    .number(messages.enterANumber)
    .nullable()
    .superRefine((typed, context) => {
      if (typed === null) return;
      for (const { message } of stored.safeParse(toStored(typed)).error?.issues ?? []) {
        context.addIssue({ code: 'custom', message });
      }
    });
