import axe from 'axe-core';
import { expect, type Page } from '@playwright/test';

declare global {
  interface Window {
    axe: typeof axe;
  }
}

/** axe finds nothing. One page without frames: axe stays in the page, and is not sent anew for each look. */
export async function expectNoViolation(page: Page, where: string, without: string[], rules?: string[]) {
  if (await page.evaluate(() => !('axe' in window))) await page.evaluate(axe.source);
  const found = await page.evaluate(
    async ({ exclude, runOnly }) => {
      const { violations } = await window.axe.run(
        { exclude },
        // A selector for everything that passes takes longer than all rules together.
        { resultTypes: ['violations'], iframes: false, ...(runOnly && { runOnly }) },
      );
      return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`);
    },
    { exclude: without, runOnly: rules },
  );
  expect(found, where).toEqual([]);
}

/** Nothing reaches beyond the side of the screen; what is wide scrolls within itself. */
async function expectNoOverflow(page: Page, where: string) {
  const over = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect([where, over]).toEqual([where, 0]);
}

/**
 * Nothing reaches beyond the side of the screen, and axe finds nothing, in the light and in the dark.
 *
 * @param where what is looked at
 * @param without what is left out
 */
export async function expectSound(page: Page, where: string, without: string[] = []) {
  // A view loads when it is first opened: until it is there, there is nothing to look at.
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expectNoOverflow(page, where);
  await expectNoViolation(page, `${where}, light`, without);
  // In the dark only the colors are others.
  await page.emulateMedia({ colorScheme: 'dark' });
  await expectNoViolation(page, `${where}, dark`, without, ['color-contrast']);
  await page.emulateMedia({ colorScheme: 'light' });
}
