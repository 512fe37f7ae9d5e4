import { inflateSync } from 'node:zlib';

const WOFF = { mark: 0x774f4646, headBytes: 44, entryBytes: 20 };
const SFNT = { headBytes: 12, entryBytes: 16 };
const padded = (bytes: number) => (bytes + 3) & ~3;

/**
 * A font as it is packed for the web (WOFF File Format 1.0), unpacked: what reads fonts for documents stumbles over some
 * that are packed.
 */
export function unpackWoff(woff: Buffer): Buffer {
  if (woff.readUInt32BE(0) !== WOFF.mark) throw new Error('This is not a WOFF font.');
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, i) => {
    const at = WOFF.headBytes + i * WOFF.entryBytes;
    const [offset, packed, length] = [4, 8, 12].map((n) => woff.readUInt32BE(at + n)) as [
      number,
      number,
      number,
    ];
    const bytes = woff.subarray(offset, offset + packed);
    return {
      tag: woff.readUInt32BE(at),
      sum: woff.readUInt32BE(at + 16),
      content: packed < length ? inflateSync(bytes) : bytes,
    };
  });
  let offset = SFNT.headBytes + count * SFNT.entryBytes;
  const font = Buffer.alloc(tables.reduce((sum, { content }) => sum + padded(content.length), offset));
  const step = Math.floor(Math.log2(count));
  font.writeUInt32BE(woff.readUInt32BE(4), 0);
  font.writeUInt16BE(count, 4);
  font.writeUInt16BE(16 * 2 ** step, 6);
  font.writeUInt16BE(step, 8);
  font.writeUInt16BE(16 * (count - 2 ** step), 10);
  for (const [i, { tag, sum, content }] of tables.entries()) {
    const at = SFNT.headBytes + i * SFNT.entryBytes;
    [tag, sum, offset, content.length].forEach((value, n) => font.writeUInt32BE(value, at + 4 * n));
    content.copy(font, offset);
    offset += padded(content.length);
  }
  return font;
}
