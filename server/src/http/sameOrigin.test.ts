import { describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { testApp } from '../testing/index.ts';

const { app, store } = await testApp({ hosts: ['loft.example'] });

type Headers = Record<string, string>;
const post = (headers: Headers) => request(app).post('/api/v1/sites').set(headers).send({ name: 'Shed' });
const get = (path: string, headers: Headers) => request(app).get(path).set(headers);
const siteCount = async () => (await get('/api/v1/sites', {})).body.sites.length as number;

describe('who asks for us by another name', () => {
  test.each([
    'evil.example',
    'evil.example:4620',
    'localhost.evil.example',
    '10.0.0.9',
    '',
    '[::2]:80',
    'a@localhost',
  ])('Host “%s” is refused, whatever is asked for', async (host) => {
    for (const path of ['/api/v1/sites', '/api/v1/health', '/', '/assets/x.js']) {
      const answer = await get(path, { Host: host });
      expect([answer.status, answer.body.error.code]).toEqual([403, 'foreign_host']);
    }
    expect((await post({ Host: host })).status).toBe(403);
  });

  test.each([
    'localhost',
    'LOCALHOST:4620',
    '127.0.0.1:1',
    '[::1]:4620',
    'localhost.',
    'loft.example',
    'loft.example:8080',
  ])('Host “%s” is ours', async (host) =>
    expect((await get('/api/v1/health', { Host: host })).status).toBe(200),
  );
});

describe('a page of another site', () => {
  const host = 'localhost:4620';
  test.each<[string, Headers]>([
    ['a form or a fetch', { Origin: 'http://evil.example', 'Sec-Fetch-Site': 'cross-site' }],
    ['an old browser’s', { Origin: 'http://evil.example' }],
    ['another port of this machine', { Origin: 'http://localhost:3000', 'Sec-Fetch-Site': 'same-site' }],
    ['a sandboxed frame or a file', { Origin: 'null' }],
    ['one that hides where it is', { 'Sec-Fetch-Site': 'cross-site' }],
    ['a name that only begins like ours', { Origin: 'http://localhost:46200' }],
  ])('%s changes nothing', async (_what, headers) => {
    const before = await siteCount();
    const answer = await post({ Host: host, ...headers });
    expect([answer.status, answer.body.error.code]).toEqual([403, 'foreign_page']);
    const agent = request(app);
    for (const method of ['put', 'patch', 'delete'] as const) {
      const other = await agent[method]('/api/v1/settings').set({ Host: host, ...headers });
      expect(other.status).toBe(403);
    }
    expect(await siteCount()).toBe(before);
  });

  test.each([
    ['fetch', '/api/v1/sites', { 'Sec-Fetch-Mode': 'cors', 'Sec-Fetch-Dest': 'empty' }],
    [
      'stream of events',
      '/api/v1/sites',
      { 'Sec-Fetch-Mode': 'cors', 'Sec-Fetch-Dest': 'empty', Accept: 'text/event-stream' },
    ],
    [
      'picture',
      `/api/v1/photos/${'0'.repeat(64)}`,
      { 'Sec-Fetch-Mode': 'no-cors', 'Sec-Fetch-Dest': 'image' },
    ],
    ['frame', '/', { 'Sec-Fetch-Mode': 'navigate', 'Sec-Fetch-Dest': 'iframe' }],
    ['link to a file', '/api/v1/sites', { 'Sec-Fetch-Mode': 'navigate', 'Sec-Fetch-Dest': 'document' }],
  ])('gets nothing by %s', async (_what, path, headers) => {
    const answer = await get(path, { Host: host, 'Sec-Fetch-Site': 'cross-site', ...headers });
    expect([answer.status, answer.body.error.code]).toEqual([403, 'foreign_page']);
  });

  test('a link from elsewhere to the interface is followed', async () => {
    const headers = {
      Host: host,
      'Sec-Fetch-Site': 'cross-site',
      'Sec-Fetch-Mode': 'navigate',
      'Sec-Fetch-Dest': 'document',
    };
    expect((await get('/', headers)).body.error.code).not.toBe('foreign_page');
  });

  test('our own page and programs without one are heard', async () => {
    const own = { Host: host, Origin: 'http://localhost:4620', 'Sec-Fetch-Site': 'same-origin' };
    expect((await post(own)).status).toBe(201);
    expect((await post({ Host: host, Origin: 'https://localhost:4620' })).status).toBe(201);
    expect((await post({})).status).toBe(201);
    await store.close();
  });
});
