import { z } from 'zod';
import { noRepeatedIds, givenId as id } from '../../facts/quantities/index.ts';

/** How much a wrong look may spoil: anything; it is noticed; it is put right. */
export const MAP_CHECKS = ['none', 'detect', 'correct'] as const;
export type MapCheck = (typeof MAP_CHECKS)[number];

const breakers = z
  .array(
    z.object({
      id,
      mayBeOff: z
        .boolean('Whether it may be switched off is yes or no.')
        .describe('not: an alarm, a freezer, a life support'),
    }),
  )
  .min(1, 'Give one breaker at least.')
  .max(84, 'At most 84 breakers.')
  .superRefine(noRepeatedIds);
const check = z.enum(MAP_CHECKS, 'The check must be none, detect or correct.');
const rounds = z
  .array(z.object({ off: z.array(id).max(84, 'At most 84 breakers.') }))
  .max(84, 'At most 84 rounds.');

export const circuitMapInput = z.object({ breakers, check });
export type CircuitMapInput = z.input<typeof circuitMapInput>;

export const circuitMapOutput = z.object({
  rounds: z
    .array(z.object({ off: z.array(z.string()) }))
    .describe('in each these breakers are off, and every place is looked at'),
  oneByOne: z.int().describe('rounds it would take with one breaker a round'),
});
export type CircuitMap = z.infer<typeof circuitMapOutput>;

export const circuitMapReadInput = z
  .object({
    breakers,
    check,
    rounds,
    places: z
      .array(
        z.object({
          id,
          dead: z.array(z.boolean().nullable()).max(84).describe('in each round; null: not looked at'),
        }),
      )
      .max(2000, 'At most 2000 places.')
      .superRefine(noRepeatedIds),
  })
  .superRefine(({ breakers: known, rounds: made, places }, context) => {
    const ids = new Set(known.map((one) => one.id));
    made.forEach(({ off }, i) =>
      off.forEach((one, j) => {
        if (!ids.has(one))
          context.addIssue({
            code: 'custom',
            path: ['rounds', i, 'off', j],
            message: `There is no breaker “${one}”.`,
          });
      }),
    );
    places.forEach(({ dead }, i) => {
      if (dead.length !== made.length)
        context.addIssue({
          code: 'custom',
          path: ['places', i, 'dead'],
          message: `There were ${made.length} rounds, and ${dead.length} looks.`,
        });
    });
  });
export type CircuitMapReadInput = z.input<typeof circuitMapReadInput>;

export const circuitMapReadOutput = z.object({
  places: z.array(
    z.object({
      id: z.string(),
      feeds: z
        .array(z.string())
        .describe(
          'the breakers that fit best, eight at most; none: fed elsewhere, or by one that may not go off',
        ),
      sure: z.boolean(),
      mended: z.boolean().describe('one wrong look was put right'),
    }),
  ),
});
export type CircuitMapRead = z.infer<typeof circuitMapReadOutput>;
