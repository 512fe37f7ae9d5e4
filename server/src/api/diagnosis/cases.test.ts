import {
  lookAtCase,
  type CaseRecord,
  type CaseSummary,
  type HandOverFile,
} from '@phylaxon/core/diagnosis/cases';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { TESTS } from '@phylaxon/core/facts/vocabulary';
import { newRowId } from '../../edit/index.ts';
import { aShed, bytesOf, callsTo, testApp } from '../../testing/index.ts';

type Server = Awaited<ReturnType<typeof testApp>>;
let server: Server;
let siteId: string;
let panelId: string;
let breakerId: string;

let { call, made } = {} as ReturnType<typeof callsTo>;
const at = (minutes = 0) => new Date(Date.now() + minutes * 60_000).toISOString();
const open = (change: object = {}) =>
  made<CaseRecord['case']>('/cases', {
    siteId,
    complaint: 'trips',
    openedBy: 'homeowner',
    openedAt: at(),
    ...change,
  });
const file = async (id: string) => (await call('get', `/cases/${id}`)).body as CaseRecord;

beforeEach(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  ({ siteId, panelId, breakerId } = await aShed({ call, made }));
});
afterEach(() => server.store.close());

describe('a case on record', () => {
  test('sent twice it is opened once, and an answer is given once', async () => {
    const id = newRowId();
    const openedAt = at();
    await open({ id, panelId, breakerId, openedAt });
    await open({ id, panelId, breakerId, openedAt });
    const answers = { answers: [{ id: newRowId(), test: 'sound', outcome: 'quiet', at: at() }] };
    await made(`/cases/${id}/answers`, answers);
    await made(`/cases/${id}/answers`, answers);
    expect((await file(id)).log).toHaveLength(1);
    expect(((await call('get', '/cases')).body as { cases: CaseSummary[] }).cases).toHaveLength(1);
  });

  test('what was answered before the breaker was known goes into its log, once; what was taken back does not', async () => {
    const about = await open({ complaint: 'dead', panelId });
    const [kept, gone] = [newRowId(), newRowId()];
    await made(`/cases/${about.id}/answers`, {
      answers: [
        { id: kept, test: 'sound', outcome: 'quiet', at: at() },
        { id: gone, test: 'smell', outcome: 'none', at: at() },
      ],
    });
    await call('delete', `/cases/${about.id}/answers/${gone}`);
    expect((await file(about.id)).case.answers.map(({ takenBackAt }) => takenBackAt === null)).toEqual([
      true,
      false,
    ]);
    for (let i = 0; i < 2; i++)
      expect((await call('patch', `/cases/${about.id}`, { breakerId })).status).toBe(200);
    const then = await file(about.id);
    expect(then.log.map(({ entry }) => entry.id)).toEqual([kept]);
    expect(then.case.answers.map(({ id }) => id)).toEqual([gone]);
    expect(then.dossier!.subject.breaker.id).toBe(breakerId);
  });

  test('danger at a panel of which no breaker is known is the main’s, and every circuit behind it stops', async () => {
    const about = await open({ complaint: 'dead', panelId });
    await made(`/cases/${about.id}/answers`, {
      answers: [{ test: 'smell', outcome: 'hot-plastic', at: at() }],
    });
    expect((await file(about.id)).dossier!.subject.breaker.role).toBe('main');
    const { breakers } = (await call('get', `/panels/${panelId}`)).body as {
      breakers: { decision: { stop: boolean } }[];
    };
    expect(breakers.map(({ decision }) => decision.stop)).toEqual([true, true]);
    const another = await file((await open({ complaint: 'dead', panelId })).id);
    expect(another.main!.breaker.role).toBe('main');
    expect(lookAtCase(another, 'homeowner').step.kind).toBe('stop');
  });

  test('undo takes an answer back and the case itself; nothing is half there', async () => {
    const about = await open({ panelId, breakerId });
    await made(`/cases/${about.id}/answers`, {
      answers: [
        { test: 'sound', outcome: 'quiet', at: at() },
        { test: 'smell', outcome: 'none', at: at() },
      ],
    });
    const undo = async () => {
      const { steps } = (await call('get', `/panels/${panelId}`)).body as { steps: { undo: { id: string } } };
      expect((await call('post', `/sites/${siteId}/undo`, { edit: steps.undo.id })).status).toBe(200);
    };
    await undo();
    expect((await file(about.id)).log.every(({ entry }) => entry.struck !== null)).toBe(true);
    await undo();
    expect((await call('get', `/cases/${about.id}`)).status).toBe(404);
  });

  test('it is closed with its outcome and the decision as it stood, and takes nothing more until it is opened again', async () => {
    const about = await open({ panelId, breakerId });
    await made(`/cases/${about.id}/answers`, {
      answers: [{ test: 'smell', outcome: 'hot-plastic', at: at() }],
    });
    const closing = { outcome: 'handed-over', note: 'Called.', at: at() };
    expect((await call('post', `/cases/${about.id}/close`, closing)).status).toBe(200);
    expect((await call('post', `/cases/${about.id}/close`, closing)).status).toBe(200);
    const closed = await file(about.id);
    expect(closed.decision).toMatchObject({ action: 'make-safe-and-call', stop: { active: true } });
    const more = { answers: [{ test: 'sound', outcome: 'quiet', at: at() }] };
    expect((await call('post', `/cases/${about.id}/answers`, more)).status).toBe(409);
    expect((await call('post', `/cases/${about.id}/close`, { ...closing, outcome: 'replaced' })).status).toBe(
      409,
    );
    await call('post', `/cases/${about.id}/reopen`, {});
    expect((await call('post', `/cases/${about.id}/answers`, more)).status).toBe(201);
  });

  test('bad input is told where it was given, and stores nothing', async () => {
    const about = await open({ panelId, breakerId });
    const refused = async (path: string, body: object, field: string) => {
      const answer = await call('post', path, body);
      expect(answer.status).toBe(400);
      expect((answer.body as { error: { issues: { path: string }[] } }).error.issues[0]!.path).toBe(field);
    };
    await refused(
      `/cases/${about.id}/answers`,
      { answers: [{ test: 'sound', outcome: 'loud', at: at() }] },
      'answers.0.outcome',
    );
    await refused(`/cases/${about.id}/answers`, { answers: [] }, 'answers');
    await refused(`/cases/${about.id}/passed`, { tests: ['sound'], why: 'bored', at: at() }, 'why');
    await refused(
      `/breakers/${breakerId}/observations`,
      { test: 'sound', outcome: 'quiet', at: at(), caseId: newRowId() },
      'caseId',
    );
    await refused(
      `/breakers/${breakerId}/events`,
      { kind: 'reset', result: 'holds', at: at(), unplugged: true, connected: ['Lamp'] },
      'connected',
    );
    const elsewhere = await made<{ id: string }>('/sites', { name: 'Other' });
    await refused(
      '/cases',
      { siteId: elsewhere.id, breakerId, complaint: 'trips', openedBy: 'homeowner', openedAt: at() },
      'breakerId',
    );
    expect((await file(about.id)).log).toEqual([]);
  });

  test('where the part is replaced, the case says so', async () => {
    const about = await open({ panelId, breakerId });
    await made(`/breakers/${breakerId}/replace`, { ratingAmps: 20, version: 0 });
    expect(await file(about.id)).toMatchObject({ partGone: true, dossier: null });
    expect((await call('post', `/cases/${about.id}/close`, { outcome: 'replaced', at: at() })).status).toBe(
      200,
    );
  });

  test('a new case counts nothing of one that was closed before', async () => {
    const first = await open({ panelId, breakerId });
    await made(`/cases/${first.id}/answers`, { answers: [{ test: 'sound', outcome: 'quiet', at: at(-1) }] });
    await call('post', `/cases/${first.id}/close`, { outcome: 'not-found', at: at() });
    const second = await open({ panelId, breakerId, openedAt: at(1) });
    const { dossier, case: closed } = await file(second.id);
    expect(dossier!.subject.since! > (await file(first.id)).log[0]!.entry.at).toBe(true);
    expect(closed.closedAt).toBeNull();
  });
});

describe('a case handed over', () => {
  const upload = (content: string | Buffer) =>
    request(server.app)
      .post('/api/v1/handovers')
      .set('Content-Type', 'application/octet-stream')
      .send(content as string);

  async function written(): Promise<{ id: string; text: string }> {
    const about = await open({ panelId, breakerId, words: 'the bench' });
    await made(`/cases/${about.id}/answers`, { answers: [{ test: 'sound', outcome: 'quiet', at: at() }] });
    await made(`/breakers/${breakerId}/events`, {
      kind: 'reset',
      feel: 'clean-clicks',
      result: 'tripped',
      pace: 'at-once',
      at: at(),
      caseId: about.id,
    });
    const answer = await request(server.app).get(`/api/v1/cases/${about.id}/handover.json`);
    return { id: about.id, text: JSON.stringify(answer.body) };
  }

  test('is taken in elsewhere with its evidence and comes to the same', async () => {
    const { id, text } = await written();
    const before = await file(id);
    const other = await testApp();
    const taken = await request(other.app)
      .post('/api/v1/handovers')
      .set('Content-Type', 'application/octet-stream')
      .send(text as string);
    expect(taken.status).toBe(201);
    const { caseId } = taken.body as { caseId: string };
    const there = (await request(other.app).get(`/api/v1/cases/${caseId}`)).body as CaseRecord;
    expect(there.log).toEqual(before.log);
    expect(there.dossier!.subject.entries).toEqual(before.dossier!.subject.entries);
    await other.store.close();
  });

  test('where it came from it comes as another site, under new ids', async () => {
    const { id, text } = await written();
    const taken = await upload(text);
    const { caseId } = taken.body as { caseId: string };
    expect(caseId).not.toBe(id);
    expect((await file(caseId)).site.name).toBe('Shed, handed over');
    expect((await file(caseId)).log).toHaveLength(2);
  });

  test('carries no other case, and nothing of the site’s other breakers but the drawing', async () => {
    const other = await made<{ id: string }>(`/panels/${panelId}/breakers`, {
      space: 3,
      poles: 1,
      ratingAmps: 15,
    });
    await made(`/breakers/${other.id}/observations`, { test: 'sound', outcome: 'quiet', at: at() });
    await open({ panelId, breakerId: other.id });
    const { text } = await written();
    const { record, card } = JSON.parse(text) as HandOverFile & {
      record: Record<'breakers' | 'cases' | 'observations', unknown[]>;
    };
    expect([record.breakers.length, record.cases.length, record.observations.length]).toEqual([3, 1, 1]);
    expect(card.title).toBe('Bench');
  });

  test('what is none is refused with a reason, and stores nothing', async () => {
    const { text } = await written();
    const broken = JSON.parse(text) as { record: { events: { result: string }[] } };
    broken.record.events[0]!.result = 'exploded';
    for (const bad of [
      '{',
      '{}',
      text.slice(0, -40),
      JSON.stringify(broken),
      text.replace('"version":1', '"version":9'),
    ]) {
      const answer = await upload(bad);
      expect(answer.status).toBe(400);
      expect((answer.body as { error: { message: string } }).error.message).toMatch(/\w{4}/);
    }
    expect(((await call('get', '/sites')).body as { sites: unknown[] }).sites).toHaveLength(1);
  });

  test('tells temperatures in °F where that was chosen; the evidence stays in °C', async () => {
    await call('patch', '/settings', { temperature: 'F' });
    const { id } = await written();
    const peer = await made<{ id: string }>(`/panels/${panelId}/breakers`, {
      space: 3,
      poles: 1,
      ratingAmps: 20,
    });
    for (const [of, value] of [
      [breakerId, 85],
      [peer.id, 35],
    ] as const) {
      const hot = { quantity: 'temperature', point: 'terminal', value, ambientC: 25, at: at() };
      const load = { quantity: 'current', point: 'conductor', value: 12, at: at() };
      await made(`/breakers/${of}/readings`, { readings: [hot, load] });
    }
    const taken = (await call<HandOverFile>('get', `/cases/${id}/handover.json`)).body;
    const found = taken.card.found.map(({ text }) => text).join(' ');
    expect(found).toContain('Terminal at 185 °F, 108 °F above ambient and 90 °F above similar breakers');
    expect(JSON.stringify(taken.card)).not.toMatch(/[⟦⟧]/);
    expect(JSON.stringify(taken.record)).toContain('"value":85');
  });

  test('is a PDF of one page however much was found, in the reader’s time zone', async () => {
    const { id } = await written();
    for (const [name, { outcomes }] of Object.entries(TESTS)) {
      const answers = [{ test: name, outcome: outcomes[0], at: at(), note: '' }];
      await made(`/cases/${id}/answers`, { answers });
    }
    for (let i = 0; i < 12; i++)
      await made(`/breakers/${breakerId}/events`, { kind: 'trip', pace: 'minutes', amps: 19.5, at: at(-i) });
    const pdf = await bytesOf(server.app, `/cases/${id}/handover.pdf?zone=Europe/Lisbon`);
    const text = pdf.toString('latin1');
    expect(text.startsWith('%PDF-')).toBe(true);
    expect(text.match(/\/Type \/Page\b/g)).toHaveLength(1);
    expect((await call('get', `/cases/${id}/handover.pdf?zone=Nowhere/Atall`)).status).toBe(400);
  });
});
