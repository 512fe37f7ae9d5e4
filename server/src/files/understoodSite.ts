import { createReadStream, createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { SITE_LISTS, type SiteFile, type SiteList } from '@phylaxon/core/views/siteFile';

const LISTS = Object.keys(SITE_LISTS) as SiteList[];
/** So many rows are held at a time. */
const PAGE_ROWS = 1000;

/** A site that was understood: there may be very many rows, so they are read when they are asked for. */
export interface UnderstoodSite {
  site: SiteFile['site'];
  counts: Record<SiteList, number>;
  /** The rows of a list, in pages. */
  pages: <L extends SiteList>(list: L) => AsyncIterable<SiteFile[L]>;
}

const countsOf = (file: SiteFile) =>
  Object.fromEntries(LISTS.map((list) => [list, file[list].length])) as Record<SiteList, number>;

/** A site of which there is little. */
export const siteInMemory = (file: SiteFile): UnderstoodSite => ({
  site: file.site,
  counts: countsOf(file),
  pages: <L extends SiteList>(list: L) => Readable.from([file[list]]) as AsyncIterable<SiteFile[L]>,
});

const listFile = (folder: string, list: SiteList) => join(folder, `${list}.ndjson`);

/** Put the lists of a site on the disk, a row a line; returns how many rows each has. */
export async function writeLists(file: SiteFile, folder: string): Promise<Record<SiteList, number>> {
  for (const list of LISTS)
    await pipeline(Readable.from(linesOf(file[list])), createWriteStream(listFile(folder, list)));
  return countsOf(file);
}

function* linesOf(rows: readonly object[]): Generator<string> {
  for (let i = 0; i < rows.length; i += PAGE_ROWS)
    yield rows
      .slice(i, i + PAGE_ROWS)
      .map((row) => `${JSON.stringify(row)}\n`)
      .join('');
}

/** A site whose lists were put on the disk. */
export const siteOnDisk = (
  site: SiteFile['site'],
  counts: Record<SiteList, number>,
  folder: string,
): UnderstoodSite => ({
  site,
  counts,
  pages: <L extends SiteList>(list: L) => pagesOf(listFile(folder, list)) as AsyncIterable<SiteFile[L]>,
});

async function* pagesOf(path: string): AsyncGenerator<unknown[]> {
  let page: unknown[] = [];
  for await (const line of createInterface({ input: createReadStream(path), crlfDelay: Infinity })) {
    page.push(JSON.parse(line));
    if (page.length < PAGE_ROWS) continue;
    yield page;
    page = [];
  }
  if (page.length > 0) yield page;
}
