import { expect, test } from '@jest/globals';
import { boardPlaceWords } from './boardPlaceWords.ts';

const upright = { spaces: 24, orientation: 'upright' } as const;
const one = (space: number | null, more: object = {}) => ({ space, poles: 1 as const, half: null, ...more });

test.each([
  ['a single one', upright, one(5), 'left column, 3rd position from the top'],
  ['the last on the right', upright, one(24), 'right column, 12th position from the top'],
  ['two-pole', upright, one(20, { poles: 2 }), 'right column, 10th and 11th position from the top'],
  ['a narrow one', upright, one(1, { half: 'lower' }), 'left column, 1st position from the top'],
  [
    'upside down',
    { ...upright, orientation: 'inverted' as const },
    one(1),
    'right column, 12th position from the top',
  ],
  [
    'on its side',
    { ...upright, orientation: 'left' as const },
    one(3),
    'lower row, 2nd position from the left',
  ],
  ['the main', upright, one(null), 'the main breaker, alone at the end of the panel'],
])('where %s is found by counting', (_what, panel, breaker, words) => {
  expect(boardPlaceWords(panel, breaker)).toBe(words);
});
