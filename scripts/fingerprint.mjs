import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ROOT } from './run.mjs';

/** A hash over the contents of files and folders, to tell whether work is up to date. */
export function fingerprint(...paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    const full = join(ROOT, path);
    if (!existsSync(full)) return;
    if (statSync(full).isDirectory()) {
      for (const name of readdirSync(full).sort()) add(join(path, name));
    } else {
      hash.update(path).update('\0').update(readFileSync(full)).update('\0');
    }
  };
  paths.forEach(add);
  return hash.digest('hex');
}

const stampFile = (name) => join(ROOT, 'node_modules', '.cache', 'phylaxon', name);

/** Whether a piece of work was last done with this fingerprint. */
export const isDone = (name, print) =>
  existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === print;

export function markDone(name, print) {
  mkdirSync(dirname(stampFile(name)), { recursive: true });
  writeFileSync(stampFile(name), print);
}

/** What is done anew may be left half done: until it is through, nothing is up to date. */
export const markUndone = (name) => rmSync(stampFile(name), { force: true });
