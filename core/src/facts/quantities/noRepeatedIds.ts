import { z } from 'zod';
import * as messages from './messages.ts';

/** An id that a program gives to something in its question. */
export const givenId = z.string().min(1, messages.theIdMustNotBeEmpty).max(200, messages.anIdCanHaveAtMost);

/** An id, or what has one. */
type WithId = string | { id: string };

/**
 * Refuse ids that stand twice in one list or in several, each where it stands the second time.
 *
 * @param lists ids, or what has them, by the field that holds it
 * @param context of the check
 * @example schema.superRefine(({ fixed, added }, context) => noIdInTwo({ fixed, added }, context))
 */
export function noIdInTwo(
  lists: Readonly<Record<string, readonly WithId[]>>,
  context: z.RefinementCtx,
): void {
  const seen = new Set<string>();
  for (const [field, list] of Object.entries(lists)) tellRepeated(list, seen, [field], context);
}

/**
 * Refuse ids that stand twice in a list, each where it stands the second time.
 *
 * @param list what has ids
 * @param context of the check
 * @example z.array(z.object({ id: z.string() })).superRefine(noRepeatedIds)
 */
export const noRepeatedIds = (list: readonly { id: string }[], context: z.RefinementCtx): void =>
  tellRepeated(list, new Set(), [], context);

function tellRepeated(
  list: readonly WithId[],
  seen: Set<string>,
  at: readonly string[],
  context: z.RefinementCtx,
): void {
  list.forEach((one, i) => {
    const [id, path] = typeof one === 'string' ? [one, [...at, i]] : [one.id, [...at, i, 'id']];
    if (seen.has(id)) context.addIssue({ code: 'custom', path, message: messages.theIdIsUsedTwice(id) });
    seen.add(id);
  });
}
