import { z } from 'zod';
import { LEGS } from '../../panel/layout/index.ts';
import { id, instant } from '../../record/entities/index.ts';

export const TREND_KINDS = ['joint-warms', 'opens-sooner', 'leg-grows'] as const;

/** From the tenth to the ninetieth in a hundred, and the middle. */
const spread = z.object({ p10: z.number(), p50: z.number(), p90: z.number() });

/** Something that changes from year to year, told before its limit is reached. */
export const trend = z.object({
  kind: z.enum(TREND_KINDS),
  breakerId: id.nullable(),
  leg: z.enum(LEGS).nullable(),
  figures: z.int().describe('number of readings'),
  from: instant,
  to: instant,
  probability: z.number().min(0).max(1),
  perYear: spread.describe('in this unit'),
  now: z.number().describe('in this unit'),
  limit: z.number().describe('in this unit'),
  unit: z.enum(['Δ°C', 'A', '%']),
  reached: z
    .object({ earliest: instant, likeliest: instant, latest: instant })
    .describe('when it reaches its limit at this rate; at most fifty years ahead'),
  text: z.string(),
  source: z.string(),
});
export type Trend = z.infer<typeof trend>;
