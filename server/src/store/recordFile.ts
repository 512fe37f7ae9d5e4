import { existsSync, mkdirSync, openSync, readSync, closeSync, rmSync, statfsSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { MIGRATIONS } from './migrations.ts';
import { SafeDatabase } from './safeDatabase.ts';
import { storeErrorOf } from './storeError.ts';
import * as messages from './messages.ts';

/** A file that cannot be the record here, in one line, with what to do. */
export class RecordRefused extends Error {}

const KNOWN = MIGRATIONS.map((migration) => new migration().name);
const MAGIC = 'SQLite format 3\0';

/** A file up to this size is looked through before it is opened; a larger one meanwhile. */
export const LOOKED_THROUGH_BYTES = 32_000_000;

/** What is found of a record before it is opened. */
export interface Examined {
  isNew: boolean;
  /** Versions of the database it still lacks. */
  lacks: string[];
  bytes: number;
}

/** The pictures of a record lie beside it. */
export const photosBeside = (file: string) => `${file}-photos`;

/** Copies of a record are kept beside it. */
export const backupsBeside = (file: string) => `${file}-backups`;

const NEW: Examined = { isNew: true, lacks: KNOWN, bytes: 0 };

/**
 * Look at a file before anything is written to it.
 *
 * @throws RecordRefused if it is no record of ours, of a newer version, damaged, or may only be read
 */
export function examineRecord(file: string): Examined {
  if (file === ':memory:') return NEW;
  const path = resolve(file);
  const refuse = (why: string) => new RecordRefused(`${file} ${why}`);
  if (!existsSync(path)) {
    try {
      mkdirSync(dirname(path), { recursive: true });
    } catch {
      throw refuse(messages.cannotBeCreatedBecauseIts);
    }
    return NEW;
  }
  const stat = statSync(path);
  if (stat.isDirectory()) throw refuse(messages.isAFolderSetPhylaxonDb);
  if (!stat.isFile()) throw refuse(messages.isNotAnOrdinaryFileSet);
  if (stat.size === 0) return NEW;
  if (!beginsLikeADatabase(path)) throw refuse(messages.isNotAPhylaxonDatabaseSet);
  if ((stat.mode & 0o222) === 0) throw refuse(messages.isReadOnlyMakeItWritable);
  const names = refusingDamage(refuse, () => migrationsOf(path));
  if (names === null) throw refuse(messages.belongsToAnotherProgramSet);
  const newer = names.find((name) => !KNOWN.includes(name));
  if (newer !== undefined) throw refuse(messages.wasWrittenByANewerVersion);
  if (stat.size <= LOOKED_THROUGH_BYTES) {
    const problems = refusingDamage(refuse, () => damageIn(path, 'quick_check'));
    if (problems.length > 0) throw refuse(DAMAGED);
  }
  return { isNew: false, lacks: KNOWN.filter((name) => !names.includes(name)), bytes: stat.size };
}

const DAMAGED = messages.isDamagedRestoreTheLastGood;

function refusingDamage<T>(refuse: (why: string) => RecordRefused, look: () => T): T {
  try {
    return look();
  } catch (error) {
    if (error instanceof RecordRefused) throw error;
    const trouble = storeErrorOf(error)?.trouble;
    if (trouble === 'busy') throw refuse(messages.isLockedByAnotherProgramClose);
    throw refuse(DAMAGED);
  }
}

/** Whether a file is a database, by its first bytes. */
export const isDatabase = (path: string): boolean =>
  existsSync(path) && statSync(path).isFile() && beginsLikeADatabase(path);

function beginsLikeADatabase(path: string): boolean {
  const handle = openSync(path, 'r');
  try {
    const head = Buffer.alloc(MAGIC.length);
    readSync(handle, head, 0, head.length, 0);
    return head.toString('latin1') === MAGIC;
  } finally {
    closeSync(handle);
  }
}

/** Open for reading only: nothing is written, not even where a program ended in the middle of writing. */
function openToRead(path: string): SafeDatabase {
  const address = `file:${encodeURI(path).replace(/[?#]/g, encodeURIComponent)}?mode=ro`;
  const database = new SafeDatabase(address);
  try {
    database.prepare('SELECT count(*) FROM sqlite_master').get();
    return database;
  } catch (error) {
    database.close();
    // A log whose index is lost can be read only by who may write the index anew.
    if (storeErrorOf(error)?.trouble !== 'unavailable' || !existsSync(`${path}-wal`)) throw error;
    const writable = new SafeDatabase(path);
    writable.pragma('query_only = ON');
    return writable;
  }
}

/** The versions a record has been through; empty for a new file, null if it is not a record of ours. */
function migrationsOf(path: string): string[] | null {
  const database = openToRead(path);
  try {
    const tables = (
      database.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).all() as { name: string }[]
    )
      .map(({ name }) => name)
      .filter((name) => !name.startsWith('sqlite_'));
    if (tables.length === 0) return [];
    if (!tables.includes('migrations') || !tables.includes('site')) return null;
    const rows = database.prepare('SELECT name FROM migrations ORDER BY id').all() as { name: string }[];
    const names = rows.map(({ name }) => name);
    return names[0] === KNOWN[0] ? names : null;
  } finally {
    database.close();
  }
}

/**
 * What is wrong with a database file, in SQLite’s words; empty: it is sound.
 *
 * @param how `quick_check` looks at the pages, `integrity_check` at every index too
 */
export function damageIn(path: string, how: 'quick_check' | 'integrity_check'): string[] {
  const database = openToRead(resolve(path));
  try {
    const rows = database.pragma(how) as Record<string, unknown>[];
    const said = rows.map((row) => String(row[how]));
    const orphans = database.pragma('foreign_key_check') as unknown[];
    return [
      ...said.filter((line) => line !== 'ok'),
      ...(orphans.length > 0 ? [messages.rowsReferToRowsThatDo(orphans.length)] : []),
    ];
  } finally {
    database.close();
  }
}

/** The record is this process’s as long as this is held; the system lets go of it however the process ends. */
export function holdRecord(file: string): () => void {
  if (file === ':memory:') return () => undefined;
  const lock = new SafeDatabase(`${file}-lock`);
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if (storeErrorOf(error)?.trouble === 'busy')
      throw new RecordRefused(messages.isAlreadyOpenInAnotherPhylaxon(file));
    throw error;
  }
  return () => lock.close();
}

const stamp = () => new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-');

/**
 * A copy of a record, made whole or not at all, while others may write to it.
 *
 * @throws RecordRefused if there is no room for it
 */
export function copyRecord(file: string, target: string): void {
  const { bavail, bsize } = statfsSync(dirname(target));
  const needed = statSync(file).size + (existsSync(`${file}-wal`) ? statSync(`${file}-wal`).size : 0);
  if (bavail * bsize < needed * 1.1)
    throw new RecordRefused(messages.notEnoughDiskSpaceForA(file, Math.ceil(needed / 1e6), dirname(target)));
  const database = new SafeDatabase(file, { timeout: 10 });
  try {
    database.pragma('busy_timeout = 10000');
    database.exec(`VACUUM INTO '${target.replaceAll("'", "''")}'`);
  } catch (error) {
    rmSync(target, { force: true });
    throw error;
  } finally {
    database.close();
  }
}

/** Keep a copy of a record that is about to be brought up to a new version; returns where. */
export function keepBeforeUpgrade(file: string): string {
  const folder = backupsBeside(file);
  mkdirSync(folder, { recursive: true });
  const target = join(folder, `before-upgrade-${stamp()}.db`);
  rmSync(target, { force: true });
  copyRecord(file, target);
  return target;
}
