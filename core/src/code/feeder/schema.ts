import { z } from 'zod';
import { ambientC, amps, metres, oneOf, ratingAmps, reason } from '../../facts/quantities/index.ts';
import { COLUMNS_C, FEEDER_GAUGES, MATERIALS, isMade, NOT_MADE } from '../../facts/standards/index.ts';
import { currentCarrying, terminalC } from '../sizing/index.ts';

export const FEEDER_KINDS = ['feeder', 'whole-dwelling'] as const;

export const feederGauge = z.enum(
  FEEDER_GAUGES,
  'The gauge must be one of 14 to 4/0 AWG or 250 to 600 kcmil.',
);

/** Line to line of a dwelling’s service, V. */
export const serviceVolts = z
  .number('The voltage must be a number.')
  .min(100, 'The voltage must be from 100 to 600 V.')
  .max(600, 'The voltage must be from 100 to 600 V.')
  .default(240);

export const feederInput = z.object({
  kind: z
    .enum(FEEDER_KINDS, 'The kind must be feeder or whole-dwelling.')
    .describe('whole-dwelling: carries the whole load of one dwelling, as its service or main feeder'),
  demandAmps: amps,
  breakerAmps: ratingAmps,
  conductor: z
    .object({
      gauge: feederGauge,
      material: z.enum(MATERIALS, 'The material must be copper or aluminum.'),
      insulationC: oneOf([...COLUMNS_C], 'The insulation must be 60, 75 or 90 °C.'),
    })
    .refine(isMade, NOT_MADE),
  terminalC: terminalC.default(75),
  ambientC: ambientC.default(30),
  currentCarrying: currentCarrying.default(3),
  lengthM: metres.optional(),
  volts: serviceVolts,
  mainLugsAmps: ratingAmps.optional().describe('what the bus or lugs behind it may carry'),
});
export type FeederInput = z.input<typeof feederInput>;
export type FeederQuestion = z.output<typeof feederInput>;

export const FEEDER_DECISIONS = ['keep', 'size-down', 'size-up', 'rewire'] as const;

export const feederOutput = z.object({
  ampacity: z.number(),
  maxBreakerAmps: z.number().describe('0: no standard breaker protects this conductor here'),
  minBreakerAmps: z.number().nullable().describe('null: beyond the largest standard rating'),
  dropPercent: z.number().nullable().describe('null without a length'),
  ground: z
    .object({ copper: z.enum(FEEDER_GAUGES), aluminum: z.enum(FEEDER_GAUGES) })
    .nullable()
    .describe('the thinnest equipment grounding conductor; null beyond 400 A'),
  decision: z.enum(FEEDER_DECISIONS),
  recommendedAmps: z.number().nullable(),
  reasons: z.array(reason),
});
export type Feeder = z.infer<typeof feederOutput>;
