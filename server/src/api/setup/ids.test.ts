import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Express } from 'express';
import request from 'supertest';
import { testApp } from '../../testing/index.ts';

let app: Express;
let breakers: string[];

const at = '2026-11-20T10:00:00Z';
const post = async (path: string, body: object) => {
  const answer = await request(app).post(`/api/v1${path}`).send(body);
  return { status: answer.status, body: answer.body, code: answer.body.error?.code as string | undefined };
};

beforeEach(async () => {
  ({ app } = await testApp());
  const site = (await post('/sites', { name: 'Shed' })).body.id;
  const panel = (await post(`/sites/${site}/panels`, { name: 'P', spaces: 8, mainAmps: 60 })).body.id;
  breakers = [];
  for (const space of [1, 2])
    breakers.push((await post(`/panels/${panel}/breakers`, { space, poles: 1, ratingAmps: 20 })).body.id);
});

/** One entry of each kind, under an id. */
const ENTRIES: Record<string, (id: string, change?: object) => object> = {
  readings: (id, change) => ({
    readings: [{ id, quantity: 'voltage', point: 'outlet', value: 119, at, ...change }],
  }),
  events: (id, change) => ({ id, kind: 'trip', pace: 'minutes', at, connected: ['Press'], ...change }),
  observations: (id, change) => ({ id, test: 'sound', outcome: 'quiet', at, ...change }),
  notes: (id, change) => ({ id, note: 'Looked at it.', at, ...change }),
};
const KINDS = Object.keys(ENTRIES);
const send = (kind: string, id: string, change?: object, breaker = breakers[0]) =>
  post(`/breakers/${breaker}/${kind}`, ENTRIES[kind]!(id, change));
const CHANGED: Record<string, object> = {
  readings: { value: 120 },
  events: { pace: 'seconds' },
  observations: { outcome: 'steady-hum' },
  notes: { note: 'Looked twice.' },
};
const entryCount = async () =>
  (await request(app).get(`/api/v1/breakers/${breakers[0]}/timeline`)).body.entries.length;

describe.each(KINDS)('an id that is on record, sent again with %s', (kind) => {
  test('is stored once if it says the same, in whatever letters', async () => {
    const id = randomUUID();
    expect((await send(kind, id)).status).toBe(201);
    const before = await entryCount();
    for (const again of [id, id.toUpperCase()]) {
      const { status, body } = await send(kind, again);
      expect([status, body.ids]).toEqual([201, [id]]);
    }
    expect(await entryCount()).toBe(before);
  });

  test('is refused if it says something else, is of another breaker or of another kind', async () => {
    const id = randomUUID();
    await send(kind, id);
    const before = await entryCount();
    expect(await send(kind, id.toUpperCase(), CHANGED[kind])).toMatchObject({
      status: 409,
      code: 'id_taken',
    });
    expect(await send(kind, id, {}, breakers[1])).toMatchObject({ status: 409, code: 'id_taken' });
    for (const other of KINDS.filter((one) => one !== kind))
      expect(await send(other, id)).toMatchObject({ status: 409, code: 'id_taken' });
    expect(await entryCount()).toBe(before);
  });
});

test('two entries of one id in a request are bad input, told at the second; nothing is stored', async () => {
  const id = randomUUID();
  const reading = { quantity: 'voltage', point: 'outlet', value: 119, at };
  const readings = [{ ...reading, id }, reading, { ...reading, id: id.toUpperCase() }];
  const answer = await post(`/breakers/${breakers[0]}/readings`, { readings });
  expect([answer.status, answer.body.error.issues[0].path]).toEqual([400, 'readings.2.id']);
  expect((await request(app).get(`/api/v1/breakers/${breakers[0]}`)).body.readings ?? []).toEqual([]);
});

test('an answer in a case keeps to the same rule', async () => {
  const siteId = (await request(app).get('/api/v1/sites')).body.sites[0].site.id;
  const opened = { siteId, complaint: 'dead', openedBy: 'homeowner', openedAt: at };
  const caseId = randomUUID();
  expect((await post('/cases', { id: caseId, ...opened })).status).toBe(201);
  expect((await post('/cases', { id: caseId.toUpperCase(), ...opened })).status).toBe(201);
  expect((await post('/cases', { id: caseId, ...opened, complaint: 'trips' })).code).toBe('id_taken');
  const id = randomUUID();
  const answer = { id, test: 'sound', outcome: 'quiet', at };
  const answers = (list: object[]) => post(`/cases/${caseId}/answers`, { answers: list });
  expect((await answers([answer, { ...answer }])).body.error.issues[0].path).toBe('answers.1.id');
  expect((await answers([answer])).status).toBe(201);
  expect((await answers([answer])).body.answers).toHaveLength(1);
  expect((await answers([{ ...answer, outcome: 'steady-hum' }])).code).toBe('id_taken');
  const noted = randomUUID();
  await send('notes', noted);
  expect((await answers([{ ...answer, id: noted }])).code).toBe('id_taken');
});

test('a strike that is sent twice is one; another strike of the same entry is refused', async () => {
  const id = randomUUID();
  await send('notes', id);
  const strike = { why: 'wrong', replacement: { id: randomUUID(), note: 'Looked again.', at } };
  const statuses = [];
  for (const body of [strike, strike, { why: 'wrong' }, { ...strike, why: 'twice' }])
    statuses.push((await post(`/notes/${id}/strike`, body)).status);
  expect(statuses).toEqual([200, 200, 409, 409]);
});

test('a struck entry is not replaced by itself', async () => {
  const id = randomUUID();
  await send('notes', id);
  const answer = await post(`/notes/${id}/strike`, {
    why: 'wrong',
    replacement: { id, note: 'Looked at it.', at },
  });
  expect([answer.status, answer.body.error.issues[0].path]).toEqual([400, 'replacement.id']);
});

test.each([
  ['patch', (b: string) => `/breakers/${b}`, { ratingAmps: 15 }],
  ['post', (b: string) => `/breakers/${b}/move`, { space: 5 }],
  ['post', (b: string) => `/breakers/${b}/tie`, { with: null }],
  ['post', (b: string) => `/breakers/${b}/replace`, { ratingAmps: 20 }],
  ['put', (b: string) => `/breakers/${b}/circuit`, { label: 'Bench' }],
] as const)('an edit by %s needs the version it was made from', async (method, path, body) => {
  await request(app).put(`/api/v1/breakers/${breakers[0]}/circuit`).send({ label: 'Bench' }).expect(200);
  const agent = request(app);
  const edit = (more: object) => agent[method](`/api/v1${path(breakers[0]!)}`).send({ ...body, ...more });
  const { status, body: answer } = await edit({});
  expect([status, answer.error.issues[0].path]).toEqual([400, 'version']);
  expect((await edit({ version: 7 })).body.error.code).toBe('changed_meanwhile');
});
