import { expect, test } from '@jest/globals';
import { monthNamed } from './months.ts';

test('a month is named in full, by three letters, or “sept”', () => {
  expect(['january', 'may', 'dec', 'sep', 'sept'].map(monthNamed)).toEqual([0, 4, 11, 8, 8]);
  expect(['', 'j', 'ma', 'octo', 'mayor', 'constructor'].map(monthNamed)).toEqual([-1, -1, -1, -1, -1, -1]);
});
