import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

const NAME = 'breaker';

/** The breaker that is selected on the board beside a job; the address carries it. */
export function useSelectedBreaker(): [breakerId: string | null, select: (breakerId: string | null) => void] {
  const [params, setParams] = useSearchParams();
  const select = useCallback(
    (breakerId: string | null) =>
      setParams(
        (before) => {
          const after = new URLSearchParams(before);
          if (breakerId === null) after.delete(NAME);
          else after.set(NAME, breakerId);
          return after;
        },
        { replace: true },
      ),
    [setParams],
  );
  return [params.get(NAME), select];
}
