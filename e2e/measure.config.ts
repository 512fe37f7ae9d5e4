import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import base, { serverFor } from './playwright.config.ts';

/** Where the server with the demo site answers, and the one with the large site of `npm run bench`. */
export const PORT = 4687;
export const LARGE_SITE = 'http://127.0.0.1:4688';

const large = serverFor(4688);

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
