import type { StandInQuestion } from '@phylaxon/core/simulate';
import { theWorker } from './theWorker.ts';

export * from './useComputation.ts';
export * from './useChance.ts';
export * from './readTable.ts';
export type { RunningQuestion } from './loggedCurrent.ts';

/** What the simulated stand-in answers, worked in the background. */
export const standIn = (question: StandInQuestion) =>
  theWorker().work('standIn', question) as Promise<string>;

/** Read a logged current in the background; it stays there under an id. */
export const keepLogged = (file: File) => theWorker().keepLogged(file);
