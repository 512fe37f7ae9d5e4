import { expect } from '@playwright/test';
import { detailPath, ownBreaker, test } from '../../support/index.ts';

// One after the other: all of them change what holds for everybody.
test.describe.configure({ mode: 'default' });

test.afterEach(async ({ request }) => {
  await request.patch('/api/v1/settings', {
    data: { temperature: 'C', length: 'm', theme: 'system', dates: 'day-month-year' },
  });
});

test('a first visit asks who is at work, once, and nothing else', async ({ page }) => {
  await page.goto('/');
  const question = page.getByRole('region', { name: 'Who is working today?' });
  await question.getByRole('button', { name: 'Electrician' }).click();
  await expect(question).toHaveCount(0);
  await expect(page.getByRole('radio', { name: 'Electrician' })).toBeChecked();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'What’s the problem?' })).toBeVisible();
  await expect(question).toHaveCount(0);
});

test('°F and feet: figures, reasons and fields; the record stays in °C', async ({ page, request }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: '°F' }).check();
  await page.getByRole('radio', { name: 'feet' }).check();
  await page.getByRole('radio', { name: '2026-11-03' }).check();
  await expect(page.getByText('✓ Saved.')).toBeVisible();

  await page.goto(await detailPath(request, 'Hot-knife bench'));
  await expect(page.getByText('133 °F', { exact: true }).filter({ visible: true }).first()).toBeVisible();
  await expect(page.getByRole('article', { name: 'Decision' })).toContainText(
    'Terminal at 133 °F, 61 °F above ambient and 44 °F above similar breakers',
  );
  await expect(page.getByText(/2026-10-12, \d\d:\d\d/).first()).toBeVisible();

  const path = await ownBreaker(request);
  await page.goto(path);
  await page.getByRole('textbox', { name: 'Breaker face, °F' }).fill('104');
  await page.getByRole('textbox', { name: 'Ambient temperature, °F' }).fill('68');
  await page.getByRole('button', { name: 'Save readings' }).click();
  await expect(page.getByText('✓ Saved. The decision above is up to date.')).toBeVisible();
  const id = path.split('/').at(-1);
  const { entries } = (await (
    await request.get(`/api/v1/breakers/${id}/timeline?kinds=readings`)
  ).json()) as {
    entries: { reading: { value: number; ambientC: number } }[];
  };
  expect(entries[0]!.reading.value).toBeCloseTo(40, 9);
  expect(entries[0]!.reading.ambientC).toBeCloseTo(20, 9);
});

test('dark by choice, whatever the device says', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto('/settings');
  const paper = () => page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
  const light = await paper();
  await page.getByRole('radio', { name: 'dark', exact: true }).check();
  await expect.poll(paper).not.toBe(light);
  await expect(page.getByText('✓ Saved.')).toBeVisible();
  await page.reload();
  await expect.poll(paper).not.toBe(light);
});
