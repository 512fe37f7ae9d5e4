import { expect, test } from '@playwright/test';
import type { Board, SiteSummary } from '@phylaxon/core/views/board';
import { asElectrician, decision, LARGE_SITE_PORT } from '../support/index.ts';
import { say } from './say.ts';

test.use({ baseURL: `http://127.0.0.1:${LARGE_SITE_PORT}` });

test('a reading is logged at a site of 400 breakers and 200,000 readings', async ({ page, request }) => {
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
  const { panel } = sites[0]!.panels[3]!;
  const { breakers } = (await (await request.get(`/api/v1/panels/${panel.id}`)).json()) as Board;
  const { id } = breakers.find(({ breaker }) => breaker.space === 5)!.breaker;
  await page.goto(`/panels/${panel.id}/breakers/${id}`);
  await asElectrician(page);
  await expect(decision(page)).toBeVisible();
  const asked: string[] = [];
  page.on('request', (one) => {
    const { pathname } = new URL(one.url());
    if (pathname.startsWith('/api'))
      asked.push(`${one.method()} ${pathname.replace(/[0-9a-f-]{36}/, ':id')}`);
  });
  const form = page.getByRole('tabpanel', { name: 'Reading' });
  const amps = form.getByRole('textbox', { name: /conductor/i });
  const times: number[] = [];
  for (let n = 0; n < 15; n++) {
    await amps.fill(n % 2 === 0 ? '26' : '9');
    asked.length = 0;
    times.push(
      await page.evaluate(async () => {
        const heading = () => document.querySelector('article[aria-label="Decision"] h2')!.textContent;
        const before = heading();
        const start = performance.now();
        [...document.querySelectorAll('button')]
          .find((one) => one.textContent === 'Save readings' && one.checkVisibility())!
          .click();
        while (heading() === before) await new Promise(requestAnimationFrame);
        return performance.now() - start;
      }),
    );
    await expect(form.getByText('✓ Saved')).toBeVisible();
  }
  say('From the click to the new decision on screen', times, 'at most 250');
  process.stdout.write(
    `  Asked of the server for it: ${[...new Set(asked)].length === asked.length ? '' : 'SOMETHING TWICE: '}${asked.join(', ')}\n`,
  );
});
