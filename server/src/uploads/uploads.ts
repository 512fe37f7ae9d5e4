import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { temporaryFolder } from './temporaryFolders.ts';
import { TooManyFiles } from './underWay.ts';
import * as messages from './messages.ts';

/** A file that was sent, on the disk until it is done with. */
export interface UploadedFile {
  path: string;
  /** A folder of its own for what comes out of it. */
  folder: string;
}

export class TooLarge extends Error {
  constructor(readonly limitBytes: number) {
    super(messages.tooLarge);
  }
}

/** So many files may be on the disk at once, of one client and of all, and so many bytes of them. */
const MOST_COMING = {
  ofClient: { files: 5, bytes: 2_500_000_000 },
  ofAll: { files: 12, bytes: 5_000_000_000 },
} as const;

/** A file that is on its way, or being worked on. */
interface Coming {
  client: string;
  bytes: number;
}
const coming = new Set<Coming>();

/** Whether there is room for what comes, counted with what is there. */
function hasRoom(client: string, files: number): boolean {
  const all = [...coming];
  const fits = (some: readonly Coming[], most: { files: number; bytes: number }) =>
    some.length + files <= most.files && some.reduce((sum, { bytes }) => sum + bytes, 0) <= most.bytes;
  return (
    fits(all, MOST_COMING.ofAll) &&
    fits(
      all.filter((one) => one.client === client),
      MOST_COMING.ofClient,
    )
  );
}

/** Where files are written while they are worked on. */
export const UPLOADS = { folder: tmpdir(), start: 'phylaxon-upload' } as const;

/**
 * Write what is sent to the disk piece by piece, use it, and remove it whatever happens.
 *
 * @param client who sends it
 * @throws TooLarge as soon as it is; TooManyFiles where there is no room for it beside others
 */
export async function withUpload<T>(
  client: string,
  body: Readable,
  limitBytes: number,
  use: (file: UploadedFile) => Promise<T>,
): Promise<T> {
  if (!hasRoom(client, 1)) throw new TooManyFiles();
  const one: Coming = { client, bytes: 0 };
  coming.add(one);
  try {
    return await onDisk(body, limitBytes, one, use);
  } finally {
    coming.delete(one);
  }
}

async function onDisk<T>(
  body: Readable,
  limitBytes: number,
  one: Coming,
  use: (file: UploadedFile) => Promise<T>,
): Promise<T> {
  const home = temporaryFolder(join(UPLOADS.folder, UPLOADS.start));
  try {
    const file = { path: join(home, 'file'), folder: join(home, 'out') };
    await mkdir(file.folder);
    await pipeline(
      // What is too large is not read to its end; whoever sends it is still to be answered.
      body.iterator({ destroyOnReturn: false }) as AsyncIterable<Buffer>,
      async function* (chunks: AsyncIterable<Buffer>) {
        for await (const chunk of chunks) {
          one.bytes += chunk.length;
          if (one.bytes > limitBytes) throw new TooLarge(limitBytes);
          if (!hasRoom(one.client, 0)) throw new TooManyFiles();
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
