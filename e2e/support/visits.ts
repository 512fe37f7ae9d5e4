import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import type { Board } from '@phylaxon/core/views/board';
import { heading, next } from './cases.ts';

/** Log at the breakers of a panel that a known good part in their place cured it: each is to be replaced. */
export async function decideToReplace(
  request: APIRequestContext,
  panelId: string,
  labels: readonly string[],
) {
  const board = (await (await request.get(`/api/v1/panels/${panelId}`)).json()) as Board;
  return Promise.all(
    labels.map(async (label) => {
      const { id } = board.breakers.find((one) => one.label === label)!.breaker;
      const answer = await request.post(`/api/v1/breakers/${id}/observations`, {
        data: { test: 'known-good-swap', outcome: 'fault-stays-with-breaker', at: new Date().toISOString() },
      });
      expect(answer.status()).toBe(201);
      return id;
    }),
  );
}

/** What meters show in a sound house, by the reading that is asked for. */
const figureFor = (label: string): string => {
  if (/Known live source|Voltage at the load/.test(label)) return '120.4';
  if (/between the two poles/i.test(label)) return '241';
  if (/Torque/.test(label)) return '25';
  return '0.3';
};

/** Answer all that a screen of a visit asks for, as a sound house does, by the keyboard. */
async function answerScreen(page: Page) {
  const steps = next(page).locator('[data-step]');
  const fields = steps.getByRole('textbox');
  const asks = steps.getByRole('group');
  for (let i = 0; i < (await fields.count()); i++) {
    const field = fields.nth(i);
    await expect(field).toBeEnabled();
    await field.fill(
      figureFor((await field.evaluate((one: HTMLInputElement) => one.labels![0]!.textContent))!),
    );
    await field.press('Tab');
  }
  for (let i = 0; i < (await asks.count()); i++)
    await pressWhenReady(asks.nth(i).getByRole('button').first());
  await pressWhenReady(next(page).locator('[data-confirm]'));
}

/** A visit has many steps: each is looked for as soon as it may be there. */
const QUICK = { timeout: 15_000, intervals: [20, 40, 60, 100] };

/** The title of the step in view, once another than this one is. */
async function titleAfter(page: Page, title: string): Promise<string> {
  await expect.poll(async () => (await heading(page).allTextContents())[0] ?? 'end', QUICK).not.toBe(title);
  return (await heading(page).allTextContents())[0] ?? 'end';
}

/** Enter on a button that is still busy would be lost: wait until it takes it. */
async function pressWhenReady(button: Locator) {
  await expect(button).toBeEnabled();
  await button.press('Enter');
}

/** How far it is: what happened so far, and the step in view; what a button says while it is busy does not count. */
const signOf = async (page: Page) => {
  const happened = await page.getByRole('region', { name: 'Events' }).locator('li').count();
  return `${happened} ${(await heading(page).allTextContents())[0] ?? 'end'}`;
};

/**
 * Go on with a visit as a sound house lets it go, by the keyboard, until a step of this name is in view.
 *
 * @param until its title
 * @returns how many screens were confirmed on the way
 */
export async function visitUntil(page: Page, until: RegExp): Promise<number> {
  await heading(page).waitFor();
  // Between two screens there may be none for a moment: it has ended only where it says what came of it.
  const screenOrResult = heading(page).or(page.getByRole('region', { name: 'Result' }));
  for (let i = 0; i < 160; i++) {
    await screenOrResult.first().waitFor();
    const title = (await heading(page).allTextContents())[0] ?? 'end';
    if (until.test(title)) return i;
    if (title === 'end') throw new Error(`It ended before ${until}.`);
    const sign = await signOf(page);
    if ((await next(page).locator('[data-confirm]').count()) > 0) await answerScreen(page);
    else await pressWhenReady(next(page).locator('button.min-h-14').first());
    await expect.poll(() => signOf(page), QUICK).not.toBe(sign);
  }
  throw new Error('It never came.');
}

/** Report what is amiss at this step, and wait for the choice it leads to. */
export async function report(page: Page, words: string) {
  const title = (await heading(page).textContent())!;
  await page.getByText('Report a problem').click();
  await page.getByRole('button', { name: words }).click();
  return titleAfter(page, title);
}
