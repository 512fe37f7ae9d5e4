import { noRepeatedIds } from '../../facts/quantities/index.ts';
import { z } from 'zod';
import { runningLoad } from '../profile/index.ts';
import { curvePoints, tripWindowInput } from '../trip/index.ts';
import * as messages from './messages.ts';

export const MOST_LOADS = 20;

export const loadCombinationsInput = z.object({
  ratingAmps: tripWindowInput.shape.ratingAmps,
  ambientC: tripWindowInput.shape.ambientC,
  loads: z
    .array(runningLoad)
    .max(MOST_LOADS, messages.enterAtMostLoadsEachLoad(MOST_LOADS))
    .superRefine(noRepeatedIds),
  curve: curvePoints.optional().describe('printed curve of its family; the standard band if left out'),
  most: z
    .int()
    .min(1)
    .max(1000)
    .default(100)
    .describe('maximum number of combinations to list; all are counted'),
});
export type LoadCombinationsInput = z.input<typeof loadCombinationsInput>;

const setTimes = z.object({
  by: z
    .enum(['running', 'starting'])
    .nullable()
    .describe('from the combined current, or from the start of one load; null if it never trips'),
  fastestSeconds: z
    .number()
    .nullable()
    .describe('earliest trip of a sound breaker, with everything switched on cold'),
  slowestSeconds: z.number().nullable().describe('latest trip of a sound breaker; null if some never trip'),
});
export type SetTimes = z.infer<typeof setTimes>;

const offending = setTimes.extend({ loads: z.array(z.string()).describe('ids'), amps: z.number() });

export const loadCombinationsOutput = z.object({
  offending: z
    .array(offending)
    .describe('combinations that trip only as a whole, smallest and soonest first'),
  offendingCount: z.int(),
  forever: z
    .array(z.object({ loads: z.array(z.string()), amps: z.number() }))
    .describe('largest combinations that run together indefinitely: any other load may trip the breaker'),
  foreverCount: z.int(),
  sets: z.int().describe('number of combinations'),
  holding: z.int().describe('number of combinations that never trip a sound breaker'),
});
export type LoadCombinations = z.infer<typeof loadCombinationsOutput>;
