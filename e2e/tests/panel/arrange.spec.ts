import { expect, type Page } from '@playwright/test';
import { ownPanel, test } from '../../support/index.ts';

const board = (page: Page) => page.getByRole('region', { name: 'Board' });
const places = async (page: Page) =>
  (
    await page
      .getByRole('navigation', { name: /^Breakers of/ })
      .getByRole('link')
      .allInnerTexts()
  ).length;

test('a breaker is dragged to another space, refused where it cannot be, undone and redone', async ({
  page,
  request,
}) => {
  const { path } = await ownPanel(request, ['1 lathe 20', '2-4 range 40', '5 saw 15']);
  await page.goto(path);
  await board(page).getByRole('button', { name: 'Arrange breakers' }).click();
  const lathe = board(page).getByRole('button', { name: '1, lathe' });
  const onto = async (target: ReturnType<typeof board>) => {
    const [from, to] = [(await lathe.boundingBox())!, (await target.boundingBox())!];
    await page.mouse.move(from.x + 60, from.y + 20);
    await page.mouse.down();
    await page.mouse.move(to.x + 40, to.y + 20, { steps: 8 });
  };

  await onto(board(page).getByRole('button', { name: '2–4, range' }));
  await expect(board(page).getByRole('status').first()).toContainText('Not 2: Space 2 is taken.');
  await page.mouse.up();
  await expect(lathe).toBeVisible();

  await onto(board(page).getByText('empty').first());
  await expect(board(page).getByRole('status').first()).toContainText('To 3.');
  await page.mouse.up();
  await expect(board(page).getByRole('button', { name: '3, lathe' })).toBeVisible();

  await board(page).getByRole('button', { name: 'Arrange breakers' }).click();
  await expect(page.getByRole('link', { name: /^Space 3, lathe/ })).toBeVisible();
  await board(page).getByRole('button', { name: 'Undo: Moved a breaker to space 3' }).click();
  await expect(page.getByRole('link', { name: /^Space 1, lathe/ })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+Shift+Z');
  await expect(page.getByRole('link', { name: /^Space 3, lathe/ })).toBeVisible();
  expect(await places(page)).toBeGreaterThan(3);
});

test('a breaker is carried by keyboard alone, changing places with another', async ({ page, request }) => {
  const { path } = await ownPanel(request, ['1 lathe 20', '3 saw 15', '6u hall 15']);
  await page.goto(path);
  await board(page).getByRole('button', { name: 'Arrange breakers' }).press('Enter');
  const lathe = board(page).getByRole('button', { name: '1, lathe' });
  await lathe.focus();
  await page.keyboard.press('Space');
  await expect(board(page).getByRole('status').first()).toContainText('Back in its old space.');
  await page.keyboard.press('ArrowDown');
  await expect(board(page).getByRole('status').first()).toContainText('To 3, swapping');
  await page.keyboard.press('ArrowRight');
  await expect(board(page).getByRole('status').first()).toContainText('To 4.');
  await page.keyboard.press('ArrowLeft');
  await expect(board(page).getByRole('status').first()).toContainText('To 3, swapping');
  await page.keyboard.press('Space');
  await expect(board(page).getByRole('button', { name: '3, lathe' })).toBeVisible();
  await expect(board(page).getByRole('button', { name: '1, saw' })).toBeVisible();

  await board(page).getByRole('button', { name: '6 upper, hall' }).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Escape');
  await expect(board(page).getByRole('button', { name: '6 upper, hall' })).toBeVisible();
});

test('handles are tied, a part is replaced, a filler is noted, and each is undone by key', async ({
  page,
  request,
}) => {
  const { path } = await ownPanel(request, ['1 lathe 20', '3 saw 15']);
  await page.goto(path);
  await page.getByRole('link', { name: /^Space 1, lathe/ }).click();
  await page.getByRole('tab', { name: 'Breaker' }).click();
  await page.getByRole('button', { name: 'Tie to 3' }).click();
  await expect(page.getByText('This handle is tied to the one at 3')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Space 3, saw.*handle tie/ })).toBeVisible();

  await page.getByText('Replaced with a new breaker').click();
  await page.getByRole('textbox', { name: 'Why was it replaced?' }).fill('gritty');
  const old = page.url();
  await page.getByRole('button', { name: 'Save the new breaker' }).click();
  await page.waitForURL((url) => url.href !== old);
  await page.getByRole('tab', { name: 'Record' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: /Installed:\s*20\sA/ })).toBeVisible();
  await expect(page.getByText(/· gritty/)).toBeVisible();

  await page.getByRole('link', { name: 'Space 2, empty: install a breaker' }).click();
  await page.getByRole('button', { name: 'Open slot' }).click();
  await expect(
    page.getByRole('link', { name: 'Space 2, an open slot: it needs a filler plate: install a breaker' }),
  ).toBeVisible();
  await page.getByRole('heading', { name: /Empty space/ }).click();
  await page.keyboard.press('ControlOrMeta+Z');
  await expect(page.getByRole('link', { name: 'Space 2, empty: install a breaker' })).toBeVisible();
  await expect(
    board(page).getByRole('button', { name: 'Undo: Replaced the breaker in space 1' }),
  ).toBeVisible();
});
