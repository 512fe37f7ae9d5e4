import { describe, expect, test } from '@jest/globals';
import { CALCULATORS, type CalculatorAnswer } from './index.ts';

const calculatorOf = (id: string) => CALCULATORS.find((one) => one.id === id)!;
const initial = (id: string) =>
  Object.fromEntries(
    calculatorOf(id).fields.flatMap((field) => (field.initial === null ? [] : [[field.name, field.initial]])),
  );
const run = (id: string, change: object = {}) => calculatorOf(id).run({ ...initial(id), ...change });

test('each has its own id and fields, names its standard with the edition, and answers as it opens', () => {
  expect(new Set(CALCULATORS.map(({ id }) => id)).size).toBe(CALCULATORS.length);
  for (const { id, fields, source } of CALCULATORS) {
    expect([id, fields.length <= 6, new Set(fields.map(({ name }) => name)).size]).toEqual([
      id,
      true,
      fields.length,
    ]);
    expect(source).toMatch(/NEC 2023|UL 489|NETA|Definition/);
    expect([id, Object.keys(run(id))]).toEqual([id, ['headline', 'isOver', 'steps']]);
  }
});

test('what cannot be is told at its field', () => {
  expect(run('trip-time', { amps: -1 })).toMatchObject({ field: 'amps' });
  expect(run('trip-time', { preloadAmps: 30 })).toMatchObject({ field: 'preloadAmps' });
  expect(run('ampacity', { gauge: '14', material: 'aluminum' })).toMatchObject({ field: 'gauge' });
  expect(run('voltage-sag', { loaded: 125 })).toMatchObject({ field: 'loaded' });
  expect(run('voltage-sag', { amps: 0 })).toMatchObject({ field: 'amps' });
  expect(run('breaker-for-a-load', { amps: undefined })).toMatchObject({ field: 'amps' });
});

describe('figures worked by hand', () => {
  test('32 A for hours: 40 A and 8 AWG by the 60 °C column, table 310.16', () => {
    expect(run('breaker-for-a-load')).toMatchObject({
      headline: '40 A breaker, 8 AWG copper',
      isOver: false,
    });
    expect(run('breaker-for-a-load', { duration: 'short' })).toMatchObject({
      headline: '35 A breaker, 8 AWG copper',
    });
    expect(run('breaker-for-a-load', { amps: 401 })).toMatchObject({ isOver: true });
  });

  test('16 A through 30 m of 12 AWG: 6.33 Ω a km there and back are 0.38 Ω, 6.1 V', () => {
    expect(run('voltage-drop')).toMatchObject({
      headline: '5.1% voltage drop, 6.1 V',
      isOver: true,
      steps: [expect.stringContaining('0.38'), 'Smallest wire within 3%: 8 AWG copper.'],
    });
  });

  test('12 AWG of 90 °C at 60 °C terminals carries 20 A, and no more than its small-conductor limit', () => {
    expect(run('ampacity')).toMatchObject({
      headline: 'Carries 20 A',
      steps: [expect.any(String), 'Largest breaker: 20 A.'],
    });
    // Ten conductors in 40 °C: 30 A × 0.91 × 0.5.
    expect(run('ampacity', { ambientC: 40, currentCarrying: 10 })).toMatchObject({
      headline: 'Carries 13.7 A',
    });
  });

  test('121 V to 116 V at 12 A: 60 W of heat', () => {
    const sag = run('voltage-sag') as CalculatorAnswer;
    expect(sag).toMatchObject({ headline: '4.1% sag, 60 W of heat in the run', isOver: true });
    // Above 6% it is a hazard finding: what may be used and what waiting risks are told.
    const worse = run('voltage-sag', { loaded: 112 }) as CalculatorAnswer;
    expect(worse.steps.length).toBeGreaterThan(sag.steps.length);
    expect(worse.steps.join(' ')).toContain('The circuit may be used with care once the cause is known.');
  });

  test('960 VA at 900 W', () => {
    expect(run('volt-amperes', { watts: 900 })).toMatchObject({ headline: '960 VA, power factor 0.94' });
  });

  test('a source at the far end may, elsewhere may not', () => {
    expect(run('second-source')).toMatchObject({ headline: 'Allowed on this bus', isOver: false });
    const steps = (change: object) => (run('second-source', change) as CalculatorAnswer).steps;
    expect(steps({}).slice(0, 2)).toEqual([
      '✕ Main and sources within the bus: 240 A, limit 200 A.',
      '✓ Main and source at opposite ends, within 120% of the bus: 240 A, limit 240 A.',
    ]);
    expect(run('second-source', { position: 'other' })).toMatchObject({ isOver: true });
  });

  test('31 A on 20 A trips, 20 A never does', () => {
    expect(run('trip-time')).toMatchObject({ headline: expect.stringMatching(/^Trips in .* to /) });
    expect(run('trip-time', { amps: 20 })).toMatchObject({ isOver: false });
  });

  test('1,500 W at 120 V: 12.5 A, 63% of 20 A; 2,600 W are over', () => {
    expect(run('circuit-load')).toMatchObject({ headline: '12.5 A, 63% of 20 A', isOver: false });
    expect(run('circuit-load', { watts: 2600 })).toMatchObject({ isOver: true });
  });

  test('42 A and 18 A: the neutral carries 24 A', () => {
    expect(run('leg-balance')).toMatchObject({ headline: 'The legs differ by 24 A', isOver: true });
    expect(run('leg-balance', { b: 40 })).toMatchObject({ isOver: false });
  });

  test('10 °C over a similar one is repair soon; 40 °C over is urgent, and what follows is told', () => {
    expect(run('temperature-rise')).toMatchObject({ headline: 'Repair soon', isOver: true });
    const urgent = run('temperature-rise', { surfaceC: 70 }) as CalculatorAnswer;
    expect(urgent.headline).toContain('Urgent');
    expect(urgent.steps.length).toBeGreaterThan(
      (run('temperature-rise', { surfaceC: 31 }) as CalculatorAnswer).steps.length,
    );
    expect(run('temperature-rise', { surfaceC: 31 })).toMatchObject({ headline: 'Normal', isOver: false });
  });

  test('a motor and an air conditioner by table and nameplate', () => {
    expect(run('motor')).toMatchObject({ headline: 'Breaker up to 25 A, 14 AWG copper' });
    expect(run('air-conditioner')).toMatchObject({ headline: 'Breaker of 25 A to 40 A, 10 AWG copper' });
    expect(run('air-conditioner', { maximumBreaker: 20 })).toMatchObject({ field: 'maximumBreaker' });
    expect(run('air-conditioner', { minimumAmpacity: 41, maximumBreaker: 44 })).toMatchObject({
      isOver: true,
    });
  });

  test('box and conduit', () => {
    expect(run('box-fill')).toMatchObject({ headline: 'Box of at least 18 in³' });
    expect(run('box-fill', { clamps: 'none' })).toMatchObject({ headline: 'Box of at least 15.75 in³' });
    expect(run('conduit-fill')).toMatchObject({ headline: '1/2 in. conduit' });
    expect(run('conduit-fill', { conductors: 2.5 })).toMatchObject({ field: 'conductors' });
  });

  test('5 blinks of 1 Wh in a minute are 300 W: 2,628 kWh a year', () => {
    expect(run('hidden-load')).toMatchObject({ headline: '300 W all the time, 473 a year' });
    expect(run('hidden-load', { count: 0 })).toMatchObject({ field: 'count' });
  });
});
