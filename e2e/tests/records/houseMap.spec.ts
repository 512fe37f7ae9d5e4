import { expect, type Page } from '@playwright/test';
import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { ownPanel, test, openJobPage } from '../../support/index.ts';

test.use({ viewport: { width: 390, height: 844 } });

const ROOMS = ['Kitchen', 'Hall', 'Bath', 'Loft', 'Yard'] as const;
const THINGS = ['lamp', 'outlet', 'heater', 'fan', 'clock', 'pump'] as const;

/** The made-up house: each place on a breaker, one of them fed from elsewhere. */
const HOUSE = new Map(
  ROOMS.flatMap((room, i) =>
    THINGS.map((thing, j): [string, number | null] => [
      `${room}: ${thing}`,
      room === 'Yard' && thing === 'pump' ? null : ((i * THINGS.length + j) % 21) + 1,
    ]),
  ),
);

const round = (page: Page) => page.getByRole('region', { name: 'Round' });

/** Look at every place of the round in view: each room’s dead ones first, then the rest. */
async function lookAround(page: Page, off: ReadonlySet<number>, slip: string | null = null) {
  const shown = await round(page).getByRole('group').count();
  for (const room of ROOMS) {
    const here = round(page).getByRole('region', { name: room });
    if ((await here.count()) === 0) continue;
    for (const group of await here.getByRole('group').all()) {
      const thing = (await group.getAttribute('aria-label'))!;
      const feed = HOUSE.get(`${room}: ${thing}`)!;
      const isDead = feed !== null && off.has(feed);
      const isTold = isDead !== (slip === `${room}: ${thing}`);
      if (isTold) await group.getByRole('button', { name: 'Dead' }).click();
      else if (shown < 10) await group.getByRole('button', { name: 'Has power' }).click();
    }
    const rest = here.getByRole('button', { name: /^(All|The rest) have power$/ });
    if ((await rest.count()) > 0) await rest.click();
    for (const group of await here.getByRole('group').all()) {
      const alive = group.getByRole('button', { name: 'Has power' });
      const dead = group.getByRole('button', { name: 'Dead' });
      if (
        (await dead.getAttribute('aria-pressed')) === 'false' &&
        (await alive.getAttribute('aria-pressed')) === 'false'
      )
        await alive.click();
    }
  }
  await round(page)
    .getByRole('button', { name: /^(Finish this round|Checked again)$/ })
    .click();
}

test('a house of 30 places and 21 breakers, one slip found out, the server away half of the time', async ({
  page,
  context,
  request,
}) => {
  const post = async (path: string, data: object) =>
    (await (await request.post(`/api/v1${path}`, { data })).json()) as { id: string };
  const { siteId } = await ownPanel(request, ['1 Shed 15']);
  const panel = await post(`/sites/${siteId}/panels`, { name: 'House', spaces: 24, mainAmps: 100 });
  const directory = Array.from({ length: 21 }, (_, i) => `${i + 1} Faded ${i + 1} 15`).join('\n');
  await post(`/panels/${panel.id}/directory`, { text: directory });
  const board = async () => (await (await request.get(`/api/v1/panels/${panel.id}`)).json()) as Board;
  const spaceOf = new Map((await board()).breakers.map(({ breaker }) => [breaker.id, breaker.space]));

  await page.goto(`/panels/${panel.id}`);
  await openJobPage(page, 'Maintain & report', 'Circuit mapping');
  await page.getByLabel('Rooms, outlets and fixtures').fill('no colon here');
  await expect(page.getByText(/Type the room, a colon/)).toBeVisible();
  await page
    .getByLabel('Rooms, outlets and fixtures')
    .fill(ROOMS.map((room) => `${room}: ${THINGS.join(', ')}`).join('\n'));
  await expect(page.getByText('5 rooms, 30 places')).toBeVisible();
  await expect(page.getByText(/Alone, in 6 rounds/)).toBeVisible();
  await page.getByRole('button', { name: 'Start the first round' }).click();
  await expect(page.getByRole('heading', { name: 'Round 1 of 6' })).toBeVisible();

  const entries = (await (await request.get(`/api/v1/panels/${panel.id}/entries?kind=house-map`)).json()) as {
    entries: { entry: { content: HouseMap } }[];
  };
  const rounds = entries.entries[0]!.entry.content.rounds.map(
    ({ off }) => new Set(off.map((id) => spaceOf.get(id)!)),
  );
  for (const [i, off] of rounds.entries()) {
    await expect(page.getByRole('heading', { name: `Round ${i + 1} of 6` })).toBeVisible();
    // Put down and taken up: what was tapped is still there.
    if (i === 1) {
      await page
        .getByRole('group', { name: 'lamp' })
        .first()
        .getByRole('button', { name: 'Has power' })
        .click();
      await page.reload();
      await expect(
        page.getByRole('group', { name: 'lamp' }).first().getByRole('button', { name: 'Has power' }),
      ).toHaveAttribute('aria-pressed', 'true');
    }
    if (i === 2) await context.route('**/api/**', (route) => route.abort());
    if (i === 5) await context.unroute('**/api/**');
    await lookAround(page, off, i === 3 ? 'Hall: fan' : null);
  }
  // The slip contradicts itself: that place is asked again, and nothing else.
  for (let i = 0; i < 6; i++) {
    await expect(page.getByRole('heading', { name: 'Mapping result' })).toBeVisible();
    const title = page.getByRole('heading', { name: /^Check again, as in round/ });
    if ((await title.count()) === 0) break;
    expect(await round(page).getByRole('group').count()).toBe(1);
    const at = Number(/(\d+)$/.exec((await title.textContent())!)![1]) - 1;
    await lookAround(page, rounds[at]!);
    await expect(page.getByRole('heading', { name: `Check again, as in round ${at + 1}` })).toHaveCount(0);
  }
  const result = page.getByRole('region', { name: 'Mapping result' });
  await expect(result).toContainText('Never dead: Yard: pump');
  await expect(result).not.toContainText('Not clear');
  await result.getByRole('button', { name: 'Update the directory' }).click();
  await expect(result.getByText('✓ The directory matches the house.')).toBeVisible();
  const labels = new Map((await board()).breakers.map(({ breaker, label }) => [breaker.space, label]));
  for (const [place, feed] of HOUSE)
    if (feed !== null) for (const part of place.split(': ')) expect(labels.get(feed)).toContain(part);
});
