import type { z } from 'zod';

/**
 * Refuse ids that stand twice in a list, each where it stands the second time.
 *
 * @param list what has ids
 * @param context of the check
 * @example z.array(z.object({ id: z.string() })).superRefine(noRepeatedIds)
 */
export function noRepeatedIds(list: readonly { id: string }[], context: z.RefinementCtx): void {
  const seen = new Set<string>();
  list.forEach(({ id }, i) => {
    if (seen.has(id))
      context.addIssue({ code: 'custom', path: [i, 'id'], message: `The id “${id}” is used twice.` });
    seen.add(id);
  });
}
