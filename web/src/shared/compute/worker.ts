import '../csp/index.ts';
import { COMPUTATIONS, type ComputationName } from '@phylaxon/core/compute';
import { expose } from 'comlink';
import { chanceOfTrip, type ChanceQuestion } from './chanceOfTrip.ts';
import { keepLogged } from './loggedCurrent.ts';
import { WORK, type WorkName } from './work.ts';

let running: { cancelled: boolean } | null = null;

const api = {
  /** Run a calculation of the core; `null` where the input does not make a question yet. */
  run(name: ComputationName, input: unknown): unknown {
    const { input: schema, run } = COMPUTATIONS[name];
    const question = schema.safeParse(input);
    return question.success ? (run as (question: unknown) => unknown)(question.data) : null;
  },

  /** Work that only the interface asks for. */
  work(name: WorkName, input: unknown): unknown {
    return (WORK[name] as (input: unknown) => unknown)(input);
  },

  /** The chance of a trip, with progress; another one begun, or `cancel`, ends it: then the answer is `null`. */
  async chanceOfTrip(question: ChanceQuestion, onProgress: (share: number) => void) {
    if (running) running.cancelled = true;
    const token = { cancelled: false };
    running = token;
    return chanceOfTrip(question, onProgress, token);
  },

  keepLogged,

  cancel(): void {
    if (running) running.cancelled = true;
  },
};
export type ComputeWorker = typeof api;

expose(api);
