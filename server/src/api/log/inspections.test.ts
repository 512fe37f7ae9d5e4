import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { sayInspection } from '@phylaxon/core/record/entities';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { Timeline } from '@phylaxon/core/views/timeline';
import request from 'supertest';
import { aShed, callsTo, testApp, undoOrRedo } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let siteId: string;
let panelId: string;
let breakerId: string;

beforeEach(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  ({ siteId, panelId, breakerId } = await aShed({ call, made }));
});
afterEach(() => server.store.close());

const inspected = (color: string, minute = 0) => ({
  kind: 'conductor-marking',
  found: { conductors: [{ color }], tag: '7' },
  at: new Date(Date.UTC(2026, 10, 20, 10, minute)).toISOString(),
  note: 'under the lug',
});
const log = (color: string, minute?: number) =>
  made<{ ids: [string] }>(`/breakers/${breakerId}/inspections`, inspected(color, minute));
const onDetail = async () =>
  (await call<BreakerDetail>('get', `/breakers/${breakerId}`)).body.inspections.map(
    (one) => sayInspection(one).found,
  );
const told = async (query = '') =>
  (await call<Timeline>('get', `/breakers/${breakerId}/timeline?kinds=inspections${query}`)).body;

test('what was inspected is on record: the latest on the detail, all of it in the timeline', async () => {
  await log('white');
  await log('black', 5);
  expect(await onDetail()).toEqual(['Black, tagged “7”']);
  const { entries, counts } = await told();
  expect(counts.inspections).toBe(2);
  expect(entries.map((entry) => entry.kind === 'inspections' && entry.inspection.note)).toEqual([
    'under the lug',
    'under the lug',
  ]);
  expect((await told('&text=white+lug')).entries).toHaveLength(1);
  expect((await told('&text=purple')).entries).toHaveLength(0);
});

test('it is struck and replaced, undone and done again, like any entry', async () => {
  await log('white');
  const { ids } = await log('black', 5);
  const strike = { why: 'Wrong breaker.', replacement: inspected('red', 6) };
  expect((await call('post', `/inspections/${ids[0]}/strike`, strike)).status).toBe(200);
  expect(await onDetail()).toEqual(['Red, tagged “7”']);
  await undoOrRedo(call, { siteId, panelId }, 'undo');
  expect(await onDetail()).toEqual(['Black, tagged “7”']);
  await undoOrRedo(call, { siteId, panelId }, 'redo');
  expect(await onDetail()).toEqual(['Red, tagged “7”']);
});

test('sent twice it is stored once; with other content it is refused', async () => {
  const id = '7f000000-0000-4000-8000-000000000001';
  for (let i = 0; i < 2; i++) await made(`/breakers/${breakerId}/inspections`, { ...inspected('black'), id });
  expect((await told()).counts.inspections).toBe(1);
  const other = await call('post', `/breakers/${breakerId}/inspections`, { ...inspected('red'), id });
  expect(other).toMatchObject({ status: 409, body: { error: { code: 'id_taken' } } });
});

test('a homeowner does not look behind the cover', async () => {
  const answer = await request(server.app)
    .post(`/api/v1/breakers/${breakerId}/inspections`)
    .set('Phylaxon-Profile', 'homeowner')
    .send(inspected('black'));
  expect(answer.status).toBe(403);
  expect((await told()).counts.inspections).toBe(0);
});

test('it goes with its site, struck or not, and is gone with it', async () => {
  const { ids } = await log('white');
  await log('black', 5);
  await call('post', `/inspections/${ids[0]}/strike`, { why: 'Misread.' });
  const { text } = await request(server.app).get(`/api/v1/sites/${siteId}/site.json`);
  const other = await testApp();
  await request(other.app)
    .post('/api/v1/imports?mode=new')
    .set('Content-Type', 'application/octet-stream')
    .send(text)
    .expect(201);
  const again = await request(other.app).get(`/api/v1/sites/${siteId}/site.json`);
  expect(again.text).toBe(text);
  expect((JSON.parse(text) as { inspections: unknown[] }).inspections).toHaveLength(2);
  await request(other.app).delete(`/api/v1/sites/${siteId}`).expect(200);
  const left = await other.store.read((manager) => manager.query('SELECT count(*) AS n FROM inspection'));
  expect(left).toEqual([{ n: 0 }]);
  await other.store.close();
});
