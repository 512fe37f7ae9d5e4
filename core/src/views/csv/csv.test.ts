import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Reading } from '../../record/entities/index.ts';
import { aBreaker, aCircuit, aLoad, aReading, uuid } from '../../testing/index.ts';
import { directoryToCsv, missingColumns, READING_COLUMNS, readingsFromCsv, readingToCsv } from './index.ts';

const BREAKERS = [
  aBreaker({ id: uuid(1), space: 1 }),
  aBreaker({ id: uuid(2), space: 5, poles: 2 }),
  aBreaker({ id: uuid(3), space: 19, half: 'upper' }),
  aBreaker({ id: uuid(4), role: 'main', space: null, poles: 2 }),
];
const row = (change: object = {}) => ({
  'time (UTC)': '2026-11-03T19:05:00Z',
  place: '1',
  'measured at': 'outlet',
  value: '119',
  unit: 'V',
  ...change,
});
const read = (...rows: object[]) => readingsFromCsv(rows as Record<string, string>[], BREAKERS);

describe('a table of readings', () => {
  test.each([
    ['1', 1],
    ['5–7', 2],
    ['5-7', 2],
    [' 5 ', 2],
    ['19 Upper', 3],
    ['19u', 3],
    ['main', 4],
  ])('the place “%s” is understood', (place, n) => {
    expect(read(row({ place })).readings.map(({ breakerId }) => breakerId)).toEqual([uuid(n)]);
  });

  test('columns are found whatever their case; those not needed may be missing', () => {
    expect(missingColumns(['Time (UTC)', 'PLACE', 'Measured at', 'value', 'unit', 'more'])).toEqual([]);
    expect(missingColumns(['place', 'value'])).toEqual(['time (UTC)', 'measured at', 'unit']);
    const shouted = Object.fromEntries(
      Object.entries(row()).map(([name, value]) => [name.toUpperCase(), value]),
    );
    expect(read(shouted).readings).toHaveLength(1);
  });

  test.each([
    [{ place: '2' }, 'place', /no breaker at “2”/],
    [{ unit: 'kV' }, 'unit', /V, A, W, mV, °C or °F/],
    [{ value: '' }, 'value', /must be a number/],
    [{ value: '2000' }, 'value', /0 to 1000 V/],
    [{ 'time (UTC)': '2026-11-03T19:05' }, 'time (UTC)', /in UTC/],
    [{ 'measured at': 'conductor' }, 'measured at', /./],
    [{ unit: '°C', 'measured at': 'face', value: '40' }, 'air (°C)', /must be a number/],
    [{ load: 'plenty' }, 'load', /./],
  ])('%j is told at its cell', (change, column, message) => {
    const { readings, problems } = read(row(), row(change));
    expect(readings).toHaveLength(1);
    expect(problems).toContainEqual({ line: 3, column, message: expect.stringMatching(message) });
  });

  test('what is struck in it is left out; a note that looked like a formula is one again', () => {
    const { readings, struck } = read(
      row({ struck: 'misread' }),
      row({ note: "'=1+1" }),
      row({ note: "'tis warm" }),
    );
    expect(struck).toBe(1);
    expect(readings.map(({ reading }) => reading.note)).toEqual(['=1+1', "'tis warm"]);
  });

  test('law: a reading that is written out is read back the same', () => {
    const points: [Reading['quantity'], Reading['point']][] = [
      ['voltage', 'load-terminal-2'],
      ['current', 'plug'],
      ['temperature', 'terminal'],
    ];
    const reading = fc
      .tuple(
        fc.constantFrom(...points),
        fc.double({ min: 0, max: 400, noNaN: true }),
        fc.integer({ min: 0, max: 5000 }),
      )
      .map(([[quantity, point], value, minute]) =>
        aReading(quantity, point, value, minute, { loadState: 'everything-on', instrument: 'clamp-meter' }),
      );
    fc.assert(
      fc.property(reading, fc.constantFrom(...BREAKERS), (one, breaker) => {
        const cells = readingToCsv(one, { panel: 'P', breaker, circuit: 'C' });
        expect(Object.keys(cells)).toEqual([...READING_COLUMNS]);
        const text = Object.fromEntries(Object.entries(cells).map(([name, value]) => [name, String(value)]));
        const { readings, problems } = read(text);
        expect(problems).toEqual([]);
        const { at, value, point, ambientC, loadState, instrument } = one;
        expect(readings[0]).toMatchObject({
          breakerId: breaker.id,
          reading: { at, value, point, loadState, instrument, ...(ambientC !== null && { ambientC }) },
        });
      }),
    );
  });
});

test('a directory’s line says what hangs on the breaker', () => {
  const loads = [aLoad({ id: uuid(9), name: 'Lathe', watts: 900, voltAmperes: 1200 })];
  expect(
    directoryToCsv(aBreaker({ space: 5, poles: 2 }), aCircuit({ label: 'Shed', lengthM: 12, loads })),
  ).toMatchObject({
    place: '5–7',
    legs: 'A B',
    circuit: 'Shed',
    conductor: '12 AWG copper',
    'connected (A)': 10,
    loads: 'Lathe',
  });
  expect(directoryToCsv(aBreaker({ role: 'main', space: null }), null)).toMatchObject({
    place: 'Main',
    circuit: '',
  });
});
