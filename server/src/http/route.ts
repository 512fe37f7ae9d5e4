import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import type { z } from 'zod';
import { ApiError } from './errors.ts';

type Schema = z.ZodType;
type OutputOf<S> = S extends Schema ? z.output<S> : undefined;

/** A file sent as an answer. */
export class Download {
  constructor(
    readonly type: string,
    readonly content: Buffer | string,
    /** The name to save it under; left out, it is shown in place. */
    readonly name?: string,
  ) {}
}

/** A file that is sent as the body instead of JSON. */
export interface Upload {
  types: string[];
  limitBytes: number;
}

/** A route: what it takes, what it answers, and the work. The API's document is made from the same. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  /** With `:name` for parameters, which are ids. */
  path: string;
  tag: string;
  summary: string;
  params?: Schema;
  query?: Schema;
  body?: Schema;
  upload?: Upload;
  status: 200 | 201;
  answer: Schema;
  /** The answer is a file of this type, a `Download`. */
  file?: string;
  handle: (input: { params: unknown; query: unknown; body: unknown; upload: Buffer }) => unknown;
  /** Instead of one answer a stream of events (server-sent events); returns how to stop it. */
  stream?: (params: unknown, send: (event: string) => void) => Promise<() => void>;
}

interface RouteOf<
  P extends Schema | undefined,
  Q extends Schema | undefined,
  B extends Schema | undefined,
  A extends Schema,
> extends Omit<Route, 'params' | 'query' | 'body' | 'answer' | 'handle' | 'stream' | 'file'> {
  params?: P;
  query?: Q;
  body?: B;
  answer: A;
  handle: (input: {
    params: OutputOf<P>;
    query: OutputOf<Q>;
    body: OutputOf<B>;
    upload: Buffer;
  }) => Promise<z.input<A>> | z.input<A>;
}

/** Declare a route; its handler sees parameters, query and body as their schemas leave them. */
export function route<
  A extends Schema,
  P extends Schema | undefined = undefined,
  Q extends Schema | undefined = undefined,
  B extends Schema | undefined = undefined,
>(spec: RouteOf<P, Q, B, A>): Route {
  return spec as Route;
}

/** Put routes on a router. Input is parsed before the handler runs; errors go to the error handler. */
export function mount(router: Router, routes: readonly Route[]) {
  for (const { method, path, params, query, body, upload, status, handle, stream } of routes) {
    const readers = upload ? [express.raw({ type: upload.types, limit: upload.limitBytes })] : [];
    const answer: RequestHandler = async (request: Request, response: Response) => {
      if (stream) return sendEvents(response, (send) => stream(params?.parse(request.params), send));
      if (body && !upload && !isJson(request)) {
        throw new ApiError(415, 'unsupported_media_type', 'Send the body as application/json.');
      }
      const result = await handle({
        params: params?.parse(request.params),
        query: query?.parse(request.query),
        body: upload ? undefined : body?.parse(request.body ?? {}),
        upload: upload ? uploaded(request, upload) : Buffer.alloc(0),
      });
      if (result instanceof Download) sendFile(response, result);
      else response.status(status).json(result);
    };
    router[method](path, ...readers, answer);
  }
}

const isJson = (request: Request) =>
  /^application\/json\s*(;|$)/i.test(request.headers['content-type'] ?? '');

function uploaded(request: Request, { types }: Upload): Buffer {
  const content = request.body as unknown;
  if (!Buffer.isBuffer(content)) {
    throw new ApiError(415, 'unsupported_media_type', `Send the file as ${types.join(' or ')}.`);
  }
  return content;
}

function sendFile(response: Response, { type, content, name }: Download) {
  response.type(type);
  if (name !== undefined) response.attachment(name);
  else response.set('Cache-Control', 'private, max-age=31536000, immutable');
  response.send(content);
}

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
