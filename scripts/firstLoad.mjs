import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from './run.mjs';

const BUDGET_KB = 250;
const dist = join(ROOT, 'web/dist');

/** The files of a chunk and of all it imports at once. */
function closure(manifest, key, found = new Set()) {
  if (found.has(key)) return found;
  found.add(key);
  for (const next of manifest[key].imports ?? []) closure(manifest, next, found);
  return found;
}

const gzippedKb = (keys, manifest) =>
  [...keys].reduce((sum, key) => sum + gzipSync(readFileSync(join(dist, manifest[key].file))).length, 0) /
  1000;

/** Print the JavaScript a first visit loads, gzipped: the entry, and each view on top of it. Ends with an error over budget. */
export function reportFirstLoad() {
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));
  const entry = closure(manifest, 'index.html');
  // What the entry itself may ask for is a view; what a view asks for later, such as a chart, comes after it.
  const views = manifest['index.html'].dynamicImports ?? [];
  const heaviest = Math.max(
    0,
    ...views.map((key) => gzippedKb(closure(manifest, key, new Set(entry)), manifest)),
  );
  const first = Math.max(heaviest, gzippedKb(entry, manifest));
  console.log(
    `First-load JavaScript, gzipped: entry ${gzippedKb(entry, manifest).toFixed(1)} kB, with the heaviest view ${first.toFixed(1)} kB (budget ${BUDGET_KB} kB).`,
  );
  if (first > BUDGET_KB) {
    console.error('The first load is over budget.');
    process.exit(1);
  }
}
