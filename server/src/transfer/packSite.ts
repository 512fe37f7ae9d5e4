import yazl from 'yazl';

const SITE_NAME = 'site.json';
/** One time for everything in a zip, so that the same site gives the same bytes. */
const TIMELESS = new Date(Date.UTC(2000, 0, 1));

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
