import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ORIENTATIONS } from '../../panel/layout/index.ts';
import { aBreaker, aPanel, uuid } from '../../testing/index.ts';
import {
  CARD_SIZES,
  cardType,
  directoryCard,
  directoryFindings,
  directoryText,
  sayDirectoryFinding,
  LEGIBLE_PT,
} from './index.ts';

const at = (space: number, label: string | null, change: object = {}) => ({
  label,
  breaker: aBreaker({ id: uuid(space), space, ...change }),
});
const BREAKERS = [
  { label: null, breaker: aBreaker({ id: uuid(99), role: 'main', space: null, poles: 2 }) },
  at(1, 'Kitchen counter'),
  at(2, 'Range', { poles: 2, ratingAmps: 40 }),
  at(3, null),
  at(5, 'Office', { half: 'lower' }),
  { ...at(5, 'Router', { half: 'upper' }), breaker: aBreaker({ id: uuid(55), space: 5, half: 'upper' }) },
];
const panel = (change: object = {}) => aPanel({ spaces: 8, blanks: [6], holes: [8], ...change });

describe('the directory of a panel', () => {
  test('runs as it hangs, the upper half first, with what is a space, filled or open', () => {
    const { columns } = directoryCard(panel(), BREAKERS);
    expect(columns.map(({ lines }) => lines.map(({ place, label }) => `${place} ${label}`))).toEqual([
      ['1 Kitchen counter', '3 not known yet', '5 upper Router', '5 lower Office', '7 space'],
      ['2–4 Range', '6 filler', '8 open slot: close it'],
    ]);
    expect(columns[1].lines[0]).toMatchObject({ rating: '40 A', isUnnamed: false });
    expect(columns[0].lines[1]!.isUnnamed).toBe(true);
  });

  test('a split bus shows which handles shut it off', () => {
    const { columns } = directoryCard(panel({ splitAt: 5 }), BREAKERS);
    expect(columns.map(({ lines }) => lines.map(({ label }) => label))).toEqual([
      ['Kitchen counter, main disconnect', 'not known yet, main disconnect', 'Router', 'Office', 'space'],
      ['Range, main disconnect', 'filler', 'open slot: close it'],
    ]);
  });

  test.each(ORIENTATIONS)('every breaker stands on it once, hung %s', (orientation) => {
    const { columns } = directoryCard(panel({ orientation }), BREAKERS);
    const places = columns.flatMap(({ lines }) => lines.map(({ place }) => place)).sort();
    expect(places).toEqual(['1', '2–4', '3', '5 lower', '5 upper', '6', '7', '8']);
    if (orientation === 'inverted') expect(columns[0].lines[0]!.place).toBe('8');
    if (orientation === 'left') expect(columns[1].lines[0]!.place).toBe('1');
  });
});

describe('its type', () => {
  const long = (count: number, letters: number) =>
    directoryCard(
      aPanel({ spaces: count }),
      Array.from({ length: count }, (_, i) => at(i + 1, 'x'.repeat(letters))),
    );

  test('is as large as fits, and told where it is too small to read', () => {
    expect(cardType(long(12, 10), CARD_SIZES.letter)).toEqual({ points: 15, isLegible: true, padding: 6 });
    // A word that is longer than its column decides as well.
    expect(cardType(long(12, 30), CARD_SIZES.door).points).toBeLessThan(10);
    const { points, isLegible } = cardType(long(84, 100), CARD_SIZES.a5);
    expect([points < LEGIBLE_PT, isLegible]).toEqual([true, false]);
  });

  test('never grows with longer names, nor with a smaller card', () => {
    for (const count of [12, 42, 84])
      for (const letters of [5, 20, 60, 110]) {
        const { points } = cardType(long(count, letters), CARD_SIZES.letter);
        expect(cardType(long(count, letters + 10), CARD_SIZES.letter).points).toBeLessThanOrEqual(points);
        expect(cardType(long(count, letters), CARD_SIZES.half).points).toBeLessThanOrEqual(points);
      }
  });
});

describe('what hangs in the door', () => {
  test('is held against the record: wrong, missing, doubled, gone, not read', () => {
    const findings = directoryFindings(
      '1 kitchen\n2-4: stove 40 A\n5u router 15\n7 router\npencil, faded',
      BREAKERS,
    );
    expect(findings.map(({ kind, place }) => `${kind} ${place}`)).toEqual([
      'wrong 2–4',
      'doubled 7',
      'gone 7',
      'not-read ',
      'missing 3',
      'missing 5 lower',
    ]);
  });

  test('nothing is told where both say the same', () => {
    const same = '1 Kitchen counter 15\n2-4 Range 40\n3 whatever\n5u Router\n5l Office 15 a';
    expect(directoryFindings(same, BREAKERS)).toEqual([]);
  });

  test('the record’s own directory, typed, differs in nothing, whatever the names', () => {
    const odd = ['20', 'A', 'u', '1-3'];
    // A name is never made of figures and halves alone.
    const name = fc
      .array(fc.constantFrom('Bench', 'Hall', 'outlets,', 'left', ...odd), { minLength: 1, maxLength: 4 })
      .filter((words) => words.some((word) => !odd.includes(word)));
    const names = fc.uniqueArray(name, {
      minLength: 1,
      maxLength: 20,
      selector: (words) => words.join(' ').toLowerCase(),
    });
    fc.assert(
      fc.property(names, fc.nat(20), (drawn, unnamed) => {
        const breakers = drawn.map((words, i) => at(i + 1, words.join(' ')));
        if (breakers[unnamed]) breakers[unnamed] = { ...breakers[unnamed], label: null as unknown as string };
        expect(directoryFindings(directoryText(breakers), breakers)).toEqual([]);
      }),
    );
  });

  test('a name may begin like a half', () => {
    expect(directoryFindings('3 Lower hall', [at(3, 'Lower hall')])).toEqual([]);
  });

  test('is said in a few words', () => {
    const said = directoryFindings('2-4: stove\n9 attic', BREAKERS).map(sayDirectoryFinding);
    expect(said.map(({ kind, place, rest }) => `${kind} ${place}${rest}`).slice(0, 2)).toEqual([
      'Wrong 2–4 “stove”, on record: Range',
      'No breaker there 9 “attic”',
    ]);
  });
});
