import { handOverOf, type CaseRecord } from '@phylaxon/core/diagnosis/cases';
import type { Board } from '@phylaxon/core/views/board';
import type { Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import type { CauseId } from '@phylaxon/core/facts/vocabulary';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { aShed, callsTo, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let siteId: string;
let panelId: string;
let breakerId: string;

let { call, made } = {} as ReturnType<typeof callsTo>;
const at = () => new Date().toISOString();
const opened = (change: object = {}) =>
  made<CaseRecord['case']>('/cases', {
    siteId,
    panelId,
    breakerId,
    complaint: 'trips',
    openedBy: 'electrician',
    openedAt: at(),
    ...change,
  });
const confirmed = (cause: CauseId) => ({ cause, who: 'electrician', how: 'measured' }) as const;
const close = async (id: string, cause: CauseId | null) => {
  const body = { outcome: 'repaired-elsewhere', confirmed: cause && confirmed(cause), at: at() };
  expect((await call('post', `/cases/${id}/close`, body)).status).toBe(200);
};
const outcomes = async (path = `/sites/${siteId}/outcomes`) => (await call<Outcomes>('get', path)).body;
const file = async (id: string) => (await call<CaseRecord>('get', `/cases/${id}`)).body;
/** How likely a cause is by the verdict that stands for the breaker. */
const chance = async (cause: CauseId) => {
  const { breakers } = (await call<Board>('get', `/panels/${panelId}`)).body;
  const { verdict } = (
    await call<{ verdict: { decision: { causes: { id: CauseId; probability: number }[] } } }>(
      'get',
      `/breakers/${breakers.find(({ breaker }) => breaker.id === breakerId)!.breaker.id}`,
    )
  ).body;
  return verdict.decision.causes.find(({ id }) => id === cause)?.probability ?? 0;
};

beforeEach(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  ({ siteId, panelId, breakerId } = await aShed({ call, made }));
});
afterEach(() => server.store.close());

describe('how cases ended', () => {
  test('what it was is kept as it is closed, told later, taken back, and gone once it is taken up again', async () => {
    const { id } = await opened();
    expect((await call('post', `/cases/${id}/confirmation`, { confirmed: null })).status).toBe(409);
    await close(id, 'overload');
    expect((await outcomes()).cases).toMatchObject([
      { id, where: 'Bench', site: 'Shed', confirmed: confirmed('overload') },
    ]);
    await call('post', `/cases/${id}/confirmation`, { confirmed: confirmed('motor-inrush') });
    expect((await outcomes()).byCause).toMatchObject([{ cause: 'motor-inrush', confirmed: 1 }]);
    await call('post', `/cases/${id}/confirmation`, { confirmed: null });
    expect(await outcomes()).toMatchObject({ closed: 1, confirmed: 0, decided: null });
    await call('post', `/cases/${id}/confirmation`, { confirmed: confirmed('overload') });
    await call('post', `/cases/${id}/reopen`, {});
    expect((await file(id)).case.confirmed).toBeNull();
    expect(await outcomes()).toMatchObject({ closed: 0, cases: [], teaching: { cases: 0 } });
  });

  test('undo takes back what it was, and what that taught', async () => {
    const { id } = await opened();
    await close(id, 'overload');
    const other = await opened();
    expect((await file(other.id)).dossier!.learned).not.toBeNull();
    for (let i = 0; i < 2; i++) {
      const { steps } = (await call<Board>('get', `/panels/${panelId}`)).body;
      await call('post', `/sites/${siteId}/undo`, { edit: steps.undo!.id });
    }
    expect((await file(id)).case).toMatchObject({ closedAt: null, confirmed: null });
    expect((await outcomes('/outcomes')).confirmed).toBe(0);
  });

  test.each([
    ['a cause that is not known', { cause: 'gremlins', who: 'electrician', how: 'seen' }],
    ['nobody who found it', { cause: 'overload', how: 'seen' }],
    ['a hunch', { cause: 'overload', who: 'electrician', how: 'hunch' }],
    ['a bare word', 'overload'],
  ])('%s is refused, and the case stays open', async (_what, wrong) => {
    const { id } = await opened();
    const body = { outcome: 'replaced', confirmed: wrong, at: at() };
    expect((await call('post', `/cases/${id}/close`, body)).status).toBe(400);
    expect((await file(id)).case.closedAt).toBeNull();
  });

  test('a case worked with the stand-in is counted apart and teaches nothing', async () => {
    const { id } = await opened();
    const answers = [{ test: 'sound', outcome: 'quiet', at: at(), simulated: true }];
    await made(`/cases/${id}/answers`, { answers });
    const before = await opened({ breakerId: null });
    await made(`/cases/${before.id}/answers`, { answers });
    await close(id, 'overload');
    await close(before.id, 'overload');
    expect(await outcomes()).toMatchObject({ closed: 0, simulated: 2, teaching: { cases: 0 } });
    expect((await file((await opened()).id)).learned).toBeNull();
  });

  test('a decision that was stored before causes were told with it is judged as any other', async () => {
    const { id } = await opened();
    await close(id, 'overload');
    const decision = JSON.stringify({ ...(await file(id)).decision, action: 'shed-load', causes: undefined });
    await server.store.write((manager) =>
      manager.query('UPDATE "case" SET decision = ? WHERE id = ?', [decision, id]),
    );
    expect(await outcomes()).toMatchObject({ decided: { right: 1, of: 1 }, byCause: [{ named: 0 }] });
  });

  test('a case that was closed with nothing found is handed over on a page like any other', async () => {
    const { id } = await opened({ complaint: 'check' });
    await close(id, null);
    expect((await file(id)).decision!.causes).toEqual([]);
    const page = await request(server.app).get(`/api/v1/cases/${id}/handover.pdf`);
    expect([page.status, page.headers['content-type']]).toEqual([200, 'application/pdf']);
  });

  test('what was found in a closed case stays on its page, and no longer decides about the breaker', async () => {
    const { id } = await opened({ complaint: 'dead' });
    const found = ['sound:quiet', 'power-loss-extent:one-circuit'].map((one) => one.split(':'));
    const answers = found.map(([name, outcome]) => ({ test: name, outcome, at: at() }));
    await made(`/cases/${id}/answers`, { answers });
    await close(id, 'device-failed');
    const told = handOverOf(await file(id)).found.map(({ text }) => text);
    expect(told).toEqual(['It is quiet.', 'One whole circuit is dead.']);
    const next = await file((await opened({ complaint: 'check' })).id);
    expect(handOverOf(next).found).toEqual([]);
  });

  test('they travel with the site, and a file written before them comes in', async () => {
    const { id } = await opened();
    await close(id, 'overload');
    const { text } = await request(server.app).get(`/api/v1/sites/${siteId}/site.json`);
    const written = JSON.parse(text) as { cases: { confirmed?: unknown }[] };
    expect(written.cases[0]!.confirmed).toEqual(confirmed('overload'));
    const bring = async (body: object) => {
      const sent = await request(server.app)
        .post('/api/v1/imports?mode=replace')
        .set('Content-Type', 'application/octet-stream')
        .send(JSON.stringify(body));
      expect([sent.body, sent.status]).toEqual([sent.body, 201]);
    };
    await bring(written);
    expect((await outcomes()).confirmed).toBe(1);
    const taught = (await file((await opened()).id)).learned;
    await request(server.app)
      .post('/api/v1/imports?mode=copy')
      .set('Content-Type', 'application/octet-stream')
      .send(JSON.stringify(written));
    expect((await file((await opened()).id)).learned).toEqual(taught);
    delete written.cases[0]!.confirmed;
    await bring(written);
    expect(await outcomes()).toMatchObject({ closed: 1, confirmed: 0 });
  });
});

describe('what they teach', () => {
  const trip = () => made(`/breakers/${breakerId}/events`, { kind: 'trip', at: at(), pace: 'seconds' });

  test('decisions are made anew with every confirmed end, and as before once it is switched off', async () => {
    await trip();
    const untaught = await chance('motor-inrush');
    const { id } = await opened({ breakerId: null });
    await close(id, 'motor-inrush');
    const taught = await chance('motor-inrush');
    expect(taught).toBeGreaterThan(untaught);
    await call('patch', '/settings', { learn: false });
    expect(await chance('motor-inrush')).toBe(untaught);
    expect((await file((await opened()).id)).dossier!.learned).toBeNull();
    await call('patch', '/settings', { learn: true });
    expect(await chance('motor-inrush')).toBe(taught);
    await call('post', `/cases/${id}/confirmation`, { confirmed: null });
    expect(await chance('motor-inrush')).toBe(untaught);
  });

  test('another site learns it too, until the site where it happened is wiped', async () => {
    await trip();
    const untaught = await chance('motor-inrush');
    const other = await made<{ id: string }>('/sites', { name: 'Barn' });
    const about = await opened({ siteId: other.id, panelId: null, breakerId: null });
    await close(about.id, 'motor-inrush');
    expect(await chance('motor-inrush')).toBeGreaterThan(untaught);
    // What is told here is what teaches here, wherever it happened.
    expect(await outcomes()).toMatchObject({ confirmed: 0, teaching: { cases: 1 } });
    expect((await outcomes('/outcomes')).confirmed).toBe(1);
    expect((await call('delete', `/sites/${other.id}`)).status).toBe(200);
    expect(await chance('motor-inrush')).toBe(untaught);
  });
});
