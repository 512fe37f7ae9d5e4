import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { RING, type Sample } from '@phylaxon/core/record/feeds';
import request from 'supertest';
import { testApp } from '../testing/index.ts';
import type { Refusal } from '../errors/index.ts';
import { Feeds, MOST_FEEDS, type FeedEvent } from './index.ts';

const NOW = Date.parse('2026-11-27T10:00:00.000Z');
const at = (ms: number) => new Date(NOW + ms).toISOString();
const amps = (value: number, ms = 0, more = {}) => ({
  instrument: 'clamp-meter',
  point: 'conductor',
  value,
  unit: 'A',
  time: at(ms),
  ...more,
});
const lines = (...list: object[]) => list.map((one) => JSON.stringify(one)).join('\n');

function open() {
  const feeds = new Feeds(() => NOW);
  const told: FeedEvent[] = [];
  feeds.watch((one) => told.push(one));
  const issues = (text: string) => {
    try {
      feeds.accept('clamp', text);
      return [];
    } catch (error) {
      return (error as Refusal).issues?.map(({ path }) => path) ?? [(error as Refusal).code];
    }
  };
  return { feeds, told, issues };
}

describe('a feed', () => {
  test('keeps what comes in, tells whoever watches, and takes a batch sent again in once', () => {
    const { feeds, told } = open();
    const batch = lines(amps(14.2, -200), amps(14.3, -100));
    expect(feeds.accept('clamp', batch)).toEqual({ stored: 2, known: 0 });
    expect(feeds.accept('clamp', `${batch}\n${lines(amps(14.4))}\n`)).toEqual({ stored: 1, known: 2 });
    expect(told.map(({ data }) => 'samples' in data && data.samples.map(({ value }) => value))).toEqual([
      [14.2, 14.3],
      [14.4],
    ]);
    expect(feeds.list()).toMatchObject([{ id: 'clamp', simulated: false, channels: [{ value: 14.4 }] }]);
  });

  test('figures out of order are put in theirs; °F becomes °C', () => {
    const { feeds } = open();
    feeds.accept('clamp', lines(amps(3, 0), amps(1, -200), amps(2, -100)));
    expect(feeds.samples('clamp', at(-100))!.map(({ value }) => value)).toEqual([2, 3]);
    feeds.accept('spot', lines({ ...amps(212), instrument: 'spot-thermometer', point: 'face', unit: '°F' }));
    expect(feeds.list()[1]!.channels[0]!.value).toBeCloseTo(100, 9);
  });

  test.each([
    ['nothing', '', ['lines.1']],
    ['no JSON', 'hello', ['lines.1']],
    ['an unknown instrument', lines(amps(1, 0, { instrument: 'crystal-ball' })), ['lines.1.instrument']],
    ['an unknown point', lines(amps(1), amps(2, 0, { point: 'somewhere' })), ['lines.2.point']],
    ['a point of another quantity', lines(amps(1, 0, { point: 'face' })), ['lines.1.point']],
    ['an unknown unit', lines(amps(1, 0, { unit: 'bushel' })), ['lines.1.unit']],
    ['more than hardware can', lines(amps(1e6)), ['lines.1.value']],
    ['the future', lines(amps(1, 60_000)), ['lines.1.time']],
    ['long ago', lines(amps(1, -2 * 3_600_000)), ['lines.1.time']],
    ['another value for the same time', lines(amps(1), amps(2)), ['lines.2.time']],
    ['a field nobody knows', lines(amps(1, 0, { colour: 'red' })), ['lines.1']],
    ['too many lines', Array(5001).fill('{}').join('\n'), ['too_large']],
  ])('%s is told at its line, and nothing of the batch is taken in', (_what, text, paths) => {
    const { feeds, told, issues } = open();
    expect(issues(text)).toEqual(paths);
    expect([told, feeds.list()]).toEqual([[], []]);
  });

  test('the oldest make room in a channel, a silent device for another', () => {
    let now = NOW;
    const feeds = new Feeds(() => now);
    for (let n = 0; n < 3; n++) {
      const from = n * 2000;
      now = NOW + 1000 * (from + 2000);
      feeds.accept('clamp', lines(...Array.from({ length: 2000 }, (_one, i) => amps(i, 1000 * (from + i)))));
    }
    const kept = feeds.samples('clamp', at(0))!;
    expect(kept.length).toBeGreaterThanOrEqual(RING);
    expect(kept.length).toBeLessThanOrEqual(RING * 1.25 + 1);
    for (let n = 1; n < MOST_FEEDS; n++) feeds.accept(`clamp-${n}`, lines(amps(1, now - NOW)));
    expect(() => feeds.accept('one-more', lines(amps(1, now - NOW)))).toThrow(/64 devices/);
    now += 700_000;
    feeds.accept('one-more', lines(amps(1, now - NOW)));
    expect(feeds.list()).toHaveLength(MOST_FEEDS);
  });

  test('law: in whatever batches and however often it is sent, each figure is kept and told once, in order', () => {
    const sent = fc.uniqueArray(fc.integer({ min: -3000, max: 0 }), { minLength: 1, maxLength: 60 });
    const slices = fc.array(fc.tuple(fc.nat(), fc.nat()), { maxLength: 12 });
    fc.assert(
      fc.property(sent, slices, (times, parts) => {
        const { feeds, told } = open();
        const batch = times.map((ms) => amps(Math.abs(ms % 17), ms));
        for (const [a, b] of parts) {
          const [from, to] = [a % batch.length, b % batch.length];
          if (from < to) feeds.accept('clamp', lines(...batch.slice(from, to)));
        }
        feeds.accept('clamp', lines(...batch));
        const kept = feeds.samples('clamp', at(-4000))!.map(({ time }) => time);
        expect(kept).toEqual([...times].sort((x, y) => x - y).map(at));
        const all = told.flatMap(({ data }) => ('samples' in data ? data.samples : ([] as Sample[])));
        expect(all.map(({ time }) => time).sort()).toEqual(kept);
      }),
    );
  });
});

test('over HTTP: lines in, the newest out, what is switched on, gone', async () => {
  const { app, store } = await testApp();
  const now = new Date().toISOString();
  const send = (text: string, type = 'application/x-ndjson') =>
    request(app).post('/api/v1/feeds/clamp-1/samples').set('Content-Type', type).send(text);
  const line = JSON.stringify({ ...amps(14.2), time: now });
  expect((await send(line)).body).toEqual({ stored: 1, known: 0 });
  expect((await send(line, 'text/plain')).body).toEqual({ stored: 0, known: 1 });
  expect((await send('{')).body).toMatchObject({
    error: { code: 'invalid_input', issues: [{ path: 'lines.1' }] },
  });
  expect((await send(line, 'text/csv')).status).toBe(415);
  expect((await send('x'.repeat(1_000_001))).status).toBe(413);
  const get = (path: string) => request(app).get(`/api/v1${path}`);
  expect((await get('/feeds')).body).toMatchObject({ feeds: [{ id: 'clamp-1' }] });
  expect((await get('/feeds/clamp-1/samples')).body.samples).toHaveLength(1);
  expect((await get('/feeds/other/samples')).status).toBe(404);
  const switched = { breakerId: '0f9c1b60-6f0e-4a53-9a6e-1f3f6f1a0001', on: ['Kettle'] };
  expect((await request(app).put('/api/v1/feeds/clamp-1/switched').send(switched)).status).toBe(200);
  expect((await get('/feeds/clamp-1/switched')).body).toEqual({ switched });
  expect((await request(app).delete('/api/v1/feeds/clamp-1')).status).toBe(200);
  expect((await get('/feeds')).body).toEqual({ feeds: [] });
  await store.close();
});
