import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { node, ROOT } from './run.mjs';

/** Figures of the core, of the server on a large site, and of the built interface on the same. */
const folder = mkdtempSync(join(tmpdir(), 'phylaxon-bench-'));
process.on('exit', () => rmSync(folder, { recursive: true, force: true, maxRetries: 5 }));
const env = { PHYLAXON_BENCH_FOLDER: folder };
const bin = (name) => join(ROOT, 'node_modules', name);

await node([bin('tsx/dist/cli.mjs'), 'server/bench/run.ts', ...process.argv.slice(2)], env);
await node([join(ROOT, 'scripts/build.mjs')]);
await node([bin('@playwright/test/cli.js'), 'test', '--config', 'e2e/measure.config.ts'], env);
