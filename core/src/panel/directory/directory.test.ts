import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Placed } from '../layout/index.ts';
import { aShape } from '../../testing/index.ts';
import { parseDirectory, parseDirectoryLine } from './index.ts';

const shape = (spaces: number) => aShape({ spaces, narrowSpaces: null });

describe('a line', () => {
  test.each([
    [
      '1 kitchen counter 20',
      { space: 1, half: null, poles: 1, label: 'kitchen counter', ratingAmps: 20, kind: 'standard' },
    ],
    ['2-4 range 40 2p', { space: 2, poles: 2, label: 'range', ratingAmps: 40 }],
    ['2,4 range 40', { space: 2, poles: 2 }],
    ['6 water heater 30a 2P', { space: 6, poles: 2, ratingAmps: 30 }],
    ['19u office 15 af', { space: 19, half: 'upper', kind: 'afci', label: 'office' }],
    ['19-lower router 15', { space: 19, half: 'lower' }],
    ['5i dryer 30', { space: 5, half: 'inner', poles: 2 }],
    ['5-7o heater 30', { space: 5, half: 'outer', poles: 2 }],
    ['3 dining 20 tied', { space: 3, tied: true, label: 'dining' }],
    ['2-4 whole house 50 surge', { kind: 'surge', poles: 2 }],
    ['13-16 blank', { spaces: [13, 14, 15, 16], cover: 'blank' }],
    ['9 open', { spaces: [9], cover: 'open' }],
    ['  7   bedroom 2   15 A gfci ', { space: 7, label: 'bedroom 2', ratingAmps: 15, kind: 'gfci' }],
    [
      '8 flat: cooker hood & fan 12.5 gf+af',
      { label: 'flat: cooker hood & fan', ratingAmps: 12.5, kind: 'dual' },
    ],
  ])('“%s”', (text, expected) => {
    expect(parseDirectoryLine(text, 3)).toMatchObject({ line: 3, ...expected });
  });

  test('law: what is written by the rules is read as it was meant', () => {
    const word = fc
      .stringMatching(/^[a-z]{3,8}$/)
      .filter((w) => !['afci', 'gfci', 'dual', 'surge', 'tied'].includes(w));
    const meant = fc.record({
      space: fc.integer({ min: 1, max: 84 }),
      poles: fc.constantFrom(1 as const, 2 as const),
      words: fc.array(word, { minLength: 1, maxLength: 4 }),
      ratingAmps: fc.integer({ min: 1, max: 1000 }),
      kind: fc.constantFrom('standard' as const, 'gfci' as const, 'afci' as const, 'dual' as const),
    });
    fc.assert(
      fc.property(meant, ({ space, poles, words, ratingAmps, kind }) => {
        const place = poles === 2 ? `${space}-${space + 2}` : `${space}`;
        const text = [place, ...words, ratingAmps, kind === 'standard' ? '' : kind].join(' ');
        expect(parseDirectoryLine(text, 1)).toEqual({
          line: 1,
          space,
          half: null,
          poles,
          label: words.join(' '),
          ratingAmps,
          kind,
          tied: false,
        });
      }),
    );
  });

  test('law: whatever is typed, it is understood or refused with a reason, never thrown', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const { entries, openings, problems } = parseDirectory(text, shape(24), []);
        for (const problem of problems) expect(problem.message).toMatch(/\.$/);
        expect(entries.length + openings.length + problems.length).toBe(
          text.split(/\r?\n/).filter((line) => line.trim() !== '').length,
        );
      }),
    );
  });
});

describe('what cannot be is refused with its reason', () => {
  const present: Placed[] = [
    { id: 'a', space: 3, poles: 1, half: null },
    { id: 'b', space: 5, poles: 2, half: null },
    { id: 'c', space: 8, poles: 1, half: 'upper' },
  ];

  test.each([
    ['3 hall 15', /Space 3 is taken/],
    ['5 hall 15', /Space 5 is taken/],
    ['7 hall 15', /Space 7 is taken/],
    ['1-3 range 40', /Space 3 is taken/],
    ['1 range 40 2p', /Space 3 is taken/],
    ['3u hall 15', /Space 3 is taken/],
    ['8 hall 15', /Space 8 is taken/],
    ['8u hall 15', /upper half of space 8 is taken/],
    ['8-10 range 40', /Space 8 is taken/],
    ['8u range 40 2p', /cannot be two-pole/],
    ['8l range 40 2p', /cannot be two-pole/],
    ['2-3 range 40', /be on both legs: spaces 2 and 4, not 2 and 3/],
    ['2-6 range 40', /be on both legs/],
    ['4-2 range 40', /be on both legs/],
    ['2-2 range 40', /be on both legs/],
    ['2-4 range 40 1p', /one-pole breaker takes one space/],
    ['11-13 range 40', /would need space 13, but this panel ends at 12/],
    ['12 range 40 2p', /would need space 14/],
    ['13 hall 15', /spaces 1 to 12/],
    ['0 hall 15', /spaces 1 to 12/],
    ['hall 15', /“hall” is not a space/],
    ['4x hall 15', /is not a space/],
    ['4 hall', /Enter the rating/],
    ['4 15', /Enter what it feeds/],
    ['4 hall 0', /1 to 1000 A/],
    ['4 hall 5000', /1 to 1000 A/],
    ['4 hall 15 tied', /no breaker on an earlier line/],
    ['3 blank', /Space 3/],
    ['7 open', /Space 7/],
    ['11-13 blank', /spaces 1 to 12/],
    ['top blank', /not a list of spaces/],
    [`4 ${'x'.repeat(130)} 15`, /120 characters/],
  ])('“%s”', (text, reason) => {
    const { entries, problems } = parseDirectory(text, shape(12), present);
    expect(entries).toEqual([]);
    expect(problems).toEqual([{ line: 1, message: expect.stringMatching(reason) }]);
  });

  test('a line is placed after those before it, and told by its own number', () => {
    const { entries, problems } = parseDirectory(
      '1 kitchen 20\n\n1 hall 15\r\n8l porch 15',
      shape(12),
      present,
    );
    expect(entries.map((entry) => [entry.line, entry.label])).toEqual([
      [1, 'kitchen'],
      [4, 'porch'],
    ]);
    expect(problems).toEqual([{ line: 3, message: 'Space 1 is taken.' }]);
  });

  test('a handle is tied to the line before where that can be', () => {
    const read = (text: string) => parseDirectory(text, shape(12), []);
    expect(read('1 hall 15\n3 stairs 15 tied').problems).toEqual([]);
    expect(read('1 hall 15\n2 stairs 15 tied').problems).toEqual([
      { line: 2, message: expect.stringMatching(/different columns/) },
    ]);
  });
});
