import { expect, type Page } from '@playwright/test';
import { timeFormats } from '@phylaxon/core/facts/calendar';
import type { Board } from '@phylaxon/core/views/board';
import { reportBlocks, type Report } from '@phylaxon/core/views/report';
import { LOOKS, asElectrician, demoBoard, ownPanel, test, openJobPage } from '../../support/index.ts';

const words = (text: string) => text.replace(/\s+/g, '').toLowerCase();

/** What the page says, as it would be printed. */
async function printed(page: Page): Promise<string> {
  await page.emulateMedia({ media: 'print' });
  const text = await page.getByRole('main').innerText();
  await page.emulateMedia({ media: 'screen' });
  return text;
}

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('the report says in its page what its document says, by urgency, and prints without its buttons', async ({
      page,
      request,
    }) => {
      const { panel } = await demoBoard(request);
      const report = (await (await request.get(`/api/v1/panels/${panel.id}/report`)).json()) as Report;
      await page.goto(`/panels/${panel.id}`);
      await openJobPage(page, 'Maintain & report', 'Report');
      await expect(page.getByRole('heading', { name: `Panel report: ${panel.name}` })).toBeVisible();
      const text = words(await printed(page));
      expect(text).not.toContain(words('Print this page'));
      let from = 0;
      for (const block of reportBlocks(
        report,
        timeFormats({ dates: 'month-day-year', clock: '12' }, 'UTC'),
      )) {
        if (block.is !== 'finding' && block.is !== 'heading') continue;
        const told = words(block.is === 'finding' ? `${block.number}. ${block.title}` : block.text);
        from = text.indexOf(told, from);
        expect([told, from >= 0]).toEqual([told, true]);
        if (block.is !== 'finding') continue;
        for (const line of [...block.lines, ...block.facts, ...block.notes])
          expect(text).toContain(words(line.text));
        for (const { label, value } of block.figures) {
          expect(text).toContain(words(label));
          expect(text).toContain(words(value));
        }
      }
      // The board beside it has the numbers of the findings, and what must not be used stays marked as such.
      const stopped = page.getByRole('navigation', {
        name: `Breakers of ${panel.name}`,
        includeHidden: true,
      });
      const yard = stopped.locator('a').filter({ hasText: 'Yard outlets' });
      await expect(yard).toContainText('Stop');
      await expect(yard).toContainText(/No\. \d/);
      // A homeowner reads it, and asks no prices.
      await expect(page.getByRole('button', { name: 'Prices and remark' })).toBeHidden();
      expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
    });
  });
}

test('an electrician adds prices and a remark; they are in the page, the document and the data', async ({
  page,
  request,
}) => {
  const { panelId, path } = await ownPanel(request, ['1 Bench 20', '2 Oven 20']);
  const { breakers } = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  for (const { breaker } of breakers.filter((one) => one.label !== null))
    await request.post(`/api/v1/breakers/${breaker.id}/observations`, {
      headers: { 'phylaxon-profile': 'electrician' },
      data: { test: 'terminal-inspection', outcome: 'loose', at: new Date().toISOString() },
    });
  await page.goto(`${path}/report`);
  await asElectrician(page);
  await page.getByRole('button', { name: 'Prices and remark' }).click();
  await page.getByLabel('To the customer').fill('The attic line was not traced.');
  await page.getByLabel('Currency').selectOption('EUR');
  const finding = page
    .getByRole('article')
    .getByRole('region', { name: /^\d+\. / })
    .filter({ hasText: 'Bench' });
  await finding.getByLabel('Price, EUR').fill('12x');
  await expect(finding.getByRole('alert')).toHaveText('Enter a price from 0 to 1,000,000.');
  await expect(page.getByRole('button', { name: 'Save prices and remark' })).toBeDisabled();
  await finding.getByLabel('Price, EUR').fill('120.50');
  await page.getByRole('button', { name: 'Save prices and remark' }).click();
  await expect(finding).toContainText('Price: €120.50');
  await expect(page.getByText('€120.50 for 1 of 2 findings')).toBeVisible();
  await page.reload();
  await expect(page.getByText('The attic line was not traced.')).toBeVisible();
  const report = (await (await request.get(`/api/v1${path}/report`)).json()) as Report;
  expect(report).toMatchObject({
    totals: [{ amount: 120.5, currency: 'EUR' }],
    remarks: ['The attic line was not traced.'],
  });
  const address = await page.getByRole('link', { name: 'Report (PDF)' }).getAttribute('href');
  expect((await (await request.get(address!)).body()).subarray(0, 5).toString()).toBe('%PDF-');
});
