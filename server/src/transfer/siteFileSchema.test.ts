import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { siteFileSchemaText } from './siteFileSchema.ts';

test('the schema in docs/ is the one that site files are read by', () => {
  const kept = readFileSync(new URL('../../../docs/site-file.schema.json', import.meta.url), 'utf8').split(
    '\n',
  );
  // The first line that differs, and not 5,000 lines of difference.
  const differs = siteFileSchemaText()
    .split('\n')
    .findIndex((line, at) => line !== kept[at]);
  expect(differs === -1 ? 'same' : `line ${differs + 1} differs: run "npm run schema"`).toBe('same');
});
