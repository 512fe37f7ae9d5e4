import { theWorker } from './theWorker.ts';

export * from './useComputation.ts';
export * from './useChance.ts';
export * from './readTable.ts';
export type { RunningQuestion } from './loggedCurrent.ts';

/** Read a logged current in the background; it stays there under an id. */
export const keepLogged = (file: File) => theWorker().keepLogged(file);
