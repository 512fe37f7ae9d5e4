import { expect } from '@playwright/test';
import { test } from '../../support/index.ts';

test('a case is closed with what it was, counted, and said otherwise later', async ({ page, request }) => {
  const made = async (path: string, data: object) =>
    (await (await request.post(`/api/v1${path}`, { data })).json()) as { id: string };
  const site = await made('/sites', { name: 'Bakery' });
  const panel = await made(`/sites/${site.id}/panels`, { name: 'Bakery panel', spaces: 8, mainAmps: 60 });
  const breaker = await made(`/panels/${panel.id}/breakers`, { space: 1, poles: 1, ratingAmps: 20 });
  await request.put(`/api/v1/breakers/${breaker.id}/circuit`, { data: { label: 'Mixer' } });
  const at = new Date().toISOString();
  const about = { siteId: site.id, panelId: panel.id, breakerId: breaker.id };
  const opened = await made('/cases', {
    ...about,
    complaint: 'trips',
    openedBy: 'homeowner',
    openedAt: at,
  });
  const found = [
    ['reset-result-unplugged', 'holds'],
    ['appliance-check', 'trips-there-too'],
    ...['sound:quiet', 'smell:none', 'panel-touch:cool', 'water-signs:dry', 'light-behaviour:steady'].map(
      (one) => one.split(':'),
    ),
  ];
  await made(`/cases/${opened.id}/answers`, {
    answers: found.map(([name, outcome]) => ({ test: name, outcome, at })),
  });

  await page.goto(`/cases/${opened.id}`);
  await page.locator('header label', { hasText: 'Homeowner' }).click();
  await expect(page.getByRole('article', { name: 'Decision' })).toContainText('Not the breaker');
  const ending = page.getByRole('region', { name: 'Result' });
  await ending.getByRole('combobox', { name: /What was the cause/ }).selectOption('Faulty appliance');
  await ending.getByRole('combobox', { name: 'How is it known?' }).selectOption('It was measured');
  await ending.getByRole('combobox', { name: 'Who confirmed it?' }).selectOption('an electrician');
  await ending.getByRole('button', { name: 'Close the case' }).click();
  await expect(ending).toContainText('Cause: “Faulty appliance” (measured by an electrician).');
  await expect(page.getByRole('button', { name: /^Log finding/ })).toHaveCount(0);

  await page.goto(`/sites/${site.id}`);
  await page.getByRole('link', { name: 'How cases turned out' }).click();
  await expect(page.getByText('Right in 1 of 1')).toBeVisible();

  // What is known better later counts from then on.
  await page.getByRole('link', { name: /^Right Mixer: Not the breaker/ }).click();
  await ending.getByText('Change the cause').click();
  await ending
    .getByRole('combobox', { name: /What was the cause/ })
    .selectOption('Weak breaker: trips too early');
  await ending.getByRole('button', { name: 'Save the cause' }).click();
  await expect(ending).toContainText('Cause: “Weak breaker: trips too early”');
  await page.goto(`/sites/${site.id}/outcomes`);
  await expect(page.getByText('Right in 0 of 1')).toBeVisible();

  await page.getByRole('button', { name: 'Use only the table' }).click();
  await expect(page.getByText('learning is turned off')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Count confirmed cases again' }).click();
  await expect(page.getByText('danger signs never count for less')).toBeVisible();
  await request.delete(`/api/v1/sites/${site.id}`);
});
