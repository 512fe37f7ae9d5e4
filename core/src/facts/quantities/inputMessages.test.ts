import { describe, expect, test } from '@jest/globals';
import { z } from 'zod';
import { COMPUTATIONS } from '../../compute/index.ts';
import * as record from '../../record/entities/index.ts';
import { settings } from '../../record/settings/index.ts';
import { siteFile } from '../../views/siteFile/index.ts';

/** Words of the library’s, not ours. */
const LIBRARY = /\b(Invalid|expected|received|Unrecognized|Too (small|big)|NaN|input)\b/;

const HOSTILE: unknown[] = [
  undefined,
  null,
  0,
  -1,
  1e300,
  Number.NaN,
  '',
  'x'.repeat(5000),
  '\u0000',
  true,
  [],
  [[]],
  [{}],
  {},
  { kind: 'none' },
  { constructor: 1, extra: 2 },
];

/** Every message a schema gives to hostile values, put at each of its fields in turn. */
function messagesOf(schema: z.ZodType): string[] {
  const fields = schema instanceof z.ZodObject ? Object.keys(schema.shape) : [];
  const inputs: unknown[] = [...HOSTILE];
  for (const field of fields)
    for (const value of HOSTILE)
      inputs.push({ [field]: value }, { [field]: [value] }, { [field]: { [field]: value } });
  return inputs.flatMap((input) => schema.safeParse(input).error?.issues.map(({ message }) => message) ?? []);
}

const inputs = Object.fromEntries(Object.entries(COMPUTATIONS).map(([name, { input }]) => [name, input]));
const SCHEMAS = Object.entries<unknown>({ ...inputs, ...record, settings, siteFile }).flatMap(
  ([name, value]): [string, z.ZodType][] => (value instanceof z.ZodType ? [[name, value]] : []),
);

describe('what is wrong is said in sentences of our own', () => {
  test.each(SCHEMAS)('%s', (_name, schema) => {
    const messages = [...new Set(messagesOf(schema))];
    for (const message of messages) {
      expect(message).not.toMatch(LIBRARY);
      expect(message).toMatch(/^[A-Z0-9“].*[.!?]$/s);
      expect(message.length).toBeLessThan(700);
    }
  });

  test.each([
    [z.string(), undefined, 'This is missing.'],
    [z.strictObject({}), { aaa: 1 }, 'Unknown field'],
    [z.array(z.number()).min(1), [], 'Enter at least one.'],
    [z.string().max(3), 'four', 'Enter at most 3 characters.'],
    [z.number().max(3), 4, 'Enter a value of 3 or less.'],
    [z.enum(['on', 'off']), 'up', 'This must be one of: on, off.'],
  ])('%#', (schema, input, expected) => {
    expect(schema.safeParse(input).error!.issues[0]!.message).toContain(expected);
  });
});

describe('lists that may not be empty', () => {
  const event = { segments: [], outcome: 'tripped', notBeforeSeconds: 5 };
  const load = { ratingAmps: 20, ambientC: 25 };
  test.each([
    ['effective-rating', { ratingAmps: 20, events: [event] }, 'events.0.segments'],
    ['opening-time', { ratingAmps: 20, amps: 40, events: [event] }, 'events.0.segments'],
    [
      'profile',
      { ...load, unit: { events: [event] }, events: [event], loads: [{ id: 'a', amps: 9 }] },
      'segments',
    ],
    ['heat', { ambientC: 20, points: [] }, 'points'],
    [
      'sizing',
      {
        rules: 'split',
        conductor: { gauge: '12', material: 'copper', insulationC: 75, cable: 'nm' },
        terminalC: 60,
        loads: [],
        breakerAmps: 20,
        portableReceptacles: true,
      },
      'loads',
    ],
  ] as const)('%s tells it at its place', (name, input, path) => {
    const { error } = (COMPUTATIONS[name].input as z.ZodType).safeParse(input);
    expect(error!.issues.map((issue) => issue.path.join('.')).join(' ')).toContain(path);
  });
});
