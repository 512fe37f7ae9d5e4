import { z } from 'zod';
import { noRepeatedIds, givenId as id } from '../../facts/quantities/index.ts';
import { MAP_CHECKS } from './mapChecks.ts';
import * as messages from './messages.ts';

const breakers = z
  .array(
    z.object({
      id,
      mayBeOff: z
        .boolean(messages.enterYesOrNoForWhether)
        .describe('false for an alarm, a freezer or life support'),
    }),
  )
  .min(1, messages.enterAtLeastOneBreaker)
  .max(84, messages.enterAtMost84Breakers)
  .superRefine(noRepeatedIds);
const check = z.enum(MAP_CHECKS, 'The check must be none, detect or correct.');
const rounds = z
  .array(z.object({ off: z.array(id).max(84, messages.enterAtMost84Breakers) }))
  .max(84, messages.enterAtMost84Rounds);

export const circuitMapInput = z.object({ breakers, check });
export type CircuitMapInput = z.input<typeof circuitMapInput>;

export const circuitMapOutput = z.object({
  rounds: z
    .array(z.object({ off: z.array(z.string()) }))
    .describe('breakers to turn off in each round; every outlet and fixture is checked in each'),
  oneByOne: z.int().describe('number of rounds with one breaker per round'),
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
          dead: z.array(z.boolean().nullable()).max(84).describe('one entry per round; null if not checked'),
        }),
      )
      .max(2000, messages.enterAtMost2000Places)
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
            message: messages.thereIsNoBreaker(one),
          });
      }),
    );
    places.forEach(({ dead }, i) => {
      if (dead.length !== made.length)
        context.addIssue({
          code: 'custom',
          path: ['places', i, 'dead'],
          message: messages.thereWereRoundsButEntries(made.length, dead.length),
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
          'breakers that fit best, at most eight; empty if it is fed elsewhere, or by a breaker that may not be turned off',
        ),
      sure: z.boolean(),
      mended: z.boolean().describe('true if one wrong entry was corrected'),
    }),
  ),
});
export type CircuitMapRead = z.infer<typeof circuitMapReadOutput>;
