import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import { isNormal, type InspectionItemId, type StationId } from '@phylaxon/core/facts/inspection';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import type { InspectionView } from '@phylaxon/core/views/inspection';
import type { Planning } from '@phylaxon/core/views/planning';
import type { Report } from '@phylaxon/core/views/report';
import type { UpkeepView } from '@phylaxon/core/views/upkeep';
import { dueTasks, TASK_WORDS } from '@phylaxon/core/views/visit';
import type { VisitTask } from '@phylaxon/core/visit/work';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { aShed, visitServer } from '../../testing/index.ts';

const server = await visitServer();
const {
  calls: { call },
  visits,
} = server;
afterAll(() => server.store.close());
let ids: Awaited<ReturnType<typeof aShed>>;

beforeEach(async () => {
  ids = await aShed(server.calls);
});
interface Result {
  item: InspectionItemId;
  result: string;
  breakerId?: string;
  volts?: number;
}

const log = (station: StationId, results: Result[], more: object = {}, profile = 'electrician') =>
  request(server.app)
    .post(`/api/v1/panels/${ids.panelId}/entries`)
    .set('phylaxon-profile', profile)
    .send({
      kind: 'inspection',
      at: new Date().toISOString(),
      content: { inspectionId: randomUUID(), purpose: 'buying', station, results, ...more },
    });
const view = async () => (await call<InspectionView>('get', `/panels/${ids.panelId}/inspection`)).body;
const report = async () => (await call<Report>('get', `/panels/${ids.panelId}/report`)).body;
const planned = async () =>
  (await call<Planning>('get', `/sites/${ids.siteId}/planning`)).body.panels.find(
    ({ panel }) => panel.id === ids.panelId,
  )!;
const panelTasks = async (): Promise<VisitTask[]> =>
  dueTasks(await planned(), [], randomUUID).flatMap(({ tasks }) => tasks);

describe('a station of an inspection', () => {
  test('is in the log of its breakers, among the findings of the panel, and done as maintenance', async () => {
    const { breakerId } = ids;
    const answer = await log('closed', [
      { item: 'touch', breakerId, result: 'hot' },
      { item: 'moisture', result: 'damp' },
    ]);
    expect(answer.status).toBe(201);
    const { body } = await call<BreakerDetail>('get', `/breakers/${breakerId}`);
    expect(body.verdict.decision.stop.active).toBe(true);
    expect((await planned()).signs).toEqual(['damp']);
    const { rounds } = (await call<UpkeepView>('get', `/panels/${ids.panelId}/upkeep`)).body;
    expect(rounds).toMatchObject([{ duty: 'closed-look', amiss: 1 }]);
    expect((await view()).known).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ item: 'touch', breakerId, result: 'hot' }),
        expect.objectContaining({ item: 'moisture', breakerId: null, result: 'damp' }),
      ]),
    );
  });

  test('a finding that is gone is said to be gone, and one of another item stays', async () => {
    await log('closed', [
      { item: 'moisture', result: 'damp' },
      { item: 'age', result: 'old' },
    ]);
    await log('closed', [{ item: 'moisture', result: 'dry' }]);
    expect((await planned()).signs).toEqual(['over-40-years']);
    const known = (await view()).known.filter(({ item }) => item === 'moisture');
    expect(known).toMatchObject([{ result: 'dry' }]);
  });

  test('a reading at an outlet is in the log of its breaker', async () => {
    const answer = await log('outlets', [
      { item: 'outlet-voltage', breakerId: ids.breakerId, result: 'read', volts: 104 },
    ]);
    expect(answer.status).toBe(201);
    const { body } = await call<BreakerDetail>('get', `/breakers/${ids.breakerId}`);
    expect(body.lastVoltage).toMatchObject({ point: 'outlet', value: 104 });
  });

  test('what was skipped is in the report, until something answers it', async () => {
    await log('outside', [{ item: 'conduit-seal', result: 'open' }], { skipped: ['service-entrance'] });
    const first = await report();
    expect(first.notLookedAt.map(({ what }) => what)).toContain('Meter base, service drop and weatherhead');
    expect(first.findings.map(({ headline }) => headline)).toContain(
      'Conduit seal from outdoors: open or cracked',
    );
    await log('outside', [{ item: 'service-entrance', result: 'sound' }]);
    const second = await report();
    expect(second.notLookedAt.map(({ what }) => what)).not.toContain(
      'Meter base, service drop and weatherhead',
    );
  });

  test.each([
    ['an item of another station', [{ item: 'lugs', result: 'clean' }], /another station/],
    ['a result it does not have', [{ item: 'sound', result: 'loud' }], /quiet, hum, sizzle/],
    ['no breaker where one is meant', [{ item: 'touch', result: 'hot' }], /Name the breaker/],
    ['a reading where none is taken', [{ item: 'sound', result: 'hum', volts: 120 }], /voltage/],
  ] as [string, Result[], RegExp][])('%s is refused', async (_name, results, message) => {
    const answer = await log('closed', results);
    expect(answer.status).toBe(400);
    expect(JSON.stringify(answer.body)).toMatch(message);
    expect((await view()).inspections).toEqual([]);
  });

  test('a station where everything was on record is done without a result', async () => {
    expect((await log('closed', [])).status).toBe(201);
    expect((await view()).inspections).toMatchObject([{ stations: ['closed'], skipped: [] }]);
  });

  test('a breaker of another panel is refused, and nothing of the station is stored', async () => {
    const other = await aShed(server.calls);
    const answer = await log('closed', [
      { item: 'moisture', result: 'damp' },
      { item: 'touch', breakerId: other.breakerId, result: 'hot' },
    ]);
    expect(answer.status).toBe(400);
    expect((await planned()).signs).toEqual([]);
  });

  test('a homeowner inspects with the cover closed only', async () => {
    const inside: Result[] = [{ item: 'lugs', result: 'clean' }];
    expect((await log('inside', inside, {}, 'homeowner')).status).toBe(403);
    expect((await log('closed', [{ item: 'sound', result: 'quiet' }], {}, 'homeowner')).status).toBe(201);
  });
});

describe('work at the panel as a whole', () => {
  test.each([
    ['inside', 'bonding', 'bonded-in-sub-panel', 'separate-neutral'],
    ['inside', 'bonding', 'not-bonded', 'bond-neutral'],
    ['closed', 'moisture', 'damp', 'dry-panel'],
    ['closed', 'moisture', 'rust', 'dry-panel'],
    ['closed', 'openings', 'open', 'fill-openings'],
  ] as const)('%s, %s %s: %s is due until a visit did it', async (station, item, result, work) => {
    await log(station, [{ item, result }]);
    const tasks = await panelTasks();
    expect(tasks.map((task) => task.work)).toEqual([work]);
    const visitId = randomUUID();
    const plan = { visitId, tasks, off: 'its main breaker', minutes: 30 };
    expect((await visits.post(ids.panelId, 'visit', plan)).status).toBe(201);
    await visits.goOn(ids.panelId, visitId, 'none');
    expect(await panelTasks()).toEqual([]);
    const still = (await view()).known.filter((one) => one.item === item && !isNormal(one));
    expect(still).toEqual([]);
    const done = (await report()).done.map(({ what }) => what);
    expect(done).toContain(TASK_WORDS[work].became);
  });
});
