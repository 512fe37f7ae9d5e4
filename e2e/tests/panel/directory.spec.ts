import { expect } from '@playwright/test';
import { test } from '../../support/index.ts';

test('a 42-space panel is drawn and filled by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Set up a panel at another site' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Set up a panel' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Site' }).focus();
  await page.keyboard.type('Rope walk');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.press('ControlOrMeta+A');
  await page.keyboard.type('42');
  await page.keyboard.press('Enter');

  const text = page.getByRole('textbox', { name: /^One breaker per line/ });
  await text.focus();
  await page.keyboard.type('1 hall 20\n1 porch 15');
  await expect(page.getByText('Line 2: Space 1 is taken.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add 1 breaker' })).toBeDisabled();

  await page.keyboard.press('ControlOrMeta+A');
  const singles = Array.from(
    { length: 38 },
    (_, i) => `${i + 5} circuit ${i + 5} ${i % 2 ? 15 : 20}${i % 9 ? '' : ' af'}`,
  );
  await page.keyboard.insertText(
    ['1-3 range 50', '2u office 15', '2l router 15', '4 laundry 20 gf', ...singles].join('\n'),
  );
  await expect(page.getByRole('button', { name: 'Add 42 breakers' })).toBeEnabled();
  await page.keyboard.press('ControlOrMeta+Enter');

  const board = page.getByRole('navigation', { name: 'Breakers of Main panel' });
  await expect(board.getByRole('link')).toHaveCount(43);
  await expect(board.getByRole('link', { name: /^Space 1–3, range, 50 A/ })).toBeVisible();
  await expect(board.getByRole('link', { name: /^Space 42, circuit 42, 15 A/ })).toBeVisible();
  await expect(board.getByRole('link', { name: /empty: install a breaker/ })).toHaveCount(0);
});
