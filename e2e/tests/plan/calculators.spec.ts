import { expect } from '@playwright/test';
import type { Board } from '@phylaxon/core/views/board';
import { LOOKS, ownPanel, test } from '../../support/index.ts';

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('a result is saved with a breaker of the panel that was open', async ({ page, request }) => {
      const { path } = await ownPanel(request, ['1 Kettle 20', '2 Oven 20']);
      await page.goto(path);
      await expect(page.getByText('Kettle').first()).toBeVisible();
      await page.goto('/calculators?calculator=motor&horsepower=1/2&volts=115');
      await expect(page.getByRole('status', { name: 'Result' })).toContainText('Breaker up to 25 A');
      await page.getByText('Save this result with a breaker').click();
      await page.getByLabel('Breaker in Shed panel').selectOption({ label: '2 Oven' });
      await page.getByRole('button', { name: 'Save as a note' }).click();
      await expect(page.getByText('✓ Saved as a note')).toBeVisible();
      const board = await request.get(`/api/v1${path}`);
      const { breakers } = (await board.json()) as Board;
      const { id } = breakers.find(({ label }) => label === 'Oven')!.breaker;
      const told = await (await request.get(`/api/v1/breakers/${id}/timeline`)).text();
      expect(told).toMatch(/Motor circuit: Breaker up to 25.A/);
      expect(told).toContain('Horsepower: 1/2 hp');
    });

    test('five questions are answered from the start page, without a record; the address keeps them', async ({
      page,
    }) => {
      const choose = (title: string) =>
        name === 'phone'
          ? page.getByLabel('Calculator', { exact: true }).selectOption(title)
          : page.getByRole('link', { name: title }).click();
      await page.goto('/');
      await page.getByRole('link', { name: /^Calculators/ }).click();
      const answer = page.getByRole('status', { name: 'Result' });
      await expect(answer).toContainText(/^! Trips in .* to /);
      await page.getByLabel('Current (A)', { exact: true }).fill('20');
      await expect(answer).toContainText('A sound breaker never trips at this current');
      await choose('Breaker and wire for a load');
      await page.getByLabel('Current (A)').fill('24');
      await expect(answer).toContainText('30 A breaker, 10 AWG copper');
      await choose('Voltage drop');
      // 30 m as the record has it; ours are typed in the person’s unit.
      await page.getByLabel('Length, one way (m)').fill('12,5');
      await expect(answer).toContainText('2.1% voltage drop');
      const address = page.url();
      await choose('Ampacity');
      await page.getByLabel('Current-carrying conductors').fill('ten');
      await expect(answer).toContainText('Carries 15 A');
      await choose('Solar, battery or vehicle feeding a panel');
      await page.getByLabel('Position').selectOption('other');
      await expect(answer).toContainText('Not allowed on this bus');
      await page.getByLabel('Source output (A)').fill('x');
      await expect(page.getByRole('alert')).toBeVisible();
      await page.goto(address);
      await expect(page.getByLabel('Length, one way (m)')).toHaveValue('12.5');
      await expect(answer).toContainText('2.1% voltage drop');
    });
  });
}
