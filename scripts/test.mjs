import { ensureBuilt } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { npm } from './run.mjs';

await ensureInstalled();
await ensureChromium();
await npm('run', '--silent', 'types');
await npm('run', '--silent', 'lint');
await npm('run', '--silent', 'format:check');
await npm('run', '--silent', 'unit');
await ensureBuilt();
await npm('run', '--silent', 'e2e');
