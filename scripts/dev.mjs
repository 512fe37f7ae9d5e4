import { ensureInstalled } from './install.mjs';
import { run } from './run.mjs';

await ensureInstalled();
// A record of its own: developing never touches yours.
const PHYLAXON_DB = process.env.PHYLAXON_DB ?? 'data/dev.db';

await run(
  'npm',
  [
    'exec',
    '--',
    'concurrently',
    '--names',
    'server,web',
    '--kill-others',
    'tsx watch server/src/main.ts --demo',
    'npm exec --workspace web -- vite',
  ],
  { PHYLAXON_DB },
);
