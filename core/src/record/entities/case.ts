import { z } from 'zod';
import { isPlainText, name, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { CAUSE_IDS, COMPLAINTS, isOutcome, TESTS, type TestId } from '../../facts/vocabulary/index.ts';

import { basedOn, id, instant, note, ownId, PROFILES } from './common.ts';
import { CASE_OUTCOMES, HOW_CONFIRMED, MOST_CONNECTED, PASSES } from './kinds.ts';
import * as messages from './messages.ts';

const test = z.enum(Object.keys(TESTS) as [TestId, ...TestId[]], 'This test is not known.');
const words = z
  .string()
  .trim()
  .max(300, messages.enterAtMost300Characters)
  .refine(isPlainText, NOT_PLAIN)
  .default('')
  .describe('the complaint in the person’s own words');

/** What a test gave, before it is known which breaker it belongs to or together with others. */
export const caseAnswer = z
  .strictObject({
    id: ownId,
    test,
    outcome: z.string(),
    at: instant,
    note: note.default(''),
    simulated: z.boolean().default(false),
  })
  .superRefine((answer, context) => {
    if (Object.hasOwn(TESTS, answer.test) && !isOutcome(answer.test, answer.outcome)) {
      context.addIssue({
        code: 'custom',
        path: ['outcome'],
        message: messages.theOutcomeMustBeOneOf(TESTS[answer.test].outcomes.join(', ')),
      });
    }
  });
export type CaseAnswer = z.input<typeof caseAnswer>;

const MOST_ANSWERS = 12;
/** Answers given together: all are stored, or none. */
export const caseAnswers = z.strictObject({
  answers: z.array(caseAnswer).min(1, messages.enterAnAnswer).max(MOST_ANSWERS),
});

/** Something that was found dead, or found working: it tells which breaker is meant. */
export const deadMark = z.strictObject({ name: name(messages.theName), dead: z.boolean() });
export type DeadMark = z.output<typeof deadMark>;

/** A case as it is opened: on a breaker, in a panel, or with nothing known but the site. */
export const caseInput = z.strictObject({
  id: ownId,
  siteId: id,
  panelId: id.nullable().default(null),
  breakerId: id.nullable().default(null),
  complaint: z.enum(COMPLAINTS),
  words,
  openedBy: z.enum(PROFILES),
  openedAt: instant,
  marks: z.array(deadMark).max(60).default([]),
  answers: z.array(caseAnswer).max(MOST_ANSWERS).default([]).describe('evidence from the complaint itself'),
});
export type CaseInput = z.input<typeof caseInput>;

/** What may be changed in an open case besides its answers. */
export const caseChange = z.strictObject({
  words: words.removeDefault().optional(),
  panelId: id.nullable().optional(),
  breakerId: id.nullable().optional().describe('breaker the case turned out to be about'),
  answers: z
    .array(caseAnswer)
    .max(MOST_ANSWERS)
    .default([])
    .describe('findings saved together with the change, or not at all'),
  marks: z.array(deadMark).max(60).optional(),
  candidates: z
    .array(name(messages.theLoadName))
    .max(MOST_CONNECTED, messages.enterAtMostLoads(MOST_CONNECTED))
    .nullable()
    .optional()
    .describe('loads connected to the circuit; null for its listed loads'),
  version: basedOn.optional(),
});
export type CaseChange = z.input<typeof caseChange>;

/** Questions put aside, or taken up again (`why` null). */
export const casePass = z.strictObject({
  tests: z.array(test).min(1, messages.nameTheQuestion).max(MOST_ANSWERS),
  why: z.enum(PASSES).nullable(),
  at: instant,
});
export type CasePass = z.input<typeof casePass>;

/** What a case turned out to have been, who found it and how. */
export const confirmation = z.strictObject({
  cause: z.enum(CAUSE_IDS, 'This cause is not known.'),
  who: z.enum(PROFILES),
  how: z.enum(HOW_CONFIRMED),
});
export type Confirmation = z.infer<typeof confirmation>;

export const caseClosing = z.strictObject({
  outcome: z.enum(CASE_OUTCOMES),
  confirmed: confirmation.nullable().default(null).describe('confirmed cause; null if not confirmed'),
  note: note.default(''),
  at: instant,
});
export type CaseClosing = z.input<typeof caseClosing>;

/** What a closed case turned out to have been, once that is known; null takes it back. */
export const caseConfirmation = z.strictObject({ confirmed: confirmation.nullable() });
export type CaseConfirmation = z.input<typeof caseConfirmation>;

const keptAnswer = z.object({
  id,
  test,
  outcome: z.string(),
  at: instant,
  note: z.string(),
  simulated: z.boolean(),
  takenBackAt: instant.nullable(),
});
export type KeptAnswer = z.infer<typeof keptAnswer>;

/** A complaint that is followed to its end. Its evidence is in the log of its breaker, once that is known. */
export const troubleCase = z.object({
  id,
  siteId: id,
  panelId: id.nullable(),
  breakerId: id.nullable(),
  complaint: z.enum(COMPLAINTS),
  words: z.string(),
  openedBy: z.enum(PROFILES),
  openedAt: instant,
  marks: z.array(deadMark),
  candidates: z.array(z.string()).nullable(),
  answers: z.array(keptAnswer).describe('answered before the breaker was known'),
  passed: z.array(z.object({ test, why: z.enum(PASSES), at: instant })),
  closedAt: instant.nullable(),
  outcome: z.enum(CASE_OUTCOMES).nullable(),
  confirmed: confirmation.nullable().describe('confirmed cause of a closed case; null if not confirmed'),
  closingNote: z.string(),
  version: z.int().describe('increases with every change'),
});
export type TroubleCase = z.infer<typeof troubleCase>;
