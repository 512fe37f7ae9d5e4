import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { decision, ownBreaker } from './site.ts';

/** The step of a case that is in view, and its name. */
export const next = (page: Page) => page.getByRole('region', { name: 'Next step' });
export const heading = (page: Page) => next(page).getByRole('heading', { level: 2 });
export const timeline = (page: Page) => page.getByRole('region', { name: 'Findings so far' });

/** What is tapped where everything at one spot is as it should be. */
export const NOTHING_AMISS =
  /^(I checked all of these|The handle is on and firm|None of these|I inspected all of these)/;

/** The senses at the closed panel, nothing amiss. */
export async function nothingAmiss(page: Page) {
  await expect(heading(page)).toHaveText(/Check the closed panel/);
  await page.getByRole('button', { name: 'I checked all of these. None apply.' }).click();
  await expect(heading(page)).not.toHaveText(/Check the closed panel/);
}

/** A panel of the test’s own with a breaker whose circuit has these loads; its detail’s address. */
export async function withLoads(
  request: APIRequestContext,
  label: string,
  names: string[],
  breaker: object = {},
) {
  const path = await ownBreaker(request, breaker);
  const loads = names.map((name, i) => ({ name, volts: 120, watts: 300 + 200 * i }));
  const id = path.split('/').at(-1)!;
  const answer = await request.put(`/api/v1/breakers/${id}/circuit`, { data: { label, loads, version: 1 } });
  expect(answer.status()).toBe(200);
  return path;
}

/** Wait until another step is there, or none. */
export const moved = (page: Page, title: string) =>
  expect.poll(() => heading(page).allTextContents(), { timeout: 40_000 }).not.toEqual([title]);

/** The step in view once the page has settled, or null where the case is decided or stopped. */
export async function stepTitle(page: Page): Promise<string | null> {
  const ended = page.getByRole('region', { name: 'Result' }).or(page.getByRole('alert'));
  await expect(heading(page).or(decision(page)).or(ended).first()).toBeVisible();
  return (await heading(page).allTextContents())[0] ?? null;
}

/** Answer one reset. */
export async function reset(page: Page, feel: string, result: string, power?: string) {
  const title = (await heading(page).textContent())!;
  await next(page).getByRole('button', { name: feel }).click();
  await next(page).getByRole('button', { name: result, exact: true }).click();
  if (power) await next(page).getByRole('button', { name: power }).click();
  await moved(page, title);
}

/** Say “not sure” to whatever is asked until a step of this name is there, or the case is decided. */
export async function unsureUntil(page: Page, wanted: RegExp) {
  for (let i = 0; i < 20; i++) {
    const title = await stepTitle(page);
    if (title === null || wanted.test(title)) return title;
    await next(page).getByRole('button', { name: 'I’m not sure' }).click();
    await moved(page, title);
  }
  throw new Error('It never came.');
}
