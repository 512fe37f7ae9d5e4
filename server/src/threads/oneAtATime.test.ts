import { expect, test } from '@jest/globals';
import { oneAtATime } from './index.ts';

test('thirty who ask at once get one answer; who asks later gets another; a failure is not kept', async () => {
  let times = 0;
  let fails = false;
  const ask = oneAtATime(async () => {
    const own = ++times;
    await new Promise(setImmediate);
    if (fails) throw new Error('no');
    return own;
  });
  expect(new Set(await Promise.all(Array.from({ length: 30 }, ask)))).toEqual(new Set([1]));
  expect(await ask()).toBe(2);
  fails = true;
  await expect(Promise.all([ask(), ask()])).rejects.toThrow('no');
  fails = false;
  expect(await ask()).toBe(4);
});

test('it rests before it begins again, and whoever asks in that time waits', async () => {
  const begun: number[] = [];
  const ask = oneAtATime(async () => begun.push(performance.now()), 30);
  expect(await ask()).toBe(1);
  expect(await Promise.all([ask(), ask(), ask()])).toEqual([2, 2, 2]);
  expect(begun[1]! - begun[0]!).toBeGreaterThanOrEqual(28);
});
