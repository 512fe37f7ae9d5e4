import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { VisitFault } from '@phylaxon/core/simulate/panel';
import type { BreakerDetail, Board } from '@phylaxon/core/views/board';
import type { Timeline } from '@phylaxon/core/views/timeline';
import type { Planning } from '@phylaxon/core/views/planning';
import { dueTasks, sheetLines, type SiteVisits } from '@phylaxon/core/views/visit';
import type { VisitFact } from '@phylaxon/core/visit/work';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { aShed, bytesOf, callsTo, readPdf, testApp, visitCalls } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;
let ids: Awaited<ReturnType<typeof aShed>>;
let visits: ReturnType<typeof visitCalls>;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
  visits = visitCalls({ call, made });
});
afterAll(() => server.store.close());

const clock = () => new Date().toISOString();
const post = (kind: string, content: object, more: object = {}) =>
  visits.post(ids.panelId, kind, content, more);
const told = (visitId: string) => visits.told(visitId);
const goOn = (visitId: string, fault: VisitFault, until?: (fact: VisitFact) => boolean) =>
  visits.goOn(ids.panelId, visitId, fault, until);

/** A visit to a shed of its own, to exchange one breaker. */
async function planned(change: object = {}) {
  ids = await aShed({ call, made });
  return visits.plan(ids.panelId, ids.breakerId, change);
}

const timelineOf = async (breakerId: string) =>
  (await call<Timeline>('get', `/breakers/${breakerId}/timeline`)).body;

describe('a visit', () => {
  test('goes from the plan to a proven record: the new part in its place, its readings, the old one kept', async () => {
    const { plan, task, answer } = await planned();
    expect(answer.status).toBe(201);
    await goOn(plan.visitId, 'none');
    const { body } = await call<SiteVisits>('get', `/sites/${ids.siteId}/visits`);
    expect(body.visits[0]).toMatchObject({ stands: 'finished', what: ['Shed'] });
    // Made-up visits teach nothing.
    expect(body.learned).toEqual({ visits: 0, factor: 1 });
    const board = (await call<Board>('get', `/panels/${ids.panelId}`)).body;
    expect(board.breakers.find(({ breaker }) => breaker.space === task.space)!.breaker).toMatchObject({
      id: task.partId,
      replaces: task.breakerId,
    });
    const { body: detail } = await call<BreakerDetail>('get', `/breakers/${task.partId}`);
    expect(detail.lastVoltage).toMatchObject({ point: 'outlet', simulated: true });
    const text = JSON.stringify(await timelineOf(task.partId));
    expect(text).toContain('outlet-wiring');
    expect(text).toContain('Done on a visit. The power was off for');
  });

  test('two wires under one screw: spliced to one pigtail, and the finding is answered', async () => {
    ids = await aShed({ call, made });
    const found = { test: 'terminal-inspection', outcome: 'two-wires-one-terminal', at: clock() };
    expect((await call('post', `/breakers/${ids.breakerId}/observations`, found)).status).toBe(201);
    const decision = async () =>
      (await call<BreakerDetail>('get', `/breakers/${ids.breakerId}`)).body.verdict.decision;
    expect((await decision()).action).toBe('separate-conductors');
    const { plan, answer } = await visits.plan(ids.panelId, ids.breakerId, {
      work: 'separate-conductors',
      partId: null,
    });
    expect(answer.status).toBe(201);
    await goOn(plan.visitId, 'none');
    const { body } = await call<SiteVisits>('get', `/sites/${ids.siteId}/visits`);
    expect(body.visits[0]).toMatchObject({ stands: 'finished' });
    expect((await decision()).action).not.toBe('separate-conductors');
    const sheet = sheetLines(await told(plan.visitId)).map(({ what }) => what);
    expect(sheet).toContain('Splice the two wires to one pigtail');
  });

  test('a breaker that is out when its place is given up is out on record, and the next visit begins there', async () => {
    const { plan, task } = await planned();
    await goOn(plan.visitId, 'none', (fact) => fact.is === 'step-done' && fact.step === 'compare');
    const leave: VisitFact = { is: 'changed', id: task.id, way: 'not-now', space: null, ratingAmps: null };
    expect((await visits.step(ids.panelId, plan.visitId, leave)).status).toBe(201);
    await goOn(plan.visitId, 'none');
    const board = async () => (await call<Board>('get', `/panels/${ids.panelId}`)).body;
    const at = ({ breakers }: Board) => breakers.find(({ breaker }) => breaker.space === task.space);
    expect(at(await board())).toBeUndefined();
    expect((await board()).panel.blanks).toContain(task.space);
    const planning = async () =>
      (await call<Planning>('get', `/sites/${ids.siteId}/planning`)).body.panels[0]!;
    const [due] = dueTasks(await planning(), [], randomUUID);
    expect(due).toMatchObject({
      label: 'Shed',
      tasks: [{ work: 'reinstall', space: task.space, ratingAmps: task.ratingAmps }],
    });
    const visitId = randomUUID();
    const next = { visitId, tasks: due!.tasks, off: 'its main breaker', minutes: 30 };
    expect((await post('visit', next)).status).toBe(201);
    await goOn(visitId, 'none');
    const now = at(await board())!;
    expect(now.breaker).toMatchObject({ id: due!.tasks[0]!.partId, replaces: task.breakerId });
    // Its circuit goes on with all that was known of it.
    expect(now.label).toBe('Bench');
    expect((await planning()).proposals).toEqual([]);
  });

  test('nothing that a gate does not let pass is stored, and nothing twice', async () => {
    const { plan } = await planned();
    const step = (n: number, fact: object, more: object = {}) =>
      post('visit-step', { visitId: plan.visitId, n, fact }, more);
    expect((await step(0, { is: 'cover-off' })).body.error!.code).toBe('visit_gate');
    const id = randomUUID();
    const at = clock();
    expect((await step(0, { is: 'dressed' }, { id, at })).status).toBe(201);
    // Sent again, because an answer was lost.
    expect((await step(0, { is: 'dressed' }, { id, at })).status).toBe(201);
    expect((await step(0, { is: 'tester-proved', volts: 121 })).body.error!.code).toBe('visit_went_on');
    expect((await step(1, { is: 'tester-proved', volts: -4 })).status).toBe(400);
    expect((await told(plan.visitId)).steps).toHaveLength(1);
    const homeowner = await request(server.app)
      .post(`/api/v1/panels/${ids.panelId}/entries`)
      .set('phylaxon-profile', 'homeowner')
      .send({
        kind: 'visit-step',
        at,
        content: { visitId: plan.visitId, n: 1, fact: { is: 'tester-proved', volts: 120 } },
      });
    expect(homeowner.status).toBe(403);
  });

  test('a step does not lie days before the one ahead of it', async () => {
    const { plan } = await planned();
    await goOn(plan.visitId, 'none', (fact) => fact.is === 'main-off');
    const n = (await told(plan.visitId)).steps.length;
    const content = { visitId: plan.visitId, n, fact: { is: 'main-off' } };
    const { status, body } = await post('visit-step', content, { at: '1950-01-01T00:00:00.000Z' });
    expect([status, body.error!.issues[0]!.path]).toEqual([400, 'at']);
    expect((await post('visit-step', content)).status).toBe(201);
  });

  test('a live figure stops it, is logged at the main, and is not taken back', async () => {
    const { plan } = await planned();
    await goOn(plan.visitId, 'main-welded');
    const { steps } = await told(plan.visitId);
    const live = steps.find(({ fact }) => fact.is === 'measured')!;
    const board = (await call<Board>('get', `/panels/${ids.panelId}`)).body;
    const main = board.breakers.find(({ breaker }) => breaker.role === 'main')!;
    expect(main.decision.stop).toBe(true);
    const { status } = await call('post', `/panel-entries/${live.entryId}/strike`, { why: 'A slip' });
    expect(status).toBe(409);
    const { body } = await call<SiteVisits>('get', `/sites/${ids.siteId}/visits`);
    expect(body.visits[0]!.stands).toBe('left');
  });

  test('a step told by mistake is answered by the next one, and both stay on record', async () => {
    const { plan } = await planned();
    await goOn(plan.visitId, 'none', (fact) => fact.is === 'main-off');
    const before = (await told(plan.visitId)).steps;
    const step = (fact: VisitFact) => visits.step(ids.panelId, plan.visitId, fact);
    expect((await step({ is: 'main-off' })).status).toBe(201);
    expect((await step({ is: 'taken-back' })).status).toBe(201);
    // One mistake at a time, and no measurement: that is made again.
    expect((await step({ is: 'taken-back' })).body.error!.code).toBe('visit_gate');
    expect((await told(plan.visitId)).steps).toHaveLength(before.length + 2);
    const sheet = sheetLines(await told(plan.visitId)).map(({ what }) => what);
    expect(sheet.at(-2)).toMatch(/entered by mistake/);
    await goOn(plan.visitId, 'none');
    const { body } = await call<SiteVisits>('get', `/sites/${ids.siteId}/visits`);
    expect(body.visits[0]!.stands).toBe('finished');
  });

  test('one visit at a time to a panel', async () => {
    const { plan, task } = await planned();
    await goOn(plan.visitId, 'none', (fact) => fact.is === 'main-off');
    const other = { ...plan, visitId: randomUUID(), tasks: [{ ...task, partId: randomUUID() }] };
    expect((await post('visit', other)).status).toBe(201);
    const { body } = await post('visit-step', { visitId: other.visitId, n: 0, fact: { is: 'dressed' } });
    expect(body.error!.code).toBe('visit_under_way');
  });

  test('a pitted stab: the breaker goes to another space, and its old one is not used again', async () => {
    const { plan, task } = await planned();
    await goOn(plan.visitId, 'pitted-stab', (fact) => fact.is === 'changed');
    const { steps } = await told(plan.visitId);
    const fact = { is: 'changed', id: task.id, way: 'other-space', space: 6, ratingAmps: null };
    expect((await post('visit-step', { visitId: plan.visitId, n: steps.length, fact })).status).toBe(201);
    await goOn(plan.visitId, 'pitted-stab');
    const { panel, breakers } = (await call<Board>('get', `/panels/${ids.panelId}`)).body;
    expect(breakers.find(({ breaker }) => breaker.id === task.partId)!.breaker.space).toBe(6);
    expect(panel.blanks).toContain(task.space);
    // The log of what was there before says why.
    expect(JSON.stringify(await timelineOf(task.partId))).toContain('pitted-or-burnt');
  });

  test('a plan is about breakers of this panel, each new part with an id of its own', async () => {
    expect((await planned({ breakerId: randomUUID() })).answer.body.error!.issues[0]!.path).toBe(
      'content.tasks.0.breakerId',
    );
    expect((await planned({ space: 80 })).answer.body.error!.issues[0]!.path).toBe('content.tasks.0.space');
    const { plan, task } = await planned();
    const again = { ...plan, visitId: randomUUID(), tasks: [{ ...task, partId: task.breakerId }] };
    expect((await post('visit', again)).body.error!.issues[0]!.path).toBe('content.tasks.0.partId');
    expect((await post('visit', plan)).body.error!.issues[0]!.path).toBe('content.visitId');
    // The main is never worked on like this, whatever it is called.
    const { breakers } = (await call<Board>('get', `/panels/${ids.panelId}`)).body;
    const main = breakers.find(({ breaker }) => breaker.role === 'main')!.breaker.id;
    const atMain = {
      ...plan,
      visitId: randomUUID(),
      tasks: [{ ...task, id: 'x', breakerId: main, partId: randomUUID() }],
    };
    expect((await post('visit', atMain)).body.error!.issues[0]!.message).toMatch(/line side stays energized/);
    const twice = { ...plan, visitId: randomUUID(), tasks: [task, { ...task, id: 'x' }] };
    expect((await post('visit', twice)).body.error!.issues[0]!.path).toBe('content.tasks.1.partId');
  });

  test('a new circuit and a move are work of a visit too', async () => {
    const { plan, task } = await planned({ work: 'move', partId: null, from: 1, space: 5 });
    const fresh = {
      ...task,
      id: 'new',
      work: 'new-breaker',
      breakerId: null,
      partId: randomUUID(),
      from: null,
      space: 7,
      label: 'Kiln',
      poles: 1,
    };
    const both = { ...plan, visitId: randomUUID(), tasks: [task, fresh] };
    expect((await post('visit', both)).status).toBe(201);
    await goOn(both.visitId, 'none');
    const { breakers } = (await call<Board>('get', `/panels/${ids.panelId}`)).body;
    const at = (space: number) => breakers.find(({ breaker }) => breaker.space === space);
    expect([at(5)?.breaker.id, at(7)?.label]).toEqual([task.breakerId, 'Kiln']);
  });

  test.each<[page: string, title: string, words: string[]]>([
    ['tag', 'Tag: Shed panel', ['DO NOT OPERATE', 'locked out at its main breaker', 'R. Marsh', '555 0100']],
    ['notice', 'Power outage notice: Shed panel', ['about 30 minutes', 'Shed', 'Do not touch any switch']],
    [
      'sheet',
      'Visit: Shed panel',
      ['Completed and tested', 'Pole 1 to neutral', '25 lb·in', 'New breaker installed', 'simulated figures'],
    ],
  ])('its %s is a page to print', async (page, title, words) => {
    const { plan, task } = await planned();
    const named = {
      ...plan,
      ...{
        visitId: randomUUID(),
        tasks: [{ ...task, partId: randomUUID() }],
        who: 'R. Marsh',
        phone: '555 0100',
      },
    };
    expect((await post('visit', named)).status).toBe(201);
    await goOn(named.visitId, 'ghost');
    const at = `/visits/${named.visitId}/${page}.pdf`;
    const pdf = await readPdf(
      await bytesOf(server.app, `${at}?address=${encodeURIComponent('http://panel.local:4710')}`),
    );
    expect(pdf).toMatchObject({ title, language: 'en-US', isTagged: true, hasFonts: true });
    for (const one of words)
      expect(pdf.text.join(' ').replace(/\s+/g, '')).toContain(one.replace(/\s+/g, ''));
    expect(pdf.beyond).toBeLessThan(1);
    for (const bad of ['ftp://x', 'x', 'http://x/y'])
      expect((await call('get', `${at}?address=${encodeURIComponent(bad)}`)).status).toBe(400);
    expect((await call('get', `/visits/${randomUUID()}/${page}.pdf`)).status).toBe(404);
  });

  test('its tag is readable, whoever’s name is on it; letters that cannot be printed are refused, not boxes', async () => {
    const { plan, task } = await planned();
    const tagOf = async (who: string) => {
      const named = { ...plan, visitId: randomUUID(), tasks: [{ ...task, partId: randomUUID() }], who };
      expect((await post('visit', named)).status).toBe(201);
      return `/visits/${named.visitId}/tag.pdf`;
    };
    const without = (text: string) => text.normalize('NFKC').replace(/\s/g, '');
    const read = async (who: string) =>
      without((await readPdf(await bytesOf(server.app, await tagOf(who)))).text.join(''));
    for (const who of ['Jiří Dvořák', 'Łukasz Żółć', 'Γιώργος', 'Ганна Їжак', '山田太郎', '김민수'])
      expect(await read(who)).toContain(without(who));
    // How the letters of these scripts are joined is not read back: that they are printed is.
    for (const who of ['משה', 'محمد'])
      expect(await read(who)).toMatch(/[\p{Script=Hebrew}\p{Script=Arabic}]{3}/u);
    const refused = await call<{ error: { message: string } }>('get', await tagOf('R. Marsh ⚡'));
    expect(refused.status).toBe(409);
    expect(refused.body.error.message).toMatch(
      /the electrician’s name has characters that do not print \(⚡\)/,
    );
  });
});
