import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { ownPanel, test } from '../../support/index.ts';

async function download(page: Page, name: string) {
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name }).click()]);
  return { name: file.suggestedFilename(), content: await readFile(await file.path()) };
}

test('a site is taken away as a zip, wiped, and brought back the same', async ({ page, request }) => {
  const { siteId, path } = await ownPanel(request, ['1 lathe 20', '2-4 range 40'], 'Rigging loft');
  await page.goto(`/sites/${siteId}`);
  const zip = await download(page, 'Everything, with photos (zip)');
  expect(zip.name).toBe('rigging-loft.zip');
  await page.getByText('Delete this site').click();
  await expect(page.getByRole('button', { name: 'Delete permanently' })).toBeDisabled();
  await page.getByRole('textbox', { name: /^To confirm, type the site’s name/ }).fill('Rigging loft');
  await page.getByRole('button', { name: 'Delete permanently' }).click();
  await expect(page.getByRole('heading', { name: 'What’s the problem?' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Rigging loft' })).toHaveCount(0);

  const choose = page.getByLabel('Import a site or a handed-over case');
  await choose.setInputFiles({
    name: 'broken.zip',
    mimeType: 'application/zip',
    buffer: zip.content.subarray(0, 500),
  });
  await expect(page.getByRole('alert')).toContainText('The zip is damaged or cut off.');
  await choose.setInputFiles({ name: 'site.zip', mimeType: 'application/zip', buffer: zip.content });
  await expect(page.getByText(/^1 panel, 3 breakers, 2 circuits/)).toBeVisible();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByText('✓ Imported')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Rigging loft' })).toBeVisible();
  await page.goto(path);
  await expect(page.getByRole('link', { name: /^Space 2–4, range/ })).toBeVisible();
  await page.goto(`/sites/${siteId}`);
  expect((await download(page, 'Everything, with photos (zip)')).content.equals(zip.content)).toBe(true);
});

test('a table of readings is shown before it is logged; a wrong cell is told and nothing is taken', async ({
  page,
  request,
}) => {
  const { path } = await ownPanel(request, ['1 lathe 20']);
  await page.goto(`${path}/setup`);
  const choose = page.getByLabel('Readings from a CSV table');
  const table = (value: string) => ({
    name: 'readings.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      `time (UTC),place,measured at,value,unit\n2026-11-03T19:05:00Z,1,outlet,${value},V\n`,
    ),
  });
  await choose.setInputFiles(table('plenty'));
  await expect(page.getByRole('alert')).toContainText('Line 2, value: The voltage must be a number.');
  await choose.setInputFiles(table('118.5'));
  await expect(page.getByText('1 reading to import')).toBeVisible();
  await page.getByRole('button', { name: 'Import readings' }).click();
  await expect(page.getByText('✓ 1 reading is now on record.')).toBeVisible();
  await choose.setInputFiles(table('118.5'));
  await expect(page.getByText('0 readings to import')).toBeVisible();
});

test('search finds a load and the trips of last winter', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Saltmarsh Sail Loft', exact: true }).click();
  const search = page.getByRole('searchbox', { name: 'Search this site' });
  await search.fill('steam press');
  await expect(page.getByRole('list', { name: 'Breakers found' })).toContainText(
    'Steam press and tea corner',
  );
  await search.fill('trips since january 2026 frost');
  await expect(page.getByRole('list', { name: 'Entries found' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('list', { name: 'Entries found' }).getByRole('link').click();
  await expect(page.getByRole('heading', { name: /Slipway outlets/ })).toBeVisible();
});
