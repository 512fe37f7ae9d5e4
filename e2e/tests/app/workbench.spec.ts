import { expect, type Page } from '@playwright/test';
import {
  asElectrician,
  demoBoard,
  detailPath,
  LOOKS,
  openJobPage,
  ownBreaker,
  ownPanel,
  test,
} from '../../support/index.ts';

const [desk, phone] = LOOKS;
const board = (page: Page) => page.getByRole('region', { name: 'Board', exact: true });
const jobs = (page: Page) => page.getByRole('navigation', { name: 'Jobs', exact: true });
const selection = (page: Page) => page.getByRole('region', { name: 'Selected breaker' });
const DIRECTORY = ['1 kitchen counter 20', '3 lathe 20', '5-7 kiln 40 2p', '2 lights 15'];

/** The page’s own title, which says that it is there. */
const title = (page: Page) => page.getByRole('heading', { level: 1 });

test('at a desk every page of a job is two clicks from the board, beside it, and one click back', async ({
  page,
  request,
}) => {
  await page.setViewportSize(desk.size);
  const { panel } = await demoBoard(request);
  await page.goto(`/panels/${panel.id}`);
  await asElectrician(page);
  const names = await jobs(page).getByRole('link').allTextContents();
  expect(names).toHaveLength(5);
  let seen = 0;
  for (const name of names) {
    await jobs(page).getByRole('link', { name, exact: true }).click();
    await expect(jobs(page).locator('[aria-current]')).toHaveText(name);
    const pages = page.getByRole('navigation', { name: `Pages: ${name}` });
    const labels = await pages.getByRole('link').allTextContents();
    for (const label of labels) {
      await jobs(page).getByRole('link', { name, exact: true }).click();
      await pages.getByRole('link', { name: label, exact: true }).click();
      await expect(pages.locator('[aria-current=page]')).toHaveText(label);
      await expect(board(page).getByRole('link', { name: /^Main/ }).first()).toBeVisible();
      await expect(page.getByRole('main')).toBeVisible();
      seen += 1;
    }
    await jobs(page).getByRole('link', { name: 'Diagnose', exact: true }).click();
    await expect(page).toHaveURL(new RegExp(`/panels/${panel.id}$`));
  }
  expect(seen).toBeGreaterThan(15);
});

test('on a phone every page of a job is two taps from the board, and the board one tap from it', async ({
  page,
  request,
}) => {
  await page.setViewportSize(phone.size);
  const { panel } = await demoBoard(request);
  await page.goto(`/panels/${panel.id}`);
  await asElectrician(page);
  const bar = page.getByRole('navigation', { name: 'Main navigation' });
  const sheet = bar.getByRole('button', { name: 'Jobs' });
  await sheet.click();
  await expect(page.getByRole('dialog').getByRole('link').first()).toBeVisible();
  const links = await page
    .getByRole('dialog')
    .getByRole('link')
    .evaluateAll((all) => all.map((link) => link.textContent));
  expect(links.length).toBeGreaterThan(15);
  await page.keyboard.press('Escape');
  for (const label of links) {
    await sheet.click();
    await page.getByRole('dialog').getByRole('link', { name: label, exact: true }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(title(page).first()).toBeVisible();
    await sheet.click();
    await expect(page.getByRole('dialog').locator('[aria-current=page]')).toHaveText(label);
    await page.keyboard.press('Escape');
    await bar.getByRole('link', { name: 'Board' }).click();
    await expect(board(page)).toBeVisible();
  }
});

test('a breaker tapped on the board is selected for the job, and the address carries it', async ({
  page,
  request,
}) => {
  await page.setViewportSize(desk.size);
  const { path } = await ownPanel(request, DIRECTORY);
  await page.goto(path);
  await asElectrician(page);
  await openJobPage(page, 'Plan', 'Room for a circuit');
  await board(page).getByRole('link', { name: /lathe/ }).click();
  await expect(page).toHaveURL(/\/room\?breaker=/);
  await expect(selection(page)).toContainText(/3\s*lathe\s*20 A/);
  await page.reload();
  await expect(selection(page)).toContainText('lathe');
  await selection(page).getByRole('button', { name: 'Clear the selection' }).click();
  await expect(selection(page)).toHaveCount(0);
  await board(page)
    .getByRole('link', { name: /lights/ })
    .click();
  await selection(page).getByRole('link', { name: 'Open lights' }).click();
  await expect(page).toHaveURL(/\/breakers\/[^/]+$/);
  await expect(title(page)).toContainText('lights');
});

test('a wide screen shows board, job and breaker side by side', async ({ page, request }) => {
  await page.setViewportSize({ width: 1680, height: 900 });
  const { path } = await ownPanel(request, DIRECTORY);
  await page.goto(`${path}/room`);
  await asElectrician(page);
  await board(page).getByRole('link', { name: /lathe/ }).click();
  const beside = page.getByRole('complementary', { name: 'Selected breaker' });
  await expect(beside.getByRole('heading', { name: /lathe/ })).toBeVisible();
  await expect(selection(page)).toHaveCount(0);
  await expect(page.getByRole('main')).toBeVisible();
  expect(await page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(1680);
});

test('pages of a breaker stay what they are when another breaker is tapped, with their job marked', async ({
  page,
  request,
}) => {
  await page.setViewportSize(desk.size);
  const { path } = await ownPanel(request, DIRECTORY);
  await page.goto(path);
  await asElectrician(page);
  await board(page).getByRole('link', { name: /lathe/ }).click();
  await expect(page).toHaveURL(/\/breakers\/[^/]+$/);
  await page.goto(`${page.url()}/joints`);
  await expect(jobs(page).locator('[aria-current]')).toHaveText('Measure');
  const before = page.url();
  await board(page).getByRole('link', { name: /kiln/ }).click();
  await expect(page).toHaveURL(/\/joints$/);
  expect(page.url()).not.toBe(before);
});

test('one search finds breakers, pages, cases and panels, and logs a reading', async ({ page, request }) => {
  await page.setViewportSize(desk.size);
  await page.goto(await ownBreaker(request));
  await asElectrician(page);
  const field = page.getByRole('combobox', { name: /^Search/ });
  const options = page.getByRole('dialog').getByRole('option');
  const search = async (words: string) => {
    await page.keyboard.press('Control+k');
    await expect(field).toBeFocused();
    await field.fill(words);
  };
  await search('trip cur');
  await expect(options.first()).toContainText('trip curve');
  await page.keyboard.press('Escape');
  await expect(field).toHaveCount(0);
  await search('mainten');
  await expect(options.first()).toContainText('Maintenance');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/upkeep$/);
  await search('no such thing here');
  await expect(page.getByRole('dialog')).toContainText('No results');
  await field.fill('shed');
  await expect(options.first()).toContainText('Shed');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/breakers\/[^/]+$/);
  await search('24.5a');
  await expect(options.first()).toContainText('Log “24.5a”');
  await page.keyboard.press('Enter');
  const line = page.getByRole('region', { name: 'Reading line' });
  await expect(line.getByRole('textbox', { name: 'Reading line' })).toHaveValue('24.5a');
  await expect(line.getByRole('list', { name: 'Understood', exact: true })).toContainText('24.5 A');
});

test('the question mark lists the keys, and not while somebody types', async ({ page, request }) => {
  await page.goto((await ownPanel(request, DIRECTORY)).path);
  await asElectrician(page);
  await page.keyboard.press('?');
  const dialog = page.getByRole('dialog', { name: 'Keyboard shortcuts' });
  await expect(dialog).toContainText('Ctrl + K');
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await page.keyboard.press('/');
  await page.keyboard.type('why?');
  await expect(page.getByRole('textbox', { name: 'Reading line' })).toHaveValue('why?');
  await expect(dialog).toHaveCount(0);
});

test('on a breaker a reading is logged in eight keys; with a figure, on a phone, in three taps', async ({
  page,
  request,
}) => {
  const path = await ownBreaker(request);
  await page.goto(path);
  await asElectrician(page);
  const keys = ['/', ...'24.5a', 'Enter'];
  expect(keys.length).toBeLessThanOrEqual(8);
  const field = page.getByRole('textbox', { name: 'Reading line' });
  await page.keyboard.press(keys[0]!);
  await expect(field).toBeFocused();
  for (const key of keys.slice(1)) await page.keyboard.press(key);
  await expect(page.getByText(/^✓ Logged/)).toBeVisible();
  await page.setViewportSize(phone.size);
  await page.goto(path);
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await field.fill('12a');
  await page.getByRole('region', { name: 'Reading line' }).getByRole('button', { name: /^Save/ }).click();
  await expect(page.getByText(/^✓ Logged/)).toBeVisible();
});

test('a homeowner’s jobs hold no electrician’s page; who those are for is said on the panel', async ({
  page,
  request,
}) => {
  await page.setViewportSize(desk.size);
  await page.goto((await ownPanel(request, DIRECTORY)).path);
  await expect(jobs(page)).toBeVisible();
  await jobs(page).getByRole('link', { name: 'Measure', exact: true }).click();
  const pages = page.getByRole('navigation', { name: 'Pages: Measure' });
  await expect(pages.getByRole('link', { name: 'Load test and scan' })).toBeVisible();
  await expect(pages.getByRole('link', { name: 'Infrared images' })).toHaveCount(0);
});

// 640 px: a screen of 1280 px at 200 % zoom.
for (const width of [320, 640])
  test(`nothing is wider than the screen at ${width} px, nor stands under the bar`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width, height: 640 });
    const { path: ownPath } = await ownPanel(request, DIRECTORY);
    const paths = [
      '/',
      '/settings',
      await detailPath(request, 'Sump pump'),
      ownPath,
      ...[
        'room',
        'sources',
        'replacement',
        'service',
        'legs',
        'scan',
        'heat-pictures',
        'recordings',
        'upkeep',
        'map',
        'report',
      ].map((job) => `${ownPath}/${job}`),
    ];
    for (const path of paths) {
      await page.goto(path);
      await expect(page.getByRole('banner')).toBeVisible();
      await expect(page.getByRole('heading').first()).toBeVisible();
      expect([path, await page.evaluate('document.documentElement.scrollWidth')]).toEqual([path, width]);
    }
  });
