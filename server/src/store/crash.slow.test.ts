import { afterAll, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { send, startServer, type ServerProcess } from '../testing/index.ts';
import { Store } from './index.ts';

const ROUNDS = runs(3, 10);
const WRITES = 2000;
const AT_ONCE = 16;

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-crash-'));
const file = join(folder, 'record.db');
let server: ServerProcess | null = null;

afterAll(() => {
  server?.process.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** What was sent, and what became of it as far as the sender knows. */
interface Sent {
  table: 'reading' | 'event' | 'note';
  ids: string[];
  outcome: 'acknowledged' | 'refused' | 'unknown';
}

const at = '2026-11-20T10:00:00Z';
const volts = (id: string, value: number) => ({ id, quantity: 'voltage', point: 'outlet', value, at });

/** The n-th write: readings in pairs, events and notes; every fifth is built to fail, some half way through. */
function write(
  base: string,
  breakerIds: string[],
  n: number,
): { sent: Sent; go: () => Promise<{ status: number }> } {
  const breaker = `/breakers/${breakerIds[n % breakerIds.length]}`;
  const [first, second] = [randomUUID(), randomUUID()];
  const sent = (table: Sent['table'], ids: string[]): Sent => ({ table, ids, outcome: 'unknown' });
  if (n % 5 === 0) {
    // The second lies in the future: it is found out only after the first was looked at.
    const readings = [volts(first, 119), { ...volts(second, 118), at: '2190-01-01T00:00:00Z' }];
    return {
      sent: sent('reading', [first, second]),
      go: () => send(base, 'POST', `${breaker}/readings`, { readings }),
    };
  }
  if (n % 7 === 0) {
    const event = { id: first, kind: 'handle', position: n % 2 ? 'on' : 'off', at };
    return { sent: sent('event', [first]), go: () => send(base, 'POST', `${breaker}/events`, event) };
  }
  if (n % 3 === 0) {
    const note = { id: first, note: `Note ${n}`, at };
    return { sent: sent('note', [first]), go: () => send(base, 'POST', `${breaker}/notes`, note) };
  }
  const readings = [volts(first, 119), volts(second, 120)];
  return {
    sent: sent('reading', [first, second]),
    go: () => send(base, 'POST', `${breaker}/readings`, { readings }),
  };
}

/** Send writes, several at once, and kill the server when so many were acknowledged. */
async function writeUntilKilled(base: string, breakerIds: string[], killAfter: number): Promise<Sent[]> {
  const all: Sent[] = [];
  let [next, acknowledged] = [0, 0];
  const dead = once(server!.process, 'exit');
  const sender = async () => {
    while (next < WRITES) {
      const { sent, go } = write(base, breakerIds, next++);
      all.push(sent);
      try {
        sent.outcome = (await go()).status < 300 ? 'acknowledged' : 'refused';
      } catch {
        return;
      }
      if (sent.outcome === 'acknowledged' && ++acknowledged === killAfter) server!.process.kill('SIGKILL');
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, sender));
  server!.process.kill('SIGKILL');
  await dead;
  return all;
}

test(`killed in the middle of ${WRITES} writes, ${ROUNDS} times over: nothing acknowledged is lost, nothing refused is kept`, async () => {
  const start = async () => {
    server = await startServer({ PHYLAXON_DB: file });
    return server.base;
  };
  let base = await start();
  const site = await send<{ id: string }>(base, 'POST', '/sites', { name: 'Shed' });
  const panel = await send<{ id: string }>(base, 'POST', `/sites/${site.body.id}/panels`, {
    name: 'P',
    spaces: 8,
    mainAmps: 60,
  });
  const breakerIds: string[] = [];
  for (const space of [1, 2, 3, 4]) {
    const breaker = { space, poles: 1, ratingAmps: 20 };
    breakerIds.push(
      (await send<{ id: string }>(base, 'POST', `/panels/${panel.body.id}/breakers`, breaker)).body.id,
    );
  }
  const everything: Sent[] = [];
  let cutShort = 0;
  for (let round = 0; round < ROUNDS; round++) {
    if (round > 0) base = await start();
    const sent = await writeUntilKilled(base, breakerIds, 40 + 35 * round);
    cutShort += sent.filter(({ outcome }) => outcome === 'unknown').length;
    everything.push(...sent);

    const store = await Store.open(file);
    await store.read(async (manager) => {
      expect(await manager.query('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
      expect(await manager.query('PRAGMA foreign_key_check')).toEqual([]);
      for (const table of ['reading', 'event', 'note'] as const) {
        const rows = (await manager.query(`SELECT id FROM ${table}`)) as { id: string }[];
        const kept = new Set(rows.map(({ id }) => id));
        for (const { ids, outcome } of everything.filter((one) => one.table === table)) {
          const there = ids.filter((id) => kept.has(id)).length;
          if (outcome === 'acknowledged') expect(there).toBe(ids.length);
          else if (outcome === 'refused') expect(there).toBe(0);
          // Whatever was under way is there whole or not at all.
          else expect([0, ids.length]).toContain(there);
        }
      }
    });
    await store.close();
  }
  const count = (outcome: Sent['outcome']) => everything.filter((one) => one.outcome === outcome).length;
  expect(count('acknowledged')).toBeGreaterThan(50 * ROUNDS);
  expect(count('refused')).toBeGreaterThan(10 * ROUNDS);
  expect(cutShort).toBeGreaterThan(0);
}, 600_000);
