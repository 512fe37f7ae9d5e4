import { OpenApiGeneratorV31, OpenAPIRegistry } from '@asteasolutions/zod-to-openapi';
import type { z } from 'zod';
import { errorBody } from './errors.ts';
import type { Route } from './route.ts';
import * as messages from './messages.ts';

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
        ...((body || params || query || upload) && { 400: failure(messages.invalidInputDescribedByField) }),
        ...(headers && {
          403: failure(messages.notAllowedForThisRole),
          409: failure(messages.conflictsWithTheRecord),
        }),
        ...(params && { 404: failure(messages.notFound) }),
        503: failure(messages.theDatabaseIsNotAvailableTry),
        ...(method !== 'get' && { 507: failure(messages.theDiskIsFullNothingWas) }),
        ...((body || upload) && { 413: failure(messages.tooLarge), 415: failure(messages.unsupportedType) }),
        ...(upload?.toDisk && { 429: failure(messages.otherFilesOfYoursAreStillBeing) }),
      },
    });
  }
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: '3.1.0',
    info: {
      title: 'Phylaxon',
      version: '1',
      description:
        'Breaker diagnosis. Field names carry the units: volts, amps, seconds, C (degrees Celsius). Figures from NEC 2023. Advice only: local codes and licensed practice decide.',
    },
  });
}
