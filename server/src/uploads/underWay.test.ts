import { expect, test } from '@jest/globals';
import { TooManyFiles, UnderWay } from '../files/index.ts';

test('how far a file is can be asked while it is worked on, and not before or after', async () => {
  const underWay = new UnderWay();
  let finish = () => undefined as void;
  expect(underWay.progressOf('a')).toBeNull();
  const work = underWay.run('here', 'a', async (tell) => {
    tell({ step: 'storing', share: 0.4 });
    await new Promise<void>((done) => (finish = done));
    return 7;
  });
  await Promise.resolve();
  expect(underWay.progressOf('a')).toEqual({ step: 'storing', share: 0.4 });
  finish();
  expect(await work).toBe(7);
  expect(underWay.progressOf('a')).toBeNull();
});

test('a client with many files waiting is told so; another is heard; once they are done all is well', async () => {
  const underWay = new UnderWay();
  const releases: (() => void)[] = [];
  const one = (client: string) =>
    underWay.run(client, undefined, () => new Promise<void>((done) => releases.push(done)));
  const many = Array.from({ length: 5 }, () => one('here'));
  await expect(one('here')).rejects.toBeInstanceOf(TooManyFiles);
  many.push(one('there'));
  for (const release of releases) release();
  await Promise.all(many);
  const again = one('here');
  releases.at(-1)!();
  await again;
});
