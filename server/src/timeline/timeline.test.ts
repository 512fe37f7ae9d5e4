import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Series, Timeline } from '@phylaxon/core/views/timeline';
import type { Express } from 'express';
import request from 'supertest';
import { insertLogged, newRowId } from '../edit/index.ts';
import type { ReadingRow, Store } from '../store/index.ts';
import { testApp } from '../testing/index.ts';

let app: Express;
let store: Store;
let id: string;
const at = (minute: number) => new Date(Date.UTC(2026, 5, 1, 0, minute)).toISOString();

const post = async (path: string, body: object) => {
  const answer = await request(app).post(`/api/v1${path}`).send(body);
  expect(answer.status).toBe(201);
  return answer.body;
};
const timeline = async (query: Record<string, string | number> = {}): Promise<Timeline> =>
  (await request(app).get(`/api/v1/breakers/${id}/timeline`).query(query).expect(200)).body;
const series = async (): Promise<Series> =>
  (await request(app).get(`/api/v1/breakers/${id}/series`).expect(200)).body;

beforeAll(async () => {
  ({ app, store } = await testApp());
  const site = await post('/sites', { name: 'Shed' });
  const panel = await post(`/sites/${site.id}/panels`, { name: 'P', spaces: 4 });
  ({ id } = await post(`/panels/${panel.id}/breakers`, { space: 1, poles: 1, ratingAmps: 20 }));
  for (let n = 0; n < 12; n++) {
    // Pairs share an instant, so that a page may end between them.
    const minute = Math.floor(n / 2) * 10;
    await post(`/breakers/${id}/readings`, {
      readings: [
        {
          quantity: 'current',
          point: 'conductor',
          value: n,
          at: at(minute),
          note: n === 3 ? '50% of it_all' : '',
        },
      ],
    });
    await post(`/breakers/${id}/notes`, { note: `Note ${n}`, at: at(minute) });
  }
  await post(`/breakers/${id}/events`, { kind: 'trip', at: at(30), pace: 'minutes', note: 'kettle' });
});

describe('a timeline, page by page', () => {
  test('law: however small the pages, together they are the whole, in order, nothing twice', async () => {
    const whole = (await timeline({ limit: 200 })).entries;
    expect(whole.length).toBeGreaterThan(25);
    for (const limit of [1, 3, 7]) {
      const seen: string[] = [];
      for (let before: string | null = ''; before !== null;) {
        const page: Timeline = await timeline({ limit, ...(before && { before }) });
        seen.push(...page.entries.map((entry) => entry.id + entry.kind));
        before = page.next;
      }
      expect(seen).toEqual(whole.map((entry) => entry.id + entry.kind));
    }
  });

  test('narrowed by kind, time and words; signs of a pattern are only signs', async () => {
    expect((await timeline({ kinds: 'trips,notes', limit: 200 })).entries).toHaveLength(13);
    const within = await timeline({ kinds: 'readings', from: at(10), to: at(30) });
    expect(within.entries.map((entry) => ('reading' in entry ? entry.reading.value : null)).sort()).toEqual([
      2, 3, 4, 5,
    ]);
    expect((await timeline({ text: 'KETTLE' })).entries.map(({ kind }) => kind)).toEqual(['trips']);
    expect((await timeline({ kinds: 'readings', text: '% of it_' })).entries).toHaveLength(1);
    expect((await timeline({ kinds: 'readings', text: '_' })).entries).toHaveLength(1);
    expect((await timeline({ kinds: 'notes' })).counts).toMatchObject({ readings: 12, notes: 12, trips: 1 });
  });

  test('what cannot be asked for is refused', async () => {
    for (const query of ['kinds=dreams', 'limit=0', 'limit=many', 'from=yesterday'])
      await request(app).get(`/api/v1/breakers/${id}/timeline?${query}`).expect(400);
  });
});

describe('what a chart draws', () => {
  test('few readings one by one, with the trips and without what was struck', async () => {
    const { entries } = await timeline({ kinds: 'readings', limit: 1 });
    await request(app).post(`/api/v1/readings/${entries[0]!.id}/strike`).send({ why: 'misread' }).expect(200);
    const { lines, struck, marks } = await series();
    expect(lines).toHaveLength(1);
    expect(lines[0]!.stretches.reduce((sum, one) => sum + one.count, 0)).toBe(11);
    expect(struck).toHaveLength(1);
    expect(marks).toEqual([{ at: at(30), what: 'trip' }]);
  });

  test('a dense log is thinned to its spans: no figure of it lies outside them', async () => {
    const rows = Array.from({ length: 5000 }, (_, n): ReadingRow => ({
      id: newRowId(),
      breakerId: id,
      at: at(n),
      loggedAt: at(n),
      who: null,
      note: '',
      caseId: null,
      simulated: false,
      quantity: 'voltage',
      point: 'outlet',
      value: 110 + 10 * Math.sin(n / 40),
      ambientC: null,
      loadState: 'normal',
      instrument: 'unknown',
      error: null,
    }));
    await store.write((manager) => insertLogged(manager, 'readings', rows));
    const outlet = (await series()).lines.find(({ point }) => point === 'outlet')!;
    expect(outlet.stretches.length).toBeLessThanOrEqual(300);
    expect(outlet.stretches.reduce((sum, one) => sum + one.count, 0)).toBe(5000);
    expect(Math.max(...outlet.stretches.map(({ high }) => high))).toBeCloseTo(120, 2);
    expect(Math.min(...outlet.stretches.map(({ low }) => low))).toBeCloseTo(100, 2);
  });
});
