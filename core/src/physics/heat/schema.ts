import { HEAT_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { ambientC, amps, noRepeatedIds, ratingAmps, reason, surfaceC } from '../../facts/quantities/index.ts';
import { HEAT_GRADES } from './grades.ts';
import * as messages from './messages.ts';

export const heatInput = z.object({
  ambientC,
  points: z
    .array(
      z.object({
        id: z.string().min(1, messages.theIdMustNotBeEmpty),
        surfaceC,
        amps,
        ratingAmps,
        group: z.string().min(1).optional().describe('poles of one breaker share a group'),
      }),
    )
    .min(1, messages.enterAtLeastOnePoint)
    .max(500, messages.enterAtMost500PointsAt)
    .superRefine(noRepeatedIds),
});
export type HeatInput = z.input<typeof heatInput>;
export type HeatPointInput = HeatInput['points'][number];

export const heatPoint = z.object({
  id: z.string(),
  riseC: z.number(),
  overPeersC: z.number().nullable().describe('null without a similar part'),
  riseAtRatingC: z
    .number()
    .nullable()
    .describe(`null below ${100 * HEAT_LIMITS.leastShareToJudge}% of the rating`),
  grade: z.enum(HEAT_GRADES),
  reasons: z.array(reason),
});
export type HeatPoint = z.infer<typeof heatPoint>;

export const heatOutput = z.object({ points: z.array(heatPoint) });
export type HeatSurvey = z.infer<typeof heatOutput>;
