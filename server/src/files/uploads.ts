import { createWriteStream } from 'node:fs';
import { mkdir, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';

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

/**
 * Write what is sent to the disk piece by piece, use it, and remove it whatever happens.
 *
 * @throws TooLarge as soon as it is
 */
export async function withUpload<T>(
  body: Readable,
  limitBytes: number,
  use: (file: UploadedFile) => Promise<T>,
): Promise<T> {
  const home = await mkdtemp(join(tmpdir(), 'phylaxon-upload-'));
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
