import { z } from 'zod';
import { amps, givenId, noRepeatedIds } from '../../facts/quantities/index.ts';
import { LEGS } from '../layout/index.ts';
import * as messages from './messages.ts';

const spaces = z
  .int(messages.theNumberOfFreeSpacesMust)
  .min(0, messages.theNumberOfFreeSpacesCannot)
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
          .describe('false if it shares a neutral, is tied, or must keep its space'),
      }),
    )
    .min(1, messages.enterAtLeastOneCircuit)
    .max(42, messages.enterAtMost42CircuitsAt)
    .superRefine(noRepeatedIds)
    .describe('one-pole circuits; two-pole loads count on both legs and are left out'),
  freeSpaces: z
    .object({ A: spaces, B: spaces })
    .default({ A: 0, B: 0 })
    .describe('free spaces on each leg that a circuit can move to without a swap'),
  maxMoves: z
    .int(messages.theNumberOfMovesMustBe)
    .min(1, messages.enterAtLeastOneMove)
    .max(42, messages.enterAtMost42Moves)
    .default(6),
});
export type LegBalanceInput = z.input<typeof legBalanceInput>;

const sums = {
  A: z.number().describe('A on leg A'),
  B: z.number().describe('A on leg B'),
  imbalanceAmps: z.number().describe('difference between the legs, A'),
};

export const legBalanceOutput = z.object({
  before: z.object(sums),
  options: z
    .array(
      z.object({
        moves: z.int(),
        move: z.array(z.string()).describe('circuits that move to the other leg'),
        ...sums,
      }),
    )
    .describe('the best result for each number of moves, if better than with fewer moves'),
});
export type LegBalance = z.infer<typeof legBalanceOutput>;
