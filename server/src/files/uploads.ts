import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { temporaryFolder } from './temporaryFolders.ts';
import { TooManyFiles } from './underWay.ts';

/** A file that was sent, on the disk until it is done with. */
export interface UploadedFile {
  path: string;
  /** A folder of its own for what comes out of it. */
  folder: string;
}

export class TooLarge extends Error {
  constructor(readonly limitBytes: number) {
    super('too large');
  }
}

/** So many files may be on their way at once, of one client and of all. */
const MOST_COMING = { ofClient: 5, ofAll: 12 } as const;
const coming: string[] = [];

/** Where files are written while they are worked on. */
export const UPLOADS = { folder: tmpdir(), start: 'phylaxon-upload' } as const;

/**
 * Write what is sent to the disk piece by piece, use it, and remove it whatever happens.
 *
 * @param client who sends it
 * @throws TooLarge as soon as it is; TooManyFiles before anything is written
 */
export async function withUpload<T>(
  client: string,
  body: Readable,
  limitBytes: number,
  use: (file: UploadedFile) => Promise<T>,
): Promise<T> {
  if (
    coming.length >= MOST_COMING.ofAll ||
    coming.filter((one) => one === client).length >= MOST_COMING.ofClient
  )
    throw new TooManyFiles();
  coming.push(client);
  try {
    return await onDisk(body, limitBytes, use);
  } finally {
    coming.splice(coming.indexOf(client), 1);
  }
}

async function onDisk<T>(
  body: Readable,
  limitBytes: number,
  use: (file: UploadedFile) => Promise<T>,
): Promise<T> {
  const home = temporaryFolder(join(UPLOADS.folder, UPLOADS.start));
  try {
    const file = { path: join(home, 'file'), folder: join(home, 'out') };
    await mkdir(file.folder);
    let length = 0;
    await pipeline(
      // What is too large is not read to its end; whoever sends it is still to be answered.
      body.iterator({ destroyOnReturn: false }) as AsyncIterable<Buffer>,
      async function* (chunks: AsyncIterable<Buffer>) {
        for await (const chunk of chunks) {
          length += chunk.length;
          if (length > limitBytes) throw new TooLarge(limitBytes);
          yield chunk;
        }
      },
      createWriteStream(file.path),
    );
    return await use(file);
  } finally {
    await rm(home, { recursive: true, force: true });
  }
}
