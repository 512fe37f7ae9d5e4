import { z } from 'zod';
import type { Profile } from '../../facts/vocabulary/index.ts';
import { isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** Ids are told apart without regard to case: whatever is sent is taken in small letters. */
export const id = z.uuid(messages.theIdMustBeAUuid).toLowerCase();

/** An instant in UTC, as ISO 8601 text: 2026-11-03T19:05:00.000Z. */
export const instant = z.iso
  .datetime({ error: messages.theTimeMustBeADate })
  .refine((text) => text >= '1900' && text < '2200', messages.theTimeMustBeBetween1900)
  .transform((text) => new Date(text).toISOString());

export const note = z.string().trim().max(2000, messages.aNoteCanHaveAtMost).refine(isPlainText, NOT_PLAIN);

/** Why an entry is struck. */
export const strikeReason = z
  .string()
  .trim()
  .min(1, messages.enterWhyThisEntryIsVoid)
  .max(500, messages.enterAtMost500Characters)
  .refine(isPlainText, NOT_PLAIN);

/** The version a change was made from: where another change came first, it is refused, not overwritten. */
export const basedOn = z
  .int({ error: messages.sendTheVersionThisChangeIs })
  .min(0, messages.versionsStartAt0)
  .describe('version the change is based on');

/** Who may be at work. */
export const PROFILES = ['homeowner', 'electrician'] as const satisfies Profile[];

/** Who did it; null: not known, or done before that was kept. */
export const who = z.enum(PROFILES).nullable().default(null);

/** An id given by who sends an entry: sent twice, the entry is stored once. */
export const ownId = id.optional();
