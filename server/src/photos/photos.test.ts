import { seeded } from '@phylaxon/core/facts/random';
import { afterAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Store } from '../store/index.ts';
import { aJpeg } from '../testing/index.ts';
import { plainJpeg } from '../files/index.ts';
import { PhotoFolder } from './index.ts';

describe('a picture as it is kept', () => {
  test('place, time and comments are gone, and so is what hangs on behind; the picture is not touched', () => {
    const { content, width, height } = plainJpeg(
      aJpeg({ exif: true, width: 640, height: 480, tail: 'GPS again' }),
    );
    expect([width, height]).toEqual([640, 480]);
    expect(content.equals(aJpeg({ width: 640, height: 480 }))).toBe(true);
    expect(content.toString('latin1')).not.toMatch(/GPS|home/);
  });

  test('no profile, further picture, preview or comment between scans is kept', () => {
    const { content } = plainJpeg(
      aJpeg({ hidden: true, exif: true, width: 640, height: 480, tail: 'GPS again' }),
    );
    expect(content.toString('latin1')).not.toMatch(/GPS|ICC|MPF|JFXX|8BIM/);
    expect(content.equals(aJpeg({ width: 640, height: 480 }))).toBe(true);
  });

  test('made plain once more it stays the same', () => {
    const once = plainJpeg(aJpeg({ exif: true })).content;
    expect(plainJpeg(once).content.equals(once)).toBe(true);
  });

  test.each([
    ['nothing', Buffer.alloc(0)],
    ['a PNG', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a])],
    ['its beginning alone', aJpeg().subarray(0, 40)],
    ['without its end', aJpeg().subarray(0, -2)],
    ['without a size', aJpeg({ width: 0 })],
    ['too large a side', aJpeg({ width: 20_000 })],
    ['a page of HTML', Buffer.from('<html><script>alert(1)</script></html>')],
  ])('%s is refused', (_what, file) => {
    expect(() => plainJpeg(file)).toThrow(/image cannot be saved/);
  });

  test('bytes at random are refused or plain, never a crash', () => {
    const next = seeded(7);
    for (let i = 0; i < 2000; i++) {
      const file = Buffer.from(aJpeg({ exif: true }));
      for (let n = 0; n < 6; n++) file[Math.floor(next() * file.length)] = Math.floor(next() * 256);
      try {
        plainJpeg(file);
      } catch (error) {
        expect(String(error)).toMatch(/image cannot be saved/);
      }
    }
  });
});

describe('the folder of pictures', () => {
  const place = mkdtempSync(join(tmpdir(), 'phylaxon-photos-'));
  afterAll(() => rmSync(place, { recursive: true }));

  test('the same picture is kept once; what no row points to is swept, but not what is new', async () => {
    const folder = new PhotoFolder(place);
    const first = await folder.keep(aJpeg({ exif: true }));
    const second = await folder.keep(aJpeg());
    expect(second.sha256).toBe(first.sha256);
    expect(readdirSync(place)).toEqual([`${first.sha256}.jpg`]);
    expect((await folder.read(first.sha256)).length).toBe(first.bytes);
    writeFileSync(join(place, 'notes.txt'), 'not ours');
    const store = await Store.open(':memory:');
    await folder.sweep(store);
    expect(readdirSync(place)).toHaveLength(2);
    await folder.sweep(store, 0);
    expect(readdirSync(place)).toEqual(['notes.txt']);
    await expect(folder.read(first.sha256)).rejects.toThrow(/does not exist/);
    await store.close();
  });
});
