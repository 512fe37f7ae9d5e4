const segment = (marker: number, content: Buffer) =>
  Buffer.concat([Buffer.from([0xff, marker]), lengthOf(content), content]);

function lengthOf(content: Buffer): Buffer {
  const length = Buffer.alloc(2);
  length.writeUInt16BE(content.length + 2);
  return length;
}

/** Where else a camera or a program writes things into a picture: profiles, further pictures, previews, its own segments. */
const HIDING_PLACES = Buffer.concat([
  segment(0xe0, Buffer.from('JFXX\0\x10GPS in a preview', 'latin1')),
  segment(0xe2, Buffer.from('ICC_PROFILE\0\x01\x01made by GPS', 'latin1')),
  segment(0xe2, Buffer.from('MPF\0another picture with GPS', 'latin1')),
  segment(0xed, Buffer.from('8BIM\0GPS', 'latin1')),
  segment(0xef, Buffer.from('GPS', 'latin1')),
  segment(0xf7, Buffer.from('GPS', 'latin1')),
]);

/** A small JPEG as a camera would send it: with what it wrote into it, and something hung on behind. */
export function aJpeg({
  width = 4,
  height = 3,
  shade = 7,
  exif = false,
  hidden = false,
  tail = '',
} = {}): Buffer {
  const frame = Buffer.from([8, height >> 8, height & 255, width >> 8, width & 255, 1, 1, 0x11, 0]);
  return Buffer.concat([
    Buffer.from([0xff, 0xd8]),
    segment(0xe0, Buffer.from(`JFIF\0\x01\x01\0\0\x01\0\x01${hidden ? '\x01\x01GPS' : '\0\0'}`, 'latin1')),
    hidden ? HIDING_PLACES : Buffer.alloc(0),
    exif ? segment(0xe1, Buffer.from('Exif\0\0GPSLatitude 51.5 GPSLongitude -0.12')) : Buffer.alloc(0),
    exif ? segment(0xfe, Buffer.from('taken at home')) : Buffer.alloc(0),
    segment(0xdb, Buffer.concat([Buffer.from([0]), Buffer.alloc(64, shade)])),
    segment(0xc0, frame),
    segment(0xda, Buffer.from([1, 1, 0, 0, 63, 0])),
    Buffer.from([0x12, shade, 0xff, 0x00, 0x34, 0xff, 0xd0, 0x35]),
    hidden ? segment(0xfe, Buffer.from('GPS between two scans')) : Buffer.alloc(0),
    Buffer.from([0xff, 0xd9]),
    Buffer.from(tail),
  ]);
}
