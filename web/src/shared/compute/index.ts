import type { StandInAnswer, StandInQuestion, StandInTrial } from '@phylaxon/core/simulate/person';
import { theWorker } from './theWorker.ts';

export * from './useComputation.ts';
export * from './useChance.ts';
export * from './readTable.ts';
export type { RunningQuestion } from './loggedCurrent.ts';

/** What the simulated stand-in answers, worked in the background. */
export const askStandIn = (question: StandInQuestion) =>
  theWorker().work('standIn', question) as Promise<StandInAnswer>;

/** What comes of a trial with only some loads connected, on the simulated house: s until it opened, or `null`. */
export const askStandInTrial = (question: StandInTrial) =>
  theWorker().work('standInTrial', question) as Promise<number | null>;

/** Read a logged current in the background; it stays there under an id. */
export const keepLoggedInWorker = (file: File) => theWorker().keepLogged(file);
