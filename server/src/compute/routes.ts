import { COMPUTATIONS } from '@phylaxon/core/compute';
import { textOf } from '@phylaxon/core/facts/quantities';
import type { z } from 'zod';
import { route, type Route } from '../http/index.ts';
import type { ComputePool } from './computePool.ts';

interface AnyComputation {
  summary: string;
  bodyLimitBytes?: number;
  isHeavy?: true;
  input: z.ZodType;
  output: z.ZodType;
  run: (input: unknown) => unknown;
}

/** Every calculation of the core, over HTTP; those that may take long off the thread that serves everybody. */
export const computeRoutes = (pool: ComputePool): Route[] =>
  Object.entries(COMPUTATIONS as Record<string, AnyComputation>).map(
    ([name, { summary, bodyLimitBytes, isHeavy, input, output, run }]) =>
      route({
        method: 'post',
        path: `/compute/${name}`,
        tag: 'compute',
        summary,
        body: input,
        bodyLimitBytes,
        isAtOnce: true,
        status: 200,
        answer: output,
        handle: ({ body, client, signal }) =>
          isHeavy ? pool.run(client, { name, body }, signal) : textOf(run(body)),
      }),
  );
