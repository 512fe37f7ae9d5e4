import type { z } from 'zod';

type Schema = z.ZodType;

/** One address of the API: what it takes and what it answers. Its name is its method and its path, with `:name` for ids. */
export interface Endpoint {
  tag: string;
  summary: string;
  params?: Schema;
  query?: Schema;
  body?: Schema;
  answer: Schema;
  /** Where it is not 200. */
  status?: 201;
}

/**
 * Declare an endpoint: the server answers it (`implement`), the browser asks it (`ask`), the document tells of it.
 *
 * @param spec what it takes and answers
 * @returns the same, with its types
 * @example endpoint({ tag: 'server', summary: 'Whether it serves', answer: z.object({ status: z.literal('ok') }) })
 */
export const endpoint = <const E extends Endpoint>(spec: E): E => spec;
