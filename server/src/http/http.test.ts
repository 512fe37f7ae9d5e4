import { describe, expect, test } from '@jest/globals';
import { runs } from '@phylaxon/core/testing';
import fc from 'fast-check';
import request from 'supertest';
import { testApp } from '../testing/index.ts';

const { app } = await testApp({ demo: true });
const { body: document } = await request(app).get('/api/v1/openapi.json');
const paths = document.paths as Record<string, Record<string, { requestBody?: unknown }>>;

describe('what cannot be read is refused in one shape', () => {
  const post = (type: string | null, body: string) => {
    const call = request(app).post('/api/v1/compute/power');
    return type ? call.set('Content-Type', type).send(body) : call.send();
  };
  test.each([
    ['malformed JSON', () => post('application/json', '{"volts":'), 400, 'malformed_json'],
    ['another content type', () => post('text/plain', 'volts=120'), 415, 'unsupported_media_type'],
    ['a form', () => post('application/x-www-form-urlencoded', 'volts=120'), 415, 'unsupported_media_type'],
    ['no content type', () => post(null, ''), 415, 'unsupported_media_type'],
    ['an odd charset', () => post('application/json; charset=ebcdic', '{}'), 415, 'unsupported_media_type'],
    [
      'over 1 MB',
      () => post('application/json', JSON.stringify({ x: 'x'.repeat(1_100_000) })),
      413,
      'too_large',
    ],
    ['an empty body', () => post('application/json', ''), 400, 'invalid_input'],
    ['a list', () => post('application/json', '[1]'), 400, 'invalid_input'],
    ['null', () => post('application/json', 'null'), 400, 'invalid_input'],
    [
      'an unknown calculation',
      () => request(app).post('/api/v1/compute/magic').send({}),
      404,
      'unknown_route',
    ],
    ['an unknown route', () => request(app).get('/api/v1/nothing'), 404, 'unknown_route'],
    ['an unknown version', () => request(app).get('/api/v9/health'), 404, 'unknown_route'],
    ['a broken escape', () => request(app).get('/api/v1/panels/%E0%A4%A'), 400, 'bad_request'],
    ['an id that is none', () => request(app).get('/api/v1/panels/12'), 400, 'invalid_input'],
    [
      'an id of nothing',
      () => request(app).get('/api/v1/panels/7f000000-0000-4000-8000-000000000000'),
      404,
      'not_found',
    ],
  ] as const)('%s', async (_what, call, status, code) => {
    const answer = await call();
    expect([answer.status, answer.body.error?.code]).toEqual([status, code]);
    expect(answer.type).toBe('application/json');
    expect(answer.body.error.message).not.toBe('');
  });
});

describe('the document', () => {
  test('health answers', async () => {
    const answer = await request(app).get('/api/v1/health');
    expect([answer.status, answer.body]).toEqual([200, { status: 'ok' }]);
  });

  test('every route that is served is in it', () => {
    type Layer = { route?: { path: string; methods: Record<string, boolean> }; handle: { stack?: Layer[] } };
    // Each stands there twice: once behind the question of who asks.
    const all = (app as unknown as { router: { stack: Layer[] } }).router.stack
      .flatMap((layer) => layer.handle.stack ?? [])
      .flatMap(({ route }) =>
        route ? Object.keys(route.methods).map((method) => `${method} /api/v1${route.path}`) : [],
      );
    const served = [...new Set(all)];
    expect(all).toHaveLength(2 * served.length);
    const told = Object.entries(paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method} ${path.replace(/\{(\w+)\}/g, ':$1')}`),
    );
    expect(served.length).toBeGreaterThan(20);
    expect(told.sort()).toEqual(served.sort());
  });

  test('a body’s fields and units are told', () => {
    const sizing = JSON.stringify(paths['/api/v1/compute/sizing']);
    expect(sizing).toContain('portableReceptacles');
    expect(sizing).toContain('maxBreakerAmps');
  });
});

describe('whatever is sent, the server answers and keeps its head', () => {
  const anyId = '7f000000-0000-4000-8000-000000000000';
  const targets = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).flatMap(([method, spec]) =>
      spec.requestBody
        ? [{ method: method as 'post' | 'put' | 'patch', path: path.replace('{id}', anyId) }]
        : [],
    ),
  );

  test('random JSON to every route that takes a body: never a 500', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...targets),
        fc.jsonValue({ maxDepth: 4 }),
        async ({ method, path }, value) => {
          const agent = request(app);
          const call = { post: agent.post, put: agent.put, patch: agent.patch }[method](path);
          const answer = await call.set('Content-Type', 'application/json').send(JSON.stringify(value));
          expect(answer.status).toBeLessThan(500);
          if (answer.status >= 400) expect(typeof answer.body.error.message).toBe('string');
        },
      ),
      { numRuns: runs(60, 300) },
    );
  }, 60_000);
});
