import { expect, type APIRequestContext, type Page } from '@playwright/test';
import type { Board } from '@phylaxon/core/views/board';
import { asElectrician, ownBreaker, ownPanel, test, openJobPage } from '../../support/index.ts';

const clamp = async (request: APIRequestContext, path: string, amps: Record<string, number>) => {
  const board = (await (await request.get(`/api/v1${path}`)).json()) as Board;
  const entries = board.breakers.flatMap(({ breaker, label }) =>
    amps[label ?? ''] === undefined
      ? []
      : [
          {
            kind: 'reading',
            breakerId: breaker.id,
            entry: {
              quantity: 'current',
              point: 'conductor',
              value: amps[label!],
              loadState: 'normal',
              at: new Date().toISOString(),
            },
          },
        ],
  );
  expect((await request.post(`/api/v1${path}/log`, { data: { entries } })).status()).toBe(201);
};

test('both legs, and the moves that balance them; a move is put aside', async ({ page, request }) => {
  const { path } = await ownPanel(request, ['1 oven 20', '5 lathe 20', '9 kettle 20', '3 lights 15']);
  await clamp(request, path, { oven: 12, lathe: 9, kettle: 6, lights: 2 });
  await page.goto(path);
  await asElectrician(page);
  await openJobPage(page, 'Measure', 'Supply and legs');
  const legs = page.getByRole('region', { name: 'Legs' });
  await expect(legs).toContainText('The legs differ by 25 A');
  const moves = page.getByRole('region', { name: 'Moves' });
  await expect(moves.getByRole('listitem').first()).toContainText('1 oven to leg B');
  await expect(moves.getByRole('listitem').first()).toContainText('difference 1 A');
  await moves.getByRole('button', { name: 'Save as a task for the visit' }).first().click();
  await expect(moves.getByText('✓ Saved as a note')).toBeVisible();
});

const supply = (page: Page) => page.getByRole('region', { name: 'Supply check' });

test('the main is clamped beside its circuits: what none explains is told, kept, and still there after a reload', async ({
  page,
  request,
}) => {
  const { path } = await ownPanel(request, ['1 Oven 20', '2 Kettle 20']);
  await page.goto(`${path}/legs`);
  const main = page.getByRole('region', { name: 'Currents at the main' });
  await expect(main).toContainText('An electrician measures these currents');
  await asElectrician(page);
  await main.getByLabel('Leg A at the main (A)').fill('31');
  await main.getByLabel('Leg B at the main (A)').fill('0.4');
  await main.getByLabel('Neutral at the main (A)').fill('30.8');
  await expect(main).toContainText('The legs differ by 30.6 A at the main.');
  await expect(main).toContainText(/Leg A: 3\d.* of the current at the main is not in the measured circuits/);
  await expect(main).toContainText('2 circuits were not measured');
  await main.getByLabel('Neutral at the main (A)').fill('12');
  await expect(main).toContainText('returns by another path');
  await main.getByRole('button', { name: 'Log these currents' }).click();
  await expect(main).toContainText('Currents logged');
  await page.reload();
  await expect(main.getByRole('table')).toContainText('Clamp, neutral 12 A');
});

test('the supply: a neutral that is loose under load is called a danger, and who acts', async ({
  page,
  request,
}) => {
  const { path } = await ownPanel(request, ['1 oven 20']);
  await page.goto(`${path}/legs`);
  await expect(supply(page)).toContainText('by an electrician');
  await asElectrician(page);
  const fill = async (nth: number, a: string, b: string) => {
    await supply(page).getByLabel('Leg A to neutral (V)').nth(nth).fill(a);
    await supply(page).getByLabel('Leg B to neutral (V)').nth(nth).fill(b);
  };
  await fill(0, '121', '120.5');
  await expect(supply(page)).toContainText('Both legs are normal');
  await fill(1, '131', '109');
  await expect(supply(page)).toContainText('The legs differ by 22 V under load');
  await expect(supply(page)).toContainText('Call the utility.');
  await supply(page).getByRole('button', { name: 'Log at the main' }).click();
  await expect(supply(page).getByText('✓ Logged at the main')).toBeVisible();
});

test('a bad joint is found by halving the run, and logged as evidence', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  await asElectrician(page);
  await page.getByRole('link', { name: 'Find a bad connection' }).filter({ visible: true }).first().click();
  await page.getByLabel(/Load current/).fill('12');
  const point = (name: string) => page.getByRole('listitem').filter({ hasText: name });
  const read = async (name: string, unloaded: string, loaded: string) => {
    await point(name).getByLabel('No load (V)').fill(unloaded);
    await point(name).getByLabel('Under load (V)').fill(loaded);
  };
  await expect(page.getByText('Measure at Breaker’s load terminal next.')).toBeVisible();
  await read('Breaker’s load terminal', '121', '120.6');
  await expect(page.getByText('Measure at Outlet 4 next.')).toBeVisible();
  await read('Outlet 4', '121', '113.2');
  await expect(page.getByText(/Measure at Outlet 2 next to halve/)).toBeVisible();
  await read('Outlet 2', '121', '120');
  await read('Outlet 3', '121', '113.5');
  await expect(page.getByRole('region', { name: 'Result' })).toContainText('Between Outlet 2 and Outlet 3');
  await page.getByRole('button', { name: 'Save as evidence' }).click();
  await expect(page.getByText('✓ Saved as evidence')).toBeVisible();
});

test('a common thing fills a load, one measured at its plug becomes volt-amperes that the breaker feels', async ({
  page,
  request,
}) => {
  await page.goto(await ownBreaker(request));
  await page.getByRole('tab', { name: 'Circuit' }).click();
  await page.getByLabel('Add a common appliance').fill('kettle');
  await page.getByRole('option', { name: /Kettle/ }).click();
  await expect(page.getByRole('textbox', { name: 'Watts' }).first()).toHaveValue('1500');
  await page.getByRole('button', { name: 'Measured with a plug-in meter' }).click();
  const plug = page.getByRole('group', { name: 'Measured with a plug-in meter' });
  await plug.getByLabel('Appliance').fill('Cabinet lights');
  await plug.getByLabel('Volts (V)').fill('120');
  await plug.getByLabel('Amps (A)').fill('0.5');
  await plug.getByLabel('Watts (W), if the meter shows them').fill('30');
  await expect(plug).toContainText('60 VA');
  await expect(plug).toContainText('2 times as much');
  await plug.getByRole('button', { name: /Add the measured load/ }).click();
  await page.getByRole('button', { name: /Save/ }).filter({ visible: true }).first().click();
  await expect(page.getByText('✓ Saved. The decision is up to date.')).toBeVisible();
  const id = page.url().split('/').at(-1)!;
  const { circuit } = (await (await request.get(`/api/v1/breakers/${id}`)).json()) as {
    circuit: { loads: { name: string; voltAmperes: number; errorVoltAmperes: number }[] };
  };
  expect(circuit.loads[1]).toMatchObject({ name: 'Cabinet lights', voltAmperes: 60, errorVoltAmperes: 0.85 });
});
