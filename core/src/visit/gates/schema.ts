import { z } from 'zod';
import { oneOf, volts, givenId as id, noIdInTwo } from '../../facts/quantities/index.ts';
import { FACTS, MAIN, type FactName } from './factNames.ts';
import * as messages from './messages.ts';

const pole = oneOf([1, 2], messages.thePoleMustBe1Or);
const MEASURED_TO = ['neutral', 'ground', 'other-pole'] as const;
const to = z.enum(MEASURED_TO, 'Measure to neutral, to ground or to the other pole.');

const bare = <N extends FactName>(is: N) => z.object({ is: z.literal(is) });

/** Everything that may be told at a gate, one shape each. */
export const gateFacts = [
  bare('dressed'),
  z.object({
    is: z.literal('tester-proved'),
    volts: volts.describe('measured on a known live source elsewhere, V'),
  }),
  bare('handles-off'),
  bare('main-off'),
  bare('locked'),
  z.object({ is: z.literal('source-isolated'), id }),
  bare('cover-off'),
  z.object({ is: z.literal('measured'), id, pole, to, volts }),
  z.object({ is: z.literal('swapped'), id }),
  bare('cover-on'),
  bare('unlocked'),
  bare('main-on'),
  z.object({ is: z.literal('handle-on'), id }),
  z.object({ is: z.literal('verified'), id, volts }),
  bare('abandoned'),
] as const;
const fact = z.discriminatedUnion('is', gateFacts);
export type Fact = z.infer<typeof fact>;

export const visitInput = z
  .object({
    touched: z
      .array(z.object({ id, poles: pole }))
      .min(1, messages.nameAtLeastOnePlaceTo)
      .max(84, messages.enterAtMost84Places)
      .describe('places to work on, never the main'),
    otherSources: z
      .array(id)
      .max(20, messages.enterAtMost20OtherSources)
      .describe('solar, battery, generator, vehicle: each must be shut off and locked out'),
    facts: z.array(fact).max(400, messages.enterAtMost400Facts).describe('in chronological order'),
  })
  .superRefine(({ touched, otherSources }, context) => {
    touched.forEach((place, i) => {
      if (place.id === MAIN)
        context.addIssue({
          code: 'custom',
          path: ['touched', i, 'id'],
          message: messages.theMainCannotBeWorkedOn,
        });
    });
    noIdInTwo({ touched, otherSources }, context);
  });
export type VisitInput = z.input<typeof visitInput>;
export type GatePlan = z.output<typeof visitInput>;

export const toMeasure = z.object({ id: z.string(), pole, to: z.enum(MEASURED_TO) });
export type ToMeasure = z.infer<typeof toMeasure>;

export const visitOutput = z.object({
  refused: z
    .int()
    .nullable()
    .describe('index of the first fact that was not allowed; that fact and all later ones do not count'),
  allowed: z.array(z.enum(FACTS)).describe('steps that are allowed next'),
  mayTouch: z.array(z.string()),
  toMeasure: z.array(toMeasure).describe('points that are not yet verified dead, with the cover off'),
  stop: z.object({
    active: z.boolean(),
    code: z.enum(['live', 'verify']).nullable(),
    reasons: z.array(z.string()),
  }),
  done: z.boolean(),
});
export type Visit = z.infer<typeof visitOutput>;
