import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { curveFromTable, currentFromTable } from './index.ts';

describe('a printed curve as a table', () => {
  test('with a line of names, decimal commas, never and empty cells', () => {
    expect(
      curveFromTable([
        ['multiple', 'fastest (s)', 'slowest (s)'],
        ['1,2', '95', 'never'],
        ['2', '12', '108'],
        ['3', '5', ''],
        [''],
      ]),
    ).toEqual({ problems: expect.arrayContaining([expect.stringMatching(/Line 4: A higher current/)]) });
    expect(
      curveFromTable([
        ['1,2', '95', '–'],
        ['2', '12', '108'],
        ['3', '5', '40'],
      ]),
    ).toEqual({
      ok: [
        { multiple: 1.2, fastestSeconds: 95, slowestSeconds: null },
        { multiple: 2, fastestSeconds: 12, slowestSeconds: 108 },
        { multiple: 3, fastestSeconds: 5, slowestSeconds: 40 },
      ],
    });
  });

  test('what is wrong is told with its line', () => {
    expect(
      curveFromTable([
        ['2', 'x', '9'],
        ['3', '4', '5'],
      ]),
    ).toMatchObject({
      problems: expect.arrayContaining([expect.stringMatching(/^Line 1: /)]),
    });
  });
});

describe('a logged current as a table', () => {
  test('seconds, or date and time; each line holds until the next, equal ones are one', () => {
    expect(
      currentFromTable([
        ['t', 'amps'],
        ['0', '4,2'],
        ['60', '12.5'],
        ['120', '12.5'],
        ['300', '0'],
      ]),
    ).toEqual({
      ok: [
        { amps: 4.2, seconds: 60 },
        { amps: 12.5, seconds: 240 },
      ],
    });
    expect(
      currentFromTable([
        ['2026-11-03T10:00:00Z', '5'],
        ['2026-11-03T10:01:30Z', '6'],
      ]),
    ).toEqual({
      ok: [{ amps: 5, seconds: 90 }],
    });
  });

  test.each([
    [
      [
        ['0', '5'],
        ['0', '6'],
      ],
      /Line 2: This time does not come after/,
    ],
    [
      [
        ['0', '5'],
        ['9', '-6'],
      ],
      /Line 2: The current must be/,
    ],
    [
      [
        ['0', '5'],
        ['soon', '6'],
      ],
      /Line 2: Begin with a time/,
    ],
    [
      [
        ['0', '5'],
        ['9', ''],
      ],
      /Line 2: Give the current/,
    ],
    [[['0', '5']], /two lines/],
  ])('%j is refused', (rows, message) => {
    expect(currentFromTable(rows)).toEqual({ problems: [expect.stringMatching(message)] });
  });

  test('law: the stretches are as long as the log, and carry its charge', () => {
    const lines = fc.array(fc.tuple(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 0, max: 40 })), {
      minLength: 2,
      maxLength: 30,
    });
    fc.assert(
      fc.property(lines, (drawn) => {
        let at = 0;
        const rows = drawn.map(([step, amps]) => [`${(at += step)}`, `${amps}`]);
        const read = currentFromTable(rows);
        if (!('ok' in read)) throw new Error(read.problems[0]);
        const charge = drawn.slice(0, -1).reduce((sum, [, amps], i) => sum + amps * drawn[i + 1]![0], 0);
        expect(read.ok.reduce((sum, { seconds }) => sum + seconds, 0)).toBe(at - drawn[0]![0]);
        expect(read.ok.reduce((sum, { amps, seconds }) => sum + amps * seconds, 0)).toBe(charge);
      }),
    );
  });
});
