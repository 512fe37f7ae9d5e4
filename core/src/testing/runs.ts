const environment =
  (globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env ?? {};

/** Whether laws and calibrations are run whole (`npm run laws`). */
export const isWhole = environment.LAWS === 'whole';

/**
 * How often a law is tried, or how many cases are drawn.
 *
 * @param share everywhere, so that the tests stay quick
 * @param whole with `npm run laws`
 */
export const runs = (share: number, whole: number): number => (isWhole ? whole : share);
