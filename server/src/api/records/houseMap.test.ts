import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Suspect } from '@phylaxon/core/diagnosis/cases';
import type { PanelLog } from '@phylaxon/core/record/panelEntries';
import { randomUUID } from 'node:crypto';
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

const log = (kind: string, content: object) =>
  call<{ error: { issues: { path: string }[] } }>('post', `/panels/${ids.panelId}/entries`, {
    kind,
    at: '2026-11-20T10:00:00.000Z',
    content,
  });
const pathOf = async (answer: ReturnType<typeof log>) => (await answer).body.error.issues[0]!.path;

test('a map is of breakers of this panel, its looks at its places in its rounds', async () => {
  const [mapId, lamp] = [randomUUID(), randomUUID()];
  const map = {
    mapId,
    check: 'detect',
    rooms: [{ name: 'Hall', places: [{ id: lamp, name: 'lamp' }] }],
    rounds: [{ off: [ids.breakerId] }],
  };
  expect(await pathOf(log('house-map', { ...map, rounds: [{ off: [randomUUID()] }] }))).toBe(
    'content.rounds.0.off.0',
  );
  expect(await pathOf(log('house-map', { ...map, stayOn: [randomUUID()] }))).toBe('content.stayOn.0');
  const twice = [{ name: 'Hall', places: [map.rooms[0]!.places[0], map.rooms[0]!.places[0]] }];
  expect((await log('house-map', { ...map, rooms: twice })).status).toBe(400);
  expect((await log('house-map', map)).status).toBe(201);
  const looks = { mapId, round: 0, looks: [{ placeId: lamp, dead: true }] };
  expect(await pathOf(log('map-looks', { ...looks, mapId: randomUUID() }))).toBe('content.mapId');
  expect(await pathOf(log('map-looks', { ...looks, round: 1 }))).toBe('content.round');
  expect(await pathOf(log('map-looks', { ...looks, looks: [{ placeId: randomUUID(), dead: true }] }))).toBe(
    'content.looks.0.placeId',
  );
  expect((await log('map-looks', looks)).status).toBe(201);
  const { body } = await call<PanelLog>('get', `/panels/${ids.panelId}/entries?kind=map-looks`);
  expect(body.entries).toHaveLength(1);
  // What it feeds is known where a breaker is looked for.
  const { body: found } = await call<{ suspects: Suspect[] }>('get', `/sites/${ids.siteId}/suspects`);
  expect(found.suspects.find(({ breakerId }) => breakerId === ids.breakerId)!.places).toEqual(['Hall: lamp']);
});
