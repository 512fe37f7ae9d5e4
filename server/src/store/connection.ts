import 'reflect-metadata';
import { DataSource, type EntityManager } from 'typeorm';
import { TABLES } from './entities.ts';
import { MIGRATIONS } from './migrations.ts';
import { SafeDatabase } from './safeDatabase.ts';
import { storeErrorOf } from './storeError.ts';

/** One unit of work on the database. */
export type StoreWork<T> = (manager: EntityManager) => Promise<T>;

/** So long the whole server stands still for a lock of somebody else’s; longer waits let others go on. */
const STANDSTILL_MS = 20;

/** So many pages of 4 kB may wait in the log until they are folded into the file. */
const LOG_PAGES = 250;

/**
 * One connection to the record. It begins and ends transactions itself, since TypeORM counts them without asking
 * SQLite, which ends one by itself when the disk is full. A connection that failed in a way that leaves doubt is
 * dropped; the next piece of work opens another.
 */
export class Connection {
  private source: DataSource | null = null;

  constructor(
    private readonly file: string,
    private readonly use: 'read' | 'write',
  ) {}

  /**
   * Run work in one transaction: all of it is kept, or nothing. A reader sees one state of the record throughout.
   *
   * @throws StoreError if the store failed; whatever `work` throws
   */
  async transaction<T>(work: StoreWork<T>): Promise<T> {
    const source = await this.opened();
    const database = databaseOf(source);
    try {
      database.exec(this.use === 'write' ? 'BEGIN IMMEDIATE' : 'BEGIN');
      database.guarded = true;
      const result = await work(source.manager);
      database.exec('COMMIT');
      return result;
    } catch (error) {
      const trouble = storeErrorOf(error);
      if (!this.hasRolledBack(database) || trouble?.isDoubtful) await this.close();
      throw trouble ?? error;
    } finally {
      database.guarded = false;
    }
  }

  /** Run something outside any transaction. */
  async outside<T>(work: (database: SafeDatabase) => T): Promise<T> {
    try {
      return work(databaseOf(await this.opened()));
    } catch (error) {
      throw storeErrorOf(error) ?? error;
    }
  }

  async close(): Promise<void> {
    const source = this.source;
    this.source = null;
    // The binding lets go of a file only when nothing is left of its statements: what it holds is given up here.
    if (source) this.hasRolledBack(databaseOf(source));
    await source?.destroy().catch(() => undefined);
  }

  /** SQLite itself is asked whether it is in a transaction, before and after. */
  private hasRolledBack(database: SafeDatabase): boolean {
    try {
      if (database.inTransaction) database.exec('ROLLBACK');
      return !database.inTransaction;
    } catch {
      return false;
    }
  }

  private async opened(): Promise<DataSource> {
    if (this.source) return this.source;
    const writes = this.use === 'write';
    const source = new DataSource({
      type: 'better-sqlite3',
      driver: SafeDatabase,
      database: this.file,
      enableWAL: writes && this.file !== ':memory:',
      timeout: STANDSTILL_MS,
      migrationsRun: writes,
      synchronize: false,
      entities: TABLES,
      migrations: writes ? MIGRATIONS : [],
      prepareDatabase: (db: { pragma: (text: string) => unknown }) => {
        db.pragma(`busy_timeout = ${STANDSTILL_MS}`);
        // The people who use this switch the power off.
        db.pragma('synchronous = FULL');
        // Room for the indexes of a large record, in kB: ids are random, so any page may be the next.
        db.pragma('cache_size = -65536');
        // The log is folded in often, so that on a small disk it leaves room.
        if (writes) db.pragma(`wal_autocheckpoint = ${LOG_PAGES}`);
        else db.pragma('query_only = ON');
      },
    });
    try {
      await source.initialize();
    } catch (error) {
      await source.destroy().catch(() => undefined);
      throw storeErrorOf(error) ?? error;
    }
    this.source = source;
    return source;
  }
}

const databaseOf = (source: DataSource) =>
  (source.driver as unknown as { databaseConnection: SafeDatabase }).databaseConnection;
