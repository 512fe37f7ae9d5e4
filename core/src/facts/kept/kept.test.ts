import { expect, test } from '@jest/globals';
import { keptLatest, keptPerKey, keptPerObject } from './index.ts';

test('an answer is worked out once for an object, though it is undefined', () => {
  let worked = 0;
  const ask = keptPerObject((of: { n?: number }) => (worked++, of.n));
  const [none, one] = [{}, { n: 1 }];
  expect([ask(none), ask(none), ask(one), ask(one)]).toEqual([undefined, undefined, 1, 1]);
  expect(worked).toBe(2);
});

test('answers of one object are kept by key, apart from those of another', () => {
  let worked = 0;
  const ask = keptPerKey<object, number>();
  const [a, b] = [{}, {}];
  const next = () => ++worked;
  expect([ask(a, 'x', next), ask(a, 'x', next), ask(a, 'y', next), ask(b, 'x', next)]).toEqual([1, 1, 2, 3]);
});

test('of the latest answers the oldest is dropped first', () => {
  const answer = keptLatest<number>(2);
  let worked = 0;
  const ask = (key: string) => answer(key, () => ++worked);
  expect([ask('a'), ask('a'), ask('b')]).toEqual([1, 1, 2]);
  expect([ask('c'), ask('b'), ask('a')]).toEqual([3, 2, 4]);
});
