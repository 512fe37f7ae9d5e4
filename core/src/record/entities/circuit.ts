import { z } from 'zod';
import {
  ambientC,
  exceedsApparent,
  metres,
  name,
  voltAmperes,
  watts,
  oneOf,
} from '../../facts/quantities/index.ts';
import { checkRunning, running } from '../../physics/profile/index.ts';
import {
  conductor,
  currentCarrying,
  nameplate,
  SIZING_RULES,
  terminalC,
  type SizingInput,
} from '../../code/sizing/index.ts';
import { basedOn, id } from './common.ts';

/** How a circuit’s demand is counted: as the chosen policy says, or by a rule of its own. */
export const CIRCUIT_RULES = ['policy', ...SIZING_RULES] as const;

const loadFields = {
  name: name('The load’s name'),
  volts: oneOf([120, 240], 'A load runs on 120 or 240 V.'),
  watts: watts.nullable().default(null),
  voltAmperes: voltAmperes.nullable().default(null),
  errorVoltAmperes: voltAmperes
    .nullable()
    .default(null)
    .describe('how far off the measured volt-amperes may be; null: by its nameplate'),
  continuous: z.boolean().default(false).describe('runs three hours or more'),
  ...running,
};

function checkLoad(
  load: Parameters<typeof checkRunning>[0] & { watts: number | null; voltAmperes: number | null },
  context: z.RefinementCtx,
) {
  checkRunning(load, context);
  if (load.watts === null && load.voltAmperes === null) {
    context.addIssue({ code: 'custom', path: ['watts'], message: 'Give watts, volt-amperes or both.' });
  } else if (
    load.watts !== null &&
    load.voltAmperes !== null &&
    exceedsApparent(load.watts, load.voltAmperes)
  ) {
    context.addIssue({ code: 'custom', path: ['watts'], message: 'Watts cannot exceed volt-amperes.' });
  }
}

export const loadInput = z.strictObject(loadFields).superRefine(checkLoad);
export type LoadInput = z.input<typeof loadInput>;

/** What a circuit is, field by field, with the bounds of each; its loads apart. */
export const circuitFields = {
  label: name('The circuit’s name'),
  conductor: conductor.nullable().default(null).describe('null: not known yet'),
  terminalC: terminalC.default(60),
  ambientC: ambientC.default(30),
  currentCarrying: currentCarrying.default(2),
  lengthM: metres.nullable().default(null),
  portableReceptacles: z.boolean().default(true),
  sharesNeutral: z
    .boolean()
    .nullable()
    .default(null)
    .describe('part of a multiwire branch circuit, which stays on its leg; null: the neutral was not traced'),
  nameplate: nameplate.nullable().default(null),
  rules: z.enum(CIRCUIT_RULES).default('policy'),
};

const loads = <L extends z.ZodType>(load: L) =>
  z.array(load).max(60, 'A circuit may have 60 loads at most.').default([]);

const oneFixedAppliance = (c: { nameplate: unknown; loads: unknown[] }) =>
  c.nameplate === null || c.loads.length <= 1;
const ONE_FIXED_APPLIANCE = {
  path: ['nameplate'],
  message: 'A nameplate goes with one fixed appliance, the circuit’s only load.',
};

export const circuitInput = z
  .strictObject({ ...circuitFields, loads: loads(loadInput), version: basedOn.optional() })
  .refine(oneFixedAppliance, ONE_FIXED_APPLIANCE);
export type CircuitInput = z.input<typeof circuitInput>;

/** A circuit as a file carries it, with its own ids. */
export const circuitRow = z
  .strictObject({
    id,
    breakerId: id,
    ...circuitFields,
    loads: loads(z.strictObject({ id, ...loadFields }).superRefine(checkLoad)),
    version: z.int().min(0),
  })
  .refine(oneFixedAppliance, ONE_FIXED_APPLIANCE);

export const load = z.object({
  id,
  name: z.string(),
  volts: oneOf([120, 240]),
  watts: z.number().nullable(),
  voltAmperes: z.number().nullable(),
  errorVoltAmperes: z.number().nullable(),
  continuous: z.boolean(),
  onSeconds: z.number().nullable(),
  offSeconds: z.number().nullable(),
  surgeTimes: z.number().nullable(),
  surgeSeconds: z.number().nullable(),
});
export type Load = z.infer<typeof load>;

export const circuit = z.object({
  id,
  breakerId: id,
  label: z.string(),
  conductor: conductor.nullable(),
  terminalC,
  ambientC: z.number(),
  currentCarrying: z.int(),
  lengthM: z.number().nullable(),
  portableReceptacles: z.boolean(),
  sharesNeutral: z.boolean().nullable(),
  nameplate: nameplate.nullable(),
  rules: z.enum(CIRCUIT_RULES),
  loads: z.array(load),
  version: z.int().describe('grows with every change'),
});
export type Circuit = z.infer<typeof circuit>;

/** What of a circuit bears on its sizing; its loads need no ids. */
export type SizedCircuit = Omit<
  Circuit,
  'id' | 'breakerId' | 'label' | 'lengthM' | 'sharesNeutral' | 'loads' | 'version'
> & {
  loads: Pick<Load, 'volts' | 'watts' | 'voltAmperes' | 'continuous'>[];
};

/** What a circuit draws of which no load is known. */
const NO_LOAD = { id: 'none', amps: 0, continuous: false };

/**
 * The sizing question a circuit asks of its breaker; `null` while its conductor is not known.
 *
 * @param circuit the circuit with its loads
 * @param breakerAmps rating of its breaker, A
 * @param policy the rule for circuits that have none of their own
 * @returns as `sizing` takes it
 * @example sizingQuestion({ ...circuit, conductor: null }, 20, 'split') // null
 */
export function sizingQuestion(
  circuit: SizedCircuit,
  breakerAmps: number,
  policy: SizingInput['rules'],
): SizingInput | null {
  const { rules, conductor, terminalC, ambientC, currentCarrying, portableReceptacles, nameplate, loads } =
    circuit;
  if (!conductor) return null;
  return {
    rules: rules === 'policy' ? policy : rules,
    conductor,
    terminalC,
    ambientC,
    currentCarrying,
    portableReceptacles,
    breakerAmps,
    nameplate: nameplate ?? undefined,
    loads:
      loads.length === 0
        ? [NO_LOAD]
        : loads.map((load, i) => ({ id: `${i + 1}`, amps: loadAmps(load), continuous: load.continuous })),
  };
}

/**
 * Current a load draws, in A: its volt-amperes over its volts; where only watts are known, as if its
 * power factor were 1.
 *
 * @param load V, and W or VA as far as they are known
 * @returns A
 * @example loadAmps({ volts: 120, watts: 1500, voltAmperes: null }) // 12.5
 */
export function loadAmps(load: Pick<Load, 'volts' | 'watts' | 'voltAmperes'>): number {
  return (load.voltAmperes ?? load.watts ?? 0) / load.volts;
}
