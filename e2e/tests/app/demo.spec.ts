import { expect, type Page } from '@playwright/test';
import type { SiteSummary } from '@phylaxon/core/views/board';
import { asElectrician, demoBoard, detailPath, test } from '../../support/index.ts';

/** What a page says that has nothing to show. */
const EMPTY =
  /\bno (?!decision )(?:[\w-]+ ){1,9}yet\b|nothing on record|no recordings|fill in the floor area|there is nothing|no closed cases|not set up/i;

const main = (page: Page) => page.getByRole('main');

/** What the page has asked of the server and has not got yet; a stream never ends. */
function openRequests(page: Page): ReadonlySet<unknown> {
  const open = new Set<unknown>();
  page.on('request', (one) => /\/api\/(?!.*(streams|changes|live))/.test(one.url()) && open.add(one));
  page.on('requestfinished', (one) => open.delete(one));
  page.on('requestfailed', (one) => open.delete(one));
  return open;
}

test('every page of the demo’s panel, of its breakers and of its site shows a result', async ({
  page,
  request,
}) => {
  const open = openRequests(page);
  const { panel, site } = await demoBoard(request);
  // As the simulated meters would.
  const meter = { instrument: 'clamp-meter', point: 'conductor', unit: 'A', value: 12.3, simulated: true };
  const sendSample = () =>
    request.post('/api/v1/feeds/simulated-meters/samples', {
      headers: { 'Content-Type': 'application/x-ndjson' },
      data: JSON.stringify({ ...meter, time: new Date().toISOString() }),
    });
  await page.goto(`/panels/${panel.id}`);
  await asElectrician(page);
  const jobs = page.getByRole('navigation', { name: 'Jobs', exact: true });
  const addresses = new Set<string>();
  for (const name of await jobs.getByRole('link').allTextContents()) {
    await jobs.getByRole('link', { name, exact: true }).click();
    const pages = page.getByRole('navigation', { name: `Pages: ${name}` });
    await expect(jobs.locator('[aria-current]')).toHaveText(name);
    const hrefs = await pages
      .getByRole('link')
      .evaluateAll((all) => all.map((one) => one.getAttribute('href')));
    for (const href of hrefs) if (href) addresses.add(href);
    addresses.add(new URL(page.url()).pathname + new URL(page.url()).search);
  }
  for (const label of ['Hot-knife bench', 'Steam press and tea corner', 'Loft lights'])
    addresses.add(await detailPath(request, label));
  addresses.add(`/sites/${site.id}`);
  addresses.add('/');
  expect(addresses.size).toBeGreaterThan(20);
  for (const address of addresses) {
    await page.goto(address);
    await expect(main(page)).toBeVisible();
    // Everything that was asked of the server has come.
    await expect.poll(() => open.size).toBe(0);
    await expect(main(page)).not.toContainText(/Loading(…| …|\.\.\.)/);
    const emptyWords = async () => {
      if (address.includes('/live')) await sendSample();
      const text = (await main(page).innerText()).replace(/\s+/g, ' ');
      return [address, EMPTY.exec(text)?.[0] ?? null, text.length > 150];
    };
    await expect.poll(emptyWords, { timeout: 10_000 }).toEqual([address, null, true]);
  }
});

test('the demo has a visit behind it and one ahead, an open case, a mapped house and a priced report', async ({
  page,
  request,
}) => {
  const { panel, site } = await demoBoard(request);
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
  expect(sites.some((one) => one.site.id === site.id)).toBe(true);
  await page.goto(`/sites/${site.id}/visits?panel=${panel.id}`);
  const visits = page.getByRole('region', { name: 'Planned and past visits' });
  await expect(visits).toContainText('planned');
  await expect(visits).toContainText('Completed and tested');
  await expect(visits.getByRole('img').or(visits.locator('img')).first()).toBeVisible();
  await page.goto(`/panels/${panel.id}/map`);
  await expect(main(page)).toContainText('steam press');
  await page.goto(`/panels/${panel.id}/report`);
  await expect(page.getByRole('region', { name: 'Summary' })).toContainText('$570.00 for 3 of');
  // On its own panel: the start page shows the newest cases of all tests.
  await page.goto(`/panels/${panel.id}`);
  await expect(page.getByRole('region', { name: 'Open cases' })).toContainText('shower pump');
});
