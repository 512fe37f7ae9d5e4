import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Agent, request as httpRequest } from 'node:http';
import { listening, testApp } from '../testing/index.ts';

let port = 0;
let stop: () => void;
const agent = new Agent({ keepAlive: true, maxSockets: 1 });

beforeAll(async () => {
  ({ port, stop } = await listening((await testApp()).app));
});
afterAll(() => {
  agent.destroy();
  stop();
});

/** Send a body in pieces, whatever the answer, over the one connection there is. */
const send = (method: string, path: string, type: string, bytes: number) =>
  new Promise<{ status: number; text: string; connection: string | undefined }>((resolve, reject) => {
    const headers = { 'Content-Type': type, 'Content-Length': String(bytes) };
    const asked = httpRequest(
      { host: '127.0.0.1', port, method, path: `/api/v1${path}`, headers, agent },
      (answer) => {
        let text = '';
        answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
        answer.on('end', () =>
          resolve({ status: answer.statusCode!, text, connection: answer.headers.connection }),
        );
      },
    );
    asked.on('error', reject);
    const piece = Buffer.alloc(256_000, 120);
    for (let left = bytes; left > 0; left -= piece.length)
      asked.write(piece.subarray(0, Math.min(left, piece.length)));
    asked.end();
  });

describe('a body that is too large is answered, and the next request on its connection too', () => {
  test.each([
    [
      'a picture',
      'POST',
      '/breakers/7f000000-0000-4000-8000-000000000000/photos?at=2026-11-20T10:00:00Z',
      'image/jpeg',
      5_000_000,
    ],
    ['JSON', 'POST', '/compute/power', 'application/json', 3_000_000],
    ['an image to compute on', 'POST', '/compute/thermal-spots', 'application/json', 9_000_000],
    [
      'a table',
      'POST',
      '/panels/7f000000-0000-4000-8000-000000000000/readings/preview',
      'text/csv',
      26_000_000,
    ],
  ])('%s', async (_what, method, path, type, bytes) => {
    const { status, text } = await send(method, path, type, bytes);
    expect([status, JSON.parse(text)]).toEqual([
      413,
      { error: expect.objectContaining({ code: 'too_large' }) },
    ]);
    const from = Date.now();
    expect((await send('GET', '/health', 'application/json', 0)).status).toBe(200);
    expect(Date.now() - from).toBeLessThan(10_000);
  });
});
