import { expect, type APIRequestContext, type Page } from '@playwright/test';
import type { Board } from '@phylaxon/core/views/board';
import { asElectrician, decision, ownPanel, test, openJobPage } from '../../support/index.ts';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const boardOf = async (request: APIRequestContext, path: string) =>
  (await (await request.get(`/api/v1${path}`)).json()) as Board;
const breakerOf = async (request: APIRequestContext, path: string, label: string) =>
  (await boardOf(request, path)).breakers.find((one) => one.label === label)!.breaker.id;

/** A circuit with one load, W at 120 V. */
async function withLoad(
  request: APIRequestContext,
  path: string,
  label: string,
  name: string,
  watts: number,
) {
  const id = await breakerOf(request, path, label);
  const { circuit } = (await (await request.get(`/api/v1/breakers/${id}`)).json()) as {
    circuit: { version: number };
  };
  const answer = await request.put(`/api/v1/breakers/${id}/circuit`, {
    data: { version: circuit.version, label, loads: [{ name, watts, volts: 120 }] },
  });
  expect(answer.status()).toBe(200);
}

/** A logger’s table, a sample a second: so many seconds of each current. */
function loggerTable(stretches: [amps: number, seconds: number][]): Buffer {
  const start = Date.UTC(2026, 10, 9, 8);
  const lines = ['Time,Press (A)'];
  for (const [amps, seconds] of stretches)
    for (let i = 0; i < seconds; i += 1) {
      const at = new Date(start + (lines.length - 1) * 1000).toISOString().slice(0, 19).replace('T', ' ');
      lines.push(`${at},${(amps === 0 ? 0 : amps + ((lines.length * 7) % 5) * 0.01).toFixed(2)}`);
    }
  return Buffer.from(lines.join('\n'));
}

/** A picture of a board that is warm all over, with one hot spot at a share of its width and height. */
function matrix(u: number, v: number, hotC: number): Buffer {
  const [width, height] = [60, 80];
  // The board lies where it is taken to lie before anybody moved its corners.
  const [cx, cy] = [width * (0.12 + 0.76 * u), height * (0.12 + 0.76 * v)];
  const rows = Array.from({ length: height }, (_, y) =>
    Array.from({ length: width }, (_cell, x) => {
      const far = ((x - cx) ** 2 + (y - cy) ** 2) / 8;
      return (24 + (hotC - 24) * Math.exp(-far)).toFixed(2);
    }).join(','),
  );
  return Buffer.from(rows.join('\n'));
}

const file = (name: string, buffer: Buffer) => ({ name, mimeType: 'text/csv', buffer });

const clampEverything = async (request: APIRequestContext, path: string, amps: number) => {
  const { breakers } = await boardOf(request, path);
  const entries = breakers
    .filter(({ breaker }) => breaker.role === 'branch')
    .map(({ breaker }) => ({
      kind: 'reading',
      breakerId: breaker.id,
      entry: {
        quantity: 'current',
        point: 'conductor',
        value: amps,
        loadState: 'everything-on',
        at: new Date().toISOString(),
      },
    }));
  expect((await request.post(`/api/v1${path}/log`, { data: { entries } })).status()).toBe(201);
};

for (const [where, size] of [
  ['desk', desk],
  ['phone', phone],
] as const) {
  test.describe(where, () => {
    test.use({ viewport: size });

    test('a logger’s file becomes a trip on record', async ({ page, request }) => {
      const { path } = await ownPanel(request, ['4 Press 20']);
      await withLoad(request, path, 'Press', 'Steam press', 1500);
      await page.goto(path);
      await asElectrician(page);
      await openJobPage(page, 'Measure', 'Recordings');
      const table = loggerTable([
        [12.5, 600],
        [26, 480],
        [0, 300],
        [12.5, 200],
      ]);
      await page.getByLabel('Data logger file').setInputFiles(file('press.csv', table));
      const columns = page.getByRole('region', { name: 'Columns' });
      await expect(columns.getByLabel('Contents of Press (A)')).toHaveValue('A');
      await expect(columns.getByLabel('Where Press (A) was measured')).toHaveValue(
        await breakerOf(request, path, 'Press'),
      );
      await columns.getByRole('button', { name: 'Read file' }).click();
      await page.getByRole('button', { name: 'Save recording' }).click();
      await expect(page.getByRole('heading', { name: /^Recording of/ })).toBeVisible();
      const happened = page.getByRole('region', { name: 'Events' });
      await expect(happened).toContainText('26 A for 8 min, after 12.5 A');
      await happened.getByRole('button', { name: 'Log this trip' }).click();
      await expect(happened.getByText('✓ On record')).toBeVisible();
      // The drawing looks closer by keys.
      const drawing = page.getByRole('group', { name: 'Recorded values over time' });
      await drawing.focus();
      await page.keyboard.press('+');
      await page.keyboard.press('ArrowLeft');
      await page.keyboard.press('Home');
      await expect(page.getByRole('group', { name: 'Channels shown' })).toContainText('08:00');
      await page.goto(`${path}/breakers/${await breakerOf(request, path, 'Press')}`);
      await page.getByRole('tab', { name: 'Record' }).click();
      await expect(page.getByText('From a data logger recording.').first()).toBeVisible();
    });

    test('a soak, from the first load to the graded board', async ({ page, request }) => {
      const labels = ['Oven', 'Kettle', 'Saw', 'Lathe'];
      const { path } = await ownPanel(
        request,
        labels.map((label, i) => `${i + 1} ${label} 20`),
      );
      for (const label of labels) await withLoad(request, path, label, `${label} itself`, 1500);
      await page.goto(path);
      await asElectrician(page);
      await openJobPage(page, 'Measure', 'Load test and scan');
      const on = page.getByRole('region', { name: 'Turn on' });
      for (const label of labels) await on.getByRole('checkbox', { name: `${label} itself` }).check();
      await expect(on).toContainText('25 A');
      await on.getByRole('button', { name: /start the timer/ }).click();
      await expect(page.getByRole('timer')).toContainText(/^(30:00|29:5\d)$/);
      await page.reload();
      await expect(page.getByRole('timer')).toContainText(/^29:\d\d$|^30:00$/);
      await expect(page.getByText('The scan needs the cover off with the panel energized.')).toBeVisible();
      await page.getByRole('button', { name: 'Scan now anyway' }).click();
      await page.getByLabel(/^Ambient in front of the panel/).fill('22');
      const temperature = (label: string) => page.getByLabel(new RegExp(`${label}: terminal`));
      await temperature('Oven').fill('31');
      await page.keyboard.press('Enter');
      await expect(temperature('Saw')).toBeFocused();
      await temperature('Saw').fill('58');
      await temperature('Kettle').fill('32');
      await temperature('Lathe').fill('900');
      await expect(page.getByText(/must be from/).first()).toBeVisible();
      await temperature('Lathe').fill('30.5');
      const look = page.getByRole('region', { name: 'Before the cover goes back on' });
      await expect(look).toContainText('3 Saw: 58 °C at 12.5 A by its listed loads');
      await page.getByLabel(/Saw: clamped current/).fill('12.1');
      await expect(look).toContainText('58 °C at 12.1 A');
      await page.getByRole('button', { name: 'Quiet, no smell' }).click();
      await page.getByRole('button', { name: 'Log all 4 places' }).click();
      await expect(page.getByText('✓ Saved. All decisions are updated.')).toBeVisible();
      await openJobPage(page, 'Maintain & report', 'Panel evaluation');
      await expect(page.getByRole('region', { name: 'Heat under load' })).toContainText('3 Saw');
    });

    test('a heat picture, and the decision it replaces', async ({ page, request }) => {
      const { path } = await ownPanel(request, ['1 Oven 20', '2 Kettle 20', '3 Saw 20', '4 Lathe 20']);
      await clampEverything(request, path, 12);
      const saw = `${path}/breakers/${await breakerOf(request, path, 'Saw')}`;
      await page.goto(saw);
      await asElectrician(page);
      const before = await decision(page).getByRole('heading').first().textContent();
      const { panel } = await boardOf(request, path);
      await page.goto(`${path}/heat-pictures`);
      await page
        .getByLabel('Temperature matrix')
        .setInputFiles(file('board.csv', matrix(0.14, 1.5 / (panel.spaces / 2), 78)));
      const picture = page.getByRole('region', { name: 'Infrared image' });
      await picture.getByLabel(/^Ambient/).fill('22');
      await expect(picture).toContainText('1 hot spot');
      await expect(picture).toContainText('3 Saw');
      // A corner goes where the arrow keys take it, and back.
      const corner = picture.getByRole('slider', { name: 'Corner of the board, top left' });
      const was = await corner.getAttribute('aria-valuetext');
      await corner.focus();
      await page.keyboard.press('Shift+ArrowRight');
      await expect(corner).not.toHaveAttribute('aria-valuetext', was!);
      await page.keyboard.press('Shift+ArrowLeft');
      await expect(corner).toHaveAttribute('aria-valuetext', was!);
      await picture.getByRole('button', { name: 'Log as terminal temperature' }).click();
      await expect(picture.getByText('✓ On record')).toBeVisible();
      await picture.getByRole('button', { name: 'Save image' }).click();
      await expect(page.getByRole('region', { name: 'Saved images' }).getByRole('button')).toHaveCount(1);
      await page.goto(saw);
      await expect(decision(page).getByRole('heading').first()).not.toHaveText(before!);
      await expect(decision(page)).toContainText(/joint|Replace/);
    });

    test('a review, to the customer’s page', async ({ page, request }) => {
      const { path } = await ownPanel(request, ['1 Oven 20', '2 Kettle 20']);
      await page.goto(path);
      await asElectrician(page);
      await openJobPage(page, 'Maintain & report', 'Panel evaluation');
      const verdict = page.getByRole('region', { name: 'Verdict' });
      await expect(verdict).toContainText('check it every year');
      await log(page, 'Inside inspection', 'Several bus stabs pitted or burned');
      await expect(verdict).toContainText('Not conclusive');
      await expect(verdict).toContainText('Evidence still missing');
      await log(page, 'Breaker behavior', 'Breakers of different circuits trip together');
      await expect(verdict).toContainText('Replace the panel, within two years');
      const link = verdict.getByRole('link', { name: 'Customer page (PDF)' });
      const pdf = await request.get((await link.getAttribute('href'))!);
      expect(pdf.headers()['content-type']).toBe('application/pdf');
      expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
      await page
        .getByRole('region', { name: 'Breaker behavior' })
        .getByRole('button', { name: 'Void' })
        .click();
      await expect(verdict).toContainText('Not conclusive');
    });
  });
}

/** Log a sign of the panel under its kind. */
async function log(page: Page, kind: string, words: string) {
  const part = page.getByRole('region', { name: kind });
  await part.getByRole('combobox').selectOption({ label: words });
  await part.getByRole('button', { name: 'Log finding' }).click();
  await expect(part.getByRole('listitem').filter({ hasText: words })).toBeVisible();
}

test('a file that is none, or far too large, is told, and nothing is stored', async ({ page, request }) => {
  const { path } = await ownPanel(request, ['1 Oven 20']);
  await page.goto(`${path}/recordings`);
  const problems = page.getByRole('alert');
  await page.getByLabel('Data logger file').setInputFiles(file('empty.csv', Buffer.alloc(0)));
  await expect(problems).toContainText('The file is empty.');
  await page
    .getByLabel('Data logger file')
    .setInputFiles(file('prose.txt', Buffer.from('It was a dark night\n'.repeat(40))));
  await expect(problems).toContainText('The file has no columns');
  await page
    .getByLabel('Data logger file')
    .setInputFiles(file('bytes.csv', Buffer.from(Array.from({ length: 5000 }, (_, i) => (i * 37) % 256))));
  await expect(problems.or(page.getByRole('region', { name: 'Columns' }))).toBeVisible();
  // As a file of 500 MB is to the browser, without one.
  await page.evaluate(() => {
    const input = document.querySelector<HTMLInputElement>('input[type=file]')!;
    const large = new File(['time,A\n'], 'large.csv');
    Object.defineProperty(large, 'size', { value: 500_000_000 });
    Object.defineProperty(input, 'files', { value: [large], configurable: true });
    input.dispatchEvent(new Event('change', { bubbles: true }));
  });
  await expect(problems).toContainText('The file is 500 MB');
  const { entries } = (await (await request.get(`/api/v1${path}/entries`)).json()) as { entries: unknown[] };
  expect(entries).toEqual([]);
});
