import { expect } from '@playwright/test';
import { LOOKS, asElectrician, openJobPage, ownPanel, test } from '../../support/index.ts';

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('solar goes to the end opposite the main: allowed there, planned there, shut off on each visit', async ({
      page,
      request,
    }) => {
      const branches = ['1-3 Range 50', '2-4 Dryer 30', '6 Sump pump 50', '5 Kitchen 20', '7 Bench 50'];
      const { path, siteId } = await ownPanel(request, branches, 'Net loft', { mainAmps: 200, busAmps: 200 });
      await page.goto(path);
      await asElectrician(page);
      await openJobPage(page, 'Plan', 'Backup and sources');
      await page.getByText('Add a source', { exact: true }).click();
      const form = page.getByRole('form', { name: 'Add a source' });
      await form.getByLabel('Power (W)', { exact: true }).fill('none');
      await expect(form.getByRole('alert')).toContainText('Enter the power of the source');
      await expect(form.getByRole('button', { name: 'Add' })).toBeDisabled();
      await form.getByLabel('Power (W)', { exact: true }).fill('7680');
      await form.getByRole('button', { name: 'Add' }).click();
      const sources = page.getByRole('region', { name: 'Sources besides the utility' });
      await expect(sources.getByRole('status')).toHaveText('✓ Allowed on this bus');
      await expect(sources).toContainText('within 120% of the bus: 240 A, limit 240 A.');
      await expect(sources).toContainText(
        'It needs 40 A, at the end opposite the main: spaces 9, 10, 11, 12.',
      );
      await expect(sources).toContainText('must stay at the end of the bus opposite the main');
      await page.getByRole('button', { name: 'Save sources and circuits' }).click();
      await expect(page.getByText('✓ Saved')).toBeVisible();
      await sources.getByRole('link', { name: 'Plan it there' }).click();
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await expect(plan.getByRole('status').first()).toContainText('✓ Free space: spaces 9 and 11');
      await page.goto(`/sites/${siteId}/visits`);
      await page.reload();
      const planned = await request.get(`/api/v1/sites/${siteId}/planning`);
      expect(((await planned.json()) as { panels: { sources: object }[] }).panels[0]!.sources).toMatchObject({
        content: { sources: [{ kind: 'solar', watts: 7680 }] },
      });
    });

    test('a generator carries the essential circuits in order; what it cannot carry is told with the reason', async ({
      page,
      request,
    }) => {
      const branches = ['1-3 Range 50', '2 Refrigerator 20', '5 Sump pump 15', '6 Lights 15'];
      const { path } = await ownPanel(request, branches);
      await page.goto(`${path}/sources`);
      await asElectrician(page);
      const backup = page.getByRole('region', { name: 'What a backup carries' });
      for (const label of ['Range', 'Refrigerator', 'Sump pump', 'Lights'])
        await backup
          .getByLabel(`Priority: ${label}`)
          .selectOption(label === 'Range' ? '3: if there is power left' : '1: must have power');
      // Of lights nobody knows anything yet.
      await expect(backup.getByRole('status')).toHaveText('Carries 1 of 4 circuits');
      await expect(backup).toContainText('6 Lights: power not known: enter it');
      await backup.getByLabel('Running (W) Lights').fill('300');
      await backup.getByLabel('Starting (W) Sump pump').fill('2400');
      await expect(backup.getByRole('status')).toHaveText('Carries 3 of 4 circuits');
      await expect(backup).toContainText('1–3 Range: too large for this source, even alone');
      const order = backup.getByRole('list').filter({ hasText: 'on its leg at the start' });
      await expect(order.getByRole('listitem')).toHaveText([
        /^5 Sump pump, up to 2400 W/,
        /^2 Refrigerator, up to 1700 W/,
        /^6 Lights/,
      ]);
      await backup.getByLabel('Voltage').selectOption('120');
      await expect(backup).toContainText('1–3 Range: needs 240 V');
      await backup.getByLabel('Power (W)', { exact: true }).fill('900');
      await expect(backup.getByRole('status')).toHaveText('Carries 2 of 4 circuits');
      await page.getByRole('button', { name: 'Save sources and circuits' }).click();
      await expect(page.getByText('✓ Saved')).toBeVisible();
      await page.reload();
      await expect(backup.getByLabel('Running (W) Lights')).toHaveValue('300');
      await expect(backup.getByLabel('Priority: Range')).toHaveValue('3');
    });
  });
}
