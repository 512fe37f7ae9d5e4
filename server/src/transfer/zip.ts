import { promisify } from 'node:util';
import { crc32 } from 'node:zlib';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import yazl from 'yazl';
import { ApiError } from '../http/index.ts';

const SITE_NAME = 'site.json';
const PHOTO_NAME = /^photos\/([0-9a-f]{64})\.jpg$/;
/** One time for everything in a zip, so that the same site gives the same bytes. */
const TIMELESS = new Date(Date.UTC(2000, 0, 1));

/** How large a file may become when it is unpacked. */
export const LIMITS = {
  siteBytes: 120_000_000,
  photoBytes: 4_000_000,
  allBytes: 600_000_000,
  entries: 20_001,
};

/** A site and its pictures in one zip. */
export async function packSite(text: string, photos: ReadonlyMap<string, Buffer>): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  const plain = { mtime: TIMELESS, mode: 0o100644, forceDosTimestamp: true };
  zip.addBuffer(Buffer.from(text), SITE_NAME, plain);
  for (const sha256 of [...photos.keys()].sort()) {
    zip.addBuffer(photos.get(sha256)!, `photos/${sha256}.jpg`, { ...plain, compress: false });
  }
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

const damaged = (message: string) => new ApiError(400, 'invalid_input', message, [{ path: 'file', message }]);

export const isZip = (file: Buffer) => file.length >= 4 && file.readUInt32LE(0) === 0x04034b50;

/**
 * Take a zip apart: the site's text and the pictures by their names. Nothing is written anywhere; names that
 * are not a site's are refused, and so is what grows beyond its limits.
 */
export async function unpackSite(file: Buffer): Promise<{ text: string; photos: Map<string, Buffer> }> {
  const zip = await openZip(file);
  if (zip.entryCount > LIMITS.entries) throw damaged('The zip holds too many files.');
  const photos = new Map<string, Buffer>();
  let text: string | null = null;
  let unpacked = 0;
  try {
    for await (const entry of entriesOf(zip)) {
      const name = entry.fileName;
      const photo = PHOTO_NAME.exec(name);
      if (name !== SITE_NAME && !photo)
        throw damaged(`“${name.slice(0, 80)}” does not belong in a site’s zip.`);
      const content = await contentOf(zip, entry, photo ? LIMITS.photoBytes : LIMITS.siteBytes);
      unpacked += content.length;
      if (unpacked > LIMITS.allBytes) throw damaged('Unpacked, the zip is too large.');
      if (photo) {
        if (photos.has(photo[1]!)) throw damaged(`“${name}” is in the zip twice.`);
        photos.set(photo[1]!, content);
      } else {
        if (text !== null) throw damaged(`“${SITE_NAME}” is in the zip twice.`);
        text = content.toString('utf8');
      }
    }
  } finally {
    zip.close();
  }
  if (text === null) throw damaged(`The zip holds no “${SITE_NAME}”.`);
  return { text, photos };
}

async function openZip(file: Buffer): Promise<ZipFile> {
  const open = promisify<Buffer, yauzl.Options, ZipFile>(yauzl.fromBuffer);
  try {
    return await open(file, { lazyEntries: true, decodeStrings: true, validateEntrySizes: true });
  } catch {
    throw damaged('The zip is damaged or cut off.');
  }
}

async function* entriesOf(zip: ZipFile): AsyncGenerator<Entry> {
  for (;;) {
    const entry = await new Promise<Entry | null>((resolve, reject) => {
      const done = () => {
        zip.off('entry', onEntry);
        zip.off('end', onEnd);
        zip.off('error', onError);
      };
      const onEntry = (found: Entry) => (done(), resolve(found));
      const onEnd = () => (done(), resolve(null));
      const onError = () => (done(), reject(damaged('The zip is damaged, or a name in it leads elsewhere.')));
      zip.on('entry', onEntry);
      zip.on('end', onEnd);
      zip.on('error', onError);
      zip.readEntry();
    });
    if (entry === null) return;
    yield entry;
  }
}

async function contentOf(zip: ZipFile, entry: Entry, most: number): Promise<Buffer> {
  if (entry.uncompressedSize > most) throw damaged(`“${entry.fileName}” is too large.`);
  const open = promisify<Entry, NodeJS.ReadableStream>(zip.openReadStream.bind(zip));
  const chunks: Buffer[] = [];
  let length = 0;
  try {
    for await (const chunk of await open(entry)) {
      length += (chunk as Buffer).length;
      if (length > most) throw damaged(`“${entry.fileName}” is too large.`);
      chunks.push(chunk as Buffer);
    }
  } catch (error) {
    throw error instanceof ApiError ? error : damaged(`“${entry.fileName}” is damaged.`);
  }
  const content = Buffer.concat(chunks);
  if (crc32(content) !== entry.crc32) throw damaged(`“${entry.fileName}” is damaged.`);
  return content;
}
