import { describe, expect, test } from '@jest/globals';
import { ComputePool } from './index.ts';

const anybody = new AbortController().signal;
/** Some seconds of work: a week of loads that are switched again and again. */
const LONG = {
  name: 'profile',
  body: {
    ratingAmps: 20,
    hours: 168,
    loads: Array.from({ length: 60 }, (_, i) => ({
      ...{ id: `l${i}`, amps: 0.3, onSeconds: 40 + i / 7, offSeconds: 70 + i / 3 },
      ...{ surgeTimes: null, surgeSeconds: null },
    })),
  },
};
const LINE = {
  name: 'reading-line',
  body: {
    text: '12: 118.4v',
    now: '2026-11-27T10:00:00.000Z',
    places: [{ id: 'a', place: '12', label: 'Kitchen' }],
  },
};

describe('calculations that may take long', () => {
  test('are worked out while this thread goes on, and answered as they are by core', async () => {
    const pool = new ComputePool(120_000);
    await pool.run('a', LINE, anybody);
    let turns = 0;
    const ticking = setInterval(() => turns++, 5);
    const answer = (await pool.run('a', LONG, anybody)) as { changes: number };
    clearInterval(ticking);
    expect(answer.changes).toBeGreaterThan(100_000);
    expect(turns).toBeGreaterThan(10);
  });

  test('of one client do not hold up another’s', async () => {
    const pool = new ComputePool(60_000);
    await pool.run('b', LINE, anybody);
    const done: string[] = [];
    const many = Array.from({ length: 6 }, () => pool.run('a', LONG, anybody).then(() => done.push('long')));
    await pool.run('b', LINE, anybody).then(() => done.push('short'));
    // At most those that were at work already.
    expect(done.filter((one) => one === 'long').length).toBeLessThan(3);
    await Promise.all(many);
  });

  test('end when they take too long, and the next is worked out', async () => {
    const pool = new ComputePool(50);
    await expect(pool.run('a', LONG, anybody)).rejects.toMatchObject({ status: 422, code: 'too_much' });
    const patient = new ComputePool();
    expect(await patient.run('a', LINE, anybody)).toMatchObject({ entries: [{ value: 118.4 }] });
  });

  test('that are not valid are told at the field, and too many of one client’s are refused', async () => {
    const pool = new ComputePool();
    const bad = { ...LINE, body: { ...LINE.body, here: 'nowhere' } };
    await expect(pool.run('a', bad, anybody)).rejects.toMatchObject({ issues: [{ path: ['here'] }] });
    const asked = Array.from({ length: 40 }, () => pool.run('a', LINE, anybody));
    const told = await Promise.allSettled(asked);
    const refused = told.filter(({ status }) => status === 'rejected');
    expect(refused.length).toBeGreaterThan(0);
    expect(refused.length).toBeLessThan(20);
  });
});
