import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { siteFileSchemaText } from '../src/transfer/index.ts';

/** Writes docs/site-file.schema.json anew. */
writeFileSync(
  fileURLToPath(new URL('../../docs/site-file.schema.json', import.meta.url)),
  siteFileSchemaText(),
);
