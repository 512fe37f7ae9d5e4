import { describe, expect, test } from '@jest/globals';
import { circuitInput, sizingQuestion } from '@phylaxon/core/record/entities';
import { aCircuit, aLoad } from '@phylaxon/core/testing';
import { DEFAULT_SETTINGS } from '@phylaxon/core/record/settings';
import { unitsOf } from '../../shared/ui/index.ts';
import * as form from './formValues.ts';

const units = unitsOf(DEFAULT_SETTINGS);
const circuitForm = form.circuitForm(units);
const circuitOf = (values: form.CircuitValues) => form.circuitFromForm(values, units);
const valuesOf = (...of: [Parameters<typeof form.circuitFormValues>[0], 1 | 2]) =>
  form.circuitFormValues(...of, units);
const { emptyLoad } = form;

const heater = aLoad({
  id: '1',
  name: 'Heater',
  volts: 240,
  watts: 3000,
  continuous: true,
  onSeconds: 100,
  offSeconds: 5400,
  surgeTimes: 4.5,
  surgeSeconds: 0.4,
});
const faults = (values: object) =>
  circuitForm.safeParse(values).error?.issues.map((issue) => issue.path.join('.')) ?? [];

describe('the circuit form', () => {
  test('a circuit comes out of the form as it went in', () => {
    const circuit = aCircuit({
      conductor: { gauge: '6', material: 'aluminum', insulationC: 75, cable: 'other' },
      terminalC: 75,
      ambientC: 41.5,
      currentCarrying: 4,
      lengthM: 12,
      portableReceptacles: false,
      nameplate: { minCircuitAmps: 17, maxBreakerAmps: 30 },
      rules: 'flat80',
      loads: [heater],
    });
    const returned = circuitOf(circuitForm.parse(valuesOf(circuit, 2)));
    const { id, breakerId, version } = circuit;
    expect({ id, breakerId, version, ...returned, loads: [{ id: heater.id, ...returned.loads[0] }] }).toEqual(
      circuit,
    );
  });

  test('half a cycle, or a surge longer than the load is on, is told where it was given', () => {
    const load = { ...emptyLoad(1), name: 'Pump', watts: 500 };
    const form = (change: object) => ({
      ...valuesOf(null, 1),
      label: 'Pump',
      loads: [{ ...load, ...change }],
    });
    expect(faults(form({ onMinutes: 5 }))).toEqual(['loads.0.offMinutes']);
    expect(faults(form({ surgeTimes: 6 }))).toEqual(['loads.0.surgeSeconds']);
    expect(faults(form({ onMinutes: 0.05, offMinutes: 1, surgeTimes: 6, surgeSeconds: 9 }))).toEqual([
      'loads.0.surgeSeconds',
    ]);
    expect(faults(form({ onMinutes: 5, offMinutes: 2, surgeTimes: 6, surgeSeconds: 0.5 }))).toEqual([]);
  });

  test('what it sends the server takes', () => {
    const values = { ...valuesOf(null, 1), label: 'Lathe' };
    expect(circuitInput.safeParse(circuitOf(circuitForm.parse(values))).success).toBe(true);
  });

  test('a new circuit starts with what is usual: outlets on one pole, fixed loads on two', () => {
    expect([valuesOf(null, 1).portableReceptacles, valuesOf(null, 2).portableReceptacles]).toEqual([
      true,
      false,
    ]);
    expect([emptyLoad(1).volts, emptyLoad(2).volts]).toEqual(['120', '240']);
  });

  test('while the gauge is not known there is no question to compare', () => {
    expect(sizingQuestion(circuitOf(valuesOf(null, 1)), 20, 'split')).toBeNull();
  });

  test.each([
    ['aluminum in 14', { gauge: '14', material: 'aluminum' }, 'gauge'],
    ['half a nameplate', { minCircuitAmps: 10 }, 'maxBreakerAmps'],
    ['the other half', { maxBreakerAmps: 20 }, 'minCircuitAmps'],
    ['a load without a figure', { loads: [{ ...emptyLoad(1), name: 'x' }] }, 'loads.0.watts'],
    ['a load without a name', { loads: [{ ...emptyLoad(1), watts: 5 }] }, 'loads.0.name'],
    [
      'watts beyond volt-amperes',
      { loads: [{ ...emptyLoad(1), name: 'x', watts: 9, voltAmperes: 5 }] },
      'loads.0.watts',
    ],
    ['a length that is no number', { lengthM: Number.NaN }, 'lengthM'],
    ['half a wire', { currentCarrying: 2.5 }, 'currentCarrying'],
  ])('%s is told at its field', (_what, change, path) => {
    expect(faults({ ...valuesOf(null, 1), label: 'C', ...change })).toEqual([path]);
  });
});
