import { promisify } from 'node:util';
import yauzl, { type Entry, type ZipFile } from 'yauzl';

/** Open a zip on the disk; what is in it is read one by one. */
export const openZip = (path: string): Promise<ZipFile> =>
  promisify<string, yauzl.Options, ZipFile>(yauzl.open)(path, {
    lazyEntries: true,
    decodeStrings: true,
    validateEntrySizes: true,
    autoClose: false,
  });

/** What a zip holds, in the order of its directory. */
export async function* entriesOf(zip: ZipFile): AsyncGenerator<Entry> {
  for (;;) {
    const entry = await new Promise<Entry | null>((resolve, reject) => {
      zip.once('entry', resolve);
      zip.once('end', () => resolve(null));
      zip.once('error', reject);
      zip.readEntry();
    });
    for (const event of ['entry', 'end', 'error']) zip.removeAllListeners(event);
    // An error between two entries is told by the next.
    zip.on('error', () => undefined);
    if (entry === null) return;
    yield entry;
  }
}

/** The content of one file in a zip. */
export const readStream = (zip: ZipFile, entry: Entry): Promise<NodeJS.ReadableStream> =>
  promisify<Entry, NodeJS.ReadableStream>(zip.openReadStream.bind(zip))(entry);
