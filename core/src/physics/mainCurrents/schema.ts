import { z } from 'zod';
import { amps, reason } from '../../facts/quantities/index.ts';
import { METERED_LOADS } from '../meterDifference/index.ts';
import * as messages from './messages.ts';

const branch = z.object({
  amps: amps.describe('of one circuit on this leg, A'),
  load: z.enum(METERED_LOADS, messages.theLoadMustBe).default('unknown'),
});
const leg = z.object({
  mainAmps: amps.describe('of this leg at the main, A'),
  branches: z.array(branch).max(84, messages.atMostBranches),
  unmeasured: z
    .int(messages.mostUnmeasured)
    .min(0, messages.mostUnmeasured)
    .max(84, messages.mostUnmeasured)
    .default(0)
    .describe('circuits on this leg that were not measured'),
});

export const mainCurrentsInput = z.object({
  legs: z.object({ a: leg, b: leg }).describe('a 240 V circuit stands on both legs'),
  neutralAmps: amps.nullable().default(null).describe('of the neutral at the main, A; null if not measured'),
  sameClamp: z
    .boolean()
    .default(true)
    .describe('true if one clamp took every reading: its error of scale is then the same in all of them'),
});
export type MainCurrentsInput = z.input<typeof mainCurrentsInput>;
export type MainCurrentsQuestion = z.output<typeof mainCurrentsInput>;

const range = z.object({ low: z.number(), high: z.number() });
const legResult = z.object({
  branchAmps: z.number().describe('current of all circuits of this leg together, A'),
  unexplainedAmps: z.number().describe('current at the main that no circuit explains, A; may be negative'),
  range: range.describe('holds the true unexplained current in 90% of the cases, A'),
  finding: z
    .enum(['explained', 'unexplained', 'unmeasured', 'branches-above-main'])
    .describe('unmeasured: more at the main, but not every circuit was measured'),
});
export type LegResult = z.infer<typeof legResult>;

export const mainCurrentsOutput = z.object({
  legs: z.object({ a: legResult, b: legResult }),
  imbalanceAmps: z.number().describe('difference between the legs at the main, A'),
  neutral: z
    .object({
      range: range.describe('what the neutral carries in 99% of the cases by the two legs, A'),
      finding: z.enum(['as-expected', 'below', 'above']),
    })
    .nullable()
    .describe('null if the neutral was not measured'),
  reasons: z.array(reason),
});
export type MainCurrents = z.infer<typeof mainCurrentsOutput>;
