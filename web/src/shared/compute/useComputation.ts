import type { COMPUTATIONS, ComputationName } from '@phylaxon/core/compute';
import { useEffect, useMemo, useState } from 'react';
import type { z } from 'zod';
import { theWorker } from './theWorker.ts';
import type { WORK, WorkName } from './work.ts';

type Answer<N extends ComputationName> = z.output<(typeof COMPUTATIONS)[N]['output']>;

type Asked = { how: 'run'; name: ComputationName } | { how: 'work'; name: WorkName };

/** An answer of the worker, kept up to date with its question; `null` while there is none. */
function useAnswer<A>({ how, name }: Asked, input: unknown): A | null {
  const [answer, setAnswer] = useState<A | null>(null);
  const [failure, setFailure] = useState<unknown>(null);
  // Whoever asks with much hands on the same object while it is the same question.
  const question = useMemo(() => JSON.stringify(input ?? null), [input]);
  useEffect(() => {
    let current = true;
    const asked = JSON.parse(question) as unknown;
    const work = (): Promise<unknown> => {
      if (asked === null) return Promise.resolve(null);
      if (how === 'run') return theWorker().run(name as ComputationName, asked);
      return theWorker().work(name as WorkName, asked);
    };
    work().then(
      (is) => current && setAnswer(is as A | null),
      (error: unknown) => current && setFailure(error ?? new Error('The calculation failed.')),
    );
    return () => {
      current = false;
    };
  }, [how, name, question]);
  // A calculation that fails is a fault of ours: the page says so, and does not wait for ever.
  if (failure !== null) throw failure;
  return answer;
}

/**
 * A calculation of the core, kept up to date with its input, worked in the background.
 *
 * @returns `null` while there is no answer, or the input does not make a question yet
 */
export const useComputation = <N extends ComputationName>(name: N, input: unknown): Answer<N> | null =>
  useAnswer<Answer<N>>({ how: 'run', name }, input);

/** Work that only the interface asks for, worked in the background; `null` while there is no answer. */
export const useWork = <N extends WorkName>(
  name: N,
  input: Parameters<(typeof WORK)[N]>[0] | null,
): Awaited<ReturnType<(typeof WORK)[N]>> | null =>
  useAnswer<Awaited<ReturnType<(typeof WORK)[N]>>>({ how: 'work', name }, input);
