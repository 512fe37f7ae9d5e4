import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { z } from 'zod';
import { sizing } from '../../code/sizing/index.ts';
import { aCircuit, aLoad } from '../../testing/index.ts';
import {
  breakerInput,
  circuitInput,
  eventInput,
  instant,
  loadAmps,
  loadInput,
  noteInput,
  observationInput,
  panelInput,
  readingInput,
  siteInput,
  sizingQuestion,
  strikeInput,
} from './index.ts';

const at = '2026-11-20T10:00:00Z';

/** Where a schema finds fault with an input. */
const faults = (schema: z.ZodType, input: unknown) => {
  const result = schema.safeParse(input);
  return result.success ? [] : result.error.issues.map((issue) => issue.path.join('.'));
};

describe('what may be sent to be stored', () => {
  test.each([
    ['a site without a name', siteInput, { name: '  ' }, 'name'],
    ['a misspelt field', siteInput, { name: 'Loft', nmae: 'Loft' }, ''],
    ['an odd number of spaces', panelInput, { name: 'P', spaces: 7 }, 'spaces'],
    ['half a space', panelInput, { name: 'P', spaces: 7.5 }, 'spaces'],
    ['a breaker of 0 A', breakerInput, { space: 1, poles: 1, ratingAmps: 0 }, 'ratingAmps'],
    ['three poles', breakerInput, { space: 1, poles: 3, ratingAmps: 20 }, 'poles'],
    [
      '31 February',
      breakerInput,
      { space: 1, poles: 1, ratingAmps: 20, installedOn: '2026-02-31' },
      'installedOn',
    ],
    ['a load without a figure', loadInput, { name: 'Lamp', volts: 120 }, 'watts'],
    [
      'watts beyond volt-amperes',
      loadInput,
      { name: 'Lamp', volts: 120, watts: 100, voltAmperes: 90 },
      'watts',
    ],
    [
      'a nameplate with two loads',
      circuitInput,
      {
        label: 'C',
        nameplate: { minCircuitAmps: 10, maxBreakerAmps: 20 },
        loads: [
          { name: 'a', volts: 120, watts: 1 },
          { name: 'b', volts: 120, watts: 1 },
        ],
      },
      'nameplate',
    ],
    ['a voltage on a plug', readingInput, { quantity: 'voltage', point: 'plug', value: 1, at }, 'point'],
    [
      'a temperature without its air',
      readingInput,
      { quantity: 'temperature', point: 'face', value: 30, at },
      'ambientC',
    ],
    [
      'a local time',
      readingInput,
      { quantity: 'voltage', point: 'outlet', value: 119, at: '2026-11-20 10:00' },
      'at',
    ],
    ['a trip that says nothing', eventInput, { kind: 'trip', at }, 'pace'],
    ['a reset that says nothing', eventInput, { kind: 'reset', at }, 'result'],
    [
      'a latch that will not and holds',
      eventInput,
      { kind: 'reset', at, feel: 'will-not-latch', result: 'holds' },
      'result',
    ],
    [
      'a reset that tripped, no one knows how soon',
      eventInput,
      { kind: 'reset', at, result: 'tripped' },
      'pace',
    ],
    ['an unknown test', observationInput, { test: 'taste', outcome: 'sweet', at }, 'test'],
    [
      'an outcome of another test',
      observationInput,
      { test: 'sound', outcome: 'hot-plastic', at },
      'outcome',
    ],
    ['a strike without a reason', strikeInput, { why: ' ' }, 'why'],
    ['a note with a control character', noteInput, { note: 'a\u0000b', at }, 'note'],
    ['half a character', noteInput, { note: 'a\ud83d', at }, 'note'],
    ['a name that rings the bell', circuitInput, { label: 'Lathe\u0007' }, 'label'],
  ])('%s is refused at its field', (_what, schema, input, path) => {
    expect(faults(schema, input)).toContain(path);
  });

  test('what is left out gets its default', () => {
    expect(circuitInput.parse({ label: 'C' })).toMatchObject({
      conductor: null,
      terminalC: 60,
      ambientC: 30,
      rules: 'policy',
      loads: [],
    });
    expect(eventInput.parse({ kind: 'trip', at, pace: 'minutes' })).toMatchObject({
      amps: null,
      unplugged: false,
      cause: 'unknown',
    });
  });

  test('an instant is kept to the millisecond, always written the same way', () => {
    expect(instant.parse('2026-11-20T10:00:00Z')).toBe('2026-11-20T10:00:00.000Z');
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1901-01-01'), max: new Date('2199-01-01'), noInvalidDate: true }),
        (date) => {
          expect(instant.parse(date.toISOString())).toBe(date.toISOString());
        },
      ),
    );
  });
});

describe('a circuit’s sizing question', () => {
  const heater = aLoad({ id: 'x', name: 'Heater', volts: 240, watts: 4800, continuous: true });

  test('loads count by volt-amperes; by watts where those are not known', () => {
    expect(loadAmps(heater)).toBe(20);
    expect(loadAmps({ ...heater, voltAmperes: 6000 })).toBe(25);
  });

  test('is none without a conductor, else one that sizing takes', () => {
    expect(sizingQuestion(aCircuit({ conductor: null }), 20, 'split')).toBeNull();
    const question = sizingQuestion(
      aCircuit({ loads: [heater, { ...heater, id: 'y', continuous: false }] }),
      20,
      'split',
    )!;
    expect(sizing(question)).toMatchObject({ loadAmps: 40, demandAmps: 45 });
    expect(sizingQuestion(aCircuit(), 20, 'flat80')).toMatchObject({ rules: 'flat80' });
    expect(sizingQuestion(aCircuit({ rules: 'split' }), 20, 'flat80')).toMatchObject({ rules: 'split' });
    expect(new Set(question.loads.map((load) => load.id)).size).toBe(2);
  });
});
