import { noRepeatedIds } from '../../facts/quantities/index.ts';
import { z } from 'zod';
import * as messages from './messages.ts';

const weight = (what: string) =>
  z
    .number(messages.mustBeANumber(what))
    .min(0, messages.cannotBeNegative(what))
    .max(1e9, messages.isTooLarge(what));

export const isolationInput = z
  .object({
    candidates: z
      .array(
        z.object({
          id: z.string().min(1, messages.theIdMustNotBeEmpty).max(120),
          prior: weight(messages.priorProbability),
        }),
      )
      .min(1, messages.enterAtLeastOneCandidate)
      .max(14, messages.enterAtMost14Candidates)
      .superRefine(noRepeatedIds),
    wiringPrior: weight(messages.priorProbabilityOfTheWiring).default(0.2),
    tripCost: weight(messages.costOfATrip).default(5),
    holdCost: weight(messages.costOfAHold).default(1),
    maxTrips: z
      .int(messages.theNumberOfTripsMustBe)
      .min(1, messages.enterAtLeastOneTrip)
      .optional()
      .describe('no path of the plan trips more often than this'),
  })
  .refine((q) => q.wiringPrior + q.candidates.reduce((sum, { prior }) => sum + prior, 0) > 0, {
    path: ['candidates'],
    message: messages.atLeastOnePriorMustBe,
  });
export type IsolationInput = z.input<typeof isolationInput>;

const next = z.union([
  z.object({ step: z.int().describe('index of the next step') }),
  z.object({ fault: z.string().nullable().describe('the faulty candidate; null if it is the fixed wiring') }),
]);
export type NextTrial = z.infer<typeof next>;

/** One trial: what to connect, and what follows from each way it ends. */
const trial = z.object({ connect: z.array(z.string()), ifTrips: next, ifHolds: next });
export type PlannedTrial = z.infer<typeof trial>;

export const isolationOutput = z.object({
  expectedCost: z.number(),
  firstConnect: z.array(z.string()),
  steps: z
    .array(trial)
    .describe('the whole decision tree, starting at the first step; empty if only one possibility remains'),
});
export type IsolationPlan = z.infer<typeof isolationOutput>;
