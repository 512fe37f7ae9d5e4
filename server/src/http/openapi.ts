import { OpenApiGeneratorV31, OpenAPIRegistry } from '@asteasolutions/zod-to-openapi';
import type { z } from 'zod';
import { errorBody } from './errors.ts';
import type { Route } from './route.ts';

const json = (schema: z.ZodType) => ({ 'application/json': { schema } });

/** The API's document, made from the routes themselves. */
export function openApiDocument(routes: readonly Route[], prefix: string) {
  const registry = new OpenAPIRegistry();
  const failure = (description: string) => ({ description, content: json(errorBody) });
  for (const { method, path, tag, summary, params, body, status, answer, stream } of routes) {
    registry.registerPath({
      method,
      path: prefix + path.replace(/:(\w+)/g, '{$1}'),
      tags: [tag],
      summary,
      request: {
        ...(params && { params: params as z.ZodObject }),
        ...(body && { body: { required: true, content: json(body) } }),
      },
      responses: {
        [status]: stream
          ? {
              description: 'A stream of server-sent events.',
              content: { 'text/event-stream': { schema: answer } },
            }
          : { description: 'Done.', content: json(answer) },
        ...((body || params) && { 400: failure('Bad input, told by field.') }),
        ...(params && { 404: failure('No such thing.') }),
        ...(body && { 413: failure('Over 1 MB.'), 415: failure('Not JSON.') }),
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
