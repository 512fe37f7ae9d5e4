import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import { chromium, FIRST_PORT } from './support/index.ts';

const WORKERS = 2;

/** The built server on a database of its own, filled with the demo site. */
export const serverFor = (port: number) => ({
  command: 'node ../server/dist/main.js --demo',
  url: `http://127.0.0.1:${port}/api/v1/health`,
  reuseExistingServer: false,
  env: {
    PORT: String(port),
    PHYLAXON_DB: join(tmpdir(), `phylaxon-e2e-${process.pid}-${port}-${Date.now()}.db`),
  },
});

export default defineConfig({
  testDir: 'tests',
  outputDir: 'test-results',
  workers: WORKERS,
  // A busy machine is not a fault of the interface.
  timeout: 240_000,
  expect: { timeout: 40_000 },
  forbidOnly: Boolean(process.env.CI),
  reporter: [['list']],
  use: {
    // Its figures are in °C and metres; the pictures are taken as a browser in the United States shows them.
    locale: 'en-GB',
    baseURL: `http://127.0.0.1:${FIRST_PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromium,
    actionTimeout: 40_000,
    trace: process.env.CI ? 'retain-on-failure' : 'off',
  },
  webServer: Array.from({ length: WORKERS }, (_, i) => serverFor(FIRST_PORT + i)),
});
