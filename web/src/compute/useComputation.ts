import type { COMPUTATIONS, ComputationName } from '@phylaxon/core/compute';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { z } from 'zod';
import type { ComputeWorker } from './worker.ts';

type Answer<N extends ComputationName> = z.output<(typeof COMPUTATIONS)[N]['output']>;

let worker: Remote<ComputeWorker> | null = null;

/** One worker for all calculations, started when the first is asked for. */
const theWorker = () =>
  (worker ??= wrap<ComputeWorker>(new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })));

/**
 * A calculation of the core, kept up to date with its input, worked in the background.
 *
 * @returns `null` while there is no answer, or the input does not make a question yet
 */
export function useComputation<N extends ComputationName>(name: N, input: unknown): Answer<N> | null {
  const [answer, setAnswer] = useState<Answer<N> | null>(null);
  const question = JSON.stringify(input ?? null);
  useEffect(() => {
    let current = true;
    void theWorker()
      .run(name, JSON.parse(question) as unknown)
      .then((result) => {
        if (current) setAnswer(result as Answer<N> | null);
      });
    return () => {
      current = false;
    };
  }, [name, question]);
  return answer;
}
