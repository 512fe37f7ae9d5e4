import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Board, SiteSummary } from '@phylaxon/core/views/board';
import request from 'supertest';
import { UPLOADS } from '../files/index.ts';
import { aJpeg, bytesOf, testApp } from '../testing/index.ts';
import { Exporter, siteFileOf } from './index.ts';

let disk: Awaited<ReturnType<typeof testApp>>;
let siteId = '';
let panelId = '';
let breakerId = '';
/** More than a page of rows. */
const READINGS = 4500;

beforeAll(async () => {
  disk = await testApp({ demo: true, onDisk: true });
  const { body } = await request(disk.app).get('/api/v1/sites');
  const loft = (body.sites as SiteSummary[]).find(({ site }) => site.name === 'Saltmarsh Sail Loft')!;
  siteId = loft.site.id;
  panelId = loft.panels[0]!.panel.id;
  const { body: board } = await request(disk.app).get(`/api/v1/panels/${panelId}`);
  const { breaker } = (board as Board).breakers.find(
    ({ breaker: { poles, half } }) => poles === 1 && half === null,
  )!;
  breakerId = breaker.id;
  const { space } = breaker;
  const lines = Array.from(
    { length: READINGS },
    (_, i) => `${new Date(Date.UTC(2025, 0, 1, 0, i)).toISOString()},${space},conductor,${i % 9},A`,
  );
  await request(disk.app)
    .post(`/api/v1/panels/${panelId}/readings`)
    .set('Content-Type', 'text/csv')
    .send(['time (UTC),place,measured at,value,unit', ...lines].join('\n'))
    .expect(201);
});
afterAll(() => disk.store.close());

/** Waits until this process has removed all folders of exports; a test that waits for ever fails. */
async function allRemoved() {
  const mine = `${UPLOADS.start}-${process.pid}-`;
  while (readdirSync(UPLOADS.folder).some((name) => name.startsWith(mine))) await new Promise(setImmediate);
}

describe('an export from a record on the disk', () => {
  test('it is what the record holds, page after page, and nothing is left lying about', async () => {
    const file = JSON.parse((await bytesOf(disk.app, `/sites/${siteId}/site.json`)).toString());
    expect(file).toEqual(
      JSON.parse(JSON.stringify(await disk.store.read((manager) => siteFileOf(manager, siteId)))),
    );
    expect(file.readings.length).toBeGreaterThan(READINGS);
    const csv = (await bytesOf(disk.app, `/sites/${siteId}/readings.csv`)).toString();
    expect(csv.trimEnd().split('\r\n')).toHaveLength(file.readings.length + 1);
    await allRemoved();
  });

  test('what goes out as a zip comes back as a copy, whole', async () => {
    await request(disk.app)
      .post(`/api/v1/breakers/${breakerId}/photos`)
      .set('Content-Type', 'image/jpeg')
      .query({ at: '2026-11-01T10:00:00Z', note: 'Scorched lug' })
      .send(aJpeg())
      .expect(201);
    const zip = await bytesOf(disk.app, `/sites/${siteId}/site.zip`);
    const send = (path: string) =>
      request(disk.app).post(`/api/v1${path}`).set('Content-Type', 'application/zip').send(zip);
    const { body: preview } = await send('/imports/preview').expect(200);
    const { body: copy } = await send('/imports?mode=copy').expect(201);
    const [before, after] = await Promise.all(
      [siteId, copy.siteId as string].map((id) => disk.store.read((manager) => siteFileOf(manager, id))),
    );
    for (const [list, count] of Object.entries(preview.counts as Record<string, number>))
      expect(
        [list, (before as never)[list], (after as never)[list]].map((one) =>
          typeof one === 'string' ? one : (one as unknown[]).length,
        ),
      ).toEqual([list, count, count]);
    const ids = new Set(before!.readings.map(({ id }) => id));
    expect(after!.readings.some(({ id }) => ids.has(id))).toBe(false);
    const breakers = new Set(after!.breakers.map(({ id }) => id));
    expect(after!.readings.every((row) => breakers.has(row.breakerId))).toBe(true);
  });

  test('a picture that is not on the disk any more is told, with what can be done', async () => {
    for (const name of readdirSync(disk.photos.folder)) rmSync(join(disk.photos.folder, name));
    const { body } = await request(disk.app).get(`/api/v1/sites/${siteId}/site.zip`).expect(409);
    expect(body.error.message).toMatch(/missing from the disk .* backup/);
    await allRemoved();
    await request(disk.app).get('/api/v1/sites/7f000000-0000-4000-8000-000000000000/site.zip').expect(404);
  });

  test('so many lie on the disk at most; each that is fetched makes room', async () => {
    const exporter = new Exporter(disk.store, disk.photos.folder);
    const never = new AbortController().signal;
    const write = (client: string) => exporter.write('site.json', siteId, client, never);
    const all = [];
    for (let i = 0; i < 12; i++) all.push(await write(`client ${i}`));
    await expect(write('one more')).rejects.toThrow();
    await all[0]!.remove();
    await (await write('one more')).remove();
    await Promise.all(all.slice(1).map(({ remove }) => remove()));
    await allRemoved();
  });
});

test('the API’s document is made once: packed where that is read, and not sent to whoever has it', async () => {
  const get = () => request(disk.app).get('/api/v1/openapi.json');
  const plain = await get().set('Accept-Encoding', 'identity').expect(200);
  expect(plain.headers['content-encoding']).toBeUndefined();
  const packed = await get().set('Accept-Encoding', 'gzip').buffer(true).parse(asBytes).expect(200);
  expect(packed.headers['content-encoding']).toBe('gzip');
  expect(packed.headers['etag']).toBe(plain.headers['etag']);
  const bytes = packed.body as Buffer;
  expect(JSON.parse((bytes[0] === 0x1f ? gunzipSync(bytes) : bytes).toString())).toEqual(plain.body);
  await get().set('If-None-Match', plain.headers['etag']!).expect(304);
});

function asBytes(response: request.Response, done: (error: Error | null, body: Buffer) => void) {
  const parts: Buffer[] = [];
  const stream = response as unknown as NodeJS.ReadableStream;
  stream.on('data', (part: Buffer) => parts.push(part));
  stream.on('end', () => done(null, Buffer.concat(parts)));
}
