import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fingerprint, isDone, markDone } from './fingerprint.mjs';
import { npm, ROOT } from './run.mjs';

/** Install what the lockfile names, if that was not done yet. */
export async function ensureInstalled() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Phylaxon needs Node 20.19 or newer; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const print = fingerprint('package-lock.json');
  if (existsSync(join(ROOT, 'node_modules', 'express')) && isDone('install', print)) return;
  console.log('Installing what the lockfile names (one to two minutes, once) …');
  await npm('ci', '--no-audit', '--no-fund', '--loglevel', 'error');
  markDone('install', print);
}
