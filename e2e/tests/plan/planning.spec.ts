import { expect, type APIRequestContext } from '@playwright/test';
import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import type { Planning } from '@phylaxon/core/views/planning';
import { LOOKS, asElectrician, ownPanel, test, openJobPage } from '../../support/index.ts';

const told = async <T>(request: APIRequestContext, path: string) =>
  (await (await request.get(`/api/v1${path}`)).json()) as T;

const boardOf = (request: APIRequestContext, path: string) => told<Board>(request, path);

/** A circuit with one load, W at 120 V. */
async function withLoad(request: APIRequestContext, path: string, label: string, watts: number) {
  const { breakers } = await boardOf(request, path);
  const { id } = breakers.find((one) => one.label === label)!.breaker;
  const { circuit } = await told<BreakerDetail>(request, `/breakers/${id}`);
  const answer = await request.put(`/api/v1/breakers/${id}/circuit`, {
    data: { version: circuit!.version, label, loads: [{ name: label, watts, volts: 120 }] },
  });
  expect(answer.status()).toBe(200);
  return id;
}

for (const { name, size } of LOOKS) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('two wires under one screw: a second breaker is planned on the board, and is on the list', async ({
      page,
      request,
    }) => {
      const { path } = await ownPanel(request, ['2 Kitchen 20', '3 Hall 15']);
      const id = await withLoad(request, path, 'Kitchen', 2640);
      await page.goto(`${path}/breakers/${id}`);
      await asElectrician(page);
      await page.getByRole('tab', { name: 'Circuit' }).click();
      await page.getByRole('link', { name: 'Two wires under one screw' }).click();
      const todo = page.getByRole('region', { name: 'What to do' });
      await expect(todo.getByRole('status')).toHaveText('Second breaker');
      await page.getByLabel('First wire, current (A)').fill('6');
      await page.getByLabel('Second wire, current (A)').fill('7,5');
      await expect(todo.getByRole('status')).toHaveText('Splice both to one pigtail');
      await page.getByLabel('Second wire, current (A)').fill('14');
      await page.getByRole('link', { name: 'Plan the second breaker' }).click();
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await expect(plan.getByRole('status').first()).toContainText('Free space: space 1');
      await page.getByLabel('Location', { exact: true }).selectOption('kitchen-counter');
      await expect(page.getByRole('region', { name: 'Breaker type' })).toContainText('210.8(A)(6)');
      await plan.getByRole('button', { name: 'Save as a proposal' }).click();
      await expect(plan).toContainText('Saved as a proposal');
      // Planned on the board, and never as fact: after a reload, gone with undo, there again with redo.
      await page.goto(path);
      const space = page.getByRole('link', { name: /^Space 1, .*planned: Kitchen, second wire/ });
      await expect(space).toBeVisible();
      expect((await boardOf(request, path)).breakers.some(({ breaker }) => breaker.space === 1)).toBe(false);
      await openJobPage(page, 'Plan', 'Parts list');
      const breakers = page.getByRole('region', { name: 'Breakers' });
      await expect(breakers).toContainText('20 A one-pole GFCI and AFCI breaker');
      await breakers.getByRole('checkbox').check();
      await page.reload();
      await expect(breakers.getByRole('checkbox')).toBeChecked();
      const saving = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Save as CSV' }).click();
      expect((await saving).suggestedFilename()).toBe('what-to-buy.csv');
      const { site, steps } = await boardOf(request, path);
      await request.post(`/api/v1/sites/${site.id}/undo`, { data: { edit: steps.undo!.id } });
      await page.goto(path);
      await expect(page.getByRole('link', { name: /^Space 1, / })).toBeVisible();
      await expect(space).toHaveCount(0);
      const { steps: then } = await boardOf(request, path);
      await request.post(`/api/v1/sites/${site.id}/redo`, { data: { edit: then.redo!.id } });
      await expect(space).toBeVisible();
    });

    test('a full panel makes room for a charger that the service carries, and refuses one that it cannot', async ({
      page,
      request,
    }) => {
      const { path } = await ownPanel(
        request,
        [1, 2, 3, 4, 6, 7, 8, 9, 11, 12].map((space) => `${space} Circuit ${space} 20`),
      );
      await page.goto(path);
      await asElectrician(page);
      await openJobPage(page, 'Plan', 'Service load');
      await page.getByLabel('Main, A').fill('200');
      await page.getByLabel('Floor area, outside dimensions, ft²').fill('1500');
      const add = page.getByRole('region', { name: 'Can this load be added?' });
      await expect(add.getByRole('status')).toContainText('Yes: the service has capacity');
      await page.getByLabel('Main, A').fill('60');
      await expect(add.getByRole('status')).toContainText('Yes, at a lower setting');
      await page.getByLabel('Highest 15-minute demand, A').fill('47');
      await add.getByLabel('Method').selectOption('measured');
      await expect(add.getByRole('status')).toContainText('No: the service must be upgraded');
      await expect(add.getByRole('status')).toContainText('At full power it needs a 110 A');
      await page.getByLabel('Highest 15-minute demand, A').fill('20');
      await page.getByLabel('Main, A').fill('200');
      await page.getByRole('button', { name: 'Save these figures' }).click();
      await expect(page.getByLabel('Main, A')).toHaveValue('200');
      await expect(page.getByText(/^As saved on/)).toBeVisible();
      await page.reload();
      await expect(page.getByLabel('Floor area, outside dimensions, ft²')).toHaveValue('1500');
      await add.getByRole('link', { name: 'Find room for it in the panel' }).click();
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await expect(plan.getByRole('status').first()).toContainText('Room at spaces');
      await expect(
        plan
          .getByRole('listitem')
          .filter({ hasText: /^\S*Move/ })
          .first(),
      ).toBeVisible();
      // Another place is checked the same way.
      await page.getByLabel('Where').selectOption('1');
      await expect(plan.getByRole('status').first()).toContainText('Room at spaces 1 and 3 after 2 steps');
      await page.getByLabel('Where').selectOption('12');
      await expect(plan.getByRole('status').first()).toContainText('No room for this circuit');
      await page.getByLabel('Where').selectOption('0');
      await page.getByLabel('Location', { exact: true }).selectOption('garage');
      await page.getByLabel('Local rule: Garage').selectOption('none');
      await expect(page.getByRole('region', { name: 'Breaker type' })).toContainText(
        'Your own list requires nothing',
      );
      // The service would carry it; the main of this panel, 60 A, does not.
      await expect(plan.getByRole('status').first()).toContainText('The load does not fit: Shed panel main');
      await page.getByLabel('Load (A)').fill('20');
      await expect(plan.getByRole('status').first()).toContainText('✓');
      await page.getByLabel('New circuit').fill('Charger');
      await plan.getByRole('button', { name: 'Save as a proposal' }).click();
      await expect(page.getByRole('region', { name: 'Proposals for this panel' })).toContainText(
        'Charger: 50 A two-pole',
      );
    });

    test('a charger behind a feeder is refused, with ways that fit; the cheapest goes on to a visit', async ({
      page,
      request,
    }) => {
      const { path, siteId } = await ownPanel(request, ['1 Kettle 20', '3-5 Barn 50']);
      const fed = (await boardOf(request, path)).breakers.find(({ label }) => label === 'Barn')!;
      const made = await request.post(`/api/v1/sites/${siteId}/panels`, {
        data: { name: 'Barn panel', spaces: 8, busAmps: 100, fedByBreakerId: fed.breaker.id },
      });
      const { id: barnId } = (await made.json()) as { id: string };
      const text = ['1 Pump 20', '2 Saw 20', '3 Lights 15', '4 Fan 15', '6 Bench 20', '7 Door 15'].join('\n');
      await request.post(`/api/v1/panels/${barnId}/directory`, { data: { text } });
      await withLoad(request, `/panels/${barnId}`, 'Pump', 1920);
      await page.goto(`/panels/${barnId}/room?poles=2&amps=40&title=Charger`);
      await asElectrician(page);
      await page.getByLabel('Equipment').selectOption('vehicle-outlet');
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      const save = plan.getByRole('button', { name: 'Save as a proposal' });
      const status = plan.getByRole('status').first();
      await expect(status).toHaveText(
        '✕ Room at spaces 3 and 5 after one step. The load does not fit: Feeder of Barn panel, 3–5 in Shed panel',
      );
      await expect(save).toBeDisabled();
      const ways = plan.getByRole('list').filter({ hasText: 'Choose a smaller load' });
      await expect(ways.getByRole('listitem')).toHaveText([
        /^Choose a smaller load, or a lower setting: at most 27/,
        /^Use an energy management system/,
        /^Connect it to Shed panel instead/,
        /^Have the feeder replaced, sized for 60/,
      ]);
      await ways.getByRole('button', { name: /^Plan with 27/ }).click();
      await expect(page.getByLabel('Load (A)')).toHaveValue('27');
      await expect(status).toContainText('✓ Room at spaces 3 and 5 after one step');
      // The others were never measured, and that is said.
      await expect(plan.getByText(/^\d circuits have no reading and no listed load/)).toBeVisible();
      await save.click();
      await expect(plan).toContainText('Saved as a proposal');
      await page.goto(`/sites/${siteId}/visits`);
      await expect(page.getByText('Planned: Charger').first()).toBeVisible();
    });

    test('a breaker that is carried on the board becomes a plan, and nothing is changed', async ({
      page,
      request,
    }) => {
      const { path } = await ownPanel(request, ['1 Kettle 20', '2 Oven 20', '3 Freezer 15']);
      await page.goto(path);
      await asElectrician(page);
      const before = (await boardOf(request, path)).breakers.map(({ breaker }) => [
        breaker.id,
        breaker.space,
      ]);
      const board = page.getByRole('region', { name: 'Board' });
      await board.getByRole('button', { name: 'Arrange breakers' }).press('Enter');
      await page.getByLabel(/^Plan only/).check();
      await board.getByRole('button', { name: '1, Kettle' }).focus();
      await page.keyboard.press('Space');
      await expect(board.getByRole('status').first()).toContainText('Back in its old space.');
      await page.keyboard.press('ArrowRight');
      await expect(board.getByRole('status').first()).toContainText('To 2, as a plan.');
      await page.keyboard.press('Space');
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await expect(plan.getByRole('status').first()).toContainText('1 Kettle can move to space 2');
      await expect(plan.getByRole('listitem').first()).toContainText('Move 2 Oven');
      await plan.getByRole('button', { name: 'Save as a proposal' }).click();
      await expect(page.getByRole('region', { name: 'Proposals for this panel' })).toContainText(
        'Kettle to space 2',
      );
      const after = (await boardOf(request, path)).breakers.map(({ breaker }) => [breaker.id, breaker.space]);
      expect(after).toEqual(before);
    });

    test('what if never stores', async ({ page, request }) => {
      const { path } = await ownPanel(request, ['1 Bench 20']);
      const id = await withLoad(request, path, 'Bench', 1200);
      const before = await told<BreakerDetail>(request, `/breakers/${id}`);
      await page.goto(`${path}/breakers/${id}/what-if`);
      await asElectrician(page);
      const answer = page.getByRole('region', { name: 'Result' });
      await expect(answer.getByRole('status')).toContainText('The breaker suits the circuit');
      await page.getByLabel('Breaker', { exact: true }).selectOption('30');
      await expect(answer.getByRole('status')).toContainText('too large for the conductor');
      await page.getByLabel('Conductor', { exact: true }).selectOption('10');
      await page.getByLabel('Additional load (A)').fill('4');
      await page.getByLabel('Length (m)').fill('20');
      await expect(answer.getByRole('row', { name: /^Load / })).toContainText('14 A');
      await expect(answer.getByRole('row', { name: /^Voltage drop/ })).toContainText('%');
      const after = await told<BreakerDetail>(request, `/breakers/${id}`);
      expect([after.breaker, after.circuit]).toEqual([before.breaker, before.circuit]);
      const { site } = await boardOf(request, path);
      const { panels } = await told<Planning>(request, `/sites/${site.id}/planning`);
      expect(panels.flatMap(({ proposals }) => proposals)).toEqual([]);
      // What does not fit is not kept.
      await expect(page.getByRole('button', { name: 'Save as a proposal' })).toBeDisabled();
      await page.getByLabel('Breaker', { exact: true }).selectOption('20');
      await page.getByRole('button', { name: 'Save as a proposal' }).click();
      await expect(page.getByText('Saved as a proposal')).toBeVisible();
      const kept = await told<BreakerDetail>(request, `/breakers/${id}`);
      expect([kept.breaker, kept.circuit]).toEqual([before.breaker, before.circuit]);
    });
  });
}
