import { z } from 'zod';
import { context } from '../causes/index.ts';
import { hazardShape } from '../../facts/hazards/index.ts';
import {
  ACTIONS,
  CAUSE_IDS,
  FAMILIES,
  isOutcome,
  PROFILE_LEVEL,
  TESTS,
  type ActionId,
  type Profile,
  type TestId,
} from '../../facts/vocabulary/index.ts';

const ids = <K extends string>(record: Record<K, unknown>) => Object.keys(record) as [K, ...K[]];

const testResult = z
  .object({
    test: z.enum(ids<TestId>(TESTS), { error: 'This test is not in the vocabulary.' }),
    outcome: z.string(),
  })
  .superRefine(({ test, outcome }, refine) => {
    if (!isOutcome(test, outcome))
      refine.addIssue({
        code: 'custom',
        path: ['outcome'],
        message: `The outcome must be one of: ${TESTS[test].outcomes.join(', ')}.`,
      });
  });

export const diagnoseInput = z.object({
  profile: z.enum(ids<Profile>(PROFILE_LEVEL)),
  evidence: z
    .array(testResult)
    .max(Object.keys(TESTS).length, 'Each test at most once.')
    .superRefine((evidence, refine) => {
      const seen = new Set<string>();
      evidence.forEach(({ test }, i) => {
        if (seen.has(test))
          refine.addIssue({
            code: 'custom',
            path: [i, 'test'],
            message: 'Each test at most once: its latest outcome.',
          });
        seen.add(test);
      });
    }),
  context: context.optional(),
});
export type DiagnoseInput = z.input<typeof diagnoseInput>;

export const diagnoseOutput = z.object({
  causes: z
    .array(z.object({ id: z.enum(CAUSE_IDS), probability: z.number() }))
    .describe('all of the vocabulary’s, highest first, summing to 1'),
  nextTests: z
    .array(z.object({ id: z.enum(ids<TestId>(TESTS)), value: z.number() }))
    .describe(
      'best first: how much the test lowers the expected loss of the decision, plus a small share for the information, minus the cost of the test; inspections due before a reset count more',
    ),
  verdict: z.object({
    action: z.enum(ids<ActionId>(ACTIONS)),
    family: z.enum(FAMILIES),
    confidence: z.number().describe('probability that no other action would have been right'),
    settled: z
      .boolean()
      .describe('danger stops it, the decision is good enough, or no test left is worth what it costs'),
    reasons: z.array(
      z.object({
        test: z.enum(ids<TestId>(TESTS)),
        weight: z.number().describe('log-likelihood ratio for the leading cause against the rest, in nats'),
        text: z.string(),
      }),
    ),
    overturnedBy: z
      .array(
        z.object({
          test: z.enum(ids<TestId>(TESTS)),
          outcome: z.string(),
          action: z.enum(ids<ActionId>(ACTIONS)),
        }),
      )
      .describe('outcomes of tests not done yet that would lead to another action'),
  }),
  also: z
    .array(
      z.object({
        cause: z.enum(CAUSE_IDS),
        action: z.enum(ids<ActionId>(ACTIONS)),
        family: z.enum(FAMILIES),
        text: z.string(),
      }),
    )
    .describe('what else is so, whatever tripped it; the verdict is what to act on first'),
  hazard: hazardShape.describe('how dangerous the findings are, the most dangerous first'),
  stop: z.object({ active: z.boolean(), reasons: z.array(z.string()) }),
});
export type Diagnosis = z.infer<typeof diagnoseOutput>;
/** A test with what it is worth after its cost. */
export type RatedTest = Diagnosis['nextTests'][number];
