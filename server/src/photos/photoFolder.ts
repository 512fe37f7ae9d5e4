import { createHash, randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { open, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { notFound, Refusal } from '../errors/index.ts';
import { PhotoTable, type Store } from '../store/index.ts';
import { LIMITS, plainJpeg } from '../files/index.ts';
import * as messages from './messages.ts';

export const MOST_PHOTO_BYTES = LIMITS.photoBytes;

/** A file younger than this may belong to a row that is just being written. */
const SETTLED_MS = 60_000;

export interface KeptPhoto {
  sha256: string;
  bytes: number;
  width: number;
  height: number;
}

const FILE = /^[0-9a-f]{64}\.jpg$/;

/** The pictures, beside the database: one file each, named for its SHA-256. */
export class PhotoFolder {
  constructor(readonly folder: string) {
    mkdirSync(folder, { recursive: true });
  }

  private path(sha256: string): string {
    return join(this.folder, `${sha256}.jpg`);
  }

  /** Keep a picture, without what a camera wrote into it. It is on the disk when this resolves. */
  async keep(file: Buffer): Promise<KeptPhoto> {
    if (file.length > MOST_PHOTO_BYTES)
      throw new Refusal('too-large', 'too_large', messages.aPhotoCanHaveAtMost);
    const { content, width, height } = plainJpeg(file);
    const sha256 = createHash('sha256').update(content).digest('hex');
    await this.write(sha256, content);
    return { sha256, bytes: content.length, width, height };
  }

  /** Keep a picture that was made plain already. */
  async keepPlain(sha256: string, path: string): Promise<void> {
    await this.write(sha256, await readFile(path));
  }

  private async write(sha256: string, content: Buffer): Promise<void> {
    const temporary = join(this.folder, `.${sha256}.${randomUUID()}`);
    try {
      const handle = await open(temporary, 'w');
      try {
        await handle.writeFile(content);
        await handle.sync();
      } finally {
        await handle.close();
      }
      await rename(temporary, this.path(sha256));
    } catch (error) {
      await rm(temporary, { force: true });
      throw error;
    }
  }

  async read(sha256: string): Promise<Buffer> {
    try {
      return await readFile(this.path(sha256));
    } catch {
      throw notFound(messages.thisPhoto);
    }
  }

  /** Remove the files that no row points to any more. */
  async sweep(store: Store, settledMs = SETTLED_MS): Promise<void> {
    const rows = await store.read((manager) =>
      manager
        .createQueryBuilder(PhotoTable, 'p')
        .select('DISTINCT p.sha256', 'sha256')
        .getRawMany<{ sha256: string }>(),
    );
    const known = new Set(rows.map(({ sha256 }) => `${sha256}.jpg`));
    for (const name of await readdir(this.folder)) {
      if (FILE.test(name) ? known.has(name) : !name.startsWith('.')) continue;
      const path = join(this.folder, name);
      // What is gone by now was moved into its place, or swept by somebody else.
      const about = await stat(path).catch(() => null);
      if (about !== null && Date.now() - about.mtimeMs >= settledMs) await rm(path, { force: true });
    }
  }
}
