import { z } from 'zod';
import type { Profile } from '../../facts/vocabulary/index.ts';
import { isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';

/** Ids are told apart without regard to case: whatever is sent is taken in small letters. */
export const id = z.uuid('The id must be a UUID.').toLowerCase();

/** An instant in UTC, as ISO 8601 text: 2026-11-03T19:05:00.000Z. */
export const instant = z.iso
  .datetime({ error: 'The time must be a date and time in UTC, such as 2026-11-03T19:05:00Z.' })
  .refine((text) => text >= '1900' && text < '2200', 'The time must lie between 1900 and 2200.')
  .transform((text) => new Date(text).toISOString());

export const note = z
  .string()
  .trim()
  .max(2000, 'A note may have 2000 characters at most.')
  .refine(isPlainText, NOT_PLAIN);

/** Why an entry is struck. */
export const strikeReason = z
  .string()
  .trim()
  .min(1, 'Say why this entry is void.')
  .max(500, 'At most 500 characters.')
  .refine(isPlainText, NOT_PLAIN);

/** The version a change was made from: where another change came first, it is refused, not overwritten. */
export const basedOn = z
  .int({ error: 'Say which version it is a change of: the one it was shown in.' })
  .min(0, 'Versions begin with 0.')
  .describe('the version it was shown in');

/** Who may be at work. */
export const PROFILES = ['homeowner', 'electrician'] as const satisfies Profile[];

/** Who did it; null: not known, or done before that was kept. */
export const who = z.enum(PROFILES).nullable().default(null);

/** An id given by who sends an entry: sent twice, the entry is stored once. */
export const ownId = id.optional();
