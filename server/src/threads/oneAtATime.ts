import { setTimeout as wait } from 'node:timers/promises';

/**
 * Work that is done once at a time: whoever asks while it is being done gets its answer.
 *
 * @param work what is done
 * @param restMs so long after its end it is not begun again, ms; whoever asks then waits
 * @returns what asks for it
 */
export function oneAtATime<T>(work: () => Promise<T>, restMs = 0): () => Promise<T> {
  let running: Promise<T> | null = null;
  let mayBegin = 0;
  const begin = async (): Promise<T> => {
    const rest = mayBegin - performance.now();
    if (rest > 0) await wait(rest);
    return work();
  };
  return () =>
    (running ??= begin().finally(() => {
      running = null;
      mayBegin = performance.now() + restMs;
    }));
}
