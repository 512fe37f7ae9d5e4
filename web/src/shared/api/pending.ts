import type { Command, SentCommand } from '@phylaxon/core/commands';
import type { Profile } from '@phylaxon/core/facts/vocabulary';
import type { z } from 'zod';
import { newId } from './newId.ts';
import { filledPath } from './path.ts';

/** How a command goes to the server: what sends it need not know the commands. */
export interface Delivery {
  method: 'post' | 'put' | 'patch' | 'delete';
  path: string;
  /** A file of this type goes with it. */
  upload?: string;
  /** It never goes ahead of what waits. */
  inOrder: boolean;
}

/** A command on its way to the server: sent again until it is stored, it is stored once. */
export interface Pending<Answer = unknown> extends SentCommand {
  id: string;
  /** Left out by an earlier version of this page. */
  delivery?: Delivery;
  /** What it is and where, for who waits for it. */
  label: string;
  /** Who was at work when it was done. */
  profile?: Profile;
  /** What the server answers; of the type alone. */
  answer?: Answer;
}

type InputOf<S> = S extends z.ZodType ? z.input<S> : undefined;

/** How a command with these ids and this body goes to the server. */
export function deliveryOf(command: Command, params: Record<string, string>, body: unknown): Delivery {
  const { method, path, upload, draw, inOrder } = command;
  return {
    method,
    path: filledPath(path, params),
    ...(upload !== undefined && { upload }),
    inOrder: draw !== undefined || (inOrder?.(body as undefined) ?? false),
  };
}

/**
 * A command to be sent.
 *
 * @param where what it is about, in words
 */
export function pending<Params extends z.ZodType, Body extends z.ZodType | undefined>(
  command: Command<Params, Body>,
  params: z.input<Params>,
  body: InputOf<Body>,
  where = '',
): Pending {
  const ids = params as Record<string, string>;
  return {
    id: newId(),
    command: command.id,
    params: ids,
    body: body as object | undefined,
    delivery: deliveryOf(command as unknown as Command, ids, body),
    label: labelOf(command, body, where),
  };
}

/** By what was typed, where its schema does not take it: the server will say what is wrong with it. */
function labelOf<Body extends z.ZodType | undefined>(
  { body: schema, label }: Command<z.ZodType, Body>,
  typed: InputOf<Body>,
  where: string,
): string {
  const taken = schema?.safeParse(typed);
  return label((taken?.success ? taken.data : typed) as Parameters<typeof label>[0], where);
}
