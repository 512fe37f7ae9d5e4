import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { seeded } from '@phylaxon/core/facts/random';
import { Store } from '../src/store/index.ts';
import { danglingRows, mixedPlaces, startServer, type MixedWrite } from '../src/testing/process/index.ts';
import { buildBigSite } from './bigSite.ts';
import { say, verdict } from './say.ts';
import {
  ASKING,
  askOften,
  CHECK,
  HEAVY,
  openUnread,
  watchHealth,
  writeOften,
  type Statuses,
} from './load/index.ts';

/** A thousand connections of five kinds, streams that nobody reads, and work that is heavy, all at once. */
const CONNECTIONS_OF_A_KIND = 200;
const UNREAD_STREAMS = 100;
const CHECKS_AT_ONCE = 30;
const SECONDS = Number(process.env.LOAD_SECONDS ?? 120);
/** From one answer to the next request of a connection, on average. */
const PAUSE_MS = Number(process.env.LOAD_PAUSE_MS ?? 10_000);
const HEALTH_MS = 1000;
const MOST_MB = 700;

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-load-'));
const file = join(folder, 'record.db');
const store = await Store.open(file);
const big = await buildBigSite(store, { panels: 10, breakersPerPanel: 40, readings: 20_000 });
await store.close();

const server = await startServer({ PHYLAXON_DB: file });
const visited = await mixedPlaces(server.base);
const target = {
  base: server.base,
  siteId: big.siteId,
  places: [...big.list.map((one) => ({ ...one, visitId: null })), visited],
};
const random = seeded(32);
const pause = () => PAUSE_MS * (0.5 + random());
const end = Date.now() + SECONDS * 1000;
const isOver = () => Date.now() >= end;
const told = new Map<string, Statuses>();
const statusesOf = (kind: string): Statuses => {
  const statuses: Statuses = told.get(kind) ?? new Map();
  told.set(kind, statuses);
  return statuses;
};
const times = <T>(n: number, make: (i: number) => T) => Array.from({ length: n }, (_, i) => make(i));

say(
  `${5 * CONNECTIONS_OF_A_KIND} connections of five kinds, ${UNREAD_STREAMS} streams that nobody reads, ${CHECKS_AT_ONCE} checks at once, a profile and a packed file, for ${SECONDS} s …`,
);
const enough = watchHealth(server.base, server.process.pid!);
const close = times(UNREAD_STREAMS, () => openUnread(target, statusesOf('unread stream')));
const asking = Object.entries(ASKING).flatMap(([kind, of]) =>
  times(CONNECTIONS_OF_A_KIND, (i) =>
    askOften(target, statusesOf(kind), isOver, pause, (n) => of(target, i + 7 * n)),
  ),
);
const heavy = Object.entries(HEAVY).map(([kind, asked]) =>
  askOften(
    target,
    statusesOf(kind),
    isOver,
    () => 0,
    () => asked,
  ),
);
const checks = times(CHECKS_AT_ONCE, () =>
  askOften(
    target,
    statusesOf('check'),
    isOver,
    () => 0,
    () => CHECK,
  ),
);
const writing = times(CONNECTIONS_OF_A_KIND, () =>
  writeOften(target, statusesOf('write'), isOver, pause, random),
);
const acknowledged = (await Promise.all(writing)).flat();
await Promise.all([...asking, ...heavy, ...checks]);
const { ms, mostMB } = await enough();
close.forEach((one) => one());
server.process.kill('SIGTERM');
await wait(6000);

/** How many of what was acknowledged are not in the record. */
async function lostOf(list: readonly Pick<MixedWrite, 'table' | 'ids'>[]): Promise<number> {
  const after = await Store.open(file);
  const lost = await after.read(async (manager) => {
    let missing = (await danglingRows(manager, file)).length;
    for (const table of new Set(list.map((one) => one.table))) {
      const rows = (await manager.query(`SELECT id FROM ${table}`)) as { id: string }[];
      const kept = new Set(rows.map(({ id }) => id));
      for (const { ids } of list.filter((one) => one.table === table))
        if (!ids.every((id) => kept.has(id))) missing += 1;
    }
    return missing;
  });
  await after.close();
  return lost;
}

const lost = await lostOf(acknowledged);
const sorted = [...ms].sort((a, b) => a - b);
const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
for (const [kind, statuses] of told)
  say(
    `  ${kind.padEnd(14)} ${[...statuses]
      .sort()
      .map(([status, n]) => `${n} × ${status || 'no answer'}`)
      .join(', ')}`,
  );
say(
  `  health, ${ms.length} times: half within ${at(0.5).toFixed(0)} ms, 99 % within ${at(0.99).toFixed(0)} ms${verdict(at(0.99) <= HEALTH_MS, `99 % within ${HEALTH_MS} ms`)}`,
);
say(`  most memory ${mostMB.toFixed(0)} MB${verdict(mostMB < MOST_MB, `under ${MOST_MB} MB`)}`);
say(`  ${acknowledged.length} writes acknowledged, ${lost} lost${verdict(lost === 0, 'none')}`);
rmSync(folder, { recursive: true, force: true });
process.exit(0);
