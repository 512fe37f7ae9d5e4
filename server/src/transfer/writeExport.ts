import { createWriteStream, existsSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { siteFileText } from '@phylaxon/core/views/siteFile';
import type { EntityManager } from 'typeorm';
import yazl from 'yazl';
import { readAttachment } from '../attachments/index.ts';
import { conflict } from '../errors/index.ts';
import { readingsCsv } from './csv.ts';
import { sitePages } from './exportSite.ts';
import * as messages from './messages.ts';

/** What can be exported of a site. */
export const EXPORTS = ['site.json', 'site.zip', 'readings.csv'] as const;
export type ExportKind = (typeof EXPORTS)[number];

export interface ExportTask {
  kind: ExportKind;
  siteId: string;
  /** Where the pictures lie. */
  photos: string;
  /** An empty folder for what is written on the way. */
  folder: string;
  /** The file that is to be written. */
  target: string;
}

const SITE_NAME = 'site.json';
/** One time for everything in a zip, so that the same site gives the same bytes. */
const TIMELESS = new Date(Date.UTC(2000, 0, 1));

/** What a site’s text names beside it. */
interface Beside {
  photos: Set<string>;
  attachments: Set<string>;
}

/** Write an export to the disk, with little of it in memory at a time. */
export async function writeExport(manager: EntityManager, task: ExportTask): Promise<void> {
  const { kind, siteId, target, folder, photos } = task;
  if (kind === 'readings.csv')
    return pipeline(Readable.from(readingsCsv(manager, siteId)), createWriteStream(target));
  if (kind === 'site.json') return void (await writeSite(manager, siteId, target));
  const text = join(folder, SITE_NAME);
  const beside = await writeSite(manager, siteId, text);
  const zip = new yazl.ZipFile();
  const plain = { mtime: TIMELESS, mode: 0o100644, forceDosTimestamp: true };
  zip.addFile(text, SITE_NAME, plain);
  for (const sha256 of [...beside.photos].sort()) {
    const picture = join(photos, `${sha256}.jpg`);
    if (!existsSync(picture))
      throw conflict('picture_missing', messages.aPhotoOfThisSiteIs(sha256.slice(0, 12)));
    zip.addFile(picture, `photos/${sha256}.jpg`, { ...plain, compress: false });
  }
  for (const sha256 of [...beside.attachments].sort()) {
    const path = join(folder, `${sha256}.bin`);
    await writeFile(path, await readAttachment(manager, sha256));
    zip.addFile(path, `attachments/${sha256}.bin`, { ...plain, compress: false });
  }
  zip.end();
  await pipeline(zip.outputStream, createWriteStream(target));
}

/** Write a site’s text; returns what it names beside it. */
async function writeSite(manager: EntityManager, siteId: string, target: string): Promise<Beside> {
  const beside: Beside = { photos: new Set(), attachments: new Set() };
  await pipeline(Readable.from(siteText(manager, siteId, beside)), createWriteStream(target));
  return beside;
}

/** A site as text, piece by piece, always the same for the same site. */
async function* siteText(manager: EntityManager, siteId: string, beside: Beside): AsyncGenerator<string> {
  const { head, lists } = await sitePages(manager, siteId);
  /** Note what rows name on their way into the text. */
  async function* noted(pages: AsyncIterable<readonly object[]>, names: Set<string>) {
    for await (const rows of pages) {
      for (const { sha256 } of rows as { sha256: string | null }[]) if (sha256 !== null) names.add(sha256);
      yield rows;
    }
  }
  yield* siteFileText(
    { ...head },
    lists.map(([name, pages]) =>
      name === 'photos'
        ? [name, noted(pages, beside.photos)]
        : name === 'panelEntries'
          ? [name, noted(pages, beside.attachments)]
          : [name, pages],
    ),
  );
}
