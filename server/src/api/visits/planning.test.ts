import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Planning } from '@phylaxon/core/views/planning';
import { aShed, callsTo, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let ids: Awaited<ReturnType<typeof aShed>>;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  ids = await aShed({ call, made });
});
afterAll(() => server.store.close());

const planning = async () => (await call<Planning>('get', `/sites/${ids.siteId}/planning`)).body;
const at = '2026-11-20T10:00:00.000Z';
const log = (kind: string, content: object) =>
  made<{ ids: string[] }>(`/panels/${ids.panelId}/entries`, { kind, at, content });

const proposal = {
  title: 'Kiln',
  poles: 2,
  ratingAmps: 60,
  place: { space: 3, half: null },
  steps: [],
};

test('what is planned is kept, taken back by undo, brought again by redo, and struck', async () => {
  expect((await planning()).panels[0]).toMatchObject({ sheet: null, proposals: [], peak: null });
  await log('proposal', proposal);
  expect((await planning()).panels[0]!.proposals[0]!.content).toMatchObject({
    title: 'Kiln',
    ratingAmps: 60,
  });
  const steps = async () =>
    (
      await call<{ steps: { undo: { id: string } | null; redo: { id: string } | null } }>(
        'get',
        `/panels/${ids.panelId}`,
      )
    ).body.steps;
  const { undo } = await steps();
  await call('post', `/sites/${ids.siteId}/undo`, { edit: undo!.id });
  expect((await planning()).panels[0]!.proposals).toEqual([]);
  const { redo } = await steps();
  await call('post', `/sites/${ids.siteId}/redo`, { edit: redo!.id });
  // What comes again is a copy: the log only grows.
  const [again] = (await planning()).panels[0]!.proposals;
  expect(again).toMatchObject({ content: { title: 'Kiln' } });
  await call('post', `/panel-entries/${again!.entryId}/strike`, { why: 'No longer planned' });
  expect((await planning()).panels[0]!.proposals).toEqual([]);
});

test('the latest service sheet counts, and bad figures are told at their field', async () => {
  await log('service-sheet', { serviceAmps: 100, floorAreaFt2: 900 });
  await log('service-sheet', { serviceAmps: 125, floorAreaFt2: 950 });
  expect((await planning()).panels[0]!.sheet!.content).toMatchObject({ serviceAmps: 125, fixed: [] });
  const { status, body } = await call<{ error: { issues: { path: string }[] } }>(
    'post',
    `/panels/${ids.panelId}/entries`,
    { kind: 'service-sheet', at, content: { serviceAmps: -1 } },
  );
  expect([status, body.error.issues[0]!.path]).toEqual([400, 'content.serviceAmps']);
});

test('a conductor that is not made is told at its gauge, whatever else follows from it', async () => {
  const conductor = { gauge: '14', material: 'aluminum', insulationC: 90, cable: 'nm' };
  const { status, body } = await call<{ error: { issues: { path: string; message: string }[] } }>(
    'post',
    `/panels/${ids.panelId}/entries`,
    { kind: 'proposal', at, content: { ...proposal, conductor } },
  );
  expect([status, body.error.issues]).toEqual([
    400,
    [{ path: 'content.conductor.gauge', message: 'Aluminum is not made in 14 AWG.' }],
  ]);
});

test('a proposal names breakers of this panel only', async () => {
  const other = '0427aef8-e96d-4752-a332-f4b04019a000';
  const { status, body } = await call<{ error: { issues: { path: string }[] } }>(
    'post',
    `/panels/${ids.panelId}/entries`,
    {
      kind: 'proposal',
      at,
      content: { ...proposal, steps: [{ breakerId: other, to: { space: 5 }, as: 'move' }] },
    },
  );
  expect([status, body.error.issues[0]!.path]).toEqual([400, 'content.steps.0.breakerId']);
});

test('a proposal never holds a breaker that its conductor may not have', async () => {
  const thin = { gauge: '14', material: 'copper', insulationC: 90, cable: 'nm' };
  const { status, body } = await call<{ error: { issues: { path: string; message: string }[] } }>(
    'post',
    `/panels/${ids.panelId}/entries`,
    { kind: 'proposal', at, content: { ...proposal, ratingAmps: 30, conductor: thin } },
  );
  expect([status, body.error.issues[0]!.path]).toEqual([400, 'content.ratingAmps']);
  expect(body.error.issues[0]!.message).toContain('15 A');
});

test('a site that is not there is not found', async () => {
  expect((await call('get', '/sites/0427aef8-e96d-4752-a332-f4b04019a000/planning')).status).toBe(404);
});
