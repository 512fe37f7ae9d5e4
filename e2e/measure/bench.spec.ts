import { expect, test, type Page } from '@playwright/test';
import { ownBreaker } from '../support/index.ts';
import { say } from './say.ts';

/*
 * How quick the bench is in a browser. Prints what it measured, decides nothing: figures are for people to read, a
 * busy machine is no fault of the interface.
 */

async function circuit(page: Page, loads: object[]): Promise<string> {
  const path = await ownBreaker(page.request);
  await page.request.put(`/api/v1/breakers/${path.split('/').at(-1)}/circuit`, {
    data: { label: 'Shed', loads, version: 1 },
  });
  return path;
}

test('twenty loads, and a click meanwhile', async ({ page }) => {
  const loads = Array.from({ length: 20 }, (_, i) => ({
    name: `Machine ${i + 1}`,
    volts: 120,
    watts: 200 + 40 * i,
  }));
  const path = await circuit(page, loads);
  const [answers, clicks]: [number[], number[]] = [[], []];
  for (let n = 0; n < 5; n++) {
    await page.goto(path);
    await page.getByRole('tab', { name: 'Trip analysis' }).click();
    await expect(page.getByRole('tab', { name: 'Combined loads' })).toBeVisible();
    const [answer, click] = await page.evaluate(async () => {
      const frame = () => new Promise(requestAnimationFrame);
      const until = async (seen: () => boolean) => {
        const start = performance.now();
        while (!seen()) await frame();
        return performance.now() - start;
      };
      const button = (text: string) =>
        [...document.querySelectorAll('button')].find((one) => one.textContent?.includes(text));
      const found = () => document.body.textContent.includes('combinations never trip a sound breaker');
      const tab = [...document.querySelectorAll<HTMLElement>('[role=tab]')].find(
        (one) => one.textContent === 'Combined loads',
      )!;
      tab.click();
      const begun = performance.now();
      await until(() => button('Machine 20') !== undefined);
      const pressed = performance.now();
      button('Machine 20')!.click();
      await until(() => button('Machine 20')!.getAttribute('aria-pressed') === 'false');
      const answered = performance.now() - pressed;
      await until(found);
      return [performance.now() - begun, answered] as const;
    });
    answers.push(answer);
    clicks.push(click);
  }
  say('Twenty loads, all sets, from the click to the answer', answers, 'at most 2,000');
  say('A click while they are worked out', clicks, 'at most 100');
});

test('the chance of a trip over a day', async ({ page }) => {
  const path = await circuit(page, [
    { name: 'Heater', volts: 120, watts: 1500, onSeconds: 240, offSeconds: 150 },
    { name: 'Kettle', volts: 120, watts: 480, onSeconds: 210, offSeconds: 2700 },
    {
      name: 'Pump',
      volts: 120,
      watts: 360,
      onSeconds: 150,
      offSeconds: 250,
      surgeTimes: 5,
      surgeSeconds: 0.5,
    },
  ]);
  const times: number[] = [];
  const cancels: number[] = [];
  await page.goto(path);
  await page.getByRole('tab', { name: 'Trip analysis' }).click();
  await page.getByRole('tab', { name: 'Load profile' }).click();
  const begin = page.getByRole('button', { name: 'For any sound breaker' });
  await expect(begin).toBeVisible();
  const changes = await page.locator('dt:has-text("Changes") + dd').textContent();
  for (let n = 0; n < 3; n++) {
    const start = Date.now();
    await begin.click();
    await page.getByText(/Chance that a sound breaker within/).waitFor();
    times.push(Date.now() - start);
    await begin.click();
    await page.getByRole('progressbar').waitFor();
    const stop = Date.now();
    await page.getByRole('button', { name: 'Cancel' }).click();
    await page.getByText('Canceled. No result was kept.').waitFor();
    cancels.push(Date.now() - stop);
  }
  say(`10,000 breakers over a day of ${changes} changes`, times, 'at most 3,000');
  say('From cancel to its being said', cancels, 'soon');
});
