import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { fingerprint, isDone, markDone } from './fingerprint.mjs';
import { ensureInstalled } from './install.mjs';
import { npm, ROOT } from './run.mjs';

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

async function buildServer() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(ROOT, 'server/src/main.ts')],
    outfile: join(ROOT, 'server/dist/main.js'),
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
  await buildServer();
  await npm('exec', '--workspace', 'web', '--', 'vite', 'build', '--logLevel', 'warn');
  const { reportFirstLoad } = await import('./firstLoad.mjs');
  reportFirstLoad();
  markDone('build', print);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  await ensureInstalled();
  await ensureBuilt();
}
