import { randomUUID } from 'node:crypto';
import { expect, test } from '@jest/globals';
import request from 'supertest';
import { insertLogged } from '../../edit/index.ts';
import { aShed, callsTo, testApp } from '../../testing/index.ts';

const MANY = 100_000;

test(`a panel with ${MANY} entries of its own is shown, logged to and undone as any other`, async () => {
  const { app, store } = await testApp();
  const { call, made } = callsTo(app);
  const { panelId, siteId } = await aShed({ call, made });
  const at = '2026-11-20T10:00:00.000Z';
  const row = {
    ...{ panelId, kind: 'sign', at, loggedAt: at, simulated: false, note: '', sha256: null, bytes: null },
    ...{ who: null, content: JSON.stringify({ sign: 'damp', found: true }) },
  };
  await store.write((manager) =>
    insertLogged(
      manager,
      'panelEntries',
      Array.from({ length: MANY }, () => ({ ...row, id: randomUUID() })),
    ),
  );
  for (const path of [`/panels/${panelId}`, `/panels/${panelId}/review`, `/sites/${siteId}/visits`, '/due'])
    expect([path, (await call('get', path)).status]).toEqual([path, 200]);
  const { body } = await request(app).get(`/api/v1/panels/${panelId}/entries`).expect(200);
  expect(JSON.stringify(body).match(/"sign":"damp"/g)!.length).toBeGreaterThanOrEqual(MANY);
  await made(`/panels/${panelId}/entries`, { kind: 'sign', at, content: { sign: 'full', found: true } });
  const { steps } = (await call<{ steps: { undo: { id: string } } }>('get', `/panels/${panelId}`)).body;
  expect((await call('post', `/sites/${siteId}/undo`, { edit: steps.undo.id })).status).toBe(200);
  await store.close();
});
