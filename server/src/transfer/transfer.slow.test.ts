import { SITE_FILE_VERSION } from '@phylaxon/core/views/siteFile';
import { beforeAll, describe, expect, test } from '@jest/globals';
import type { SiteSummary } from '@phylaxon/core/views/board';
import type { Timeline } from '@phylaxon/core/views/timeline';
import Papa from 'papaparse';
import request from 'supertest';
import { aJpeg, bytesOf, testApp } from '../testing/index.ts';

type App = Awaited<ReturnType<typeof testApp>>;

const sitesOf = async ({ app }: App): Promise<SiteSummary[]> =>
  (await request(app).get('/api/v1/sites')).body.sites;
const siteNamed = async (app: App, name: string) =>
  (await sitesOf(app)).find(({ site }) => site.name === name)!;

const download = ({ app }: App, path: string) => bytesOf(app, path);
const upload = ({ app }: App, path: string, file: Buffer | string, type = 'application/octet-stream') =>
  request(app).post(`/api/v1${path}`).set('Content-Type', type).send(file);

let demo: App;
let loft: string;
let zip: Buffer;

beforeAll(async () => {
  demo = await testApp({ demo: true });
  const { site, panels } = await siteNamed(demo, 'Saltmarsh Sail Loft');
  loft = site.id;
  const { body: board } = await request(demo.app).get(`/api/v1/panels/${panels[0]!.panel.id}`);
  const breaker = board.breakers.find((one: { label: string }) => one.label === 'Loft lights').breaker.id;
  await upload(
    demo,
    `/breakers/${breaker}/photos?at=2026-11-01T10:00:00Z&note=Scorched`,
    aJpeg({ exif: true }),
    'image/jpeg',
  ).expect(201);
  const { body } = await request(demo.app)
    .post(`/api/v1/breakers/${breaker}/readings`)
    .send({
      readings: [
        { quantity: 'voltage', point: 'outlet', value: 11.9, at: '2026-11-02T10:00:00Z', note: '=1+1' },
      ],
    });
  await request(demo.app).post(`/api/v1/readings/${body.ids[0]}/strike`).send({ why: 'misread' }).expect(200);
  zip = await download(demo, `/sites/${loft}/site.zip`);
});

describe('a site as a file', () => {
  test('exported, wiped, imported and exported again it is the same, byte for byte', async () => {
    const json = await download(demo, `/sites/${loft}/site.json`);
    const preview = await upload(demo, '/imports/preview', zip).expect(200);
    expect(preview.body).toMatchObject({
      version: SITE_FILE_VERSION,
      here: 'Saltmarsh Sail Loft',
      modes: ['replace', 'copy'],
    });
    await request(demo.app).delete(`/api/v1/sites/${loft}`).expect(200);
    expect((await sitesOf(demo)).map(({ site }) => site.name)).toEqual(['Ferry Cottage']);
    expect((await upload(demo, '/imports/preview', zip)).body.modes).toEqual(['new']);
    await upload(demo, '/imports?mode=new', zip).expect(201);
    expect((await download(demo, `/sites/${loft}/site.json`)).equals(json)).toBe(true);
    expect((await download(demo, `/sites/${loft}/site.zip`)).equals(zip)).toBe(true);
  });

  test('replacing it brings back what it was; a copy stands beside it under new ids', async () => {
    const json = await download(demo, `/sites/${loft}/site.json`);
    await request(demo.app).put(`/api/v1/sites/${loft}`).send({ name: 'Renamed', version: 0 }).expect(200);
    await upload(demo, '/imports?mode=new', zip).expect(409);
    await upload(demo, '/imports?mode=replace', zip).expect(201);
    expect((await download(demo, `/sites/${loft}/site.json`)).equals(json)).toBe(true);
    const copy = await upload(demo, '/imports?mode=copy', zip).expect(201);
    expect(copy.body.siteId).not.toBe(loft);
    const copied = (await download(demo, `/sites/${copy.body.siteId}/site.json`)).toString();
    expect(copied.length).toBe(json.toString().length);
    await request(demo.app).delete(`/api/v1/sites/${copy.body.siteId}`).expect(200);
    expect((await download(demo, `/sites/${loft}/site.json`)).equals(json)).toBe(true);
  });

  test('an older version is brought up: strikes leave their entries, the split rule becomes the policy’s', async () => {
    const file = JSON.parse((await download(demo, `/sites/${loft}/site.json`)).toString());
    const strikes = new Map(file.strikes.map((one: { entryId: string }) => [one.entryId, one]));
    const old = {
      ...file,
      version: 1,
      site: { ...file.site, name: 'From version 1' },
      photos: undefined,
      notes: undefined,
      panelEntries: undefined,
      strikes: undefined,
      circuits: file.circuits.map((circuit: object) => ({ ...circuit, rules: 'split' })),
      readings: file.readings.map((reading: { id: string }) => {
        const struck = strikes.get(reading.id) as { at: string; why: string } | undefined;
        return { ...reading, struck: struck ? { at: struck.at, why: struck.why, replacedBy: null } : null };
      }),
    };
    const other = await testApp();
    const text = JSON.stringify(old);
    expect((await upload(other, '/imports/preview', text).expect(200)).body).toMatchObject({
      version: 1,
      modes: ['new'],
    });
    await upload(other, '/imports?mode=new', text).expect(201);
    const again = JSON.parse((await download(other, `/sites/${loft}/site.json`)).toString());
    expect(again.strikes.map(({ kind, why }: { kind: string; why: string }) => [kind, why])).toEqual([
      ['readings', 'Decimal point: it was 13.1 A'],
      ['readings', 'misread'],
    ]);
    expect(new Set(again.circuits.map((circuit: { rules: string }) => circuit.rules))).toEqual(
      new Set(['policy']),
    );
    expect(again.readings).toEqual(file.readings);
  });

  test('a file that cannot be is refused with the line and the field', async () => {
    const text = (await download(demo, `/sites/${loft}/site.json`)).toString();
    const lines = text.split('\n');
    const at = lines.findIndex((line) => line.includes('"quantity":"temperature"'));
    lines[at] = lines[at]!.replace(/"value":[\d.]+/, '"value":9999');
    const answer = await upload(demo, '/imports/preview', lines.join('\n')).expect(400);
    expect(answer.body.error.issues[0].message).toMatch(
      new RegExp(`^Line ${at + 1}, readings\\.\\d+\\.value: `),
    );
    const cut = await upload(demo, '/imports/preview', text.slice(0, 3000)).expect(400);
    expect(cut.body.error.message).toMatch(/^Line \d+: this is not valid JSON/);
    const bare = await upload(demo, '/imports/preview', text).expect(400);
    expect(bare.body.error.message).toMatch(
      /photos\.0\.sha256: This photo is not in the file. Import the zip/,
    );
  });

  test('a picture keeps nothing of what the camera wrote into it', async () => {
    const file = JSON.parse((await download(demo, `/sites/${loft}/site.json`)).toString());
    const picture = await download(demo, `/photos/${file.photos[0].sha256}`);
    expect(picture.includes('GPS')).toBe(false);
    expect(picture.equals(aJpeg())).toBe(true);
    await request(demo.app).get('/api/v1/photos/..%2F..%2Fetc%2Fpasswd').expect(400);
  });
});

describe('a file whose rows are here under another site', () => {
  let elsewhere: App;
  beforeAll(async () => {
    elsewhere = await testApp({ demo: true });
  });

  test.each(['readings', 'strikes', 'circuits', 'verdicts', 'loads'])(
    'of a file whose %s are here under another site only a copy is taken',
    async (list) => {
      const own = await siteNamed(elsewhere, 'Saltmarsh Sail Loft');
      const json = JSON.parse((await download(elsewhere, `/sites/${own.site.id}/site.json`)).toString());
      const other = await siteNamed(elsewhere, 'Ferry Cottage');
      const theirs = JSON.parse((await download(elsewhere, `/sites/${other.site.id}/site.json`)).toString());
      await request(elsewhere.app).delete(`/api/v1/sites/${other.site.id}`).expect(200);
      const mine =
        list === 'loads'
          ? theirs.circuits.find((one: { loads: [] }) => one.loads.length > 0).loads[0]
          : theirs[list][0];
      const foreign =
        list === 'loads'
          ? json.circuits.find((one: { loads: [] }) => one.loads.length > 0).loads[0]
          : json[list][0];
      if (mine) mine.id = foreign.id;
      else theirs.strikes.push({ ...foreign, entryId: theirs.readings[0].id });
      const text = JSON.stringify(theirs);
      expect((await upload(elsewhere, '/imports/preview', text).expect(200)).body).toMatchObject({
        here: null,
        modes: ['copy'],
      });
      await upload(elsewhere, '/imports?mode=new', text).expect(409);
      await upload(elsewhere, '/imports?mode=copy', text).expect(201);
    },
  );
});

describe('readings as a table', () => {
  test('exported and imported into the same panel elsewhere they are the same readings', async () => {
    const { site, panels } = await siteNamed(demo, 'Ferry Cottage');
    const csv = await download(demo, `/sites/${site.id}/readings.csv`);
    expect(csv.toString()).toMatch(
      /^\uFEFFtime \(UTC\),panel,place,circuit,measured at,value,unit,error \(±\),air \(°C\)/,
    );
    const panelId = panels[0]!.panel.id;
    const nothingNew = await upload(demo, `/panels/${panelId}/readings/preview`, csv, 'text/csv').expect(200);
    expect(nothingNew.body).toMatchObject({ toLog: 0, known: csv.toString().trim().split('\n').length - 1 });

    const other = await testApp();
    const json = JSON.parse((await download(demo, `/sites/${site.id}/site.json`)).toString());
    await upload(other, '/imports?mode=new', JSON.stringify({ ...json, readings: [], strikes: [] })).expect(
      201,
    );
    await upload(other, `/panels/${panelId}/readings`, csv, 'text/csv').expect(201);
    expect((await download(other, `/sites/${site.id}/readings.csv`)).equals(csv)).toBe(true);
  });

  test('°F and a decimal comma are understood; a formula stays text; one wrong cell and nothing is logged', async () => {
    const { panels } = await siteNamed(demo, 'Ferry Cottage');
    const { id: panelId } = panels[0]!.panel;
    const head = 'time (UTC),place,measured at,value,unit,air (°C),note';
    const good = `${head}\r\n2026-11-03T19:05:00Z,9,terminal,"104,0",°F,20,"'=HYPERLINK"\r\n`;
    const bad = `${good}2026-11-03 19:06,9,terminal,40,°C,20,\r\n2026-11-03T19:06:00Z,99,outlet,119,V,,\r\n`;
    const refused = await upload(demo, `/panels/${panelId}/readings`, bad, 'text/csv').expect(400);
    expect(refused.body.error.issues.map((issue: { message: string }) => issue.message)).toEqual([
      expect.stringMatching(/^Line 3, time \(UTC\): The time must be a date and time in UTC/),
      'Line 4, place: There is no breaker at “99” in this panel.',
    ]);
    const done = await upload(demo, `/panels/${panelId}/readings`, good, 'text/csv').expect(201);
    expect(done.body).toMatchObject({ toLog: 1, known: 0 });
    const { body: board } = await request(demo.app).get(`/api/v1/panels/${panelId}`);
    const kitchen = board.breakers.find((one: { label: string }) => one.label === 'Kitchen').breaker.id;
    const timeline = (
      await request(demo.app).get(`/api/v1/breakers/${kitchen}/timeline?kinds=readings&limit=1`)
    ).body as Timeline;
    expect(timeline.entries[0]).toMatchObject({ reading: { value: 40, unit: '°C', note: '=HYPERLINK' } });
    await request(demo.app)
      .post(`/api/v1/sites/${board.site.id}/undo`)
      .send({ edit: board.steps.undo.id })
      .expect(200);
  });

  test('no cell is a formula to a spreadsheet, full width and behind separators neither; each comes back as it was', async () => {
    const { panels, site } = await siteNamed(demo, 'Ferry Cottage');
    const { id: panelId } = panels[0]!.panel;
    const notes = [
      '=1+1',
      '＝1+1',
      ';=1+1',
      '"=1+1',
      "'=1+1",
      '+1',
      '－1',
      '@x',
      '| =1',
      '\u200b=1',
      'plain',
      "it's",
    ];
    const board = (await request(demo.app).get(`/api/v1/panels/${panelId}`)).body;
    const { id } = board.breakers.find((one: { label: string }) => one.label === 'Kitchen').breaker;
    const at = '2026-11-05T08:00:00.000Z';
    const readings = notes.map((note, i) => ({ quantity: 'current', point: 'plug', value: 1 + i, at, note }));
    await request(demo.app).post(`/api/v1/breakers/${id}/readings`).send({ readings }).expect(201);
    const csv = (await download(demo, `/sites/${site.id}/readings.csv`)).toString();
    const kept = Papa.parse<{ note: string; 'time (UTC)': string }>(csv.slice(1), {
      header: true,
    }).data.filter((row) => row['time (UTC)'] === at);
    expect(kept).toHaveLength(notes.length);
    for (const { note } of kept)
      expect(note.startsWith("'") || !/^[\s"',;|\u200b]*[=+\-@＝＋－＠]/.test(note)).toBe(true);
    const steps = (await request(demo.app).get(`/api/v1/panels/${panelId}`)).body.steps;
    await request(demo.app).post(`/api/v1/sites/${site.id}/undo`).send({ edit: steps.undo.id }).expect(200);
    await upload(demo, `/panels/${panelId}/readings`, csv, 'text/csv').expect(201);
    const timeline = (await request(demo.app).get(`/api/v1/breakers/${id}/timeline?kinds=readings&limit=50`))
      .body as Timeline;
    const back = timeline.entries.flatMap((entry) =>
      'reading' in entry && entry.reading.at === at && entry.reading.struck === null
        ? [entry.reading.note]
        : [],
    );
    expect(back.sort()).toEqual(notes.map((note) => note.trim()).sort());
  });

  test.each([
    ['', /first line must name the columns/],
    ['a,b\n1,2', /“time \(UTC\)”, “place”, .* are missing/],
    ['time (UTC),place,measured at,value,unit\n', /There are no readings in the file/],
    [
      'time (UTC),place,measured at,value,unit\n2026-11-03T19:05:00Z,9,outlet,119',
      /fewer cells than the first line/,
    ],
    ['time (UTC),place,measured at,value,unit\n2026-11-03T19:05:00Z,9,roof,119,V', /Line 2, measured at/],
    [
      'time (UTC),place,measured at,value,unit\n2026-11-03T19:05:00Z,9,outlet,119,furlong',
      /V, A, W, mV, °C or °F/,
    ],
    ['time (UTC),place,measured at,value,unit\n2026-11-03T19:05:00Z,9,outlet,lots,V', /Line 2, value/],
  ])('%j is refused with its reason', async (text, reason) => {
    const { panels } = await siteNamed(demo, 'Ferry Cottage');
    const answer = await upload(
      demo,
      `/panels/${panels[0]!.panel.id}/readings/preview`,
      Buffer.from(text),
      'text/csv',
    ).expect(400);
    expect(answer.body.error.message).toMatch(reason);
  });

  test('a directory as a table', async () => {
    const { panels } = await siteNamed(demo, 'Saltmarsh Sail Loft');
    const csv = (await download(demo, `/panels/${panels[0]!.panel.id}/directory.csv`)).toString();
    const lines = csv.trim().split('\r\n');
    expect(lines).toHaveLength(22);
    expect(lines.find((line) => line.includes('range'))).toMatch(
      /^5–7,Apartment: range,40,2,A B,standard,Orrin S/,
    );
  });
});
