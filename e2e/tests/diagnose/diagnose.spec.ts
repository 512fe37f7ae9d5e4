import { expect } from '@playwright/test';
import { asElectrician, decision, detailPath, ownBreaker, test } from '../../support/index.ts';

test('from the start page, by keyboard alone, readings turn “measure next” into “replace”, and stay', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('radio', { name: 'Homeowner' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Electrician' })).toBeChecked();
  await page
    .getByRole('region', { name: 'Saltmarsh Sail Loft' })
    .getByRole('link', { name: /^Main panel/ })
    .focus();
  await page.keyboard.press('Enter');

  const board = page.getByRole('navigation', { name: 'Breakers of Main panel' });
  await board.getByRole('link', { name: /^Main breaker/ }).focus();
  const wanted = board.getByRole('link', { name: /^Space 19 lower, Router and alarm/ });
  for (let presses = 0; presses < 20; presses++) {
    if (await wanted.evaluate((element) => element === document.activeElement)) break;
    await page.keyboard.press('ArrowDown');
  }
  await expect(wanted).toBeFocused();
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { name: /Router and alarm/ })).toBeVisible();
  await expect(decision(page)).toContainText('Measure this next');

  await page.getByRole('button', { name: 'Log a reset' }).press('Enter');
  const reset = page.getByRole('tabpanel', { name: 'Reset' });
  await reset.getByRole('radio', { name: 'Clean clicks, off and on' }).press('Space');
  await reset.getByRole('radio', { name: 'It held' }).press('Space');
  await reset.getByRole('button', { name: 'Save reset' }).press('Enter');
  await expect(reset.getByText('✓ Saved')).toBeVisible();
  await expect(decision(page)).toContainText('Measure this next');

  await page.getByRole('button', { name: 'Log a reading' }).press('Enter');
  const reading = page.getByRole('tabpanel', { name: 'Reading' });
  await reading.getByRole('textbox', { name: 'Load terminal, V' }).fill('0.3');
  await reading.getByRole('textbox', { name: 'Supply leg A to neutral, V' }).fill('121,2');
  await reading.getByRole('textbox', { name: 'Supply leg B to neutral, V' }).fill('119.9');
  await page.keyboard.press('Enter');
  await expect(decision(page).getByRole('heading', { name: 'Replace this breaker' })).toBeVisible();
  await decision(page).getByText('Details', { exact: true }).press('Enter');
  await expect(decision(page).getByText('Breaker no longer closes', { exact: true })).toBeVisible();
  await expect(decision(page)).toContainText('0.3 V');

  await page.reload();
  await expect(decision(page).getByRole('heading', { name: 'Replace this breaker' })).toBeVisible();
  await expect(board.getByRole('link', { name: /Router and alarm.*Replace this breaker/ })).toHaveAttribute(
    'aria-current',
    'true',
  );
  await page.getByRole('tab', { name: 'Record' }).click();
  await expect(page.getByText('Supply leg A to neutral 121.2 V')).toBeVisible();
});

test('a danger sign takes the detail: what to do, whom to call, and nothing about resetting', async ({
  page,
  request,
}) => {
  await page.goto(await ownBreaker(request));
  await decision(page).getByRole('button', { name: 'Log reading: Sound at the panel' }).click();
  const look = page.getByRole('tabpanel', { name: 'Observe' });
  await look.getByRole('radio', { name: 'It sizzles or crackles' }).check();
  await look.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').getByRole('heading', { name: 'Stop.' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'Stop' })).toContainText(
    'Call a licensed electrician',
  );
  await expect(decision(page)).not.toContainText(/Reset it/);
});

test('the trip form tells what a sound breaker would do, while typing', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  await page.getByRole('button', { name: 'Log a trip' }).click();
  const trip = page.getByRole('tabpanel', { name: 'Trip' });
  await trip.getByRole('textbox', { name: 'Current at the time, A' }).fill('16');
  await expect(trip.getByText('a sound breaker carries that indefinitely')).toBeVisible();
  await trip.getByRole('textbox', { name: 'Current at the time, A' }).fill('40');
  await expect(trip.getByText(/a sound breaker trips between 11 s and 2 min/)).toBeVisible();
});

test('the circuit is compared while typing, and an oversized breaker is told on the board', async ({
  page,
  request,
}) => {
  await page.goto(await ownBreaker(request));
  await page.getByRole('tab', { name: 'Circuit' }).click();
  await page.getByLabel('Wire size').selectOption('14');
  await expect(page.getByText('The breaker is too large for the conductor.')).toBeVisible();
  await page.getByRole('button', { name: 'Add a load' }).click();
  await page.getByRole('button', { name: 'Save circuit' }).click();
  await expect(page.getByText('The load name must not be empty.')).toBeVisible();
  await expect(page.getByText('Enter watts, volt-amperes or both.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Load', exact: true }).fill('Lathe');
  await page.getByRole('textbox', { name: 'Watts, W' }).fill('900');
  await page.getByRole('button', { name: 'Save circuit' }).click();
  await expect(
    decision(page).getByRole('heading', { name: 'Install a 15 A breaker instead of 20 A' }),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: /Space 1, Shed.*Install a 15 A breaker/ })).toBeVisible();
});

test('a homeowner is never led behind the cover', async ({ page, request }) => {
  await page.goto(await detailPath(request, 'Apartment: shower pump'));
  await expect(page.getByRole('textbox', { name: 'Outlet, V' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Load terminal, V' })).toHaveCount(0);
  await expect(decision(page)).toContainText('For an electrician: this is behind the cover.');
  await expect(decision(page)).not.toContainText('Clamp meter');
  await asElectrician(page);
  await expect(page.getByRole('textbox', { name: 'Load terminal, V' })).toBeVisible();
});

test('a struck entry stays in the record, crossed out, and no longer counts', async ({ page, request }) => {
  await page.goto(await ownBreaker(request));
  const reading = page.getByRole('tabpanel', { name: 'Reading' });
  await reading.getByRole('textbox', { name: 'Outlet, V' }).fill('131');
  await reading.getByRole('button', { name: 'Save readings' }).click();
  await expect(page.getByRole('heading', { name: 'Stop.' })).toBeVisible();

  await page.getByRole('tab', { name: 'Record' }).click();
  await page.getByRole('button', { name: 'Void: Voltage at the outlet 131 V' }).click();
  const dialog = page.getByRole('dialog', { name: 'Void this entry' });
  await dialog.getByRole('button', { name: 'Void entry' }).click();
  await expect(dialog.getByText('Enter why this entry is void.')).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Reason' }).fill('Meter on the wrong range');
  await dialog.getByRole('textbox', { name: /^Correct value/ }).fill('119.5');
  await dialog.getByRole('button', { name: 'Void entry' }).click();
  await expect(page.getByText(/Voided .*: Meter on the wrong range/)).toBeVisible();
  await expect(page.getByText('Voltage at the outlet 119.5 V')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Stop.' })).toHaveCount(0);
});

test('which conductor lands on a breaker is inspected, told on its page with what is amiss, and stays on record', async ({
  page,
  request,
}) => {
  await page.goto(await ownBreaker(request));
  await expect(page.getByRole('tab', { name: 'Inspect' })).toHaveCount(0);
  await asElectrician(page);
  await page.getByRole('tab', { name: 'Inspect' }).click();
  const form = page.getByRole('tabpanel', { name: 'Inspect' });
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText('Choose the insulation color.')).toBeVisible();
  await form.getByLabel('Insulation').selectOption('White');
  await form.getByRole('textbox', { name: 'Number or name tag' }).fill('12');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('White, tagged “12”')).toBeVisible();
  await expect(page.getByText(/White or gray marks a neutral/)).toBeVisible();
  await form.getByLabel('Insulation').selectOption('White');
  await form.getByLabel('Tape or paint color').selectOption('Black');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('White re-marked black')).toBeVisible();
  await expect(page.getByText(/White or gray marks a neutral/)).toHaveCount(0);
  await page.getByRole('tab', { name: 'Record' }).click();
  await expect(page.getByRole('list').getByText('Conductor marking: White, tagged “12”')).toBeVisible();
});
