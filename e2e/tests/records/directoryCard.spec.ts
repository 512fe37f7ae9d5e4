import { expect } from '@playwright/test';
import { LOOKS, ownPanel, test } from '../../support/index.ts';

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('the directory is printed as it hangs, and what hangs there is held against it', async ({
      page,
      request,
    }) => {
      const { path } = await ownPanel(request, ['1 Kitchen counter 20', '2-4 Range 40', '3 Hall 15']);
      await page.goto(path);
      await page.getByRole('link', { name: 'The directory' }).click();
      await expect(page.getByRole('status').first()).toContainText('legible at arm’s length');
      const card = page.getByRole('region', { name: 'As it will hang' });
      await expect(card.getByRole('row', { name: /^2–4 Range 40 A/ })).toBeVisible();
      await page.getByLabel('Size of the card').selectOption('own');
      await page.getByLabel('Wide (mm)').fill('70');
      await page.getByLabel('High (mm)').fill('60');
      await expect(page.getByText(/nobody reads it in a dark basement/)).toBeVisible();
      await page.getByLabel('Size of the card').selectOption('letter');
      for (const name of ['The directory (PDF)', 'A strip of labels (PDF)']) {
        const address = await page.getByRole('link', { name }).getAttribute('href');
        const pdf = await request.get(address!);
        expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
      }
      await page.getByLabel(/^Type it as it is/).fill('1 kitchen\n2-4 dryer\n5 kitchen');
      const differences = page.getByRole('status', { name: 'Differences' });
      await expect(differences).toContainText('4 differences');
      await expect(differences.getByRole('listitem').first()).toContainText(
        'Wrong 2–4 “dryer”, by the record Range',
      );
      // Kept, it is a finding of the report, until a new one hangs there.
      await page.getByRole('button', { name: 'Keep what hangs there' }).click();
      await expect(page.getByText(/^Read there/)).toBeVisible();
      await page.goto(`${path}/report`);
      const finding = page.getByRole('region', { name: /Hang a new directory$/ });
      await expect(finding).toContainText('Wrong 2–4 “dryer”, by the record Range');
      await page.goto(`${path}/directory`);
      await page.getByRole('button', { name: 'The new one hangs there now' }).click();
      await expect(differences).toContainText('It says what the record says');
      await page.getByLabel('Labels on').selectOption('Tape, 12 mm');
      const tape = await page.getByRole('link', { name: 'A strip of labels (PDF)' }).getAttribute('href');
      expect((await request.get(tape!)).headers()['content-type']).toBe('application/pdf');
    });
  });
}
