import type { ComputationName } from '@phylaxon/core/compute';
import { expose } from 'comlink';
import { chanceOfTrip, type ChanceQuestion } from './chanceOfTrip.ts';
import { keepLogged } from './loggedCurrent.ts';
import { WORK, type WorkName } from './work.ts';

/** All calculations of the API: they load once the work of a page is under way. */
const calculations = () => import('@phylaxon/core/compute');

let running: { cancelled: boolean } | null = null;

const api = {
  /** Run a calculation of the core; `null` where the input does not make a question yet. */
  async run(name: ComputationName, input: unknown): Promise<unknown> {
    const { input: schema, run } = (await calculations()).COMPUTATIONS[name];
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

// At hand before it is asked for, should the server be gone by then.
calculations().catch(() => undefined);
