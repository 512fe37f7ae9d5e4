import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { open, rename } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import yazl from 'yazl';
import { temporaryFolder } from '../files/index.ts';
import { copyRecord, damageIn, RecordRefused, SafeDatabase } from '../store/index.ts';
import { BACKUP_ABOUT, BACKUP_RECORD, photoEntry, readBackup } from './readBackup.ts';
import * as messages from './messages.ts';

/** What a copy holds. */
export interface Backup {
  path: string;
  bytes: number;
  photos: number;
  /** Pictures the record speaks of that are not on the disk any more. */
  missing: number;
}

/** The pictures a record speaks of. */
export function photosIn(recordFile: string): string[] {
  const database = new SafeDatabase(recordFile);
  try {
    const rows = database.prepare('SELECT DISTINCT sha256 FROM photo ORDER BY sha256').all() as {
      sha256: string;
    }[];
    return rows.map(({ sha256 }) => sha256);
  } catch {
    // A record of before there were pictures.
    return [];
  } finally {
    database.close();
  }
}

/**
 * Write a record with its pictures into one zip, whatever is written to it meanwhile: all that was kept before this was
 * called is in it. The zip is there under its name only once it was opened again and found whole.
 *
 * @param target a new file
 * @throws RecordRefused if the record is damaged, there is no room, or something is there under that name
 */
export async function writeBackup(recordFile: string, photoFolder: string, target: string): Promise<Backup> {
  if (existsSync(target)) throw new RecordRefused(messages.alreadyExistsNameAnotherFile(target));
  if (!existsSync(recordFile)) throw new RecordRefused(messages.thereIsNoDatabaseAt(recordFile));
  const folder = dirname(resolve(target));
  mkdirSync(folder, { recursive: true });
  const home = temporaryFolder(join(folder, '.backup'));
  try {
    const snapshot = join(home, BACKUP_RECORD);
    copyRecord(recordFile, snapshot);
    const damage = damageIn(snapshot, 'quick_check');
    if (damage.length > 0) throw new RecordRefused(messages.isDamagedNoBackupWasMade(recordFile, damage[0]));
    const named = photosIn(snapshot);
    const present = named.filter((sha256) => existsSync(join(photoFolder, `${sha256}.jpg`)));
    const zip = new yazl.ZipFile();
    const about = {
      format: 'phylaxon-backup',
      version: 1,
      writtenAt: new Date().toISOString(),
      photos: present.length,
    };
    zip.addBuffer(Buffer.from(JSON.stringify(about)), BACKUP_ABOUT);
    zip.addFile(snapshot, BACKUP_RECORD);
    for (const sha256 of present)
      zip.addFile(join(photoFolder, `${sha256}.jpg`), photoEntry(sha256), { compress: false });
    zip.end();
    const part = join(home, 'backup.zip');
    await pipeline(zip.outputStream, createWriteStream(part));
    await sync(part);
    await readBackup(part, join(home, 'opened'));
    await rename(part, target);
    return {
      path: target,
      bytes: statSync(target).size,
      photos: present.length,
      missing: named.length - present.length,
    };
  } finally {
    rmSync(home, { recursive: true, force: true });
  }
}

async function sync(path: string) {
  const handle = await open(path, 'r+');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/** What a folder of pictures takes on the disk. */
export const folderBytes = (folder: string): number =>
  existsSync(folder)
    ? readdirSync(folder).reduce(
        (sum, name) => sum + (statSync(join(folder, name), { throwIfNoEntry: false })?.size ?? 0),
        0,
      )
    : 0;
