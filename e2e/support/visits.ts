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

/** What meters show in a sound house, by what is asked. */
const figureFor = (title: string): string => {
  if (/Verify the meter|voltage at the load/i.test(title)) return '120.4';
  if (/between the two poles/i.test(title)) return '241';
  if (/connect (the|both) hot/i.test(title)) return '25';
  return '0.3';
};

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
 */
export async function visitUntil(page: Page, until: RegExp): Promise<string> {
  await heading(page).waitFor();
  for (let i = 0; i < 160; i++) {
    const title = (await heading(page).allTextContents())[0] ?? 'end';
    if (until.test(title)) return title;
    if (title === 'end') throw new Error(`It ended before ${until}.`);
    const sign = await signOf(page);
    const field = next(page).getByRole('textbox').first();
    if (/Meter reading|you set/.test((await next(page).locator('form label').allTextContents()).join())) {
      await field.fill(figureFor(title));
      // Enter on a button that is still busy would be lost.
      await expect(next(page).locator('form button[type=submit]')).toBeEnabled();
      await field.press('Enter');
    } else if (/outlet wiring/i.test(title))
      await pressWhenReady(next(page).getByRole('button', { name: 'Correct' }));
    else if (/test button/i.test(title))
      await pressWhenReady(next(page).getByRole('button', { name: 'Trips and resets' }));
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
