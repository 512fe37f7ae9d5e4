import { ApiError } from '../http/index.ts';

const MOST_SIDE = 12_000;

/** Segments that carry only what is needed to show the picture: JFIF, colour profile, Adobe’s colour note. */
const KEPT_APPS = [0xe0, 0xe2, 0xee];

export interface Picture {
  content: Buffer;
  width: number;
  height: number;
}

const refuse = (why: string) =>
  new ApiError(400, 'not_a_picture', `This is no picture that can be kept: ${why}`);

const isFrame = (marker: number) =>
  marker >= 0xc0 && marker <= 0xcf && marker !== 0xc4 && marker !== 0xc8 && marker !== 0xcc;
const isDropped = (marker: number) =>
  marker === 0xfe || (marker >= 0xe0 && marker <= 0xef && !KEPT_APPS.includes(marker));

/**
 * A JPEG with everything a camera wrote into it besides the picture taken out: place, time, device, preview,
 * and whatever hangs on behind its end.
 *
 * @throws ApiError if it is no whole JPEG
 */
export function plainJpeg(file: Buffer): Picture {
  if (file.length < 4 || file[0] !== 0xff || file[1] !== 0xd8) throw refuse('it is not a JPEG.');
  const kept: Buffer[] = [file.subarray(0, 2)];
  let size: { width: number; height: number } | null = null;
  let at = 2;
  for (;;) {
    if (at + 4 > file.length || file[at] !== 0xff) throw refuse('it is cut off or damaged.');
    const marker = file[at + 1]!;
    if (marker === 0xff) {
      at++;
      continue;
    }
    const length = file.readUInt16BE(at + 2);
    const end = at + 2 + length;
    if (length < 2 || end > file.length) throw refuse('it is cut off or damaged.');
    if (isFrame(marker) && length >= 7) {
      size = { height: file.readUInt16BE(at + 5), width: file.readUInt16BE(at + 7) };
    }
    if (!isDropped(marker)) kept.push(file.subarray(at, end));
    at = end;
    // From the start of scan on there is only picture, up to its end.
    if (marker === 0xda) break;
  }
  const over = file.indexOf(Buffer.from([0xff, 0xd9]), at);
  if (over < 0) throw refuse('it is cut off.');
  if (!size || size.width < 1 || size.height < 1) throw refuse('its size is not told.');
  if (Math.max(size.width, size.height) > MOST_SIDE) throw refuse(`a side exceeds ${MOST_SIDE} pixels.`);
  kept.push(file.subarray(at, over + 2));
  return { content: Buffer.concat(kept), ...size };
}
