import { expect } from '@playwright/test';
import type { BreakerDetail, Board } from '@phylaxon/core/views/board';
import { ownPanel, test, openJobPage } from '../../support/index.ts';

test.use({ viewport: { width: 390, height: 844 } });

test('a round of handles, put down and taken up; what does not come back is a finding with its decision', async ({
  page,
  request,
}) => {
  const { panelId, path, siteId } = await ownPanel(request, [
    '1 Router and alarm 15',
    '2 Oven 40',
    '3 Hall 15',
  ]);
  await page.goto(path);
  await openJobPage(page, 'Maintain & report', 'Maintenance');
  const due = page.getByRole('list', { name: 'Maintenance due' });
  await expect(due.getByRole('listitem').filter({ hasText: 'Exercise the breakers' })).toContainText(
    'no record',
  );
  // What lies behind the cover is no homeowner’s.
  await expect(due.getByRole('listitem').filter({ hasText: 'Terminals, heat' })).toContainText(
    'Work for a qualified electrician',
  );
  await page.getByRole('button', { name: 'Start: Exercise the breakers' }).click();
  // Critical loads are asked about before anything is turned off; the circuit names are a first guess.
  const power = page.getByRole('region', { name: 'Critical loads' });
  await expect(power.getByLabel('1 Router and alarm')).toBeChecked();
  await expect(power.getByLabel('3 Hall')).not.toBeChecked();
  await power.getByRole('button', { name: 'This one comes last' }).click();
  const groups = page.getByRole('region', { name: 'Maintenance task' }).getByRole('group');
  await expect(page.getByRole('region', { name: 'Critical loads, last' }).getByRole('group')).toHaveAttribute(
    'aria-label',
    '1 Router and alarm',
  );
  await groups.first().getByRole('button', { name: 'Clicks cleanly off and on' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Start: Exercise the breakers' }).click();
  await expect(groups.first().getByRole('button', { name: 'Clicks cleanly off and on' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await groups.nth(1).getByRole('button', { name: 'Does not turn back on' }).click();
  await expect(page.getByText('Leave it as it is and do not force it.')).toBeVisible();
  await groups.nth(2).getByRole('button', { name: 'Clicks cleanly off and on' }).click();
  await page.getByRole('button', { name: 'All done, 1 need attention' }).click();
  await expect(page.getByRole('region', { name: 'Completed maintenance' })).toContainText(
    '1 of 3 need attention',
  );
  await expect(due.getByRole('listitem').filter({ hasText: 'Exercise the breakers' })).toContainText('Next');
  const { breakers } = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  const { id } = breakers.find(({ label }) => label === 'Hall')!.breaker;
  const detail = (await (await request.get(`/api/v1/breakers/${id}`)).json()) as BreakerDetail;
  expect(detail.verdict.decision.headline).not.toMatch(/^Save note/);
  const calendar = await request.get(`/api/v1/sites/${siteId}/upkeep.ics`);
  expect(await calendar.text()).toContain('RRULE:FREQ=MONTHLY;INTERVAL=6');
  // Dates of one’s own, and back to what is usual.
  const handles = due.getByRole('listitem').filter({ hasText: 'Exercise the breakers' });
  await handles.getByText('Custom dates').click();
  await handles.getByLabel('Interval, months').fill('0');
  await expect(handles.getByRole('alert')).toHaveText('Enter a whole number of months from 1 to 60.');
  await handles.getByLabel('Interval, months').fill('4');
  await handles.getByRole('button', { name: 'Save dates' }).click();
  await expect(handles).toContainText('by your custom dates');
  // What was said holds for a map of the house too.
  await page.goto(`${path}/map`);
  await page.getByText('Breakers that stay on: 1').click();
  await expect(page.getByLabel('1 Router and alarm stays on')).toBeChecked();
  // Its days are those of where it is.
  await page.goto(`/sites/${siteId}`);
  const about = page.getByRole('form', { name: 'Name, note and time zone' });
  await about.getByLabel('Time zone').selectOption('Pacific/Auckland');
  await about.getByRole('button', { name: 'Save' }).click();
  await expect
    .poll(async () => (await request.get(`/api/v1/sites/${siteId}/upkeep.ics?zone=UTC`)).text())
    .toContain('Pacific/Auckland');
  await page.goto('/');
  const keep = page.getByRole('region', { name: 'Preventive maintenance' });
  await expect(keep.getByRole('link').first()).toBeVisible();
});
