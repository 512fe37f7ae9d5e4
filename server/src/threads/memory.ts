import { setFlagsFromString } from 'node:v8';

/** What is made and dropped at once takes no more than this in a thread, MB: the rest is what it keeps. */
const YOUNG_MB = 12;

/** By so much of what is kept the memory may grow until it is looked through again, %: this runs on small machines. */
const GROWTH_PERCENT = 40;

/**
 * What a worker thread may hold.
 *
 * @param heapMb of what it keeps, MB; with more it ends
 */
export const memoryLimits = (heapMb: number) => ({
  maxOldGenerationSizeMb: heapMb,
  maxYoungGenerationSizeMb: YOUNG_MB,
});

/** Called where the server starts: memory is given back early, at the cost of some time. */
export const saveMemory = (): void => setFlagsFromString(`--heap-growing-percent=${GROWTH_PERCENT}`);
