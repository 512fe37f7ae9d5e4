import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, beforeEach, expect, test } from '@jest/globals';
import { packHeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { PanelLog } from '@phylaxon/core/record/panelEntries';
import type { Planning } from '@phylaxon/core/views/planning';
import { packRecording } from '@phylaxon/core/record/recordings';
import request from 'supertest';
import { aJpeg, aShed, bytesOf, callsTo, testApp, undoOrRedo } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let siteId: string;
let panelId: string;
let breakerId: string;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
});
beforeEach(async () => {
  amps += 1;
  ({ siteId, panelId, breakerId } = await aShed({ call, made }));
});
afterAll(() => server.store.close());

const at = '2026-11-20T10:00:00.000Z';
/** Another one for each test: what two sites share stays when one of them is wiped. */
let amps = 18;
const aRecording = () =>
  gzipSync(
    packRecording({
      times: Float64Array.from({ length: 1800 }, (_, i) => Date.parse(at) + i * 1000),
      channels: [
        { quantity: 'current', values: Float32Array.from({ length: 1800 }, (_, i) => (i < 900 ? 4 : amps)) },
      ],
    }),
  );
const aMatrix = () =>
  gzipSync(
    packHeatMatrix({ width: 4, height: 3, celsius: Float32Array.from({ length: 12 }, (_, i) => 20 + i) }),
  );

const keep = (kind: string, content: Buffer) =>
  request(server.app)
    .post(`/api/v1/attachments?kind=${kind}`)
    .set('Content-Type', 'application/octet-stream')
    .send(content);
const kept = async (kind: string, content: Buffer) =>
  ((await keep(kind, content).expect(201)).body as { sha256: string }).sha256;

const channel = (more = {}) => ({
  name: 'I1',
  quantity: 'current',
  at: { kind: 'breaker', breakerId },
  ...more,
});
const log = (entry: object) =>
  call<{ ids: string[] }>('post', `/panels/${panelId}/entries`, { at, ...entry });
const listed = async () => (await call<PanelLog>('get', `/panels/${panelId}/entries`)).body.entries;
const wholeSite = () => bytesOf(server.app, `/sites/${siteId}/site.zip`);

test('a recording is kept once, told of without being opened, and read back byte by byte', async () => {
  const sha256 = await kept('recording', aRecording());
  expect(await kept('recording', aRecording())).toBe(sha256);
  expect((await log({ kind: 'recording', content: { channels: [channel()] }, sha256 })).status).toBe(201);
  const [shown] = await listed();
  expect(shown!.entry).toMatchObject({ kind: 'recording', sha256, struck: null, who: 'electrician' });
  expect(shown!.about).toMatchObject({
    samples: 1800,
    intervalMs: 1000,
    channels: [{ quarterHour: { mean: amps }, spread: { least: 4, mean: (4 + amps) / 2, most: amps } }],
  });
  const { body } = await request(server.app).get(`/api/v1/attachments/${sha256}`).expect(200);
  expect((body as Buffer).equals(aRecording())).toBe(true);
});

test('struck, undone and done again like any entry', async () => {
  const sign = { kind: 'sign', content: { sign: 'steady-hum' } };
  const { ids } = (await log(sign)).body;
  await undoOrRedo(call, { siteId, panelId }, 'undo');
  expect((await listed()).filter(({ entry }) => entry.struck === null)).toEqual([]);
  await undoOrRedo(call, { siteId, panelId }, 'redo');
  const again = (await listed()).find(({ entry }) => entry.struck === null)!;
  expect(again.entry.id).not.toBe(ids[0]);
  await call('post', `/panel-entries/${again.entry.id}/strike`, { why: 'It was the transformer' });
  expect((await listed()).every(({ entry }) => entry.struck !== null)).toBe(true);
});

test('goes out with the site and comes in with it; without the zip it does not', async () => {
  const recording = await kept('recording', aRecording());
  const matrix = await kept('heat-matrix', aMatrix());
  const photo = await kept('photo', aJpeg());
  await log({ kind: 'recording', content: { channels: [channel()] }, sha256: recording });
  await log({ kind: 'heat-picture', content: { ambientC: 21 }, sha256: matrix });
  await log({ kind: 'board-photo', content: {}, sha256: photo });
  await log({
    kind: 'proposal',
    content: {
      title: 'Kiln',
      poles: 1,
      ratingAmps: 30,
      place: { space: 3 },
      steps: [{ breakerId, to: { space: 5 }, as: 'move' }],
    },
  });
  await log({ kind: 'service-sheet', content: { serviceAmps: 60, floorAreaFt2: 400 } });
  const before = await listed();
  const zip = await wholeSite();
  const bare = (await request(server.app).get(`/api/v1/sites/${siteId}/site.json`).expect(200)).text;
  await call('delete', `/sites/${siteId}`);
  expect((await request(server.app).get(`/api/v1/attachments/${recording}`)).status).toBe(404);
  const send = (content: Buffer | string) =>
    request(server.app)
      .post('/api/v1/imports?mode=new')
      .set('Content-Type', 'application/octet-stream')
      .send(content);
  const refused = await send(bare);
  expect(refused.status).toBe(400);
  expect(refused.text).toContain('is not in the file. Import the zip');
  await send(zip).expect(201);
  expect(await listed()).toEqual(before);
  expect((await wholeSite()).equals(zip)).toBe(true);
  // A copy has breakers of its own, and its recording is clipped to them.
  const copy = await request(server.app)
    .post('/api/v1/imports?mode=copy')
    .set('Content-Type', 'application/octet-stream')
    .send(zip)
    .expect(201);
  expect(copy.body.siteId).not.toBe(siteId);
  // What is planned in a copy is about the copy’s own breakers.
  const { body } = await call<Planning>('get', `/sites/${copy.body.siteId as string}/planning`);
  const [copied] = body.panels;
  const planned = copied!.proposals.find(({ content }) => content.title === 'Kiln')!;
  expect(copied!.breakers.map(({ breaker }) => breaker.id)).toContain(planned.content.steps[0]!.breakerId);
  expect(planned.content.steps[0]!.breakerId).not.toBe(breakerId);
  expect(copied!.sheet!.content.serviceAmps).toBe(60);
});

test.each([
  ['no attachment', () => ({ kind: 'recording', content: { channels: [channel()] } }), 'sha256'],
  [
    'one that is not here',
    () => ({ kind: 'recording', content: { channels: [channel()] }, sha256: 'a'.repeat(64) }),
    'sha256',
  ],
  [
    'one where none belongs',
    () => ({ kind: 'sign', content: { sign: 'damp' }, sha256: 'a'.repeat(64) }),
    'sha256',
  ],
  ['a sign nobody knows', () => ({ kind: 'sign', content: { sign: 'haunted' } }), 'content.sign'],
  ['a time that is none', () => ({ kind: 'sign', content: { sign: 'damp' }, at: 'noon' }), 'at'],
])('refused: %s', async (_what, entry, path) => {
  const { status, body } = await log(entry());
  expect(status).toBe(400);
  expect(JSON.stringify(body)).toContain(`"path":"${path}"`);
  expect(await listed()).toEqual([]);
});

test('channels are those of the recording, clipped to breakers of this panel', async () => {
  const sha256 = await kept('recording', aRecording());
  const tried = async (channels: object[]) =>
    JSON.stringify((await log({ kind: 'recording', content: { channels }, sha256 })).body);
  expect(await tried([channel({ quantity: 'voltage' })])).toContain('content.channels');
  expect(await tried([channel(), channel()])).toContain('content.channels');
  const other = { kind: 'breaker', breakerId: '7f1ac0de-0000-4000-8000-000000000099' };
  expect(await tried([channel({ at: other })])).toContain('content.channels.0.at.breakerId');
});

test.each([
  ['recording', Buffer.from('no gzip')],
  ['recording', gzipSync(Buffer.from('something else'))],
  ['recording', aRecording().subarray(0, aRecording().length >> 1)],
  ['recording', gzipSync(Buffer.alloc(90_000_000))],
  ['heat-matrix', aRecording()],
  ['photo', aMatrix()],
  ['recording', Buffer.alloc(0)],
])('an attachment that is none is refused: %s', async (kind, content) => {
  const { status, body } = await keep(kind, content);
  expect([400, 413]).toContain(status);
  expect((body as { error: { message: string } }).error.message).toMatch(/^[A-Z].+\.$/);
});

test('a homeowner may hear and look, not measure behind the cover', async () => {
  const as = (entry: object) =>
    request(server.app)
      .post(`/api/v1/panels/${panelId}/entries`)
      .set('Phylaxon-Profile', 'homeowner')
      .send({ at, ...entry });
  await as({ kind: 'sign', content: { sign: 'sizzle-under-load' } }).expect(201);
  await as({ kind: 'sign', content: { sign: 'stabs-pitted-several' } }).expect(403);
  const sha256 = await kept('heat-matrix', aMatrix());
  await as({ kind: 'heat-picture', content: { ambientC: 21 }, sha256 }).expect(403);
});

test('a trip keeps the hour before it', async () => {
  const history = [
    { amps: 12, seconds: 3000 },
    { amps: 26, seconds: 480 },
  ];
  await made(`/breakers/${breakerId}/events`, { kind: 'trip', at, afterSeconds: 480, amps: 26, history });
  const { body } = await call<{ entries: { event: { history: unknown } }[] }>(
    'get',
    `/breakers/${breakerId}/timeline`,
  );
  expect(body.entries.find(({ event }) => event !== undefined)!.event.history).toEqual(history);
  const zip = await wholeSite();
  await call('delete', `/sites/${siteId}`);
  await request(server.app)
    .post('/api/v1/imports?mode=new')
    .set('Content-Type', 'application/octet-stream')
    .send(zip)
    .expect(201);
  expect((await wholeSite()).equals(zip)).toBe(true);
});
