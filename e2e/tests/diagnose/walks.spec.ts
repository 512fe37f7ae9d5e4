import { expect, type Page } from '@playwright/test';
import { decision, heading, moved, stepTitle, next, test, withLoads } from '../../support/index.ts';

/*
 * Six complaints as a tired person brings them, walked to their end. Each is answered as it would be in that house; what
 * is asked beside that is answered as a sound house would. No walk asks more than eight questions.
 */

const MOST = 8;
type Answers = Record<string, string>;

/** What a sound house gives, where a walk says nothing else. */
const AS_SOUND: readonly RegExp[] = [
  /^I checked all of these\. None apply\.$/,
  /^The handle is on and firm$/,
  /^None of these$/,
  /^I inspected all of these/,
  /handle is on|handle is firm|no trip flag|nothing has changed|panel is modern/i,
  /is normal|wired correctly|sags less than 3|under 80%|as warm as|outlet is dead$/i,
  /neighbours have power|breaker ahead is on|no protected outlet|first trip|runs elsewhere|no pattern/i,
  /tripped like a sound breaker/i,
];

/** Answer one screen: what this walk says of it, else as a sound house would. */
async function answer(page: Page, told: Answers): Promise<void> {
  const step = next(page);
  const title = (await heading(page).textContent())!;
  const buttons = step.getByRole('button');
  const names = await buttons.allTextContents();
  const plain = names.map((name) => name.replace(/^\d+/, ''));
  const wanted = Object.values(told).find((one) => plain.includes(one));
  if (/^(Reset the breaker once|Unplug everything)/.test(title)) {
    await step.getByRole('button', { name: 'It clicks cleanly, fully off and back on' }).click();
    const result = /^Unplug/.test(title) ? (told.bare ?? 'It held') : (told.reset ?? 'It held');
    await step.getByRole('button', { name: result, exact: true }).click();
    const power = step.getByRole('button', { name: told.power ?? 'Power is back' });
    if (result === 'It held' && (await power.isVisible())) await power.click();
    return moved(page, title);
  }
  if (wanted !== undefined) {
    await buttons.nth(plain.indexOf(wanted)).click();
    const rest = step.getByRole('button', { name: 'That is all. Everything else is normal.' });
    if (await rest.isVisible().catch(() => false)) await rest.click();
    return moved(page, title);
  }
  const sound = AS_SOUND.map((one) => plain.findIndex((name) => one.test(name))).find((i) => i >= 0);
  if (sound !== undefined) await buttons.nth(sound).click();
  else await step.getByRole('button', { name: 'I’m not sure' }).click();
  return moved(page, title);
}

/** Walk a case to its end; how many screens that took. */
async function walk(page: Page, told: Answers, titles: string[] = []): Promise<number> {
  for (let asked = 0; asked <= MOST + 4; asked++) {
    const title = await stepTitle(page);
    if (title === null || /work for an electrician|Undecided/.test(title)) return asked;
    titles.push(title);
    await answer(page, told);
  }
  throw new Error('It went on and on.');
}

const open = async (page: Page, path: string, complaint: RegExp) => {
  await page.goto(path);
  await page.getByRole('link', { name: 'Open a case' }).click();
  await page.getByRole('button', { name: complaint }).click();
};

test('the shower pump trips its breaker: no street, no test button, no other pole', async ({
  page,
  request,
}) => {
  const path = await withLoads(request, 'Shower pump', ['Shower pump']);
  await open(page, path, /A breaker trips/);
  const asked: string[] = [];
  expect(
    await walk(
      page,
      {
        pattern: 'It trips when a motor starts',
        there: 'The appliance runs elsewhere on the same type of breaker',
      },
      asked,
    ),
  ).toBeLessThanOrEqual(MOST);
  expect(asked.join(' ')).not.toMatch(/street|Test button|Newly installed/);
  await expect(decision(page)).toContainText(/load|watch|Reset/);
});

test('flickering stairs that are steady now end in a note card, with the log’s place filled in', async ({
  page,
  request,
}) => {
  const path = await withLoads(request, 'Stairs', ['Lamp']);
  await open(page, path, /Lights flicker/);
  expect(await walk(page, {})).toBeLessThanOrEqual(MOST);
  await expect(decision(page)).toContainText('Keep it in service');
  const card = page.getByRole('region', { name: 'Note card' });
  await expect(card).toContainText('Next time the lights flicker, write down');
  await card.getByRole('link', { name: 'Log it for this breaker' }).click();
  await expect(page.getByRole('tab', { name: 'Observe', selected: true })).toBeVisible();
});

test('a dead office lamp: the lamp, and no caution about a dead panel', async ({ page, request }) => {
  const path = await withLoads(request, 'Office', ['Computer', 'Lamp']);
  await open(page, path, /One outlet, lamp or appliance is dead/);
  expect(await walk(page, { voltage: 'The outlet voltage is normal' })).toBeLessThanOrEqual(MOST);
  await expect(decision(page)).toContainText('the appliance or fixture');
  await expect(decision(page)).not.toContainText('known live source, work point, known live source');
});

test('half the house is dead, the street lit: the utility', async ({ page, request }) => {
  const path = await withLoads(request, 'Kitchen', ['Range']);
  await open(page, path, /Half the house is dead/);
  expect(await walk(page, {})).toBeLessThanOrEqual(MOST);
  await expect(decision(page)).toContainText('Call the utility');
  await expect(decision(page)).not.toContainText('live parts');
});

test('a hot smell stops it on the first screen', async ({ page, request }) => {
  const path = await withLoads(request, 'Sheds', ['Fan heater']);
  await open(page, path, /Heat, smell, noise or water/);
  await next(page).getByRole('button', { name: 'It smells like hot plastic' }).click();
  const stop = page.getByRole('alert');
  await expect(stop.getByRole('heading', { name: 'Stop.' })).toBeVisible();
  await expect(stop).toContainText('Turning off one branch breaker is not enough');
});

test('a check of a sound breaker ends in keeping it', async ({ page, request }) => {
  const path = await withLoads(request, 'Flat: hall', ['Lamp']);
  await open(page, path, /Nothing is wrong/);
  expect(await walk(page, {})).toBeLessThanOrEqual(MOST);
  await expect(decision(page)).toContainText('Keep it in service');
  await expect(page.getByRole('region', { name: 'Note card' })).toHaveCount(0);
});
