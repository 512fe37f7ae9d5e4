import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, test } from '@jest/globals';
import type { VisitFact } from '@phylaxon/core/visit/work';
import type { Board } from '@phylaxon/core/views/board';
import request from 'supertest';
import { aShed, visitServer } from '../../testing/index.ts';

const server = await visitServer();
const { calls, visits } = server;
afterAll(() => server.store.close());

const codeOf = async (answer: Promise<{ status: number; body: unknown }>) => {
  const { status, body } = await answer;
  return status < 400 ? String(status) : (body as { error: { code: string } }).error.code;
};
const boardOf = async (panelId: string) => (await calls.call<Board>('get', `/panels/${panelId}`)).body;
const now = () => new Date().toISOString();
const isMeasure = ({ is }: VisitFact) => is === 'measured';

/** A panel as it is sent to be changed. */
const asDrawn = ({ id: _id, siteId: _site, createdAt: _at, ...panel }: Board['panel']) => ({
  ...panel,
  mainAmps: 60,
});

/** A visit to a shed, up to its first measurement, with what stands around it. */
async function opened() {
  const ids = await aShed(calls);
  const { plan, task } = await visits.plan(ids.panelId, ids.breakerId);
  await visits.goOn(ids.panelId, plan.visitId, 'none', isMeasure);
  const { breakers } = await boardOf(ids.panelId);
  const main = breakers.find(({ breaker }) => breaker.role === 'main')!.breaker;
  const working = breakers.find(({ breaker }) => breaker.id === ids.breakerId)!.breaker;
  return { ids, plan, task, main, working };
}

const live: VisitFact = { is: 'measured', id: 'main', pole: 1, to: 'neutral', volts: 121 };

describe('while a visit is under way', () => {
  test('undo does not take back a reading, nor does a strike, and no later one hides it', async () => {
    const { ids, plan } = await opened();
    expect(await codeOf(visits.step(ids.panelId, plan.visitId, live))).toBe('201');
    const { steps } = await boardOf(ids.panelId);
    // The step is the newest edit: it is not offered, and not done.
    expect(steps.undo).toBeNull();
    const { store } = server;
    const [edit] = (await store.read((manager) =>
      manager.query(`SELECT id FROM edit WHERE siteId = ? ORDER BY rowid DESC LIMIT 1`, [ids.siteId]),
    )) as [{ id: string }];
    expect(await codeOf(calls.call('post', `/sites/${ids.siteId}/undo`, { edit: edit.id }))).toBe(
      'visit_step_kept',
    );
    const told = await visits.told(plan.visitId);
    const last = told.steps.at(-1)!;
    expect(await codeOf(calls.call('post', `/panel-entries/${last.entryId}/strike`, { why: 'A slip' }))).toBe(
      'visit_step_kept',
    );
    expect(await codeOf(visits.step(ids.panelId, plan.visitId, { ...live, volts: 0.2 }))).toBe('visit_gate');
    expect(await codeOf(visits.step(ids.panelId, plan.visitId, { is: 'taken-back' }))).toBe('visit_gate');
    expect((await visits.told(plan.visitId)).steps.at(-1)!.fact).toEqual(live);
  });

  test('what it logged at a breaker is not struck, and may be once it has ended', async () => {
    const { ids, plan, main } = await opened();
    await visits.step(ids.panelId, plan.visitId, live);
    const timeline = async () =>
      (await calls.call<{ items: { id: string; kind: string }[] }>('get', `/breakers/${main.id}/timeline`))
        .body;
    const logged = JSON.stringify(await timeline()).match(/"id":"([0-9a-f-]{36})"/g) ?? [];
    expect(logged.length).toBeGreaterThan(0);
    const [seen] = (await server.store.read((manager) =>
      manager.query(`SELECT id FROM observation WHERE breakerId = ?`, [main.id]),
    )) as [{ id: string }];
    const strike = () => codeOf(calls.call('post', `/observations/${seen.id}/strike`, { why: 'A slip' }));
    expect(await strike()).toBe('visit_under_way');
    await visits.step(ids.panelId, plan.visitId, { is: 'cover-on' });
    await visits.step(ids.panelId, plan.visitId, { is: 'abandoned' });
    expect(await strike()).toBe('200');
    // Its steps stay for ever, and so does the visit.
    const told = await visits.told(plan.visitId);
    for (const entryId of [told.entryId, told.steps[0]!.entryId])
      expect(await codeOf(calls.call('post', `/panel-entries/${entryId}/strike`, { why: 'x' }))).toMatch(
        /visit_step_kept|visit_begun/,
      );
  });

  test('neither its breaker, its main, its panel nor its site can be taken away or changed', async () => {
    const { ids, working, main } = await opened();
    const refused = (answer: Promise<{ status: number; body: unknown }>) =>
      expect(codeOf(answer)).resolves.toBe('visit_under_way');
    const { call } = calls;
    await refused(call('delete', `/breakers/${working.id}`));
    await refused(call('post', `/breakers/${working.id}/move`, { space: 5, version: working.version }));
    await refused(call('patch', `/breakers/${working.id}`, { ratingAmps: 15, version: working.version }));
    await refused(
      call('post', `/breakers/${working.id}/replace`, {
        ratingAmps: 20,
        kind: 'standard',
        why: 'x',
        version: working.version,
      }),
    );
    await refused(call('patch', `/breakers/${main.id}`, { ratingAmps: 100, version: main.version }));
    await refused(call('delete', `/panels/${ids.panelId}`));
    await refused(call('delete', `/sites/${ids.siteId}`));
    const { panel, breakers } = await boardOf(ids.panelId);
    await refused(call('put', `/panels/${ids.panelId}`, { ...asDrawn(panel), spaces: 12 }));
    expect(breakers.map(({ breaker }) => breaker.version)).toEqual(
      breakers.map(({ breaker }) => (breaker.id === main.id ? main.version : working.version)),
    );
    // Names and circuits may be written meanwhile.
    expect((await call('put', `/panels/${ids.panelId}`, { ...asDrawn(panel), name: 'New' })).status).toBe(
      200,
    );
  });

  test('undo and redo of an older edit obey it too', async () => {
    const { ids, working } = await opened();
    const { call } = calls;
    const other = await aShed(calls);
    expect(other.siteId).not.toBe(ids.siteId);
    // An edit after its last step is the newest: an unrelated one can be undone, and done again.
    await call('put', `/breakers/${working.id}/circuit`, { label: 'Bench lamp', version: 1 });
    const { steps } = await boardOf(ids.panelId);
    expect(steps.undo).not.toBeNull();
    expect((await call('post', `/sites/${ids.siteId}/undo`, { edit: steps.undo!.id })).status).toBe(200);
    expect((await boardOf(ids.panelId)).steps.undo).toBeNull();
  });

  test('a site file does not replace its site', async () => {
    const { ids } = await opened();
    const { text } = await request(server.app).get(`/api/v1/sites/${ids.siteId}/site.json`).expect(200);
    const answer = await request(server.app)
      .post('/api/v1/imports?mode=replace')
      .set('Content-Type', 'application/octet-stream')
      .send(text);
    expect([answer.status, (answer.body as { error: { code: string } }).error.code]).toEqual([
      409,
      'visit_under_way',
    ]);
  });

  test('no breaker between the service and the panel is turned on', async () => {
    const { ids, working, main } = await opened();
    const event = (id: string, content: object) =>
      codeOf(calls.call('post', `/breakers/${id}/events`, { at: now(), ...content }));
    expect(await event(main.id, { kind: 'handle', position: 'on' })).toBe('locked_out');
    expect(await event(working.id, { kind: 'reset', result: 'holds' })).toBe('locked_out');
    expect(await event(main.id, { kind: 'handle', position: 'off' })).toBe('201');
    // Visit log before the visit may still be told.
    expect(await event(main.id, { kind: 'handle', position: 'on', at: '2026-01-01T00:00:00.000Z' })).toBe(
      '201',
    );
    expect(
      await codeOf(
        visits.post(ids.panelId, 'upkeep-round', {
          duty: 'handles',
          results: [{ breakerId: working.id, result: 'moves' }],
        }),
      ),
    ).toBe('locked_out');
  });
});

describe('visits to a panel and to one that it feeds', () => {
  /** A main panel with a sub-panel behind its breaker in space 3. */
  async function twoPanels() {
    const ids = await aShed(calls);
    const { id: feeder } = await calls.made<{ id: string }>(`/panels/${ids.panelId}/breakers`, {
      space: 3,
      poles: 2,
      ratingAmps: 50,
    });
    const { id: subId } = await calls.made<{ id: string }>(`/sites/${ids.siteId}/panels`, {
      name: 'Barn panel',
      spaces: 8,
      mainAmps: 50,
      fedByBreakerId: feeder,
    });
    const { id: pump } = await calls.made<{ id: string }>(`/panels/${subId}/breakers`, {
      space: 1,
      poles: 1,
      ratingAmps: 20,
    });
    const main = (await boardOf(ids.panelId)).breakers.find(({ breaker }) => breaker.role === 'main')!;
    return { ...ids, feeder, subId, pump, mainId: main.breaker.id };
  }

  test.each(['upstream first', 'downstream first'])('never run side by side: %s', async (order) => {
    const { panelId, breakerId, subId, pump } = await twoPanels();
    const a = { at: panelId, plan: (await visits.plan(panelId, breakerId)).plan };
    const b = { at: subId, plan: (await visits.plan(subId, pump)).plan };
    const [first, second] = order === 'upstream first' ? [a, b] : [b, a];
    await visits.goOn(first.at, first.plan.visitId, 'none', isMeasure);
    expect(await codeOf(visits.step(second.at, second.plan.visitId, { is: 'dressed' }))).toBe(
      'visit_under_way',
    );
    await visits.goOn(first.at, first.plan.visitId, 'none');
    expect(await codeOf(visits.step(second.at, second.plan.visitId, { is: 'dressed' }))).toBe('201');
  });

  test('while the sub-panel is open, neither its feeder nor the main is turned on, taken away or fed otherwise', async () => {
    const { subId, pump, feeder, mainId, siteId, panelId } = await twoPanels();
    const { plan } = await visits.plan(subId, pump);
    await visits.goOn(subId, plan.visitId, 'none', isMeasure);
    for (const id of [feeder, mainId]) {
      expect(
        await codeOf(
          calls.call('post', `/breakers/${id}/events`, { at: now(), kind: 'handle', position: 'on' }),
        ),
      ).toBe('locked_out');
      const version = (await boardOf(panelId)).breakers.find(({ breaker }) => breaker.id === id)!.breaker
        .version;
      expect(await codeOf(calls.call('patch', `/breakers/${id}`, { ratingAmps: 40, version }))).toBe(
        'visit_under_way',
      );
    }
    const { panel } = await boardOf(subId);
    expect(
      await codeOf(calls.call('put', `/panels/${subId}`, { ...asDrawn(panel), fedByBreakerId: null })),
    ).toBe('visit_under_way');
    expect(await codeOf(calls.call('delete', `/sites/${siteId}`))).toBe('visit_under_way');
  });

  test('two sub-panels beside each other, each off by its own main, are worked on at once', async () => {
    const { siteId, panelId, subId, pump } = await twoPanels();
    const { id: feeder } = await calls.made<{ id: string }>(`/panels/${panelId}/breakers`, {
      space: 4,
      poles: 2,
      ratingAmps: 30,
    });
    const { id: otherId } = await calls.made<{ id: string }>(`/sites/${siteId}/panels`, {
      name: 'Attic panel',
      spaces: 8,
      mainAmps: 30,
      fedByBreakerId: feeder,
    });
    const { id: lamp } = await calls.made<{ id: string }>(`/panels/${otherId}/breakers`, {
      space: 1,
      poles: 1,
      ratingAmps: 15,
    });
    const a = (await visits.plan(subId, pump)).plan;
    const b = (await visits.plan(otherId, lamp)).plan;
    await visits.goOn(subId, a.visitId, 'none', isMeasure);
    await visits.goOn(otherId, b.visitId, 'none');
    await visits.goOn(subId, a.visitId, 'none');
  });

  test('an id is one visit’s, at whatever panel', async () => {
    const { panelId, breakerId, subId, pump } = await twoPanels();
    const { plan } = await visits.plan(panelId, breakerId);
    const { task } = await visits.plan(subId, pump);
    const same = { ...plan, tasks: [{ ...task, partId: randomUUID() }] };
    const { body } = await visits.post(subId, 'visit', same);
    expect(body.error!.issues[0]!.path).toBe('content.visitId');
  });

  const isFact =
    (is: VisitFact['is']) =>
    (fact: VisitFact): boolean =>
      fact.is === is;
  /** A visit to the sub-panel within the shutdown of another. */
  async function planWithin(panelId: string, breakerId: string, within: string) {
    const { plan } = await visits.plan(panelId, breakerId);
    const visitId = randomUUID();
    const answer = await visits.post(panelId, 'visit', { ...plan, visitId, within });
    return { visitId, status: answer.status };
  }

  test('in one shutdown: the inner begins under the lock of the outer, closes up under it, and is proved after it', async () => {
    const { panelId, breakerId, subId, pump } = await twoPanels();
    const outer = (await visits.plan(panelId, breakerId)).plan.visitId;
    const { visitId: innerId, status } = await planWithin(subId, pump, outer);
    expect(status).toBe(201);
    const inner = (fact: VisitFact) => codeOf(visits.step(subId, innerId, fact));
    const around = (fact: VisitFact) => codeOf(visits.step(panelId, outer, fact));
    await visits.goOn(panelId, outer, 'none', isFact('main-off'));
    // Not before the panel that feeds it is locked out.
    expect(await inner({ is: 'dressed' })).toBe('visit_under_way');
    await visits.goOn(panelId, outer, 'none', isFact('cover-off'));
    await visits.goOn(subId, innerId, 'none', isFact('measured'));
    // Hands are inside the inner panel: nothing is turned on upstream of it.
    await visits.goOn(panelId, outer, 'none', isFact('unlocked'));
    expect(await around({ is: 'unlocked' })).toBe('visit_under_way');
    await visits.goOn(subId, innerId, 'none', isFact('proof'));
    // Closed up and its own main on, under the lock of the outer: an outlet without power proves nothing yet.
    const [task] = (await visits.told(innerId)).plan.tasks;
    const dead: VisitFact = { is: 'proof', id: task!.id, proof: 'off-output', volts: 0 };
    expect(await inner(dead)).toBe('visit_under_way');
    await visits.goOn(panelId, outer, 'none');
    await visits.goOn(subId, innerId, 'none');
    for (const visitId of [outer, innerId])
      expect((await visits.told(visitId)).steps.at(-1)!.fact).toEqual({ is: 'finished' });
  });

  test('a panel does not share the shutdown of one that does not feed it', async () => {
    const { panelId, breakerId, subId, pump } = await twoPanels();
    const { ids, plan } = await opened();
    expect((await planWithin(subId, pump, plan.visitId)).status).toBe(400);
    expect((await planWithin(subId, pump, randomUUID())).status).toBe(400);
    const downstream = (await visits.plan(subId, pump)).plan.visitId;
    expect((await planWithin(panelId, breakerId, downstream)).status).toBe(400);
    expect(ids.panelId).not.toBe(panelId);
  });
});
