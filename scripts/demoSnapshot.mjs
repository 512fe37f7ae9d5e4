import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fingerprint } from './fingerprint.mjs';
import { ROOT, run } from './run.mjs';

/** Before the server’s tests: the rows of the demo, made once and kept for as long as nothing they come from changes. */
export default async function demoSnapshot() {
  const print = fingerprint('core/src', 'server/src', 'package-lock.json').slice(0, 16);
  const folder = join(ROOT, 'node_modules/.cache/phylaxon/demo');
  const file = join(folder, `${print}.json`);
  if (!existsSync(file)) {
    rmSync(folder, { recursive: true, force: true });
    mkdirSync(dirname(file), { recursive: true });
    const draft = `${file}.${process.pid}`;
    await run(process.execPath, [
      join(ROOT, 'node_modules/tsx/dist/cli.mjs'),
      join(ROOT, 'server/tools/writeDemoSnapshot.ts'),
      draft,
    ]);
    renameSync(draft, file);
  }
  process.env.PHYLAXON_DEMO_SNAPSHOT = file;
}
