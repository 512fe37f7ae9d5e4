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

const ended = (page: Page) => page.getByRole('region', { name: 'Result' });

/** From the decision about a breaker to the first step of a visit for it. */
async function planFor(page: Page, path: string, breakerId: string) {
  await page.goto(`${path}/breakers/${breakerId}`);
  await asElectrician(page);
  await page.getByRole('link', { name: 'Plan a visit for this' }).click();
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await expect(heading(page)).toHaveText('Put on your PPE and verify the meter');
}

test('a standard breaker, from the decision to a proven record', async ({ page, request }) => {
  const { path, panelId } = await ownPanel(request, ['1 Kettle 20', '3 Hall 15']);
  const [id] = await decideToReplace(request, panelId, ['Kettle']);
  await planFor(page, path, id!);
  // A figure that no meter shows is told at its field, and stores nothing.
  await next(page).getByRole('textbox').fill('a lot');
  await next(page).locator('[data-confirm]').click();
  await expect(next(page).getByRole('alert')).toBeVisible();
  // A meter that shows nothing there opens no gate.
  await next(page).getByRole('textbox').fill('0');
  await next(page).getByRole('textbox').press('Enter');
  await expect(next(page)).toContainText('does not read the known live source');
  let confirmed = await visitUntil(page, /^Load side of the main: verify/);
  await expect(next(page)).toContainText('LINE SIDE: LIVE');
  confirmed += await visitUntil(page, /^Turn on the remaining breakers/);
  // And the end of the visit.
  expect(confirmed + 1).toBeLessThanOrEqual(14);
  await page.getByText('Test under load').click();
  const load = next(page).getByRole('listitem').filter({ hasText: 'current' });
  await load.getByRole('textbox').fill('8');
  await load.getByRole('button', { name: 'Save' }).click();
  await expect(load).toHaveCount(0);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page).getByRole('status')).toHaveText('✓ Completed and tested');
  await expect(ended(page)).toContainText('New breaker installed, 20 A, verified');
  await ended(page).getByRole('link', { name: 'Breaker record' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Kettle');
  const board = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  const now = board.breakers.find(({ label }) => label === 'Kettle')!.breaker;
  expect([now.replaces, now.id === id]).toEqual([id, false]);
  // Nothing is due any more: the faults of the old part are not held against the new one.
  await page.goto(`/sites/${board.site.id}/visits`);
  await expect(page.getByRole('region', { name: 'Shed panel' })).toContainText('No tasks yet');
  await expect(page.getByRole('region', { name: 'Planned and past visits' })).toContainText(
    'Completed and tested',
  );
});

test('a two-pole breaker on a pitted stab goes to other spaces', async ({ page, request }) => {
  const { path, panelId } = await ownPanel(request, ['1-3 Range 40', '2 Hall 15']);
  const [id] = await decideToReplace(request, panelId, ['Range']);
  await planFor(page, path, id!);
  await visitUntil(page, /Range: remove the old breaker/);
  await expect(next(page)).toContainText('Inspect the two bus stabs at spaces 1 and 3');
  expect(await report(page, 'The bus stab is pitted or burned')).toBe('Range: choose how to go on');
  await next(page).getByLabel('New space').selectOption({ label: '5 and 7' });
  await next(page).getByRole('button', { name: 'Use another space' }).click();
  // The new place is measured before anybody touches it.
  await expect(heading(page)).toHaveText('Range, space 5: verify absence of voltage');
  await visitUntil(page, /^Turn on the remaining breakers/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page)).toContainText('Range, space 5–7: New breaker installed, 40 A, verified');
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
  await visitUntil(page, /Bath: install the breaker/);
  await expect(next(page)).toContainText('Neutral: wire to the breaker, pigtail to the bar');
  await visitUntil(page, /Bath: turn it on and test it/);
  for (const [label, figure] of [
    [/^Outlet de-energized/, '0.2'],
    [/^Voltage at the load/, '121'],
  ] as const) {
    await next(page).getByLabel(label).fill(figure);
    await next(page).getByLabel(label).press('Tab');
  }
  await next(page).getByRole('button', { name: 'Correct' }).click();
  await next(page).getByRole('button', { name: 'Does not trip' }).click();
  await expect(next(page)).toContainText('It gives no protection');
  await next(page).getByRole('button', { name: 'Leave this one for another day' }).click();
  await expect(heading(page)).toHaveText('Turn on the remaining breakers, one at a time');
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page)).toContainText('not verified: left off');
  await ended(page).getByRole('link', { name: 'Open a case' }).click();
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
  await page.getByLabel('Fault in the simulated house').selectOption('backfeed');
  const answered = page.getByRole('button', { name: 'Answer from the simulation' });
  for (const title of [
    'Put on your PPE and verify the meter',
    'Turn off the loads, then every branch breaker',
    'Generator: off and locked out',
    /^De-energize at the meter, pulled by the utility, then lock out and tag/,
    'Remove the cover',
    'Load side of the main: verify absence of voltage',
  ]) {
    await expect(heading(page)).toHaveText(title);
    await answered.click();
  }
  await expect(heading(page)).toHaveText('Put the cover back on');
  await expect(next(page).getByRole('alert')).toContainText('another source feeds the bus');
  await expect(page.getByRole('region', { name: 'Events' })).toContainText('simulated');
  await next(page).getByRole('button', { name: 'Cover on, all screws in' }).click();
  await expect(heading(page)).toHaveText('The visit ends here: leave the panel safe');
  await next(page).getByRole('button', { name: 'Panel left safe' }).click();
  await expect(ended(page).getByRole('status')).toHaveText('✕ Ended early');
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
  await page.getByLabel('Start').fill('2026-12-01T09:00');
  await expect(page.getByLabel('Critical loads')).toHaveValue('Freezer');
  await page.getByLabel('Critical loads').fill('aquarium, alarm');
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await page.getByText('Tools, printouts and notices').click();
  await expect(page.getByText('Shed panel: Kettle, Oven, Hall, Freezer')).toBeVisible();
  for (const name of ['Lockout tag (PDF)', 'Outage notice (PDF)', 'Visit sheet (PDF)']) {
    const address = await page.getByRole('link', { name }).getAttribute('href');
    const pdf = await request.get(address!);
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  await visitUntil(page, /^Remove the cover/);
  // A break, with the cover on: afterward the meter is verified again.
  await page.getByText('Stop, take a break').click();
  await page.getByRole('button', { name: /^Take a break/ }).click();
  await expect(heading(page)).toHaveText('Verify the meter on a known live source');
  await page.reload();
  await expect(heading(page)).toHaveText('Verify the meter on a known live source');
  await visitUntil(page, /Oven: remove the old breaker/);
  await context.route('**/api/**', (route) => route.abort());
  await visitUntil(page, /Hall: remove the old breaker/);
  await expect(page.getByText('The server is not answering.')).toBeVisible();
  await context.unroute('**/api/**');
  await visitUntil(page, /^Turn on the remaining breakers/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page).getByText('verified.')).toHaveCount(4);
  const { breakers } = (await (await request.get(`/api/v1${path}`)).json()) as Board;
  expect(breakers.filter(({ breaker }) => breaker.replaces !== null)).toHaveLength(4);
});

test('a homeowner follows the same visit, and is offered no gate', async ({ page, request }) => {
  const { panelId, siteId } = await ownPanel(request, ['1 Kettle 20']);
  await decideToReplace(request, panelId, ['Kettle']);
  await page.goto(`/sites/${siteId}/visits`);
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await expect(page.getByText('Planned: work for a qualified electrician.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Questions to ask' })).toBeVisible();
  await expect(next(page)).toHaveCount(0);
  await expect(page.getByText('Report a problem')).toHaveCount(0);
});

/** Everything that is due at the panel is planned, and done as a sound house lets it go. */
async function doAll(page: Page, siteId: string, expected: RegExp[]) {
  await page.goto(`/sites/${siteId}/visits`);
  await page.getByRole('button', { name: 'Plan this visit' }).click();
  await visitUntil(page, /^Turn on the remaining breakers/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  for (const words of expected) await expect(ended(page)).toContainText(words);
}

test('findings at terminals, from the record to the proof: split and re-terminated', async ({
  page,
  request,
}) => {
  const { panelId, siteId, path } = await ownPanel(request, ['1 Kitchen 20', '3 Hall 15', '5 Shed 15']);
  const { breakers } = (await (await request.get(`/api/v1${path}`)).json()) as Board;
  const found = { Kitchen: 'two-wires-one-terminal', Hall: 'loose', Shed: 'corroded' };
  for (const [label, outcome] of Object.entries(found)) {
    const { id } = breakers.find((one) => one.label === label)!.breaker;
    const data = { test: 'terminal-inspection', outcome, at: new Date().toISOString() };
    expect((await request.post(`/api/v1/breakers/${id}/observations`, { data })).status()).toBe(201);
  }
  await page.goto(`/panels/${panelId}`);
  await asElectrician(page);
  await doAll(page, siteId, [
    /Kitchen, .*Two wires spliced to one pigtail, verified/,
    /Hall, .*Wire re-terminated, verified/,
    /Shed, .*Terminal cleaned, wire re-terminated, verified/,
  ]);
});

test('a part is out today, and another goes in tomorrow', async ({ page, request }) => {
  const { panelId, siteId, path } = await ownPanel(request, ['1 Kettle 20', '3 Hall 15']);
  const [id] = await decideToReplace(request, panelId, ['Kettle']);
  await planFor(page, path, id!);
  await visitUntil(page, /Kettle: check the new breaker/);
  await report(page, 'The new breaker is not the same kind');
  await next(page).getByRole('button', { name: 'Leave this one for another day' }).click();
  await expect(next(page)).toContainText('Cap the loose wire');
  await visitUntil(page, /^Turn on the remaining breakers/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await expect(ended(page)).toContainText('circuit de-energized');
  await page.goto(`/sites/${siteId}/parts`);
  await expect(page.getByRole('main')).toContainText('Kettle');
  await doAll(page, siteId, [
    /Kettle, space 1: New breaker installed, circuit back in service, 20 A, verified/,
  ]);
});

test('four tasks on a panel and its sub-panel in one shutdown', async ({ page, request }) => {
  const post = async (path: string, data: object) => {
    const answer = await request.post(`/api/v1${path}`, { data });
    expect(answer.status()).toBe(201);
    return (await answer.json()) as { id: string };
  };
  const { panelId, siteId } = await ownPanel(request, ['1 Kettle 20', '2 Oven 20', '3-5 Barn 50']);
  const { breakers } = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  const fedByBreakerId = breakers.find(({ label }) => label === 'Barn')!.breaker.id;
  const sub = { name: 'Barn panel', spaces: 8, mainAmps: 50, fedByBreakerId };
  const { id: barnId } = await post(`/sites/${siteId}/panels`, sub);
  await post(`/panels/${barnId}/directory`, { text: '1 Pump 20\n2 Saw 20' });
  await decideToReplace(request, panelId, ['Kettle', 'Oven']);
  await decideToReplace(request, barnId, ['Pump', 'Saw']);
  await page.goto(`/sites/${siteId}/visits`);
  await asElectrician(page);
  const main = page.getByRole('region', { name: 'Shed panel' });
  await main.getByRole('checkbox', { name: 'Also in this shutdown: Barn panel (Pump, Saw)' }).check();
  await main.getByRole('button', { name: 'Plan this visit' }).click();
  const shared = page.getByRole('region', { name: 'In the same shutdown' }).getByRole('link');
  await expect(shared).toHaveText('Barn panel: Pump, Saw (planned)');
  await visitUntil(page, /^Put the cover back on, then/);
  await shared.click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Visit: Barn panel');
  await visitUntil(page, /Pump: turn it on and test it/);
  // Back to the panel that feeds it: its main goes on once the covers are on.
  await page.getByRole('region', { name: 'In the same shutdown' }).getByRole('link').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Visit: Shed panel');
  const finish = async () => {
    await visitUntil(page, /^Turn on the remaining breakers/);
    await next(page)
      .getByRole('button', { name: /^Everything is on/ })
      .click();
    await expect(ended(page).getByText('verified.')).toHaveCount(2);
  };
  await finish();
  await page.getByRole('region', { name: 'In the same shutdown' }).getByRole('link').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Visit: Barn panel');
  await finish();
});
