import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';
import { node } from './run.mjs';

await ensureInstalled();
await ensureBuilt();
await node(['server/dist/main.js', ...process.argv.slice(2)]);
