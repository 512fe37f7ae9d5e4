import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { ambientC, amps, noRepeatedIds, ratingAmps, reason, oneOf } from '../../facts/quantities/index.ts';
import {
  COLUMNS_C,
  GAUGES,
  MATERIALS,
  type FeederGauge,
  type Material,
  isMade,
  NOT_MADE,
} from '../../facts/standards/index.ts';

export const conductor = z
  .object({
    gauge: z.enum(GAUGES, 'The gauge must be one of 14 to 4/0 AWG.'),
    material: z.enum(MATERIALS, 'The material must be copper or aluminum.'),
    insulationC: oneOf([...COLUMNS_C], 'The insulation must be 60, 75 or 90 °C.'),
    cable: z.enum(['nm', 'other'], 'The cable must be nm or other.'),
  })
  .refine(isMade, NOT_MADE);
export type Conductor = z.infer<typeof conductor>;

/**
 * A conductor as people call it.
 *
 * @param conductor gauge (AWG or kcmil) and material
 * @returns its name, as within a sentence
 * @example sayConductor({ gauge: '12', material: 'copper' }) // '12 AWG copper'
 * @example sayConductor({ gauge: '250', material: 'aluminum' }) // '250 kcmil aluminum'
 */
export const sayConductor = ({ gauge, material }: { gauge: FeederGauge; material: Material }): string =>
  `${gauge} ${(GAUGES as readonly string[]).includes(gauge) ? 'AWG' : 'kcmil'} ${material}`;

export const terminalC = oneOf([60, 75], 'The terminal must be marked 60 or 75 °C.');

/** Motor-compressor nameplate: the least the conductor must carry, the largest breaker allowed. */
export const nameplate = z.object({ minCircuitAmps: amps, maxBreakerAmps: ratingAmps });
export type Nameplate = z.infer<typeof nameplate>;

const sizedLoad = z.object({
  id: z.string().min(1, 'The id must not be empty.'),
  amps: amps.describe('A, as the code counts the load'),
  continuous: z.boolean().describe('three hours or more'),
});

export const SIZING_RULES = ['split', 'flat80'] as const;

export const currentCarrying = z
  .int('The number of current-carrying conductors must be a whole number.')
  .min(1, 'At least one conductor carries current.')
  .max(200, 'At most 200 current-carrying conductors.');

export const sizingInput = z
  .object({
    rules: z
      .enum(SIZING_RULES)
      .describe(
        `split: 125 % of continuous plus the rest; flat80: all at most ${100 * LOAD_LIMITS.continuousShare} %`,
      ),
    conductor,
    terminalC,
    ambientC: ambientC.default(30),
    currentCarrying: currentCarrying.default(2),
    loads: z
      .array(sizedLoad)
      .min(1, 'Give at least one load.')
      .max(200, 'At most 200 loads at a time.')
      .superRefine(noRepeatedIds),
    breakerAmps: ratingAmps,
    portableReceptacles: z.boolean().describe('ordinary outlets that anything may be plugged into'),
    nameplate: nameplate.optional(),
  })
  .superRefine((q, context) => {
    if (q.nameplate && q.loads.length > 1) {
      context.addIssue({
        code: 'custom',
        path: ['nameplate'],
        message: 'A nameplate goes with one fixed appliance, the circuit’s only load.',
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
  maxBreakerAmps: z.number().describe('0: no standard breaker protects this conductor here'),
  minBreakerAmps: z.number().nullable().describe('null: beyond the largest standard rating'),
  recommendedAmps: z.number().nullable(),
  interimAmps: z
    .number()
    .nullable()
    .describe('the breaker to use until then, where the present one is too large'),
  decision: z.enum(SIZING_DECISIONS),
  reasons: z.array(reason),
});
export type Sizing = z.infer<typeof sizingOutput>;
