import { z } from 'zod';
import { Refusal } from '../errors/index.ts';
import { ApiError } from './errors.ts';
import type { Route } from './route.ts';
import * as messages from './messages.ts';

/** So many streams go over one connection. */
const MOST_TOGETHER = 32;

const together = z.object({
  of: z
    .union([z.string().max(200), z.array(z.string().max(200)).max(MOST_TOGETHER)])
    .transform((of) => [...new Set([of].flat())])
    .describe('Stream addresses without the API prefix: /live, /panels/:id/changes'),
});

/** The ids in an address, by the names they have in the path of a route; null: it is of another route. */
function idsIn(address: string, path: string): Record<string, string> | null {
  const [parts, names] = [address.split('/'), path.split('/')];
  if (parts.length !== names.length) return null;
  const ids: Record<string, string> = {};
  for (const [i, name] of names.entries()) {
    if (name.startsWith(':')) ids[name.slice(1)] = parts[i]!;
    else if (name !== parts[i]) return null;
  }
  return ids;
}

const isMissing = (problem: unknown) => problem instanceof Refusal && problem.kind === 'missing';

/** Several streams over one connection: a browser opens only six to one server. */
export function manyStreamsRoute(routes: readonly Route[]): Route {
  const starting = (address: string) => {
    for (const { path, params, stream } of routes) {
      const ids = stream && idsIn(address, path);
      if (stream && ids) return { stream, params: params ? params.parse(ids) : undefined };
    }
    throw new ApiError(400, 'invalid_input', messages.thereIsNoSuchStream, [
      { path: 'of', message: messages.thereIsNoStreamAt(address) },
    ]);
  };
  return {
    method: 'get',
    path: '/streams',
    tag: 'server',
    summary:
      'Several event streams as one: each event name is the stream’s address, a space, and the event’s own name',
    query: together,
    status: 200,
    answer: z.string(),
    handle: () => undefined,
    stream: async ({ query }, send) => {
      const { of } = query as z.output<typeof together>;
      const found = of.map((address) => ({ address, ...starting(address) }));
      const started = await Promise.allSettled(
        found.map(({ address, stream, params }) =>
          stream({ params, query: undefined }, (event, data) => send(`${address} ${event}`, data)),
        ),
      );
      const stop = () => started.forEach((one) => one.status === 'fulfilled' && one.value());
      // What one of them is about may be gone by now: that is no reason to be silent about the others.
      const failed = started.find((one) => one.status === 'rejected' && !isMissing(one.reason));
      if (failed) {
        stop();
        throw (failed as PromiseRejectedResult).reason;
      }
      return stop;
    },
  };
}
