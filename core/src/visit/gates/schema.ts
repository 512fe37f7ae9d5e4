import { z } from 'zod';
import { oneOf, volts, givenId as id, noIdInTwo } from '../../facts/quantities/index.ts';

/** Everything that can happen on a visit, in the order in which it is done. */
export const FACTS = [
  'dressed',
  'tester-proved',
  'handles-off',
  'source-isolated',
  'main-off',
  'locked',
  'cover-off',
  'measured',
  'swapped',
  'cover-on',
  'unlocked',
  'main-on',
  'handle-on',
  'verified',
  'abandoned',
] as const;
export type FactName = (typeof FACTS)[number];

/** The load side of the main: de-energized with it, and measured like every place that is touched. */
export const MAIN = 'main';

const pole = oneOf([1, 2], 'A pole is 1 or 2.');
const MEASURED_TO = ['neutral', 'ground', 'other-pole'] as const;
const to = z.enum(MEASURED_TO, 'It is measured to neutral, to ground or to the other pole.');

const bare = <N extends FactName>(is: N) => z.object({ is: z.literal(is) });

/** Everything that may be told at a gate, one shape each. */
export const gateFacts = [
  bare('dressed'),
  z.object({ is: z.literal('tester-proved'), volts: volts.describe('on a known live point elsewhere, V') }),
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
      .min(1, 'Name one place at least that is worked on.')
      .max(84, 'At most 84 places.')
      .describe('places that are worked on, never the main'),
    otherSources: z
      .array(id)
      .max(20, 'At most 20 other sources.')
      .describe('solar, battery, generator, vehicle: each is isolated and locked'),
    facts: z.array(fact).max(400, 'At most 400 facts.').describe('in the order in which they happened'),
  })
  .superRefine(({ touched, otherSources }, context) => {
    touched.forEach((place, i) => {
      if (place.id === MAIN)
        context.addIssue({
          code: 'custom',
          path: ['touched', i, 'id'],
          message: 'The main is never a place that is worked on here: its line side stays live.',
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
    .describe('index of the first fact that was not allowed; it and all after it do not count'),
  allowed: z.array(z.enum(FACTS)).describe('what may happen next'),
  mayTouch: z.array(z.string()),
  toMeasure: z.array(toMeasure).describe('with the cover off: points not yet verified dead'),
  stop: z.object({
    active: z.boolean(),
    code: z.enum(['live', 'verify']).nullable(),
    reasons: z.array(z.string()),
  }),
  done: z.boolean(),
});
export type Visit = z.infer<typeof visitOutput>;
