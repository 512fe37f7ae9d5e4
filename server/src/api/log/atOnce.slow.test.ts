import { readdirSync } from 'node:fs';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import type { SiteSummary } from '@phylaxon/core/views/board';
import request from 'supertest';
import { aJpeg, aShed, callsTo, listening, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let ids: Awaited<ReturnType<typeof aShed>>;
let base: string;
let stop: () => void;

beforeEach(async () => {
  server = await testApp({ onDisk: true });
  ids = await aShed(callsTo(server.app));
  const { port, stop: end } = await listening(server.app);
  [base, stop] = [`http://127.0.0.1:${port}`, end];
});
afterEach(async () => {
  stop();
  await server.store.close();
});

/** How often each status was answered. */
const tally = (answers: readonly { status: number }[]) => {
  const counts: Record<number, number> = {};
  for (const { status } of answers) counts[status] = (counts[status] ?? 0) + 1;
  return counts;
};

test('the same picture three hundred times at once: each is kept, the file once, nothing half-written left', async () => {
  const picture = aJpeg({ width: 640, height: 480 });
  const answers = await Promise.all(
    Array.from({ length: 300 }, () =>
      request(base)
        .post(`/api/v1/breakers/${ids.breakerId}/photos`)
        .query({ at: '2026-11-20T10:00:00Z', note: 'Lug' })
        .set('Content-Type', 'image/jpeg')
        .send(picture),
    ),
  );
  expect(tally(answers)).toEqual({ 201: 300 });
  expect(readdirSync(server.photos.folder)).toHaveLength(1);
});

test('a site wiped twelve times at once is wiped once; the others are told that it is not there', async () => {
  const { body } = await request(base).get('/api/v1/sites');
  const { site } = (body.sites as SiteSummary[])[0]!;
  const answers = await Promise.all(
    Array.from({ length: 12 }, () =>
      request(base)
        .delete(`/api/v1/sites/${ids.siteId}`)
        .query({ name: site.name })
        .send({ name: site.name }),
    ),
  );
  expect(tally(answers)).toEqual({ 200: 1, 404: 11 });
});

test('one name of a change for two commands at once: one is done, the other is told', async () => {
  const change = '7f000000-0000-4000-8000-00000000c0de';
  const note = (text: string) =>
    request(base)
      .post(`/api/v1/breakers/${ids.breakerId}/notes`)
      .set('Phylaxon-Change', change)
      .send({ note: text, at: '2026-11-20T10:00:00Z' });
  const answers = await Promise.all([note('Damp'), note('Dry')]);
  expect(tally(answers)).toEqual({ 201: 1, 409: 1 });
});

test('the record looked through thirty times at once answers all alike', async () => {
  const answers = await Promise.all(
    Array.from({ length: 30 }, () => request(base).post('/api/v1/record/check').send({})),
  );
  expect(tally(answers)).toEqual({ 200: 30 });
  expect(new Set(answers.map(({ text }) => text)).size).toBe(1);
});
