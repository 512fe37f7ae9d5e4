import { COMPUTATIONS } from '@phylaxon/core/compute';
import { textOf } from '@phylaxon/core/facts/quantities';
import type { z } from 'zod';
import { route, type Route } from '../http/index.ts';

interface AnyComputation {
  summary: string;
  bodyLimitBytes?: number;
  input: z.ZodType;
  output: z.ZodType;
  run: (input: unknown) => unknown;
}

/** Every calculation of the core, over HTTP. */
export const computeRoutes: Route[] = Object.entries(COMPUTATIONS as Record<string, AnyComputation>).map(
  ([name, { summary, bodyLimitBytes, input, output, run }]) =>
    route({
      method: 'post',
      path: `/compute/${name}`,
      tag: 'compute',
      summary,
      body: input,
      bodyLimitBytes,
      status: 200,
      answer: output,
      handle: ({ body }) => textOf(run(body)),
    }),
);
