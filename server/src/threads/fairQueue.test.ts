import { describe, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import fc from 'fast-check';
import { TooBusy, FairQueue } from './index.ts';

const soon = () => new Promise<void>((done) => setImmediate(done));

describe('turns', () => {
  test('whoever asks for little comes after one at most of whoever asks for much', async () => {
    const turns = new FairQueue(1, 50);
    const done: string[] = [];
    const ask = (client: string) =>
      turns.run(client, async () => {
        await soon();
        done.push(client);
      });
    const all = [...Array.from({ length: 10 }, () => ask('much')), ask('little')];
    await Promise.all(all);
    expect(done.indexOf('little')).toBeLessThan(3);
  });

  test('so many of one client’s may wait, and what fails gives its turn back', async () => {
    const turns = new FairQueue(1, 2);
    const failing = turns.run('a', () => soon().then(() => Promise.reject(new Error('no'))));
    const waiting = [turns.run('a', soon), turns.run('a', soon)];
    await expect(turns.run('a', soon)).rejects.toThrow(TooBusy);
    // Another client is not held up by that.
    const other = turns.run('b', soon);
    await expect(failing).rejects.toThrow('no');
    await Promise.all([...waiting, other]);
  });

  test('law: all that is taken is done, never more at once than there may be', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 3 }),
        fc.array(fc.constantFrom('a', 'b', 'c'), { maxLength: 20 }),
        async (atOnce, clients) => {
          const turns = new FairQueue(atOnce, 100);
          let [working, most, done] = [0, 0, 0];
          await Promise.all(
            clients.map((client) =>
              turns.run(client, async () => {
                most = Math.max(most, ++working);
                await soon();
                working--;
                done++;
              }),
            ),
          );
          expect([done, working]).toEqual([clients.length, 0]);
          expect(most).toBeLessThanOrEqual(atOnce);
        },
      ),
      { numRuns: runs(60, 500) },
    );
  });
});
