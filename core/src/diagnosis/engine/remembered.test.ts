import { expect, test } from '@jest/globals';
import { remembered } from './remembered.ts';

test('an answer is worked out once, and the oldest is forgotten first', () => {
  const answer = remembered<number>(2);
  let worked = 0;
  const ask = (key: string) => answer(key, () => ++worked);
  expect([ask('a'), ask('a'), ask('b')]).toEqual([1, 1, 2]);
  expect([ask('c'), ask('b'), ask('a')]).toEqual([3, 2, 4]);
});
