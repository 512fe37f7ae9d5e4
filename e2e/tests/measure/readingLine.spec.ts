import { expect, type Page } from '@playwright/test';
import { asElectrician, decision, ownBreaker, ownPanel, test } from '../../support/index.ts';

const line = (page: Page) => page.getByRole('region', { name: 'Reading line' });
const field = (page: Page) => line(page).getByRole('textbox', { name: 'Reading line' });
const understood = (page: Page) =>
  line(page).getByRole('list', { name: 'Understood', exact: true }).getByRole('listitem');
const stored = (page: Page) => line(page).getByText(/^✓ Logged/);
const DIRECTORY = ['1 kitchen counter 20', '3 lathe 20', '5-7 kiln 40 2p', '2 lights 15'];

test('from a key press to a stored reading that changes the decision, in fewer than 15 keystrokes', async ({
  page,
  request,
}) => {
  await page.goto(await ownBreaker(request));
  await asElectrician(page);
  const before = await decision(page).getByRole('heading').first().textContent();
  let keystrokes = 0;
  const type = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
    keystrokes += keys.length;
  };
  await page.locator('h1').first().click();
  await type('/');
  await expect(field(page)).toBeFocused();
  // The breaker of the page is meant where none is said.
  await type(...'24.5a');
  await expect(understood(page)).toHaveText(/1 Shed.*Current on its conductor.*24.5 A.*± 1 A/);
  await type('Enter');
  await expect(stored(page)).toBeVisible();
  await expect(decision(page).getByRole('heading').first()).not.toHaveText(before!);
  expect(keystrokes).toBeLessThan(15);
  // And it is taken back.
  await line(page).getByRole('button', { name: 'Undo' }).click();
  await expect(line(page).getByText('Undone')).toBeVisible();
  await expect(decision(page).getByRole('heading').first()).toHaveText(before!);
});

test('what is not understood is marked, and stored never; the rest only at a second Enter', async ({
  page,
  request,
}) => {
  await page.goto((await ownPanel(request, DIRECTORY)).path);
  await asElectrician(page);
  await page.keyboard.press('/');
  await field(page).fill('3: 118.4v 14.2a wobbly, kitchen counter 7.2 a at the plug');
  await expect(understood(page)).toHaveCount(3);
  await expect(understood(page).last()).toContainText('Current at the plug-in meter');
  await expect(line(page).getByRole('list', { name: 'Not understood' })).toContainText('“wobbly”');
  await page.keyboard.press('Enter');
  await expect(line(page)).toContainText('Press Enter again');
  await expect(stored(page)).toHaveCount(0);
  await page.keyboard.press('Enter');
  await expect(stored(page)).toHaveText('✓ Logged 3 entries at Shed panel');
  // Arrow up brings it back; another one down leaves it.
  await page.keyboard.press('ArrowUp');
  await expect(field(page)).toHaveValue(/^3: 118.4v 14.2a wobbly/);
  await page.keyboard.press('ArrowDown');
  await expect(field(page)).toHaveValue('');
  await page.keyboard.press('Escape');
  await expect(line(page)).toHaveCount(0);
});

test('what the record needs besides is asked for with a tap; a figure out of all likelihood once', async ({
  page,
  request,
}) => {
  await page.goto((await ownPanel(request, DIRECTORY)).path);
  await asElectrician(page);
  await page.keyboard.press('/');
  await field(page).fill('3 tripped, 3 term 41c');
  await expect(line(page).getByRole('button', { name: 'Save' })).toBeDisabled();
  await line(page).getByRole('button', { name: 'Immediately' }).click();
  await line(page)
    .getByLabel(/What is the ambient temperature/)
    .fill('22');
  await page.keyboard.press('Enter');
  await expect(understood(page).last()).toContainText('ambient 22 °C');
  await line(page).getByRole('button', { name: 'Save' }).click();
  await expect(stored(page)).toBeVisible();

  await field(page).fill('3 13.1a');
  await page.keyboard.press('Enter');
  await expect(stored(page)).toHaveText('✓ Logged one entry at Shed panel');
  await field(page).fill('lathe 1.31a');
  await expect(understood(page)).toContainText('Check the decimal point.');
  await page.keyboard.press('Enter');
  await expect(stored(page)).toHaveCount(0);
  await page.keyboard.press('Enter');
  await expect(stored(page)).toBeVisible();
});

test('a homeowner is told what lies behind the cover, and logs at the outlet', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto((await ownPanel(request, DIRECTORY)).path);
  await page.getByRole('button', { name: 'Log' }).click();
  await field(page).fill('3 118v');
  await expect(line(page)).toContainText('behind the cover');
  await expect(line(page).getByRole('button', { name: 'Save' })).toBeDisabled();
  await field(page).fill('3 outlet 118v');
  await line(page).getByRole('button', { name: 'Save' }).click();
  await expect(stored(page)).toBeVisible();
});

test('lines are understood and kept while the server is gone', async ({ page, request, context }) => {
  await page.goto((await ownPanel(request, DIRECTORY)).path);
  await asElectrician(page);
  await page.keyboard.press('/');
  await field(page).fill('3 14a');
  await expect(understood(page)).toHaveCount(1);
  await context.route('**/api/v1/panels/*/log', (route) => route.abort());
  await page.keyboard.press('Enter');
  await expect(line(page)).toContainText('Kept here until the server answers');
  await context.unroute('**/api/v1/panels/*/log');
  await expect(page.getByText(/waiting for the server/i)).toHaveCount(0, { timeout: 10_000 });
});
