import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';

const COMPRESSIBLE = /\.(js|css|svg|json)$/;
/** Below this a packet holds it as it is. */
const SMALLEST_BYTES = 1400;

/** Leave a gzipped copy beside each text of a folder, so that the server need not compress at every request. */
export async function compress(folder) {
  const names = (await readdir(folder)).filter((name) => COMPRESSIBLE.test(name));
  await Promise.all(
    names.map(async (name) => {
      const content = await readFile(join(folder, name));
      if (content.length < SMALLEST_BYTES) return;
      await writeFile(join(folder, `${name}.gz`), await promisify(gzip)(content, { level: 9 }));
    }),
  );
}
