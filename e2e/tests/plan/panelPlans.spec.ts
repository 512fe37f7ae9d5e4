import { expect } from '@playwright/test';
import { LOOKS, asElectrician, openJobPage, ownPanel, test } from '../../support/index.ts';

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('a full panel: a subpanel with its feeder, the ways compared, and a replacement by dated steps', async ({
      page,
      request,
    }) => {
      const pairs = [1, 2, 5, 6, 9, 10].map((space) => `${space}-${space + 2} Heater ${space} 20`);
      const { path } = await ownPanel(request, pairs, 'Pump house', { mainAmps: 100, busAmps: 100 });
      await page.goto(`${path}/room?poles=2&amps=40&title=Charger`);
      await asElectrician(page);
      await page.getByLabel('Equipment').selectOption('vehicle-outlet');
      const subpanel = page.getByRole('region', { name: 'A subpanel makes room' });
      await expect(subpanel.getByRole('status')).toContainText('60 A feeder, 4 AWG copper');
      await expect(subpanel).toContainText('The feeder’s two-pole breaker goes into spaces 1 and 3.');
      await expect(subpanel).toContainText('These circuits move to the subpanel: 1–3 Heater 1.');
      await expect(subpanel).toContainText('250.142(B)');
      await subpanel.getByLabel(/^Feeder length/).fill('x');
      await expect(subpanel.getByRole('alert')).toBeVisible();
      await subpanel.getByLabel(/^Feeder length/).fill('60');
      await subpanel.getByLabel('Subpanel location').selectOption('other-building');
      await expect(subpanel).toContainText('225.31');
      await subpanel.getByRole('link', { name: 'Plan the panel replacement' }).click();
      await expect(page.getByRole('heading', { name: 'Panel replacement' })).toBeVisible();
      await page.getByLabel('Apply for the permit on').fill('2026-12-02');
      const days = page.getByRole('region', { name: 'The work, day by day' });
      await expect(days.getByRole('listitem')).toHaveCount(7);
      await expect(days.getByRole('listitem').nth(1)).toContainText('Ask the utility');
      await expect(days.getByRole('listitem').nth(2)).toContainText('without power');
      const size = page.getByRole('region', { name: 'Size' });
      await expect(size).toContainText('6 circuits have no reading and no listed load');
      await expect(size.getByRole('status')).toHaveText('100 A main, 16 spaces');
      await expect(size).toContainText('8 AWG copper');
      await expect(page.getByRole('region', { name: 'What else it needs' })).toContainText(
        /Clear working space before the panel: [\d.]+.(ft|m) wide/,
      );
      await page.getByLabel('Permit takes (days)').fill('soon');
      await expect(page.getByRole('alert')).toBeVisible();
    });

    test('from the evaluation that condemns a panel to the day its power is off', async ({
      page,
      request,
    }) => {
      const { path, panelId } = await ownPanel(request, ['1 Kettle 20', '2 Oven 20'], 'Mill', {
        busAmps: 100,
      });
      for (const sign of ['stabs-pitted-several', 'bus-or-lug-over-15']) {
        const logged = await request.post(`/api/v1/panels/${panelId}/entries`, {
          headers: { 'Phylaxon-Profile': 'electrician' },
          data: { kind: 'sign', at: new Date().toISOString(), content: { sign } },
        });
        expect(logged.status()).toBe(201);
      }
      await page.goto(path);
      await asElectrician(page);
      await openJobPage(page, 'Maintain & report', 'Panel evaluation');
      await page.getByRole('link', { name: 'Plan the replacement' }).click();
      await expect(page.getByRole('region', { name: 'What waiting means' })).not.toBeEmpty();
      await expect(page.getByRole('region', { name: 'The work, day by day' })).toContainText(
        'without power on one day, 6 to 10 hours',
      );
      await page.getByRole('link', { name: 'See the panel evaluation' }).click();
      await expect(page.getByRole('heading', { name: 'Panel evaluation' })).toBeVisible();
    });
  });
}
