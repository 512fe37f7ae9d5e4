import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { ambientC, amps, noRepeatedIds, ratingAmps, reason, oneOf } from '../../facts/quantities/index.ts';
import { COLUMNS_C, GAUGES, MATERIALS, isMade, NOT_MADE } from '../../facts/standards/index.ts';
import * as messages from './messages.ts';

export const conductor = z
  .object({
    gauge: z.enum(GAUGES, 'The conductor size must be one of 14 to 4/0 AWG.'),
    material: z.enum(MATERIALS, 'The material must be copper or aluminum.'),
    insulationC: oneOf([...COLUMNS_C], messages.theInsulationMustBe6075),
    cable: z.enum(['nm', 'other'], 'The cable must be nm or other.'),
  })
  .refine(isMade, NOT_MADE);
export type Conductor = z.infer<typeof conductor>;

export const terminalC = oneOf([60, 75], messages.theTerminalMustBeMarked60);

/** Motor-compressor nameplate: the least the conductor must carry, the largest breaker allowed. */
export const nameplate = z.object({ minCircuitAmps: amps, maxBreakerAmps: ratingAmps });
export type Nameplate = z.infer<typeof nameplate>;

const sizedLoad = z.object({
  id: z.string().min(1, messages.theIdMustNotBeEmpty),
  amps: amps.describe('calculated load, A'),
  continuous: z.boolean().describe('true if it runs three hours or more'),
});

export const SIZING_RULES = ['split', 'flat80'] as const;

export const currentCarrying = z
  .int(messages.theNumberOfCurrentCarrying)
  .min(1, messages.enterAtLeastOneCurrentCarrying)
  .max(200, messages.enterAtMost200CurrentCarrying);

export const sizingInput = z
  .object({
    rules: z
      .enum(SIZING_RULES)
      .describe(
        `split: 125% of continuous load plus the rest; flat80: total load at most ${100 * LOAD_LIMITS.continuousShare}%`,
      ),
    conductor,
    terminalC,
    ambientC: ambientC.default(30),
    currentCarrying: currentCarrying.default(2),
    loads: z
      .array(sizedLoad)
      .min(1, messages.enterAtLeastOneLoad)
      .max(200, messages.enterAtMost200LoadsAt)
      .superRefine(noRepeatedIds),
    breakerAmps: ratingAmps,
    portableReceptacles: z.boolean().describe('true for general-purpose outlets'),
    nameplate: nameplate.optional(),
  })
  .superRefine((q, context) => {
    if (q.nameplate && q.loads.length > 1) {
      context.addIssue({
        code: 'custom',
        path: ['nameplate'],
        message: messages.aNameplateAppliesOnlyToOne,
      });
    }
  });
export type SizingInput = z.input<typeof sizingInput>;
export type SizingQuestion = z.output<typeof sizingInput>;

export const SIZING_DECISIONS = ['keep', 'size-down', 'size-up', 'split', 'rewire'] as const;

export const sizingOutput = z.object({
  loadAmps: z.number(),
  demandAmps: z.number(),
  ampacity: z.number(),
  maxBreakerAmps: z.number().describe('0 if no standard breaker protects this conductor here'),
  minBreakerAmps: z.number().nullable().describe('null if above the largest standard rating'),
  recommendedAmps: z.number().nullable(),
  interimAmps: z.number().nullable().describe('breaker to use until then, if the present one is too large'),
  decision: z.enum(SIZING_DECISIONS),
  reasons: z.array(reason),
});
export type Sizing = z.infer<typeof sizingOutput>;
