import { expect } from '@playwright/test';
import type { SiteSummary } from '@phylaxon/core/views/board';
import {
  asElectrician,
  decision,
  decideToReplace,
  demoBoard,
  detailPath,
  expectNoViolation,
  expectSound,
  heading,
  LOOKS,
  moved,
  next,
  nothingAmiss,
  ownBreaker,
  ownPanel,
  reset,
  test,
  unsureUntil,
  visitUntil,
  withLoads,
} from '../../support/index.ts';

/** The board beside a detail has been looked at by itself. */
const BESIDE = ['nav[aria-label^="Breakers of"]'];
const BENCH_PARTS = ['This breaker', 'Trip curve', 'Combined loads', 'Load profile', 'Wear'];
const DECIDED = 'article[aria-label="Decision"]';

// The longest file by far: its looks are shared out among the workers.
test.describe.configure({ mode: 'parallel' });

for (const { name, size } of LOOKS) {
  test.describe(`axe finds nothing, ${name}`, () => {
    test.use({ viewport: size, colorScheme: 'light' });
    test.setTimeout(480_000);

    test('on start page, site, new panel, settings, and where nothing is', async ({ page, request }) => {
      await page.goto('/');
      await expect(page.getByRole('region', { name: 'Saltmarsh Sail Loft' })).toBeVisible();
      await expectSound(page, 'start');
      const { site } = await demoBoard(request);
      await page.goto(`/sites/${site.id}`);
      await page.getByRole('searchbox', { name: 'Search this site' }).fill('press trips');
      await expect(page.getByRole('list', { name: 'Entries found' })).toBeVisible();
      await page.getByText('Delete this site').click();
      await expectSound(page, 'site');
      await page.goto('/sites/new');
      await page.getByText('Label, bus and openings').click();
      await page.getByRole('button', { name: 'Set up this panel' }).click();
      await expect(page.getByText('The site name must not be empty.')).toBeVisible();
      await expectSound(page, 'new panel');
      await page.goto('/settings');
      await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
      await expectSound(page, 'settings');
      await page.goto(`/sites/${site.id}/outcomes`);
      await expect(page.getByRole('heading', { name: 'Case by case' })).toBeVisible();
      await expectSound(page, 'how it turned out');
      await page.goto('/nowhere');
      await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
      await expectSound(page, 'Page not found');
    });

    test('on recordings, heat pictures, a scan and the review of a panel', async ({ page, request }) => {
      const { panel } = await demoBoard(request);
      await page.goto(`/panels/${panel.id}/recordings`);
      await asElectrician(page);
      await page.getByLabel('Data logger file').setInputFiles({
        name: 'a.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('Time,A\n10:00:00,1\n10:00:01,2\n10:00:02,3'),
      });
      await expect(page.getByRole('region', { name: 'Columns' })).toBeVisible();
      await expectSound(page, 'recordings');
      await page
        .getByRole('main')
        .getByRole('link', { name: /Steam press/ })
        .click();
      await expect(page.getByRole('region', { name: 'Events' })).toBeVisible();
      await expectSound(page, 'recording');
      await page.goto(`/panels/${panel.id}/heat-pictures`);
      await page.getByRole('region', { name: 'Saved images' }).getByRole('button').first().click();
      await page.getByRole('region', { name: 'Before and after' }).getByRole('button').first().click();
      await expect(page.getByRole('table')).toBeVisible();
      await expectSound(page, 'heat pictures');
      await page.goto(`/panels/${panel.id}/review`);
      await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible();
      await expectSound(page, 'review');
      const { path } = await ownPanel(request, ['1 Oven 20', '2 Kettle 20']);
      await page.goto(`${path}/inspection`);
      await page.getByRole('button', { name: 'Before buying' }).click();
      await expect(page.getByRole('heading', { name: 'Outside the house' })).toBeVisible();
      await page.getByRole('button', { name: /^Mark the other/ }).click();
      await page.getByRole('button', { name: 'Save and continue' }).click();
      await expect(page.getByRole('heading', { name: 'At the closed panel' })).toBeVisible();
      await page
        .getByRole('combobox', { name: 'Log a breaker with a finding' })
        .first()
        .selectOption({ index: 2 });
      await expectSound(page, 'inspection');
      await page.goto(`${path}/scan`);
      await page.getByRole('button', { name: /start the timer/ }).click();
      await expectSound(page, 'soak');
      await page.getByRole('button', { name: /^Scan/ }).click();
      await page.getByLabel(/^Ambient in front/).fill('21');
      await page.getByLabel(/Oven: terminal/).fill('60');
      await page.getByLabel(/Kettle: terminal/).fill('9999');
      await expect(page.getByText(/must be from/).first()).toBeVisible();
      await expectSound(page, 'scan');
      // A finding that concerns the whole panel suspends it.
      await page.goto(await ownBreaker(request));
      await decision(page).getByRole('button', { name: 'Log reading: Sound at the panel' }).click();
      await page.getByRole('radio', { name: 'It sizzles or crackles' }).check();
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await expect(page.getByRole('alert').getByRole('heading', { name: 'Stop.' })).toBeVisible();
      await page.goto(page.url().replace(/\/breakers\/.*/, '/scan'));
      await expect(page.getByText('Do not load this panel')).toBeVisible();
      await expectSound(page, 'a scan that is stopped');
    });

    test('on upkeep, the directory and a map of the house: the places, a round, and what feeds what', async ({
      page,
      request,
    }) => {
      const { path } = await ownPanel(request, ['1 Kettle 20', '2 Oven 20', '3 Hall 15']);
      await page.goto(`${path}/upkeep`);
      await expect(page.getByRole('list', { name: 'Maintenance due' })).toBeVisible();
      await expectSound(page, 'upkeep');
      await page.getByRole('button', { name: 'Start: Exercise the breakers' }).click();
      await expectSound(page, 'critical loads');
      await page.getByLabel('3 Hall').check();
      await page.getByRole('button', { name: 'This one comes last' }).click();
      await page.getByRole('button', { name: 'Does not move, or grinds' }).first().click();
      await expectSound(page, 'a round of upkeep');
      await page.goto(`${path}/directory`);
      await page.getByLabel(/^Type the posted directory/).fill('1 kettle\n9 attic');
      await expect(page.getByRole('status', { name: 'Differences' })).toBeVisible();
      await expectSound(page, 'the directory');
      await page.goto(`${path}/map`);
      await page.getByLabel('Rooms, outlets and fixtures').fill('Kitchen: kettle, oven\nHall: lamp');
      await page.getByText('Breakers that stay on').click();
      await expectSound(page, 'a map before it begins');
      await page.getByRole('button', { name: 'Start the first round' }).click();
      await expect(page.getByRole('heading', { name: /^Round 1 of/ })).toBeVisible();
      await page.getByRole('button', { name: 'Dead' }).first().click();
      await expectSound(page, 'a round of a map');
      for (let i = 1; i <= 3; i++) {
        await expect(page.getByRole('heading', { name: `Round ${i} of 3` })).toBeVisible();
        for (const group of await page.getByRole('region', { name: 'Round' }).getByRole('group').all())
          await group.getByRole('button', { name: i === 3 ? 'Dead' : 'Has power' }).click();
        await page.getByRole('button', { name: 'Finish this round' }).click();
      }
      await expect(page.getByRole('heading', { name: 'Mapping result' })).toBeVisible();
      await expectSound(page, 'what came of a map');
    });

    test('on a report, with prices', async ({ page, request }) => {
      const { panel } = await demoBoard(request);
      await page.goto(`/panels/${panel.id}/report`);
      await asElectrician(page);
      await page.getByRole('button', { name: 'Prices and remark' }).click();
      await page.getByLabel('Price, USD').first().fill('x');
      await expect(page.getByRole('alert').first()).toBeVisible();
      await expectSound(page, 'a report');
    });

    test('on visits: what is due, a gate, a measure, a choice, the end, and as a homeowner', async ({
      page,
      request,
    }) => {
      const { panelId, siteId } = await ownPanel(request, ['1 Kettle 20', '2 Oven 20']);
      await decideToReplace(request, panelId, ['Kettle', 'Oven']);
      await page.goto(`/sites/${siteId}/visits`);
      await asElectrician(page);
      await page.getByText('Time, people and critical loads').click();
      await expectSound(page, 'visits');
      await page.getByLabel('A generator, or an inlet for one').check();
      await page.getByRole('button', { name: 'Plan this visit' }).click();
      await page.getByText('Tools, printouts and notices').click();
      await expect(page.getByText('Shed panel: Kettle, Oven')).toBeVisible();
      await expectSound(page, 'a visit before it begins');
      await visitUntil(page, /^Remove the cover/);
      await page.getByText('Stop, take a break').click();
      await expectSound(page, 'a gate');
      await visitUntil(page, /^Load side of the main: verify/);
      await next(page).getByRole('textbox').first().fill('x');
      await next(page).getByRole('button', { name: 'Save readings' }).click();
      await expect(next(page).getByRole('alert').first()).toBeVisible();
      await expectSound(page, 'a measure, a figure that is wrong');
      await visitUntil(page, /Kettle: remove the old breaker/);
      await page.getByText('Report a problem').click();
      await expectSound(page, 'a step');
      await page.getByRole('button', { name: 'The breaker does not come off, or it breaks' }).click();
      await expect(heading(page)).toHaveText('Kettle: choose how to go on');
      await expectSound(page, 'a choice');
      await page.getByRole('button', { name: 'Cover is on' }).click();
      await page.getByRole('button', { name: 'End the visit here' }).click();
      await expect(page.getByRole('region', { name: 'Result' })).toBeVisible();
      await expectSound(page, 'the end of a visit');
      await page.locator('header label', { hasText: 'Homeowner' }).click();
      await expect(page.getByRole('heading', { name: 'Questions to ask' })).toBeVisible();
      await expectSound(page, 'a visit as a homeowner');
    });

    test('on planning: the service, room, what if, two wires, what to buy', async ({ page, request }) => {
      const { panel, site } = await demoBoard(request);
      const path = await detailPath(request, 'Steam press and tea corner');
      await page.goto(`/panels/${panel.id}/service`);
      await asElectrician(page);
      await page.getByLabel('Floor area, outside dimensions, ft²').fill('2400');
      await expect(
        page.getByRole('region', { name: 'Can this load be added?' }).getByRole('status'),
      ).toBeVisible();
      await expectSound(page, 'service');
      await page.getByLabel('Range, kW').fill('99');
      await expect(page.getByText(/from 1.75 to 27\s/)).toBeVisible();
      await expectSound(page, 'service, a figure that is wrong');
      await page.goto(`/panels/${panel.id}/room?poles=2&amps=60&title=Kiln`);
      await expect(page.getByRole('img', { name: /^After/ })).toBeVisible();
      await page.getByText('Breakers that stay where they are, and why').click();
      await expectSound(page, 'room');
      await page.goto(`${path}/what-if`);
      await page.getByLabel('Additional load (A)').fill('x');
      await expect(page.getByText('Enter values from 0 to 1000.')).toBeVisible();
      await expectSound(page, 'what if');
      await page.goto(`${path}/two-wires`);
      await expect(page.getByRole('region', { name: 'What to do' })).toBeVisible();
      await expectSound(page, 'two wires');
      await page.goto(`/sites/${site.id}/parts`);
      await expect(page.getByRole('region', { name: 'Breakers' })).toBeVisible();
      await expectSound(page, 'parts list');
      await page.goto(`/panels/${panel.id}/sources`);
      await page.getByText('Add a source', { exact: true }).click();
      await page.getByRole('button', { name: 'Add', exact: true }).click();
      await page.getByLabel('Priority: Loft lights').selectOption('2');
      await expect(page.getByRole('list').filter({ hasText: 'at the start' })).toBeVisible();
      await expectSound(page, 'backup and sources');
      await page.goto(`/panels/${panel.id}/replacement`);
      await expect(page.getByRole('region', { name: 'What waiting means' })).toBeVisible();
      await expectSound(page, 'panel replacement');
      const pairs = [1, 2, 5, 6, 9, 10].map((space) => `${space}-${space + 2} Heater ${space} 20`);
      const { path: full } = await ownPanel(request, pairs, 'Full house');
      await page.goto(`${full}/room?poles=2&amps=40&title=Charger`);
      await expect(page.getByRole('region', { name: 'A subpanel makes room' })).toBeVisible();
      await expectSound(page, 'a subpanel');
      await page.goto(`${path}?`);
      await page.getByRole('tab', { name: 'Circuit' }).click();
      await page.getByRole('button', { name: 'Measured at the utility meter' }).click();
      await expect(page.getByRole('group', { name: 'Measured at the utility meter' })).toBeVisible();
      await expectSound(page, 'at the utility meter');
      await page.goto('/calculators?calculator=voltage-drop');
      await expect(page.getByRole('status', { name: 'Result' })).toBeVisible();
      await page.getByLabel(/^Length/).fill('x');
      await expect(page.getByRole('alert')).toBeVisible();
      await expectSound(page, 'calculators');
    });

    test('on the reading line, live meters, legs and the search of a joint', async ({ page, request }) => {
      const { panel } = await demoBoard(request);
      const path = await detailPath(request, 'Steam press and tea corner');
      await page.goto(`/panels/${panel.id}`);
      await asElectrician(page);
      await page.keyboard.press('/');
      const line = page.getByRole('region', { name: 'Reading line' });
      await line.getByRole('textbox').fill('12: 118.4v 41c, 9 tripped, wobbly');
      await expect(line.getByRole('list', { name: 'Not understood' })).toBeVisible();
      await line.getByText('Examples', { exact: true }).click();
      await expectSound(page, 'reading line', BESIDE);
      await request.post('/api/v1/feeds/axe/samples', {
        headers: { 'Content-Type': 'application/x-ndjson' },
        data: JSON.stringify({
          instrument: 'spot-thermometer',
          point: 'face',
          value: 41,
          unit: 'C',
          time: new Date().toISOString(),
          simulated: true,
        }),
      });
      await page.goto(`/panels/${panel.id}/live?breaker=${path.split('/').at(-1)}`);
      await expect(page.getByRole('button', { name: /^Save \d/ }).first()).toBeVisible();
      await page.getByText('Instruments: purpose and accuracy').click();
      await expectSound(page, 'live meters');
      await request.delete('/api/v1/feeds/axe');
      await page.goto(`/panels/${panel.id}/legs`);
      await expect(page.getByRole('region', { name: 'Moves' }).getByRole('listitem').first()).toBeVisible();
      await expectSound(page, 'legs');
      await page.goto(`${path}/joints`);
      await expect(page.getByText(/next\.$/)).toBeVisible();
      await expectSound(page, 'joints');
    });

    test('on boards of every hanging, arranging, an empty space, and setting up', async ({
      page,
      request,
    }) => {
      const { sites } = (await (await request.get('/api/v1/sites')).json()) as { sites: SiteSummary[] };
      const demo = sites.filter(({ site }) => ['Saltmarsh Sail Loft', 'Ferry Cottage'].includes(site.name));
      for (const { panel } of demo.flatMap(({ panels }) => panels)) {
        await page.goto(`/panels/${panel.id}`);
        await expect(page.getByRole('navigation', { name: `Breakers of ${panel.name}` })).toBeVisible();
        await expectSound(page, `board ${panel.name}`);
      }
      const { panel } = await demoBoard(request);
      await page.goto(`/panels/${panel.id}`);
      await page.getByRole('button', { name: 'Arrange breakers' }).click();
      await expectSound(page, 'arranging');
      await page.goto(`/panels/${panel.id}/spaces/18`);
      await expect(page.getByRole('heading', { name: /Empty space/ })).toBeVisible();
      await expectSound(page, 'empty space', BESIDE);
      await page.goto(`/panels/${panel.id}/setup`);
      await expect(page.getByRole('heading', { name: 'Set up Main panel' })).toBeVisible();
      await expectSound(page, 'setting up', BESIDE);
    });

    test('on a case, step by step, and where it leads', async ({ page, request }) => {
      await page.goto('/cases/new');
      await expectSound(page, 'what is wrong');
      await page.getByRole('button', { name: /A room or some outlets/ }).click();
      await page.getByRole('searchbox').fill('kitchen');
      await expect(page.getByRole('list', { name: 'Most likely circuits' })).toBeVisible();
      await expectSound(page, 'where');

      const path = await withLoads(request, 'Forge', ['Blower', 'Lamp', 'Grinder']);
      await page.goto(`/cases/new?panel=${path.split('/')[2]}`);
      await page.getByRole('button', { name: /A breaker trips/ }).click();
      await page.getByRole('main').getByRole('button', { name: /Forge/ }).click();
      await expect(heading(page)).toHaveText(/Check the closed panel/);
      await expectSound(page, 'senses');
      await nothingAmiss(page);
      await expect(heading(page)).toHaveText(/Try handle 1/);
      await page.getByText('What else is dead?').click();
      await expectSound(page, 'find');
      await next(page)
        .getByRole('button', { name: /It gives/ })
        .click();
      await expect(heading(page)).not.toHaveText(/Try handle/);
      await unsureUntil(page, /Reset the breaker once/);
      await next(page).getByRole('button', { name: 'It clicks cleanly, fully off and back on' }).click();
      await expectSound(page, 'reset');
      await next(page).getByRole('button', { name: 'It tripped immediately' }).click();
      await expect(heading(page)).not.toHaveText(/Reset the breaker once/);
      await expectSound(page, 'a question');
      await unsureUntil(page, /Unplug/);
      await expectSound(page, 'unplug');
      await reset(page, 'It clicks cleanly, fully off and back on', 'It held');
      await expect(heading(page)).toHaveText(/^Test \d/);
      await page.getByText('Something else is connected').click();
      await expectSound(page, 'isolate');
      const caseId = page.url().split('/').at(-1)!;
      await page.goto(`/cases/${caseId}/handover`);
      await expect(page.getByRole('article', { name: 'Hand-over' })).toBeVisible();
      await expectSound(page, 'hand-over');
      await page.goto(`/cases/${caseId}`);
      const trial = (await heading(page).textContent())!;
      await next(page).getByRole('button', { name: 'I’m not sure' }).click();
      await moved(page, trial);
      const last = await unsureUntil(page, /electrician/);
      await expectSound(page, `the end: ${last ?? 'decided'}`);
      await page.goto(path);
      await expect(page.getByRole('link', { name: 'Continue the open case' })).toBeVisible();
      const answer = await request.post(`/api/v1/cases/${caseId}/answers`, {
        data: { answers: [{ test: 'smell', outcome: 'hot-plastic', at: new Date().toISOString() }] },
      });
      expect(answer.status()).toBe(201);
      await page.goto(`/cases/${caseId}`);
      await expect(page.getByRole('heading', { name: 'Stop.' })).toBeVisible();
      await expectSound(page, 'stop');
    });

    test('on a detail that stops, and on all the tabs of one', async ({ page, request }) => {
      await page.goto(await detailPath(request, 'Sump pump'));
      await expect(page.getByRole('heading', { name: 'Stop.' })).toBeVisible();
      await expectSound(page, 'stop', BESIDE);

      await page.goto(await detailPath(request, 'Steam press and tea corner'));
      await asElectrician(page);
      await expect(page.getByRole('heading', { name: 'Not the breaker: too much load' })).toBeVisible();
      await expectSound(page, 'detail', BESIDE);
      for (const part of BENCH_PARTS) {
        await page.getByRole('tab', { name: 'Trip analysis' }).click();
        await page.getByRole('tab', { name: part }).click();
        await expect(page.getByRole('tabpanel', { name: part })).not.toContainText(/ing (every set )?…/);
        await expectSound(page, `bench ${part}`, [...BESIDE, DECIDED]);
      }
      await page.getByRole('tab', { name: 'Log' }).click();
      for (const tab of ['Trip', 'Held', 'Reset', 'Observe', 'Inspect', 'Circuit', 'Breaker', 'Record']) {
        await page.getByRole('tab', { name: tab, exact: true }).click();
        if (tab === 'Breaker') await page.getByText('Replaced with a new breaker').click();
        if (tab === 'Record')
          await expect(page.getByRole('img', { name: /^Current over time/ })).toBeVisible();
        await expectSound(page, `tab ${tab}`, [...BESIDE, DECIDED]);
      }
      await page
        .getByRole('button', { name: /^Void:/ })
        .first()
        .click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await expectNoViolation(page, 'dialog', [...BESIDE, DECIDED]);
    });
  });
}
