import type { AnswerOf, EndpointName, EndpointQuestion } from '@phylaxon/core/api';
import { queryOptions } from '@tanstack/react-query';
import { ask } from '../api/index.ts';
import { RECORD } from './queryClient.ts';

type Read = Extract<EndpointName, `GET ${string}`>;

/**
 * An endpoint as a query: its key is its name and what is asked, so nobody makes up another.
 *
 * @param pick what of the answer is wanted; all of it, if left out
 */
export const recordQuery = <N extends Read, T = AnswerOf<N>>(
  name: N,
  question: EndpointQuestion<N>,
  pick: (answer: AnswerOf<N>) => T = (answer) => answer as unknown as T,
) =>
  queryOptions({
    queryKey: [RECORD, name, question] as readonly unknown[],
    queryFn: () => ask(name, question as never),
    select: pick,
  });
