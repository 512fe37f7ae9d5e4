import { afterAll, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { temporaryFolder, sweepTemporaryFolders } from './temporaryFolders.ts';

const folder = mkdtempSync(join(tmpdir(), 'phylaxon-left-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('what programs left behind is removed, what is in use and what is not ours stays', () => {
  const inUse = temporaryFolder(join(folder, 'upload'));
  // No process has this number.
  mkdirSync(join(folder, 'upload-4194999-abcdef'));
  mkdirSync(join(folder, 'upload-new'));
  mkdirSync(join(folder, 'upload-old'));
  utimesSync(join(folder, 'upload-old'), 1, 1);
  mkdirSync(join(folder, 'other-4194999-abcdef'));
  sweepTemporaryFolders(folder, 'upload');
  expect(readdirSync(folder).sort()).toEqual(
    ['other-4194999-abcdef', inUse.split('/').at(-1), 'upload-new'].sort(),
  );
  sweepTemporaryFolders(join(folder, 'nowhere'), 'upload');
});
