import '../csp/index.ts';
import { COMPUTATIONS, type ComputationName } from '@phylaxon/core/compute';
import { expose } from 'comlink';

const api = {
  /** Run a calculation of the core; `null` where the input does not make a question yet. */
  run(name: ComputationName, input: unknown): unknown {
    const { input: schema, run } = COMPUTATIONS[name];
    const question = schema.safeParse(input);
    return question.success ? (run as (question: unknown) => unknown)(question.data) : null;
  },
};
export type ComputeWorker = typeof api;

expose(api);
