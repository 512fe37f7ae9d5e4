import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createServer, get, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { testApp } from '../testing/index.ts';
import { MOST_STREAMS } from './streams.ts';

let server: Server;
let port = 0;
let app: Awaited<ReturnType<typeof testApp>>['app'];
const opened: IncomingMessage[] = [];

beforeAll(async () => {
  ({ app } = await testApp());
  server = createServer(app);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  port = (server.address() as AddressInfo).port;
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
});

const listen = () =>
  new Promise<IncomingMessage>((done, fail) => {
    get({ host: '127.0.0.1', port, path: '/api/v1/live', agent: false }, (answer) => {
      opened.push(answer);
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
