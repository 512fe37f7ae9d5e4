import { afterEach, expect, test } from '@jest/globals';
import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import type { Board } from '@phylaxon/core/views/board';
import { aBreaker, aPanel, uuid } from '@phylaxon/core/testing';
import { inBrowser, showPage } from '../../testing/index.ts';

inBrowser();
const { act, fireEvent, screen, waitFor, within } = await import('@testing-library/react');
const { useProfile } = await import('../../shared/stores/index.ts');
const { HouseMapPage } = await import('./HouseMapPage.tsx');

const panel = aPanel();
const breakers = [1, 3].map((space) => ({
  breaker: aBreaker({ id: uuid(space), space }),
  label: `Circuit ${space}`,
  handle: 'on',
  decision: {
    action: 'keep',
    family: 'keep',
    headline: 'Keep it',
    stop: false,
    hazard: { level: 'none', scope: 'device', findings: [] },
  },
  feeds: null,
}));
const board = { site: { id: panel.siteId, name: 'Ferry cottage' }, panel, breakers } as unknown as Board;
const map: HouseMap = {
  mapId: uuid(700),
  check: 'none',
  rooms: [
    {
      name: 'Hall',
      places: [
        { id: uuid(701), name: 'lamp' },
        { id: uuid(702), name: 'outlet' },
      ],
    },
  ],
  stayOn: [],
  rounds: [{ off: [uuid(1)] }],
} as unknown as HouseMap;

let page: Awaited<ReturnType<typeof showPage>>;
async function show(maps: object[]) {
  useProfile.setState({ profile: 'electrician', said: true });
  page = await showPage(HouseMapPage, '/panels/:panelId/map', `/panels/${panel.id}/map`, {
    [`/panels/${panel.id}`]: () => board,
    [`/panels/${panel.id}/upkeep`]: () => ({
      suspended: [],
      duties: [],
      keepsPower: { breakerIds: [], isSaid: true },
      rounds: [],
    }),
    [`/panels/${panel.id}/entries`]: (search) => ({
      entries: search.get('kind') === 'house-map' ? maps : [],
    }),
  });
  await screen.findByRole('heading', { level: 1 });
}
afterEach(async () => {
  await page.close();
  useProfile.setState({ profile: 'homeowner', said: false });
});
const contents = () =>
  page.sent().map(({ body }) => body as { kind: string; content: Record<string, unknown> });

test('places as they are typed become rounds, sent as one map', async () => {
  await show([]);
  await waitFor(() => expect(document.querySelector('textarea')).not.toBeNull());
  fireEvent.change(document.querySelector('textarea')!, {
    target: { value: 'Hall: lamp, outlet\nKitchen: range' },
  });
  const begin = await screen.findByRole('button', { name: /begin|start/i });
  await act(async () => void fireEvent.click(begin));
  await waitFor(() => expect(contents()).toHaveLength(1));
  const [{ kind, content }] = contents() as [
    { kind: string; content: { rooms: { name: string; places: object[] }[] } },
  ];
  expect([kind, content.rooms.map(({ name, places }) => [name, places.length])]).toEqual([
    'house-map',
    [
      ['Hall', 2],
      ['Kitchen', 1],
    ],
  ]);
});

test('a round names the breakers to turn off, waits for every place, and is sent whole', async () => {
  const entry = {
    id: uuid(800),
    kind: 'house-map',
    at: '2026-11-25T10:00:00.000Z',
    content: map,
    struck: null,
  };
  await show([{ entry, about: null }]);
  const round = within(await screen.findByRole('region', { name: 'Round' }));
  expect(round.getAllByText(/Circuit 1/).length).toBeGreaterThan(0);
  expect(round.queryByText(/Circuit 3/)).toBeNull();
  const done = round.getAllByRole('button').at(-1)! as HTMLButtonElement;
  expect(done.disabled).toBe(true);
  for (const name of [/lamp/, /outlet/]) {
    const group = round.getByRole('group', { name });
    fireEvent.click(within(group).getAllByRole('button')[0]!);
  }
  expect(done.disabled).toBe(false);
  await act(async () => void fireEvent.click(done));
  await waitFor(() => expect(contents()).toHaveLength(1));
  const [{ kind, content }] = contents() as [{ kind: string; content: { looks: { placeId: string }[] } }];
  expect([kind, content.looks.map(({ placeId }) => placeId)]).toEqual(['map-looks', [uuid(701), uuid(702)]]);
});
