import { pino } from 'pino';
import { Access } from '../accounts/index.ts';
import { createApp } from '../app/index.ts';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PhotoFolder } from '../photos/index.ts';
import { Store } from '../store/index.ts';
import { withDemo } from './demoSnapshot.ts';

/** The application on a database in memory, or in a file of its own, with the demo site or empty. */
export async function testApp({
  demo = false,
  onDisk = false,
  hosts = [] as string[],
  accounts = false,
} = {}) {
  const file = onDisk ? join(mkdtempSync(join(tmpdir(), 'phylaxon-record-')), 'phylaxon.db') : ':memory:';
  const store = await Store.open(file);
  if (demo) await withDemo(store);
  const photos = new PhotoFolder(mkdtempSync(join(tmpdir(), 'phylaxon-photos-')));
  const access = new Access(store);
  await access.start(accounts);
  return {
    store,
    photos,
    access,
    app: createApp({
      store,
      photos,
      hosts,
      access,
      logger: pino({ level: process.env.LOG_LEVEL ?? 'silent' }),
    }),
  };
}
