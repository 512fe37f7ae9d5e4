import { fileURLToPath } from 'node:url';
import { test, type Page } from '@playwright/test';
import type { SiteSummary } from '@phylaxon/core/board';
import { asElectrician, demoBoard, sheetPath } from '../support/index.ts';

const FOLDER = fileURLToPath(new URL('../../docs/screenshots', import.meta.url));
const phone = { width: 390, height: 844 };

const shoot = async (page: Page, name: string) => {
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
};

const openRecord = async (page: Page) => {
  await page.getByRole('tab', { name: 'Record' }).click();
  await page.getByRole('img', { name: /over time/ }).waitFor();
  await page.getByRole('tab', { name: 'Record' }).evaluate((tab) => {
    (tab as HTMLElement).blur();
    tab.scrollIntoView();
  });
};

const openBench = async (page: Page, part: string) => {
  await page.getByRole('tab', { name: 'Bench' }).click();
  await page.getByRole('tab', { name: part }).click();
  await page.getByRole('tab', { name: part }).evaluate((tab) => (tab as HTMLElement).blur());
  await page.getByRole('tab', { name: 'Bench' }).evaluate((tab) => tab.scrollIntoView());
  await page.mouse.move(0, 0);
};

test('the pictures', async ({ page, request }) => {
  const { panel, site } = await demoBoard(request);
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
  const panelNamed = (name: string) =>
    sites.flatMap(({ panels }) => panels.map((one) => one.panel)).find((one) => one.name === name)!;
  const openBoard = async ({ id, name }: { id: string; name: string }) => {
    await page.goto(`/panels/${id}`);
    await page.getByRole('navigation', { name: `Breakers of ${name}` }).waitFor();
  };

  await page.goto('/');
  await asElectrician(page);
  await page.getByRole('link', { name: /^Main panel/ }).waitFor();
  await shoot(page, 'start');
  await page.goto(`/sites/${site.id}`);
  await page.getByRole('searchbox', { name: 'Find in this site' }).fill('trips last winter');
  await page.getByRole('list', { name: 'Entries found' }).waitFor();
  await shoot(page, 'site');
  await page.goto('/settings');
  await shoot(page, 'settings');

  await openBoard(panel);
  await shoot(page, 'board');
  await page.getByRole('button', { name: 'Arrange breakers' }).click();
  await page.getByRole('button', { name: '9, Dehumidifier' }).focus();
  await page.keyboard.press('Space');
  await page.getByText('Where it was.').first().waitFor();
  await page.keyboard.press('ArrowRight');
  await page
    .getByText(/changing places/)
    .first()
    .waitFor();
  await shoot(page, 'arrange');
  await openBoard(panelNamed('Hall panel'));
  await shoot(page, 'board-inverted');
  await openBoard(panelNamed('Yard panel'));
  await shoot(page, 'board-side');
  await page.goto(`/panels/${panel.id}/setup`);
  await page.getByRole('heading', { name: 'Set up Main panel' }).waitFor();
  await shoot(page, 'setup');

  const sheets = {
    'sheet-replace': 'Loft lights',
    'sheet-stop': 'Sump pump',
  };
  for (const [name, label] of Object.entries(sheets)) {
    await page.goto(await sheetPath(request, label));
    await page.getByRole('article', { name: 'Decision' }).waitFor();
    await shoot(page, name);
  }
  await page.goto(await sheetPath(request, 'Cutting floor outlets'));
  await page.getByRole('tab', { name: 'Circuit' }).click();
  await page.getByText('The breaker is too large').waitFor();
  await page.getByRole('tab', { name: 'Circuit' }).evaluate((tab) => tab.scrollIntoView());
  await shoot(page, 'circuit');
  await page.goto(await sheetPath(request, 'Steam press and tea corner'));
  await openRecord(page);
  await shoot(page, 'story');

  await page.goto(await sheetPath(request, 'Dehumidifier'));
  await openBench(page, 'This unit');
  await page.getByRole('img', { name: /^Opens from/ }).waitFor();
  await shoot(page, 'bench-unit');

  await page.emulateMedia({ colorScheme: 'dark' });
  await openBench(page, 'Trip curve');
  await page.getByText('this one, by its record', { exact: true }).waitFor();
  await page
    .getByRole('img', { name: /logarithmic scales/ })
    .evaluate((chart) => chart.scrollIntoView({ block: 'center' }));
  await shoot(page, 'bench-curve');
  await page.goto(await sheetPath(request, 'Hot-knife bench'));
  await page.getByRole('article', { name: 'Decision' }).waitFor();
  await shoot(page, 'sheet-dark');
  await page.emulateMedia({ colorScheme: 'light' });

  await page.setViewportSize(phone);
  await openBoard(panel);
  await shoot(page, 'board-phone');
  await page.goto(await sheetPath(request, 'Loft lights'));
  await page.getByRole('article', { name: 'Decision' }).waitFor();
  await shoot(page, 'sheet-phone');
  await page.goto(await sheetPath(request, 'Steam press and tea corner'));
  await openRecord(page);
  await shoot(page, 'story-phone');
  await page.goto(await sheetPath(request, 'Steam press and tea corner'));
  await openBench(page, 'Together');
  await page.getByText('sets never trip a sound unit').waitFor();
  await shoot(page, 'bench-phone');
});
