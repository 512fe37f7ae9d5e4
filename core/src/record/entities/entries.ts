import { z } from 'zod';
import { ambientC, amps, millivolts, surfaceC, volts, watts } from '../../facts/quantities/index.ts';
import {
  errorBy,
  INSTRUMENTS,
  resolutionOf,
  usualError,
  type Instrument,
} from '../../facts/instruments/index.ts';
import { isOutcome, TESTS, type TestId } from '../../facts/vocabulary/index.ts';
import { id, instant, note, ownId, strikeReason } from './common.ts';
import { PACES } from './kinds.ts';
import { kept, origin, rowFields } from './entryFields.ts';
import {
  VOLTAGE_POINTS,
  MILLIVOLT_POINTS,
  POWER_POINTS,
  CURRENT_POINTS,
  TEMPERATURE_POINTS,
  LOAD_STATES,
  QUANTITY_UNITS,
  type Quantity,
  type QuantityUnit,
} from './measuringPoints.ts';
import { CAUSE_STATES, checkEvent, currentHistory, eventKinds } from './events.ts';
import * as messages from './messages.ts';

const taken = {
  id: ownId,
  at: instant,
  ...origin,
  loadState: z.enum(LOAD_STATES).default('unknown'),
  instrument: z.enum(INSTRUMENTS).default('unknown'),
  error: z
    .number(messages.theErrorMustBeANumber)
    .min(0, messages.theErrorCannotBeNegative)
    .max(100_000, messages.theErrorMustBeFrom0)
    .nullable()
    .default(null)
    .describe('possible error of the instrument, in the unit of the value; null if not known'),
  note: note.default(''),
};

const readingKinds = [
  z.strictObject({ quantity: z.literal('voltage'), point: z.enum(VOLTAGE_POINTS), value: volts, ...taken }),
  z.strictObject({ quantity: z.literal('current'), point: z.enum(CURRENT_POINTS), value: amps, ...taken }),
  z.strictObject({
    quantity: z.literal('temperature'),
    point: z.enum(TEMPERATURE_POINTS),
    value: surfaceC,
    ambientC,
    ...taken,
  }),
  z.strictObject({ quantity: z.literal('power'), point: z.enum(POWER_POINTS), value: watts, ...taken }),
  z.strictObject({
    quantity: z.literal('millivolts'),
    point: z.enum(MILLIVOLT_POINTS),
    value: millivolts,
    ...taken,
  }),
] as const;

/** One figure, with where and how it was taken. Units: V, A, °C, W, mV. */
export const readingInput = z.discriminatedUnion('quantity', readingKinds);

export type ReadingInput = z.input<typeof readingInput>;

/** How truly an instrument of somebody’s own reads. */
interface OwnAccuracy {
  kind: Instrument;
  percent: number;
  digits: number;
  least: number;
}

/**
 * A reading with how far off its instrument may read: as it was said; else as somebody’s own does, where it is the only one of
 * its kind; else as is usual for the kind.
 *
 * @param input a reading as it is to be logged
 * @param own instruments of people’s own
 * @returns the same with its error, in the unit of its value
 * @example withError({ quantity: 'voltage', value: 120, instrument: 'contact-meter', error: null }).error // 1.5
 */
export function withError<
  R extends Pick<Reading, 'quantity' | 'value'> & { instrument?: Instrument; error?: number | null },
>(input: R, own: readonly OwnAccuracy[] = []): R & { error: number | null } {
  const { quantity, value, instrument = 'unknown' } = input;
  const usual = usualError(instrument, quantity, value);
  const [only, ...others] = own.filter(({ kind }) => kind === instrument);
  if ((input.error ?? null) !== null || usual === null || !only || others.length > 0)
    return { ...input, error: input.error ?? usual };
  return { ...input, error: errorBy(value, { ...only, resolution: resolutionOf(instrument, quantity) }) };
}

const observationFields = {
  test: z.enum(Object.keys(TESTS) as [TestId, ...TestId[]], 'This test is not known.'),
  outcome: z.string(),
  id: ownId,
  at: instant,
  ...origin,
  note: note.default(''),
};

function checkOutcome(o: { test: TestId; outcome: string }, context: z.RefinementCtx) {
  if (Object.hasOwn(TESTS, o.test) && !isOutcome(o.test, o.outcome)) {
    context.addIssue({
      code: 'custom',
      path: ['outcome'],
      message: messages.theOutcomeMustBeOneOf(TESTS[o.test].outcomes.join(', ')),
    });
  }
}

/** Something seen, heard, felt or tested, in the words of the diagnosis vocabulary. */
export const observationInput = z.strictObject(observationFields).superRefine(checkOutcome);

export type ObservationInput = z.input<typeof observationInput>;

/** Something to remember, in a person’s own words. */
export const noteInput = z.strictObject({
  note: note.min(1, messages.writeSomethingFirst),
  id: ownId,
  at: instant,
});

export type NoteInput = z.input<typeof noteInput>;

/** What goes with a picture. The picture itself is sent beside it. */
export const photoInput = z.strictObject({ id: ownId, at: instant, note: note.default('') });

export type PhotoInput = z.input<typeof photoInput>;

/** Why a row no longer counts. The row itself stays as it was. */
export const strikeInput = z.strictObject({
  why: strikeReason,
});

export type StrikeInput = z.input<typeof strikeInput>;

const found = { ...kept, caseId: id.nullable(), simulated: z.boolean() };

export const reading = z.object({
  ...found,
  quantity: z.enum(Object.keys(QUANTITY_UNITS) as [Quantity, ...Quantity[]]),
  point: z.enum([...VOLTAGE_POINTS, ...CURRENT_POINTS, ...TEMPERATURE_POINTS, ...MILLIVOLT_POINTS]),
  value: z.number(),
  unit: z.enum(Object.values(QUANTITY_UNITS) as [QuantityUnit, ...QuantityUnit[]]),
  ambientC: z.number().nullable(),
  loadState: z.enum(LOAD_STATES),
  instrument: z.enum(INSTRUMENTS),
  error: z.number().nullable(),
});

export type Reading = z.infer<typeof reading>;

export const event = z.object({
  ...found,
  kind: z
    .enum(['trip', 'reset', 'handle', 'no-trip'])
    .describe('no-trip: it carried a current for this time and did not trip'),
  position: z.enum(['on', 'off', 'tripped']).nullable(),
  feel: z.enum(TESTS['reset-feel'].outcomes).nullable(),
  result: z.enum(['holds', 'tripped']).nullable(),
  power: z.enum(TESTS['power-after-reset'].outcomes).nullable(),
  pace: z.enum(PACES).nullable(),
  afterSeconds: z.number().nullable(),
  amps: z.number().nullable(),
  preloadAmps: z.number().nullable(),
  ambientC: z.number().nullable(),
  unplugged: z.boolean(),
  connected: z.array(z.string()).nullable(),
  history: currentHistory.nullable(),
  cause: z.enum(CAUSE_STATES),
});

export type BreakerEvent = z.infer<typeof event>;

export const observation = z.object({
  ...found,
  test: z.enum(Object.keys(TESTS) as [TestId, ...TestId[]]),
  outcome: z.string(),
});

export type Observation = z.infer<typeof observation>;

export const writtenNote = z.object(kept);

export type WrittenNote = z.infer<typeof writtenNote>;

/** A picture, kept in a file named for its SHA-256. */
export const photo = z.object({
  ...kept,
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  bytes: z.int(),
  width: z.int(),
  height: z.int(),
});

export type Photo = z.infer<typeof photo>;

/** Entries as a file carries them. */
export const readingRow = z.discriminatedUnion('quantity', [
  readingKinds[0].extend(rowFields),
  readingKinds[1].extend(rowFields),
  readingKinds[2].extend(rowFields),
  readingKinds[3].extend(rowFields),
  readingKinds[4].extend(rowFields),
]);

export const eventRow = z
  .discriminatedUnion('kind', [
    eventKinds[0].extend(rowFields),
    eventKinds[1].extend(rowFields),
    eventKinds[2].extend(rowFields),
    eventKinds[3].extend(rowFields),
  ])
  .superRefine(checkEvent);

export const observationRow = z
  .strictObject({ ...observationFields, ...rowFields })
  .superRefine(checkOutcome);

export const noteRow = noteInput.extend(rowFields);

export const photoRow = photoInput.extend({
  ...rowFields,
  sha256: z.string().regex(/^[0-9a-f]{64}$/, 'A photo is identified by its SHA-256.'),
  bytes: z.int().min(1),
  width: z.int().min(1).max(20_000),
  height: z.int().min(1).max(20_000),
});

/** An event of which nothing is said but its kind and time. */
export const NOT_REPORTED = {
  position: null,
  feel: null,
  result: null,
  power: null,
  pace: null,
  afterSeconds: null,
  amps: null,
  preloadAmps: null,
  ambientC: null,
  unplugged: false,
  connected: null,
  history: null,
  cause: 'unknown',
} as const satisfies Partial<BreakerEvent>;

/** What of a breaker’s log bears on decisions. */
export interface Entries {
  readings: Reading[];
  events: BreakerEvent[];
  observations: Observation[];
}
