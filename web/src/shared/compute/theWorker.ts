import { wrap, type Remote } from 'comlink';
import type { ComputeWorker } from './worker.ts';

let worker: Remote<ComputeWorker> | null = null;

/** One worker for all calculations, started when the first is asked for. */
export const theWorker = (): Remote<ComputeWorker> =>
  (worker ??= wrap<ComputeWorker>(new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })));
