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
import * as messages from './messages.ts';

const ids = <K extends string>(record: Record<K, unknown>) => Object.keys(record) as [K, ...K[]];

const testResult = z
  .object({
    test: z.enum(ids<TestId>(TESTS), { error: messages.thisTestIsNotInThe }),
    outcome: z.string(),
  })
  .superRefine(({ test, outcome }, refine) => {
    if (!isOutcome(test, outcome))
      refine.addIssue({
        code: 'custom',
        path: ['outcome'],
        message: messages.theOutcomeMustBeOneOf(TESTS[test].outcomes.join(', ')),
      });
  });

export const diagnoseInput = z.object({
  profile: z.enum(ids<Profile>(PROFILE_LEVEL)),
  evidence: z
    .array(testResult)
    .max(Object.keys(TESTS).length, messages.enterEachTestAtMostOnce)
    .superRefine((evidence, refine) => {
      const seen = new Set<string>();
      evidence.forEach(({ test }, i) => {
        if (seen.has(test))
          refine.addIssue({
            code: 'custom',
            path: [i, 'test'],
            message: messages.enterEachTestAtMostOnceWith,
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
    .describe('every cause in the vocabulary, most likely first; adds up to 1'),
  nextTests: z
    .array(z.object({ id: z.enum(ids<TestId>(TESTS)), value: z.number() }))
    .describe(
      'best first: reduction in expected loss, plus a small share for information, minus the cost of the test; inspections due before a reset count more',
    ),
  verdict: z.object({
    action: z.enum(ids<ActionId>(ACTIONS)),
    family: z.enum(FAMILIES),
    confidence: z.number().describe('probability that no other action would have been right'),
    settled: z
      .boolean()
      .describe('danger stopped it, the decision is good enough, or no remaining test is worth its cost'),
    reasons: z.array(
      z.object({
        test: z.enum(ids<TestId>(TESTS)),
        weight: z.number().describe('log-likelihood ratio of the leading cause against the rest, in nats'),
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
      .describe('outcomes of remaining tests that would lead to another action'),
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
    .describe('other findings, apart from the cause of the trip; the verdict is the first one to act on'),
  hazard: hazardShape.describe('severity of the findings, most dangerous first'),
  stop: z.object({ active: z.boolean(), reasons: z.array(z.string()) }),
});
export type Diagnosis = z.infer<typeof diagnoseOutput>;
/** A test with what it is worth after its cost. */
export type RatedTest = Diagnosis['nextTests'][number];
