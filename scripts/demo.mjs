import { spawn } from 'node:child_process';
import { ensureBuilt } from './build.mjs';
import { ensureInstalled } from './install.mjs';
import { node, ROOT } from './run.mjs';

await ensureInstalled();
await ensureBuilt();
// Simulated meters beside it send as real devices would; they end with it.
const meters = spawn(process.execPath, ['server/dist/meters.js'], { cwd: ROOT, stdio: 'ignore' });
meters.unref();
process.on('exit', () => meters.kill());
await node(['server/dist/main.js', '--demo'], { PHYLAXON_DB: process.env.PHYLAXON_DB ?? 'data/demo.db' });
process.exit();
