import { FileRefused } from './refusal.ts';
import * as messages from './messages.ts';

const MOST_SIDE = 12_000;

export interface Picture {
  content: Buffer;
  width: number;
  height: number;
}

const refuse = (why: string) =>
  new FileRefused(messages.thisImageCannotBeSaved(why), undefined, 'not_a_picture');
const damaged = () => refuse(messages.itIsCutOffOrDamaged);

const MARK = {
  start: 0xd8,
  end: 0xd9,
  scan: 0xda,
  quantities: 0xdb,
  huffman: 0xc4,
  arithmetic: 0xcc,
  lines: 0xdc,
  restarts: 0xdd,
  jfif: 0xe0,
  adobe: 0xee,
};
const isFrame = (marker: number) =>
  marker >= 0xc0 &&
  marker <= 0xcf &&
  marker !== MARK.huffman &&
  marker !== 0xc8 &&
  marker !== MARK.arithmetic;
const isRestart = (marker: number) => marker >= 0xd0 && marker <= 0xd7;

/** “This is a JPEG of the usual kind”, with no preview in it. */
const PLAIN_JFIF = Buffer.from('\xff\xe0\x00\x10JFIF\0\x01\x01\0\0\x01\0\x01\0\0', 'latin1');

/** How the colours are written, without which some pictures show in the wrong ones. */
const plainAdobe = (transform: number) =>
  Buffer.concat([Buffer.from('\xff\xee\x00\x0eAdobe\0\x64\0\0\0\0', 'latin1'), Buffer.from([transform])]);

/** Whether a segment holds what its kind holds and nothing besides. */
function isExact(marker: number, body: Buffer): boolean {
  if (isFrame(marker)) return body.length >= 6 && body.length === 6 + 3 * body[5]!;
  if (marker === MARK.scan) return body.length >= 1 && body.length === 4 + 2 * body[0]!;
  if (marker === MARK.restarts || marker === MARK.lines) return body.length === 2;
  if (marker === MARK.arithmetic) return body.length % 2 === 0;
  let at = 0;
  while (at < body.length) {
    if (marker === MARK.quantities) at += 1 + (body[at]! >> 4 ? 128 : 64);
    else at += 17 + body.subarray(at + 1, at + 17).reduce((sum, count) => sum + count, 0);
  }
  return at === body.length;
}

/** What is kept of a segment: what it takes to show the picture, written anew where it could carry more. */
function kept(marker: number, segment: Buffer): Buffer | null {
  const body = segment.subarray(4);
  if (marker === MARK.jfif) return body.toString('latin1', 0, 5) === 'JFIF\0' ? PLAIN_JFIF : null;
  if (marker === MARK.adobe)
    return body.toString('latin1', 0, 5) === 'Adobe' && body.length >= 12
      ? plainAdobe(Math.min(body[11]!, 2))
      : null;
  const isTable = [MARK.quantities, MARK.huffman, MARK.arithmetic, MARK.lines, MARK.restarts].includes(
    marker,
  );
  if (!isTable && !isFrame(marker) && marker !== MARK.scan) return null;
  if (!isExact(marker, body)) throw damaged();
  return segment;
}

/** Where the picture’s own bits end that begin here: at the next mark that is no part of them. */
function endOfBits(file: Buffer, from: number): number {
  for (let at = file.indexOf(0xff, from); at >= 0 && at + 1 < file.length; at = file.indexOf(0xff, at + 1)) {
    const next = file[at + 1]!;
    if (next !== 0 && next !== 0xff && !isRestart(next)) return at;
  }
  throw refuse(messages.itIsCutOff);
}

/**
 * A JPEG of which nothing is kept but the picture: no place, time, device, preview, colour profile or comment, and
 * nothing that hangs on behind its end.
 *
 * @throws FileRefused if it is no whole JPEG
 */
export function plainJpeg(file: Buffer): Picture {
  if (file.length < 4 || file[0] !== 0xff || file[1] !== MARK.start) throw refuse(messages.itIsNotAJpeg);
  const parts: Buffer[] = [file.subarray(0, 2)];
  let size: { width: number; height: number } | null = null;
  let scans = 0;
  for (let at = 2; ;) {
    if (at + 2 > file.length || file[at] !== 0xff) throw damaged();
    const marker = file[at + 1]!;
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === MARK.end) {
      parts.push(file.subarray(at, at + 2));
      break;
    }
    if (at + 4 > file.length || marker < 0xc0) throw damaged();
    const end = at + 2 + file.readUInt16BE(at + 2);
    if (end < at + 4 || end > file.length) throw damaged();
    const segment = kept(marker, file.subarray(at, end));
    if (segment) parts.push(segment);
    if (isFrame(marker)) size = { height: file.readUInt16BE(at + 5), width: file.readUInt16BE(at + 7) };
    at = end;
    if (marker !== MARK.scan) continue;
    at = endOfBits(file, end);
    parts.push(file.subarray(end, at));
    scans++;
  }
  if (scans === 0) throw refuse(messages.itContainsNoImage);
  if (!size || size.width < 1 || size.height < 1) throw refuse(messages.itsSizeIsMissing);
  if (Math.max(size.width, size.height) > MOST_SIDE) throw refuse(messages.aSideExceedsPixels(MOST_SIDE));
  return { content: Buffer.concat(parts), ...size };
}
