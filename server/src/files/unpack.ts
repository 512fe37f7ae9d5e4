import { crc32 } from 'node:zlib';
import type { Entry, ZipFile } from 'yauzl';
import { LIMITS } from './limits.ts';
import { FileRefused } from './refusal.ts';
import { entriesOf, openZip, readStream } from './zipEntries.ts';
import * as messages from './messages.ts';

export const SITE_NAME = 'site.json';
const PHOTO_NAME = /^photos\/([0-9a-f]{64})\.jpg$/;
const ATTACHMENT_NAME = /^attachments\/([0-9a-f]{64})\.bin$/;

const damaged = (message: string) => new FileRefused(message);

const isOurs = (error: unknown) =>
  error instanceof FileRefused || (error as NodeJS.ErrnoException).code === 'ENOSPC';

/** What is done with what a zip holds, piece by piece and one after the other. */
interface Unpacking {
  text: (chunk: Uint8Array) => void;
  photo: (sha256: string, content: Buffer) => Promise<void>;
  attachment: (sha256: string, content: Buffer) => Promise<void>;
}

/**
 * Take a site’s zip apart. Nothing is written anywhere; names that are not a site’s are refused, and so is what grows
 * beyond its limits or packs far too well.
 */
export async function unpack(path: string, { text, photo, attachment }: Unpacking): Promise<void> {
  const zip = await openZip(path).catch(() => {
    throw damaged(messages.theZipIsDamagedOrCut);
  });
  const seen = new Set<string>();
  let unpacked = 0;
  try {
    if (zip.entryCount > LIMITS.entries) throw damaged(messages.theZipHasTooManyFiles);
    for await (const entry of entriesOf(zip)) {
      const name = entry.fileName;
      const [pictured, attached] = [PHOTO_NAME.exec(name)?.[1], ATTACHMENT_NAME.exec(name)?.[1]];
      const sha256 = pictured ?? attached;
      if (name !== SITE_NAME && sha256 === undefined)
        throw damaged(messages.doesNotBelongInASite(name.slice(0, 80)));
      if (seen.has(name)) throw damaged(messages.isInTheZipTwice(name));
      seen.add(name);
      const chunks: Uint8Array[] = [];
      const take = sha256 === undefined ? text : (chunk: Uint8Array) => void chunks.push(chunk);
      unpacked += await readEntry(
        zip,
        entry,
        sha256 === undefined ? LIMITS.siteBytes : pictured ? LIMITS.photoBytes : LIMITS.attachmentBytes,
        take,
      );
      if (unpacked > LIMITS.allBytes) throw damaged(messages.theZipIsTooLargeWhen);
      if (pictured !== undefined) await photo(pictured, Buffer.concat(chunks));
      if (attached !== undefined) await attachment(attached, Buffer.concat(chunks));
    }
  } catch (error) {
    // Names that lead elsewhere are an error of the directory’s.
    throw isOurs(error) ? error : damaged(messages.theZipIsDamagedOrContains);
  } finally {
    zip.close();
  }
  if (!seen.has(SITE_NAME)) throw damaged(messages.theZipHasNo(SITE_NAME));
}

const packsTooWell = (unpacked: number, packed: number) =>
  unpacked > LIMITS.packedFreelyBytes && unpacked > packed * LIMITS.packedTimes;

/** Read one file of a zip; returns how large it is. Its sizes are checked as they are told and as they turn out. */
async function readEntry(
  zip: ZipFile,
  entry: Entry,
  most: number,
  take: (chunk: Uint8Array) => void,
): Promise<number> {
  const tooLarge = () => damaged(messages.isTooLarge(entry.fileName));
  const empty = () => damaged(messages.hasAnImpossibleCompression(entry.fileName));
  if (entry.uncompressedSize > most) throw tooLarge();
  if (packsTooWell(entry.uncompressedSize, entry.compressedSize)) throw empty();
  let [length, sum] = [0, 0];
  try {
    for await (const chunk of await readStream(zip, entry)) {
      const bytes = chunk as Buffer;
      length += bytes.length;
      sum = crc32(bytes, sum);
      if (length > most) throw tooLarge();
      if (packsTooWell(length, entry.compressedSize)) throw empty();
      take(bytes);
    }
  } catch (error) {
    throw error instanceof FileRefused ? error : damaged(messages.isDamaged(entry.fileName));
  }
  if (sum !== entry.crc32) throw damaged(messages.isDamaged(entry.fileName));
  return length;
}
