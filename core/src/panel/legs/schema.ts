import { z } from 'zod';
import { amps, givenId, noRepeatedIds } from '../../facts/quantities/index.ts';
import { LEGS } from '../layout/index.ts';

const spaces = z
  .int('Free spaces are a whole number.')
  .min(0, 'Free spaces cannot be negative.')
  .max(84)
  .default(0);

export const legBalanceInput = z.object({
  circuits: z
    .array(
      z.object({
        id: givenId,
        leg: z.enum(LEGS, 'The leg must be A or B.'),
        amps,
        movable: z
          .boolean()
          .default(true)
          .describe('not: it shares a neutral, is tied, or its space is wanted as it is'),
      }),
    )
    .min(1, 'Give one circuit at least.')
    .max(42, 'At most 42 circuits at a time.')
    .superRefine(noRepeatedIds)
    .describe('of one pole; two-pole loads count on both legs and are left out'),
  freeSpaces: z
    .object({ A: spaces, B: spaces })
    .default({ A: 0, B: 0 })
    .describe('free spaces on each leg, into which a circuit may move without another moving back'),
  maxMoves: z
    .int('Moves are a whole number.')
    .min(1, 'At least one move.')
    .max(42, 'At most 42 moves.')
    .default(6),
});
export type LegBalanceInput = z.input<typeof legBalanceInput>;

const sums = {
  A: z.number().describe('A on leg A'),
  B: z.number().describe('A on leg B'),
  imbalanceAmps: z.number().describe('by how much the legs differ, A'),
};

export const legBalanceOutput = z.object({
  before: z.object(sums),
  options: z
    .array(
      z.object({ moves: z.int(), move: z.array(z.string()).describe('circuits to the other leg'), ...sums }),
    )
    .describe('for each number of moves the best that can be reached, where it is better than with fewer'),
});
export type LegBalance = z.infer<typeof legBalanceOutput>;
