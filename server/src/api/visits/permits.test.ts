import { afterAll, beforeEach, expect, test } from '@jest/globals';
import type { Permit } from '@phylaxon/core/record/panelEntries';
import type { Planning } from '@phylaxon/core/views/planning';
import { dueTasks, permitAdvice, type VisitWithPermit } from '@phylaxon/core/views/visit';
import { randomUUID } from 'node:crypto';
import { aShed, visitServer } from '../../testing/index.ts';

const server = await visitServer();
const {
  calls: { call },
  visits,
} = server;
afterAll(() => server.store.close());
let ids: Awaited<ReturnType<typeof aShed>>;
let visitId: string;

beforeEach(async () => {
  ids = await aShed(server.calls);
  visitId = (await visits.plan(ids.panelId, ids.breakerId)).plan.visitId;
});

const log = (change: Partial<Permit> = {}) =>
  visits.post(ids.panelId, 'permit', { visitId, need: 'needed', number: '26-114', ...change });
const visit = async (id = visitId) => (await call<VisitWithPermit>('get', `/visits/${id}`)).body;
const due = async () => {
  const { panels } = (await call<Planning>('get', `/sites/${ids.siteId}/planning`)).body;
  return dueTasks(panels[0]!, [], randomUUID).map(({ headline }) => headline);
};

test('the latest word on a permit counts, and corrections are due until the inspection passes', async () => {
  expect((await visit()).permit).toBeNull();
  expect((await log({ inspection: 'booked', bookedFor: '2026-12-08' })).status).toBe(201);
  expect((await visit()).permit).toMatchObject({
    number: '26-114',
    inspection: 'booked',
    bookedFor: '2026-12-08',
  });
  expect(await due()).toEqual([]);
  expect(
    (await log({ inspection: 'failed', corrections: ['Filler plate missing', 'Label the main'] })).status,
  ).toBe(201);
  expect(await due()).toEqual(['Correction: Filler plate missing', 'Correction: Label the main']);
  await log({ inspection: 'passed' });
  expect(await due()).toEqual([]);
});

test('what this place wanted before is told at the next visit for the same work', async () => {
  await log();
  const next = (await visits.plan(ids.panelId, ids.breakerId)).plan.visitId;
  const { earlierPermits } = await visit(next);
  expect(earlierPermits).toEqual([{ works: ['replace'], need: 'needed' }]);
  expect(permitAdvice(['replace'], earlierPermits).need).toBe('needed');
  expect(permitAdvice(['new-breaker'], earlierPermits).need).toBe('unknown');
});

test.each([
  [{ need: 'not-needed', inspection: 'passed' }, 'content.inspection'],
  [{ inspection: 'booked' }, 'content.bookedFor'],
  [{ inspection: 'failed' }, 'content.corrections'],
  [{ inspection: 'passed', corrections: ['x'] }, 'content.corrections'],
  [{ inspection: 'failed', corrections: [' '] }, 'content.corrections.0'],
] as [Partial<Permit>, string][])('%j is refused at its field', async (change, path) => {
  const { status, body } = await log(change);
  expect(status).toBe(400);
  expect(body.error!.issues.map((issue) => issue.path)).toContain(path);
  expect((await visit()).permit).toBeNull();
});

test('a visit is printed though its panel was deleted since; no outage is announced', async () => {
  const page = async (what: string) => (await call('get', `/visits/${visitId}/${what}.pdf`)).status;
  expect([await page('sheet'), await page('tag'), await page('notice')]).toEqual([200, 200, 200]);
  expect((await visits.post(ids.panelId, 'permit', { visitId, need: 'needed' })).status).toBe(201);
  await server.store.read((manager) =>
    manager.query(`UPDATE "panel" SET "removedAt" = ? WHERE "id" = ?`, [
      new Date().toISOString(),
      ids.panelId,
    ]),
  );
  expect([await page('sheet'), await page('tag'), await page('notice')]).toEqual([200, 200, 404]);
});
