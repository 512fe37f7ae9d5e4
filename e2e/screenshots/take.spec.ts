import { fileURLToPath } from 'node:url';
import { test, type Page } from '@playwright/test';
import { asElectrician, demoBoard, sheetPath } from '../support/index.ts';

const FOLDER = fileURLToPath(new URL('../../docs/screenshots', import.meta.url));
const phone = { width: 390, height: 844 };

const shoot = async (page: Page, name: string) => {
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
};

test('the pictures', async ({ page, request }) => {
  const { panel } = await demoBoard(request);
  await page.goto('/');
  await page.getByRole('link', { name: /^Main panel/ }).waitFor();
  await shoot(page, 'start');

  await page.goto(`/panels/${panel.id}`);
  await page.getByRole('link', { name: /^Main breaker/ }).waitFor();
  await asElectrician(page);
  await shoot(page, 'board');

  const sheets = {
    'sheet-replace': 'Loft lights',
    'sheet-stop': 'Sump pump',
    'sheet-measure': 'Flat: shower pump',
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

  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto(await sheetPath(request, 'Hot-knife bench'));
  await page.getByRole('article', { name: 'Decision' }).waitFor();
  await shoot(page, 'sheet-dark');
  await page.emulateMedia({ colorScheme: 'light' });

  await page.setViewportSize(phone);
  await page.goto(`/panels/${panel.id}`);
  await page.getByRole('link', { name: /^Main breaker/ }).waitFor();
  await shoot(page, 'board-phone');
  await page.goto(await sheetPath(request, 'Loft lights'));
  await page.getByRole('article', { name: 'Decision' }).waitFor();
  await shoot(page, 'sheet-phone');
});
