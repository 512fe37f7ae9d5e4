import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { run } from './run.mjs';

const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium for the end-to-end tests: installed by apt where that may be done, else told. */
export async function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  const mayInstall = process.getuid?.() === 0 && spawnSync('apt-get', ['--version']).status === 0;
  if (!mayInstall) {
    console.error('The end-to-end tests need Debian’s Chromium. Run: sudo apt-get install chromium');
    process.exit(1);
  }
  console.log('Installing Chromium for the end-to-end tests (once) …');
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update', '-qq'], quiet);
  await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], quiet);
}
