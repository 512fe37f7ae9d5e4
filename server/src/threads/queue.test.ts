import { expect, test } from '@jest/globals';
import { Queue } from './index.ts';

/** Work that takes so long without a break, as the binding does. */
const work = (ms: number) => async () => {
  const until = performance.now() + ms;
  while (performance.now() < until);
};

test('however much is queued, the event loop gets its turns in between', async () => {
  const queue = new Queue();
  let turns = 0;
  const ticking = setInterval(() => turns++, 1);
  await Promise.all(Array.from({ length: 20 }, () => queue.add(work(15))));
  clearInterval(ticking);
  expect(turns).toBeGreaterThan(10);
});

test('work is done in the order it came, one after the other, and goes on after one that failed', async () => {
  const queue = new Queue();
  const done: number[] = [];
  const jobs = [1, 2, 3].map((n) =>
    queue.add(async () => {
      await Promise.resolve();
      done.push(n);
      if (n === 2) throw new Error('no');
    }),
  );
  expect(queue.isIdle).toBe(false);
  await Promise.allSettled(jobs);
  expect([done, queue.isIdle]).toEqual([[1, 2, 3], true]);
});
