import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import type { Express } from 'express';
import request from 'supertest';
import { currentVersion, testApp } from '../../testing/index.ts';

let app: Express;
let siteId: string;
let panelId: string;
let breakerId: string;

type Method = 'post' | 'put' | 'patch' | 'delete' | 'get';
const call = async (method: Method, path: string, body: object = {}, status = 200) => {
  const asked = request(app)[method](`/api/v1${path}`);
  const answer = await (method === 'get' ? asked : asked.send(body));
  expect([answer.status, status < 300 ? answer.body.error : undefined]).toEqual([status, undefined]);
  return answer.body;
};
const detail = (): Promise<BreakerDetail> => call('get', `/breakers/${breakerId}`);
const event = (body: object, status = 201) => call('post', `/breakers/${breakerId}/events`, body, status);
const points = [
  { multiple: 2, fastestSeconds: 60, slowestSeconds: 110 },
  { multiple: 1.3, fastestSeconds: 400, slowestSeconds: null },
  { multiple: 3, fastestSeconds: 20, slowestSeconds: 42 },
];

beforeEach(async () => {
  ({ app } = await testApp());
  siteId = (await call('post', '/sites', { name: 'Boat shed' }, 201)).id;
  panelId = (await call('post', `/sites/${siteId}/panels`, { name: 'Panel', spaces: 8, mainAmps: 60 }, 201))
    .id;
  breakerId = (
    await call(
      'post',
      `/panels/${panelId}/breakers`,
      { space: 1, poles: 1, ratingAmps: 20, family: 'Orrin S' },
      201,
    )
  ).id;
});

describe('a time that it held', () => {
  test('is logged, told as a measurement, and leaves the handle on', async () => {
    await event({ kind: 'no-trip', at: '2026-11-20T10:00:00Z', amps: 18, afterSeconds: 5400 });
    const { trials, handle, wear } = await detail();
    expect(handle).toBe('on');
    expect(trials).toMatchObject([{ outcome: 'held', amps: 18, seconds: 5400, tells: 'consistent' }]);
    expect(wear.operations).toBe(0);
    const timeline = await call('get', `/breakers/${breakerId}/timeline?kinds=trips`);
    expect(timeline.entries).toMatchObject([{ kind: 'trips', event: { kind: 'no-trip' } }]);
    expect(timeline.counts).toMatchObject({ trips: 1, resets: 0 });
  });

  test.each([
    [{ afterSeconds: 60 }, 'amps'],
    [{ amps: 18 }, 'afterSeconds'],
    [{ amps: -1, afterSeconds: 60 }, 'amps'],
    [{ amps: 18, afterSeconds: 60, pace: 'minutes' }, ''],
  ])('%j is refused', async (body, path) => {
    const { error } = await event({ kind: 'no-trip', at: '2026-11-20T10:00:00Z', ...body }, 400);
    expect(error.issues[0].path).toBe(path);
    expect((await detail()).trials).toEqual([]);
  });
});

describe('cooling down', () => {
  const trip = { kind: 'trip', at: '2026-11-20T10:00:00Z', afterSeconds: 600, amps: 26 };

  test('runs from a trip by heat until a reset, by the slowest sound breaker and by its own record', async () => {
    await event(trip);
    const { coolDown } = await detail();
    expect(coolDown!.since).toBe('2026-11-20T10:00:00.000Z');
    expect(coolDown!.slowest.latches).toBeCloseTo(56.8, 0);
    expect(coolDown!.own!.forgotten).toBeGreaterThan(coolDown!.own!.latches);
    await event({ kind: 'reset', at: '2026-11-20T10:20:00Z', feel: 'clean-clicks', result: 'holds' });
    expect((await detail()).coolDown).toBeNull();
  });

  test('a snap at once heats nothing', async () => {
    await event({ kind: 'trip', at: '2026-11-20T10:00:00Z', pace: 'at-once' });
    expect((await detail()).coolDown).toBeNull();
  });
});

describe('the printed curve of a family', () => {
  const set = (body: object, status = 200) => call('put', `/sites/${siteId}/curves`, body, status);

  test('bears on every breaker of that family, and on its decision; undo takes it back', async () => {
    await event({ kind: 'trip', at: '2026-11-20T10:00:00Z', afterSeconds: 30, amps: 40 });
    expect((await detail()).trials[0]!.tells).toBe('consistent');
    const curve = await set({ family: 'orrin s', points });
    expect(curve.points.map((p: { multiple: number }) => p.multiple)).toEqual([1.3, 2, 3]);
    expect(await detail()).toMatchObject({
      curve: { family: 'orrin s' },
      trials: [{ tells: 'too-early' }],
      verdict: { decision: { family: 'need-more', hazard: { level: 'repair' } } },
    });
    const board: Board = await call('get', `/panels/${panelId}`);
    await call('post', `/sites/${siteId}/undo`, { edit: board.steps.undo!.id });
    expect(await detail()).toMatchObject({ curve: null, trials: [{ tells: 'consistent' }] });
  });

  test('is set anew under its version, and taken away', async () => {
    const { id, version } = await set({ family: 'Orrin S', points, version: 0 });
    expect((await set({ family: 'Orrin S', points, version: 7 }, 409)).error.code).toBe('changed_meanwhile');
    expect(
      (await set({ family: 'Orrin S', points: points.slice(0, 2), version }, 400)).error.issues.length,
    ).toBe(1);
    await set({
      family: 'Orrin S',
      points: [...points, { multiple: 5, fastestSeconds: 6, slowestSeconds: 13 }],
      version,
    });
    const { curves } = await call('get', `/sites/${siteId}/curves`);
    expect(curves).toHaveLength(1);
    expect(curves[0]).toMatchObject({ id, points: { length: 4 } });
    await call('delete', `/curves/${id}`);
    expect((await detail()).curve).toBeNull();
    await call('delete', `/curves/${id}`, {}, 404);
  });

  test('what contradicts itself is refused at its field', async () => {
    const wrong = [points[0], { multiple: 3, fastestSeconds: 90, slowestSeconds: 100 }];
    const { error } = await set({ family: 'Orrin S', points: wrong }, 400);
    expect(error.issues[0]).toMatchObject({ path: 'points.1.fastestSeconds' });
    expect((await call('get', `/sites/${siteId}/curves`)).curves).toEqual([]);
  });
});

test('how loads run is kept with the circuit, and half of it refused', async () => {
  const load = {
    name: 'Pump',
    volts: 120,
    watts: 500,
    onSeconds: 60,
    offSeconds: 900,
    surgeTimes: 6,
    surgeSeconds: 0.3,
  };
  const path = `/breakers/${breakerId}/circuit`;
  const set = async (loads: object[], status = 200) =>
    call('put', path, { label: 'Pump', loads, version: await currentVersion(app, path) }, status);
  expect((await set([load])).circuit.loads).toMatchObject([load]);
  const { error } = await set([{ ...load, offSeconds: null }], 400);
  expect(error.issues[0].path).toBe('loads.0.offSeconds');
});

test('the policy after dead shorts decides anew', async () => {
  for (const at of ['2026-11-20T10:00:00Z', '2026-11-21T10:00:00Z']) {
    await event({ kind: 'trip', at, pace: 'at-once', cause: 'known-removed' });
    await event({ kind: 'reset', at: at.replace('10:00', '10:30'), feel: 'clean-clicks', result: 'holds' });
  }
  expect((await detail()).verdict.decision.action).toBe('replace-breaker');
  await call('patch', '/settings', { afterDeadShort: 'signs' });
  expect((await detail()).verdict.decision.action).toBe('reset-and-watch');
});
