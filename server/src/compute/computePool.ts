import type { Piscina } from 'piscina';
import { z } from 'zod';
import { ApiError } from '../http/index.ts';
import { patientMs, TooBusy, FairQueue, workerPool } from '../threads/index.ts';
import type { Computed, ComputeTask } from './computeWorker.ts';
import * as messages from './messages.ts';

/**
 * What a calculation may take: threads at once, time, memory, and how many of one client’s may wait. The time is by the clock, and
 * its thread stands back: it is some times what the longest sensible one takes.
 */
const BUDGET = { threads: 2, ms: 12_000, heapMb: 160, waiting: 24 } as const;

/** Asked first of a pool, so that its program is read. */
const FIRST: ComputeTask = { name: 'power', body: { volts: 120, amps: 1 } };

const tooMuch = () => new ApiError(422, 'too_much', messages.thisCalculationTakesTooLong);

/** Calculations that may take long, off the thread that serves everybody. */
export class ComputePool {
  private readonly turns = new FairQueue(BUDGET.threads, BUDGET.waiting);
  private pool: Piscina<ComputeTask, Computed> | null = null;
  /** A thread that has just been started reads its program first: that is nobody’s time. */
  private ready: Promise<unknown> | null = null;

  /** @param ms so long a calculation may take */
  constructor(private readonly ms: number = BUDGET.ms) {}

  /**
   * @param client who asks: clients take turns
   * @param signal aborted when nobody waits for the answer any more
   * @throws ZodError where the input is not valid; ApiError where it takes too long, or too many wait
   */
  async run(client: string, task: ComputeTask, signal: AbortSignal): Promise<unknown> {
    try {
      const computed = await this.turns.run(client, async () => {
        const pool = (this.pool ??= start());
        await (this.ready ??= pool.run(FIRST));
        return pool.run(task, { signal: AbortSignal.any([signal, AbortSignal.timeout(patientMs(this.ms))]) });
      });
      if ('answer' in computed) return computed.answer;
      throw new z.ZodError(computed.issues);
    } catch (error) {
      if (error instanceof z.ZodError) throw error;
      if (error instanceof TooBusy) throw error;
      // A thread that was ended is followed by another.
      this.ready = null;
      const { name, code } = error as NodeJS.ErrnoException;
      if (name === 'AbortError' || name === 'TimeoutError' || code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw tooMuch();
      throw error;
    }
  }
}

const start = () => workerPool<ComputeTask, Computed>('compute/computeWorker', BUDGET);
