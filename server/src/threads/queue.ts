import { yieldToLoop } from './yieldToLoop.ts';

/** Pieces of work, one after the other in the order they came; in between others get a turn. */
export class Queue {
  private tail: Promise<unknown> = Promise.resolve();
  private waiting = 0;

  get isIdle(): boolean {
    return this.waiting === 0;
  }

  add<T>(job: () => Promise<T>): Promise<T> {
    this.waiting++;
    const result = this.tail
      .then(yieldToLoop)
      .then(job)
      .finally(() => this.waiting--);
    this.tail = result.catch(() => undefined);
    return result;
  }
}
