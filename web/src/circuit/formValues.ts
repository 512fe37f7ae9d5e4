import { checkRunning, running } from '@phylaxon/core/physics/profile';
import {
  ambientC,
  amps,
  metres,
  name,
  ratingAmps,
  voltAmperes,
  watts,
} from '@phylaxon/core/facts/quantities';
import { CIRCUIT_RULES, type Circuit, type Load, type SizedCircuit } from '@phylaxon/core/record/entities';
import { GAUGES, MATERIALS, type ColumnC, type Gauge } from '@phylaxon/core/facts/standards';
import { z } from 'zod';
import { fromCelsius, fromMetres, inUnit, toCelsius, toMetres } from '../shared/index.ts';

const SECONDS = 60;
/** Minutes as people write them, to a hundredth of a second. */
const toSeconds = (minutes: number) => Math.round(minutes * SECONDS * 100) / 100;
const toMinutes = (seconds: number | null) =>
  seconds === null ? null : Math.round((seconds / SECONDS) * 1e4) / 1e4;

const minutes = inUnit(running.onSeconds.unwrap().unwrap(), toSeconds);

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

const FORM_FIELDS: Record<string, string> = { onSeconds: 'onMinutes', offSeconds: 'offMinutes' };

/** What is said of a field of the record, at the field of the form. */
const atFormField = <I extends object | string>(issue: I): I =>
  typeof issue === 'object' && 'path' in issue && Array.isArray(issue.path)
    ? { ...issue, path: issue.path.map((part) => FORM_FIELDS[String(part)] ?? (part as PropertyKey)) }
    : issue;

/** The circuit form. Selects hold text; figures hold numbers or null. */
export const circuitForm = z
  .object({
    label: name('The circuit’s name'),
    gauge: z.enum(['', ...GAUGES]),
    material: z.enum(MATERIALS),
    insulationC: z.enum(['60', '75', '90']),
    cable: z.enum(['nm', 'other']),
    terminalC: z.enum(['60', '75']),
    ambientC: inUnit(ambientC, toCelsius),
    currentCarrying: z
      .number('Give a whole number.')
      .int('Give a whole number.')
      .min(1, 'At least one conductor carries current.')
      .max(200)
      .nullable(),
    lengthM: inUnit(metres, toMetres),
    portableReceptacles: z.boolean(),
    rules: z.enum(CIRCUIT_RULES),
    minCircuitAmps: amps.nullable(),
    maxBreakerAmps: ratingAmps.nullable(),
    loads: z.array(
      z
        .object({
          name: name('The load’s name'),
          volts: z.enum(['120', '240']),
          watts: watts.nullable(),
          voltAmperes: voltAmperes.nullable(),
          continuous: z.boolean(),
          onMinutes: minutes,
          offMinutes: minutes,
          surgeTimes: running.surgeTimes.unwrap(),
          surgeSeconds: running.surgeSeconds.unwrap(),
        })
        .superRefine((load, context) => {
          checkRunning(runningOf(load), {
            ...context,
            addIssue: (issue) => context.addIssue(atFormField(issue)),
          });
          if (load.watts === null && load.voltAmperes === null) {
            context.addIssue({
              code: 'custom',
              path: ['watts'],
              message: 'Give watts, volt-amperes or both.',
            });
          } else if (
            load.watts !== null &&
            load.voltAmperes !== null &&
            load.watts > load.voltAmperes * 1.02
          ) {
            context.addIssue({
              code: 'custom',
              path: ['watts'],
              message: 'Watts cannot exceed volt-amperes.',
            });
          }
        }),
    ),
  })
  .superRefine((c, context) => {
    if (c.gauge === '14' && c.material === 'aluminum') {
      context.addIssue({ code: 'custom', path: ['gauge'], message: 'Aluminum is not made in 14 AWG.' });
    }
    if ((c.minCircuitAmps === null) !== (c.maxBreakerAmps === null)) {
      const path = c.minCircuitAmps === null ? 'minCircuitAmps' : 'maxBreakerAmps';
      context.addIssue({ code: 'custom', path: [path], message: 'A nameplate gives both figures.' });
    }
    if (c.minCircuitAmps !== null && c.loads.length > 1) {
      context.addIssue({
        code: 'custom',
        path: ['minCircuitAmps'],
        message: 'A nameplate goes with one fixed appliance, the circuit’s only load.',
      });
    }
  });
export type CircuitValues = z.output<typeof circuitForm>;

/** A load with nothing in it yet. */
export const emptyLoad = (poles: 1 | 2): CircuitValues['loads'][number] => ({
  name: '',
  volts: poles === 2 ? '240' : '120',
  watts: null,
  voltAmperes: null,
  continuous: false,
  onMinutes: null,
  offMinutes: null,
  surgeTimes: null,
  surgeSeconds: null,
});

/** A converted figure as a person would write it. */
const shown = (value: number) => Math.round(value * 10) / 10;

/** What the form starts with: the circuit as it is, or what is usual. */
export function valuesOf(circuit: Circuit | null, poles: 1 | 2): CircuitValues {
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
    rules: circuit?.rules ?? 'school',
    minCircuitAmps: circuit?.nameplate?.minCircuitAmps ?? null,
    maxBreakerAmps: circuit?.nameplate?.maxBreakerAmps ?? null,
    loads: (circuit?.loads ?? []).map(({ id: _id, volts, onSeconds, offSeconds, ...load }) => ({
      ...load,
      volts: String(volts) as '120' | '240',
      onMinutes: toMinutes(onSeconds),
      offMinutes: toMinutes(offSeconds),
    })),
  };
}

/** The form as the record takes it, defaults filled in. */
export function circuitOf(
  values: CircuitValues,
): SizedCircuit & Pick<Circuit, 'label' | 'lengthM'> & { loads: Omit<Load, 'id'>[] } {
  const { gauge, material, insulationC, cable, minCircuitAmps, maxBreakerAmps, loads, ...rest } = values;
  return {
    ...rest,
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
