import type { Request, Response, Router } from 'express';
import type { z } from 'zod';
import { ApiError } from './errors.ts';

type Schema = z.ZodType;
type OutputOf<S> = S extends Schema ? z.output<S> : undefined;

/** A route: what it takes, what it answers, and the work. The API's document is made from the same. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  /** With `:name` for parameters, which are ids. */
  path: string;
  tag: string;
  summary: string;
  params?: Schema;
  body?: Schema;
  status: 200 | 201;
  answer: Schema;
  handle: (input: { params: unknown; body: unknown }) => unknown;
  /** Instead of one answer a stream of events (server-sent events); returns how to stop it. */
  stream?: (params: unknown, send: (event: string) => void) => Promise<() => void>;
}

interface RouteOf<P extends Schema | undefined, B extends Schema | undefined, A extends Schema> extends Omit<
  Route,
  'params' | 'body' | 'answer' | 'handle' | 'stream'
> {
  params?: P;
  body?: B;
  answer: A;
  handle: (input: { params: OutputOf<P>; body: OutputOf<B> }) => Promise<z.input<A>> | z.input<A>;
}

/** Declare a route; its handler sees parameters and body as their schemas leave them. */
export function route<
  A extends Schema,
  P extends Schema | undefined = undefined,
  B extends Schema | undefined = undefined,
>(spec: RouteOf<P, B, A>): Route {
  return spec as Route;
}

/** Put routes on a router. Input is parsed before the handler runs; errors go to the error handler. */
export function mount(router: Router, routes: readonly Route[]) {
  for (const { method, path, params, body, status, handle, stream } of routes) {
    router[method](path, async (request: Request, response: Response) => {
      if (stream) return sendEvents(response, (send) => stream(params?.parse(request.params), send));
      if (body && !isJson(request)) {
        throw new ApiError(415, 'unsupported_media_type', 'Send the body as application/json.');
      }
      const input = { params: params?.parse(request.params), body: body?.parse(request.body ?? {}) };
      response.status(status).json(await handle(input));
    });
  }
}

const isJson = (request: Request) =>
  /^application\/json\s*(;|$)/i.test(request.headers['content-type'] ?? '');

/** Silence for longer than this makes proxies and browsers give up. */
const HEARTBEAT_MS = 20_000;

/** Open a stream of server-sent events, kept open until the other side leaves. */
async function sendEvents(
  response: Response,
  start: (send: (event: string) => void) => Promise<() => void>,
): Promise<void> {
  // Whoever listens asks for everything once the stream is open, so nothing before counts.
  const stop = await start(
    (event) => response.headersSent && response.write(`event: ${event}\ndata: {}\n\n`),
  );
  if (response.destroyed) return stop();
  response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
  response.write('retry: 1000\n\n');
  const heartbeat = setInterval(() => response.write(': still here\n\n'), HEARTBEAT_MS);
  response.on('close', () => {
    clearInterval(heartbeat);
    stop();
  });
}
