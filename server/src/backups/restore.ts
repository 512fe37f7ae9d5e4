import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
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
import { backupsBeside, holdRecord, RecordRefused } from '../store/index.ts';
import { readBackup, type OpenedBackup } from './readBackup.ts';
import { writeBackup } from './writeBackup.ts';

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

/** The record that is there, set aside; the new one in its place. Nobody has either of them open. */
function exchange(recordFile: string, fresh: string): string | null {
  const folder = backupsBeside(recordFile);
  mkdirSync(folder, { recursive: true });
  let aside: string | null = null;
  if (existsSync(recordFile)) {
    aside = join(folder, `before-restore-${stamp()}.db`);
    renameSync(recordFile, aside);
    // Without its log a record may lack what was written last.
    for (const end of ['-wal', '-shm'])
      if (existsSync(recordFile + end)) renameSync(recordFile + end, aside + end);
  }
  renameSync(fresh, recordFile);
  syncFolder(dirname(resolve(recordFile)));
  return aside;
}

/** What was set aside as one zip with its pictures; where that cannot be, it stays as it is. */
async function packAside(aside: string | null, photoFolder: string): Promise<string | null> {
  if (aside === null) return null;
  const target = aside.replace(/\.db$/, '.zip');
  try {
    await writeBackup(aside, photoFolder, target);
    for (const end of ['', '-wal', '-shm']) rmSync(aside + end, { force: true });
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
  const home = mkdtempSync(`${resolve(recordFile)}-restoring-`);
  try {
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
      return { kept: await packAside(exchange(recordFile, opened.record), photoFolder) };
    } finally {
      letGo();
    }
  } finally {
    rmSync(home, { recursive: true, force: true });
  }
}

const SERVER_MS = 120_000;

async function throughServer({ folder }: OpenedBackup, recordFile: string): Promise<Restored> {
  const room = waitingRoom(recordFile);
  if (existsSync(room))
    throw new RecordRefused(`Another restore is under way (${room}). Wait for it, or remove that folder.`);
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
    throw new RecordRefused('The server that has the record open does not answer. Stop it, then try again.');
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
      aside = exchange(file, join(room, 'record.db'));
    });
    tell({ kept: await packAside(aside, photoFolder) });
    return true;
  } catch (error) {
    tell({ refused: error instanceof Error ? error.message : String(error) });
    throw error;
  }
}
