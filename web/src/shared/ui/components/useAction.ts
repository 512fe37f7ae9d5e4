import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';
import { queryClient } from '../../queries/index.ts';
import { sayError } from './sayError.ts';

interface Asked {
  work: () => Promise<unknown>;
  leaves: boolean;
}

/**
 * Something that is done at a tap, once at a time; what goes wrong is told.
 *
 * @param mayOverlap whether another may be begun before one is done: each tap is about something of its own
 * @returns `run` does it; `leave` does it too, and stays busy until the next view has taken this one’s place; both tell
 *   whether it was done. `problem` says why not, until `clear` or the next try.
 */
export function useAction(mayOverlap = false) {
  const isRunning = useRef(false);
  const { mutateAsync, isPending, isSuccess, variables, error, reset } = useMutation(
    { mutationFn: ({ work }: Asked) => work(), networkMode: 'always' },
    queryClient,
  );
  const doing = async (asked: Asked): Promise<boolean> => {
    if (isRunning.current && !mayOverlap) return false;
    isRunning.current = true;
    try {
      await mutateAsync(asked);
      return true;
    } catch {
      return false;
    } finally {
      isRunning.current = false;
    }
  };
  return {
    busy: isPending || (isSuccess && variables.leaves),
    problem: error ? sayError(error) : null,
    run: (work: Asked['work']) => doing({ work, leaves: false }),
    leave: (work: Asked['work']) => doing({ work, leaves: true }),
    clear: reset,
  };
}
