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
      .superRefine((candidates, context) => {
        const seen = new Set<string>();
        candidates.forEach(({ id }, i) => {
          if (seen.has(id))
            context.addIssue({ code: 'custom', path: [i, 'id'], message: `The id “${id}” is used twice.` });
          seen.add(id);
        });
      }),
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

/** What is known at the end of a path: the faulty candidate, or `null` for the fixed wiring. */
export interface Found {
  fault: string | null;
}

/** One trial: what to connect, and what follows from each way it ends. */
export interface Trial {
  connect: string[];
  ifTrips: Step;
  ifHolds: Step;
}
export type Step = Found | Trial;

export const step: z.ZodType<Step> = z.lazy(() =>
  z.union([
    z.object({ fault: z.string().nullable().describe('the faulty candidate; null: the fixed wiring') }),
    z.object({ connect: z.array(z.string()), ifTrips: step, ifHolds: step }),
  ]),
);

export const isolationOutput = z.object({
  expectedCost: z.number(),
  firstConnect: z.array(z.string()),
  steps: step.describe('the whole decision tree'),
});
export type IsolationPlan = z.infer<typeof isolationOutput>;
