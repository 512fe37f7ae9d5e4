import { z } from 'zod';
import { amps, seconds } from '../../facts/quantities/index.ts';
import { coveredAmbient, coveredRating } from '../trip/index.ts';
import * as messages from './messages.ts';

/** A stretch of steady current. */
export const segment = z.object({ amps, seconds });
export type Segment = z.infer<typeof segment>;

/** One trip, or one time that it held: a cold start followed by its segments. */
export const trialEvent = z
  .object({
    ambientC: coveredAmbient,
    segments: z
      .array(segment)
      .min(1, messages.anEventNeedsAtLeastOne)
      .max(2000, messages.anEventCanHaveAtMost),
    outcome: z.enum(['held', 'tripped']).describe('tripped: it tripped at the end of the last interval'),
    notBeforeSeconds: seconds
      .optional()
      .describe(
        'for a trip that was not timed: it tripped between this time in the last interval and its end',
      ),
  })
  .refine(
    (event) =>
      event.notBeforeSeconds === undefined ||
      event.notBeforeSeconds < (event.segments.at(-1)?.seconds ?? Infinity),
    { path: ['notBeforeSeconds'], message: messages.theTripCannotBeAfterThe },
  );
export type TrialEvent = z.output<typeof trialEvent>;

export const effectiveRatingInput = z.object({
  ratingAmps: coveredRating,
  events: z.array(trialEvent).max(500, messages.enterAtMost500EventsAt),
});
export type EffectiveRatingInput = z.input<typeof effectiveRatingInput>;

/** Below, within and above what a sound breaker opens at. */
export const SIDES = ['weak', 'sound', 'sluggish'] as const;
export type Side = (typeof SIDES)[number];

export const ESTIMATE_JUDGMENTS = [...SIDES, 'undetermined'] as const;
export type EstimateJudgment = (typeof ESTIMATE_JUDGMENTS)[number];

const percentiles = z.object({ p05: z.number(), p50: z.number(), p95: z.number() });
export type Percentiles = z.infer<typeof percentiles>;

export const effectiveRatingOutput = z.object({
  ultimateAmps: percentiles.describe('smallest steady current that eventually trips this breaker at 25 °C'),
  probability: z.object({ weak: z.number(), sound: z.number(), sluggish: z.number() }),
  judgement: z.enum(ESTIMATE_JUDGMENTS),
  tauSeconds: percentiles.describe('thermal time constant'),
});
export type EffectiveRating = z.infer<typeof effectiveRatingOutput>;

const opens = z.number().nullable();

/** When a unit opens, as far as is believed. */
export const openingTimesShape = z.object({
  p05: opens.describe('s; null for never'),
  p50: opens,
  p95: opens,
  never: z.number().describe('probability that it never trips at this current'),
});
export type OpeningTimes = z.infer<typeof openingTimesShape>;
