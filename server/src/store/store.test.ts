import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, test } from '@jest/globals';
import { CircuitTable, PanelTable, SafeDatabase, SiteTable, Store, StrikeTable, EditTable } from './index.ts';
import { MIGRATIONS } from './migrations.ts';
import { writeOlderRecord } from './writeOlderRecord.ts';

const site = (n: number) => ({
  id: `site-${n}`,
  name: `Loft ${n}`,
  note: '',
  zone: null,
  createdAt: '2026-01-01T00:00:00.000Z',
  demo: false,
  version: 0,
});

describe('the SQLite binding', () => {
  const database = new SafeDatabase(':memory:');
  database.exec('CREATE TABLE t (i INTEGER, r REAL, x TEXT, b BLOB)');
  const roundTrip = (column: 'i' | 'r' | 'x' | 'b', value: unknown) => {
    database.prepare('DELETE FROM t').run();
    database.prepare(`INSERT INTO t (${column}) VALUES (?)`).run(value);
    return (database.prepare(`SELECT ${column} AS v FROM t`).get() as { v: unknown }).v;
  };

  test.each([
    ['i', 0, 0],
    ['i', 24, 24],
    ['i', -7, -7],
    ['i', Number.MAX_SAFE_INTEGER, Number.MAX_SAFE_INTEGER],
    ['i', true, 1],
    ['i', false, 0],
    ['i', null, null],
    ['r', 118.4, 118.4],
    ['r', 5e-324, 5e-324],
    ['r', -0.1, -0.1],
    ['r', undefined, null],
    ['x', '', ''],
    ['x', 'Über 40 °C — “heiß”, 熱い 🔥', 'Über 40 °C — “heiß”, 熱い 🔥'],
    ['x', new Date('2026-11-03T19:05:00Z'), '2026-11-03T19:05:00.000Z'],
    ['x', '{"deep":["json",1.5,null]}', '{"deep":["json",1.5,null]}'],
  ] as const)('%s keeps %p', (column, value, expected) => {
    expect(roundTrip(column, value)).toBe(expected);
  });

  test('a blob comes back byte for byte', () => {
    const bytes = Buffer.from([0, 255, 128, 10]);
    expect(Buffer.from(roundTrip('b', bytes) as ArrayBuffer)).toEqual(bytes);
  });

  test('parameters may come as a list or as one array', () => {
    const both = database.prepare('SELECT ? + ? AS sum');
    expect(both.get(1, 2)).toMatchObject({ sum: 3 });
    expect(both.get([1, 2])).toMatchObject({ sum: 3 });
  });
});

describe('the write queue', () => {
  test('of 100 parallel writes, 20 built to fail after half their work, exactly the other 80 are kept', async () => {
    const store = await Store.open(':memory:');
    const outcomes = await Promise.allSettled(
      Array.from({ length: 100 }, (_, n) =>
        store.write(async (manager) => {
          await manager.insert(SiteTable, site(n));
          await new Promise((done) => setTimeout(done, n % 3));
          if (n % 5 === 0) throw new Error('built to fail');
          await manager.update(SiteTable, { id: `site-${n}` }, { note: 'whole' });
          return n;
        }),
      ),
    );
    const acknowledged = outcomes.flatMap((o) => (o.status === 'fulfilled' ? [`site-${o.value}`] : []));
    const kept = await store.read((manager) => manager.find(SiteTable));
    expect(acknowledged).toHaveLength(80);
    expect(kept.map((row) => row.id).sort()).toEqual(acknowledged.sort());
    expect(kept.every((row) => row.note === 'whole')).toBe(true);
    await store.close();
  });

  test('a read never sees what is not committed', async () => {
    const store = await Store.open(':memory:');
    const write = store.write(async (manager) => {
      await manager.insert(SiteTable, site(1));
      await new Promise((done) => setTimeout(done, 20));
      throw new Error('built to fail');
    });
    const read = store.read((manager) => manager.count(SiteTable));
    await expect(write).rejects.toThrow('built to fail');
    expect(await read).toBe(0);
    await store.close();
  });
});

describe('a store that fails', () => {
  const plainExec = SafeDatabase.prototype.exec;
  /** From now on this statement fails so many times, as SQLite would have it. */
  const failing = (statement: string, code: string, times = 1) => {
    let left = times;
    SafeDatabase.prototype.exec = function (this: SafeDatabase, sql: string) {
      if (sql === statement && left-- > 0) throw Object.assign(new Error(code), { code });
      return plainExec.call(this, sql);
    };
  };
  afterEach(() => {
    SafeDatabase.prototype.exec = plainExec;
  });

  test.each([
    ['COMMIT', 'SQLITE_IOERR_FSYNC', 'unavailable', 1],
    ['COMMIT', 'SQLITE_READONLY_DBMOVED', 'read-only', 1],
    ['COMMIT', 'SQLITE_CORRUPT', 'damaged', 1],
    // Folding the log in may make room, so it is tried once more.
    ['COMMIT', 'SQLITE_FULL', 'full', 2],
    ['BEGIN IMMEDIATE', 'SQLITE_IOERR_LOCK', 'unavailable', 1],
    ['BEGIN IMMEDIATE', 'SQLITE_CANTOPEN', 'unavailable', 1],
  ] as const)(
    '%s with %s is told as %s, nothing of it is kept, and the next write is',
    async (statement, code, trouble, times) => {
      const folder = mkdtempSync(join(tmpdir(), 'phylaxon-'));
      const store = await Store.open(join(folder, 'record.db'));
      await store.write((manager) => manager.insert(SiteTable, site(1)));
      failing(statement, code, times);
      const refused = store.write((manager) => manager.insert(SiteTable, site(2)));
      await expect(refused).rejects.toMatchObject({
        trouble,
        message: expect.stringMatching(/Nothing was saved/),
      });
      await store.write((manager) => manager.insert(SiteTable, site(3)));
      expect((await store.read((manager) => manager.find(SiteTable))).map(({ id }) => id)).toEqual([
        'site-1',
        'site-3',
      ]);
      expect(await store.troubleNow()).toBeNull();
      await store.close();
      rmSync(folder, { recursive: true });
    },
  );

  test('where not even the way back is sure, the connection is dropped: what comes next is kept', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'phylaxon-'));
    const store = await Store.open(join(folder, 'record.db'));
    failing('ROLLBACK', 'SQLITE_IOERR', 1);
    await expect(
      store.write(async (manager) => {
        await manager.insert(SiteTable, site(1));
        throw new Error('built to fail');
      }),
    ).rejects.toThrow('built to fail');
    await store.write((manager) => manager.insert(SiteTable, site(2)));
    expect((await store.read((manager) => manager.find(SiteTable))).map(({ id }) => id)).toEqual(['site-2']);
    await store.close();
    rmSync(folder, { recursive: true });
  });

  test('once SQLite has ended the transaction by itself, no statement of it runs on its own', async () => {
    const store = await Store.open(':memory:');
    const going = store.write(async (manager) => {
      await manager.insert(SiteTable, site(1));
      // As SQLite does when the disk is full; the work goes on, unaware.
      const { driver } = manager.dataSource as unknown as { driver: { databaseConnection: SafeDatabase } };
      driver.databaseConnection.exec('ROLLBACK');
      await manager.insert(SiteTable, site(2));
    });
    await expect(going).rejects.toThrow(/has ended already/);
    expect(await store.read((manager) => manager.count(SiteTable))).toBe(0);
    await store.close();
  });
});

describe('the file', () => {
  test('what was written is there when it is opened again, sound, with its log folded in', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'phylaxon-'));
    const file = join(folder, 'deep', 'record.db');
    const first = await Store.open(file);
    await first.write((manager) => manager.insert(SiteTable, site(1)));
    await first.close();
    const second = await Store.open(file);
    expect(await second.read((manager) => manager.find(SiteTable))).toEqual([site(1)]);
    expect(await second.read((manager) => manager.query('PRAGMA integrity_check'))).toEqual([
      { integrity_check: 'ok' },
    ]);
    expect(await second.read((manager) => manager.query('PRAGMA journal_mode'))).toEqual([
      { journal_mode: 'wal' },
    ]);
    await second.close();
    rmSync(folder, { recursive: true });
  });

  test('logged rows cannot be changed or deleted, even by hand', async () => {
    const store = await Store.open(':memory:');
    await store.write(async (manager) => {
      await manager.insert(SiteTable, site(1));
      const run = (sql: string) => manager.query(sql);
      await run(
        `INSERT INTO panel (id, siteId, name, spaces, orientation, family, createdAt) VALUES ('p', 'site-1', 'Main', 2, 'upright', '', '')`,
      );
      await run(
        `INSERT INTO breaker (id, panelId, role, space, poles, ratingAmps, kind, family, onDirection, createdAt) VALUES ('b', 'p', 'branch', 1, 1, 20, 'standard', '', 'right', '')`,
      );
      await run(
        `INSERT INTO observation (id, breakerId, at, loggedAt, note, test, outcome) VALUES ('o', 'b', '2026', '2026', '', 'sound', 'quiet')`,
      );
    });
    const change = store.write((manager) =>
      manager.query(`UPDATE observation SET outcome = 'sizzle-or-crackle'`),
    );
    await expect(change).rejects.toThrow(/never changed/);
    await expect(store.write((manager) => manager.query('DELETE FROM observation'))).rejects.toThrow(
      /never changed/,
    );
    await store.close();
  });

  test('words of an older version become the trade’s, in what undo brings back as well', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'phylaxon-'));
    const database = join(folder, 'record.db');
    const circuit = { id: 'c', breakerId: 'b', label: 'Lathe', rules: 'school' };
    const rows = JSON.stringify([{ table: 'circuit', id: 'c', before: circuit, after: null }]);
    await writeOlderRecord(
      database,
      MIGRATIONS.findIndex(({ name }) => name.startsWith('TradeTerms')),
      [
        `INSERT INTO site (id, name, note, createdAt) VALUES ('s', 'Loft', '', '2026')`,
        `INSERT INTO panel (id, siteId, name, spaces, orientation, family, createdAt) VALUES ('p', 's', 'Main', 2, 'upright', '', '')`,
        `INSERT INTO breaker (id, panelId, role, space, poles, ratingAmps, kind, family, onDirection, createdAt) VALUES ('b', 'p', 'branch', 1, 1, 20, 'standard', '', 'right', '')`,
        `INSERT INTO circuit (id, breakerId, label, terminalC, ambientC, currentCarrying, portableReceptacles, rules) VALUES ('c', 'b', 'Lathe', 60, 30, 2, 1, 'school')`,
        `INSERT INTO event (id, breakerId, at, loggedAt, note, kind, amps, afterSeconds, unplugged, cause) VALUES ('e', 'b', '2026', '2026', '', 'held', 12, 600, 0, 'unknown')`,
        `INSERT INTO edit (id, siteId, at, label, panelIds, rows, added, struck, undone) VALUES ('d', 's', '2026', 'Changed', '[]', '${rows}', '[]', '[]', 0)`,
      ],
    );
    const store = await Store.open(database);
    await store.read(async (manager) => {
      expect(await manager.query('SELECT rules FROM circuit')).toEqual([{ rules: 'policy' }]);
      expect(await manager.query('SELECT kind, amps FROM event')).toEqual([{ kind: 'no-trip', amps: 12 }]);
      expect(await manager.find(EditTable)).toMatchObject([
        { rows: [{ table: 'circuit', before: { ...circuit, rules: 'policy' }, after: null }] },
      ]);
    });
    await expect(store.write((manager) => manager.query('DELETE FROM event'))).rejects.toThrow(
      /never changed/,
    );
    await store.close();
    rmSync(folder, { recursive: true });
  });

  test('a record of the version before is brought up, with all that was in it', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'phylaxon-'));
    const database = join(folder, 'record.db');
    await writeOlderRecord(database, 1, [
      `INSERT INTO site VALUES ('s', 'Loft', '', '2026')`,
      `INSERT INTO panel VALUES ('p', 's', 'Main', 12, 'upright', 125, 'Orrin S', '2026')`,
      `INSERT INTO breaker VALUES ('b', 'p', 'branch', 1, NULL, 1, 20, 'standard', '', 'right', NULL, '2026', NULL)`,
      `INSERT INTO circuit VALUES ('c', 'b', 'Lathe', NULL, NULL, NULL, NULL, 60, 30, 2, NULL, 1, NULL, NULL, 'split')`,
      `INSERT INTO reading VALUES ('r', 'b', '2026', '2026', '', 'voltage', 'outlet', 11.9, NULL, 'normal', 'unknown')`,
      `INSERT INTO strike VALUES ('k', 'r', NULL, NULL, '2026', 'misread', NULL)`,
      `INSERT INTO verdict VALUES ('v', 'b', '2026', 'rules-1', 'keep', 'keep', '{}', '{}')`,
    ]);

    const store = await Store.open(database);
    await store.read(async (manager) => {
      expect(await manager.find(PanelTable)).toMatchObject([
        {
          id: 'p',
          alsoListed: [],
          narrowSpaces: null,
          splitAt: null,
          feedThrough: false,
          blanks: [],
          version: 0,
        },
      ]);
      expect(await manager.find(CircuitTable)).toMatchObject([
        { label: 'Lathe', rules: 'policy', version: 0 },
      ]);
      expect(await manager.find(StrikeTable)).toMatchObject([
        { readingId: 'r', noteId: null, why: 'misread' },
      ]);
      expect(await manager.query('PRAGMA foreign_key_check')).toEqual([]);
    });
    await expect(store.write((manager) => manager.query('DELETE FROM strike'))).rejects.toThrow(
      /never changed/,
    );
    await store.close();
    rmSync(folder, { recursive: true });
  });
});
