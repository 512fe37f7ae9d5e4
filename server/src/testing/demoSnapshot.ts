import { readFileSync, writeFileSync } from 'node:fs';
import type { EntityManager } from 'typeorm';
import { seedDemo } from '../demo/index.ts';
import { insertMany, Store } from '../store/index.ts';

/** The file that holds the demo’s rows, made once for all tests (see scripts/demoSnapshot.mjs). */
const snapshotFile = () => process.env.PHYLAXON_DEMO_SNAPSHOT;

const tablesOf = async (manager: EntityManager): Promise<string[]> =>
  (
    (await manager.query(
      `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name != 'migrations'`,
    )) as { name: string }[]
  ).map(({ name }) => name);

/** Bytes have no place in JSON: they stand there as text. */
const bytesAsText = (_name: string, value: unknown): unknown =>
  value instanceof ArrayBuffer ? { bytes: Buffer.from(value).toString('base64') } : value;

const isBytes = (value: unknown): value is { bytes: string } =>
  typeof value === 'object' && value !== null && Object.keys(value).join() === 'bytes';

const withBytes = (_name: string, value: unknown): unknown =>
  isBytes(value) ? Buffer.from(value.bytes, 'base64') : value;

/** Seed the demo and keep its rows: to decide anew after each of its entries takes some seconds. */
export async function writeDemoSnapshot(path: string): Promise<void> {
  const store = await Store.open(':memory:');
  await seedDemo(store);
  const rows = await store.read(async (manager) => {
    const tables = await tablesOf(manager);
    return Promise.all(
      // In the order they were written: of verdicts the last one stands.
      tables.map(async (table) => [table, await manager.query(`SELECT * FROM "${table}" ORDER BY rowid`)]),
    );
  });
  writeFileSync(path, JSON.stringify(rows, bytesAsText));
  await store.close();
}

/** The demo’s sites, from the snapshot where there is one. */
export async function withDemo(store: Store): Promise<void> {
  const path = snapshotFile();
  if (path === undefined) return seedDemo(store);
  const tables = JSON.parse(readFileSync(path, 'utf8'), withBytes) as [table: string, rows: object[]][];
  await store.write(async (manager) => {
    await manager.query('PRAGMA defer_foreign_keys = ON');
    for (const [table, rows] of tables) await insertMany(manager, table, rows);
  });
}
