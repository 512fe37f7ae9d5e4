/**
 * Work that is done once at a time: whoever asks while it is being done gets its answer.
 *
 * @param work what is done
 * @returns what asks for it
 */
export function oneAtATime<T>(work: () => Promise<T>): () => Promise<T> {
  let running: Promise<T> | null = null;
  return () => (running ??= work().finally(() => (running = null)));
}
