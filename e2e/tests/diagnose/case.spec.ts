import { expect } from '@playwright/test';
import type { Board, SiteSummary } from '@phylaxon/core/views/board';
import {
  asElectrician,
  detailPath,
  heading,
  moved,
  stepTitle,
  next,
  NOTHING_AMISS,
  nothingAmiss,
  reset,
  test,
  timeline,
  unsureUntil,
  withLoads,
} from '../../support/index.ts';

for (const { width, height } of [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
]) {
  test.describe(`${width} px wide`, () => {
    test.use({ viewport: { width, height } });

    test('from the start in three taps to what to do first; a dead room, found by its handle, reset, holds', async ({
      page,
    }) => {
      await page.goto('/');
      await page.getByRole('link', { name: /Diagnose a problem/ }).click();
      await page.getByRole('button', { name: /A room or some outlets are dead/ }).click();
      await page.getByRole('searchbox').fill('apartment bedrom');
      await page.getByRole('button', { name: /Apartment: bedrooms/ }).click();
      await nothingAmiss(page);
      await expect(heading(page)).toHaveText('Try handle 3: Apartment: bedrooms');
      await next(page).getByRole('button', { name: 'It gives, or sits in the middle' }).click();
      await expect(timeline(page)).toContainText('The handle gives');
      await moved(page, 'Try handle 3: Apartment: bedrooms');
      await unsureUntil(page, /Reset the breaker once/);
      await expect(next(page)).toContainText('Push fully off, left, until it clicks.');
      await reset(page, 'It clicks cleanly, fully off and back on', 'It held', 'Power is back');
      await expect(timeline(page)).toContainText('Reset: holds');
      const left = await unsureUntil(page, /electrician/);
      expect(left).toBeNull();
      const decision = page.getByRole('article', { name: 'Decision' });
      await expect(decision).toContainText(/[Rr]eset/);
      await page.getByRole('radio', { name: 'Reset, and it holds' }).check();
      await page.getByRole('button', { name: 'Close the case' }).click();
      await expect(page.getByRole('heading', { name: 'Closed: Reset, and it holds' })).toBeVisible();
      await page.goto('/');
      await page.getByRole('link', { name: 'Saltmarsh Sail Loft', exact: true }).click();
      await expect(page.getByRole('region', { name: 'Cases' })).toContainText('Closed: reset, and it holds');
    });

    test('a smell of hot plastic takes the screen: leave it off, call, and what to tell them', async ({
      page,
      request,
    }) => {
      const path = await withLoads(request, 'Sheds', ['Lamp', 'Fan heater']);
      await page.goto(path);
      await page.getByRole('link', { name: 'Open a case' }).click();
      await page.getByRole('button', { name: /Heat, smell, noise or water/ }).click();
      await next(page).getByRole('button', { name: 'It smells like hot plastic' }).click();
      const stop = page.getByRole('alert');
      await expect(stop.getByRole('heading', { name: 'Stop.' })).toBeFocused();
      await expect(stop).toContainText('Call a licensed electrician now');
      await expect(stop).toContainText('The breaker is 1, 20 A standard');
      await expect(page.getByRole('button', { name: /Take back|Reset/ })).toHaveCount(0);
      await page.reload();
      await expect(stop).toContainText('It smells like hot plastic');
      await page.getByRole('link', { name: 'Hand-over page' }).click();
      await expect(page.getByRole('article', { name: 'Hand-over' })).toContainText('Stop: leave it off.');

      // Once somebody has seen to it the case is closed, and read like any other; the danger is still told.
      await page.goBack();
      await page.getByText('A qualified person has dealt with it').click();
      await expect(page.getByRole('radio', { name: 'Handed over to someone else' })).toBeChecked();
      await page.getByRole('button', { name: 'Close the case' }).click();
      await expect(page.getByRole('heading', { name: 'Closed: Handed over to someone else' })).toBeVisible();
      await expect(timeline(page)).toContainText('It smells like hot plastic');
      await expect(page.getByRole('article', { name: 'Decision' })).toContainText('Stop.');
    });

    test('an isolation finds the appliance in the fewest trials', async ({ page, request }) => {
      const path = await withLoads(request, 'Shop', ['Plotter', 'Lamp', 'Heat gun', 'Radio']);
      await page.goto(path);
      await page.getByRole('link', { name: 'Open a case' }).click();
      await page.getByRole('button', { name: /A breaker trips/ }).click();
      await nothingAmiss(page);
      await unsureUntil(page, /Reset the breaker once|Unplug everything/);
      if (/Reset the breaker once/.test((await heading(page).textContent())!)) {
        await reset(page, 'It clicks cleanly, fully off and back on', 'It tripped immediately');
        await unsureUntil(page, /Unplug everything/);
      }
      for (const name of ['Plotter', 'Lamp', 'Heat gun', 'Radio'])
        await next(page).getByRole('checkbox', { name }).check();
      await reset(page, 'It clicks cleanly, fully off and back on', 'It held');
      for (let trial = 0; trial < 4; trial++) {
        const title = await stepTitle(page);
        if (!title || !/^Test \d/.test(title)) break;
        const connected = next(page).getByRole('region', { name: 'Plug in or turn on' });
        const trips = await connected.getByText('Radio').isVisible();
        await next(page)
          .getByRole('button', { name: trips ? 'It tripped immediately' : 'It held', exact: true })
          .click();
        await expect(
          heading(page)
            .or(page.getByRole('region', { name: 'Isolated' }))
            .first(),
        ).not.toHaveText(title);
        if (trips) break;
      }
      await expect(timeline(page)).toContainText('with only');
      await unsureUntil(page, /electrician/);
      await expect(page.getByRole('region', { name: 'Isolated' })).toContainText('The cause is “Radio”');
      await expect(page.getByRole('article', { name: 'Decision' })).toContainText(/appliance|plugged in/i);
    });

    test('an electrician’s case ends in “replace”, with the bench’s figure among the reasons', async ({
      page,
      request,
    }) => {
      const path = await withLoads(request, 'Heater', ['Heater']);
      const id = path.split('/').at(-1)!;
      for (const [i, afterSeconds] of [520, 440, 500].entries()) {
        const at = new Date(Date.now() - (5 - i) * 86_400_000).toISOString();
        await request.post(`/api/v1/breakers/${id}/events`, {
          data: { kind: 'trip', at, afterSeconds, amps: 15.2, ambientC: 21 },
        });
        const again = new Date(Date.parse(at) + 3_600_000).toISOString();
        await request.post(`/api/v1/breakers/${id}/events`, {
          data: { kind: 'reset', at: again, feel: 'clean-clicks', result: 'holds' },
        });
      }
      await page.goto(path);
      await asElectrician(page);
      await page.getByRole('link', { name: 'Open a case' }).click();
      await page.getByRole('button', { name: /A breaker trips/ }).click();
      await nothingAmiss(page);
      for (let i = 0; i < 12; i++) {
        const title = await stepTitle(page);
        if (title === null) break;
        const asItShouldBe = next(page).getByRole('button', { name: NOTHING_AMISS });
        if (await asItShouldBe.isVisible().catch(() => false)) {
          await asItShouldBe.click();
          await moved(page, title);
          continue;
        }
        const sound = next(page)
          .getByRole('group')
          .getByRole('button', {
            name: /clean and tight|is matched|suits|as warm as|under 80|dead as|normal/i,
          });
        if (
          await sound
            .first()
            .isVisible()
            .catch(() => false)
        )
          await sound.first().click();
        else await next(page).getByRole('button', { name: 'I’m not sure' }).click();
        await moved(page, title);
      }
      const decision = page.getByRole('article', { name: 'Decision' });
      await expect(decision.getByRole('heading', { level: 2 })).toContainText('Replace');
      await decision.getByText('Details', { exact: true }).click();
      // The bench’s figure: what current opens it in the end, and how sure that is.
      const bench = decision
        .getByRole('listitem')
        .filter({ hasText: 'lowest steady current that trips it' })
        .first();
      await expect(bench).toContainText(/\d A/);
      await expect(bench).toContainText(/% sure that it trips below its rating/);
    });
  });
}

test('a hand-over written by the one is taken in by the other, with its evidence; the page is a PDF', async ({
  page,
  request,
}) => {
  const path = await withLoads(request, 'Potting bench', ['Kiln']);
  await page.goto(path);
  await page.getByRole('link', { name: 'Open a case' }).click();
  await page.getByRole('button', { name: /A breaker trips/ }).click();
  await nothingAmiss(page);
  await page
    .getByRole('link', { name: 'Hand-over page' })
    .or(page.getByRole('link', { name: 'Hand-over page' }));
  const caseId = page.url().split('/').at(-1)!;
  await page.goto(`/cases/${caseId}/handover`);
  const card = page.getByRole('article', { name: 'Hand-over' });
  await expect(card).toContainText('Potting bench');
  await expect(card).toContainText('It is quiet.');
  await expect(card).toContainText('Never install a larger breaker to stop a trip');

  const pdf = await request.get(`/api/v1/cases/${caseId}/handover.pdf?zone=Europe/Lisbon`);
  expect(pdf.headers()['content-type']).toContain('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save as a case file' }).click(),
  ]);
  await page.goto('/');
  await asElectrician(page);
  await page
    .getByLabel('Import a site or a handed-over case')
    .setInputFiles({ name: 'handover.json', mimeType: 'application/json', buffer: await bytesOf(download) });
  await expect(page).toHaveURL(/\/cases\//);
  expect(page.url()).not.toContain(caseId);
  await expect(page.getByRole('heading', { level: 1, name: 'Potting bench' })).toBeVisible();
  await expect(timeline(page)).toContainText('It is quiet');
  await expect(timeline(page)).toContainText('There is no smell');
});

async function bytesOf(download: { createReadStream(): Promise<NodeJS.ReadableStream> }): Promise<Buffer> {
  const parts: Buffer[] = [];
  for await (const part of await download.createReadStream()) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

test('a reload, the back button, another tab and a server that goes: nothing is lost, nothing doubled', async ({
  page,
  context,
  request,
}) => {
  const path = await withLoads(request, 'Sauna', ['Stove']);
  await page.goto(path);
  await page.getByRole('link', { name: 'Open a case' }).click();
  await page.getByRole('button', { name: /A breaker trips/ }).click();
  await nothingAmiss(page);
  const caseId = page.url().split('/').at(-1)!;
  const fileOf = async () =>
    (await (await request.get(`/api/v1/cases/${caseId}`)).json()) as { log: unknown[] };
  expect((await fileOf()).log).toHaveLength(5);

  // Half a reset survives a reload.
  await unsureUntil(page, /Reset the breaker once|Unplug/);
  await next(page).getByRole('button', { name: 'It clicks cleanly, fully off and back on' }).click();
  await page.reload();
  await expect(
    next(page).getByRole('button', { name: 'It clicks cleanly, fully off and back on' }),
  ).toHaveAttribute('aria-pressed', 'true');

  // Another tab follows.
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(heading(other)).toHaveText((await heading(page).textContent())!);

  // With the server gone the case goes on, and is stored once it is back.
  await context.route('**/api/**', (route) => route.abort());
  await next(page).getByRole('button', { name: 'It held', exact: true }).click();
  await expect(page.getByRole('status', { name: 'Unsent entries' })).toContainText('1 entry is');
  await expect(timeline(page)).toContainText('holds');
  await context.unroute('**/api/**');
  await expect(page.getByRole('status', { name: 'Unsent entries' })).toHaveCount(0, { timeout: 15_000 });
  await expect.poll(async () => (await fileOf()).log.length).toBe(6);
  await expect(timeline(other)).toContainText('holds');

  // Back and forth again.
  await page.goto('/');
  await page.goBack();
  await expect(timeline(page)).toContainText('holds');
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Open cases' })).toContainText('Sauna: a breaker trips');
  expect((await fileOf()).log).toHaveLength(6);

  // An answer taken back no longer counts, and stays on record.
  await page.getByRole('link', { name: /Sauna/ }).first().click();
  await timeline(page).getByRole('button', { name: 'Undo: It is quiet' }).click();
  await expect(timeline(page)).toContainText('undone');
  expect((await fileOf()).log).toHaveLength(6);
});

test('a whole case by keyboard alone, with names that make sense', async ({ page, request }) => {
  const path = await withLoads(request, 'Larder', ['Freezer']);
  await page.goto(path);
  await page.getByRole('link', { name: 'Open a case' }).press('Enter');
  await page.getByRole('button', { name: /Lights flicker/ }).press('Enter');
  await expect(heading(page)).toBeFocused();
  for (let i = 0; i < 15; i++) {
    const title = await stepTitle(page);
    if (title === null || /electrician/.test(title)) break;
    const looks = next(page).getByRole('button', { name: NOTHING_AMISS });
    if (await looks.isVisible()) {
      await looks.press('Enter');
      await moved(page, title);
      continue;
    }
    // Tab goes on into the answers; a number chooses one. A reset has two questions, one after the other.
    for (const at of /Reset it|Unplug/.test(title) ? [0, 1] : [0]) {
      const group = next(page).getByRole('group').nth(at);
      await expect(group).toHaveAccessibleName(/\w{4}/);
      for (let tabs = 0; tabs < 12; tabs++) {
        if (await group.evaluate((element) => element.contains(document.activeElement))) break;
        await page.keyboard.press('Tab');
      }
      await page.keyboard.press('1');
    }
    await moved(page, title);
  }
  const tree = await page.getByRole('main').ariaSnapshot();
  expect(tree).not.toMatch(/(button|link|radio|checkbox|textbox)(\n|:\s*$)/m);
  await expect(page.getByRole('main')).toContainText(/Why|electrician/);
});

test('on the demo site the simulated stand-in answers to the end, and every answer of it is marked', async ({
  page,
  request,
}) => {
  // A danger that the stand-in may tell of concerns a panel as a whole: one that no other test uses.
  await page.goto(await detailPath(request, 'Yard lights', 'Yard panel'));
  await asElectrician(page);
  await page.getByRole('link', { name: 'Open a case' }).click();
  await page.getByRole('button', { name: /A breaker trips/ }).click();
  for (let i = 0; i < 30; i++) {
    await expect(
      page.getByRole('heading', { name: 'Possible causes' }).or(page.getByRole('alert')),
    ).toBeVisible();
    const title = await stepTitle(page);
    if (title === null || /Undecided|work for an electrician/.test(title)) break;
    const answers = next(page).getByRole('button', { name: /Simulated answers/ });
    const unsure = next(page).getByRole('button', { name: 'I’m not sure' });
    // What the stand-in tells goes by the case’s id: it may also end undecided, with nothing to answer.
    const ended = page.getByRole('region', { name: 'Result' });
    await expect(answers.or(unsure).or(ended).first()).toBeVisible();
    if (await answers.isVisible()) await answers.click();
    else if (await unsure.isVisible()) await unsure.click();
    else break;
    await moved(page, title);
  }
  const caseId = page.url().split('/').at(-1)!;
  const { log } = (await (await request.get(`/api/v1/cases/${caseId}`)).json()) as {
    log: { entry: { simulated: boolean } }[];
  };
  expect(log.length).toBeGreaterThan(4);
  expect(log.every(({ entry }) => entry.simulated)).toBe(true);
  await page.goto(`/cases/${caseId}/handover`);
  await expect(page.getByText('(simulated)').first()).toBeVisible();
});

test('the stand-in reads meters and tries trials: figures and what was connected are on record, marked', async ({
  page,
  request,
}) => {
  const standIn = next(page).getByRole('button', { name: /Simulated answers/ });
  const logOf = async () => {
    const caseId = page.url().split('/').at(-1)!;
    const { log } = (await (await request.get(`/api/v1/cases/${caseId}`)).json()) as {
      log: { kind: string; entry: { simulated: boolean; value?: number; connected?: string[] | null } }[];
    };
    return log.filter(({ entry }) => entry.simulated);
  };

  await page.goto(await detailPath(request, 'Office'));
  await asElectrician(page);
  await page.getByRole('link', { name: 'Open a case' }).click();
  await page.getByRole('button', { name: /A room or some outlets are dead/ }).click();
  await nothingAmiss(page);
  const metered = await unsureUntil(page, /voltage/i);
  expect(metered).not.toBeNull();
  await standIn.click();
  await moved(page, metered!);
  const marked = timeline(page).getByRole('listitem').filter({ hasText: 'simulated' });
  await expect(marked.first()).toContainText(/\d V/);
  const readings = (await logOf()).filter(({ kind }) => kind === 'readings');
  expect(readings.length).toBeGreaterThan(0);
  expect(readings.every(({ entry }) => typeof entry.value === 'number')).toBe(true);

  await page.goto(await detailPath(request, 'Sewing machines'));
  await page.getByRole('link', { name: 'Open a case' }).click();
  await page.getByRole('button', { name: /A breaker trips/ }).click();
  await nothingAmiss(page);
  await unsureUntil(page, /^Reset the breaker/);
  await reset(page, 'It clicks cleanly', 'It tripped immediately');
  await unsureUntil(page, /^Unplug everything/);
  await reset(page, 'It clicks cleanly', 'It held');
  const trial = await unsureUntil(page, /^Test \d/);
  expect(trial).not.toBeNull();
  await standIn.click();
  await expect.poll(async () => (await logOf()).length).toBe(1);
  const [tried] = await logOf();
  expect(tried!.entry.connected!.length).toBeGreaterThan(0);
});

test('a danger that only the stand-in of the demo told of can be taken back, and the case goes on', async ({
  page,
  request,
}) => {
  const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
  const cottage = sites.find(({ site }) => site.name === 'Ferry Cottage')!;
  const shed = cottage.panels.find(({ panel }) => panel.name === 'Shed panel')!.panel;
  const { breakers } = (await (await request.get(`/api/v1/panels/${shed.id}`)).json()) as Board;
  const main = breakers.find(({ breaker }) => breaker.role === 'main')!.breaker.id;
  const told = { test: 'smell', outcome: 'hot-plastic', at: new Date().toISOString(), simulated: true };
  await request.post(`/api/v1/breakers/${main}/observations`, { data: told });
  await page.goto(`/cases/new?panel=${shed.id}`);
  await page.getByRole('button', { name: /A room or some outlets are dead/ }).click();
  await page.getByRole('searchbox').fill('shed lights');
  await page
    .getByRole('button', { name: /Shed lights/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Stop.' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the simulated answers' }).click();
  await expect(heading(page)).toHaveText(/Check the closed panel/);
  const after = (await (await request.get(`/api/v1/panels/${shed.id}`)).json()) as Board;
  expect(after.breakers.some(({ decision }) => decision.stop)).toBe(false);
});
