import { describe, expect, test } from '@jest/globals';
import { PassThrough, Readable } from 'node:stream';
import { TooLarge, TooManyFiles, withUpload } from '../files/index.ts';

const done = () => Promise.resolve('done');

describe('files that are sent', () => {
  test('so many of one client’s at once; the next is refused, and there is room again once they are done', async () => {
    const bodies = Array.from({ length: 5 }, () => new PassThrough());
    const coming = bodies.map((body) => withUpload('a', body, 100, done));
    await expect(withUpload('a', Readable.from([Buffer.from('x')]), 100, done)).rejects.toThrow(TooManyFiles);
    expect(await withUpload('b', Readable.from([Buffer.from('x')]), 100, done)).toBe('done');
    for (const body of bodies) body.end('x');
    expect(await Promise.all(coming)).toHaveLength(5);
    expect(await withUpload('a', Readable.from([Buffer.from('x')]), 100, done)).toBe('done');
  });

  test('what fails gives its place back, however often', async () => {
    for (let n = 0; n < 20; n++)
      await expect(withUpload('a', Readable.from([Buffer.alloc(200)]), 100, done)).rejects.toThrow(TooLarge);
    expect(await withUpload('a', Readable.from([Buffer.from('x')]), 100, done)).toBe('done');
  });
});
