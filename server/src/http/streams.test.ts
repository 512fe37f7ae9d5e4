import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { get, type IncomingMessage } from 'node:http';
import request from 'supertest';
import { listening, testApp } from '../testing/index.ts';
import { MOST_STREAMS } from './streams.ts';

let port = 0;
let stop: () => void;
let app: Awaited<ReturnType<typeof testApp>>['app'];

beforeAll(async () => {
  ({ app } = await testApp());
  ({ port, stop } = await listening(app));
});
afterAll(() => stop());

const listen = () =>
  new Promise<IncomingMessage>((done, fail) => {
    get({ host: '127.0.0.1', port, path: '/api/v1/live', agent: false }, (answer) => {
      // Nothing is read of it.
      answer.pause();
      done(answer);
    }).on('error', fail);
  });

const batch = (n: number) =>
  Array.from({ length: 4000 }, (_, i) =>
    JSON.stringify({
      ...{ instrument: 'clamp-meter', point: 'conductor', unit: 'A', value: i % 20 },
      time: new Date(Date.now() - 60_000 + n * 4000 + i).toISOString(),
    }),
  ).join('\n');

describe('streams of events', () => {
  test('so many at most; the next is told, and those that do not read are dropped', async () => {
    const all = await Promise.all(Array.from({ length: MOST_STREAMS + 6 }, listen));
    const refused = all.filter(({ statusCode }) => statusCode === 503);
    expect(refused).toHaveLength(6);
    const closed = all
      .filter(({ statusCode }) => statusCode === 200)
      .map((one) => new Promise<void>((done) => one.on('close', done).on('error', () => done())));
    for (let n = 0; n < 14; n++)
      await request(app)
        .post('/api/v1/feeds/clamp/samples')
        .set('Content-Type', 'application/x-ndjson')
        .send(batch(n))
        .expect(201);
    // A listener that was dropped notices once it reads.
    for (const one of all) one.resume();
    await Promise.all(closed);
    // There is room again.
    expect((await listen()).statusCode).toBe(200);
  });
});
