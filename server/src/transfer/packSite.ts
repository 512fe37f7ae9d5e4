import yazl from 'yazl';

const SITE_NAME = 'site.json';
/** One time for everything in a zip, so that the same site gives the same bytes. */
const TIMELESS = new Date(Date.UTC(2000, 0, 1));

/** A site in one zip, with its pictures and with what loggers and cameras wrote. */
export async function packSite(
  text: string,
  photos: ReadonlyMap<string, Buffer>,
  attachments: ReadonlyMap<string, Buffer> = new Map(),
): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  const plain = { mtime: TIMELESS, mode: 0o100644, forceDosTimestamp: true };
  zip.addBuffer(Buffer.from(text), SITE_NAME, plain);
  for (const sha256 of [...photos.keys()].sort()) {
    zip.addBuffer(photos.get(sha256)!, `photos/${sha256}.jpg`, { ...plain, compress: false });
  }
  for (const sha256 of [...attachments.keys()].sort()) {
    zip.addBuffer(attachments.get(sha256)!, `attachments/${sha256}.bin`, { ...plain, compress: false });
  }
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}
