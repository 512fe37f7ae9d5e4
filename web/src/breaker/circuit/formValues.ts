import { GAUGES, MATERIALS, type ColumnC, type Gauge } from '@phylaxon/core/facts/standards';
import {
  CIRCUIT_RULES,
  circuitInput,
  type Circuit,
  type Load,
  type LoadInput,
  type SizedCircuit,
} from '@phylaxon/core/record/entities';
import { z } from 'zod';
import { neutralChoice, SHARES_NEUTRAL, type Units } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const SECONDS = 60;
/** Minutes as people write them, to a hundredth of a second. */
const toSeconds = (minutes: number) => Math.round(minutes * SECONDS * 100) / 100;
const toMinutes = (seconds: number | null) =>
  seconds === null ? null : Math.round((seconds / SECONDS) * 1e4) / 1e4;

interface RunningFields {
  onMinutes: number | null;
  offMinutes: number | null;
  surgeTimes: number | null;
  surgeSeconds: number | null;
}

/** How a load runs, as the record takes it. */
const runningOf = ({ onMinutes, offMinutes, surgeTimes, surgeSeconds }: RunningFields) => ({
  onSeconds: onMinutes === null ? null : toSeconds(onMinutes),
  offSeconds: offMinutes === null ? null : toSeconds(offMinutes),
  surgeTimes,
  surgeSeconds,
});

const FORM_FIELDS: Record<string, string> = {
  onSeconds: 'onMinutes',
  offSeconds: 'offMinutes',
  nameplate: 'minCircuitAmps',
};

/** Where the record speaks of a part of the circuit, the field of the form that holds it. */
const formPath = (path: readonly PropertyKey[]): PropertyKey[] =>
  path[0] === 'conductor' ? path.slice(1) : path.map((part) => FORM_FIELDS[String(part)] ?? part);

const loadForm = z.object({
  name: z.string(),
  volts: z.enum(['120', '240']),
  watts: z.number().nullable(),
  voltAmperes: z.number().nullable(),
  errorVoltAmperes: z.number().nullable(),
  continuous: z.boolean(),
  onMinutes: z.number().nullable(),
  offMinutes: z.number().nullable(),
  surgeTimes: z.number().nullable(),
  surgeSeconds: z.number().nullable(),
});

/** The circuit form. Selects hold text; figures hold numbers or null. */
const values = z.object({
  label: z.string(),
  gauge: z.enum(['', ...GAUGES]),
  material: z.enum(MATERIALS),
  insulationC: z.enum(['60', '75', '90']),
  cable: z.enum(['nm', 'other']),
  terminalC: z.enum(['60', '75']),
  ambientC: z.number().nullable(),
  currentCarrying: z.number().nullable(),
  lengthM: z.number().nullable(),
  portableReceptacles: z.boolean(),
  sharesNeutral: z.enum(['unknown', 'no', 'yes']),
  rules: z.enum(CIRCUIT_RULES),
  minCircuitAmps: z.number().nullable(),
  maxBreakerAmps: z.number().nullable(),
  loads: z.array(loadForm),
});
export type CircuitValues = z.output<typeof values>;

/** The circuit form, held against what the record takes: its rules are the only ones. */
export const circuitForm = (units: Units) =>
  values.superRefine((typed, context) => {
    if ((typed.minCircuitAmps === null) !== (typed.maxBreakerAmps === null)) {
      const path = typed.minCircuitAmps === null ? 'minCircuitAmps' : 'maxBreakerAmps';
      context.addIssue({ code: 'custom', path: [path], message: messages.enterBothNameplateFigures });
    }
    for (const { path, message } of circuitInput.safeParse(circuitFromForm(typed, units)).error?.issues ??
      []) {
      context.addIssue({ code: 'custom', path: formPath(path), message });
    }
  });

/** A load with nothing in it yet. */
export const emptyLoad = (poles: 1 | 2): CircuitValues['loads'][number] => ({
  name: '',
  volts: poles === 2 ? '240' : '120',
  watts: null,
  voltAmperes: null,
  errorVoltAmperes: null,
  continuous: false,
  onMinutes: null,
  offMinutes: null,
  surgeTimes: null,
  surgeSeconds: null,
});

/** A load of the record as the form holds it. */
export function loadValues(load: LoadInput): CircuitValues['loads'][number] {
  const { name, volts, watts = null, voltAmperes = null, errorVoltAmperes = null, continuous = false } = load;
  const { onSeconds = null, offSeconds = null, surgeTimes = null, surgeSeconds = null } = load;
  return {
    name,
    volts: String(volts) as '120' | '240',
    watts,
    voltAmperes,
    errorVoltAmperes,
    continuous,
    onMinutes: toMinutes(onSeconds),
    offMinutes: toMinutes(offSeconds),
    surgeTimes,
    surgeSeconds,
  };
}

/** A converted figure as a person would write it. */
const shown = (value: number) => Math.round(value * 10) / 10;

/** What the form starts with: the circuit as it is, or what is usual. */
export function circuitFormValues(
  circuit: Circuit | null,
  poles: 1 | 2,
  { fromCelsius, fromMetres }: Units,
): CircuitValues {
  const conductor = circuit?.conductor ?? null;
  return {
    label: circuit?.label ?? '',
    gauge: conductor?.gauge ?? '',
    material: conductor?.material ?? 'copper',
    insulationC: String(conductor?.insulationC ?? 90) as CircuitValues['insulationC'],
    cable: conductor?.cable ?? 'nm',
    terminalC: String(circuit?.terminalC ?? 60) as CircuitValues['terminalC'],
    ambientC: shown(fromCelsius(circuit?.ambientC ?? 30)),
    currentCarrying: circuit?.currentCarrying ?? 2,
    lengthM: circuit?.lengthM === null || !circuit ? null : shown(fromMetres(circuit.lengthM)),
    portableReceptacles: circuit?.portableReceptacles ?? poles === 1,
    sharesNeutral: neutralChoice(circuit?.sharesNeutral ?? null),
    rules: circuit?.rules ?? 'policy',
    minCircuitAmps: circuit?.nameplate?.minCircuitAmps ?? null,
    maxBreakerAmps: circuit?.nameplate?.maxBreakerAmps ?? null,
    loads: (circuit?.loads ?? []).map(loadValues),
  };
}

/** The form as the record takes it, defaults filled in. */
export function circuitFromForm(
  values: CircuitValues,
  { toCelsius, toMetres }: Units,
): SizedCircuit & Pick<Circuit, 'label' | 'lengthM' | 'sharesNeutral'> & { loads: Omit<Load, 'id'>[] } {
  const { gauge, material, insulationC, cable, minCircuitAmps, maxBreakerAmps, loads, ...rest } = values;
  return {
    ...rest,
    sharesNeutral: SHARES_NEUTRAL[values.sharesNeutral],
    terminalC: Number(values.terminalC) as 60 | 75,
    ambientC: values.ambientC === null ? 30 : toCelsius(values.ambientC),
    lengthM: values.lengthM === null ? null : toMetres(values.lengthM),
    currentCarrying: values.currentCarrying ?? 2,
    conductor:
      gauge === ''
        ? null
        : { gauge: gauge as Gauge, material, insulationC: Number(insulationC) as ColumnC, cable },
    nameplate: minCircuitAmps === null || maxBreakerAmps === null ? null : { minCircuitAmps, maxBreakerAmps },
    loads: loads.map(({ onMinutes, offMinutes, ...load }) => ({
      ...load,
      ...runningOf({ ...load, onMinutes, offMinutes }),
      volts: Number(load.volts) as 120 | 240,
    })),
  };
}
