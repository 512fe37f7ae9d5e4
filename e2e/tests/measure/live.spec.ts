import { expect, type Page } from '@playwright/test';
import { ownBreaker, ownPanel, test } from '../../support/index.ts';

test('two browsers at one panel: what one logs the other sees', async ({ page, browser, request }) => {
  const path = await ownBreaker(request);
  const other = await (await browser.newContext()).newPage();
  await page.goto(path);
  await other.goto(path.split('/breakers/')[0]!);
  await expect(other.getByRole('link', { name: /^Space 1, Shed.*handle on/ })).toBeVisible();

  await page.getByRole('button', { name: 'Log a trip' }).click();
  const trip = page.getByRole('tabpanel', { name: 'Trip' });
  await trip.getByRole('radio', { name: 'Within the hour' }).check();
  await trip.getByRole('button', { name: 'Save trip' }).click();
  await expect(trip.getByText('✓ Saved')).toBeVisible();
  await expect(other.getByRole('link', { name: /^Space 1, Shed.*handle tripped/ })).toBeVisible();
  await other.close();
});

async function openBreakerTab(page: Page, path: string) {
  await page.goto(path);
  await page.getByRole('link', { name: /^Space 1, lathe/ }).click();
  await page.getByRole('tab', { name: 'Breaker' }).click();
}

test('two browsers change one breaker: the later is told, nothing is overwritten, and may keep its own', async ({
  page,
  browser,
  request,
}) => {
  const { path } = await ownPanel(request, ['1 lathe 20']);
  const other = await (await browser.newContext()).newPage();
  await openBreakerTab(page, path);
  await openBreakerTab(other, path);

  await page.getByLabel('Type', { exact: true }).selectOption('gfci');
  await other.getByLabel('Rating', { exact: true }).selectOption('15');
  await other.getByRole('button', { name: 'Save breaker' }).click();
  await expect(page.getByRole('link', { name: /^Space 1, lathe, 15 A/ })).toBeVisible();
  await expect(page.getByText(/This was changed elsewhere/)).toBeVisible();
  await page.getByRole('button', { name: 'Save breaker' }).click();
  await expect(page.getByText(/This breaker was changed on another device/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Space 1, lathe, 15 A, handle/ })).toBeVisible();

  await page.getByRole('button', { name: 'Show the current version' }).click();
  await expect(page.getByLabel('Rating', { exact: true })).toHaveValue('15');
  await page.getByLabel('Type', { exact: true }).selectOption('gfci');
  await page.getByRole('button', { name: 'Save breaker' }).click();
  await expect(other.getByRole('link', { name: /^Space 1, lathe, 15 A, GFCI/ })).toBeVisible();
  await other.close();
});

test('the server gone: the entry waits, over a reload too, and is stored once when it is back', async ({
  page,
  request,
}) => {
  const path = await ownBreaker(request);
  await page.goto(path);
  const reading = page.getByRole('tabpanel', { name: 'Reading' });
  await reading.getByRole('textbox', { name: 'Outlet, V' }).fill('119');
  // The first try reaches the server, its answer is lost; then nothing gets through.
  await page.route('**/api/v1/**/readings', (route) => route.abort());
  await page.route(
    '**/api/v1/**/readings',
    async (route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );
  await reading.getByRole('button', { name: 'Save readings' }).click();
  const waits = page.getByRole('status', { name: 'Unsent entries' });
  await expect(waits).toContainText('1 entry is waiting for the server.');
  await expect(waits).toContainText('Logged a reading at Shed, 1');
  await expect(reading.getByRole('textbox', { name: 'Outlet, V' })).toHaveValue('');
  await page.reload();
  await expect(waits).toContainText('1 entry is waiting for the server.');

  await page.unrouteAll();
  await expect(waits).toHaveCount(0);
  const id = path.split('/').at(-1);
  const timeline = (await (await request.get(`/api/v1/breakers/${id}/timeline?kinds=readings`)).json()) as {
    entries: unknown[];
  };
  expect(timeline.entries).toHaveLength(1);
});

test('the server gone: a circuit is drawn twice, shown at once, and stored once each when it is back', async ({
  page,
  request,
}) => {
  const path = await ownBreaker(request);
  await page.goto(path);
  await page.getByRole('tab', { name: 'Circuit' }).click();
  const form = page.getByRole('tabpanel', { name: 'Circuit' });
  const rename = async (label: string) => {
    await form.getByRole('textbox', { name: 'Circuit' }).fill(label);
    await form.getByRole('button', { name: 'Save circuit' }).click();
    await expect(form.getByText(/is kept in this browser and sent as soon as it does/)).toBeVisible();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(label);
    await expect(page.getByRole('navigation', { name: 'Breakers of Shed panel' })).toContainText(label);
  };
  // The first try reaches the server, its answer is lost; then nothing gets through, however soon it is tried again.
  await page.route('**/api/v1/**/circuit', (route) => route.abort());
  await page.route(
    '**/api/v1/**/circuit',
    async (route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );
  await page.route('**/api/v1/**/changes', (route) => route.abort());
  await rename('Forge');
  await rename('Forge and lathe');
  const waits = page.getByRole('status', { name: 'Unsent entries' });
  await expect(waits).toContainText('2 entries are waiting for the server.');
  await page.unrouteAll();
  await expect(waits).toHaveCount(0);
  const id = path.split('/').at(-1);
  const { circuit } = (await (await request.get(`/api/v1/breakers/${id}`)).json()) as {
    circuit: { label: string; version: number };
  };
  expect(circuit).toMatchObject({ label: 'Forge and lathe', version: 3 });
});

test('an entry that the server refuses when it is back is told, not lost', async ({ page, request }) => {
  const path = await ownBreaker(request);
  const id = path.split('/').at(-1);
  await page.goto(path);
  await page.getByRole('tab', { name: 'Record' }).click();
  await page.route('**/api/v1/**/notes', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Write a note' }).fill('Wet wall');
  await page.getByRole('button', { name: 'Save note' }).click();
  const waits = page.getByRole('status', { name: 'Unsent entries' });
  await expect(waits).toContainText('Logged a note at Shed, 1');
  await request.delete(`/api/v1/breakers/${id}`);
  await page.unrouteAll();
  await expect(waits).toContainText('could not be saved: This breaker does not exist.');
  await waits.getByRole('button', { name: 'Discard entry' }).click();
  await expect(waits).toHaveCount(0);
});
