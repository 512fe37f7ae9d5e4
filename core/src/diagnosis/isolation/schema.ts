import { noRepeatedIds } from '../../facts/quantities/index.ts';
import { z } from 'zod';

const weight = (what: string) =>
  z
    .number(`${what} must be a number.`)
    .min(0, `${what} cannot be negative.`)
    .max(1e9, `${what} is too large.`);

export const isolationInput = z
  .object({
    candidates: z
      .array(
        z.object({ id: z.string().min(1, 'The id must not be empty.').max(120), prior: weight('The prior') }),
      )
      .min(1, 'Give one candidate at least.')
      .max(14, 'At most 14 candidates.')
      .superRefine(noRepeatedIds),
    wiringPrior: weight('The prior of the wiring').default(0.2),
    tripCost: weight('The cost of a trip').default(5),
    holdCost: weight('The cost of a hold').default(1),
    maxTrips: z
      .int('Trips are a whole number.')
      .min(1, 'One trip at least.')
      .optional()
      .describe('no path of the plan trips more often than this'),
  })
  .refine((q) => q.wiringPrior + q.candidates.reduce((sum, { prior }) => sum + prior, 0) > 0, {
    path: ['candidates'],
    message: 'One prior at least must be above 0.',
  });
export type IsolationInput = z.input<typeof isolationInput>;

const next = z.union([
  z.object({ step: z.int().describe('go on with this one of the steps') }),
  z.object({ fault: z.string().nullable().describe('found: the faulty candidate; null: the fixed wiring') }),
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
    .describe(
      'the whole decision tree, begun at the first; empty: there is only one possibility from the start',
    ),
});
export type IsolationPlan = z.infer<typeof isolationOutput>;
