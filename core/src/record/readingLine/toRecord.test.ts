import { describe, expect, test } from '@jest/globals';
import { eventInput, observationInput, readingInput } from '../entities/index.ts';
import { readingLine, entriesFromLine, unlikely, wantedOf, type Added } from './index.ts';

const places = [
  { id: 'a', place: '12', label: 'Bench' },
  { id: 'b', place: '5-7', label: 'Cooker' },
  { id: 'm', place: 'main', label: '' },
];
const now = '2026-11-27T10:00:00.000Z';
const entriesOf = (text: string) => readingLine({ text, now, places, here: 'a' }).entries;
const only = (text: string) => entriesOf(text)[0]!;
const SCHEMAS = { reading: readingInput, event: eventInput, observation: observationInput };

/** As the record takes it: its own schema says so. */
function taken(text: string, added: Added = {}) {
  const { kind, entry } = entriesFromLine(only(text), added, null);
  return SCHEMAS[kind].parse(entry);
}

describe('what is wanted besides', () => {
  test.each([
    ['tripped', 'pace'],
    ['tripped at 17a', 'pace'],
    ['tripped at once', null],
    ['tripped after 8 min', null],
    ['41c', 'air'],
    ['41c amb 22c', null],
    ['118v', null],
    ['reset', 'reset'],
    ['reset clicks', null],
    ['reset holds', null],
    ['reset, trips', 'pace'],
    ['reset trips at once', null],
    ['off', null],
    ['sizzles', null],
  ])('of “%s”: %s', (text, wanted) => expect(wantedOf(only(text), {})).toBe(wanted));

  test('a reset that is said to have tripped is asked how soon, once that is said no more', () => {
    expect(wantedOf(only('reset'), { result: 'tripped' })).toBe('pace');
    expect(wantedOf(only('reset'), { result: 'tripped', pace: 'seconds' })).toBeNull();
    expect(() => entriesFromLine(only('reset'), {}, null)).toThrow();
  });
});

describe('what is logged', () => {
  test.each([
    [
      '118.4v idle',
      {},
      {
        quantity: 'voltage',
        point: 'load-terminal',
        value: 118.4,
        loadState: 'no-load',
        instrument: 'contact-meter',
      },
    ],
    [
      '7.2 a at the plug',
      {},
      { quantity: 'current', point: 'plug', value: 7.2, instrument: 'plug-in-meter' },
    ],
    ['face 41c', { airC: 20 }, { quantity: 'temperature', point: 'face', value: 41, ambientC: 20 }],
    ['850w', {}, { quantity: 'power', point: 'plug', value: 850 }],
    ['34 mv', {}, { quantity: 'millivolts', point: 'across', value: 34, instrument: 'millivolt-meter' }],
    ['tripped 8 min at 17a', {}, { kind: 'trip', afterSeconds: 480, amps: 17, pace: null }],
    ['tripped', { pace: 'at-once' }, { kind: 'trip', afterSeconds: null, pace: 'at-once' }],
    ['no trip 2 h at 14a', {}, { kind: 'no-trip', afterSeconds: 7200, amps: 14 }],
    ['reset clicks, holds', {}, { kind: 'reset', feel: 'clean-clicks', result: 'holds' }],
    ['reset trips after 8 min', {}, { kind: 'reset', result: 'tripped', pace: 'minutes', afterSeconds: 480 }],
    ['reset', { result: 'holds' }, { kind: 'reset', feel: null, result: 'holds' }],
    ['reset', { feel: 'will-not-latch' }, { kind: 'reset', feel: 'will-not-latch', result: null }],
    ['off', {}, { kind: 'handle', position: 'off' }],
    ['two wires', {}, { test: 'terminal-inspection', outcome: 'two-wires-one-terminal' }],
  ] as [string, Added, object][])('“%s” with %j', (text, added, expected) =>
    expect(taken(text, added)).toMatchObject({ at: now, ...expected }),
  );

  test('in a case, as that case’s', () => {
    const { entry } = entriesFromLine(only('off'), {}, '0f9c1b60-6f0e-4a53-9a6e-1f3f6f1a0001');
    expect(entry).toMatchObject({ caseId: '0f9c1b60-6f0e-4a53-9a6e-1f3f6f1a0001' });
  });
});

describe('out of all likelihood', () => {
  const current = (value: number, before: number[] = []) =>
    unlikely(
      { quantity: 'current', point: 'conductor', value },
      20,
      before.map((one) => ({ quantity: 'current', point: 'conductor', value: one })),
    );
  const volts = (value: number, point: 'load-terminal' | 'legs' = 'load-terminal') =>
    unlikely({ quantity: 'voltage', point, value }, 20, []);

  test('1.31 A where 13 A stood is asked back; an idle circuit, or a load that halved, is not', () => {
    expect(current(1.31, [13.2, 13])).toContain('the reading before was 13 A');
    expect(current(131, [13])).not.toBeNull();
    expect(current(0.4, [13])).toBeNull();
    expect(current(6.5, [13])).toBeNull();
    expect(current(1.31)).toBeNull();
  });

  test('so are volts that no leg gives, a current that would open it, and heat that nothing stands', () => {
    expect(volts(184)).not.toBeNull();
    expect(volts(122)).toBeNull();
    expect(volts(242, 'legs')).toBeNull();
    expect(current(61)).not.toBeNull();
    expect(unlikely({ quantity: 'temperature', point: 'terminal', value: 160 }, 20, [])).not.toBeNull();
  });
});
