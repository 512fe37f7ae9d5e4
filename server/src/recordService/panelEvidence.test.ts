import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { panelRow } from '../record/index.ts';
import { aShed, callsTo, testApp, undoOrRedo } from '../testing/index.ts';
import { panelEvidence, timesGathered } from './index.ts';

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

const remembered = () =>
  server.store.read(async (manager) => panelEvidence(manager, await panelRow(manager, panelId)));

/** What a panel without a revision shows is gathered from what is on record. */
async function gatheredFromTheRecord() {
  let found: Awaited<ReturnType<typeof panelEvidence>> | undefined;
  await server.store
    .write(async (manager) => {
      await manager.query('DELETE FROM panel_revision');
      found = await panelEvidence(manager, await panelRow(manager, panelId));
      throw new Error('Only to look.');
    })
    .catch((error: Error) => expect(error.message).toBe('Only to look.'));
  return found;
}

const at = '2026-11-20T10:00:00.000Z';
const current = (value: number, id = breakerId) =>
  made<{ ids: string[] }>(`/breakers/${id}/readings`, {
    readings: [{ quantity: 'current', point: 'conductor', value, at }],
  });
const openedCase = (openedAt: string) =>
  made<{ id: string }>('/cases', {
    siteId,
    panelId,
    breakerId,
    complaint: 'trips',
    openedBy: 'electrician',
    openedAt,
  });

describe('the evidence of a panel', () => {
  test('is gathered once for one logged reading, however often board, detail and case are asked for', async () => {
    const opened = await openedCase(at);
    const before = timesGathered();
    await current(17);
    for (const path of [`/panels/${panelId}`, `/breakers/${breakerId}`, `/cases/${opened.id}`])
      for (let i = 0; i < 2; i++) expect((await call('get', path)).status).toBe(200);
    expect(timesGathered() - before).toBe(1);
  });

  test('is not gathered for a note, which is no evidence; a handle is', async () => {
    await remembered();
    const before = timesGathered();
    await made(`/breakers/${breakerId}/notes`, { note: 'Behind the shelf.', at });
    expect(timesGathered()).toBe(before);
    await made(`/breakers/${breakerId}/events`, { kind: 'handle', position: 'off', at });
    expect(timesGathered()).toBe(before + 1);
  });

  test('of a breaker that a reading does not concern stays the same object, so nothing is decided anew from it', async () => {
    const { id: other } = await made<{ id: string }>(`/panels/${panelId}/breakers`, {
      ...{ space: 7, poles: 1, ratingAmps: 15 },
    });
    const of = async (id: string) => (await remembered()).evidence.find(({ breaker }) => breaker.id === id)!;
    const before = [await of(breakerId), await of(other)];
    await current(17);
    expect(await of(other)).toBe(before[1]);
    expect(await of(breakerId)).not.toBe(before[0]);
  });

  test('is what the record holds, whatever was done: nothing old is ever shown', async () => {
    const holds = async (what: string) => {
      await remembered();
      expect([what, await remembered()]).toEqual([what, await gatheredFromTheRecord()]);
    };
    const done = async (method: 'post' | 'put' | 'patch', path: string, body: object) => {
      const { status, body: answer } = await call(method, path, body);
      expect([path, answer, status < 300]).toEqual([path, answer, true]);
    };
    const version = async () => (await remembered()).records.find(({ breaker }) => breaker.id === breakerId)!;

    const { ids } = await current(17);
    await holds('a reading');
    await done('post', `/readings/${ids[0]}/strike`, { why: 'Wrong circuit.' });
    await holds('a strike');
    await undoOrRedo(call, { siteId, panelId }, 'undo');
    await holds('undo');
    await undoOrRedo(call, { siteId, panelId }, 'redo');
    await holds('redo');
    await done('post', `/breakers/${breakerId}/events`, { kind: 'trip', at, pace: 'minutes', amps: 24 });
    await holds('a trip');
    await done('post', `/breakers/${breakerId}/observations`, { test: 'smell', outcome: 'none', at });
    await holds('a look');
    const { circuit } = await version();
    await done('put', `/breakers/${breakerId}/circuit`, {
      label: 'Bench',
      conductor: { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' },
      loads: [{ name: 'Saw', volts: 120, watts: 1200 }],
      version: circuit!.version,
    });
    await holds('the circuit');
    await done('patch', `/breakers/${breakerId}`, {
      family: 'Orrin S',
      version: (await version()).breaker.version,
    });
    await holds('the breaker');
    await done('put', `/sites/${siteId}/curves`, {
      family: 'Orrin S',
      points: [
        { multiple: 1.35, fastestSeconds: 60, slowestSeconds: 900 },
        { multiple: 2, fastestSeconds: 10, slowestSeconds: 100 },
      ],
      version: 0,
    });
    await holds('a printed curve');
    await done('patch', '/settings', { afterDeadShort: 'each' });
    await holds('a policy');
    const opened = await openedCase(new Date().toISOString());
    await holds('a case that was opened');
    const confirmed = { cause: 'overload', who: 'electrician', how: 'measured' };
    const closing = { outcome: 'repaired-elsewhere', confirmed, at: new Date().toISOString() };
    await done('post', `/cases/${opened.id}/close`, closing);
    await holds('a case that was closed, and what it was');
    await made(`/panels/${panelId}/breakers`, { space: 2, poles: 1, ratingAmps: 15 });
    await holds('a neighbor');
    await done('post', `/breakers/${breakerId}/replace`, {
      ratingAmps: 20,
      version: (await version()).breaker.version,
    });
    await holds('a new part');
  });
});
