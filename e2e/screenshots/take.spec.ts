import { fileURLToPath } from 'node:url';
import { expect, test, type Page } from '@playwright/test';
import {
  asElectrician,
  demoBoard,
  heading,
  next,
  nothingAmiss,
  reset,
  detailPath,
  unsureUntil,
  visitUntil,
} from '../support/index.ts';

const FOLDER = fileURLToPath(new URL('../../docs/screenshots', import.meta.url));
const phone = { width: 390, height: 844 };

const shoot = async (page: Page, name: string) => {
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
};

test('the pictures', async ({ page, request }) => {
  const { panel } = await demoBoard(request);
  const openBoard = async ({ id, name }: { id: string; name: string }) => {
    await page.goto(`/panels/${id}`);
    await page.getByRole('navigation', { name: `Breakers of ${name}` }).waitFor();
  };

  await page.goto('/');
  await asElectrician(page);
  await page.getByRole('link', { name: /^Main panel/ }).waitFor();
  await shoot(page, 'start');

  await openBoard(panel);
  await shoot(page, 'board');

  await page.goto(`/panels/${panel.id}/legs`);
  const main = page.getByRole('region', { name: 'Currents at the main' });
  await page.getByRole('button', { name: 'Everything on' }).click();
  for (const [leg, amps] of [
    ['Leg A', '104.6'],
    ['Leg B', '112.3'],
    ['Neutral', '8.2'],
  ] as const)
    await main.getByLabel(`${leg} at the main (A)`).fill(amps);
  await main.getByText(/^Leg B: /).waitFor();
  await main.getByLabel('Neutral at the main (A)').blur();
  await main.evaluate((part) => part.scrollIntoView());
  await shoot(page, 'legs');
  await page.goto(`/panels/${panel.id}/service`);
  await page.getByRole('region', { name: 'Can this load be added?' }).getByRole('status').waitFor();
  await shoot(page, 'service');
  await page.goto(`/panels/${panel.id}/room?poles=2&amps=60&title=EV+charger`);
  await page.getByLabel('Equipment').selectOption('vehicle-outlet');
  await page.getByRole('img', { name: /^After/ }).waitFor();
  await page.getByLabel('Equipment').blur();
  await page.getByRole('region', { name: 'Plan', exact: true }).evaluate((plan) => plan.scrollIntoView());
  await shoot(page, 'room');
  await page.goto(`/panels/${panel.id}/sources`);
  const backup = page.getByRole('region', { name: 'What a backup carries' });
  for (const label of ['Loft lights', 'Apartment: bedrooms', 'Office', 'Dehumidifier'])
    await backup.getByLabel(`Priority: ${label}`).selectOption('2');
  await backup.getByRole('status').waitFor();
  await backup.evaluate((part) => part.scrollIntoView());
  await shoot(page, 'backup');
  const details = {
    'detail-replace': 'Loft lights',
  };
  for (const [name, label] of Object.entries(details)) {
    await page.goto(await detailPath(request, label));
    await page.getByRole('article', { name: 'Decision' }).waitFor();
    await shoot(page, name);
  }
  const path = await detailPath(request, 'Steam press and tea corner');
  const breakerId = path.split('/').at(-1)!;
  await openBoard(panel);
  await page.keyboard.press('/');
  const typed = '12: 118.4v 14.2a 41c amb 22c load on, 9 tripped 8 min at 17a, 16 wobbles';
  await page.getByRole('textbox', { name: 'Reading line' }).fill(typed);
  await page.getByRole('list', { name: 'Not understood' }).waitFor();
  await shoot(page, 'reading-line');

  // What the simulated meters would send, a few seconds of it.
  const live = `/panels/${panel.id}/live?breaker=${breakerId}`;
  await page.goto(live);
  for (let n = 0; n < 40; n++) {
    const time = new Date().toISOString();
    const amps = n < 12 ? 0 : 12.2 + (n % 3) / 10;
    const figures = [
      ['clamp-meter', 'conductor', 'A', amps],
      ['contact-meter', 'load-terminal', 'V', 120.1 - amps * 0.08 + (n % 2) / 10],
      ['plug-in-meter', 'outlet', 'V', 120 - amps * 0.23 + (n % 2) / 10],
      ['spot-thermometer', 'terminal', 'C', 21 + n * 0.04],
    ] as const;
    await request.post('/api/v1/feeds/simulated-meters/samples', {
      headers: { 'Content-Type': 'application/x-ndjson' },
      data: figures
        .map(([instrument, point, unit, value]) =>
          JSON.stringify({ instrument, point, unit, value: Number(value.toFixed(1)), time, simulated: true }),
        )
        .join('\n'),
    });
  }
  await page.getByRole('button', { name: /^Save 12/ }).waitFor();
  // What draws the current that is shown.
  await page.getByRole('button', { name: 'Steam press: off' }).click();
  await page.getByRole('button', { name: 'Steam press: on' }).waitFor();
  await shoot(page, 'live');
  await wholePanel(page, panel.id);
});

/** A recording, a picture, a review of the main panel. */
async function wholePanel(page: Page, panelId: string) {
  await page.goto(`/panels/${panelId}/recordings`);
  await page
    .getByRole('main')
    .getByRole('link', { name: /Steam press/ })
    .click();
  const happened = page.getByRole('region', { name: 'Events' });
  await happened
    .getByRole('button', { name: /^Show Tripped/ })
    .nth(1)
    .click();
  const shorter = page.getByRole('button', { name: 'Zoom out' });
  for (let i = 0; i < 4; i++) await shorter.click();
  await page.waitForTimeout(400);
  await page.evaluate(() => window.scrollTo(0, 0));
  await shoot(page, 'recording');
  await page.goto(`/panels/${panelId}/heat-pictures`);
  await page.getByRole('region', { name: 'Saved images' }).getByRole('button').first().click();
  await page.getByRole('heading', { name: /^(One|\d+) hot spots?$/ }).waitFor();
  await page.mouse.move(0, 0);
  await shoot(page, 'heat-picture');
  await page.goto(`/panels/${panelId}/review`);
  await page.getByRole('region', { name: 'Breaker behavior' }).waitFor();
  await shoot(page, 'review');
}

/** Begin a case from the start, as anybody would. */
async function begin(page: Page, what: RegExp, words: string, which: RegExp) {
  await page.goto('/cases/new');
  await page.getByRole('button', { name: what }).click();
  await page.getByRole('searchbox').fill(words);
  await page.getByRole('button', { name: which }).first().click();
  await expect(heading(page)).toHaveText(/Check the closed panel/);
}

test('pictures of cases', async ({ page, request }) => {
  await page.goto('/');
  await page.locator('header label', { hasText: 'Homeowner' }).click();

  await begin(page, /A breaker trips/, 'sewing', /Sewing machines/);
  await nothingAmiss(page);
  await expect(heading(page)).toHaveText(/Try handle/);
  await next(page)
    .getByRole('button', { name: /It gives/ })
    .click();
  await expect(heading(page)).not.toHaveText(/Try handle/);
  await unsureUntil(page, /Reset the breaker once|Unplug/);
  if (await next(page).getByRole('heading', { name: 'Reset the breaker once' }).isVisible()) {
    await reset(page, 'It clicks cleanly, fully off and back on', 'It tripped immediately');
    await unsureUntil(page, /Unplug/);
  }
  await reset(page, 'It clicks cleanly, fully off and back on', 'It held');
  await expect(heading(page)).toHaveText(/^Test \d/);
  await next(page).getByRole('button', { name: 'It tripped immediately' }).click();
  await page.getByRole('region', { name: 'Isolated' }).waitFor();
  await page.waitForTimeout(500);
  await page.evaluate(() => window.scrollTo(0, 0));
  await shoot(page, 'case-decision');
  await keepingPictures(page, (await demoBoard(request)).panel.id);
  const { panel, site } = await demoBoard(request);
  await inspectionPicture(page, panel.id);
  await visitPictures(page, site.id);
});

/** The report, a round of a map, a round of upkeep: the last two on a phone. */
async function keepingPictures(page: Page, panelId: string) {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/panels/${panelId}/report`);
  await page.getByRole('heading', { name: /^4\. / }).waitFor();
  await page.getByRole('article').evaluate((report) => report.scrollIntoView());
  await shoot(page, 'report');
  await page.setViewportSize(phone);
  await page.goto(`/panels/${panelId}/map`);
  await page.getByRole('button', { name: 'Start a new map' }).click();
  await page
    .getByLabel('Rooms, outlets and fixtures')
    .fill(
      'Apartment kitchen: counter left, counter right, range, hood\nApartment bath: lamp, shower pump\nCutting floor: lamps',
    );
  await page.getByRole('button', { name: 'Start the first round' }).click();
  await page.getByRole('button', { name: '○ Dead' }).first().click();
  await page.getByRole('button', { name: 'The rest have power' }).click();
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await shoot(page, 'map-phone');
  await page.goto(`/panels/${panelId}/upkeep`);
  await page.getByRole('button', { name: 'Start: Exercise the breakers' }).click();
  const handles = page.getByRole('region', { name: 'Maintenance task' }).getByRole('group');
  await handles.nth(0).getByRole('button', { name: 'Clicks cleanly off and on' }).click();
  await handles.nth(1).getByRole('button', { name: 'Does not turn back on' }).click();
  await handles.nth(0).evaluate((group) => group.scrollIntoView({ block: 'center' }));
  await shoot(page, 'upkeep-phone');
}

/** An inspection before buying, at the closed panel. */
async function inspectionPicture(page: Page, panelId: string) {
  await page.setViewportSize(phone);
  await page.goto(`/panels/${panelId}/inspection`);
  await page.getByRole('button', { name: 'Yearly inspection' }).click();
  const heat = page.getByRole('region', { name: 'Breaker face temperature' });
  const breakers = heat.getByRole('combobox', { name: 'Log a breaker with a finding' });
  await breakers.selectOption({ label: '8 Hot-knife bench' });
  await heat.getByRole('button', { name: 'Warm' }).click();
  await heat.getByRole('button', { name: /^The other \d+ breakers: cool/ }).click();
  await page.getByRole('region', { name: 'Sound' }).getByRole('button', { name: 'Quiet' }).click();
  await page
    .getByRole('region', { name: 'Sound' })
    .evaluate((part) => part.scrollIntoView({ block: 'start' }));
  await page.evaluate(() => window.scrollBy(0, -80));
  await shoot(page, 'inspection-phone');
}

/** A visit from its plan to its proof; it changes the panel, so it comes last. */
async function visitPictures(page: Page, siteId: string) {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/sites/${siteId}/visits`);
  await asElectrician(page);
  const due = page.getByRole('region', { name: 'Main panel' });
  await due.getByLabel('A generator, or an inlet for one').check();
  await due.getByRole('button', { name: 'Plan this visit' }).click();
  await page.setViewportSize(phone);
  await visitUntil(page, /^Hot-knife bench, space/);
  await next(page).evaluate((part) => part.scrollIntoView());
  await shoot(page, 'visit-measure-phone');
  await visitUntil(page, /Hot-knife bench: (install the breaker|reconnect the wire)/);
  await visitUntil(page, /^Turn on the remaining breakers/);
  await next(page)
    .getByRole('button', { name: /^Everything is on/ })
    .click();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByRole('region', { name: 'Result' }).getByRole('link').first().waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
  await shoot(page, 'visit-proof');
}
