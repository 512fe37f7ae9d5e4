import { randomUUID } from 'node:crypto';
import { expect } from '@playwright/test';
import { ownBreaker, ownPanel, test } from '../../support/index.ts';

/** A site with so many readings that its file takes seconds. */
function largeSite(name: string, readings: number) {
  const [site, panel, breaker] = [randomUUID(), randomUUID(), randomUUID()];
  const at = '2026-10-01T10:00:00.000Z';
  const rows = Array.from({ length: readings }, (_, i) => ({
    id: randomUUID(),
    breakerId: breaker,
    at: new Date(Date.UTC(2026, 0, 1) + i * 60_000).toISOString(),
    loggedAt: at,
    quantity: 'current',
    point: 'conductor',
    value: 5 + (i % 40) / 10,
  }));
  const head = {
    format: 'phylaxon-site',
    version: 4,
    site: { id: site, name, createdAt: at },
    panels: [{ id: panel, name: 'Main', spaces: 12, createdAt: at }],
    breakers: [
      {
        id: breaker,
        panelId: panel,
        role: 'branch',
        space: 1,
        poles: 1,
        ratingAmps: 20,
        kind: 'standard',
        onDirection: 'right',
        createdAt: at,
      },
    ],
  };
  const text = `${JSON.stringify(head).slice(0, -1)},"readings":[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]}`;
  return { name: 'large.json', mimeType: 'application/json', buffer: Buffer.from(text) };
}

test('a large file shows how far it is, and can be given up; then nothing is stored', async ({
  page,
  request,
}) => {
  await page.goto('/');
  await page
    .getByLabel('Import a site or a handed-over case')
    .setInputFiles(largeSite('Grain store', 60_000));
  const bar = page.getByRole('progressbar', { name: /Reading the file … \d+ %/ });
  await expect(bar).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('alert')).toContainText('Canceled. Nothing was saved.');
  await expect(bar).toHaveCount(0);

  // Given up while it is stored: no half of it is kept.
  await page
    .getByLabel('Import a site or a handed-over case')
    .setInputFiles(largeSite('Grain store', 60_000));
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByRole('progressbar', { name: /Saving … \d+ ?%/ })).toBeVisible();
  // Meanwhile the server answers others, and others may log.
  expect((await request.get('/api/v1/health')).status()).toBe(200);
  expect((await request.get('/api/v1/sites')).status()).toBe(200);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('alert')).toContainText('Canceled. Nothing was saved.');
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as {
    sites: { site: { name: string } }[];
  };
  expect(sites.map(({ site }) => site.name)).not.toContain('Grain store');
});

test('an entry the disk has no room for waits in the browser, with the reason, and is stored once there is room', async ({
  page,
  request,
}) => {
  const path = await ownBreaker(request);
  await page.goto(path);
  await expect(page.getByRole('article', { name: 'Decision' })).toBeVisible();
  const message = 'The disk is full. Nothing was saved. Free some space, then try again.';
  const logging = '**/api/v1/breakers/*/readings';
  await page.route(logging, (route) =>
    route.fulfill({ status: 507, json: { error: { code: 'no_room', message } } }),
  );
  await page.getByRole('textbox', { name: /^Breaker face/ }).fill('41');
  await page.getByRole('textbox', { name: /^Ambient temperature/ }).fill('22');
  await page.getByRole('button', { name: 'Save readings' }).click();
  const waiting = page.getByRole('status', { name: 'Unsent entries' });
  await expect(waiting).toContainText('1 entry is waiting for the server. The disk is full');
  await page.unroute(logging);
  await expect(waiting).toHaveCount(0);
  const detail = await request.get(`/api/v1/breakers/${path.split('/').at(-1)}/series`);
  expect(await detail.text()).toContain('41');
});

test('settings tell of the copies, and look through the file', async ({ page }) => {
  await page.goto('/settings');
  const copies = page.getByRole('region', { name: 'Backups' });
  await expect(copies).toContainText('Daily backups are turned off here.');
  await copies.getByRole('button', { name: 'Check the database' }).click();
  await expect(copies.getByRole('status')).toHaveText('✓ The whole database was checked. No errors.');
});

test('a policy chosen elsewhere reaches an open case', async ({ page, request }) => {
  const { siteId, panelId } = await ownPanel(request, ['1 lathe 20']);
  const opened = {
    siteId,
    panelId,
    complaint: 'trips',
    openedBy: 'homeowner',
    openedAt: new Date().toISOString(),
  };
  const { id } = (await (await request.post('/api/v1/cases', { data: opened })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const told = page.waitForResponse(async (answer) => {
    if (!answer.url().endsWith(`/cases/${id}`)) return false;
    const { policies } = (await answer.json()) as { policies: { trialsIntoShort: number } };
    return policies.trialsIntoShort === 2;
  });
  await request.patch('/api/v1/settings', { data: { trialsIntoShort: 2 } });
  await told;
  await request.patch('/api/v1/settings', { data: { trialsIntoShort: 1 } });
});

test('no view makes the browser warn', async ({ page, request }) => {
  const said: string[] = [];
  page.on('console', (message) => ['warning', 'error'].includes(message.type()) && said.push(message.text()));
  const path = await ownBreaker(request);
  const panel = path.split('/').slice(0, 3).join('/');
  for (const view of ['/', path, `${panel}/setup`, `${panel}/spaces/3`, '/settings', '/cases/new']) {
    await page.goto(view);
    await expect(
      page
        .getByRole('main')
        .or(page.getByRole('heading', { level: 1 }))
        .first(),
    ).toBeVisible();
  }
  expect(said).toEqual([]);
});

test('an empty record says in a line what Phylaxon does; a case without a breaker goes by its words', async ({
  page,
}) => {
  await page.route('**/api/v1/sites', (route) => route.fulfill({ json: { sites: [] } }));
  const about = {
    id: randomUUID(),
    siteId: randomUUID(),
    panelId: randomUUID(),
    breakerId: null,
    complaint: 'dead',
    words: 'Nothing in the pantry works',
    openedAt: '2026-11-01T10:00:00.000Z',
    openedBy: 'homeowner',
    closedAt: null,
    outcome: null,
  };
  const cases = Array.from({ length: 5 }, (_, i) => ({
    case: { ...about, id: `${i}` },
    where: 'Main',
    found: 2,
  }));
  await page.route('**/api/v1/cases', (route) => route.fulfill({ json: { cases } }));
  await page.goto('/');
  await expect(page.getByText(/helps you find out why a breaker trips/)).toBeVisible();
  const open = page.getByRole('region', { name: 'Open cases' });
  await expect(open.getByRole('link')).toHaveCount(2);
  await expect(open.getByRole('link').first()).toContainText('“Nothing in the pantry works”');
  await open.getByRole('button', { name: 'Show all 5' }).click();
  await expect(open.getByRole('link')).toHaveCount(5);
});
