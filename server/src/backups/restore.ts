import {
  copyFileSync,
  existsSync,
  linkSync,
  mkdirSync,
  openSync,
  fsyncSync,
  closeSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { temporaryFolder } from '../files/index.ts';
import {
  photosBeside,
  backupsBeside,
  holdRecord,
  RecordRefused,
  SafeDatabase,
  visitsUnderWayIn,
} from '../store/index.ts';
import { readBackup, type OpenedBackup } from './readBackup.ts';
import { writeBackup } from './writeBackup.ts';
import * as messages from './messages.ts';

const stamp = () => new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-');

/** Where a copy that was looked through waits for the server that has the record open. */
export const waitingRoom = (recordFile: string) => `${recordFile}-restore`;
const READY = 'ready';
const OUTCOME = 'outcome.json';

/** What became of a restore. */
export interface Restored {
  /** Where what was there before is kept; null if there was nothing. */
  kept: string | null;
}

function syncFolder(folder: string) {
  const handle = openSync(folder, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Put pictures beside those that are there: each is named for its content. */
function placePhotos({ folder, photos }: OpenedBackup, photoFolder: string) {
  mkdirSync(photoFolder, { recursive: true });
  for (const sha256 of photos) {
    const target = join(photoFolder, `${sha256}.jpg`);
    if (!existsSync(target)) copyFileSync(join(folder, 'photos', `${sha256}.jpg`), target);
  }
}

/** One more name for a file, or a copy where the disk has no such names. */
function linkOrCopy(from: string, to: string) {
  try {
    linkSync(from, to);
  } catch {
    copyFileSync(from, to);
  }
}

const LOG_FILES = ['-wal', '-shm'] as const;

/** What was written last is folded into the record, so that one file holds it all; a damaged record keeps its log. */
function foldLog(recordFile: string) {
  const database = new SafeDatabase(recordFile);
  try {
    database.pragma('wal_checkpoint(TRUNCATE)');
  } catch {
    // The log goes along with the record then.
  } finally {
    database.close();
  }
}

/** Remove what was set aside. */
function removeAside(aside: string) {
  for (const end of ['', ...LOG_FILES]) rmSync(aside + end, { force: true });
  rmSync(photosBeside(aside), { recursive: true, force: true });
}

/** The record that is there, with its pictures, under one more name; it stays in its place. */
function setAside(recordFile: string, photoFolder: string): string | null {
  if (!existsSync(recordFile)) return null;
  const folder = backupsBeside(recordFile);
  mkdirSync(folder, { recursive: true });
  const name = join(folder, `before-restore-${stamp()}`);
  let aside = `${name}.db`;
  for (let n = 2; existsSync(aside); n++) aside = `${name}-${n}.db`;
  foldLog(recordFile);
  try {
    linkOrCopy(recordFile, aside);
    mkdirSync(photosBeside(aside));
    for (const picture of existsSync(photoFolder) ? readdirSync(photoFolder) : [])
      linkOrCopy(join(photoFolder, picture), join(photosBeside(aside), picture));
    return aside;
  } catch (error) {
    removeAside(aside);
    throw error;
  }
}

/**
 * The new record in the place of the one that is there, which is kept. Nobody has either of them open. At every moment
 * there is a whole record in its place: one rename puts the new one there.
 *
 * @throws RecordRefused while a visit is under way; whatever the disk says. Nothing was changed then
 */
function exchange(recordFile: string, photoFolder: string, fresh: string): string | null {
  if (visitsUnderWayIn(recordFile) > 0) throw new RecordRefused(messages.aServiceVisitIsInProgress);
  if (!existsSync(fresh)) throw new RecordRefused(messages.theBackupFileIsGoneAnother);
  const aside = setAside(recordFile, photoFolder);
  const logs = LOG_FILES.filter((end) => existsSync(recordFile + end));
  try {
    // The log of another record must not be found beside the new one.
    for (const end of logs) renameSync(recordFile + end, aside! + end);
    renameSync(fresh, recordFile);
  } catch (error) {
    for (const end of logs) if (existsSync(aside! + end)) renameSync(aside! + end, recordFile + end);
    if (aside !== null) removeAside(aside);
    throw error;
  }
  syncFolder(dirname(resolve(recordFile)));
  return aside;
}

/** What was set aside as one zip with its pictures; where that cannot be, it stays as it is, its pictures beside it. */
async function packAside(aside: string | null): Promise<string | null> {
  if (aside === null) return null;
  const target = aside.replace(/\.db$/, '.zip');
  try {
    await writeBackup(aside, photosBeside(aside), target);
    removeAside(aside);
    return target;
  } catch {
    return aside;
  }
}

/**
 * Bring a copy back. What is there is kept. Where a server has the record open, it is asked to do it, and waited for.
 *
 * @throws RecordRefused that says why not; then nothing was changed
 */
export async function restoreBackup(
  copy: string,
  recordFile: string,
  photoFolder: string,
): Promise<Restored> {
  mkdirSync(dirname(resolve(recordFile)), { recursive: true });
  const home = temporaryFolder(`${resolve(recordFile)}-restoring`);
  try {
    return await bringBack(home, copy, recordFile, photoFolder);
  } catch (error) {
    throw (error as NodeJS.ErrnoException).code === 'ENOSPC' ? noRoom() : error;
  } finally {
    rmSync(home, { recursive: true, force: true });
  }
}

const noRoom = () => new RecordRefused(messages.notEnoughDiskSpaceForThis);

async function bringBack(
  home: string,
  copy: string,
  recordFile: string,
  photoFolder: string,
): Promise<Restored> {
  const opened = await readBackup(copy, home);
  let letGo: () => void;
  try {
    letGo = holdRecord(recordFile);
  } catch (error) {
    if (!(error instanceof RecordRefused)) throw error;
    return await throughServer(opened, recordFile);
  }
  try {
    placePhotos(opened, photoFolder);
    return { kept: await packAside(exchange(recordFile, photoFolder, opened.record)) };
  } finally {
    letGo();
  }
}

const SERVER_MS = 120_000;

async function throughServer({ folder }: OpenedBackup, recordFile: string): Promise<Restored> {
  const room = waitingRoom(recordFile);
  if (existsSync(room)) throw new RecordRefused(messages.anotherRestoreIsRunningWaitFor(room));
  renameSync(folder, room);
  writeFileSync(join(room, READY), '');
  try {
    for (const until = Date.now() + SERVER_MS; Date.now() < until; await pause(200)) {
      if (!existsSync(join(room, OUTCOME))) continue;
      const outcome = JSON.parse(readFileSync(join(room, OUTCOME), 'utf8')) as Restored & {
        refused?: string;
      };
      if (outcome.refused !== undefined) throw new RecordRefused(outcome.refused);
      return { kept: outcome.kept };
    }
    throw new RecordRefused(messages.theServerThatHasTheDatabase);
  } finally {
    rmSync(room, { recursive: true, force: true });
  }
}

/**
 * In the server: take in a copy that waits, if one does.
 *
 * @param put closes the record, has it exchanged, and opens it again
 */
export async function takeWaiting(
  recordFile: string,
  photoFolder: string,
  put: (exchange: (file: string) => void) => Promise<void>,
): Promise<boolean> {
  const room = waitingRoom(recordFile);
  if (!existsSync(join(room, READY))) return false;
  rmSync(join(room, READY));
  const tell = (outcome: object) => {
    writeFileSync(join(room, `${OUTCOME}.part`), JSON.stringify(outcome));
    renameSync(join(room, `${OUTCOME}.part`), join(room, OUTCOME));
  };
  try {
    const photos = readdirSync(join(room, 'photos')).map((name) => name.slice(0, 64));
    placePhotos({ record: join(room, 'record.db'), photos, folder: room }, photoFolder);
    let aside: string | null = null;
    await put((file) => {
      aside = exchange(file, photoFolder, join(room, 'record.db'));
    });
    tell({ kept: await packAside(aside) });
    return true;
  } catch (error) {
    const why = (error as NodeJS.ErrnoException).code === 'ENOSPC' ? noRoom() : error;
    tell({ refused: why instanceof Error ? why.message : String(why) });
    throw error;
  }
}
