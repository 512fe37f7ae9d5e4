import { setTimeout as pause } from 'node:timers/promises';
import { Connection, type StoreWork } from './connection.ts';
import { Queue } from '../threads/index.ts';
import { examineRecord, holdRecord, keepBeforeUpgrade } from './recordFile.ts';
import { StoreError } from './storeError.ts';

/** So long somebody else’s lock is waited for, looked at this often. */
const PATIENCE = { ms: 1500, stepMs: 30 };

/** A write that was kept proves for so long that the store can write. */
const PROVED_MS = 10_000;

/** How large a write must be possible for the store to count as sound. */
const PROOF_BYTES = 65_536;

/**
 * The record’s database: one connection that writes, one that reads, each with a queue of its own, since TypeORM lets
 * everybody share a connection and concurrent transactions on one would run into each other. Readers see only what is
 * committed and never wait for a write. A database in memory has but one connection and one queue.
 */
export class Store {
  private readonly writing: Queue;
  private readonly reading: Queue;
  private readonly writer: Connection;
  private readonly reader: Connection;
  private trouble: StoreError | null = null;
  private damaged: StoreError | null = null;
  private provedAt = 0;

  /** Where a copy was kept when this record was brought up to a new version. */
  keptBefore: string | null = null;

  private constructor(
    readonly file: string,
    private readonly letGo: () => void,
  ) {
    const alone = file === ':memory:';
    this.writer = new Connection(file, 'write');
    this.reader = alone ? this.writer : new Connection(file, 'read');
    this.writing = new Queue();
    this.reading = alone ? this.writing : new Queue();
  }

  /**
   * Open a database file, or `:memory:`, made and migrated where needed. Before an older one is brought up to today’s
   * version, a copy of it is kept.
   *
   * @throws RecordRefused if it cannot be the record here; nothing was written to it then
   */
  static async open(file: string): Promise<Store> {
    const { isNew, lacks } = examineRecord(file);
    const store = new Store(file, holdRecord(file));
    try {
      if (!isNew && lacks.length > 0) store.keptBefore = keepBeforeUpgrade(file);
      await store.writer.outside(() => undefined);
    } catch (error) {
      await store.writer.close();
      store.letGo();
      throw error;
    }
    return store;
  }

  /** Read one state of the record, of what is committed only. */
  read<T>(work: StoreWork<T>): Promise<T> {
    const until = Date.now() + PATIENCE.ms;
    return this.reading.add(() => patiently(until, () => this.reader.transaction(work)));
  }

  /**
   * Write in one transaction: all of it is kept, or nothing.
   *
   * @throws StoreError if the store cannot write; it goes on by itself once it can
   */
  write<T>(work: StoreWork<T>): Promise<T> {
    const until = Date.now() + PATIENCE.ms;
    return this.writing.add(async () => {
      try {
        const result = await patiently(until, () => this.withRoom(work));
        this.trouble = null;
        this.provedAt = Date.now();
        return result;
      } catch (error) {
        if (error instanceof StoreError) this.trouble = error;
        throw error;
      }
    });
  }

  /** Where there is no room, folding the log into the file may make some: then the work is tried once more. */
  private async withRoom<T>(work: StoreWork<T>): Promise<T> {
    try {
      return await this.writer.transaction(work);
    } catch (error) {
      if (!(error instanceof StoreError) || error.trouble !== 'full') throw error;
      await this.writer.outside((db) => db.pragma('wal_checkpoint(TRUNCATE)')).catch(() => undefined);
      return this.writer.transaction(work);
    }
  }

  /** Why the store cannot write; null if it can, proved by a write that was kept a moment ago. */
  async troubleNow(): Promise<StoreError | null> {
    if (this.damaged) return this.damaged;
    if (!this.trouble && Date.now() - this.provedAt < PROVED_MS) return null;
    // While writes are under way, they will tell.
    if (!this.writing.isIdle) return this.trouble;
    try {
      await this.write((manager) =>
        manager.query(`INSERT INTO "write_proof" ("filler") VALUES (zeroblob(${PROOF_BYTES}))`),
      );
      // It takes its turn among what others write: nobody waits for that.
      void this.write((manager) => manager.query('DELETE FROM "write_proof"')).catch(() => undefined);
      return null;
    } catch (error) {
      if (error instanceof StoreError) return error;
      throw error;
    }
  }

  /** Finish what is queued, fold the log into the file, and close. */
  async close(): Promise<void> {
    await this.reading.add(() => (this.reader === this.writer ? Promise.resolve() : this.reader.close()));
    await this.writing.add(async () => {
      // What cannot be folded in now is folded in when it is opened next.
      await this.writer.outside((db) => db.pragma('wal_checkpoint(TRUNCATE)')).catch(() => undefined);
      await this.writer.close();
    });
    this.letGo();
  }

  /**
   * Put another file in the record’s place, while nobody reads or writes.
   *
   * @param exchange does it, with the file closed
   */
  async exchange(exchange: (file: string) => void): Promise<void> {
    await this.writing.add(() =>
      this.reading.add(async () => {
        await this.reader.close();
        await this.writer.outside((db) => db.pragma('wal_checkpoint(TRUNCATE)')).catch(() => undefined);
        await this.writer.close();
        exchange(this.file);
        await this.writer.outside(() => undefined);
      }),
    );
  }

  /** What a look through the whole file found. */
  tellDamaged(): void {
    this.damaged = new StoreError('damaged', null);
  }
}

/** Try again while somebody else’s program holds the file; nothing was done yet then. */
async function patiently<T>(until: number, attempt: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await attempt();
    } catch (error) {
      if (!(error instanceof StoreError) || error.trouble !== 'busy' || Date.now() > until) throw error;
    }
    await pause(PATIENCE.stepMs);
  }
}
