import { afterAll, beforeAll, beforeEach, expect, test } from '@jest/globals';
import { clockChanges } from '@phylaxon/core/facts/calendar';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { DueAnywhere, UpkeepView } from '@phylaxon/core/views/upkeep';
import ICAL from 'ical.js';
import request from 'supertest';
import { aShed, callsTo, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let ids: Awaited<ReturnType<typeof aShed>>;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
});
beforeEach(async () => {
  ids = await aShed({ call, made });
});
afterAll(() => server.store.close());

const log = (
  content: object,
  at = new Date().toISOString(),
  profile = 'electrician',
  kind = 'upkeep-round',
) =>
  request(server.app)
    .post(`/api/v1/panels/${ids.panelId}/entries`)
    .set('phylaxon-profile', profile)
    .send({ kind, at, content });
const upkeep = async () => (await call<UpkeepView>('get', `/panels/${ids.panelId}/upkeep`)).body;
const dutyNow = async (duty: string) => (await upkeep()).duties.find((one) => one.duty === duty)!;

/** The calendar as another library reads it. */
async function events(zone = 'UTC') {
  const { text, type } = await request(server.app).get(
    `/api/v1/sites/${ids.siteId}/upkeep.ics?zone=${zone}&address=${encodeURIComponent('http://panel.local:4710')}`,
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

test('what marked as critical is asked once, kept for the panel, and of its breakers only', async () => {
  const keeps = (breakerIds: string[]) => log({ breakerIds }, undefined, 'homeowner', 'keeps-power');
  expect((await upkeep()).keepsPower).toEqual({ breakerIds: [], isSaid: false });
  expect((await keeps([ids.breakerId])).status).toBe(201);
  expect((await upkeep()).keepsPower).toEqual({ breakerIds: [ids.breakerId], isSaid: true });
  const { breakerIds } = await dutyNow('handles');
  expect(breakerIds.at(-1)).toBe(ids.breakerId);
  const [elsewhere, twice] = [await keeps([ids.siteId]), await keeps([ids.breakerId, ids.breakerId])];
  expect(elsewhere.body.error.issues[0].path).toBe('content.breakerIds.0');
  expect(twice.status).toBe(400);
  expect((await keeps([])).status).toBe(201);
  expect((await upkeep()).keepsPower).toEqual({ breakerIds: [], isSaid: true });
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

/** The first days of an event, as the other library repeats them. */
function daysOf(event: ICAL.Event, count: number): string[] {
  const days = event.iterator();
  return Array.from({ length: count }, () => days.next()!.toString());
}

test.each(['America/New_York', 'Europe/Lisbon', 'Australia/Sydney'])(
  'handles fall on the days the clocks are changed in %s, year after year',
  async (zone) => {
    const at = '2026-11-20T10:00:00.000Z';
    await log({ duty: 'handles', results: [{ breakerId: ids.breakerId, result: 'moves' }] }, at);
    const both = (await events(zone)).filter(({ uid }) => uid.includes('-handles'));
    expect(both.map(({ uid }) => uid.replace(ids.panelId, '')).sort()).toEqual([
      '-handles-other@phylaxon',
      '-handles@phylaxon',
    ]);
    const told = both.flatMap((event) => daysOf(event, 4)).sort();
    const day = new Intl.DateTimeFormat('sv-SE', { timeZone: zone });
    const changes = Array.from({ length: 4 }, (_, i) => Date.UTC(2027 + i, 0, 1)).flatMap((from) =>
      clockChanges(zone, from, 2).map((change) => day.format(change)),
    );
    expect(told).toEqual(changes);
  },
);

test('where no rule says when clocks are changed, each day stands by itself', async () => {
  const zone = 'Africa/Casablanca';
  await log(
    { duty: 'handles', results: [{ breakerId: ids.breakerId, result: 'moves' }] },
    '2026-11-20T10:00:00.000Z',
  );
  const handles = (await events(zone)).filter(({ uid }) => uid.includes('-handles'));
  const day = new Intl.DateTimeFormat('sv-SE', { timeZone: zone });
  const first = handles.map(({ startDate }) => `${startDate}`).sort()[0]!;
  const changes = clockChanges(zone, Date.parse(first) - 86_400_000, 12).map((change) => day.format(change));
  expect(handles.map(({ startDate }) => `${startDate}`).sort()).toEqual(changes);
  expect(new Set(handles.map(({ uid }) => uid)).size).toBe(handles.length);
});

test('a name of several lines, as an older record may hold it, adds nothing to the calendar; its stamps are UTC', async () => {
  const rename = (text: string) =>
    server.store.write((manager) =>
      manager.query('UPDATE panel SET name = ? WHERE id = ?', [text, ids.panelId]),
    );
  await rename('Shed\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nSUMMARY:Pay here');
  const { text } = await request(server.app).get(`/api/v1/sites/${ids.siteId}/upkeep.ics`);
  await rename('Shed panel');
  expect(text).not.toMatch(/^SUMMARY:Pay/m);
  expect(text.match(/^BEGIN:VEVENT/gm)!.length).toBe((await events()).length);
  const stamps = text.match(/^DTSTAMP:.*$/gm)!;
  expect(stamps.filter((one) => !/^DTSTAMP:\d{8}T\d{6}Z\r?$/.test(one))).toEqual([]);
});

test('where clocks are never changed handles come every six months; days are the site’s own', async () => {
  const worked = '2026-11-20T10:00:00.000Z';
  await log({ duty: 'handles', results: [{ breakerId: ids.breakerId, result: 'moves' }] }, worked);
  const handles = (await events('America/Phoenix')).filter(({ uid }) => uid.includes('-handles'));
  expect(handles.map((event) => daysOf(event, 2))).toEqual([['2027-05-20', '2027-11-20']]);
  const at = '2026-11-20T23:30:00.000Z';
  expect((await log({ duty: 'closed-look', results: [{ result: 'dry' }] }, at)).status).toBe(201);
  const looked = async (zone: string) =>
    (await events(zone)).find(({ uid }) => uid.includes('-closed-look'))!.startDate.toString();
  expect([await looked('UTC'), await looked('Asia/Tokyo')]).toEqual(['2027-05-20', '2027-05-21']);
});

test('a site with a time zone of its own has its days and clock changes there, whoever asks', async () => {
  const change = (zone: string) => call('put', `/sites/${ids.siteId}`, { name: 'Shed', zone, version: 0 });
  expect((await change('Moon/Tranquility')).status).toBe(400);
  expect((await change('Australia/Sydney')).status).toBe(200);
  const at = '2026-11-01T12:00:00.000Z';
  await log({ duty: 'handles', results: [{ breakerId: ids.breakerId, result: 'moves' }] }, at);
  const [sydney] = clockChanges('Australia/Sydney', Date.parse('2027-01-30T12:00:00.000Z'), 1);
  expect((await dutyNow('handles')).dueAt).toBe(new Date(sydney!).toISOString());
  const days = async (zone: string) => (await events(zone)).map(({ startDate }) => `${startDate}`);
  expect(await days('America/New_York')).toEqual(await days('Australia/Sydney'));
});

test('a date of one’s own holds until its round is made; then its months count', async () => {
  const rule = (content: object) =>
    request(server.app)
      .post(`/api/v1/panels/${ids.panelId}/entries`)
      .send({ kind: 'upkeep-rule', at: '2026-09-01T10:00:00.000Z', content });
  expect((await rule({ duty: 'handles', everyMonths: 0 })).status).toBe(400);
  expect((await rule({ duty: 'handles', everyMonths: 3, nextAt: '2026-10-01T12:00:00Z' })).status).toBe(201);
  const uids = async () => (await events()).map(({ uid }) => uid.split('-').slice(5).join('-')).sort();
  const before = await uids();
  expect(await dutyNow('handles')).toMatchObject({ dueAt: '2026-10-01T12:00:00.000Z', follows: 'own' });
  const results = [{ breakerId: ids.breakerId, result: 'moves' }];
  await log({ duty: 'handles', results }, '2026-10-03T10:00:00.000Z');
  expect(await dutyNow('handles')).toMatchObject({
    dueAt: '2027-01-03T10:00:00.000Z',
    everyMonths: 3,
    follows: 'own',
  });
  expect(await uids()).toEqual(before);
});

test('what is due anywhere is told by panel, and what nears its limit with it', async () => {
  const due = async () => {
    const { body } = await call<DueAnywhere>('get', '/due?zone=America/Chicago');
    return {
      rounds: body.rounds.find(({ panelId }) => panelId === ids.panelId),
      ahead: body.ahead.filter(({ panelId }) => panelId === ids.panelId),
    };
  };
  expect((await due()).rounds?.duties).toEqual(['handles', 'closed-look', 'inside']);
  const results = [{ breakerId: ids.breakerId, result: 'moves' }];
  await log({ duty: 'handles', results });
  expect((await due()).rounds?.duties).toEqual(['closed-look', 'inside']);
  expect((await due()).ahead).toEqual([]);
  // A joint that warms by 2.4 °C a year at the same load.
  const readings = Array.from({ length: 7 }, (_, i) =>
    new Date(Date.UTC(2023, 9 + 6 * i, 3, 10)).toISOString(),
  )
    .filter((at) => at < new Date().toISOString())
    .flatMap((at, i) => [
      { quantity: 'current', point: 'conductor', value: 15, at },
      { quantity: 'temperature', point: 'terminal', value: 26 + i * 1.2, ambientC: 20, at },
    ]);
  await made(`/breakers/${ids.breakerId}/readings`, { readings });
  const [ahead] = (await due()).ahead;
  expect(ahead).toMatchObject({ where: 'Space 1, Bench', trend: { kind: 'joint-warms' } });
  const detail = await call<BreakerDetail>('get', `/breakers/${ids.breakerId}`);
  expect(detail.body.trends).toEqual([ahead!.trend]);
  expect((await call('get', '/due?zone=Nowhere')).status).toBe(400);
});
