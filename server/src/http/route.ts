import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import {
  ENDPOINTS,
  type EndpointInput,
  type Endpoint,
  type EndpointName,
  type EndpointAnswer,
} from '@phylaxon/core/api';
import type { z } from 'zod';
import { withUpload, type UploadedFile } from '../files/index.ts';
import { FairQueue } from '../threads/index.ts';
import type { Asker } from './asker.ts';
import { ApiError } from './errors.ts';
import { KeptJson } from './keptJson.ts';
import { sendEvents, type Send } from './streams.ts';
import * as messages from './messages.ts';

type Schema = z.ZodType;
type OutputOf<S> = S extends Schema ? z.output<S> : undefined;

/** A file sent as an answer. */
export class Download {
  constructor(
    readonly type: string,
    readonly content: Buffer | string,
    /** The name to save it under; left out, it is shown in place. */
    readonly name?: string,
    /** Further lines of its head. */
    readonly headers: Record<string, string> = {},
  ) {}
}

/** A file on the disk, sent as an answer under a name to save it under, and removed when that is done. */
export class FileDownload {
  constructor(
    readonly type: string,
    readonly path: string,
    readonly name: string,
    readonly remove: () => Promise<void>,
  ) {}
}

/** An answer with something in its head. */
export class WithHeaders {
  constructor(
    readonly headers: Record<string, string>,
    readonly content: unknown,
  ) {}
}

/** A file that is sent as the body instead of JSON. */
export interface Upload {
  types: string[];
  limitBytes: number;
  /** Too large to be held in memory: it is written to the disk, and handed on as a file. */
  toDisk?: boolean;
}

/** What was sent besides JSON, and by whom. */
export interface SentAlong {
  upload: Buffer;
  /** With `toDisk`: where it is, until the answer is given. */
  file: UploadedFile;
  /** Whoever sent it, as far as the network tells. */
  client: string;
  /** Who is signed in; null: nobody, or accounts are off. */
  asker: Asker | null;
  /** Where it was asked for: `https://host`. */
  origin: string;
  /** Aborted when the other side leaves before it has its answer. */
  signal: AbortSignal;
}

/** A route: what it takes, what it answers, and the work. The API's document is made from the same. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  /** With `:name` for parameters, which are ids. */
  path: string;
  tag: string;
  summary: string;
  /** What is asked for in the head of the request. */
  headers?: Schema;
  params?: Schema;
  query?: Schema;
  body?: Schema;
  /** Where a body may be longer than usual: so many bytes. */
  bodyLimitBytes?: number;
  upload?: Upload;
  status: 200 | 201;
  answer: Schema;
  /** Worked on without waiting for a turn: it tells how the server is, or what takes long is done elsewhere, in turns of its own. */
  isAtOnce?: boolean;
  /** The answer is a file of this type, a `Download` or a `FileDownload`. */
  file?: string;
  handle: (
    input: { headers: unknown; params: unknown; query: unknown; body: unknown } & SentAlong,
  ) => unknown;
  /** Instead of one answer a stream of events (server-sent events); returns how to stop it. */
  stream?: (input: { params: unknown; query: unknown }, send: Send) => Promise<() => void>;
}

interface RouteOf<
  P extends Schema | undefined,
  Q extends Schema | undefined,
  B extends Schema | undefined,
  A extends Schema,
  H extends Schema | undefined,
> extends Omit<Route, 'headers' | 'params' | 'query' | 'body' | 'answer' | 'handle' | 'stream' | 'file'> {
  headers?: H;
  params?: P;
  query?: Q;
  body?: B;
  answer: A;
  handle: (
    input: { headers: OutputOf<H>; params: OutputOf<P>; query: OutputOf<Q>; body: OutputOf<B> } & SentAlong,
  ) => Promise<z.input<A>> | z.input<A>;
}

/** Declare a route; its handler sees parameters, query and body as their schemas leave them. */
export function route<
  A extends Schema,
  P extends Schema | undefined = undefined,
  Q extends Schema | undefined = undefined,
  B extends Schema | undefined = undefined,
  H extends Schema | undefined = undefined,
>(spec: RouteOf<P, Q, B, A, H>): Route {
  return spec as Route;
}

interface Implementation<N extends EndpointName, H extends Schema | undefined> extends Pick<
  Route,
  'upload' | 'isAtOnce' | 'bodyLimitBytes'
> {
  headers?: H;
  handle: (
    input: EndpointInput<N> & { headers: OutputOf<H> } & SentAlong,
  ) => Promise<EndpointAnswer<N>> | EndpointAnswer<N>;
}

/** The route that answers an endpoint of the API: what it takes and answers stands in core, how it is done here. */
export function implement<N extends EndpointName, H extends Schema | undefined = undefined>(
  name: N,
  work: Implementation<N, H>,
): Route {
  const { status, ...told }: Endpoint = ENDPOINTS[name];
  const [method, path] = name.split(' ') as [string, string];
  return {
    ...told,
    ...work,
    method: method.toLowerCase() as Route['method'],
    path,
    status: status ?? 200,
  } as Route;
}

/** What reads JSON bodies: of the usual length, but for routes that ask for more. */
export function readBodies(router: Router, routes: readonly Route[], usualLimitBytes: number) {
  const reader = (limit: number) => express.json({ limit, type: 'application/json', strict: false });
  const usual = reader(usualLimitBytes);
  const larger = new Map(
    routes.flatMap(({ method, path, bodyLimitBytes }) =>
      bodyLimitBytes === undefined ? [] : [[`${method.toUpperCase()} ${path}`, reader(bodyLimitBytes)]],
    ),
  );
  router.use((request, response, next) => {
    const read = larger.get(`${request.method} ${request.path}`) ?? usual;
    read(request, response, next);
  });
}

/**
 * So many requests are worked on at the same time, those that only read apart from those that write, and so many of one
 * client’s may wait: with many at once each would wait for all of them at every step, the shortest too.
 */
const AT_WORK = 8;
const MOST_WAITING = 4000;

/**
 * Let nobody through who may not ask, before anything of what they sent is looked at.
 *
 * @param admit throws where they may not; `null`: no route is asked for
 */
export function guard(
  router: Router,
  routes: readonly Route[],
  admit: (request: Request, response: Response, route: Route | null) => Promise<void>,
) {
  for (const route of routes)
    router[route.method](route.path, async (request, response, next) => {
      await admit(request, response, route);
      response.locals.isAdmitted = true;
      next();
    });
  router.use(async (request, response, next) => {
    if (response.locals.isAdmitted !== true) await admit(request, response, null);
    next();
  });
}

/** Something that was done, for whoever writes it down. */
export interface WorkDone {
  route: Route;
  asker: Asker | null;
  params: unknown;
  body: unknown;
  result: unknown;
}

/**
 * Put routes on a router. Input is parsed before the handler runs; errors go to the error handler.
 *
 * @param onDone called once work is done, before it is answered
 */
export function mount(
  router: Router,
  routes: readonly Route[],
  onDone: (done: WorkDone) => Promise<void> = () => Promise.resolve(),
) {
  const turns = { read: new FairQueue(AT_WORK, MOST_WAITING), write: new FairQueue(AT_WORK, MOST_WAITING) };
  for (const route of routes) {
    const { method, path, headers, params, query, body, upload, status, handle, stream, isAtOnce } = route;
    const inTurn = <T>(client: string, work: () => Promise<T>): Promise<T> =>
      upload || isAtOnce ? work() : turns[method === 'get' ? 'read' : 'write'].run(client, work);
    const readers =
      upload && !upload.toDisk ? [express.raw({ type: upload.types, limit: upload.limitBytes })] : [];
    const answer: RequestHandler = async (request: Request, response: Response) => {
      if (stream) {
        const asked = { params: params?.parse(request.params), query: query?.parse(request.query) };
        return sendEvents(response, (send) => stream(asked, send));
      }
      if (body && !upload && !isJson(request)) {
        throw new ApiError(415, 'unsupported_media_type', 'Send the body as application/json.');
      }
      const input = {
        headers: headers?.parse(request.headers),
        params: params?.parse(request.params),
        query: query?.parse(request.query),
        body: upload ? undefined : body?.parse(request.body ?? {}),
        upload: upload && !upload.toDisk ? uploaded(request, upload) : Buffer.alloc(0),
        client: request.socket.remoteAddress ?? '',
        asker: (response.locals.asker as Asker | undefined) ?? null,
        origin: `${request.protocol}://${request.headers.host ?? ''}`,
        signal: leaving(response),
      };
      const work = async (file: UploadedFile) => handle({ ...input, file });
      const result = await (upload?.toDisk
        ? toDisk(request, upload, work)
        : inTurn(input.client, () => work(NO_FILE)));
      await onDone({ route, asker: input.asker, params: input.params, body: input.body, result });
      if (result instanceof WithHeaders) response.set(result.headers).status(status).json(result.content);
      else if (result instanceof Download) sendDownload(response, result);
      else if (result instanceof KeptJson) result.send(request, response);
      else if (result instanceof FileDownload) await sendFromDisk(response, result);
      else response.status(status).json(result);
    };
    router[method](path, ...readers, answer);
  }
}

const NO_FILE: UploadedFile = { path: '', folder: '' };

/** Aborted when the other side leaves before it has its answer. */
function leaving(response: Response): AbortSignal {
  const controller = new AbortController();
  response.on('close', () => response.writableEnded || controller.abort());
  return controller.signal;
}

function toDisk<T>(request: Request, upload: Upload, work: (file: UploadedFile) => T): Promise<T> {
  const type = (request.headers['content-type'] ?? '').split(';')[0]!.trim().toLowerCase();
  const isPlain = ['', 'identity'].includes(request.headers['content-encoding'] ?? '');
  if (!upload.types.includes(type) || !isPlain) throw otherType(upload);
  return withUpload(request.socket.remoteAddress ?? '', request, upload.limitBytes, async (file) =>
    work(file),
  ) as Promise<T>;
}

const isJson = (request: Request) =>
  /^application\/json\s*(;|$)/i.test(request.headers['content-type'] ?? '');

const otherType = ({ types }: Upload) =>
  new ApiError(415, 'unsupported_media_type', messages.sendTheFileUnchangedAs(types.join(' or ')));

function uploaded(request: Request, upload: Upload): Buffer {
  const content = request.body as unknown;
  if (!Buffer.isBuffer(content)) throw otherType(upload);
  return content;
}

function sendDownload(response: Response, { type, content, name, headers }: Download) {
  response.type(type);
  if (name !== undefined) response.attachment(name);
  else response.set('Cache-Control', 'private, max-age=31536000, immutable');
  response.set(headers).send(content);
}

async function sendFromDisk(response: Response, { type, path, name, remove }: FileDownload) {
  try {
    response.type(type).attachment(name).set('Cache-Control', 'no-store');
    response.set('Content-Length', String((await stat(path)).size));
    await pipeline(createReadStream(path), response);
  } catch (error) {
    // Whoever asked has left: there is nobody to tell.
    if (!response.headersSent) throw error;
  } finally {
    await remove();
  }
}
