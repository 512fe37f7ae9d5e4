import { beforeAll, describe, expect, test } from '@jest/globals';
import { seeded } from '@phylaxon/core/facts/random';
import { SITE_FILE_VERSION } from '@phylaxon/core/views/siteFile';
import { runs } from '@phylaxon/core/testing';
import { crc32, deflateRawSync } from 'node:zlib';
import request from 'supertest';
import yazl from 'yazl';
import type { Store } from '../store/index.ts';
import { aJpeg, bytesOf, testApp } from '../testing/index.ts';

const HOW_MANY = runs(120, 500);
const next = seeded(20_261_124);
const some = (n: number) => Math.floor(next() * n);
const one = <T>(list: readonly T[]): T => list[some(list.length)]!;

type Json = Record<string, unknown>;
interface File extends Json {
  site: Json;
  panels: Json[];
  breakers: Json[];
  readings: Json[];
}

let app: Awaited<ReturnType<typeof testApp>>;
let text: string;
let zip: Buffer;

/** Everything in the database, as one text. */
const everything = (store: Store) =>
  store.read(async (manager) => {
    const tables = (await manager.query(
      `SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name`,
    )) as { name: string }[];
    const contents: unknown[] = [];
    for (const { name } of tables) contents.push([name, await manager.query(`SELECT * FROM "${name}"`)]);
    return JSON.stringify(contents);
  });

beforeAll(async () => {
  app = await testApp({ demo: true });
  const { body } = await request(app.app).get('/api/v1/sites');
  const at = `/sites/${body.sites[0].site.id}`;
  text = (await bytesOf(app.app, `${at}/site.json`)).toString();
  zip = await bytesOf(app.app, `${at}/site.zip`);
});

const HOSTILE = [
  '../../etc/passwd',
  '<script>alert(1)</script>',
  "'; DROP TABLE site; --",
  '\u0000',
  '‮evil',
  '__proto__',
  '💥'.repeat(5000),
  '',
];
const WRONG = [null, true, -1, 'NaN', '', [], {}, 'constructor', 1.5, 99_999_999, '2026-13-45T99:99:99Z'];

/** A random place in a file: the object that holds it and its key. */
function somewhere(file: File): [Json, string] {
  let holder = file as Json;
  for (;;) {
    const key = one(Object.keys(holder));
    const value = holder[key];
    const goOn = typeof value === 'object' && value !== null && Object.keys(value).length > 0 && some(8) > 0;
    if (!goOn) return [holder, key];
    holder = value as Json;
  }
}

/** A change to one field that the schema must catch or that changes what the file is. */
function wrongField(file: File): string {
  const [holder, key] = somewhere(file);
  holder[key] = one(WRONG);
  return JSON.stringify(file);
}

/** Break the file so that it cannot be a site any more; each returns what is sent. */
const MUTATIONS: ((file: File) => string | Buffer | Promise<Buffer>)[] = [
  () => text.slice(0, 1 + some(text.length - 2)),
  (file) => (wrongField(file), JSON.stringify({ ...file, format: one(['phylaxon', '', null, 7]) })),
  (file) =>
    JSON.stringify({ ...file, version: one([0, -1, SITE_FILE_VERSION + 1, 99, 1.5, '2', null, [2], 1e9]) }),
  (file) => (
    (one(file.readings).value = one(['119', null, -500, 1e9, {}, [119], true])),
    JSON.stringify(file)
  ),
  (file) => (
    (one(file.readings).at = one(['yesterday', '2026-02-31', 5, null, '9999-01-01T00:00:00Z'])),
    JSON.stringify(file)
  ),
  (file) => (
    (one(file.readings).breakerId = one(['x', null, '7f000000-0000-4000-8000-000000000000'])),
    JSON.stringify(file)
  ),
  (file) => ((one(file.breakers).space = one([0, -3, 85, 1.5, 'two', 1e9])), JSON.stringify(file)),
  (file) => ((one(file.breakers).poles = one([0, 3, '2', null])), JSON.stringify(file)),
  (file) => (
    (file.breakers[2]!.space = file.breakers[1]!.space),
    (file.breakers[2]!.panelId = file.breakers[1]!.panelId),
    JSON.stringify(file)
  ),
  (file) => ((one(file.panels).name = one(['', ' ', 7, null, 'x'.repeat(200)])), JSON.stringify(file)),
  (file) => ((one(file.panels).spaces = one([3, 0, -2, 1000, '16', null])), JSON.stringify(file)),
  (file) => (
    (one(file.panels).fedThroughPanelId = one([file.panels[0]!.id, 'me', '../..'])),
    JSON.stringify(file)
  ),
  (file) => ((file.readings[1] = { ...file.readings[0]! }), JSON.stringify(file)),
  (file) => JSON.stringify({ ...file, [one(HOSTILE.filter(Boolean))]: 1 }),
  (file) => (
    (one([file.site, ...file.panels, ...file.breakers])[
      one(['__proto__x', 'constructor', 'extra', 'siteId'])
    ] = one(HOSTILE)),
    JSON.stringify(file)
  ),
  (file) => ((file.site.id = one(HOSTILE)), JSON.stringify(file)),
  (file) => ((file.site.name = one(['', 'x'.repeat(10_000), 3, null])), JSON.stringify(file)),
  () => one(['', ' ', 'null', '[]', '7', '"x"', '{', '[[[[', 'nonsense', '\u0000\u0000', '<html>']),
  () => Buffer.from(Array.from({ length: 200 + some(400) }, () => some(256))),
  () => '['.repeat(20_000 + some(20_000)),
  () => `{"format":"phylaxon-site","version":2,"readings":[${'{},'.repeat(5000)}{}]}`,
  () => zip.subarray(0, 30 + some(2000)),
  () => {
    const changed = Buffer.from(zip);
    for (let i = 0; i < 40; i++) changed[some(changed.length)] = some(256);
    return changed;
  },
  () =>
    zipOf([
      [
        one(['site.txt', 'photos/x.jpg', 'a/site.json', 'photos/' + 'a'.repeat(64) + '.png']),
        Buffer.from(text),
      ],
    ]),
  () =>
    zipOf([
      ['site.json', Buffer.from(text)],
      ['extra.sh', Buffer.from('rm -rf /')],
    ]),
  () =>
    zipOf([
      ['site.json', Buffer.from(text)],
      [`photos/${'b'.repeat(64)}.jpg`, aJpeg({ shade: some(200) })],
    ]),
  () =>
    zipNamed(
      one(['../../../tmp/pwned', '/etc/passwd', 'C:\\windows\\x', 'photos/../../x.jpg', '..\\x']),
      Buffer.from(text),
    ),
  () => zipBomb(),
  () => zipLying(),
];

async function zipOf(files: [string, Buffer][]): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  for (const [name, content] of files) zip.addBuffer(content, name);
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

/** A zip by hand, since no library writes names that lead elsewhere or sizes that lie. */
function rawZip(name: string, packed: Buffer, size: number, method: 0 | 8, sum = 0): Buffer {
  const bytes = Buffer.from(name);
  const local = Buffer.alloc(30);
  local.writeUInt32LE(0x04034b50, 0);
  local.writeUInt16LE(20, 4);
  local.writeUInt16LE(method, 8);
  local.writeUInt32LE(sum, 14);
  local.writeUInt32LE(packed.length, 18);
  local.writeUInt32LE(size, 22);
  local.writeUInt16LE(bytes.length, 26);
  const central = Buffer.alloc(46);
  central.writeUInt32LE(0x02014b50, 0);
  central.writeUInt16LE(20, 6);
  central.writeUInt16LE(method, 10);
  central.writeUInt32LE(sum, 16);
  central.writeUInt32LE(packed.length, 20);
  central.writeUInt32LE(size, 24);
  central.writeUInt16LE(bytes.length, 28);
  const end = Buffer.alloc(22);
  end.writeUInt32LE(0x06054b50, 0);
  end.writeUInt16LE(1, 8);
  end.writeUInt16LE(1, 10);
  end.writeUInt32LE(central.length + bytes.length, 12);
  end.writeUInt32LE(local.length + bytes.length + packed.length, 16);
  return Buffer.concat([local, bytes, packed, central, bytes, end]);
}

const zipNamed = (name: string, content: Buffer) => rawZip(name, content, content.length, 0, crc32(content));

/** 200 MB of blanks, which pack to almost nothing. */
let bomb: Buffer | null = null;
function zipBomb(): Buffer {
  bomb ??= deflateRawSync(Buffer.alloc(200_000_000, 32));
  return rawZip('site.json', bomb, 200_000_000, 8);
}

/** The same, said to be small. */
function zipLying(): Buffer {
  bomb ??= deflateRawSync(Buffer.alloc(200_000_000, 32));
  return rawZip('site.json', bomb, 1000 + some(1000), 8);
}

describe(`${HOW_MANY} files that cannot be`, () => {
  test('none changes anything, none is answered with a 500, each says why', async () => {
    const before = await everything(app.store);
    const answers = new Map<number, number>();
    for (let i = 0; i < HOW_MANY; i++) {
      const kind = i % MUTATIONS.length;
      const file = await MUTATIONS[kind]!(JSON.parse(text) as File);
      const mode = one(['new', 'replace', 'copy']);
      const { status, body } = await request(app.app)
        .post(`/api/v1/imports?mode=${mode}`)
        .set('Content-Type', 'application/octet-stream')
        .send(file);
      answers.set(status, (answers.get(status) ?? 0) + 1);
      const told = `mutation ${kind}, file ${i}: ${status} ${JSON.stringify(body).slice(0, 200)}`;
      expect([told, status >= 400 && status < 500]).toEqual([told, true]);
      expect([told, typeof body.error.message === 'string' && body.error.message.length > 10]).toEqual([
        told,
        true,
      ]);
    }
    expect([...answers.values()].reduce((a, b) => a + b)).toBe(HOW_MANY);
    expect(await everything(app.store)).toBe(before);
  });

  test('fields of every kind made wrong at random are refused or taken whole, never half, never a 500', async () => {
    for (let i = 0; i < runs(40, 120); i++) {
      const before = await everything(app.store);
      const { status, body } = await request(app.app)
        .post('/api/v1/imports/preview')
        .set('Content-Type', 'application/octet-stream')
        .send(wrongField(JSON.parse(text) as File));
      expect([200, 400]).toContain(status);
      if (status === 400) expect(body.error.issues[0].message).toMatch(/^(Line \d+|The file)/);
      expect(await everything(app.store)).toBe(before);
    }
  });

  test('too large a file is told so, and so is one of another type', async () => {
    const { body } = await request(app.app).get('/api/v1/sites');
    const path = `/api/v1/panels/${body.sites[0].panels[0].panel.id}/readings`;
    const large = await request(app.app)
      .post(path)
      .set('Content-Type', 'text/csv')
      .send(Buffer.alloc(20_500_000, 44));
    expect([large.status, large.body.error.message]).toEqual([413, 'The body is larger than 20 MB.']);
    const other = await request(app.app).post(path).set('Content-Type', 'text/html').send('<html>');
    expect([other.status, other.body.error.message]).toEqual([415, 'Send the file unchanged, as text/csv.']);
  });
});
