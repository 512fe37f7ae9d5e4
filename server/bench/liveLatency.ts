import { createServer, get, request, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';

const opened = (address: string) => new Promise<IncomingMessage>((done) => get(address, done));

const nextEvent = (stream: IncomingMessage) =>
  new Promise<void>((done) => {
    const onData = (chunk: Buffer) => {
      if (!chunk.includes('event:')) return;
      stream.off('data', onData);
      done();
    };
    stream.on('data', onData);
  });

const read = (stream: IncomingMessage) =>
  new Promise<void>((done) => {
    stream.resume();
    stream.on('end', done);
  });

function post(address: string, body: object): Promise<void> {
  return new Promise((done) => {
    const headers = { 'Content-Type': 'application/json' };
    const sent = request(address, { method: 'POST', headers }, (answer) => void read(answer).then(done));
    sent.end(JSON.stringify(body));
  });
}

/** From the moment somebody sends a reading until who watches the panel has its board anew, each time, in ms. */
export async function liveLatency(
  app: Express,
  panelId: string,
  breakerId: string,
  times: number,
): Promise<number[]> {
  const server = createServer(app);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/v1`;
  const stream = await opened(`${base}/panels/${panelId}/changes`);
  const taken: number[] = [];
  for (let i = 0; i < times; i++) {
    const start = performance.now();
    const told = nextEvent(stream);
    const reading = { quantity: 'current', point: 'conductor', value: i, at: '2026-11-20T10:00:00Z' };
    const stored = post(`${base}/breakers/${breakerId}/readings`, { readings: [reading] });
    await told;
    await read(await opened(`${base}/panels/${panelId}`));
    taken.push(performance.now() - start);
    await stored;
  }
  stream.destroy();
  server.closeAllConnections();
  server.close();
  return taken;
}
