import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { asElectrician, demoBoard, sheetPath } from '../support/index.ts';

/** One page without frames: axe's plain mode does, and is several times faster. */
async function expectNoViolation(page: Page, where: string, without: string[] = []) {
  const axe = new AxeBuilder({ page }).setLegacyMode(true);
  for (const selector of without) axe.exclude(selector);
  const { violations } = await axe.analyze();
  const told = violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`);
  expect(told, where).toEqual([]);
}

/** The board beside a sheet has been looked at by itself. */
const BESIDE = ['nav[aria-label^="Breakers of"]'];

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const LOOKS = [
  { name: 'desk, light', size: desk, colorScheme: 'light' },
  { name: 'desk, dark', size: desk, colorScheme: 'dark' },
  { name: 'phone, light', size: phone, colorScheme: 'light' },
] as const;

for (const { name, size, colorScheme } of LOOKS) {
  test.describe(`axe finds nothing, ${name}`, () => {
    test.use({ viewport: size, colorScheme });
    test.setTimeout(240_000);

    test('on start page, board, open space, and where nothing is', async ({ page, request }) => {
      await page.goto('/');
      await expect(page.getByRole('region', { name: 'Saltmarsh Sail Loft' })).toBeVisible();
      await expectNoViolation(page, 'start');
      const { panel } = await demoBoard(request);
      await page.goto(`/panels/${panel.id}`);
      await expect(page.getByRole('link', { name: /^Main breaker/ })).toBeVisible();
      await expectNoViolation(page, 'board');
      await page.goto(`/panels/${panel.id}/spaces/18`);
      await expect(page.getByRole('heading', { name: /Open space/ })).toBeVisible();
      await expectNoViolation(page, 'open space', BESIDE);
      await page.goto('/nowhere');
      await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
      await expectNoViolation(page, 'no such page');
    });

    test('on a sheet that stops, and on all the tabs of one', async ({ page, request }) => {
      await page.goto(await sheetPath(request, 'Sump pump'));
      await expect(page.getByRole('heading', { name: 'Stop. Leave it off.' })).toBeVisible();
      await expectNoViolation(page, 'stop', BESIDE);

      await page.goto(await sheetPath(request, 'Loft lights'));
      await asElectrician(page);
      await expect(page.getByRole('heading', { name: 'Replace this breaker' })).toBeVisible();
      await expectNoViolation(page, 'sheet', BESIDE);
      const decided = 'article[aria-label="Decision"]';
      for (const tab of ['Trip', 'Reset', 'Look, listen, try', 'Circuit', 'Breaker', 'Record']) {
        await page.getByRole('tab', { name: tab }).click();
        await expectNoViolation(page, `tab ${tab}`, [...BESIDE, decided]);
      }
      await page
        .getByRole('button', { name: /^Strike:/ })
        .first()
        .click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await expectNoViolation(page, 'dialog', [...BESIDE, decided]);
    });
  });
}
