import { afterAll, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer, type ServerProcess } from './testing/index.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-main-'));
const servers: ServerProcess[] = [];
const start = async (env: Record<string, string>) => {
  const server = await startServer({ PHYLAXON_DB: join(folder, `${servers.length}.db`), ...env });
  servers.push(server);
  return server;
};
afterAll(() => {
  for (const server of servers) server.process.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** What the server answers to bytes that are no request. */
const answerTo = (port: number, bytes: string) =>
  new Promise<string>((done) => {
    let text = '';
    const socket = connect(port, '127.0.0.1', () => socket.write(bytes));
    socket.on('data', (chunk) => (text += chunk.toString()));
    socket.on('close', () => done(text));
  });

test('what is no request at all is answered in the shape of every other error', async () => {
  const { base } = await start({});
  const port = Number(new URL(base).port);
  for (const [bytes, status, code] of [
    ['NONSENSE\r\n\r\n', '400', 'bad_request'],
    [`GET / HTTP/1.1\r\nHost: localhost\r\nX: ${'x'.repeat(20_000)}\r\n\r\n`, '431', 'too_large'],
    ['POST /api/v1/sites HTTP/1.1\r\nHost: localhost\r\nContent-Length: -5\r\n\r\n', '400', 'bad_request'],
  ] as const) {
    const [head, body] = (await answerTo(port, bytes)).split('\r\n\r\n') as [string, string];
    expect(head).toMatch(new RegExp(`^HTTP/1.1 ${status} `));
    expect(JSON.parse(body)).toMatchObject({ error: { code, issues: [{ path: '' }] } });
  }
});

test('one that names no host is refused as one that names another', async () => {
  const { base } = await start({});
  const text = await answerTo(
    Number(new URL(base).port),
    'GET /api/v1/health HTTP/1.1\r\nConnection: close\r\n\r\n',
  );
  expect(text).toMatch(/^HTTP\/1.1 403 /);
  expect(text).toContain('"code":"foreign_host"');
});

test('listening beyond this machine turns accounts on and prints the setup code; on this machine it does not', async () => {
  const quiet = await start({});
  const open = await start({ HOST: '0.0.0.0' });
  const firstLines = async ({ said }: ServerProcess) => {
    while (!said.some((line) => line.startsWith('Database:')))
      await new Promise((done) => setTimeout(done, 20));
    await new Promise((done) => setTimeout(done, 100));
    return said.join('\n');
  };
  const code = /^Setup code: (\S{8,})$/m;
  expect(await firstLines(open)).toMatch(code);
  expect(await firstLines(quiet)).not.toMatch(/code|accounts/i);
  expect((await fetch(`${open.base.replace('0.0.0.0', '127.0.0.1')}/sites`)).status).toBe(401);
  const asked = await start({ PHYLAXON_ACCOUNTS: 'on' });
  expect(await firstLines(asked)).toMatch(code);
});
