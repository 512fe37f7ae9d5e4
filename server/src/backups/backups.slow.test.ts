import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import yazl from 'yazl';
import { ReadingTable, SiteTable, Store } from '../store/index.ts';
import { aJpeg, programFile, send, startServer, type ServerProcess } from '../testing/index.ts';
import { BackupKeeper, backupsToKeep, restoreBackup, writeBackup } from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-backups-'));
const record = join(folder, 'record.db');
let server: ServerProcess;
let breakers: string[];

/** A program of ours, run as `npm run` would. */
const run = async (name: 'backup' | 'restore', file: string, db = record) =>
  promisify(execFile)(process.execPath, [await programFile(name), file], {
    env: { ...process.env, NODE_OPTIONS: '', PHYLAXON_DB: db },
  }).then(
    ({ stdout }) => stdout,
    (error: { stdout: string }) => `failed: ${error.stdout}`,
  );

beforeAll(async () => {
  server = await startServer({ PHYLAXON_DB: record });
  const { base } = server;
  const site = await send(base, 'POST', '/sites', { name: 'Shed' });
  const panel = await send(base, 'POST', `/sites/${site.body.id}/panels`, { name: 'P', spaces: 8 });
  breakers = [];
  for (const space of [1, 2, 3, 4])
    breakers.push(
      (await send(base, 'POST', `/panels/${panel.body.id}/breakers`, { space, poles: 1, ratingAmps: 20 }))
        .body.id,
    );
  const photo = await fetch(`${base}/breakers/${breakers[0]}/photos?at=2026-11-20T10:00:00Z`, {
    method: 'POST',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(aJpeg()),
  });
  expect(photo.status).toBe(201);
});
afterAll(() => {
  server.process.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** Log one reading; its id once it is acknowledged. */
async function logOne(n: number): Promise<string> {
  const id = randomUUID();
  const reading = { id, quantity: 'voltage', point: 'outlet', value: 119, at: '2026-11-20T10:00:00Z' };
  const { status } = await send(server.base, 'POST', `/breakers/${breakers[n % 4]}/readings`, {
    readings: [reading],
  });
  expect(status).toBe(201);
  return id;
}

const readingsIn = async (file: string) => {
  const store = await Store.open(file);
  const rows = await store.read((manager) => manager.find(ReadingTable, { select: { id: true } }));
  expect(await store.read((manager) => manager.query('PRAGMA integrity_check'))).toEqual([
    { integrity_check: 'ok' },
  ]);
  await store.close();
  return new Set(rows.map(({ id }) => id));
};

describe('a copy, with the server running', () => {
  test('made while 16 write, restored elsewhere, has every row that was acknowledged before it began', async () => {
    const acknowledged: string[] = [];
    let isOver = false;
    const writers = Array.from({ length: 16 }, async (_, n) => {
      while (!isOver) acknowledged.push(await logOne(n));
    });
    while (acknowledged.length < 60) await new Promise((done) => setTimeout(done, 20));
    const before = [...acknowledged];
    const copy = join(folder, 'copy.zip');
    expect(await run('backup', copy)).toMatch(/Backed up .* with 1 photos .* verified/);
    isOver = true;
    await Promise.all(writers);
    expect(acknowledged.length).toBeGreaterThan(before.length);

    const elsewhere = join(folder, 'elsewhere', 'other.db');
    expect(await run('restore', copy, elsewhere)).toMatch(/Restored .* as/);
    const there = await readingsIn(elsewhere);
    expect(before.filter((id) => !there.has(id))).toEqual([]);
    expect(readdirSync(`${elsewhere}-photos`)).toHaveLength(1);
  }, 120_000);

  test('brought back into the running server it is there at once, and what was there is kept', async () => {
    const copy = join(folder, 'before.zip');
    await run('backup', copy);
    const later = await logOne(0);
    expect(await run('restore', copy)).toMatch(/The replaced database is kept: .*before-restore-.*\.zip/);
    const timeline = await send<{ counts: Record<string, number> }>(
      server.base,
      'GET',
      `/breakers/${breakers[0]}/timeline`,
    );
    expect(timeline.status).toBe(200);
    const fresh = await logOne(0);
    const kept = readdirSync(`${record}-backups`)
      .filter((name) => name.startsWith('before-restore-'))
      .sort()
      .at(-1)!;
    const keptElsewhere = join(folder, 'kept', 'kept.db');
    await restoreBackup(join(`${record}-backups`, kept), keptElsewhere, `${keptElsewhere}-photos`);
    const [now, then] = [new Set<string>(), await readingsIn(keptElsewhere)];
    expect(then.has(later)).toBe(true);
    server.process.kill('SIGTERM');
    await once(server.process, 'exit');
    for (const id of await readingsIn(record)) now.add(id);
    expect([now.has(later), now.has(fresh)]).toEqual([false, true]);
    server = await startServer({ PHYLAXON_DB: record });
  }, 120_000);

  test('a copy under a name that is taken, or of no record, is refused', async () => {
    expect(await run('backup', join(folder, 'copy.zip'))).toMatch(/^failed: .*already exists/);
    expect(await run('backup', join(folder, 'new.zip'), join(folder, 'none.db'))).toMatch(
      /There is no database/,
    );
    expect(existsSync(join(folder, 'new.zip'))).toBe(false);
  });
});

/** A zip of these. */
async function zipOf(entries: [string, Buffer][]): Promise<string> {
  const zip = new yazl.ZipFile();
  for (const [name, content] of entries) zip.addBuffer(content, name);
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  const path = join(folder, `${randomUUID()}.zip`);
  writeFileSync(path, Buffer.concat(chunks));
  return path;
}

describe('a copy that cannot be used', () => {
  const good = async () => {
    const path = join(folder, `${randomUUID()}.zip`);
    await writeBackup(record, `${record}-photos`, path);
    return readFileSync(path);
  };
  const written = (content: Buffer) => {
    const path = join(folder, `${randomUUID()}.zip`);
    writeFileSync(path, content);
    return path;
  };
  test.each<[string, () => Promise<string>, RegExp]>([
    ['is not there', () => Promise.resolve(join(folder, 'nowhere.zip')), /there is no file/],
    ['is no zip', () => Promise.resolve(written(Buffer.from('x'.repeat(500)))), /not a zip file/],
    ['is cut off', async () => written((await good()).subarray(0, -300)), /no zip|cut off/],
    [
      'was changed',
      async () => {
        const bytes = await good();
        bytes.fill(7, bytes.length >> 2, (bytes.length >> 2) + 400);
        return written(bytes);
      },
      /damaged/,
    ],
    [
      'holds something else',
      () =>
        zipOf([
          ['record.db', Buffer.from('x')],
          ['run.sh', Buffer.from('rm')],
        ]),
      /does not belong/,
    ],
    ['holds no record', () => zipOf([['backup.json', Buffer.from('{}')]]), /has no “record.db”/],
    [
      'holds a text as its record',
      () => zipOf([['record.db', Buffer.from('Dear diary, '.repeat(99))]]),
      /not a Phylaxon database/,
    ],
    [
      'holds a picture of another name',
      async () =>
        zipOf([
          ['record.db', Buffer.alloc(10)],
          [`photos/${'a'.repeat(64)}.jpg`, aJpeg()],
        ]),
      /a photo in it is damaged/,
    ],
  ])('because it %s is refused, and nothing is changed', async (_what, make, why) => {
    const target = join(folder, `${randomUUID()}.db`);
    const store = await Store.open(target);
    await store.close();
    const before = readFileSync(target);
    await expect(restoreBackup(await make(), target, `${target}-photos`)).rejects.toThrow(why);
    expect(readFileSync(target).equals(before)).toBe(true);
    expect(readdirSync(folder).filter((name) => name.includes('restoring'))).toEqual([]);
  });
});

describe('daily copies', () => {
  test('one a day, so many at most, the last one told', async () => {
    const file = join(folder, 'daily.db');
    const store = await Store.open(file);
    await store.write((manager) =>
      manager.insert(SiteTable, {
        id: randomUUID(),
        name: 'Loft',
        note: '',
        createdAt: '2026-01-01T00:00:00.000Z',
        demo: false,
        version: 0,
      }),
    );
    const keeper = new BackupKeeper(file, `${file}-photos`, 3);
    expect(keeper.state()).toMatchObject({ keep: 3, last: null, trouble: null });
    await keeper.daily();
    const made = readdirSync(`${file}-backups`);
    expect(made).toEqual([`daily-${new Date().toISOString().slice(0, 10)}.zip`]);
    expect(keeper.state().last!.bytes).toBeGreaterThan(1000);
    // Older ones: only the newest three stay.
    for (const day of ['2026-01-01', '2026-01-02', '2026-01-03', '2026-01-04']) {
      const path = join(`${file}-backups`, `daily-${day}.zip`);
      writeFileSync(path, 'x');
      utimesSync(path, new Date(day), new Date(day));
    }
    rmSync(join(`${file}-backups`, made[0]!));
    await Promise.all([keeper.daily(), keeper.daily()]);
    expect(readdirSync(`${file}-backups`).sort()).toEqual([
      'daily-2026-01-03.zip',
      'daily-2026-01-04.zip',
      made[0],
    ]);
    await store.close();
  });

  test.each([
    [undefined, 7],
    ['off', 0],
    ['30', 30],
  ])('PHYLAXON_BACKUPS=%s keeps %i', (setting, keep) => {
    expect(backupsToKeep(setting)).toBe(keep);
  });
  test.each(['0', '-1', 'many', '1.5', '400'])('PHYLAXON_BACKUPS=%s is told', (setting) => {
    expect(() => backupsToKeep(setting)).toThrow(/PHYLAXON_BACKUPS must be off/);
  });
});
