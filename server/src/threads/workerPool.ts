import { Piscina } from 'piscina';
import { memoryLimits } from './memory.ts';
import { workerProgram } from './startWorker.ts';

/** A thread that nobody uses ends after so long, ms. */
const IDLE_MS = 30_000;

/**
 * Threads that each do one task at a time, started when they are first needed.
 *
 * @param name of their program under `server/src`, such as `compute/computeWorker`; its default export does a task
 */
export const workerPool = <Task, Answer>(
  name: string,
  { threads, heapMb }: { threads: number; heapMb: number },
): Piscina<Task, Answer> =>
  new Piscina<Task, Answer>({
    ...workerProgram(name),
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: IDLE_MS,
    resourceLimits: memoryLimits(heapMb),
  });
