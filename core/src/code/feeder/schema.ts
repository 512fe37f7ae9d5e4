import { z } from 'zod';
import { ambientC, amps, metres, oneOf, ratingAmps, reason } from '../../facts/quantities/index.ts';
import { COLUMNS_C, FEEDER_GAUGES, MATERIALS, isMade, NOT_MADE } from '../../facts/standards/index.ts';
import { currentCarrying, terminalC } from '../sizing/index.ts';
import * as messages from './messages.ts';

export const FEEDER_KINDS = ['feeder', 'whole-dwelling'] as const;

export const feederGauge = z.enum(
  FEEDER_GAUGES,
  'The conductor size must be one of 14 to 4/0 AWG or 250 to 600 kcmil.',
);

/** Line to line of a dwelling’s service, V. */
export const serviceVolts = z
  .number(messages.theVoltageMustBeANumber)
  .min(100, messages.theVoltageMustBeFrom100)
  .max(600, messages.theVoltageMustBeFrom100)
  .default(240);

export const feederInput = z.object({
  kind: z
    .enum(FEEDER_KINDS, messages.theKindMustBeFeederOr)
    .describe('whole-dwelling: carries the entire load of one dwelling, as its service or main feeder'),
  demandAmps: amps,
  breakerAmps: ratingAmps,
  conductor: z
    .object({
      gauge: feederGauge,
      material: z.enum(MATERIALS, 'The material must be copper or aluminum.'),
      insulationC: oneOf([...COLUMNS_C], messages.theInsulationMustBe6075),
    })
    .refine(isMade, NOT_MADE),
  terminalC: terminalC.default(75),
  ambientC: ambientC.default(30),
  currentCarrying: currentCarrying.default(3),
  lengthM: metres.optional(),
  volts: serviceVolts,
  mainLugsAmps: ratingAmps.optional().describe('rating of the bus or lugs that it feeds'),
});
export type FeederInput = z.input<typeof feederInput>;
export type FeederQuestion = z.output<typeof feederInput>;

export const FEEDER_DECISIONS = ['keep', 'size-down', 'size-up', 'rewire'] as const;

export const feederOutput = z.object({
  ampacity: z.number(),
  maxBreakerAmps: z.number().describe('0 if no standard breaker protects this conductor here'),
  minBreakerAmps: z.number().nullable().describe('null if above the largest standard rating'),
  dropPercent: z.number().nullable().describe('null without a length'),
  ground: z
    .object({ copper: z.enum(FEEDER_GAUGES), aluminum: z.enum(FEEDER_GAUGES) })
    .nullable()
    .describe('smallest equipment grounding conductor; null above 400 A'),
  decision: z.enum(FEEDER_DECISIONS),
  recommendedAmps: z.number().nullable(),
  reasons: z.array(reason),
});
export type Feeder = z.infer<typeof feederOutput>;
