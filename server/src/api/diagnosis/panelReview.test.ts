import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { PanelReviewView } from '@phylaxon/core/views/panelReview';
import request from 'supertest';
import { aShed, callsTo, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let panelId: string;
let breakerId: string;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  ({ panelId, breakerId } = await aShed({ call, made }));
});
afterAll(() => server.store.close());

const at = '2026-11-20T10:00:00.000Z';
const review = async () => (await call<PanelReviewView>('get', `/panels/${panelId}/review`)).body;
const say = (sign: string, more = {}) =>
  made<{ ids: string[] }>(`/panels/${panelId}/entries`, { kind: 'sign', at, content: { sign, ...more } });

test('what is on record turns into evidence by itself, what a person says beside it, and struck it counts no more', async () => {
  expect((await review()).review).toMatchObject({
    verdict: 'watch',
    notLookedAt: expect.arrayContaining(['heat', 'seen']),
  });
  await made(`/breakers/${breakerId}/observations`, {
    test: 'stab-inspection',
    outcome: 'pitted-or-burnt',
    at,
  });
  expect((await review()).review).toMatchObject({ verdict: 'repair', repairs: ['stab-pitted-one'] });
  const { ids } = await say('trips-together');
  expect((await review()).review).toMatchObject({ verdict: 'settle', failingKinds: ['behaviour'] });
  await say('lugs-discoloured');
  const { review: condemned, signs } = await review();
  expect(condemned).toMatchObject({
    verdict: 'replace',
    soon: 'within-two-years',
    failingKinds: ['seen', 'behaviour'],
  });
  expect(signs.find(({ sign }) => sign === 'stab-pitted-one')).toMatchObject({
    breakerIds: [breakerId],
    entryId: null,
  });
  await call('post', `/panel-entries/${ids[0]}/strike`, { why: 'It was the storm' });
  expect((await review()).review).toMatchObject({ verdict: 'settle' });
  await say('lugs-discoloured', { found: false });
  expect((await review()).review.failingKinds).toEqual([]);
});

test('currents clamped at the main are evidence of their own kind; a homeowner may not log them', async () => {
  const entry = (a: number, b: number) => ({ kind: 'main-currents', at, content: { a, b } });
  const path = `/panels/${panelId}/entries`;
  await request(server.app)
    .post(`/api/v1${path}`)
    .set('Phylaxon-Profile', 'homeowner')
    .send(entry(38, 36))
    .expect(403);
  expect((await review()).review.notLookedAt).toContain('currents');
  const { ids } = await made<{ ids: string[] }>(path, entry(38, 36));
  const { review: seen, signs } = await review();
  expect(seen.notLookedAt).not.toContain('currents');
  expect(signs.map(({ sign }) => sign)).toContain('legs-balanced');
  await call('post', `/panel-entries/${ids[0]}/strike`, { why: 'Wrong panel' });
  expect((await review()).review.notLookedAt).toContain('currents');
});

test('the customer’s page is a PDF; a time zone nobody knows is told', async () => {
  const page = await request(server.app)
    .get(`/api/v1/panels/${panelId}/review.pdf?zone=America/Chicago`)
    .expect(200);
  expect(page.headers['content-type']).toBe('application/pdf');
  expect((page.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  await request(server.app).get(`/api/v1/panels/${panelId}/review.pdf?zone=Nowhere`).expect(400);
  await request(server.app).get('/api/v1/panels/7f1ac0de-0000-4000-8000-000000000099/review').expect(404);
});
