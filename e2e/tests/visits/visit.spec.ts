import { expect, type Page } from '@playwright/test';
import type { Board, SiteSummary } from '@phylaxon/core/views/board';
import { randomUUID } from 'node:crypto';
import {
  asElectrician,
  decideToReplace,
  heading,
  next,
  ownPanel,
  report,
  test,
  visitUntil,
} from '../../support/index.ts';

test.use({ viewport: { width: 390, height: 844 } });

const ended = (page: Page) => page.getByRole('region', { name: 'How it ended' });

/** From the decision about a breaker to the first step of a visit for it. */
async function planFor(page: Page, path: string, breakerId: string) {
  await page.goto(`${path}/breakers/${breakerId}`);
  await asElectrician(page);
  await page.getByRole('link', { name: 'Plan the visit for it' }).click();
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await expect(heading(page)).toHaveText('Dress, and look where you stand');
}

test('a standard breaker, from the decision to a proven record', async ({ page, request }) => {
  const { path, panelId } = await ownPanel(request, ['1 Kettle 20', '3 Hall 15']);
  const [id] = await decideToReplace(request, panelId, ['Kettle']);
  await planFor(page, path, id!);
  await visitUntil(page, /^Verify the meter on/);
  // A figure that no meter shows is told at its field, and stores nothing.
  await next(page).getByRole('textbox').fill('a lot');
  await next(page).getByRole('button', { name: 'Store' }).click();
  await expect(next(page).getByRole('alert')).toBeVisible();
  // A meter that shows nothing there opens no gate.
  await next(page).getByRole('textbox').fill('0');
  await next(page).getByRole('button', { name: 'Store' }).click();
  await expect(next(page)).toContainText('does not show the known live point');
  await visitUntil(page, /^On the load side of the main: pole 1 to neutral/);
  await expect(next(page)).toContainText('LINE SIDE: LIVE');
  await visitUntil(page, /Kettle: rock it off/);
  await visitUntil(page, /Kettle: outlet wiring/);
  await visitUntil(page, /^The rest on/);
  await page.getByText('Prove it under load').click();
  const load = next(page).getByRole('listitem').filter({ hasText: 'current' });
  await load.getByRole('textbox').fill('8');
  await load.getByRole('button', { name: 'Store' }).click();
  await expect(load).toHaveCount(0);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page).getByRole('status')).toHaveText('✓ Done and proved');
  await expect(ended(page)).toContainText('New breaker in, 20 A, proved');
  await ended(page).getByRole('link', { name: 'Its record' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Kettle');
  const board = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  const now = board.breakers.find(({ label }) => label === 'Kettle')!.breaker;
  expect([now.replaces, now.id === id]).toEqual([id, false]);
  // Nothing is due any more: the faults of the old part are not held against the new one.
  await page.goto(`/sites/${board.site.id}/visits`);
  await expect(page.getByRole('region', { name: 'Shed panel' })).toContainText('Nothing is due here');
  await expect(page.getByRole('region', { name: 'Planned and past visits' })).toContainText(
    'completed and tested',
  );
});

test('a two-pole breaker on a pitted stab goes to other spaces', async ({ page, request }) => {
  const { path, panelId } = await ownPanel(request, ['1-3 Range 40', '2 Hall 15']);
  const [id] = await decideToReplace(request, panelId, ['Range']);
  await planFor(page, path, id!);
  await visitUntil(page, /look at the two stabs at spaces 1 and 3/);
  expect(await report(page, 'Its stab is pitted or burnt')).toBe('Range: what now?');
  await next(page).getByLabel('Which space').selectOption({ label: '5 and 7' });
  await next(page).getByRole('button', { name: 'Another space' }).click();
  // The new place is measured before anybody touches it.
  await expect(heading(page)).toHaveText('Range, space 5: pole 1 to neutral');
  await visitUntil(page, /fillers into every open space/);
  await visitUntil(page, /^The rest on/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page)).toContainText('Range, space 5–7: New breaker in, 40 A, proved');
  const { panel, breakers } = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  expect(breakers.find(({ label }) => label === 'Range')!.breaker.space).toBe(5);
  expect(panel.blanks).toContain(1);
});

test('a dual-function unit: its pigtail, its test button, and what fails leads to a case', async ({
  page,
  request,
}) => {
  const { panelId, path } = await ownPanel(request, ['1 Bath 20']);
  const { breakers } = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  const { id, version } = breakers.find(({ label }) => label === 'Bath')!.breaker;
  await request.patch(`/api/v1/breakers/${id}`, { data: { kind: 'dual', version } });
  await decideToReplace(request, panelId, ['Bath']);
  await planFor(page, path, id);
  await visitUntil(page, /neutral: wire to the breaker, pigtail to the bar/i);
  await visitUntil(page, /Bath: its test button/);
  await next(page).getByRole('button', { name: 'It does not trip' }).click();
  await expect(next(page)).toContainText('It protects nobody');
  await next(page).getByRole('button', { name: 'Leave this one for another day' }).click();
  await expect(heading(page)).toHaveText('The rest on, one by one');
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page)).toContainText('not proved: off');
  await ended(page).getByRole('link', { name: 'Open a case on it' }).click();
  await expect(page).toHaveURL(/\/cases\/new\?panel=/);
});

test('a generator that feeds in stops it: cover on, and out; the figures are marked as simulated', async ({
  page,
  request,
}) => {
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
  const cottage = sites.find(({ site }) => site.demo && site.name !== 'Saltmarsh Sail Loft')!;
  const { panel } = cottage.panels[0]!;
  const board = (await (await request.get(`/api/v1/panels/${panel.id}`)).json()) as Board;
  const { breaker, label } = board.breakers.find((one) => one.label === 'Kitchen')!;
  const { id, space, poles, ratingAmps } = breaker;
  const visitId = randomUUID();
  const task = { id, work: 'replace', breakerId: id, partId: randomUUID(), label, space, poles, ratingAmps };
  const content = {
    visitId,
    tasks: [task],
    off: 'the meter, pulled by the utility',
    minutes: 30,
    sources: [{ id: 'generator', kind: 'generator' }],
  };
  const answer = await request.post(`/api/v1/panels/${panel.id}/entries`, {
    data: { kind: 'visit', at: new Date().toISOString(), content },
  });
  expect(answer.status()).toBe(201);
  await page.goto(`/visits/${visitId}`);
  await asElectrician(page);
  await page.getByLabel('What is the matter in it').selectOption('backfeed');
  const answered = page.getByRole('button', { name: 'Let it answer' });
  for (const title of [
    'Dress, and look where you stand',
    'Verify the meter on a known live source',
    'Loads off, then every branch breaker off',
    'Generator: off and locked',
    /^Off: the meter/,
    'Lock out and tag',
    'Cover off',
    'On the load side of the main: pole 1 to neutral',
  ]) {
    await expect(heading(page)).toHaveText(title);
    await answered.click();
  }
  await expect(heading(page)).toHaveText('Cover on');
  await expect(next(page).getByRole('alert')).toContainText('another source feeds the bus');
  await expect(page.getByRole('region', { name: 'What happened' })).toContainText('simulated');
  await next(page).getByRole('button', { name: 'The cover is on, all screws in' }).click();
  await expect(heading(page)).toHaveText('It ends here: leave it safe');
  await next(page).getByRole('button', { name: 'I leave it so' }).click();
  await expect(ended(page).getByRole('status')).toHaveText('✕ Ended before it was done');
});

test('four things in one shutdown, put down, taken up after a reload, and with the server away', async ({
  page,
  context,
  request,
}) => {
  const labels = ['Kettle', 'Oven', 'Hall', 'Freezer'];
  const { panelId, path, siteId } = await ownPanel(
    request,
    labels.map((label, i) => `${i + 1} ${label} 20`),
  );
  await decideToReplace(request, panelId, labels);
  // Critical loads named in a round hold for a shutdown.
  const before = (await (await request.get(`/api/v1${path}`)).json()) as Board;
  const freezer = before.breakers.find(({ label }) => label === 'Freezer')!.breaker.id;
  await request.post(`/api/v1/panels/${panelId}/entries`, {
    data: { kind: 'keeps-power', at: new Date().toISOString(), content: { breakerIds: [freezer] } },
  });
  await page.goto(`/sites/${siteId}/visits`);
  await asElectrician(page);
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(4);
  await page.getByText('Time, people and critical loads').click();
  await page.getByLabel('Begins').fill('2026-12-01T09:00');
  await expect(page.getByLabel('Critical loads')).toHaveValue('Freezer');
  await page.getByLabel('Critical loads').fill('aquarium, alarm');
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await page.getByText('To take along, to print').click();
  await expect(page.getByText('Shed panel: Kettle, Oven, Hall, Freezer')).toBeVisible();
  for (const name of ['Tag for the lock (PDF)', 'Notice (PDF)', 'The visit’s sheet (PDF)']) {
    const address = await page.getByRole('link', { name }).getAttribute('href');
    const pdf = await request.get(address!);
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  await visitUntil(page, /^Lock out and tag/);
  await next(page).getByRole('button', { name: 'Locked and tagged' }).click();
  await expect(heading(page)).toHaveText('Cover off');
  // A break, with the cover on: afterward the meter is proved anew.
  await page.getByText('Stop here, take a break').click();
  await page.getByRole('button', { name: /^Take a break/ }).click();
  await expect(heading(page)).toHaveText('Verify the meter on a known live source');
  await page.reload();
  await expect(heading(page)).toHaveText('Verify the meter on a known live source');
  await visitUntil(page, /Oven: rock it off/);
  await context.route('**/api/**', (route) => route.abort());
  await visitUntil(page, /Hall: mark it/);
  await expect(page.getByText('The server does not answer just now.')).toBeVisible();
  await context.unroute('**/api/**');
  await visitUntil(page, /^The rest on/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page).getByText('proved.')).toHaveCount(4);
  const { breakers } = (await (await request.get(`/api/v1${path}`)).json()) as Board;
  expect(breakers.filter(({ breaker }) => breaker.replaces !== null)).toHaveLength(4);
});

test('a homeowner follows the same visit, and is offered no gate', async ({ page, request }) => {
  const { panelId, siteId } = await ownPanel(request, ['1 Kettle 20']);
  await decideToReplace(request, panelId, ['Kettle']);
  await page.goto(`/sites/${siteId}/visits`);
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await expect(page.getByText('Planned: a qualified electrician does it.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What to ask' })).toBeVisible();
  await expect(next(page)).toHaveCount(0);
  await expect(page.getByText('Something is not as it should be')).toHaveCount(0);
});
