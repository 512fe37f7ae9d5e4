import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { UpkeepView } from '@phylaxon/core/views/upkeep';
import ICAL from 'ical.js';
import request from 'supertest';
import { aShed, callsTo, testApp } from '../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let ids: Awaited<ReturnType<typeof aShed>>;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  ids = await aShed({ call, made });
});
afterAll(() => server.store.close());

const log = (content: object, at = new Date().toISOString(), profile = 'electrician') =>
  request(server.app)
    .post(`/api/v1/panels/${ids.panelId}/entries`)
    .set('phylaxon-profile', profile)
    .send({ kind: 'upkeep-round', at, content });
const upkeep = async () => (await call<UpkeepView>('get', `/panels/${ids.panelId}/upkeep`)).body;
const dutyNow = async (duty: string) => (await upkeep()).duties.find((one) => one.duty === duty)!;

/** The calendar as another library reads it. */
async function events() {
  const { text, type } = await request(server.app).get(
    `/api/v1/sites/${ids.siteId}/upkeep.ics?address=${encodeURIComponent('http://panel.local:4710')}`,
  );
  expect(type).toBe('text/calendar');
  const calendar = new ICAL.Component(ICAL.parse(text) as object[]);
  return calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
}

test('what was never done is due; a round moves it on, and each result is in its breaker’s log', async () => {
  expect(await dutyNow('handles')).toMatchObject({ lastAt: null, isDue: true });
  const at = new Date().toISOString();
  const results = [{ breakerId: ids.breakerId, result: 'will-not-move' }];
  expect((await log({ duty: 'handles', results }, at)).status).toBe(201);
  expect(await dutyNow('handles')).toMatchObject({ lastAt: at, isDue: false });
  expect((await upkeep()).rounds[0]).toMatchObject({ duty: 'handles', count: 1, amiss: 1 });
  const { body } = await call<BreakerDetail>('get', `/breakers/${ids.breakerId}`);
  expect(JSON.stringify(body.verdict)).toMatch(/gritty|hard/i);
});

test('a result that there is not, a breaker of elsewhere, and what lies behind the cover for a homeowner are refused', async () => {
  const bad = await log({ duty: 'handles', results: [{ breakerId: ids.breakerId, result: 'lit' }] });
  expect([bad.status, bad.body.error.issues[0].path]).toEqual([400, 'content.results.0.result']);
  const elsewhere = await log({ duty: 'handles', results: [{ breakerId: ids.siteId, result: 'moves' }] });
  expect(elsewhere.body.error.issues[0].path).toBe('content.results.0.breakerId');
  const inside = { duty: 'inside', results: [{ result: 'sound' }] };
  expect((await log(inside, undefined, 'homeowner')).status).toBe(403);
  expect((await log(inside)).status).toBe(201);
});

test('its calendar is read by another library: a day, again and again, under an id that stays', async () => {
  const before = (await events()).find(({ uid }) => uid.includes('-closed-look@'))!;
  expect(before.startDate.isDate).toBe(true);
  expect(before.isRecurring()).toBe(true);
  const days = before.iterator();
  const [first, second] = [days.next()!, days.next()!];
  expect((second.year - first.year) * 12 + second.month - first.month).toBe(6);
  const at = '2026-03-15T23:30:00.000Z';
  expect((await log({ duty: 'closed-look', results: [{ result: 'dry' }] }, at)).status).toBe(201);
  const after = (await events()).find(({ uid }) => uid === before.uid)!;
  expect(after.startDate.toString()).toBe('2026-09-15');
  expect(after.summary).toContain('Shed panel: Look, listen');
  expect(after.component.getFirstPropertyValue('url')).toBe(
    `http://panel.local:4710/panels/${ids.panelId}/upkeep`,
  );
});
