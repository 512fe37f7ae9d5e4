import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { timeFormats } from '@phylaxon/core/facts/calendar';
import { DEFAULT_SETTINGS } from '@phylaxon/core/record/settings';
import {
  report as reportShape,
  reportBlocks,
  type Report,
  type ReportBlock,
} from '@phylaxon/core/views/report';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import request from 'supertest';
import { aJpeg, bytesOf, callsTo, readPdf, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;

beforeAll(async () => {
  server = await testApp({ demo: true });
  ({ call, made } = callsTo(server.app));
});
afterAll(() => server.store.close());

const words = (text: string) => text.replace(/[\s\u2009\u202f]+/g, '').replaceAll('−', '-');

/** Every text of a report, as it is drawn. */
const textsOf = (blocks: readonly ReportBlock[]): string[] =>
  blocks.flatMap((block): string[] => {
    switch (block.is) {
      case 'title':
        return [block.note, block.text, block.headline];
      case 'heading':
        return [block.text, block.note ?? ''];
      case 'finding':
        return [
          block.title,
          block.where,
          ...[...block.lines, ...block.facts, ...block.notes].map(
            ({ label, text }) => `${label === null ? '' : `${label}: `}${text}`,
          ),
          ...block.figures.flatMap(({ label, value, limit }) => [label, value, limit ?? '']),
          ...block.pictures.map(({ caption }) => caption),
        ];
      case 'overview':
        return [
          ...block.summary,
          ...block.lists.flatMap(({ label, items }) => [label, ...items]),
          ...block.boards.map(({ caption }) => caption),
        ];
      case 'table':
        return [...block.table.head, ...block.table.rows.flat()];
      case 'list':
        return block.items;
      case 'pictures':
        return block.pictures.map(({ caption }) => caption);
      case 'signatures':
        return block.fields;
      default:
        return [block.text];
    }
  });

/** A report as JSON and as PDF, held against each other. */
async function bothOf(path: string): Promise<{ report: Report; pdf: Awaited<ReturnType<typeof readPdf>> }> {
  const { status, body } = await call<Report>('get', `${path}/report`);
  expect(status).toBe(200);
  const pdf = await readPdf(await bytesOf(server.app, `${path}/report.pdf?zone=Europe/Lisbon`));
  return { report: reportShape.parse(body), pdf };
}

/** Whether all that the page says stands in the PDF, whole, with its fonts, title and language. */
function expectWhole({ report, pdf }: Awaited<ReturnType<typeof bothOf>>, title: string) {
  const all = words(pdf.text.join(' '));
  // The minute in which it was made may be another.
  const blocks = reportBlocks(report, timeFormats(DEFAULT_SETTINGS, 'Europe/Lisbon')).map((block) =>
    block.is === 'title' ? { ...block, note: '' } : block,
  );
  const missing = textsOf(blocks).filter((text) => !all.includes(words(text)));
  expect(missing).toEqual([]);
  expect(pdf).toMatchObject({ title, language: 'en-US', isTagged: true, hasFonts: true });
  expect(pdf.beyond).toBeLessThan(-10);
}

const log = (breakerId: string, readings: object[]) => made(`/breakers/${breakerId}/readings`, { readings });

/** What was read off the wire of a breaker. */
async function wire(breakerId: string, gauge: string) {
  const { body } = await call<BreakerDetail>('get', `/breakers/${breakerId}`);
  const conductor = { gauge, material: 'copper', insulationC: 90, cable: 'nm' };
  const { label, version } = body.circuit!;
  const answer = await call('put', `/breakers/${breakerId}/circuit`, { label, version, conductor });
  expect([answer.status, answer.body]).toEqual([200, expect.anything()]);
}

/** A panel of so many breakers with a wire too thin for each, and names as long as they may be. */
async function thinWires(count: number, name: string) {
  const { id: siteId } = await made<{ id: string }>('/sites', { name: 'Boat shed' });
  const { id: panelId } = await made<{ id: string }>(`/sites/${siteId}/panels`, {
    name: 'House',
    spaces: 84,
    mainAmps: 200,
  });
  const text = Array.from({ length: count }, (_, i) => `${i + 1} ${name} ${i + 1} 20`).join('\n');
  await made(`/panels/${panelId}/directory`, { text });
  const { body } = await call<{ breakers: { breaker: { id: string; role: string }; label: string }[] }>(
    'get',
    `/panels/${panelId}`,
  );
  const branches = body.breakers.filter(({ breaker }) => breaker.role === 'branch');
  for (const { breaker } of branches) await wire(breaker.id, '14');
  return { siteId, panelId, branches };
}

describe('a report', () => {
  test('of a whole site, of a panel: the PDF says what the page says, in its order, with fonts, title and language', async () => {
    const { body } = await call<{
      sites: { site: { id: string; name: string }; panels: { panel: { id: string } }[] }[];
    }>('get', '/sites');
    const loft = body.sites.find(({ site }) => site.name === 'Saltmarsh Sail Loft')!;
    const site = await bothOf(`/sites/${loft.site.id}`);
    expectWhole(site, 'Report on all panels: Saltmarsh Sail Loft, Saltmarsh Sail Loft');
    expect(site.report.panels).toHaveLength(2);
    const panel = await bothOf(`/panels/${loft.panels[0]!.panel.id}`);
    expectWhole(panel, 'Panel report: Main panel, Saltmarsh Sail Loft');
    const ranks = panel.report.findings.map(({ urgency }) =>
      ['now', 'days', 'weeks', 'plan'].indexOf(urgency),
    );
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    const bench = panel.report.findings.find(({ where }) => where.includes('Hot-knife bench'))!;
    expect(bench.figures).toContainEqual({
      label: 'Compared with similar breakers',
      value: '+24.6 °C',
      limit: '+15 °C',
      bar: { value: expect.closeTo(24.6, 1), limit: 15 },
    });
    expect(panel.report.notLookedAt.map(({ what }) => what)).toContain('Inside inspection');
  });

  test('of 60 findings with long names: nothing is cut', async () => {
    const { panelId } = await thinWires(60, 'Workshop upstairs by the window: bench outlets, dust extractor');
    const both = await bothOf(`/panels/${panelId}`);
    expect(both.report.findings).toHaveLength(60);
    expectWhole(both, 'Panel report: House, Boat shed');
    for (const number of [1, 30, 60])
      expect(words(both.pdf.text.join(' '))).toContain(words(`${number}. Install a 15 A breaker`));
  });

  test('with prices and a remark: as long as the finding says the same', async () => {
    const { panelId, branches } = await thinWires(2, 'Bench');
    const { report } = await bothOf(`/panels/${panelId}`);
    const [first] = report.findings;
    const keep = (content: object, profile = 'electrician') =>
      request(server.app)
        .post(`/api/v1/panels/${panelId}/entries`)
        .set('phylaxon-profile', profile)
        .send({ kind: 'report-prices', at: new Date().toISOString(), content });
    const price = { finding: first!.key, headline: first!.headline, amount: 185.5 };
    const content = { currency: 'USD', prices: [price], remark: 'The attic line was not traced.' };
    expect((await keep(content, 'homeowner')).status).toBe(403);
    expect((await keep({ ...content, prices: [{ ...price, amount: -1 }] })).status).toBe(400);
    expect((await keep(content)).status).toBe(201);
    const priced = await bothOf(`/panels/${panelId}`);
    expect(priced.report).toMatchObject({ totals: [{ amount: 185.5, currency: 'USD' }] });
    expectWhole(priced, 'Panel report: House, Boat shed');
    expect(priced.pdf.text.join(' ')).toContain('$185.50');
    // The wire was found to be thicker: what the price was for is gone.
    for (const { breaker } of branches) await wire(breaker.id, '12');
    expect((await bothOf(`/panels/${panelId}`)).report).toMatchObject({
      totals: [],
      findings: [],
    });
  });

  test('shows the photo that was taken at a finding', async () => {
    const { panelId, branches } = await thinWires(1, 'Bench');
    await request(server.app)
      .post(`/api/v1/breakers/${branches[0]!.breaker.id}/photos?at=${new Date().toISOString()}&note=Scorched`)
      .set('content-type', 'image/jpeg')
      .send(aJpeg())
      .expect(201);
    const both = await bothOf(`/panels/${panelId}`);
    expect(both.report.findings[0]!.pictures[0]).toMatchObject({ kind: 'photo', caption: 'Scorched' });
    expectWhole(both, 'Panel report: House, Boat shed');
  });

  test('tells what comes: a joint that warms from year to year, before its limit', async () => {
    const { panelId, branches } = await thinWires(1, 'Bench');
    const { id } = branches[0]!.breaker;
    for (let i = 0; i < 7; i++) {
      const at = new Date(Date.UTC(2022, 6 * i, 3, 10)).toISOString();
      await log(id, [
        { quantity: 'current', point: 'conductor', value: 15, at },
        { quantity: 'temperature', point: 'terminal', value: 32 + i * 1.2, ambientC: 20, at },
      ]);
    }
    const both = await bothOf(`/panels/${panelId}`);
    expect(both.report.ahead[0]).toMatchObject({
      where: 'Space 1, Bench 1',
      trend: { kind: 'joint-warms', figures: 7 },
    });
    expect(both.report.ahead[0]!.trend.reached.likeliest > '2025-07').toBe(true);
    expectWhole(both, 'Panel report: House, Boat shed');
  });

  test('of what there is not is not found; a time zone that there is not is refused', async () => {
    for (const at of ['panels', 'sites', 'visits'])
      for (const ending of ['report', 'report.pdf'])
        expect((await call('get', `/${at}/00000000-0000-4000-8000-000000000000/${ending}`)).status).toBe(404);
    const { panelId } = await thinWires(1, 'Bench');
    expect((await call('get', `/panels/${panelId}/report.pdf?zone=Nowhere`)).status).toBe(400);
  });
});
