import { defineConfig } from '@playwright/test';
import base, { serverFor } from './playwright.config.ts';

const PORT = 4687;

/** Measures the built interface in a browser; part of `npm run bench`. */
export default defineConfig({
  ...base,
  workers: 1,
  testDir: 'measure',
  reporter: 'line',
  use: { ...base.use, baseURL: `http://127.0.0.1:${PORT}` },
  webServer: serverFor(PORT),
});
