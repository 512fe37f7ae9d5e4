import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { asElectrician, decision, detailPath, ownBreaker, test } from '../../support/index.ts';

const openBench = async (page: Page, part: string) => {
  await page.getByRole('tab', { name: 'Trip analysis' }).click();
  await page.getByRole('tab', { name: part }).click();
};

const breakerOf = (path: string) => path.split('/').at(-1)!;

/** A 20 A breaker of the test’s own with loads as they run. */
async function withLoads(request: APIRequestContext, loads: object[]) {
  const path = await ownBreaker(request);
  const answer = await request.put(`/api/v1/breakers/${breakerOf(path)}/circuit`, {
    data: { label: 'Shed', loads, version: 1 },
  });
  expect(answer.status()).toBe(200);
  return path;
}

const load = (name: string, watts: number, more: object = {}) => ({ name, volts: 120, watts, ...more });

test('a weak breaker: its figure, what each event added, and its weight in the decision', async ({
  page,
  request,
}) => {
  await page.goto(await detailPath(request, 'Dehumidifier'));
  await asElectrician(page);
  await expect(decision(page).getByRole('note', { name: 'Reason' })).toContainText(
    'By 2 trips and 1 hold it trips from',
  );
  await openBench(page, 'This breaker');
  await expect(page.getByRole('heading', { name: /Weak, by its record/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Trips from 1\d(\.\d)? A, 90% from/ })).toBeVisible();
  const added = page.getByRole('listitem').filter({ hasText: / evidence: [\d.]+ bits/ });
  await expect(added).toHaveCount(3);
  await expect(added.nth(1)).toContainText('Tripped at 11.6 A after 8 min 40 s');
  await expect(added.nth(1)).toContainText('strong evidence');
});

test('a hold that is logged moves the figure; a doubtful record names a safe trial, a weak one its joint first', async ({
  page,
  request,
}) => {
  const path = await withLoads(request, [load('Press', 1440), load('Lamp', 900)]);
  await page.goto(path);
  await openBench(page, 'This breaker');
  await expect(page.getByText(/Each one counts as a measurement/)).toBeVisible();
  const trip = (amps: number, afterSeconds: number, at: string) =>
    request.post(`/api/v1/breakers/${breakerOf(path)}/events`, {
      data: { kind: 'trip', amps, afterSeconds, at },
    });
  await trip(20.6, 700, '2026-11-01T10:00:00Z');
  await expect(page.getByText('Enter the conductor first')).toBeVisible();
  const described = await request.put(`/api/v1/breakers/${breakerOf(path)}/circuit`, {
    data: {
      label: 'Shed',
      version: 1,
      loads: [load('Press', 1440), load('Lamp', 900)],
      conductor: { material: 'copper', gauge: '12', insulationC: 75, cable: 'other' },
      terminalC: 75,
    },
  });
  expect(described.status()).toBe(200);
  await expect(page.getByText('The breaker must be on and holding first')).toBeVisible();
  await request.post(`/api/v1/breakers/${breakerOf(path)}/events`, {
    data: { kind: 'reset', feel: 'clean-clicks', result: 'holds', at: '2026-11-01T11:00:00Z' },
  });
  await expect(
    page.getByText(/A safe test would decide this: Press and Lamp, 19.5 A together/),
  ).toBeVisible();

  await page.getByRole('button', { name: 'Log that it held' }).click();
  await page.getByLabel('Current it carried, A').fill('19.5');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Enter how long it held.')).toBeVisible();
  await page.getByLabel('Time: minutes, min', { exact: true }).fill('60');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('✓ Saved.')).toBeVisible();
  await openBench(page, 'This breaker');
  await expect(page.getByRole('listitem').filter({ hasText: 'Held at 19.5 A for 1 h' })).toBeVisible();

  await trip(14, 500, '2026-11-20T10:00:00Z');
  await trip(14.5, 400, '2026-11-21T10:00:00Z');
  await trip(14.2, 450, '2026-11-22T10:00:00Z');
  await expect(page.getByText('Measure the connection temperature first')).toBeVisible();
  await page.getByRole('button', { name: 'Log a temperature' }).click();
  await expect(page.getByRole('tab', { name: 'Reading' })).toHaveAttribute('aria-selected', 'true');
});

test('the curve answers a question as it is typed, and asks back what it does not understand', async ({
  page,
  request,
}) => {
  const path = await ownBreaker(request);
  await page.goto(path);
  await openBench(page, 'Trip curve');
  const ask = page.getByRole('textbox', { name: 'Trip time at a given current' });
  await ask.fill('40 A');
  await ask.press('Enter');
  await expect(page.getByText('Calculated for: 40 A, from cold, at 25 °C ambient.')).toBeVisible();
  await expect(page.getByText('11 s to 2 min')).toBeVisible();
  await ask.fill('27 A after an hour at 15 A at 40 °C');
  await ask.press('Enter');
  await expect(page.getByText('Calculated for: 27 A, after 1 h at 15 A, at 40 °C ambient.')).toBeVisible();
  await ask.fill('27 A at 90 °C');
  await ask.press('Enter');
  await expect(page.getByText(/The ambient temperature must be from −20/)).toBeVisible();
  await ask.fill('27 bananas');
  await ask.press('Enter');
  await expect(page.getByText(/Enter a current/)).toBeVisible();
  await expect(page.getByRole('img', { name: /logarithmic scales/ })).toBeVisible();
});

test('the printed curve of a family: from a table, wrong lines told, stored, in use, undone', async ({
  page,
  request,
}) => {
  await page.goto(await ownBreaker(request, { family: 'Kestle' }));
  await asElectrician(page);
  await openBench(page, 'Trip curve');
  await page.getByText(/Printed curve of Kestle: none/).click();
  const table = (text: string) =>
    page
      .getByLabel('Import a CSV table')
      .setInputFiles({ name: 'leaflet.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await table('multiple,fastest,slowest\n2,10,90\n3,50,40\n');
  await expect(page.getByText(/Line 3: The latest time cannot be before the earliest/)).toBeVisible();
  await table('multiple,fastest,slowest\n1.3,90,never\n2,14,90\n3,6,35\n');
  await expect(page.getByText('3 points read from leaflet.csv. Check them, then save.')).toBeVisible();
  await expect(page.getByText(/trips from 1\.\d+ × rating/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save curve' }).click();
  await expect(page.getByText(/Printed curve of Kestle: in use/)).toBeVisible();
  await expect(page.getByText(/Band: the printed curve of Kestle/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText(/Printed curve of Kestle: none/)).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a homeowner sees which loads trip it together', async ({ page, request }) => {
    await page.goto(await withLoads(request, [load('Press', 1680), load('Kettle', 1560), load('Lamp', 100)]));
    await openBench(page, 'Combined loads');
    await expect(
      page.getByText(/Press and Kettle together: .* either one alone never trips it/),
    ).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: '27.8 A' })).toContainText('it trips');
    await page.getByRole('button', { name: /^● ?Kettle|Kettle 13 A/ }).click();
    await expect(page.getByRole('status').filter({ hasText: '14.8 A' })).toContainText('it never trips');
  });

  test('a start that trips is told, though what runs would hold', async ({ page, request }) => {
    const pump = load('Pump', 600, { surgeTimes: 12, surgeSeconds: 4 });
    await page.goto(await withLoads(request, [load('Heater', 1800), pump]));
    await openBench(page, 'Combined loads');
    await expect(page.getByText(/Heater and Pump together, as one of them starts/)).toBeVisible();
    const sum = page.getByRole('status').filter({ hasText: '20 A' });
    await expect(sum).toContainText('as one of them starts');
    await page.getByRole('button', { name: /Pump/ }).click();
    await expect(page.getByRole('status').filter({ hasText: '15 A' })).toContainText('it never trips');
  });
});

test('a load as it runs: when it opens, and the chance hour by hour, with progress and cancel', async ({
  page,
  request,
}) => {
  await page.goto(
    await withLoads(request, [
      load('Heater', 1500, { onSeconds: 240, offSeconds: 150 }),
      load('Kettle', 1440, { onSeconds: 210, offSeconds: 2700 }),
      load('Pump', 360, { onSeconds: 20, offSeconds: 40, surgeTimes: 5, surgeSeconds: 0.5 }),
    ]),
  );
  await openBench(page, 'Load profile');
  await expect(page.getByText('Same heating as a steady')).toBeVisible();
  await page.getByLabel('Period', { exact: true }).selectOption('168');
  const begin = page.getByRole('button', { name: 'For any sound breaker' });
  await begin.click();
  const progress = page.getByRole('progressbar', { name: 'Breakers simulated' });
  await expect(progress).toBeVisible();
  const seen = new Set<string>();
  await expect
    .poll(async () => seen.add((await progress.getAttribute('value')) ?? '').size, { intervals: [50] })
    .toBeGreaterThan(3);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Canceled. No result was kept.')).toBeVisible();

  await page.getByLabel('Period', { exact: true }).selectOption('8');
  await begin.click();
  await expect(page.getByText(/Chance that .* trips within 8 hours/)).toBeVisible();
  await expect(page.getByRole('img', { name: /First trips in each hour/ })).toBeVisible();

  const logged = 'seconds,amps\n0,18\n3600,34\n4200,0\n7200,0\n';
  await page
    .getByLabel('Recorded current (CSV)')
    .setInputFiles({ name: 'clamp.csv', mimeType: 'text/csv', buffer: Buffer.from(logged) });
  await expect(page.getByText('clamp.csv: 3 intervals')).toBeVisible();
  await expect(page.getByText('Trip time with this current')).toBeVisible();
});

test('twenty loads: every set, and the interface stays awake', async ({ page, request }) => {
  const loads = Array.from({ length: 20 }, (_, i) => load(`Machine ${i + 1}`, 200 + 40 * i));
  await page.goto(await withLoads(request, loads));
  await openBench(page, 'Combined loads');
  await page.getByRole('button', { name: /Machine 20/ }).click();
  await expect(page.getByRole('button', { name: /Machine 20/ })).toHaveAttribute('aria-pressed', 'false');
  await expect(page.getByText(/of 1048575 combinations never trip a sound breaker/)).toBeVisible();
});

test('after a trip by heat a clock tells when it can latch; a reset ends it', async ({ page, request }) => {
  const path = await ownBreaker(request);
  const post = (data: object) => request.post(`/api/v1/breakers/${breakerOf(path)}/events`, { data });
  await post({ kind: 'trip', at: new Date().toISOString(), afterSeconds: 600, amps: 26 });
  await page.goto(path);
  const clock = page.getByRole('region', { name: 'Cooling down' });
  await expect(clock.getByText('Can be reset in')).toBeVisible();
  const before = await clock.getByRole('timer').first().textContent();
  await expect.poll(() => clock.getByRole('timer').first().textContent()).not.toBe(before);
  await post({ kind: 'reset', at: new Date().toISOString(), feel: 'clean-clicks', result: 'holds' });
  await expect(clock).toBeHidden();
});

test('the ledger of wear, by the chosen school', async ({ page, request }) => {
  await page.goto(await detailPath(request, 'Yard outlets'));
  await openBench(page, 'Wear');
  await expect(
    page.getByText(
      /Replace this breaker after the short circuit is found and repaired. It has cleared a short circuit 2 times/,
    ),
  ).toBeVisible();
  await expect(decision(page)).toContainText('The breaker has cleared 2 short circuits');
});
