import { join } from 'node:path';
import { node, ROOT } from './run.mjs';
import { ownTempFolder } from './tempFolder.mjs';

ownTempFolder();
await node([
  join(ROOT, 'node_modules/@playwright/test/cli.js'),
  'test',
  '--config',
  'e2e/playwright.config.ts',
  ...process.argv.slice(2),
]);
