import { z } from 'zod';
import { isPlainLine, isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { id, instant } from '../entities/index.ts';
import { ROLES } from './roles.ts';
import * as messages from './messages.ts';

/** How long a name may be, and how long a password must and may be, in characters. */
export const MOST_NAME = 60;
export const LEAST_PASSWORD = 12;
export const MOST_PASSWORD = 128;
/** So many days a link may be open. */
export const LINK_DAYS = { least: 1, most: 90 } as const;
/** So many entries of the audit are told at once. */
export const MOST_AUDIT_ENTRIES = 200;

const characters = (text: string) => [...text].length;

/** The name of an account; two that look the same are the same. */
export const accountName = z
  .string(messages.enterAName)
  .overwrite((text) => text.normalize('NFC').trim())
  .refine((text) => text.length > 0, messages.enterAName)
  .refine((text) => characters(text) <= MOST_NAME, messages.aNameHasAtMostCharacters(MOST_NAME))
  .refine((text) => isPlainLine(text) && !/[\t\r\n]/.test(text), NOT_PLAIN);

/** A new password. */
export const newPassword = z
  .string(messages.enterAPassword)
  .refine((text) => characters(text) >= LEAST_PASSWORD, messages.useAtLeastCharacters(LEAST_PASSWORD))
  .refine((text) => characters(text) <= MOST_PASSWORD, messages.useAtMostCharacters(MOST_PASSWORD))
  .refine(isPlainText, NOT_PLAIN);

export const role = z.enum(ROLES, messages.chooseARole);

/** A new account. */
export const accountInput = z.strictObject({ name: accountName, password: newPassword, role });

/** The first account of a record: its owner’s. */
export const firstAccount = z.strictObject({
  code: z.string(messages.enterTheSetupCode).min(1, messages.enterTheSetupCode).max(100),
  name: accountName,
  password: newPassword,
});

/** Somebody who signs in; whatever they type is a pair that fits or does not. */
export const credentials = z.strictObject({
  name: z
    .string(messages.enterAName)
    .overwrite((text) => text.normalize('NFC').trim())
    .refine((text) => text.length > 0, messages.enterAName),
  password: z.string(messages.enterAPassword).min(1, messages.enterAPassword),
});

export const account = z.object({ id, name: z.string(), role });
export type Account = z.output<typeof account>;

/** Who is signed in. Without accounts: nobody, and everything is allowed. */
export const session = z.object({
  name: z.string().nullable().describe('null where accounts are off'),
  role,
});
export type Session = z.output<typeof session>;

/** What a link shows. */
export const LINK_SUBJECTS = ['report', 'hand-over'] as const;
export type LinkSubject = (typeof LINK_SUBJECTS)[number];

export const linkInput = z.strictObject({
  days: z
    .int(messages.enterDays(LINK_DAYS.most))
    .min(LINK_DAYS.least, messages.enterDays(LINK_DAYS.most))
    .max(LINK_DAYS.most, messages.enterDays(LINK_DAYS.most)),
  what: z.enum(LINK_SUBJECTS, messages.chooseWhatTheLinkShows),
  of: id.describe('the site or one of its panels or visits for a report, one of its cases for a hand-over'),
});

export const newLink = z.object({ id, url: z.string(), expiresAt: instant });
export type NewLink = z.output<typeof newLink>;

/** A link that is open; its address is told once, when it is made. */
export const openLink = z.object({
  id,
  what: z.enum(LINK_SUBJECTS),
  of: id,
  createdAt: instant,
  expiresAt: instant,
});
export type OpenLink = z.output<typeof openLink>;

/** What was done, by whom. */
export const auditEntry = z.object({
  id: z.int(),
  at: instant,
  name: z.string().describe('who did it; kept when the account is removed'),
  what: z.string(),
  siteId: id.nullable(),
});
export type AuditEntry = z.output<typeof auditEntry>;

export const auditQuery = z.object({
  site: id.optional(),
  before: z.coerce.number().int().min(1).optional().describe('id of an entry; older ones are told'),
  limit: z.coerce
    .number(messages.enterHowMany(MOST_AUDIT_ENTRIES))
    .int(messages.enterHowMany(MOST_AUDIT_ENTRIES))
    .min(1, messages.enterHowMany(MOST_AUDIT_ENTRIES))
    .max(MOST_AUDIT_ENTRIES, messages.enterHowMany(MOST_AUDIT_ENTRIES))
    .default(50),
});
