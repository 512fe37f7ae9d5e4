import { describe, expect, test } from '@jest/globals';
import { SITE_FILE_FORMAT, SITE_FILE_VERSION } from '@phylaxon/core/views/siteFile';
import { FileRefused } from './refusal.ts';
import { SiteRows } from './siteRows.ts';

const read = (text: string) => {
  const rows = new SiteRows();
  rows.write(Buffer.from(text));
  return rows.end();
};

describe('a file of a newer version', () => {
  const newer = SITE_FILE_VERSION + 1;
  test.each([
    ['as it may be', { format: SITE_FILE_FORMAT, version: newer, site: {}, panels: [] }],
    [
      'with a list that nobody here knows',
      { format: SITE_FILE_FORMAT, version: newer, holograms: [{ a: 1 }] },
    ],
    ['without a list', { format: SITE_FILE_FORMAT, version: newer, site: {} }],
  ])('is told as such: %s', (_what, file) => {
    expect(() => read(JSON.stringify(file))).toThrow(
      new FileRefused(
        `Line 1, version: This file was written by a newer version (${newer}). Update Phylaxon to read it.`,
      ),
    );
  });

  test('one that is cut off is told as cut off', () => {
    const text = JSON.stringify({
      format: SITE_FILE_FORMAT,
      version: SITE_FILE_VERSION,
      site: { name: 'x' },
    });
    expect(() => read(text.slice(0, -5))).toThrow(/cut off/);
  });
});
