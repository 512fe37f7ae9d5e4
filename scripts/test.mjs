import { ensureBuilt } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { npm } from './run.mjs';

await ensureInstalled();
await ensureChromium();
await npm('run', '--silent', 'static');
await npm('run', '--silent', 'unit');
await ensureBuilt();
await npm('run', '--silent', 'e2e');
