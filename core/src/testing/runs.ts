const environment =
  (globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env ?? {};

/** Whether laws and calibrations are run whole (`npm run test:property`). */
export const isWhole = environment.PROPERTY_RUNS === 'full';

/**
 * How often a law is tried, or how many cases are drawn.
 *
 * @param share everywhere, so that the tests stay quick
 * @param whole with `npm run test:property`
 */
export const runs = (share: number, whole: number): number => (isWhole ? whole : share);
