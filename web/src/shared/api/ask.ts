import type { AnswerOf, EndpointName, EndpointQuestion } from '@phylaxon/core/api';
import { filledPath } from './path.ts';
import { query, request, sendFile, type RequestedBy } from './request.ts';

/** What goes into an address: ids by name, and what stands behind the question mark. */
interface Told {
  params?: Record<string, string>;
  query?: Record<string, unknown>;
  body?: unknown;
}

/** A question; where nothing has to be said, nothing need be. */
export type QuestionArguments<N extends EndpointName> =
  Record<never, never> extends EndpointQuestion<N>
    ? [question?: EndpointQuestion<N>]
    : [question: EndpointQuestion<N>];

/** The address of an endpoint, with its ids and parameters in place. */
function filled(name: EndpointName, { params = {}, query: parameters = {} }: Told): string {
  const path = name.slice(name.indexOf(' ') + 1);
  return filledPath(path, params) + query(parameters as Record<string, string | undefined>);
}

/**
 * Ask an endpoint of the API.
 *
 * @throws RequestError with the server's own words, or that it does not answer
 */
export const ask = <N extends EndpointName>(
  name: N,
  ...[question = {} as EndpointQuestion<N>]: QuestionArguments<N>
): Promise<AnswerOf<N>> => askAs(name, question, {});

/** As `ask`, telling who asks and what they call the change. */
export function askAs<N extends EndpointName>(
  name: N,
  question: EndpointQuestion<N>,
  by: RequestedBy,
): Promise<AnswerOf<N>> {
  const told = question as Told;
  const method = name.slice(0, name.indexOf(' ')) as 'GET';
  return request<AnswerOf<N>>(method, filled(name, told), told.body, by);
}

/** Send a file to an endpoint, as it is. */
export const askWithFile = <N extends EndpointName>(
  name: N,
  question: EndpointQuestion<N>,
  file: Blob,
  type: string,
  how: { signal?: AbortSignal } = {},
): Promise<AnswerOf<N>> => sendFile<AnswerOf<N>>(filled(name, question as Told), file, type, how);
