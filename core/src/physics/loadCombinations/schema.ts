import { noRepeatedIds } from '../../facts/quantities/index.ts';
import { z } from 'zod';
import { runningLoad } from '../profile/index.ts';
import { curvePoints, tripWindowInput } from '../trip/index.ts';

export const MOST_LOADS = 20;

export const loadCombinationsInput = z.object({
  ratingAmps: tripWindowInput.shape.ratingAmps,
  ambientC: tripWindowInput.shape.ambientC,
  loads: z
    .array(runningLoad)
    .max(MOST_LOADS, `At most ${MOST_LOADS} loads: each one doubles the number of sets.`)
    .superRefine(noRepeatedIds),
  curve: curvePoints.optional().describe('the printed curve of its family; the standard’s band if left out'),
  most: z.int().min(1).max(1000).default(100).describe('list so many sets at most; all are counted'),
});
export type LoadCombinationsInput = z.input<typeof loadCombinationsInput>;

const setTimes = z.object({
  by: z
    .enum(['running', 'starting'])
    .nullable()
    .describe('by what they draw together, or as one of them starts; null: it never opens'),
  fastestSeconds: z
    .number()
    .nullable()
    .describe('how soon a sound breaker may open, all switched on from cold'),
  slowestSeconds: z.number().nullable().describe('how late it must; null: some never do'),
});
export type SetTimes = z.infer<typeof setTimes>;

const offending = setTimes.extend({ loads: z.array(z.string()).describe('ids'), amps: z.number() });

export const loadCombinationsOutput = z.object({
  offending: z.array(offending).describe('sets of which no part trips by itself, smallest and soonest first'),
  offendingCount: z.int(),
  forever: z
    .array(z.object({ loads: z.array(z.string()), amps: z.number() }))
    .describe('largest sets that run together indefinitely: any other load added may trip'),
  foreverCount: z.int(),
  sets: z.int().describe('how many sets there are'),
  holding: z.int().describe('how many of them no sound breaker ever opens on'),
});
export type LoadCombinations = z.infer<typeof loadCombinationsOutput>;
