import { z } from 'zod';
import { amps, givenId as id, noRepeatedIds, oneOf, ratingAmps } from '../../facts/quantities/index.ts';
import { BREAKER_KINDS } from '../layout/index.ts';
import { ERAS, PATTERNS, THIRDS } from './features.ts';
import * as messages from './messages.ts';
import { CIRCUIT_USE_IDS, CIRCUIT_USES } from './uses.ts';

const use = z.enum(CIRCUIT_USE_IDS, messages.chooseAUse);

const circuit = z
  .object({
    id,
    poles: oneOf([1, 2]),
    ratingAmps,
    kind: z.enum(BREAKER_KINDS).default('standard'),
    third: z
      .enum(THIRDS, messages.chooseAThird)
      .nullable()
      .default(null)
      .describe('position from the end that the main feeds; null if not known'),
    isWireLarger: z
      .boolean()
      .nullable()
      .default(null)
      .describe('conductor larger than the breaker needs; null if not known'),
    peakAmps: amps.nullable().default(null).describe('highest current of a usual day, A'),
    pattern: z.enum(PATTERNS, messages.chooseAPattern).nullable().default(null),
    use: use.nullable().default(null).describe('what it feeds, where that is known'),
  })
  .superRefine(({ poles, use: known }, context) => {
    if (known !== null && CIRCUIT_USES[known].poles !== poles)
      context.addIssue({
        code: 'custom',
        path: ['use'],
        message: messages.onOtherPoles(CIRCUIT_USES[known].words, CIRCUIT_USES[known].poles),
      });
  });

export const circuitGuessInput = z.object({
  circuits: z
    .array(circuit)
    .min(1, messages.enterAtLeastOneCircuit)
    .max(84, messages.enterAtMost84Circuits)
    .superRefine(noRepeatedIds)
    .describe('all circuits of the panel, also those whose use is known'),
  wired: z.enum(ERAS, messages.chooseTheAge).nullable().default(null).describe('null if not known'),
  has: z
    .partialRecord(use, z.boolean())
    .default({})
    .describe('whether the house has one or more circuits of a use; left out if not known'),
});
export type CircuitGuessInput = z.input<typeof circuitGuessInput>;
export type CircuitGuessQuestion = z.output<typeof circuitGuessInput>;

export const circuitGuessOutput = z.object({
  circuits: z.array(
    z.object({
      id: z.string(),
      guesses: z
        .array(z.object({ use: z.enum(CIRCUIT_USE_IDS), words: z.string(), chance: z.number() }))
        .describe('most likely first; those below 1 in 100 are left out'),
      places: z.number().describe('outlets, switches and lights that it is expected to feed'),
    }),
  ),
});
export type CircuitGuess = z.infer<typeof circuitGuessOutput>;
