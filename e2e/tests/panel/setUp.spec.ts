import { expect } from '@playwright/test';
import { test } from '../../support/index.ts';

test('a panel of one’s own: drawn, fitted, refused where it cannot be, and taken out again', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Set up a panel at another site' }).click();
  const form = page.getByRole('main');
  await form.getByRole('textbox', { name: 'Site' }).fill('Net store');
  await form.getByRole('textbox', { name: /^Spaces/ }).fill('7');
  await form.getByRole('button', { name: 'Set up this panel' }).click();
  await expect(form.getByText(/Enter an even number/)).toBeVisible();
  await form.getByRole('textbox', { name: /^Spaces/ }).fill('8');
  await form.getByLabel('Mounting').selectOption('inverted');
  await form.getByRole('button', { name: 'Set up this panel' }).click();
  await expect(page.getByText(/mounted upside down/)).toBeVisible();

  await page.getByRole('link', { name: 'Space 7, empty: install a breaker' }).click();
  await page.getByLabel('Size').selectOption('2');
  await page.getByRole('button', { name: 'Install this breaker' }).click();
  await expect(
    page.getByText('A two-pole breaker at 7 would need space 9, but this panel ends at 8.'),
  ).toBeVisible();
  await page.getByLabel('Size').selectOption('upper');
  await page.getByRole('button', { name: 'Install this breaker' }).click();
  await expect(page.getByRole('link', { name: /^Space 7 upper/ })).toHaveAttribute('aria-current', 'true');

  await page.getByRole('tab', { name: 'Breaker' }).click();
  await page.getByRole('button', { name: 'Remove from the panel' }).click();
  await expect(page.getByRole('link', { name: 'Space 7, empty: install a breaker' })).toBeVisible();

  // Another like it, the first one from the site, and back again.
  await page.getByRole('link', { name: 'Set up this panel' }).click();
  await page.getByRole('textbox', { name: 'Name of the new panel' }).fill('Loft panel');
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('heading', { name: 'Set up Loft panel' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove this panel' }).click();
  await expect(page.getByRole('heading', { name: 'Net store' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Loft panel/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo: Removed Loft panel from the site' }).click();
  await expect(page.getByRole('link', { name: /^Loft panel/ })).toBeVisible();
});

test('on a phone: board, detail, and back', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await page
    .getByRole('region', { name: 'Saltmarsh Sail Loft' })
    .getByRole('link', { name: /^Main panel/ })
    .click();
  await page
    .getByRole('link', { name: /Sump pump/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Stop.' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Board' })).toBeHidden();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBe(0);
  await page.getByRole('link', { name: 'Board', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Board' })).toBeVisible();
});
