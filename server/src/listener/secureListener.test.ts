import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { request as plainRequest, type IncomingMessage } from 'node:http';
import { request as secureRequest } from 'node:https';
import { connect, type AddressInfo } from 'node:net';
import { networkInterfaces, tmpdir } from 'node:os';
import { join } from 'node:path';
import { serverIdentity, type ServerIdentity } from '../certificates/index.ts';
import { testApp } from '../testing/index.ts';
import { secureListener, type SecureListener } from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-listener-'));
const outside = Object.values(networkInterfaces())
  .flatMap((list) => list ?? [])
  .find(({ family, internal }) => family === 'IPv4' && !internal)?.address;
let listener: SecureListener;
let identity: ServerIdentity;
let port: number;

beforeAll(async () => {
  identity = await serverIdentity(folder, ['localhost', '127.0.0.1', ...(outside ? [outside] : [])], 'test');
  const { app } = await testApp({ accounts: true });
  listener = secureListener(identity, {}, app);
  await new Promise<void>((done) => listener.server.listen(0, '0.0.0.0', done));
  port = (listener.server.address() as AddressInfo).port;
});
afterAll(() => {
  listener.closeAllConnections();
  listener.server.close();
  rmSync(folder, { recursive: true, force: true });
});

const answered = (send: typeof plainRequest, host: string, path: string, more: object = {}) =>
  new Promise<IncomingMessage>((resolve, reject) => {
    const asked = send({ host, port, path, ...more }, (answer) => {
      answer.resume();
      resolve(answer);
    });
    asked.on('error', reject);
    asked.end();
  });
const overTls = (host: string, path: string, more: object = {}) =>
  answered(secureRequest, host, path, { ca: identity.authority!.certificate, ...more });

test('HTTPS is answered with a certificate that fits; no strict transport for local names', async () => {
  const answer = await overTls('127.0.0.1', '/api/v1/health');
  expect(answer.statusCode).toBe(200);
  expect(answer.headers['strict-transport-security']).toBeUndefined();
  await expect(answered(secureRequest, '127.0.0.1', '/api/v1/health')).rejects.toThrow(/certificate/);
  await expect(overTls('127.0.0.1', '/', { servername: 'elsewhere.example' })).rejects.toThrow();
});

test('over TLS the cookie of a session is Secure', async () => {
  const answer = await new Promise<IncomingMessage>((resolve, reject) => {
    const asked = secureRequest(
      {
        host: '127.0.0.1',
        port,
        path: '/api/v1/session',
        method: 'DELETE',
        ca: identity.authority!.certificate,
      },
      (got) => {
        got.resume();
        resolve(got);
      },
    );
    asked.on('error', reject);
    asked.end();
  });
  expect(answer.headers['set-cookie']![0]).toMatch(/; Secure/);
});

test('plain HTTP serves this machine; others are sent on, but for what tells how to trust it', async () => {
  expect((await answered(plainRequest, '127.0.0.1', '/api/v1/health')).statusCode).toBe(200);
  if (outside === undefined) return;
  const sent = await answered(plainRequest, outside, '/api/v1/sites?x=1');
  expect([sent.statusCode, sent.headers.location]).toEqual([
    308,
    `https://${outside}:${port}/api/v1/sites?x=1`,
  ]);
  // Nothing of the API is reached by a detour.
  for (const path of ['/trust/../api/v1/sites', '/assets/../api/v1/health', '/trustx', '//trust'])
    expect([path, (await answered(plainRequest, outside, path)).statusCode]).not.toEqual([path, 200]);
  expect((await answered(plainRequest, outside, '/trust/authority.json')).statusCode).not.toBe(308);
});

test('what is neither, and who says nothing, brings nothing down', async () => {
  for (const bytes of [
    Buffer.from([22, 3, 1, 255, 255, 0]),
    Buffer.from('NOT HTTP\r\n\r\n'),
    Buffer.alloc(3),
  ]) {
    const socket = connect(port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.write(bytes);
    await new Promise((done) => setTimeout(done, 50));
    socket.destroy();
  }
  expect((await overTls('127.0.0.1', '/api/v1/health')).statusCode).toBe(200);
});

test('a renewed certificate is shown from the next connection on', async () => {
  const renewed = await serverIdentity(folder, ['localhost', '127.0.0.1', 'another-name'], 'test');
  listener.renew(renewed);
  const answer = await overTls('127.0.0.1', '/api/v1/health', {
    servername: 'another-name',
    headers: { host: `127.0.0.1:${port}` },
  });
  expect(answer.statusCode).toBe(200);
});
