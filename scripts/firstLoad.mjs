import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from './run.mjs';

/** Gzipped: the entry with the heaviest view. */
const FIRST_LOAD_KB = 200;
/** As they are: the entry by itself, and the worker that computes. */
const ENTRY_KB = 450;
const WORKER_KB = 350;

/** What the entry asks for once a view is there: the notice of the clocks, what makes commands, and the reading line when it is opened. */
const AFTER_THE_VIEW = [
  'src/app/shell/ClockNotice.tsx',
  'src/shared/api/commands.ts',
  'src/measure/readingLine/index.ts',
  'src/app/shell/SearchDialog.tsx',
  'src/app/shell/ShortcutsDialog.tsx',
  'src/app/shell/JobsSheet.tsx',
];

/** What stands around every page at a panel, and the pages that stand alone. */
const WORKBENCH = 'src/panel/workbench/index.ts';
const ALONE = /^src\/(app|panel|settings)\/|\/(handOver|outcomes)\//;

const dist = join(ROOT, 'web/dist');
const kb = (bytes) => bytes / 1000;

/** The files of a chunk and of all it imports at once. */
function closure(manifest, key, found = new Set()) {
  if (found.has(key)) return found;
  found.add(key);
  for (const next of manifest[key].imports ?? []) closure(manifest, next, found);
  return found;
}

const gzippedKb = (keys, manifest) =>
  kb([...keys].reduce((sum, key) => sum + gzipSync(readFileSync(join(dist, manifest[key].file))).length, 0));

/** Print what a first visit loads: the entry, and the heaviest view on top of it; and how large entry and worker are. Ends with an error over budget. */
export function reportFirstLoad() {
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));
  const entry = closure(manifest, 'index.html');
  // What the entry itself may ask for is a view; what a view asks for later, such as a chart, comes after it.
  const views = (manifest['index.html'].dynamicImports ?? []).filter(
    (key) => manifest[key].isDynamicEntry && manifest[key].src && !AFTER_THE_VIEW.includes(key),
  );
  const withView = views
    .map((key) => {
      const around = ALONE.test(key) ? entry : closure(manifest, WORKBENCH, new Set(entry));
      return { key, kb: gzippedKb(closure(manifest, key, new Set(around)), manifest) };
    })
    .reduce((most, one) => (one.kb > most.kb ? one : most));
  const assets = join(dist, 'assets');
  const worker = readdirSync(assets).find((name) => /^worker-.*\.js$/.test(name));
  const held = [
    [`First load, gzipped (with ${withView.key})`, withView.kb, FIRST_LOAD_KB],
    ['Entry', kb(statSync(join(dist, manifest['index.html'].file)).size), ENTRY_KB],
    ['Worker', kb(statSync(join(assets, worker)).size), WORKER_KB],
  ];
  for (const [what, is, most] of held) console.log(`${what}: ${is.toFixed(1)} of ${most} kB.`);
  if (held.some(([, is, most]) => is > most)) {
    console.error('Over budget.');
    process.exit(1);
  }
}
