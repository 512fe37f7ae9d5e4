import { afterAll, describe, expect, test } from '@jest/globals';
import { randomUUID } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createHash } from 'node:crypto';
import { PanelEntryTable, PanelTable, SiteTable, Store } from '../store/index.ts';
import { aJpeg } from '../testing/index.ts';
import { restoreBackup, takeWaiting, writeBackup } from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-restore-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const at = '2026-11-20T10:00:00.000Z';

/** A record with one site. */
async function aRecord(name: string) {
  const file = join(folder, `${randomUUID()}.db`);
  const store = await Store.open(file);
  const siteId = randomUUID();
  await store.write((manager) =>
    manager.insert(SiteTable, {
      id: siteId,
      name,
      note: '',
      createdAt: at,
      zone: null,
      demo: false,
      version: 0,
    }),
  );
  return { file, store, siteId };
}

/** A record with a picture beside it. */
async function withPicture(name: string) {
  const { file, store, siteId } = await aRecord(name);
  await store.close();
  const content = aJpeg();
  const sha256 = createHash('sha256').update(content).digest('hex');
  mkdirSync(`${file}-photos`);
  writeFileSync(join(`${file}-photos`, `${sha256}.jpg`), content);
  return { file, siteId, picture: `${sha256}.jpg` };
}

const sitesIn = async (file: string) => {
  const store = await Store.open(file);
  const rows = await store.read((manager) => manager.find(SiteTable));
  await store.close();
  return rows.map(({ name }) => name);
};

/** A copy of a record as a zip. */
async function aCopy(name: string) {
  const { file, store } = await aRecord(name);
  await store.close();
  const copy = join(folder, `${randomUUID()}.zip`);
  await writeBackup(file, `${file}-photos`, copy);
  return copy;
}

describe('a restore', () => {
  test('is refused while a visit is under way, and takes nothing away', async () => {
    const copy = await aCopy('Copy');
    const { file, store, siteId } = await aRecord('Here');
    const panelId = randomUUID();
    const visitId = randomUUID();
    const step = (n: number, is: string) => ({
      ...{ id: randomUUID(), panelId, kind: 'visit-step' as const, at, loggedAt: at, simulated: true },
      ...{ note: '', sha256: null, bytes: null, who: null, content: { visitId, n, fact: { is } } },
    });
    await store.write(async (manager) => {
      await manager.insert(PanelTable, {
        ...{ id: panelId, siteId, name: 'P', spaces: 8, orientation: 'upright', busAmps: null, family: '' },
        ...{ alsoListed: [], narrowSpaces: null, splitAt: null, feedThrough: false, fedByBreakerId: null },
        ...{ fedThroughPanelId: null, blanks: [], holes: [], createdAt: at, removedAt: null, version: 0 },
      });
      await manager.insert(PanelEntryTable, step(0, 'dressed') as never);
    });
    await store.close();
    await expect(restoreBackup(copy, file, `${file}-photos`)).rejects.toThrow(/visit is in progress/);
    expect(await sitesIn(file)).toEqual(['Here']);
    const again = await Store.open(file);
    await again.write((manager) => manager.insert(PanelEntryTable, step(1, 'abandoned') as never));
    await again.close();
    await restoreBackup(copy, file, `${file}-photos`);
    expect(await sitesIn(file)).toEqual(['Copy']);
  });

  test('whose copy vanishes meanwhile leaves the record as it was', async () => {
    const { file, store } = await aRecord('Here');
    const room = `${file}-restore`;
    mkdirSync(join(room, 'photos'), { recursive: true });
    writeFileSync(join(room, 'ready'), '');
    await expect(takeWaiting(file, `${file}-photos`, (exchange) => store.exchange(exchange))).rejects.toThrow(
      /backup file is gone/,
    );
    const rows = await store.read((manager) => manager.find(SiteTable));
    expect(rows.map(({ name }) => name)).toEqual(['Here']);
    await store.close();
    expect(await sitesIn(file)).toEqual(['Here']);
  });

  test('keeps the pictures with the record it sets aside, even where no zip can be made, and both come back', async () => {
    const { file, picture } = await withPicture('Here');
    const copy = await aCopy('Copy');
    // A zip of that name is there already, for whatever second it is made in.
    mkdirSync(`${file}-backups`, { recursive: true });
    for (let second = 0; second < 20; second++) {
      const stamp = new Date(Date.now() + second * 1000).toISOString().slice(0, 19).replace(/[:T]/g, '-');
      writeFileSync(join(`${file}-backups`, `before-restore-${stamp}.zip`), 'taken');
    }
    const { kept } = await restoreBackup(copy, file, `${file}-photos`);
    expect(kept).toMatch(/before-restore-.*\.db$/);
    expect(readdirSync(`${kept}-photos`)).toEqual([picture]);
    // Whatever sweeps the pictures of the record that is there now.
    rmSync(join(`${file}-photos`, picture));
    const { kept: second } = await restoreBackup(kept!, file, `${file}-photos`);
    expect(second).not.toBeNull();
    expect(await sitesIn(file)).toEqual(['Here']);
    expect(readFileSync(join(`${file}-photos`, picture)).equals(aJpeg())).toBe(true);
  });

  test.each([
    ['no database at all', Buffer.from('Dear diary, '.repeat(999))],
    ['a database that is cut off', null],
  ])(
    'over a record that is %s puts the copy in its place, and keeps what was there',
    async (_what, content) => {
      const { file, store } = await aRecord('Here');
      await store.close();
      const before = content ?? readFileSync(file).subarray(0, 5000);
      writeFileSync(file, before);
      const { kept } = await restoreBackup(await aCopy('Copy'), file, `${file}-photos`);
      expect(await sitesIn(file)).toEqual(['Copy']);
      expect(readFileSync(kept!).equals(before)).toBe(true);
    },
  );

  test('of a damaged record that was kept is refused in our words', async () => {
    const { file, store } = await aRecord('Here');
    await store.close();
    const damaged = join(folder, 'damaged.db');
    writeFileSync(damaged, Buffer.concat([readFileSync(file).subarray(0, 4096), Buffer.alloc(8192, 7)]));
    await expect(restoreBackup(damaged, file, `${file}-photos`)).rejects.toThrow(/cannot be used/);
    expect(await sitesIn(file)).toEqual(['Here']);
    expect(existsSync(`${file}-restore`)).toBe(false);
  });
});
