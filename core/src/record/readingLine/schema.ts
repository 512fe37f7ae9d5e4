import { isTimeZone, NO_TIME_ZONE } from '../../facts/calendar/index.ts';
import { noRepeatedIds, givenId as id } from '../../facts/quantities/index.ts';
import { z } from 'zod';
import { isOutcome, TESTS, type TestId } from '../../facts/vocabulary/index.ts';
import { instant, LOAD_STATES, PACES } from '../entities/index.ts';
import * as messages from './messages.ts';

/** Where something may be measured or may happen, as people write it and as the directory calls it. */
export const linePlace = z.object({
  id,
  place: z.string().min(1, messages.thePlaceMustNotBeEmpty).max(60).describe('12, 5-7, 19 upper, main'),
  label: z.string().max(200),
});
export type LinePlace = z.infer<typeof linePlace>;

export const readingLineInput = z
  .object({
    text: z.string().max(20_000, messages.enterAtMost20000Characters),
    now: instant,
    zone: z.string().max(100).refine(isTimeZone, NO_TIME_ZONE).default('UTC'),
    places: z.array(linePlace).max(1000, messages.enterAtMost1000Places).superRefine(noRepeatedIds),
    here: id.optional().describe('place to use where a line names none'),
    temperature: z.enum(['C', 'F']).default('C').describe('unit for degrees without a letter'),
  })
  .superRefine(({ places, here }, context) => {
    if (here !== undefined && !places.some((place) => place.id === here))
      context.addIssue({ code: 'custom', path: ['here'], message: messages.thisIsNotOneOfThe });
  });
export type ReadingLineInput = z.input<typeof readingLineInput>;

const said = {
  placeId: id,
  at: instant,
  from: z.int().min(0).describe('index of its first character in the text'),
  to: z.int().min(0).describe('index after its last character'),
};
const loadState = z.enum(LOAD_STATES).optional();

const findings = Object.keys(TESTS) as [TestId, ...TestId[]];

/** One thing that a line says. Units: V, A, °C, W, mV, s. */
export const lineEntry = z.union([
  z.object({
    kind: z.literal('reading'),
    quantity: z.literal('voltage'),
    point: z.enum(['load-terminal', 'load-terminal-2', 'leg-a', 'leg-b', 'legs', 'outlet']),
    value: z.number(),
    loadState,
    ...said,
  }),
  z.object({
    kind: z.literal('reading'),
    quantity: z.literal('current'),
    point: z.enum(['conductor', 'plug']),
    value: z.number(),
    loadState,
    ...said,
  }),
  z.object({
    kind: z.literal('reading'),
    quantity: z.literal('temperature'),
    point: z.enum(['face', 'terminal']),
    value: z.number(),
    ambientC: z.number().optional(),
    loadState,
    ...said,
  }),
  z.object({
    kind: z.literal('reading'),
    quantity: z.literal('power'),
    point: z.literal('plug'),
    value: z.number(),
    loadState,
    ...said,
  }),
  z.object({
    kind: z.literal('reading'),
    quantity: z.literal('millivolts'),
    point: z.literal('across'),
    value: z.number(),
    loadState,
    ...said,
  }),
  z.object({
    kind: z.literal('trip'),
    amps: z.number().optional(),
    seconds: z.number().optional(),
    pace: z.enum(PACES).optional(),
    ...said,
  }),
  z.object({ kind: z.literal('no-trip'), amps: z.number(), seconds: z.number(), ...said }),
  z.object({
    kind: z.literal('reset'),
    feel: z.enum(TESTS['reset-feel'].outcomes).optional(),
    result: z.enum(TESTS['reset-result'].outcomes).optional(),
    seconds: z.number().optional().describe('time until it tripped again'),
    tripped: z.literal(true).optional().describe('true if it tripped again and the time is not given'),
    ...said,
  }),
  z.object({ kind: z.literal('handle'), position: z.enum(['on', 'off', 'tripped']), ...said }),
  z
    .object({ kind: z.literal('finding'), test: z.enum(findings), outcome: z.string(), ...said })
    .refine(({ test, outcome }) => isOutcome(test, outcome)),
]);
export type LineEntry = z.infer<typeof lineEntry>;
export type LineReading = Extract<LineEntry, { kind: 'reading' }>;

export const notUnderstood = z.object({
  from: z.int(),
  to: z.int(),
  text: z.string(),
  hint: z.string().describe('suggested replacement that would be understood'),
});
export type NotUnderstood = z.infer<typeof notUnderstood>;

export const readingLineOutput = z.object({
  entries: z.array(lineEntry),
  notUnderstood: z.array(notUnderstood),
});
export type ReadingLineAnswer = z.infer<typeof readingLineOutput>;
