import { COMPUTATIONS } from '@phylaxon/core/compute';
import { textOf } from '@phylaxon/core/facts/quantities';
import { z } from 'zod';
import { standBack } from '../threads/index.ts';

standBack();

/** A calculation that is asked for. */
export interface ComputeTask {
  name: string;
  body: unknown;
}

/** What came of it: an answer, or what is wrong with what was asked. */
export type Computed = { answer: unknown } | { issues: z.core.$ZodIssue[] };

/** Work out what is asked, in a thread of its own. */
export default function compute({ name, body }: ComputeTask): Computed {
  const { run } = (COMPUTATIONS as Record<string, { run: (input: never) => unknown }>)[name]!;
  try {
    return { answer: textOf(run(body as never)) };
  } catch (error) {
    if (error instanceof z.ZodError) return { issues: error.issues };
    throw error;
  }
}
