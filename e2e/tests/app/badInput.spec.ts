import { expect } from '@playwright/test';
import { ownBreaker, test } from '../../support/index.ts';

test('what cannot be is told at its field, and nothing of it is stored', async ({ page, request }) => {
  const path = await ownBreaker(request);
  await page.goto(path);
  const reading = page.getByRole('tabpanel', { name: 'Reading' });
  const store = reading.getByRole('button', { name: 'Save readings' });
  const outlet = reading.getByRole('textbox', { name: 'Outlet, V' });

  await store.click();
  await expect(reading.getByText('Enter at least one reading below.')).toBeVisible();
  await outlet.fill('a lot');
  await store.click();
  await expect(reading.getByText('The voltage must be a number.')).toBeVisible();
  await expect(outlet).toHaveAttribute('aria-invalid', 'true');
  await outlet.fill('-4');
  await store.click();
  await expect(reading.getByText('The voltage must be from 0 to 1000 V.')).toBeVisible();
  await outlet.fill('119');
  await reading.getByRole('textbox', { name: 'Breaker face, °C' }).fill('31');
  await store.click();
  await expect(reading.getByText('A surface temperature needs the ambient temperature too.')).toBeVisible();

  const id = path.split('/').at(-1);
  const timeline = await request.get(`/api/v1/breakers/${id}/timeline?kinds=readings`);
  expect(((await timeline.json()) as { entries: unknown[] }).entries).toEqual([]);
});

test('what only the server can know comes back to its field', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  const reading = page.getByRole('tabpanel', { name: 'Reading' });
  await reading.getByRole('textbox', { name: 'Outlet, V' }).fill('119');
  await reading.getByLabel('When').fill('2031-01-01T10:00:00');
  await reading.getByRole('button', { name: 'Save readings' }).click();
  await expect(reading.getByText('This time is in the future.')).toBeVisible();
});

test('an address that leads nowhere is told, with a way out', async ({ page }) => {
  await page.goto('/no/such/page');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  await page.getByRole('link', { name: 'Go to the start page' }).click();
  await expect(page.getByRole('heading', { name: 'What’s the problem?' })).toBeVisible();
  await page.goto('/panels/7f000000-0000-4000-8000-000000000000');
  await expect(page.getByText('This panel does not exist.')).toBeVisible();
});

test('the circuit and the breaker half entered survive a reload too', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  await page.getByRole('tab', { name: 'Circuit' }).click();
  await page.getByLabel('Wire size').selectOption('12');
  await page.getByRole('tab', { name: 'Breaker' }).click();
  await page.getByLabel('Type', { exact: true }).selectOption('afci');
  await page.reload();
  await page.getByRole('tab', { name: 'Circuit' }).click();
  const circuit = page.getByRole('tabpanel', { name: 'Circuit' });
  await expect(circuit.getByText('Restored from an earlier entry, not saved yet.')).toBeVisible();
  await expect(page.getByLabel('Wire size')).toHaveValue('12');
  await page.getByRole('button', { name: 'Save circuit' }).click();
  await expect(page.getByText('✓ Saved. The decision is up to date.')).toBeVisible();
  await page.getByRole('tab', { name: 'Breaker' }).click();
  await expect(page.getByLabel('Type', { exact: true })).toHaveValue('afci');
  await page.getByRole('button', { name: 'Clear this form' }).click();
  await expect(page.getByLabel('Type', { exact: true })).toHaveValue('standard');
  await page.reload();
  await page.getByRole('tab', { name: 'Circuit' }).click();
  await expect(circuit.getByText('Restored from an earlier entry, not saved yet.')).toHaveCount(0);
});

test('a form half filled survives a reload, says so, and can be emptied', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  const outlet = page.getByRole('textbox', { name: 'Outlet, V' });
  const note = page.getByText('Restored from an earlier entry, not saved yet.');
  await outlet.fill('117.5');
  await expect(note).toHaveCount(0);
  await page.reload();
  await expect(outlet).toHaveValue('117.5');
  await page.getByRole('button', { name: 'Clear this form' }).click();
  await expect(outlet).toHaveValue('');
  await page.reload();
  await expect(outlet).toHaveValue('');

  await outlet.fill('118');
  await page.getByRole('button', { name: 'Save readings' }).click();
  await expect(page.getByText('✓ Saved. The decision above is up to date.').first()).toBeVisible();
  await page.reload();
  await expect(outlet).toHaveValue('');
  await expect(note).toHaveCount(0);
});

test('a server whose clock is slow is told of, and what is logged there is kept and marked', async ({
  page,
  request,
}) => {
  const path = await ownBreaker(request);
  const threeDays = 3 * 86_400_000;
  await page.route('**/api/v1/clock', (route) =>
    route.fulfill({
      json: {
        now: new Date(Date.now() - threeDays).toISOString(),
        newest: new Date(Date.now() - 3_600_000).toISOString(),
      },
    }),
  );
  await page.goto(path);
  await expect(
    page.getByText(/^The server’s clock is 3 days slow: it already has newer entries/),
  ).toBeVisible();

  // As a device three days ahead sends it.
  const at = new Date(Date.now() + threeDays + 60_000).toISOString();
  const answer = await request.post(`/api/v1/breakers/${path.split('/').at(-1)}/notes`, {
    data: { note: 'Damp wall', at },
    headers: { 'Phylaxon-Clock': at },
  });
  expect(answer.status()).toBe(201);
  await page.getByRole('tab', { name: 'Record' }).click();
  await expect(page.getByText('The entry’s time was 3 days ahead of the server’s clock.')).toBeVisible();
});
