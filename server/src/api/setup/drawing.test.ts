import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Board } from '@phylaxon/core/views/board';
import type { Breaker } from '@phylaxon/core/record/entities';
import { ILLEGAL_PLACEMENTS, PRESENT } from '@phylaxon/core/testing';
import type { Express } from 'express';
import request from 'supertest';
import { currentVersion, testApp } from '../../testing/index.ts';

let app: Express;
let siteId: string;
let panelId: string;

const call = async (
  method: 'post' | 'put' | 'patch' | 'delete',
  path: string,
  body: object,
  status = 200,
) => {
  const answer = await request(app)[method](`/api/v1${path}`).send(body);
  expect([answer.status, status < 300 ? answer.body.error : undefined]).toEqual([status, undefined]);
  return answer.body;
};
/** A change of what stands now. */
const change = async (method: 'post' | 'put' | 'patch', path: string, body: object, status = 200) =>
  call(method, path, { version: await currentVersion(app, path), ...body }, status);
const boardOf = async (id: string): Promise<Board> =>
  (await request(app).get(`/api/v1/panels/${id}`).expect(200)).body;
const fit = (breaker: object, status = 201) =>
  call('post', `/panels/${panelId}/breakers`, { poles: 1, ratingAmps: 20, ...breaker }, status);
const firstIssue = (body: { error: { issues: { path: string; message: string }[] } }) =>
  body.error.issues[0]!;

const PANEL = {
  name: 'Panel',
  spaces: 24,
  family: 'Orrin S',
  narrowSpaces: [13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24],
};

beforeEach(async () => {
  ({ app } = await testApp());
  siteId = (await call('post', '/sites', { name: 'Boat shed' }, 201)).id;
  panelId = (await call('post', `/sites/${siteId}/panels`, PANEL, 201)).id;
});

describe('illegal placements', () => {
  beforeEach(async () => {
    for (const breaker of PRESENT) await fit(breaker);
  });

  test(`each of ${ILLEGAL_PLACEMENTS.length} is refused with its reason at its field, and nothing is stored`, async () => {
    const before = await boardOf(panelId);
    for (const { what, wanted, field, reason } of ILLEGAL_PLACEMENTS) {
      const { path, message } = firstIssue(await fit(wanted, 400));
      expect([what, path, reason.test(message)]).toEqual([what, field, true]);
    }
    expect(await boardOf(panelId)).toEqual(before);
  });

  test('a part that does not belong can be recorded as it was found, and is a finding', async () => {
    const { id } = await fit({ space: 1, family: 'Orrin C', asFound: true });
    const { breakers } = await boardOf(panelId);
    const found = breakers.find(({ breaker }) => breaker.id === id)!;
    expect(found.decision.family).toBe('replace');
    expect(found.decision.because).toMatch(/Orrin C is not listed/);
  });
});

describe('moving and tying', () => {
  test('a move turns the handle where it was the usual one, and exchanges where asked', async () => {
    const a = await fit({ space: 1 });
    const b = await fit({ space: 2, ratingAmps: 15 });
    expect(firstIssue(await change('post', `/breakers/${a.id}/move`, { space: 2 }, 400)).message).toMatch(
      /Space 2 is taken/,
    );
    const moved: Breaker = await change('post', `/breakers/${a.id}/move`, { space: 2, exchange: true });
    expect([moved.space, moved.onDirection]).toEqual([2, 'left']);
    const { breakers } = await boardOf(panelId);
    expect(breakers.find(({ breaker }) => breaker.id === b.id)!.breaker).toMatchObject({
      space: 1,
      onDirection: 'right',
    });
  });

  test('tied handles stay together until they are untied', async () => {
    const [a, b, c] = [await fit({ space: 1 }), await fit({ space: 3 }), await fit({ space: 2 })];
    expect(firstIssue(await change('post', `/breakers/${a.id}/tie`, { with: c.id }, 400)).message).toMatch(
      /different columns/,
    );
    await change('post', `/breakers/${a.id}/tie`, { with: b.id });
    expect(firstIssue(await change('post', `/breakers/${b.id}/move`, { space: 9 }, 400)).message).toMatch(
      /must stay together/,
    );
    expect(firstIssue(await change('patch', `/breakers/${b.id}`, { poles: 2 }, 400)).message).toMatch(
      /Remove the handle tie first/,
    );
    await change('post', `/breakers/${a.id}/tie`, { with: null });
    await change('post', `/breakers/${b.id}/move`, { space: 9 });
  });

  test('turning a panel turns its handles', async () => {
    const a = await fit({ space: 1 });
    await change('put', `/panels/${panelId}`, { ...PANEL, orientation: 'left' });
    const { breakers } = await boardOf(panelId);
    expect(breakers.find(({ breaker }) => breaker.id === a.id)!.breaker.onDirection).toBe('up');
  });
});

describe('sub-panels', () => {
  test('hang on a two-pole breaker, tell where they are fed from, and keep it from being taken out', async () => {
    const feeder = await fit({ space: 5, poles: 2, ratingAmps: 60 });
    const single = await fit({ space: 1 });
    const sub = { name: 'Loft panel', spaces: 8 };
    const refused = await call('post', `/sites/${siteId}/panels`, { ...sub, fedByBreakerId: single.id }, 400);
    expect(firstIssue(refused)).toMatchObject({
      path: 'fedByBreakerId',
      message: expect.stringMatching(/only one leg/),
    });
    const loft = await call('post', `/sites/${siteId}/panels`, { ...sub, fedByBreakerId: feeder.id }, 201);
    expect((await boardOf(loft.id)).fedFrom).toEqual({
      panelId,
      panelName: 'Panel',
      breakerId: feeder.id,
      place: '5–7',
    });
    const above = (await boardOf(panelId)).breakers.find(({ breaker }) => breaker.id === feeder.id)!;
    expect(above.feeds).toEqual({ panelId: loft.id, name: 'Loft panel' });
    const removal = await call('delete', `/breakers/${feeder.id}`, {}, 400);
    const onePole = await change('patch', `/breakers/${feeder.id}`, { poles: 1 }, 400);
    for (const refusal of [removal, onePole])
      expect(firstIssue(refusal).message).toMatch(/It feeds Loft panel/);
    const fresh = await change(
      'post',
      `/breakers/${feeder.id}/replace`,
      { ratingAmps: 60, why: 'worn' },
      201,
    );
    expect((await boardOf(loft.id)).fedFrom!.breakerId).toBe(fresh.id);
  });

  test('a copy has everything but the log', async () => {
    const a = await fit({ space: 1 });
    await call('put', `/breakers/${a.id}/circuit`, {
      label: 'Lathe',
      loads: [{ name: 'Lathe', volts: 120, watts: 900 }],
    });
    await call(
      'post',
      `/breakers/${a.id}/events`,
      { kind: 'trip', at: '2026-11-01T10:00:00Z', pace: 'minutes' },
      201,
    );
    const copy = await call('post', `/panels/${panelId}/duplicate`, { name: 'Panel two' }, 201);
    const { breakers } = await boardOf(copy.id);
    expect(breakers.map(({ label, handle }) => [label, handle])).toEqual([['Lathe', 'on']]);
  });
});

describe('a part that is replaced', () => {
  test('leaves its log behind: the new one is not judged by it; the timeline tells of both', async () => {
    const old = await fit({ space: 1 });
    await call('put', `/breakers/${old.id}/circuit`, { label: 'Lathe' });
    await call(
      'post',
      `/breakers/${old.id}/events`,
      { kind: 'reset', at: '2026-11-01T10:00:00Z', feel: 'hard-or-gritty' },
      201,
    );
    const fresh = await change('post', `/breakers/${old.id}/replace`, { ratingAmps: 20, why: 'gritty' }, 201);
    const { breakers } = await boardOf(panelId);
    expect(breakers.map(({ breaker, label, decision }) => [breaker.id, label, decision.family])).toEqual([
      [fresh.id, 'Lathe', 'need-more'],
    ]);
    const { body: timeline } = await request(app).get(`/api/v1/breakers/${fresh.id}/timeline`);
    const resets = timeline.entries.filter((entry: { kind: string }) => entry.kind === 'resets');
    expect(resets.map((entry: { breakerId: string }) => entry.breakerId)).toEqual([old.id]);
    const [fitted] = timeline.entries.filter((entry: { kind: string }) => entry.kind === 'parts');
    expect(fitted.part).toMatchObject({ what: 'fitted', inPlaceOf: { id: old.id } });
    expect(timeline.counts).toMatchObject({ resets: 1, parts: 3 });
  });
});

describe('two at once', () => {
  test('a change made from what was changed since is refused and overwrites nothing', async () => {
    const { id, version } = await fit({ space: 1 });
    await call('patch', `/breakers/${id}`, { ratingAmps: 15, version });
    const late = await call('patch', `/breakers/${id}`, { ratingAmps: 30, version }, 409);
    expect(late.error).toMatchObject({
      code: 'changed_meanwhile',
      message: expect.stringMatching(/changed on another device/),
    });
    expect((await boardOf(panelId)).breakers[0]!.breaker.ratingAmps).toBe(15);
    const circuit = { label: 'Lathe', version: 0 };
    await call('put', `/breakers/${id}/circuit`, circuit);
    await call('put', `/breakers/${id}/circuit`, circuit, 409);
    await call('put', `/panels/${panelId}`, { ...PANEL, version: 0 });
    await call('put', `/panels/${panelId}`, { ...PANEL, name: 'Mine', version: 0 });
    await call('put', `/panels/${panelId}`, { ...PANEL, name: 'Late', version: 0 }, 409);
  });

  test('an entry sent twice under its own id is stored once', async () => {
    const { id } = await fit({ space: 1 });
    const other = await fit({ space: 2 });
    const entry = {
      id: '7f000000-0000-4000-8000-000000000001',
      kind: 'trip',
      at: '2026-11-01T10:00:00Z',
      pace: 'minutes',
    };
    await call('post', `/breakers/${id}/events`, entry, 201);
    await call('post', `/breakers/${id}/events`, entry, 201);
    const { body } = await request(app).get(`/api/v1/breakers/${id}/timeline?kinds=trips`);
    expect(body.entries).toHaveLength(1);
    await call('post', `/breakers/${other.id}/events`, entry, 409);
  });
});

describe('settings', () => {
  test('another policy decides anew; what is not on offer is refused', async () => {
    const { id } = await fit({ space: 1 });
    await call('put', `/breakers/${id}/circuit`, {
      label: 'Lathe',
      conductor: { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' },
      loads: [{ name: 'Lathe', volts: 120, watts: 2040 }],
    });
    const family = async () => (await boardOf(panelId)).breakers[0]!.decision.family;
    expect(await family()).toBe('need-more');
    const settings = await call('patch', '/settings', { loading: 'flat80', temperature: 'F' });
    expect(settings).toMatchObject({
      loading: 'flat80',
      temperature: 'F',
      theme: 'system',
      trialsIntoShort: 1,
    });
    expect(await family()).toBe('resize');
    expect(firstIssue(await call('patch', '/settings', { trialsIntoShort: 4 }, 400)).path).toBe(
      'trialsIntoShort',
    );
    await call('patch', '/settings', { colour: 'red' }, 400);
    expect((await request(app).get('/api/v1/settings')).body.loading).toBe('flat80');
  });
});
