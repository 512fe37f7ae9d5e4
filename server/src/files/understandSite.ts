import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, readFile, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { HAND_OVER_FORMAT, handOverFile } from '@phylaxon/core/diagnosis/cases';
import { checkSiteFile, type FileProblem, type SiteFile } from '@phylaxon/core/views/siteFile';
import { PANEL_ENTRIES, type AttachmentAbout, type AttachmentKind } from '@phylaxon/core/record/panelEntries';
import { plainJpeg } from './jpeg.ts';
import { LIMITS } from './limits.ts';
import { FileRefused } from './refusal.ts';
import { SiteRows, type ReadSite } from './siteRows.ts';
import { attachmentOf } from './understandAttachment.ts';
import { unpack } from './unpack.ts';
import * as messages from './messages.ts';

/** Told again and again while a file is read: from 0 to 1. */
export type ReportProgress = (share: number) => void;

/** A picture that came along, as it is kept here: without what it carried besides the picture. */
export interface CameAlong {
  sha256: string;
  path: string;
}

/** What a logger or a camera wrote, as it came along. */
export interface AttachmentAlong {
  sha256: string;
  path: string;
  kind: AttachmentKind;
  about: AttachmentAbout;
}

const ZIP_MARK = 0x04034b50;

async function isZip(path: string): Promise<boolean> {
  const file = await open(path);
  try {
    const { bytesRead, buffer } = await file.read(Buffer.alloc(4), 0, 4, 0);
    return bytesRead === 4 && buffer.readUInt32LE(0) === ZIP_MARK;
  } finally {
    await file.close();
  }
}

async function sizeOf(path: string): Promise<number> {
  const { size } = await stat(path);
  if (size === 0) throw new FileRefused(messages.theFileIsEmpty);
  return size;
}

/** The pieces of a text file, without the mark some programs put before UTF-8. */
async function* pieces(path: string): AsyncGenerator<Buffer> {
  let isFirst = true;
  for await (const chunk of createReadStream(path, { highWaterMark: 256 * 1024 })) {
    const bytes = chunk as Buffer;
    yield isFirst && bytes.subarray(0, 3).equals(Buffer.from([0xef, 0xbb, 0xbf])) ? bytes.subarray(3) : bytes;
    isFirst = false;
  }
}

async function readText(
  path: string,
  size: number,
  most: number,
  rows: SiteRows,
  report: ReportProgress,
): Promise<void> {
  if (size > most) throw new FileRefused(messages.theFileIsLargerThanMb(Math.round(most / 1_000_000)));
  let done = 0;
  for await (const piece of pieces(path)) {
    rows.write(piece);
    done += piece.length;
    report(done / size);
  }
}

/**
 * Understand a site file, a zip or bare JSON, of today's version or an older one.
 *
 * @param folder where pictures that came along are put
 * @throws FileRefused that says which line and which field is wrong
 */
export async function understandSite(
  path: string,
  folder: string,
  report: ReportProgress,
): Promise<ReadSite & { photos: CameAlong[]; attachments: AttachmentAlong[] }> {
  const size = await sizeOf(path);
  const rows = new SiteRows();
  const photos = new Map<string, CameAlong & { bytes: number }>();
  const beside = new Map<string, string>();
  const problems: FileProblem[] = [];
  if (await isZip(path)) {
    let done = 0;
    await unpack(path, {
      text: (chunk) => {
        rows.write(chunk);
        // What is packed is some ten times smaller: near enough for a bar.
        report(Math.min(0.95, (done += chunk.length) / (size * 10)));
      },
      photo: async (sha256, content) => {
        const picture = pictureOf(sha256, content);
        if (typeof picture === 'string')
          problems.push({ path: ['photos'], message: messages.photoProblem(sha256, picture) });
        else {
          const kept = createHash('sha256').update(picture).digest('hex');
          const place = join(folder, `${kept}.jpg`);
          await writeFile(place, picture);
          photos.set(sha256, { sha256: kept, path: place, bytes: picture.length });
        }
      },
      attachment: async (sha256, content) => {
        const place = join(folder, `${sha256}.bin`);
        await writeFile(place, content);
        beside.set(sha256, place);
      },
    });
  } else await readText(path, size, LIMITS.siteBytes, rows, report);
  const { file, from } = rows.end();
  const known = new Set(file.photos.map(({ sha256 }) => sha256));
  for (const sha256 of photos.keys())
    if (!known.has(sha256))
      problems.push({
        path: ['photos'],
        message: messages.photosJpgIsNotUsedIn(sha256),
      });
  file.photos.forEach(({ sha256 }, i) => {
    if (!photos.has(sha256) && !problems.some(({ message }) => message.includes(sha256)))
      problems.push({
        path: ['photos', i, 'sha256'],
        message: messages.thisPhotoIsNotInThe,
      });
  });
  const attachments = await attachmentsOf(file, beside, problems);
  problems.unshift(...checkSiteFile(file, new Date().toISOString()));
  if (problems.length > 0) throw rows.refusal(problems);
  const kept = file.photos.map((row) => {
    const { sha256, bytes } = photos.get(row.sha256)!;
    return { ...row, sha256, bytes };
  });
  return { file: { ...file, photos: kept }, from, photos: [...photos.values()], attachments };
}

/** What lies beside the entries of panels: each is there, is what its name says, and of the kind its entry says. */
async function attachmentsOf(
  file: SiteFile,
  beside: ReadonlyMap<string, string>,
  problems: FileProblem[],
): Promise<AttachmentAlong[]> {
  const found = new Map<string, AttachmentAlong>();
  for (const [i, { kind, sha256 }] of file.panelEntries.entries()) {
    const of = PANEL_ENTRIES[kind].attachment;
    if (sha256 === null || of === null) continue;
    const no = (message: string) => problems.push({ path: ['panelEntries', i, 'sha256'], message });
    const path = beside.get(sha256);
    const known = found.get(sha256);
    if (path === undefined) no(messages.theAttachmentOfThisEntryIs);
    else if (known && known.kind !== of) no(messages.theAttachmentOfThisEntryIsOf);
    else if (!known) {
      const content = await readFile(path);
      if (createHash('sha256').update(content).digest('hex') !== sha256)
        no(messages.theContentOfItsAttachmentDoes);
      else
        try {
          found.set(sha256, { sha256, path, kind: of, about: attachmentOf(content, of).about });
        } catch (error) {
          if (!(error instanceof FileRefused)) throw error;
          no(error.message);
        }
    }
  }
  const named = new Set(file.panelEntries.map(({ sha256 }) => sha256));
  for (const sha256 of beside.keys())
    if (!named.has(sha256))
      problems.push({
        path: ['panelEntries'],
        message: messages.attachmentsBinIsNotUsedIn(sha256),
      });
  return [...found.values()];
}

/** The picture alone, or why it is none. */
function pictureOf(sha256: string, content: Buffer): Buffer | string {
  if (createHash('sha256').update(content).digest('hex') !== sha256)
    return messages.itsContentDoesNotMatchIts;
  try {
    return plainJpeg(content).content;
  } catch (error) {
    return error instanceof FileRefused ? error.message : messages.itIsNotAnImage;
  }
}

/**
 * Understand a hand-over file, its record too.
 *
 * @throws FileRefused that says what is wrong
 */
export async function understandHandOver(path: string, report: ReportProgress): Promise<SiteFile> {
  const size = await sizeOf(path);
  const rows = new SiteRows(['record'], ['format', 'version', 'writtenAt', 'caseId', 'card']);
  await readText(path, size, LIMITS.handOverUploadBytes, rows, report);
  const { file, others } = rows.end();
  const parsed = handOverFile.omit({ record: true }).safeParse(others);
  if (others.format !== HAND_OVER_FORMAT || !parsed.success) {
    const issue = parsed.error?.issues[0];
    throw new FileRefused(issue ? issue.message : messages.thisIsNotAHandOver);
  }
  const problems = checkSiteFile(file, new Date().toISOString());
  if (file.photos.length > 0)
    problems.push({ path: ['photos'], message: messages.aHandOverFileCannotContain });
  if (file.panelEntries.length > 0)
    problems.push({ path: ['panelEntries'], message: messages.aHandOverFileCannotContainPanel });
  if (problems.length > 0) throw rows.refusal(problems);
  if (!file.cases.some(({ id }) => id === parsed.data.caseId))
    throw new FileRefused(messages.theCaseThisFileRefersTo);
  return file;
}
