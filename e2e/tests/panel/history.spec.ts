import { expect } from '@playwright/test';
import { detailPath, ownBreaker, test } from '../../support/index.ts';

/** A red square, 2 by 2. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAIAAAACCAIAAAD91JpzAAAAEElEQVR4nGP4z8AARAwQCgAf7gP9i18U1AAAAABJRU5ErkJggg==',
  'base64',
);

test('the whole timeline: chart with its limits, narrowed by kind, word and day', async ({
  page,
  request,
}) => {
  await page.goto(await detailPath(request, 'Steam press and tea corner'));
  await page.getByRole('tab', { name: 'Record' }).click();
  await expect(
    page.getByRole('img', { name: /^Current over time, 6 readings.*rating 20 A, 80% 16 A/ }),
  ).toBeVisible();
  await expect(page.getByText('✕ void, does not count')).toBeVisible();
  const timeline = page.getByRole('region', { name: 'History' });
  await expect(timeline.getByText('Voided', { exact: false }).first()).toContainText('Decimal point');

  await timeline.getByRole('button', { name: /^Trips/ }).click();
  await expect(timeline.getByRole('listitem')).toHaveCount(3);
  await timeline.getByRole('searchbox', { name: 'Search text' }).fill('kettle together');
  await expect(timeline.getByRole('listitem')).toHaveCount(1);
  await timeline.getByRole('searchbox', { name: 'Search text' }).fill('');
  await timeline.getByLabel('from').fill('2026-06-01');
  await expect(timeline.getByRole('listitem')).toHaveCount(2);
  await expect(timeline.getByText('Held for 1 h 45 min')).toBeVisible();
  await expect(timeline.getByText('Tripped after 10 min')).toBeVisible();
});

test('a note and a photo are kept, and can be struck', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  await page.getByRole('tab', { name: 'Record' }).click();
  await page.getByRole('textbox', { name: 'Write a note' }).fill('Damp behind the panel');
  await page.getByRole('button', { name: 'Save note' }).click();
  await expect(page.getByText('Damp behind the panel')).toBeVisible();

  await page
    .getByLabel('Add a photo')
    .setInputFiles({ name: 'note.txt', mimeType: 'text/plain', buffer: Buffer.from('x') });
  await expect(page.getByText(/cannot read the file as an image/)).toBeVisible();
  await page.getByLabel('Add a photo').setInputFiles({ name: 'lug.png', mimeType: 'image/png', buffer: PNG });
  await page.getByRole('textbox', { name: 'What does the photo show?' }).fill('Scorched lug');
  await page.getByRole('button', { name: 'Save photo' }).click();
  const photo = page.getByRole('img', { name: 'Scorched lug' });
  await expect(photo).toBeVisible();
  expect(await photo.evaluate((image) => (image as HTMLImageElement).naturalWidth)).toBe(2);
  await page.reload();
  await page.getByRole('tab', { name: 'Record' }).click();
  await page.getByRole('button', { name: /^Void: Scorched lug/ }).click();
  await page.getByRole('textbox', { name: 'Reason' }).fill('another panel');
  await page.getByRole('button', { name: 'Void entry' }).click();
  await expect(page.getByText(/Voided .*: another panel/)).toBeVisible();
});
