import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { CARD_SIZES, TAPES_MM } from '@phylaxon/core/views/directoryCard';
import { bytesOf, callsTo, readPdf, testApp } from '../../testing/index.ts';

let server: Awaited<ReturnType<typeof testApp>>;
let { call, made } = {} as ReturnType<typeof callsTo>;

beforeAll(async () => {
  server = await testApp();
  ({ call, made } = callsTo(server.app));
});
afterAll(() => server.store.close());

const pdfOf = (path: string) => bytesOf(server.app, path);

/** A panel of so many spaces, each with a breaker of its own name. */
async function aPanel(spaces: number, nameOf: (space: number) => string) {
  const { id: siteId } = await made<{ id: string }>('/sites', { name: 'Boat shed' });
  const { id } = await made<{ id: string }>(`/sites/${siteId}/panels`, {
    name: 'House',
    spaces,
    mainAmps: 100,
  });
  const text = Array.from({ length: spaces }, (_, i) => `${i + 1} ${nameOf(i + 1)} 15`).join('\n');
  await made(`/panels/${id}/directory`, { text });
  return id;
}

const words = (text: string) => text.replace(/\s+/g, '');

describe('the directory for the door', () => {
  test('is one page that says every breaker, with its fonts, its title and its language', async () => {
    const id = await aPanel(24, (space) => `Room ${space}: lamps and outlets`);
    const pdf = await readPdf(
      await pdfOf(`/panels/${id}/directory.pdf?address=${encodeURIComponent('http://panel.local:4710')}`),
    );
    expect(pdf).toMatchObject({
      pages: 1,
      title: 'Circuit directory: House',
      language: 'en-US',
      isTagged: true,
      hasFonts: true,
    });
    for (let space = 1; space <= 24; space++)
      expect(words(pdf.text[0]!)).toContain(words(`${space} Room ${space}: lamps and outlets 15 A`));
    expect(pdf.beyond).toBeLessThan(1);
  });

  test.each(Object.entries(CARD_SIZES))(
    'nothing is cut with 84 spaces and long names: %s',
    async (_name, { widthMm, heightMm }) => {
      const long = 'Workshop upstairs by the window: bench outlets left and right, lamps, dust extractor';
      const id = await aPanel(84, (space) => `${long} ${space}`);
      const pdf = await readPdf(
        await pdfOf(`/panels/${id}/directory.pdf?widthMm=${widthMm}&heightMm=${heightMm}`),
      );
      const all = words(pdf.text.join(' '));
      for (const space of [1, 2, 42, 83, 84]) expect(all).toContain(words(`${long} ${space}`));
      expect(pdf.beyond).toBeLessThan(1);
      expect(pdf.text.join(' ')).toContain('small for a dark basement');
    },
  );

  test('nothing is cut where the type is large: long words, two poles, narrow units', async () => {
    const { id: siteId } = await made<{ id: string }>('/sites', { name: 'Boat shed' });
    const { id } = await made<{ id: string }>(`/sites/${siteId}/panels`, { name: 'House', spaces: 12 });
    const text =
      '1-3 Dehumidifier, compressor room 100\n2-4 Flat: cooker 40\n5u Office 15\n5l Router and alarm 15\n6-8 Refrigeration 30';
    await made(`/panels/${id}/directory`, { text });
    for (const { widthMm, heightMm } of [...Object.values(CARD_SIZES), { widthMm: 80, heightMm: 120 }]) {
      const pdf = await readPdf(
        await pdfOf(`/panels/${id}/directory.pdf?widthMm=${widthMm}&heightMm=${heightMm}`),
      );
      // The margin stays free.
      expect([pdf.pages, pdf.beyond < -10]).toEqual([1, true]);
      for (const part of ['1–3', 'Dehumidifier', '100 A', '6–8', 'Refrigeration', '30 A'])
        expect(words(pdf.text[0]!)).toContain(words(part));
    }
  });

  test('labels are one a breaker, and a panel without any says so', async () => {
    const id = await aPanel(12, (space) => `Circuit ${space}`);
    const pdf = await readPdf(await pdfOf(`/panels/${id}/labels.pdf`));
    for (let space = 1; space <= 12; space++)
      expect(words(pdf.text.join(' '))).toContain(words(`Circuit ${space} 15 A`));
    const { id: siteId } = await made<{ id: string }>('/sites', { name: 'Empty' });
    const empty = await made<{ id: string }>(`/sites/${siteId}/panels`, { name: 'None', spaces: 8 });
    expect((await readPdf(await pdfOf(`/panels/${empty.id}/labels.pdf`))).text[0]).toContain(
      'No breaker is on record',
    );
  });

  test.each(TAPES_MM)(
    'labels for a tape of %s mm: one a page, as high as the tape, nothing cut',
    async (tapeMm) => {
      const id = await aPanel(24, (space) => `Workshop upstairs: bench outlets by the window ${space}`);
      const pdf = await readPdf(await pdfOf(`/panels/${id}/labels.pdf?tapeMm=${tapeMm}`));
      expect([pdf.pages, pdf.hasFonts]).toEqual([24, true]);
      expect(words(pdf.text[0]!)).toBe(words('1 Workshop upstairs: bench outlets by the window 1 15 A'));
      expect(pdf.beyond).toBeLessThan(0);
      expect((await call('get', `/panels/${id}/labels.pdf?tapeMm=13`)).status).toBe(400);
    },
  );

  test('measures that no card has are refused', async () => {
    const id = await aPanel(8, (space) => `Circuit ${space}`);
    for (const bad of ['widthMm=5', 'heightMm=x', 'zone=Nowhere', 'address=panel'])
      expect((await call('get', `/panels/${id}/directory.pdf?${bad}`)).status).toBe(400);
  });
});
