import { afterEach, beforeEach, expect, test } from '@jest/globals';
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

const at = '2026-11-20T10:00:00.000Z';
const reading = (value: number, more = {}) => ({
  kind: 'reading',
  breakerId,
  entry: { quantity: 'current', point: 'conductor', value, instrument: 'clamp-meter', at, ...more },
});
const trip = () => ({ kind: 'event', breakerId, entry: { kind: 'trip', afterSeconds: 480, amps: 17, at } });
const quiet = () => ({ kind: 'observation', breakerId, entry: { test: 'sound', outcome: 'quiet', at } });
const log = (...entries: object[]) => call<{ ids: string[] }>('post', `/panels/${panelId}/log`, { entries });
const count = async () => {
  const { body } = await call<Timeline>('get', `/breakers/${breakerId}/timeline`);
  return body.counts.readings + body.counts.trips + body.counts.looks;
};

/** Its load, A, and how many trips count. */
const shown = async () => {
  const { body } = await call<BreakerDetail>('get', `/breakers/${breakerId}`);
  return [body.load?.amps ?? null, body.wear.thermalTrips];
};

test('entries of several kinds are stored together, decided by, and taken back in one step', async () => {
  expect((await log(reading(14.2), trip(), quiet())).body.ids).toHaveLength(3);
  expect(await count()).toBe(3);
  const { body } = await call<BreakerDetail>('get', `/breakers/${breakerId}`);
  // ± (2% + 5 digits of 0.1 A)
  expect(body.load).toMatchObject({ amps: 14.2, errorAmps: 14.2 * 0.02 + 0.5 });
  await undoOrRedo(call, { siteId, panelId }, 'undo');
  expect(await shown()).toEqual([null, 0]);
  await undoOrRedo(call, { siteId, panelId }, 'redo');
  expect(await shown()).toEqual([14.2, 1]);
});

test('all of them or none: what is wrong is told at its place', async () => {
  const [bad, elsewhere] = [
    await log(reading(14.2), { ...trip(), entry: { kind: 'trip', at } }),
    await log(quiet(), { ...reading(9), breakerId: panelId }),
  ];
  expect(bad).toMatchObject({ status: 400, body: { error: { issues: [{ path: 'entries.1.entry.pace' }] } } });
  expect(elsewhere).toMatchObject({
    status: 400,
    body: { error: { issues: [{ path: 'entries.1.breakerId' }] } },
  });
  expect((await log()).status).toBe(400);
  expect(await count()).toBe(0);
});

test('sent twice with the same ids it is stored once; what lies behind the cover is no homeowner’s', async () => {
  const id = '0f9c1b60-6f0e-4a53-9a6e-1f3f6f1a0001';
  await log(reading(14.2, { id }));
  expect((await log(reading(14.2, { id }))).status).toBe(201);
  expect(await count()).toBe(1);
  expect((await log(reading(15, { id }))).body).toMatchObject({
    error: { code: 'id_taken', issues: [{ path: 'entries.0.entry.id' }] },
  });
  const asHomeowner = await request(server.app)
    .post(`/api/v1/panels/${panelId}/log`)
    .set('Phylaxon-Profile', 'homeowner')
    .send({ entries: [reading(12)] });
  expect(asHomeowner.status).toBe(403);
});

test('where somebody has entered the only instrument of its kind, a reading has its error', async () => {
  const clamp = (name: string, percent: number, n: number) => ({
    id: `0f9c1b60-6f0e-4a53-9a6e-1f3f6f1a000${n}`,
    name,
    kind: 'clamp-meter',
    percent,
    digits: 3,
    least: 0,
  });
  const own = async (...instruments: object[]) =>
    expect((await call('patch', '/settings', { instruments })).status).toBe(200);
  const errorOf = async (value: number) => {
    await log(reading(value));
    return (await call<BreakerDetail>('get', `/breakers/${breakerId}`)).body.load!.errorAmps;
  };
  await own(clamp('The good one', 1, 1));
  expect(await errorOf(10)).toBeCloseTo(0.1 + 0.3, 9);
  // Of two nobody knows which.
  await own(clamp('The good one', 1, 1), clamp('The old one', 3, 2));
  expect(await errorOf(11)).toBeCloseTo(0.22 + 0.5, 9);
  expect((await call('patch', '/settings', { instruments: [{ ...clamp('x', 99, 1) }] })).status).toBe(400);
});
