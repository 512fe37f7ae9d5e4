import { createServer, request as httpRequest, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { testApp } from '../testing/index.ts';
import { Changes } from './index.ts';

const { app } = await testApp();
const server = createServer(app);
let port = 0;
let panelId = '';
let breakerId = '';

beforeAll(async () => {
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  port = (server.address() as AddressInfo).port;
  const post = async (path: string, body: object) =>
    (await request(app).post(`/api/v1${path}`).send(body)).body;
  const site = await post('/sites', { name: 'Shed' });
  panelId = (await post(`/sites/${site.id}/panels`, { name: 'Panel', spaces: 4 })).id;
  breakerId = (await post(`/panels/${panelId}/breakers`, { space: 1, poles: 1, ratingAmps: 20 })).id;
});

afterAll(() => {
  server.closeAllConnections();
  server.close();
});

/** Open the stream of a panel; resolves when it is open. */
const open = (id: string) => openAt(`/panels/${id}/changes`);
const openAt = (address: string) =>
  new Promise<IncomingMessage>((done) => {
    httpRequest({ host: '127.0.0.1', port, path: `/api/v1${address}` }, done).end();
  });

/** The next chunk that holds an event. */
const nextEvent = (stream: IncomingMessage) =>
  new Promise<string>((done) => {
    const onData = (chunk: Buffer) => {
      if (!chunk.toString().includes('event:')) return;
      stream.off('data', onData);
      done(chunk.toString());
    };
    stream.on('data', onData);
  });

describe('the stream of a panel’s changes', () => {
  test('tells each change once it is kept, to everybody who watches', async () => {
    const streams = await Promise.all([open(panelId), open(panelId)]);
    expect(streams[0].headers['content-type']).toBe('text/event-stream');
    const told = Promise.all(streams.map(nextEvent));
    const trip = { kind: 'trip', at: '2026-11-20T10:00:00Z', pace: 'minutes' };
    const change = '7f000000-0000-4000-8000-00000000c0de';
    await request(app)
      .post(`/api/v1/breakers/${breakerId}/events`)
      .set('Phylaxon-Change', change)
      .send(trip)
      .expect(201);
    const event = `event: changed\ndata: ${JSON.stringify({ change, everywhere: false })}\n\n`;
    expect(await told).toEqual([event, event]);
    streams.forEach((stream) => stream.destroy());
  });

  test('over one connection come several streams; what is gone is silent, what never was is refused', async () => {
    const gone = '/panels/7f000000-0000-4000-8000-000000000000/changes';
    const mine = `/panels/${panelId}/changes`;
    const asking = (of: string[]) =>
      `/streams?${new URLSearchParams(of.map((one): [string, string] => ['of', one]))}`;
    const stream = await openAt(asking(['/live', gone, mine]));
    expect(stream.statusCode).toBe(200);
    const told = nextEvent(stream);
    const trip = { kind: 'trip', at: '2026-11-20T10:00:00Z', pace: 'minutes' };
    await request(app).post(`/api/v1/breakers/${breakerId}/events`).send(trip).expect(201);
    expect(await told).toBe(
      `event: ${mine} changed\ndata: ${JSON.stringify({ change: null, everywhere: false })}\n\n`,
    );
    stream.destroy();
    for (const of of [['/sites'], ['/panels/7/changes'], [], Array.from({ length: 33 }, (_, i) => `/${i}`)])
      expect((await openAt(asking(of))).statusCode).toBe(400);
  });

  test('what is refused is not told', async () => {
    const stream = await open(panelId);
    const told = nextEvent(stream);
    await request(app).post(`/api/v1/breakers/${breakerId}/events`).send({ kind: 'trip' }).expect(400);
    const waited = new Promise((done) => setTimeout(() => done('silence'), 50));
    expect(await Promise.race([told, waited])).toBe('silence');
    stream.destroy();
  });

  test('of a panel that does not exist there is none', async () => {
    expect((await open('7f000000-0000-4000-8000-000000000000')).statusCode).toBe(404);
  });
});

test('who stops watching is not told any more', () => {
  const changes = new Changes();
  let told = 0;
  const stop = changes.watch(['p', 'site'], () => told++);
  changes.announce(['p', 'site']);
  changes.announce(['q']);
  stop();
  changes.announce(['p']);
  expect(told).toBe(1);
});
