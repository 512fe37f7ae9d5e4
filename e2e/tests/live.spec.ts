import { expect, test } from '@playwright/test';
import { ownBreaker } from '../support/index.ts';

test('two browsers at one panel: what one logs the other sees', async ({ page, browser, request }) => {
  const path = await ownBreaker(request);
  const other = await (await browser.newContext()).newPage();
  await page.goto(path);
  await other.goto(path.split('/breakers/')[0]!);
  await expect(other.getByRole('link', { name: /^Space 1, Shed.*handle on/ })).toBeVisible();

  await page.getByRole('button', { name: 'Log a trip' }).click();
  const trip = page.getByRole('tabpanel', { name: 'Trip' });
  await trip.getByRole('radio', { name: 'Within the hour' }).check();
  await trip.getByRole('button', { name: 'Store trip' }).click();
  await expect(other.getByRole('link', { name: /^Space 1, Shed.*handle tripped/ })).toBeVisible();
  await other.close();
});
