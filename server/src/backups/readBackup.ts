import { createHash } from 'node:crypto';
import { createWriteStream, existsSync, mkdirSync, readdirSync } from 'node:fs';
import { copyFile, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { entriesOf, openZip, readStream } from '../files/index.ts';
import {
  photosBeside,
  copyRecord,
  damageIn,
  examineRecord,
  isDatabase,
  RecordRefused,
} from '../store/index.ts';
import * as messages from './messages.ts';

export const BACKUP_ABOUT = 'backup.json';
export const BACKUP_RECORD = 'record.db';
const PHOTO = /^photos\/([0-9a-f]{64})\.jpg$/;
export const photoEntry = (sha256: string) => `photos/${sha256}.jpg`;

/** A copy that was taken apart and found whole. */
export interface OpenedBackup {
  record: string;
  photos: string[];
  folder: string;
}

const refuse = (why: string) => new RecordRefused(messages.thisBackupCannotBeUsedNothing(why));

/** A record that was kept as it is, with its pictures beside it. */
async function openKept(path: string, folder: string): Promise<OpenedBackup> {
  try {
    copyRecord(path, join(folder, BACKUP_RECORD));
  } catch (error) {
    throw error instanceof RecordRefused ? error : refuse(messages.itsDatabaseIsDamaged);
  }
  const photos: string[] = [];
  const beside = photosBeside(path);
  for (const name of existsSync(beside) ? readdirSync(beside) : []) {
    const sha256 = PHOTO.exec(`photos/${name}`)?.[1];
    if (sha256 === undefined) continue;
    await copyFile(join(beside, name), join(folder, 'photos', name));
    await checkPicture(join(folder, 'photos', name), sha256);
    photos.push(sha256);
  }
  return { record: join(folder, BACKUP_RECORD), photos, folder };
}

async function checkPicture(path: string, sha256: string): Promise<void> {
  const content = await readFile(path);
  if (createHash('sha256').update(content).digest('hex') !== sha256)
    throw refuse(messages.aPhotoInItIsDamaged(sha256));
}

/**
 * Take a copy, a zip or a record that was kept as it is, into a folder and look it through: every picture is what its name says, the record is one of ours,
 * of this version or an older one, and sound.
 *
 * @throws RecordRefused that says why it cannot be used
 */
export async function readBackup(path: string, folder: string): Promise<OpenedBackup> {
  mkdirSync(join(folder, 'photos'), { recursive: true });
  const opened = isDatabase(path) ? await openKept(path, folder) : await openZipped(path, folder);
  const { record } = opened;
  try {
    examineRecord(record);
  } catch (error) {
    throw error instanceof RecordRefused
      ? refuse(messages.it(error.message.slice(record.length).trim().replace(/\..*$/s, '')))
      : error;
  }
  const damage = damageIn(record, 'integrity_check');
  if (damage.length > 0) throw refuse(messages.itsDatabaseIsDamagedOf(damage[0]));
  return opened;
}

async function openZipped(path: string, folder: string): Promise<OpenedBackup> {
  const photos: string[] = [];
  const names = new Set<string>();
  const zip = await openZip(path).catch((error: NodeJS.ErrnoException) => {
    throw refuse(error.code === 'ENOENT' ? messages.thereIsNoFile(path) : messages.itIsNotAZipFile);
  });
  try {
    for await (const entry of entriesOf(zip)) {
      const name = entry.fileName;
      const sha256 = PHOTO.exec(name)?.[1];
      if (names.has(name) || (sha256 === undefined && name !== BACKUP_ABOUT && name !== BACKUP_RECORD))
        throw refuse(messages.doesNotBelongInABackup(name.slice(0, 80)));
      names.add(name);
      const target = join(folder, name);
      await pipeline(await readStream(zip, entry), createWriteStream(target));
      if (sha256 === undefined) continue;
      await checkPicture(target, sha256);
      photos.push(sha256);
    }
  } catch (error) {
    if (error instanceof RecordRefused || (error as NodeJS.ErrnoException).code === 'ENOSPC') throw error;
    throw refuse(messages.itIsDamagedOrCutOff);
  } finally {
    zip.close();
  }
  if (!names.has(BACKUP_RECORD)) throw refuse(messages.itHasNoToImportA(BACKUP_RECORD));
  return { record: join(folder, BACKUP_RECORD), photos, folder };
}
