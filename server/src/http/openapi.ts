import { OpenApiGeneratorV31, OpenAPIRegistry } from '@asteasolutions/zod-to-openapi';
import type { z } from 'zod';
import { errorBody } from './errors.ts';
import type { Route } from './route.ts';

const BYTES = { type: 'string' as const, format: 'binary' };
const json = (schema: z.ZodType) => ({ 'application/json': { schema } });

/** The API's document, made from the routes themselves. */
export function openApiDocument(routes: readonly Route[], prefix: string) {
  const registry = new OpenAPIRegistry();
  const failure = (description: string) => ({ description, content: json(errorBody) });
  for (const {
    method,
    path,
    tag,
    summary,
    headers,
    params,
    query,
    body,
    upload,
    status,
    answer,
    file,
    stream,
  } of routes) {
    registry.registerPath({
      method,
      path: prefix + path.replace(/:(\w+)/g, '{$1}'),
      tags: [tag],
      summary,
      request: {
        ...(headers && { headers: headers as z.ZodObject }),
        ...(params && { params: params as z.ZodObject }),
        ...(query && { query: query as z.ZodObject }),
        ...(body && { body: { required: true, content: json(body) } }),
        ...(upload && {
          body: {
            required: true,
            content: Object.fromEntries(upload.types.map((type) => [type, { schema: BYTES }])),
          },
        }),
      },
      responses: {
        [status]: stream
          ? {
              description: 'A stream of server-sent events.',
              content: { 'text/event-stream': { schema: answer } },
            }
          : file
            ? { description: 'A file.', content: { [file]: { schema: BYTES } } }
            : { description: 'Done.', content: json(answer) },
        ...((body || params || query || upload) && { 400: failure('Bad input, told by field.') }),
        ...(headers && {
          403: failure('Not for whoever is at work.'),
          409: failure('What is on record stands against it.'),
        }),
        ...(params && { 404: failure('No such thing.') }),
        503: failure('The record cannot be reached or written just now.'),
        ...(method !== 'get' && { 507: failure('The disk is full; nothing was stored.') }),
        ...((body || upload) && { 413: failure('Too large.'), 415: failure('Of another type.') }),
        ...(upload?.toDisk && { 429: failure('Other files of yours are still being read.') }),
      },
    });
  }
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: '3.1.0',
    info: {
      title: 'Phylaxon',
      version: '1',
      description:
        'Breaker diagnosis. Units stand in the names: volts, amps, seconds, C (degrees Celsius). Figures of NEC 2023. Advice only: the local code and licensed practice decide.',
    },
  });
}
