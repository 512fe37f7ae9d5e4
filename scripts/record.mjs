import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';
import { node } from './run.mjs';

// backup or restore, and the file.
const [what, ...files] = process.argv.slice(2);
await ensureInstalled();
await ensureBuilt();
await node([`server/dist/${what}.js`, ...files]);
