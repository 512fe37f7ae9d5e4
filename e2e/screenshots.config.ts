import { defineConfig } from '@playwright/test';
import base, { serverFor } from './playwright.config.ts';

const PORT = 4688;

/** Takes the pictures in docs/screenshots anew, from the demo data. */
export default defineConfig({
  ...base,
  workers: 1,
  testDir: 'screenshots',
  use: { ...base.use, locale: 'en-US', baseURL: `http://127.0.0.1:${PORT}` },
  webServer: serverFor(PORT),
});
