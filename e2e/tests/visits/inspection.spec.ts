import { expect, type Page } from '@playwright/test';
import type { Board } from '@phylaxon/core/views/board';
import type { Report } from '@phylaxon/core/views/report';
import { asElectrician, heading, next, ownPanel, test, visitUntil } from '../../support/index.ts';

test.use({ viewport: { width: 390, height: 844 } });

const station = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const item = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const normal = (page: Page) => page.getByRole('button', { name: /^Mark the other/ }).click();
const save = (page: Page) => page.getByRole('button', { name: 'Save and continue' }).click();

/** A finding at one breaker of an item. */
async function find(page: Page, name: string, breaker: RegExp, result: string) {
  const at = item(page, name);
  const list = at.getByRole('combobox', { name: 'Log a breaker with a finding' });
  const option = await list.locator('option').filter({ hasText: breaker }).getAttribute('value');
  await list.selectOption(option);
  await at.getByRole('group', { name: breaker }).getByRole('button', { name: result }).click();
}

async function begin(page: Page, panelId: string, purpose: string) {
  await page.goto(`/panels/${panelId}/inspection`);
  await asElectrician(page);
  await page.getByRole('button', { name: purpose }).click();
}

/** Readings at one outlet of each leg, all as they should be. */
async function outlets(page: Page) {
  const fields = item(page, 'Voltage on each leg').getByRole('textbox');
  await expect(fields).toHaveCount(2);
  for (const i of [0, 1]) await fields.nth(i).fill('120.4');
  await normal(page);
}

/** The visit that opens the panel, until its inside is inspected; how many screens that took. */
async function openUp(page: Page): Promise<number> {
  await page.getByRole('link', { name: 'Plan the visit' }).click();
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  return 1 + (await visitUntil(page, /Inspect everything inside$/));
}

async function close(page: Page): Promise<number> {
  await page.getByRole('button', { name: 'Save the inspection' }).click();
  await expect(heading(page)).not.toHaveText(/Inspect everything inside$/);
  const confirmed = await visitUntil(page, /^Turn on the remaining breakers/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(page.getByRole('region', { name: 'Result' })).toContainText('Inside inspected');
  return 1 + confirmed + 1;
}

test('before buying: six findings in one walk, each with what to do, a task and a price', async ({
  page,
  request,
}) => {
  const { panelId, path, siteId } = await ownPanel(request, [
    '1 Kitchen 20',
    '3 Hall 20',
    '5 Bath 20',
    '2 Shed 15',
  ]);
  const board = (await (await request.get(`/api/v1${path}`)).json()) as Board;
  const bath = board.breakers.find(({ label }) => label === 'Bath')!.breaker;
  await request.patch(`/api/v1/breakers/${bath.id}`, { data: { kind: 'gfci', version: bath.version } });
  await begin(page, panelId, 'Before buying');

  await expect(station(page, 'Outside the house')).toBeVisible();
  await normal(page);
  await save(page);

  await expect(station(page, 'At the closed panel')).toBeVisible();
  await item(page, 'Openings in the cover').getByRole('button', { name: 'Open slot' }).click();
  await find(page, 'Test buttons', /Bath/, 'Does not trip');
  await normal(page);
  await save(page);

  await expect(station(page, 'At the outlets')).toBeVisible();
  // Half a walk is kept over a reload.
  await page.reload();
  await outlets(page);
  await save(page);

  await openUp(page);
  await find(page, 'Conductor size against breaker rating', /Hall/, 'Conductor too small');
  await find(page, 'Terminals', /Kitchen/, 'Two wires under one screw');
  await find(page, 'Terminals', /Shed/, 'Corroded');
  await item(page, 'Neutral-to-ground bond').getByRole('button', { name: 'Bonded in a subpanel' }).click();
  await normal(page);
  await close(page);

  await page.goto(`/panels/${panelId}/inspection`);
  const found = page.getByRole('region', { name: 'Findings' });
  await expect(found.getByRole('heading')).toHaveText('6 findings');
  for (const words of [
    /Openings in the cover: Open slot/,
    /Test buttons, .*Bath: Does not trip/,
    /Conductor size against breaker rating, .*Hall: Conductor too small/,
    /Terminals, .*Kitchen: Two wires under one screw/,
    /Terminals, .*Shed: Corroded/,
    /Neutral-to-ground bond: Bonded in a subpanel/,
  ])
    await expect(found.getByRole('listitem').filter({ hasText: words })).toHaveCount(1);
  await expect(page.getByText('Not inspected:')).toHaveCount(0);

  // Each is in the report, with a price once there is one.
  const report = async () => (await (await request.get(`/api/v1${path}/report`)).json()) as Report;
  const { findings } = await report();
  expect(findings.length).toBeGreaterThanOrEqual(6);
  const prices = findings.map(({ key, headline }) => ({ finding: key, headline, amount: 100 }));
  const priced = await request.post(`/api/v1/panels/${panelId}/entries`, {
    data: { kind: 'report-prices', at: new Date().toISOString(), content: { currency: 'USD', prices } },
  });
  expect(priced.status()).toBe(201);
  expect((await report()).totals).toEqual([{ amount: 100 * findings.length, currency: 'USD' }]);

  // What a visit to the panel repairs is ready to plan.
  await page.goto(`/sites/${siteId}/visits`);
  const due = page.getByRole('region', { name: 'Shed panel' });
  for (const words of [
    /Kitchen: /,
    /Shed: /,
    /Bath: /,
    /Shed panel: Separate neutral/,
    /Shed panel: Install filler/,
  ])
    await expect(due.getByRole('listitem').filter({ hasText: words })).toHaveCount(1);
});

test('a yearly inspection that finds nothing takes at most 12 screens', async ({ page, request }) => {
  const { panelId } = await ownPanel(request, ['1 Kitchen 20', '3 Hall 15', '2 Shed 15']);
  let screens = 1;
  await begin(page, panelId, 'Yearly inspection');
  await expect(station(page, 'At the closed panel')).toBeVisible();
  await normal(page);
  await save(page);
  await expect(station(page, 'At the outlets')).toBeVisible();
  await outlets(page);
  await save(page);
  screens += 2 + (await openUp(page));
  await normal(page);
  screens += await close(page);
  expect(screens).toBeLessThanOrEqual(12);
  await page.goto(`/panels/${panelId}/inspection`);
  await expect(page.getByRole('heading', { name: 'Nothing on record needs attention' })).toBeVisible();
  // What was just looked at is on record: nothing is asked twice.
  await page.getByRole('button', { name: 'Before buying' }).click();
  await normal(page);
  await save(page);
  await expect(page.getByText(/Already on record/)).toBeVisible();
  await expect(item(page, 'Sound')).toHaveCount(0);
  await expect(item(page, 'Panel age')).toBeVisible();
});

test('a hazard of the whole panel ends the walk', async ({ page, request }) => {
  const { panelId } = await ownPanel(request, ['1 Kitchen 20']);
  await page.goto(`/panels/${panelId}/inspection`);
  await page.getByRole('button', { name: 'Yearly inspection' }).click();
  await item(page, 'Sound').getByRole('button', { name: 'Sizzling or crackling' }).click();
  await expect(item(page, 'Breaker face temperature')).toHaveCount(0);
  await page.getByRole('button', { name: 'Save and stop here' }).click();
  await expect(page.getByText('Stop the inspection: leave this panel alone')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Save/ })).toHaveCount(0);
});

test('burned parts inside end the visit: cover on, and out', async ({ page, request }) => {
  const { panelId, siteId } = await ownPanel(request, ['1 Kitchen 20', '2 Shed 15']);
  await page.goto(`/sites/${siteId}/visits?panel=${panelId}&task=inspect`);
  await asElectrician(page);
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await visitUntil(page, /Inspect everything inside$/);
  await item(page, 'Insulation and plastic').getByRole('button', { name: 'Melted' }).click();
  await page.getByRole('button', { name: /^Save and skip/ }).click();
  await expect(heading(page)).toHaveText('Put the cover back on');
  await expect(next(page).getByRole('alert')).toContainText('burned');
  await expect(page.getByRole('button', { name: /main on/i })).toHaveCount(0);
});
