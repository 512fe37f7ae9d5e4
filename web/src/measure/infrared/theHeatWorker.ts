import { wrap, type Remote } from 'comlink';
import type { HeatApi } from './heatWorker.ts';

let worker: Remote<HeatApi> | null = null;

/** One worker for temperature pictures, started with the first. */
export const theHeatWorker = (): Remote<HeatApi> =>
  (worker ??= wrap<HeatApi>(new Worker(new URL('./heatWorker.ts', import.meta.url), { type: 'module' })));
