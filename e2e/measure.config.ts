import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import base, { serverFor } from './playwright.config.ts';
import { LARGE_SITE_PORT } from './support/index.ts';

const PORT = 4687;
const large = serverFor(LARGE_SITE_PORT);

/** Measures the built interface in a browser; part of `npm run bench`. */
export default defineConfig({
  ...base,
  workers: 1,
  testDir: 'measure',
  reporter: 'line',
  use: { ...base.use, baseURL: `http://127.0.0.1:${PORT}` },
  webServer: [
    serverFor(PORT),
    { ...large, env: { ...large.env, PHYLAXON_DB: join(process.env.PHYLAXON_BENCH_FOLDER!, 'bench.db') } },
  ],
});
