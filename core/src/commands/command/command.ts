import type { z } from 'zod';
import type { CaseRecord } from '../../diagnosis/cases/index.ts';
import type { Profile } from '../../facts/vocabulary/index.ts';
import type { Breaker, Circuit } from '../../record/entities/index.ts';

/** What a schema leaves of its input; nothing where there is none. */
export type OutputOf<S> = S extends z.ZodType ? z.output<S> : undefined;

/** A breaker as it is shown: on a board with its circuit’s name, on a detail with its circuit. */
export interface ShownBreaker {
  breaker: Breaker;
  label?: string | null;
  circuit?: Circuit | null;
}

/**
 * One thing that can be done to the record. The route and its document, the permission, what undo calls it, what waits
 * in a browser for the server, and what that browser shows meanwhile are all made from it.
 */
export interface Command<
  Params extends z.ZodType = z.ZodType,
  Body extends z.ZodType | undefined = z.ZodType | undefined,
> {
  /** Its name for ever: what waits in a browser carries it. */
  id: string;
  method: 'post' | 'put' | 'patch' | 'delete';
  /** With `:name` for each of its parameters. */
  path: string;
  tag: string;
  summary: string;
  /** The ids of what it is about. */
  params: Params;
  body?: Body;
  /** A file of this type is sent as the body, and `body` beside it as parameters of the address. */
  upload?: string;
  /**
   * What undo calls it, and whoever waits for it.
   *
   * @param where what it is about, in words
   */
  label: (body: OutputOf<Body>, where: string) => string;
  /** Why this person may not do it; `null`: they may. */
  refuses?: (profile: Profile, body: OutputOf<Body>) => string | null;
  /** It goes by what was sent before it: never ahead of what waits. */
  inOrder?: (body: OutputOf<Body>) => boolean;
  /** The case in which it is done; `null`: in none. */
  caseOf?: (params: z.output<Params>, body: OutputOf<Body>) => string | null;
  /** The case as it will be once the server has it, for a browser that shows it before. */
  apply?: (record: CaseRecord, params: z.output<Params>, body: OutputOf<Body>) => CaseRecord;
  /** The breaker of `params.id` as it will be drawn, for a browser that shows it before. */
  draw?: (shown: ShownBreaker, body: OutputOf<Body>) => ShownBreaker;
}

/**
 * Declare a command; its functions see parameters and body as their schemas leave them.
 *
 * @param spec what is known of it
 * @returns the same, with its types
 * @example command({ id: 'write-note', method: 'post', path: '/breakers/:id/notes', … })
 */
export const command = <Params extends z.ZodType, Body extends z.ZodType | undefined = undefined>(
  spec: Command<Params, Body>,
): Command<Params, Body> => spec;
