import { afterAll, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  danglingRows,
  mixedPlaces,
  mixedWrite,
  startServer,
  WRITTEN,
  type MixedPlaces,
  type MixedWrite,
  type ServerProcess,
} from '../testing/index.ts';
import { Store } from './index.ts';

const ROUNDS = runs(3, 20);
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
interface Sent extends Pick<MixedWrite, 'table' | 'ids'> {
  outcome: 'acknowledged' | 'refused' | 'unknown';
}

/** Send writes, several at once, and kill the server when so many were acknowledged. */
async function writeUntilKilled(base: string, places: MixedPlaces, killAfter: number): Promise<Sent[]> {
  const all: Sent[] = [];
  let [next, acknowledged] = [0, 0];
  const dead = once(server!.process, 'exit');
  const sender = async () => {
    while (next < WRITES) {
      const { table, ids, go } = mixedWrite(base, places, next++);
      const sent: Sent = { table, ids, outcome: 'unknown' };
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
  const places = await mixedPlaces(base);
  const everything: Sent[] = [];
  let cutShort = 0;
  for (let round = 0; round < ROUNDS; round++) {
    if (round > 0) base = await start();
    const sent = await writeUntilKilled(base, places, 40 + 35 * round);
    cutShort += sent.filter(({ outcome }) => outcome === 'unknown').length;
    everything.push(...sent);

    const store = await Store.open(file);
    await store.read(async (manager) => {
      expect(await manager.query('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
      expect(await manager.query('PRAGMA foreign_key_check')).toEqual([]);
      for (const table of WRITTEN) {
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
      expect(await danglingRows(manager, file)).toEqual([]);
      // Steps of a visit stand one after the other, none twice, none left out.
      const steps = (await manager.query(
        `SELECT json_extract(content, '$.n') AS n FROM panel_entry WHERE kind = 'visit-step' ORDER BY 1`,
      )) as { n: number }[];
      expect(steps.map(({ n }) => n)).toEqual(steps.map((_, i) => i));
      expect(steps.length).toBeGreaterThan(0);
    });
    await store.close();
  }
  const count = (outcome: Sent['outcome']) => everything.filter((one) => one.outcome === outcome).length;
  expect(count('acknowledged')).toBeGreaterThan(50 * ROUNDS);
  expect(count('refused')).toBeGreaterThan(10 * ROUNDS);
  expect(cutShort).toBeGreaterThan(0);
}, 600_000);
