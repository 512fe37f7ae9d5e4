import { afterAll, describe, expect, test } from '@jest/globals';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../testing/index.ts';
import { backupsBeside, RecordRefused, SafeDatabase, SiteTable, Store } from './index.ts';
import { MIGRATIONS } from './migrations.ts';
import { writeOlderRecord } from './writeOlderRecord.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-record-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let number = 0;
const place = () => join(folder, `record-${++number}.db`);
const site = {
  id: '7f000000-0000-4000-8000-000000000001',
  name: 'Loft',
  note: '',
  createdAt: '2026-01-01T00:00:00.000Z',
  demo: false,
  version: 0,
};

/** A sound record with something in it. */
async function aRecord(): Promise<string> {
  const file = place();
  const store = await Store.open(file);
  await store.write((manager) => manager.insert(SiteTable, site));
  await store.close();
  return file;
}

async function changed(change: (database: SafeDatabase) => void): Promise<string> {
  const file = await aRecord();
  const database = new SafeDatabase(file);
  change(database);
  database.close();
  return file;
}

/** Another program’s database. */
function foreign(...statements: string[]): string {
  const file = place();
  const database = new SafeDatabase(file);
  for (const statement of statements) database.exec(statement);
  database.close();
  return file;
}

function filled(content: Buffer | string): string {
  const file = place();
  writeFileSync(file, content);
  return file;
}

/** Somebody’s else’s page in the middle of the file. */
async function damaged(): Promise<string> {
  const file = await aRecord();
  const bytes = readFileSync(file);
  bytes.fill(0xa5, 4096 * 5, 4096 * 9);
  writeFileSync(file, bytes);
  return file;
}

async function cutOff(): Promise<string> {
  const file = await aRecord();
  writeFileSync(file, readFileSync(file).subarray(0, 4096 * 20 + 700));
  return file;
}

async function readOnly(): Promise<string> {
  const file = await aRecord();
  chmodSync(file, 0o444);
  return file;
}

const REFUSED: [what: string, make: () => string | Promise<string>, why: RegExp][] = [
  ['a text', () => filled('These are notes.\n'.repeat(40)), /not a Phylaxon database/],
  ['a picture', () => filled(Buffer.alloc(9000, 0xd8)), /not a Phylaxon database/],
  ['a folder', () => (mkdirSync(join(folder, 'dir')), join(folder, 'dir')), /is a folder/],
  [
    'another program’s database',
    () => foreign('CREATE TABLE notes (text)', 'PRAGMA user_version = 3'),
    /belongs to another program/,
  ],
  [
    'another program’s, made with the same library',
    () =>
      foreign(
        'CREATE TABLE migrations (id INTEGER PRIMARY KEY, timestamp, name)',
        `INSERT INTO migrations VALUES (1, 1, 'Orders1')`,
      ),
    /belongs to another program/,
  ],
  [
    'one of a newer version',
    () =>
      changed((db) => db.exec(`INSERT INTO migrations (timestamp, name) VALUES (9, 'Later9000000000000')`)),
    /newer version of Phylaxon/,
  ],
  ['one with damaged pages', damaged, /is damaged.*npm run restore/],
  ['one that was cut off', cutOff, /is damaged.*npm run restore/],
  [
    'one whose rows point to nothing',
    () =>
      changed(
        (db) => (
          db.pragma('foreign_keys = OFF'),
          db.exec(`INSERT INTO curve VALUES ('c', 'nowhere', 'x', '[]', 0)`)
        ),
      ),
    /is damaged/,
  ],
  [
    'one with a beginning alone',
    () => filled(Buffer.concat([Buffer.from('SQLite format 3\0'), Buffer.alloc(50)])),
    /is damaged|another program/,
  ],
  ['one that may only be read', readOnly, /is read-only/],
];

const print = (file: string) => {
  try {
    return createHash('sha256').update(readFileSync(file)).digest('hex');
  } catch {
    return readdirSync(file).join();
  }
};

describe('a file that cannot be the record', () => {
  test.each(REFUSED)('%s is refused in one line, and not written to', async (_what, make, why) => {
    const file = await make();
    const before = print(file);
    const refusal = await Store.open(file).catch((error: unknown) => error);
    expect(refusal).toBeInstanceOf(RecordRefused);
    const { message } = refusal as Error;
    expect(message).toMatch(why);
    expect(message).not.toContain('\n');
    expect(message.startsWith(file)).toBe(true);
    expect(print(file)).toBe(before);
  });

  test('the server says it in one line and ends', async () => {
    const file = foreign('CREATE TABLE notes (text)');
    const before = print(file);
    await expect(startServer({ PHYLAXON_DB: file })).rejects.toThrow(
      /^[^\n]*belongs to another program\.[^\n]*$/,
    );
    expect(print(file)).toBe(before);
  });

  test('one that another Phylaxon has open is refused until that one ends, however it ends', async () => {
    const file = place();
    const first = await startServer({ PHYLAXON_DB: file });
    await expect(Store.open(file)).rejects.toThrow(/already open in another Phylaxon/);
    first.process.kill('SIGKILL');
    await new Promise((done) => first.process.once('exit', done));
    await (await Store.open(file)).close();
  });

  test('an empty file is a new record', async () => {
    const file = filled('');
    await (await Store.open(file)).close();
    expect(readFileSync(file).subarray(0, 15).toString()).toBe('SQLite format 3');
  });
});

describe('an upgrade', () => {
  test.each(MIGRATIONS.slice(0, -1).map((_, i) => i + 1))(
    'from version %i keeps a copy of the record as it was',
    async (version) => {
      const file = place();
      // Capitals in ids are from before version 5.
      const id = version < 5 ? 'S-1' : 's-1';
      await writeOlderRecord(file, version, [
        `INSERT INTO site (id, name, note, createdAt) VALUES ('${id}', 'Loft', '', '2026')`,
      ]);

      const store = await Store.open(file);
      expect(store.keptBefore).toContain(backupsBeside(file));
      expect(await store.read((manager) => manager.find(SiteTable))).toMatchObject([
        { id: 's-1', name: 'Loft' },
      ]);
      await store.close();
      const copy = new SafeDatabase(store.keptBefore!);
      expect(copy.prepare('SELECT count(*) AS n FROM migrations').get()).toMatchObject({ n: version });
      expect(copy.prepare('SELECT id FROM site').all()).toMatchObject([{ id }]);
      copy.close();

      const again = await Store.open(file);
      expect(again.keptBefore).toBeNull();
      await again.close();
    },
  );

  test('a copy that is put in place by hand is a record', async () => {
    const file = await aRecord();
    const elsewhere = place();
    copyFileSync(file, elsewhere);
    const store = await Store.open(elsewhere);
    expect(await store.read((manager) => manager.count(SiteTable))).toBe(1);
    await store.close();
  });
});
