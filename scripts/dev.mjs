import { ensureInstalled } from './install.mjs';
import { npm } from './run.mjs';

await ensureInstalled();
await npm(
  'exec',
  '--',
  'concurrently',
  '--names',
  'server,web',
  '--kill-others',
  'tsx watch server/src/main.ts --demo',
  'npm exec --workspace web -- vite',
);
