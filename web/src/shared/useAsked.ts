import { useEffect, useState } from 'react';

/**
 * What was asked for, asked again whenever the question is another.
 *
 * @param ask a function that stays the same while the question does
 * @returns the answer, `null` until there is one; and why it could not be had
 */
export function useAsked<A>(ask: () => Promise<A>): { answer: A | null; problem: string | null } {
  const [state, setState] = useState<{ answer: A | null; problem: string | null }>({
    answer: null,
    problem: null,
  });
  useEffect(() => {
    let current = true;
    ask().then(
      (answer) => current && setState({ answer, problem: null }),
      (error: Error) => current && setState(({ answer }) => ({ answer, problem: error.message })),
    );
    return () => {
      current = false;
    };
  }, [ask]);
  return state;
}
