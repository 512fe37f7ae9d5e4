import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compress } from './compress.mjs';
import { fingerprint, isDone, markDone, markUndone } from './fingerprint.mjs';
import { ensureInstalled } from './install.mjs';
import { npm, ROOT } from './run.mjs';

/** What is started by itself: the server, what is done to a record from outside, and worker threads. */
const PROGRAMS = [
  'main',
  'meters',
  'backup',
  'restore',
  'resetOwner',
  'files/fileWorker',
  'backups/recordWorker',
  'compute/computeWorker',
  'transfer/exportWorker',
];

const SOURCES = [
  'core/src',
  'server/src',
  'web/src',
  'web/index.html',
  'web/public',
  'web/vite.config.ts',
  'scripts',
  'package-lock.json',
];

/** Bundle the server’s programs into a folder, each under its own name. */
export async function buildServer(outdir) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: PROGRAMS.map((name) => join(ROOT, `server/src/${name}.ts`)),
    outdir,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    packages: 'external',
    alias: { '@phylaxon/core': join(ROOT, 'core/src') },
    sourcemap: true,
    logLevel: 'warning',
  });
}

/** Build server and interface, if their sources changed since the last time. */
export async function ensureBuilt() {
  const print = fingerprint(...SOURCES);
  const built = ['server/dist/main.js', 'web/dist/index.html'].every((file) => existsSync(join(ROOT, file)));
  if (built && isDone('build', print)) return;
  console.log('Building …');
  markUndone('build');
  await buildServer(join(ROOT, 'server/dist'));
  await npm('exec', '--workspace', 'web', '--', 'vite', 'build', '--logLevel', 'warn');
  await compress(join(ROOT, 'web/dist/assets'));
  const { reportFirstLoad } = await import('./firstLoad.mjs');
  reportFirstLoad();
  markDone('build', print);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  await ensureInstalled();
  await ensureBuilt();
}
