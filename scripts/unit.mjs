import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { node, ROOT } from './run.mjs';
import { ownTempFolder } from './tempFolder.mjs';

ownTempFolder();

/** Jest with native modules: each worker loads TypeScript itself, and no test runs in a context of its own. */
const globals = pathToFileURL(join(ROOT, 'scripts/jestGlobals.mjs')).href;
const options = [process.env.NODE_OPTIONS, `--import ${globals}`].filter(Boolean).join(' ');

/** The runner knows no limit for one test: whatever hangs is ended with the run, which takes some three minutes. */
const MOST_MS = 20 * 60_000;

await node(
  [join(ROOT, 'node_modules/jest/bin/jest.js'), '--maxWorkers', '100%', ...process.argv.slice(2)],
  // How JSX is written is the web’s own setting.
  { NODE_OPTIONS: options, TSX_TSCONFIG_PATH: join(ROOT, 'web/tsconfig.json') },
  process.env.PROPERTY_RUNS === 'full' ? undefined : MOST_MS,
);
