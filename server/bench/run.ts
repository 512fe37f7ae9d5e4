import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../src/app/index.ts';
import { PhotoFolder } from '../src/photos/index.ts';
import { timesGathered } from '../src/recordService/index.ts';
import { Store } from '../src/store/index.ts';
import { benchArithmetic } from './arithmetic.ts';
import { buildBigSite } from './bigSite.ts';
import { benchEngine, benchStudy } from './engine.ts';
import { benchHouseMaps } from './houseMaps.ts';
import { benchJoints } from './joints.ts';
import { benchLoggedCurrents } from './loggedCurrents.ts';
import { liveLatency } from './liveLatency.ts';
import { benchPanels } from './panels.ts';
import { benchSpacePlans } from './spacePlans.ts';
import { benchTrends } from './trends.ts';
import { median, say } from './say.ts';

if (!process.argv.includes('--site')) {
  benchArithmetic();
  benchJoints();
  benchLoggedCurrents();
  benchPanels();
  benchSpacePlans();
  benchHouseMaps();
  benchTrends();
  benchEngine();
  benchStudy();
}

/** The median time of some work, in ms. */
async function medianMs(times: number, work: (i: number) => Promise<unknown>): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i < times; i++) {
    const start = performance.now();
    await work(i);
    taken.push(performance.now() - start);
  }
  return median(taken);
}

/** Who runs this may want the big site afterwards. */
const kept = process.env.PHYLAXON_BENCH_FOLDER;
const folder = kept ?? mkdtempSync(join(tmpdir(), 'phylaxon-bench-'));
const store = await Store.open(join(folder, 'bench.db'));
const app = createApp({
  store,
  photos: new PhotoFolder(join(folder, 'photos')),
  logger: pino({ level: 'silent' }),
});

say('Building a site of 10 panels, 400 breakers and 200,000 readings …');
const { siteId, list, readings } = await buildBigSite(store, {
  panels: 10,
  breakersPerPanel: 40,
  readings: 200_000,
});
say(
  `${list.length} panels, ${list.flatMap((one) => one.breakerIds).length} breakers, ${readings} readings.\n`,
);

const get = (path: string) => request(app).get(`/api/v1${path}`).expect(200);
const panelAt = (i: number) => list[i % list.length]!;
const breakerAt = (i: number) => panelAt(i).breakerIds[(i * 7) % 40]!;

const MEASURED: [string, number | null, number, (i: number) => Promise<unknown>][] = [
  ['The board of a panel', 300, 30, (i) => get(`/panels/${panelAt(i).panelId}`)],
  ['A breaker’s timeline, first page', 300, 30, (i) => get(`/breakers/${breakerAt(i)}/timeline`)],
  ['A breaker’s timeline, searched', 300, 30, (i) => get(`/breakers/${breakerAt(i)}/timeline?text=kettle`)],
  ['A breaker’s chart', 300, 30, (i) => get(`/breakers/${breakerAt(i)}/series`)],
  ['A breaker’s detail', 300, 30, (i) => get(`/breakers/${breakerAt(i)}`)],
  ['The start page', null, 15, () => get('/sites')],
  ['What is due anywhere', null, 15, () => get('/due')],
  ['The report on a panel', null, 15, (i) => get(`/panels/${panelAt(i).panelId}/report`)],
  ['Search: a machine', null, 15, () => get(`/sites/${siteId}/search?words=machine+7`)],
  [
    'Search: readings of a month',
    null,
    15,
    () => get(`/sites/${siteId}/search?kinds=readings&from=2026-01-01T00:00:00Z&to=2026-02-01T00:00:00Z`),
  ],
  [
    'Logging a reading, decisions included',
    null,
    30,
    (i) =>
      request(app)
        .post(`/api/v1/breakers/${breakerAt(i)}/readings`)
        .send({
          readings: [{ quantity: 'current', point: 'conductor', value: 9, at: '2026-11-20T10:00:00Z' }],
        })
        .expect(201),
  ],
  ['Exporting the whole site', null, 3, () => get(`/sites/${siteId}/site.json`)],
];

/** A figure, and whether it keeps within what it may be. */
function report(what: string, ms: number, budget: number | null): void {
  const verdict =
    budget === null ? '' : ` (budget ${budget.toLocaleString('en')} ms: ${ms <= budget ? 'holds' : 'OVER'})`;
  say(`  ${what.padEnd(44)} ${ms.toFixed(1).padStart(8)} ms${verdict}`);
}

const before = timesGathered();
const one = { quantity: 'current', point: 'conductor', value: 11, at: '2026-11-20T10:00:00Z' };
await request(app)
  .post(`/api/v1/breakers/${breakerAt(0)}/readings`)
  .send({ readings: [one] })
  .expect(201);
for (const path of [`/panels/${panelAt(0).panelId}`, `/breakers/${breakerAt(0)}`, '/cases']) await get(path);
say(
  `Evidence of a panel gathered for one logged reading, board and detail asked for: ${timesGathered() - before} time.`,
);

say('Server time, median:');
for (const [what, budget, times, work] of MEASURED) {
  await work(0);
  const ms = await medianMs(times, work);
  report(what, ms, budget);
}

const latency = median(await liveLatency(app, panelAt(0).panelId, breakerAt(0), 20));
report('From a change here to the board there', latency, 1000);

const { text: whole } = await get(`/sites/${siteId}/site.json`)
  .buffer(true)
  .parse((response, done) => {
    const chunks: Buffer[] = [];
    response.on('data', (chunk: Buffer) => chunks.push(chunk));
    response.on('end', () => done(null, Buffer.concat(chunks)));
  })
  .then((answer) => ({ text: answer.body as Buffer }));
const other = await Store.open(join(folder, 'other.db'));
const elsewhere = createApp({
  store: other,
  photos: new PhotoFolder(join(folder, 'photos')),
  logger: pino({ level: 'silent' }),
});
const send = (path: string) =>
  request(elsewhere).post(`/api/v1${path}`).set('Content-Type', 'application/octet-stream').send(whole);
const preview = await medianMs(1, () => send('/imports/preview').expect(200));
const importing = await medianMs(1, () => send('/imports?mode=new').expect(201));
report(`Previewing its import (${(whole.length / 1e6).toFixed(0)} MB)`, preview, null);
report('Importing it elsewhere', importing, null);
await other.close();

/** A logged current of one panel: a line every half minute, over its breakers. */
const LINES = 100_000;
const table = [
  'time (UTC),place,measured at,value,unit',
  ...Array.from({ length: LINES }, (_, i) => {
    const at = new Date(Date.UTC(2026, 0, 1) + Math.floor(i / 40) * 30_000).toISOString();
    return `${at},${(i % 40) + 1},conductor,${8 + (i % 60) / 10},A`;
  }),
].join('\n');
const sendTable = (path: string) =>
  request(app)
    .post(`/api/v1/panels/${panelAt(1).panelId}${path}`)
    .set('Content-Type', 'text/csv')
    .send(Buffer.from(table));
const previewing = await medianMs(1, () => sendTable('/readings/preview').expect(200));
const storing = await medianMs(1, () => sendTable('/readings').expect(201));
report(`Previewing a table of ${LINES.toLocaleString('en')} readings`, previewing, null);
report('Storing it, decisions included', storing, 30_000);

const opened = await request(app)
  .post('/api/v1/cases')
  .send({
    siteId,
    panelId: panelAt(0).panelId,
    breakerId: breakerAt(0),
    complaint: 'trips',
    openedBy: 'electrician',
    openedAt: new Date().toISOString(),
  })
  .expect(201);
const caseId = (opened.body as { id: string }).id;
for (const [what, ending] of [
  ['A hand-over of that site as a file', 'json'],
  ['A hand-over of that site as a page', 'pdf'],
] as const) {
  const take = () => get(`/cases/${caseId}/handover.${ending}`);
  await take();
  report(what, await medianMs(7, take), 300);
}
await store.close();
if (!kept) rmSync(folder, { recursive: true, force: true });
