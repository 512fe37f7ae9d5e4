import { DataSource } from 'typeorm';
import { SafeDatabase } from './safeDatabase.ts';
import { MIGRATIONS } from './migrations.ts';

/** Writes a record as an older version kept it: the first migrations only, then what was in it. */
export async function writeOlderRecord(database: string, migrations: number, statements: string[]) {
  const older = new DataSource({
    type: 'better-sqlite3',
    driver: SafeDatabase,
    database,
    migrationsRun: true,
    synchronize: false,
    migrations: MIGRATIONS.slice(0, migrations),
  });
  await older.initialize();
  for (const sql of statements) await older.query(sql);
  await older.destroy();
}
