import { expect } from '@playwright/test';
import { LOOKS, ownPanel, test, openJobPage } from '../../support/index.ts';

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('the directory is printed as it hangs, and what hangs there is held against it', async ({
      page,
      request,
    }) => {
      const { path } = await ownPanel(request, ['1 Kitchen counter 20', '2-4 Range 40', '3 Hall 15']);
      await page.goto(path);
      await openJobPage(page, 'Maintain & report', 'Circuit directory');
      await expect(page.getByRole('status').first()).toContainText('readable at arm’s length');
      const card = page.getByRole('region', { name: 'Preview' });
      await expect(card.getByRole('row', { name: /^2–4 Range 40 A/ })).toBeVisible();
      await page.getByLabel('Directory size').selectOption('own');
      await page.getByLabel('Width (mm)').fill('70');
      await page.getByLabel('Height (mm)').fill('60');
      await expect(page.getByText(/hard to read in a dark basement/)).toBeVisible();
      await page.getByLabel('Directory size').selectOption('letter');
      for (const name of ['Circuit directory (PDF)', 'Label strip (PDF)']) {
        const address = await page.getByRole('link', { name }).getAttribute('href');
        const pdf = await request.get(address!);
        expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
      }
      await page.getByLabel(/^Type the posted directory/).fill('1 kitchen\n2-4 dryer\n5 kitchen');
      const differences = page.getByRole('status', { name: 'Differences' });
      await expect(differences).toContainText('4 differences');
      await expect(differences.getByRole('listitem').first()).toContainText(
        'Wrong 2–4 “dryer”, on record: Range',
      );
      // Kept, it is a finding of the report, until a new one hangs there.
      await page.getByRole('button', { name: 'Save the posted directory' }).click();
      await expect(page.getByText(/^Copied on/)).toBeVisible();
      await page.goto(`${path}/report`);
      const finding = page.getByRole('region', { name: /Post a new directory$/ });
      await expect(finding).toContainText('Wrong 2–4 “dryer”, on record: Range');
      await page.goto(`${path}/directory`);
      await page.getByRole('button', { name: 'The new directory is posted' }).click();
      await expect(differences).toContainText('The posted directory matches the record');
      await page.getByLabel('Label stock').selectOption('Tape, 12 mm');
      const tape = await page.getByRole('link', { name: 'Label strip (PDF)' }).getAttribute('href');
      expect((await request.get(tape!)).headers()['content-type']).toBe('application/pdf');
    });
  });
}
