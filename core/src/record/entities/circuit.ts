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
import { loadAmps } from './loadAmps.ts';
import * as messages from './messages.ts';

/** How a circuit’s demand is counted: as the chosen policy says, or by a rule of its own. */
export const CIRCUIT_RULES = ['policy', ...SIZING_RULES] as const;

const loadFields = {
  name: name(messages.theLoadName),
  volts: oneOf([120, 240], messages.aLoadRunsOn120Or),
  watts: watts.nullable().default(null),
  voltAmperes: voltAmperes.nullable().default(null),
  errorVoltAmperes: voltAmperes
    .nullable()
    .default(null)
    .describe('error of the measured volt-amperes; null if from the nameplate'),
  continuous: z.boolean().default(false).describe('true if it runs three hours or more'),
  ...running,
};

function checkLoad(
  load: Parameters<typeof checkRunning>[0] & { watts: number | null; voltAmperes: number | null },
  context: z.RefinementCtx,
) {
  checkRunning(load, context);
  if (load.watts === null && load.voltAmperes === null) {
    context.addIssue({ code: 'custom', path: ['watts'], message: messages.enterWattsVoltAmperesOrBoth });
  } else if (
    load.watts !== null &&
    load.voltAmperes !== null &&
    exceedsApparent(load.watts, load.voltAmperes)
  ) {
    context.addIssue({ code: 'custom', path: ['watts'], message: messages.wattsCannotExceedVoltAmperes });
  }
}

export const loadInput = z.strictObject(loadFields).superRefine(checkLoad);
export type LoadInput = z.input<typeof loadInput>;

/** What a circuit is, field by field, with the bounds of each; its loads apart. */
export const circuitFields = {
  label: name(messages.theCircuitName),
  conductor: conductor.nullable().default(null).describe('null if not known yet'),
  terminalC: terminalC.default(60),
  ambientC: ambientC.default(30),
  currentCarrying: currentCarrying.default(2),
  lengthM: metres.nullable().default(null),
  portableReceptacles: z.boolean().default(true),
  sharesNeutral: z
    .boolean()
    .nullable()
    .default(null)
    .describe(
      'true for a multiwire branch circuit, which stays on its leg; null if the neutral was not traced',
    ),
  nameplate: nameplate.nullable().default(null),
  rules: z.enum(CIRCUIT_RULES).default('policy'),
};

const loads = <L extends z.ZodType>(load: L) =>
  z.array(load).max(60, messages.aCircuitCanHaveAtMost).default([]);

const oneFixedAppliance = (c: { nameplate: unknown; loads: unknown[] }) =>
  c.nameplate === null || c.loads.length <= 1;
const ONE_FIXED_APPLIANCE = {
  path: ['nameplate'],
  message: messages.aNameplateAppliesOnlyToOne,
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
  version: z.int().describe('increases with every change'),
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
