import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';
import { node } from './run.mjs';

// backup, restore or resetOwner, and the file or the name.
const [what, ...files] = process.argv.slice(2);
await ensureInstalled();
await ensureBuilt();
await node([`server/dist/${what}.js`, ...files]);
