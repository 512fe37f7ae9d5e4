import { test as base } from '@playwright/test';

/** The first worker’s server; each further worker has the next port’s to itself. */
export const FIRST_PORT = Number(process.env.PHYLAXON_E2E_PORT ?? 4689);

/** Where the server with the large site of `npm run bench` answers. */
export const LARGE_SITE_PORT = 4688;

/** A test whose addresses lead to its worker’s own server. */
export const test = base.extend({
  baseURL: async ({ baseURL: _shared }, use, { parallelIndex }) =>
    use(`http://127.0.0.1:${FIRST_PORT + parallelIndex}`),
});
