import { expect } from '@playwright/test';
import type { BreakerDetail, Board } from '@phylaxon/core/views/board';
import { ownPanel, test } from '../../support/index.ts';

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
  await page.getByRole('link', { name: 'Maintenance' }).click();
  const due = page.getByRole('list', { name: 'What is due' });
  await expect(due.getByRole('listitem').filter({ hasText: 'Exercise the breakers' })).toContainText(
    'no record',
  );
  // What lies behind the cover is no homeowner’s.
  await expect(due.getByRole('listitem').filter({ hasText: 'Screws, heat' })).toContainText(
    'A qualified electrician',
  );
  await page.getByRole('button', { name: 'Begin: Exercise the breakers' }).click();
  // Critical loads are asked about before anything is turned off; the circuit names are a first guess.
  const power = page.getByRole('region', { name: 'Critical loads' });
  await expect(power.getByLabel('1 Router and alarm')).toBeChecked();
  await expect(power.getByLabel('3 Hall')).not.toBeChecked();
  await power.getByRole('button', { name: 'This one comes last' }).click();
  const groups = page.getByRole('region', { name: 'Round' }).getByRole('group');
  await expect(page.getByRole('region', { name: 'Last, together' }).getByRole('group')).toHaveAttribute(
    'aria-label',
    '1 Router and alarm',
  );
  await groups.first().getByRole('button', { name: 'Off and on, cleanly' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Begin: Exercise the breakers' }).click();
  await expect(groups.first().getByRole('button', { name: 'Off and on, cleanly' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await groups.nth(1).getByRole('button', { name: 'It does not come back on' }).click();
  await expect(page.getByText('Leave it as it is, and do not force it.')).toBeVisible();
  await groups.nth(2).getByRole('button', { name: 'Off and on, cleanly' }).click();
  await page.getByRole('button', { name: 'The round is done, 1 not as it should be' }).click();
  await expect(page.getByRole('region', { name: 'Rounds that were made' })).toContainText(
    '1 of 3 not as it should be',
  );
  await expect(due.getByRole('listitem').filter({ hasText: 'Exercise the breakers' })).toContainText('Next');
  const { breakers } = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  const { id } = breakers.find(({ label }) => label === 'Hall')!.breaker;
  const detail = (await (await request.get(`/api/v1/breakers/${id}`)).json()) as BreakerDetail;
  expect(detail.verdict.decision.headline).not.toMatch(/^Keep/);
  const calendar = await request.get(`/api/v1/sites/${siteId}/upkeep.ics`);
  expect(await calendar.text()).toContain('RRULE:FREQ=MONTHLY;INTERVAL=6');
  // Dates of one’s own, and back to what is usual.
  const handles = due.getByRole('listitem').filter({ hasText: 'Exercise the breakers' });
  await handles.getByText('Other dates').click();
  await handles.getByLabel('Every so many months').fill('0');
  await expect(handles.getByRole('alert')).toHaveText('Enter a whole number of months from 1 to 60.');
  await handles.getByLabel('Every so many months').fill('4');
  await handles.getByRole('button', { name: 'Keep these dates' }).click();
  await expect(handles).toContainText('by your own dates');
  // What was said holds for a map of the house too.
  await page.goto(`${path}/map`);
  await page.getByText('Breakers that stay on: 1').click();
  await expect(page.getByLabel('1 Router and alarm stays on')).toBeChecked();
  // Its days are those of where it is.
  await page.goto(`/sites/${siteId}`);
  const about = page.getByRole('form', { name: 'Name, note, time zone' });
  await about.getByLabel('Time zone').selectOption('Pacific/Auckland');
  await about.getByRole('button', { name: 'Store' }).click();
  await expect
    .poll(async () => (await request.get(`/api/v1/sites/${siteId}/upkeep.ics?zone=UTC`)).text())
    .toContain('Pacific/Auckland');
  await page.goto('/');
  const keep = page.getByRole('region', { name: 'To keep it so' });
  await expect(keep.getByRole('link').first()).toBeVisible();
});
