import 'reflect-metadata';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { DataSource, type EntityManager } from 'typeorm';
import { TABLES } from './entities.ts';
import { MIGRATIONS } from './migrations.ts';
import { SafeDatabase } from './safeDatabase.ts';

/** One unit of work on the database. */
type Work<T> = (manager: EntityManager) => Promise<T>;

/**
 * The record's database. TypeORM shares one SQLite connection, on which concurrent transactions would
 * run into each other; so all work, reads too, goes through one queue, a piece at a time.
 */
export class Store {
  private tail: Promise<unknown> = Promise.resolve();

  private constructor(private readonly source: DataSource) {}

  /**
   * Open a database file, or `:memory:`, made and migrated where needed.
   *
   * @throws Error if the file breaks its own foreign keys
   */
  static async open(file: string): Promise<Store> {
    if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
    const source = new DataSource({
      type: 'better-sqlite3',
      driver: SafeDatabase,
      database: file,
      enableWAL: file !== ':memory:',
      migrationsRun: true,
      synchronize: false,
      entities: TABLES,
      migrations: MIGRATIONS,
      prepareDatabase: (db: { pragma: (text: string) => unknown }) => {
        db.pragma('busy_timeout = 5000');
        // The people who use this switch the power off.
        db.pragma('synchronous = FULL');
        // Room for the indexes of a large record, in kB: ids are random, so any page may be the next.
        db.pragma('cache_size = -65536');
      },
    });
    await source.initialize();
    const broken = (await source.query('PRAGMA foreign_key_check')) as unknown[];
    if (broken.length > 0) throw new Error(`${file}: ${broken.length} rows point to rows that do not exist.`);
    return new Store(source);
  }

  /** Read, seeing only what is committed. */
  read<T>(work: Work<T>): Promise<T> {
    return this.enqueue(() => work(this.source.manager));
  }

  /** Write in one transaction: all of it is kept, or nothing. */
  write<T>(work: Work<T>): Promise<T> {
    return this.enqueue(() => this.source.transaction(work));
  }

  /** Finish what is queued, fold the log into the file, and close. */
  async close(): Promise<void> {
    await this.enqueue(() => this.source.query('PRAGMA wal_checkpoint(TRUNCATE)'));
    await this.source.destroy();
  }

  private enqueue<T>(job: () => Promise<T>): Promise<T> {
    const result = this.tail.then(job);
    this.tail = result.catch(() => undefined);
    return result;
  }
}
