import { existsSync } from 'node:fs';

/** Debian’s Chromium without a window is the quicker one; either will do. */
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** Debian’s Chromium, kept from calling anywhere. */
export const chromium = {
  executablePath: BROWSERS.find((path) => existsSync(path)) ?? BROWSERS[0]!,
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
