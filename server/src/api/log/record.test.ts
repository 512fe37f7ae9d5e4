import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Express } from 'express';
import request from 'supertest';
import type { Board, BreakerDetail, SiteSummary } from '@phylaxon/core/views/board';
import type { Timeline } from '@phylaxon/core/views/timeline';
import { ReadingTable, VerdictTable, type Store } from '../../store/index.ts';
import { testApp } from '../../testing/index.ts';

let app: Express;
let store: Store;
const at = '2026-11-20T10:00:00Z';

beforeEach(async () => {
  ({ app, store } = await testApp());
});

const post = async (path: string, body: object, status = 201) => {
  const answer = await request(app).post(`/api/v1${path}`).send(body);
  expect([answer.status, answer.body.error]).toEqual([status, status < 300 ? undefined : expect.anything()]);
  return answer.body;
};
const timelineOf = async (id: string, kinds: string): Promise<Timeline> =>
  (await request(app).get(`/api/v1/breakers/${id}/timeline?kinds=${kinds}`)).body;
const readingsOf = async (id: string) =>
  (await timelineOf(id, 'readings')).entries.flatMap((entry) => ('reading' in entry ? [entry.reading] : []));
const detailOf = async (id: string): Promise<BreakerDetail> =>
  (await request(app).get(`/api/v1/breakers/${id}`)).body;
const boardOf = async (id: string): Promise<Board> => (await request(app).get(`/api/v1/panels/${id}`)).body;

async function aPanel() {
  const site = await post('/sites', { name: 'Boat shed' });
  return post(`/sites/${site.id}/panels`, { name: 'Panel', spaces: 12, mainAmps: 60 });
}

async function aBreaker(more: object = {}) {
  const panel = await aPanel();
  const breaker = await post(`/panels/${panel.id}/breakers`, { space: 1, poles: 1, ratingAmps: 20, ...more });
  return { panel, breaker };
}

const volts = (point: string, value: number) => ({ quantity: 'voltage', point, value, at });

describe('setting up', () => {
  test('a panel comes with its main, and a new breaker with a decision', async () => {
    const { panel } = await aBreaker();
    const { breakers } = await boardOf(panel.id);
    expect(breakers.map((b) => [b.breaker.role, b.breaker.space, b.decision.family])).toEqual([
      ['main', null, 'need-more'],
      ['branch', 1, 'need-more'],
    ]);
  });

  test('two breakers cannot share a space; the reason is told at the field', async () => {
    const { panel } = await aBreaker();
    const { error } = await post(`/panels/${panel.id}/breakers`, { space: 1, poles: 1, ratingAmps: 15 }, 400);
    expect(error.issues).toEqual([{ path: 'space', message: 'Space 1 is taken.' }]);
  });

  test('a typed directory is fitted whole, or not at all, told by line', async () => {
    const { panel } = await aBreaker();
    const bad = await post(
      `/panels/${panel.id}/directory`,
      { text: '3 hall 15\n1 kitchen 20\n5 porch' },
      400,
    );
    expect(bad.error.issues.map((issue: { path: string }) => issue.path)).toEqual(['text.2', 'text.3']);
    expect((await boardOf(panel.id)).breakers).toHaveLength(2);
    const text = '2-4 range 40\n3u hall 15 af\n3l porch 15';
    expect((await post(`/panels/${panel.id}/directory`, { text })).ids).toHaveLength(3);
    const { breakers } = await boardOf(panel.id);
    expect(breakers.map((b) => [b.breaker.space, b.breaker.half, b.label])).toEqual([
      [null, null, null],
      [1, null, null],
      [2, null, 'range'],
      [3, 'upper', 'hall'],
      [3, 'lower', 'porch'],
    ]);
  });

  test('a panel cannot shrink below its breakers', async () => {
    const { panel, breaker } = await aBreaker({ space: 12 });
    const answer = await request(app)
      .put(`/api/v1/panels/${panel.id}`)
      .send({ name: 'Panel', spaces: 8, version: 0 });
    expect(answer.body.error.issues[0].path).toBe('spaces');
    expect((await detailOf(breaker.id)).panel.spaces).toBe(12);
  });

  test('a breaker that is taken out leaves the board; its record stays', async () => {
    const { panel, breaker } = await aBreaker();
    await post(`/breakers/${breaker.id}/readings`, { readings: [volts('outlet', 119)] });
    await request(app).delete(`/api/v1/breakers/${breaker.id}`).expect(200);
    expect((await boardOf(panel.id)).breakers).toHaveLength(1);
    expect(await store.read((m) => m.countBy(ReadingTable, { breakerId: breaker.id }))).toBe(1);
    await post(`/panels/${panel.id}/breakers`, { space: 1, poles: 1, ratingAmps: 20 });
  });

  test('a circuit is kept as it was given', async () => {
    const { breaker } = await aBreaker();
    const circuit = {
      label: 'Heat pump',
      conductor: { gauge: '10', material: 'copper', insulationC: 75, cable: 'other' },
      terminalC: 75,
      ambientC: 38.5,
      currentCarrying: 3,
      lengthM: 12.5,
      portableReceptacles: false,
      nameplate: { minCircuitAmps: 17.2, maxBreakerAmps: 30 },
      rules: 'flat80',
      loads: [{ name: 'Heat pump', volts: 240, watts: 3000, voltAmperes: null, continuous: true }],
    };
    const answer = await request(app).put(`/api/v1/breakers/${breaker.id}/circuit`).send(circuit);
    expect(answer.status).toBe(200);
    expect(answer.body.circuit).toMatchObject(circuit);
    await request(app)
      .put(`/api/v1/breakers/${breaker.id}/circuit`)
      .send({ label: 'Heat pump', loads: [], version: 1 })
      .expect(200);
    expect((await detailOf(breaker.id)).circuit).toMatchObject({
      conductor: null,
      nameplate: null,
      loads: [],
    });
  });
});

describe('logging and deciding', () => {
  test('readings turn the decision from need-more to replace; each decision is kept with its reasons', async () => {
    const { breaker } = await aBreaker();
    await post(`/breakers/${breaker.id}/events`, {
      kind: 'reset',
      at,
      feel: 'clean-clicks',
      result: 'holds',
    });
    await post(`/breakers/${breaker.id}/readings`, { readings: [volts('load-terminal', 0.2)] });
    expect((await detailOf(breaker.id)).verdict.decision.family).toBe('need-more');
    await post(`/breakers/${breaker.id}/readings`, { readings: [volts('leg-a', 121), volts('leg-b', 120)] });
    const { decision } = (await detailOf(breaker.id)).verdict;
    expect(decision).toMatchObject({ action: 'replace-breaker', family: 'replace' });
    expect(decision.reasons[0]!.figures).toEqual([
      { label: 'load terminal', value: 0.2, unit: 'V', limit: 110 },
    ]);
    const decided = await timelineOf(breaker.id, 'decisions');
    expect(decided.entries.length).toBeGreaterThanOrEqual(3);
    expect(decided.entries[0]).toMatchObject({ stands: true, verdict: { decision } });
    const rows = await store.read((m) =>
      m.findBy(VerdictTable, { breakerId: breaker.id, family: 'replace' }),
    );
    expect(JSON.parse(rows[0]!.decision)).toEqual(decision);
  });

  test('of readings given together all are kept or none', async () => {
    const { breaker } = await aBreaker();
    const { error } = await post(
      `/breakers/${breaker.id}/readings`,
      { readings: [volts('outlet', 119), volts('outlet', -5)] },
      400,
    );
    expect(error.issues[0].path).toBe('readings.1.value');
    const future = { ...volts('outlet', 119), at: '2190-01-01T00:00:00Z' };
    expect(
      (await post(`/breakers/${breaker.id}/readings`, { readings: [volts('outlet', 119), future] }, 400))
        .error.issues[0].path,
    ).toBe('readings.1.at');
    expect(await readingsOf(breaker.id)).toEqual([]);
  });

  test('a server that is slow takes what others log; a device that tells its clock is held to it', async () => {
    const { breaker } = await aBreaker();
    const inDays = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString();
    const send = (days: number, clock?: string) => {
      const call = request(app).post(`/api/v1/breakers/${breaker.id}/readings`);
      if (clock) void call.set('Phylaxon-Clock', clock);
      return call.send({ readings: [{ ...volts('outlet', 119), at: inDays(days) }] });
    };
    await send(3).expect(201);
    await send(3, inDays(3)).expect(201);
    const slip = await send(7, inDays(0)).expect(400);
    expect(slip.body.error.message).toMatch(/^This time is in the future\. The server’s clock reads 20\d\d-/);
    await send(60).expect(400);
    await send(0, 'noon').expect(400);
    const { body } = await request(app).get('/api/v1/clock').expect(200);
    expect(Math.abs(Date.parse(body.now) - Date.now())).toBeLessThan(60_000);
    expect(Date.parse(body.newest)).toBeLessThanOrEqual(Date.parse(body.now));
  });

  test('the handle follows the events', async () => {
    const { panel, breaker } = await aBreaker();
    const handle = async () => (await boardOf(panel.id)).breakers[1]!.handle;
    await post(`/breakers/${breaker.id}/events`, { kind: 'trip', at, pace: 'minutes' });
    expect(await handle()).toBe('tripped');
    await post(`/breakers/${breaker.id}/events`, {
      kind: 'reset',
      at: '2026-11-20T10:20:00Z',
      feel: 'clean-clicks',
      result: 'holds',
    });
    expect(await handle()).toBe('on');
    await post(`/breakers/${breaker.id}/events`, {
      kind: 'handle',
      position: 'off',
      at: '2026-11-20T11:00:00Z',
    });
    expect(await handle()).toBe('off');
  });

  test('an event that says nothing, or an outcome its test does not know, is refused at its field', async () => {
    const { breaker } = await aBreaker();
    const trip = await post(`/breakers/${breaker.id}/events`, { kind: 'trip', at }, 400);
    expect(trip.error.issues[0].path).toBe('pace');
    const sound = await post(
      `/breakers/${breaker.id}/observations`,
      { test: 'sound', outcome: 'purple', at },
      400,
    );
    expect(sound.error.issues[0].path).toBe('outcome');
  });
});

describe('correcting', () => {
  test('a struck reading stays, no longer counts, and points to what replaced it', async () => {
    const { breaker } = await aBreaker();
    const { ids } = await post(`/breakers/${breaker.id}/readings`, { readings: [volts('outlet', 11.9)] });
    const correction = await post(
      `/readings/${ids[0]}/strike`,
      { why: 'misread', replacement: volts('outlet', 119) },
      200,
    );
    const readings = await readingsOf(breaker.id);
    const [old, fresh] = [
      readings.find((r) => r.id === ids[0])!,
      readings.find((r) => r.id === correction.ids[0])!,
    ];
    expect(old).toMatchObject({ value: 11.9, struck: { why: 'misread', replacedBy: fresh.id } });
    expect(fresh).toMatchObject({ value: 119, struck: null });
    await post(`/readings/${ids[0]}/strike`, { why: 'again' }, 409);
  });

  test('a replacement that is bad input strikes nothing', async () => {
    const { breaker } = await aBreaker();
    const { ids } = await post(`/breakers/${breaker.id}/readings`, { readings: [volts('outlet', 119)] });
    await post(`/readings/${ids[0]}/strike`, { why: 'misread', replacement: volts('outlet', 99_999) }, 400);
    await post(`/readings/${ids[0]}/strike`, { why: '' }, 400);
    expect((await readingsOf(breaker.id))[0]!.struck).toBeNull();
  });

  test('a struck danger sign no longer stops', async () => {
    const { breaker } = await aBreaker();
    const { ids } = await post(`/breakers/${breaker.id}/observations`, {
      test: 'sound',
      outcome: 'sizzle-or-crackle',
      at,
    });
    expect((await detailOf(breaker.id)).verdict.decision.stop.active).toBe(true);
    await post(`/observations/${ids[0]}/strike`, { why: 'it was the kettle' }, 200);
    expect((await detailOf(breaker.id)).verdict.decision.stop.active).toBe(false);
  });
});

describe('the demo', () => {
  test('every kind of decision stands on its board, and the start page lists dangers first', async () => {
    const demo = await testApp({ demo: true });
    const { body } = await request(demo.app).get('/api/v1/sites');
    const { panels } = (body.sites as SiteSummary[]).find(({ site }) => site.name === 'Saltmarsh Sail Loft')!;
    const stops = panels[0]!.attention.filter(({ stop }) => stop);
    expect(stops.map(({ label }) => label).sort()).toEqual(['Sump pump', 'Yard outlets']);
    expect(panels[0]!.attention.slice(0, 2)).toEqual(stops);
    const { body: board } = await request(demo.app).get(`/api/v1/panels/${panels[0]!.panel.id}`);
    const families = new Set((board as Board).breakers.map((b) => b.decision.family));
    expect([...families].sort()).toEqual([
      'keep',
      'need-more',
      'not-the-breaker',
      'replace',
      'reset',
      'resize',
    ]);
    expect((board as Board).breakers.filter((b) => b.label !== null).length).toBeGreaterThanOrEqual(16);
  });
});
