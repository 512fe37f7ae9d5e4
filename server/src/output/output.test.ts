import { afterAll, describe, expect, test } from '@jest/globals';
import { spawn } from 'node:child_process';
import { closeSync, mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { programFile } from '../testing/index.ts';
import { outputTo } from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-output-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function until(holds: () => boolean | Promise<boolean>) {
  for (let i = 0; i < 300; i++) {
    if (await holds()) return;
    await pause(100);
  }
  throw new Error('It never came.');
}

describe('output', () => {
  test('to a disk that is full neither throws nor waits, and is counted', async () => {
    const full = openSync('/dev/full', 'w');
    const { say, lost, end } = outputTo(full);
    for (let i = 0; i < 50; i++) say(`line ${i}`);
    await until(() => lost() > 0);
    say('one more');
    await end();
    // Not closed: what is still tried would go to whatever file is opened next under its number.
  });

  test('to a file with room is written whole', async () => {
    const path = join(folder, 'log');
    const file = openSync(path, 'w');
    const { say, lost } = outputTo(file);
    say('one');
    say('two');
    await until(() => readFileSync(path, 'utf8') === 'one\ntwo\n');
    expect(lost()).toBe(0);
    closeSync(file);
  });

  test('of a server to a full disk: it serves, and goes on', async () => {
    const probe = createServer().listen(0, '127.0.0.1');
    await once(probe, 'listening');
    const { port } = probe.address() as AddressInfo;
    probe.close();
    const full = openSync('/dev/full', 'w');
    const server = spawn(process.execPath, [await programFile('main')], {
      env: {
        ...process.env,
        NODE_OPTIONS: '',
        PORT: String(port),
        PHYLAXON_DB: join(folder, 'a.db'),
        LOG_LEVEL: 'trace',
      },
      stdio: ['ignore', full, full],
    });
    const health = () =>
      fetch(`http://127.0.0.1:${port}/api/v1/health`).then(
        ({ status }) => status === 200,
        () => false,
      );
    try {
      await until(health);
      // A request that is logged, again and again.
      for (let i = 0; i < 40; i++) await fetch(`http://127.0.0.1:${port}/api/v1/nowhere`);
      expect(await health()).toBe(true);
      expect(server.exitCode).toBeNull();
    } finally {
      server.kill('SIGKILL');
      closeSync(full);
    }
  });
});
