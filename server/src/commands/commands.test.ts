import { describe, expect, test } from '@jest/globals';
import { COMMANDS } from '@phylaxon/core/commands';
import { uuid } from '@phylaxon/core/testing';
import request from 'supertest';
import { aShed, callsTo, testApp } from '../testing/index.ts';

const at = '2026-11-20T10:00:00Z';

test('every command of core is served, and the document tells of it', async () => {
  const { app } = await testApp();
  const { paths } = (await request(app).get('/api/v1/openapi.json')).body as {
    paths: Record<string, Record<string, { parameters?: { in: string; name: string }[] }>>;
  };
  for (const { method, path } of COMMANDS.values()) {
    const told = paths[`/api/v1${path.replace(/:(\w+)/g, '{$1}')}`]?.[method];
    expect([path, told?.parameters?.some(({ in: where, name }) => where === 'header' && name)]).toEqual([
      path,
      true,
    ]);
  }
});

test('a change of the drawing whose answer was lost is made once, however often it is sent', async () => {
  const { app } = await testApp();
  const { call, made } = callsTo(app);
  const { breakerId, panelId } = await aShed({ call, made });
  const send = (path: string, method: 'put' | 'patch', body: object, change: string) =>
    request(app)[method](`/api/v1${path}`).set('Phylaxon-Change', change).send(body);
  const circuit = { label: 'Forge', loads: [{ name: 'Blower', volts: 120, watts: 300 }], version: 1 };
  for (let i = 0; i < 2; i++) {
    const answer = await send(`/breakers/${breakerId}/circuit`, 'put', circuit, uuid(900));
    expect([answer.status, answer.body.circuit?.label, answer.body.circuit?.version]).toEqual([
      200,
      'Forge',
      2,
    ]);
  }
  for (let i = 0; i < 2; i++) {
    const answer = await send(`/breakers/${breakerId}`, 'patch', { family: 'Kestle', version: 0 }, uuid(901));
    expect([answer.status, answer.body.family, answer.body.version]).toEqual([200, 'Kestle', 1]);
  }
  // Under another name it is another change, made from what no longer stands.
  expect((await send(`/breakers/${breakerId}/circuit`, 'put', circuit, uuid(902))).status).toBe(409);
  const { steps } = (await call<{ steps: { undo: { label: string } } }>('get', `/panels/${panelId}`)).body;
  expect(steps.undo.label).toMatch(/Edited the breaker/);
});

describe('who may', () => {
  const behindTheCover = { readings: [{ quantity: 'voltage', point: 'leg-a', value: 121, at }] };
  const sent = async (profile: string | null) => {
    const { app } = await testApp();
    const { breakerId } = await aShed(callsTo(app));
    const asked = request(app).post(`/api/v1/breakers/${breakerId}/readings`).send(behindTheCover);
    const { status, body } = await (profile === null ? asked : asked.set('Phylaxon-Profile', profile));
    const { counts } = (await request(app).get(`/api/v1/breakers/${breakerId}/timeline`)).body;
    return { status, code: body.error?.code, kept: counts.readings };
  };

  test('a homeowner logs nothing that lies behind the cover; nothing is stored', async () => {
    expect(await sent('homeowner')).toEqual({ status: 403, code: 'not_for_this_profile', kept: 0 });
  });

  test('an electrician does, and so does a program that says nothing', async () => {
    expect(await sent('electrician')).toEqual({ status: 201, kept: 1 });
    expect(await sent(null)).toEqual({ status: 201, kept: 1 });
  });

  test('anybody else is told what to say', async () => {
    expect(await sent('owner')).toEqual({ status: 400, code: 'invalid_input', kept: 0 });
  });

  test('a case is opened by a homeowner without what only an electrician can have found', async () => {
    const { app } = await testApp();
    const { siteId } = await aShed(callsTo(app));
    const opened = (test: string, outcome: string) =>
      request(app)
        .post('/api/v1/cases')
        .set('Phylaxon-Profile', 'homeowner')
        .send({
          id: uuid(7),
          siteId,
          complaint: 'trips',
          openedBy: 'homeowner',
          openedAt: at,
          answers: [{ test, outcome, at }],
        });
    await opened('stab-inspection', 'clean').expect(403);
    await opened('sound', 'quiet').expect(201);
  });
});
