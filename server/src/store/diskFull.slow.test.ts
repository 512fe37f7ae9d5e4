import { afterAll, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import { execFileSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  danglingRows,
  mixedPlaces,
  mixedWrite,
  send,
  startServer,
  WRITTEN,
  type MixedPlaces,
  type MixedWrite,
  type ServerProcess,
} from '../testing/index.ts';
import { photosBeside, SafeDatabase, Store } from './index.ts';

/** Ten with `npm run test:property`. */
const ROUNDS = runs(1, 10);
const WRITES = 500;
const AT_ONCE = 8;

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-full-'));
const isSmallDisk = mountSmallDisk();
const servers: ServerProcess[] = [];

afterAll(() => {
  for (const server of servers) server.process.kill('SIGKILL');
  if (isSmallDisk) execFileSync('umount', ['--lazy', folder]);
  rmSync(folder, { recursive: true, force: true });
});

/** A disk of 3 MB, where this machine lets us have one. */
function mountSmallDisk(): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=3m', 'tmpfs', folder], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
}

/** Take the room there is, but for so many bytes; elsewhere, let no file grow beyond what there is now. */
function takeRoom(leave: number) {
  if (isSmallDisk) {
    const { bavail, bsize } = statfsSync(folder);
    writeFileSync(join(folder, 'ballast'), Buffer.alloc(Math.max(0, bavail * bsize - leave)));
  } else limitFiles(String(400_000 + leave));
}

function giveRoom() {
  if (isSmallDisk) rmSync(join(folder, 'ballast'));
  else limitFiles('unlimited');
}

const limitFiles = (bytes: string) =>
  execFileSync('prlimit', ['--pid', String(servers.at(-1)!.process.pid), `--fsize=${bytes}:unlimited`]);

interface Sent extends Pick<MixedWrite, 'table' | 'ids'> {
  status: number;
}

/** Refused for what is wrong with it, because somebody else took that step of the visit, or other files are still being read. */
const isRefused = ({ status }: Sent) => [400, 409, 429].includes(status);
const isKept = ({ status }: Sent) => status === 201;

let written = 0;

/** Send so many writes of all kinds, several at once. */
async function writeMany(
  base: string,
  places: MixedPlaces,
  count: number,
  which = () => written++,
): Promise<Sent[]> {
  const all: Sent[] = [];
  let left = count;
  const sender = async () => {
    while (left-- > 0) {
      const { table, ids, go } = mixedWrite(base, places, which());
      all.push({ table, ids, status: (await go()).status });
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, sender));
  return all;
}

const healthOf = async (base: string) => (await send(base, 'GET', '/health')).status;

/** What was acknowledged is there, what was refused is not; and nobody else is locked out. */
async function checkKept(file: string, sent: readonly Sent[]) {
  const store = await Store.open(file);
  await store.read(async (manager) => {
    expect(await manager.query('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
    const all = WRITTEN.map((table) => `SELECT id FROM ${table}`).join(' UNION ALL ');
    const kept = new Set(((await manager.query(all)) as { id: string }[]).map(({ id }) => id));
    const isWrong = (one: Sent) => one.ids.some((id) => kept.has(id) !== isKept(one));
    expect(sent.filter(isWrong)).toEqual([]);
    expect(await danglingRows(manager, file)).toEqual([]);
  });
  await store.close();
}

test(`a disk that fills up under ${WRITES} writes, ${ROUNDS} times over: nothing acknowledged is lost, and it goes on once there is room`, async () => {
  let refused = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const file = join(folder, `record-${round}.db`);
    const server = await startServer({ PHYLAXON_DB: file });
    servers.push(server);
    const { base } = server;
    const places = await mixedPlaces(base);
    const isDone = (one: Sent) => isKept(one) || isRefused(one);

    const before = await writeMany(base, places, WRITES / 5);
    expect(before.filter((one) => !isDone(one))).toEqual([]);
    takeRoom(4000 * round);
    const during = await writeMany(base, places, (WRITES * 2) / 5);
    const turnedAway = during.filter((one) => !isDone(one));
    refused += turnedAway.length;
    expect(turnedAway.every(({ status }) => status === (isSmallDisk ? 507 : 503))).toBe(true);
    // A small write may find room where a large one found none; what a last one met is what health tells.
    if (!isDone(during.at(-1)!)) expect(await healthOf(base)).toBe(503);
    // What is on record can be read all the while.
    expect((await send(base, 'GET', `/breakers/${places.breakerIds[0]}`)).status).toBe(200);
    giveRoom();
    const after = await writeMany(base, places, (WRITES * 2) / 5);
    expect(after.filter((one) => !isDone(one))).toEqual([]);
    expect(await healthOf(base)).toBe(200);

    const dead = once(server.process, 'exit');
    server.process.kill(round % 2 ? 'SIGTERM' : 'SIGKILL');
    await dead;
    await checkKept(file, [...before, ...during, ...after]);
    rmSync(file);
    rmSync(`${file}-wal`, { force: true });
    rmSync(`${file}-shm`, { force: true });
    rmSync(photosBeside(file), { recursive: true, force: true });
  }
  expect(refused).toBeGreaterThan(ROUNDS * 20);
}, 600_000);

test('a lock held by another program: reads go on, writes are told, and all is well once it is released', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'phylaxon-locked-')), 'record.db');
  const server = await startServer({ PHYLAXON_DB: file });
  servers.push(server);
  const { base } = server;
  const places = await mixedPlaces(base);
  // Two readings, each time.
  const readings = (count: number) => writeMany(base, places, count, () => 1);
  const all = await readings(20);
  for (let turn = 0; turn < 4; turn++) {
    const foreign = new SafeDatabase(file);
    foreign.exec('BEGIN IMMEDIATE');
    const answered: string[] = [];
    const writes = readings(2).finally(() => answered.push('writes'));
    expect((await send(base, 'GET', `/breakers/${places.breakerIds[0]}`)).status).toBe(200);
    answered.push('read');
    const turnedAway = await writes;
    // The foreign lock is held for longer than a write is kept waiting; a read does not wait at all.
    expect(answered).toEqual(['read', 'writes']);
    expect(turnedAway.map(({ status }) => status)).toEqual([503, 503]);
    foreign.exec('ROLLBACK');
    foreign.close();
    all.push(...turnedAway, ...(await readings(2)));
    expect(await healthOf(base)).toBe(200);
  }
  expect(all.filter(isKept)).toHaveLength(28);
  const dead = once(server.process, 'exit');
  server.process.kill('SIGKILL');
  await dead;
  await checkKept(file, all);
}, 120_000);
