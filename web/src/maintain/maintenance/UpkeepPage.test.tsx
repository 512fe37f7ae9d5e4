import { afterEach, describe, expect, test } from '@jest/globals';
import type { Board } from '@phylaxon/core/views/board';
import type { UpkeepView } from '@phylaxon/core/views/upkeep';
import { aBreaker, aPanel, uuid } from '@phylaxon/core/testing';
import { inBrowser, showPage } from '../../testing/index.ts';

inBrowser();
const { act, fireEvent, screen, waitFor, within } = await import('@testing-library/react');
const { useProfile } = await import('../../shared/stores/index.ts');
const { UpkeepPage } = await import('./UpkeepPage.tsx');

const panel = aPanel();
const [lights, range] = [aBreaker({ id: uuid(1), space: 1 }), aBreaker({ id: uuid(2), space: 3 })];
const none = { level: 'none', scope: 'device', findings: [] };
const entry = (breaker: ReturnType<typeof aBreaker>, label: string, hazard: object = none) => ({
  breaker,
  label,
  handle: 'on',
  decision: { action: 'keep', family: 'keep', headline: 'Keep it', stop: false, hazard },
  feeds: null,
});
const board = (hazard?: object) =>
  ({
    site: { id: panel.siteId, name: 'Ferry cottage' },
    panel,
    breakers: [entry(lights, 'Hall lights', hazard), entry(range, 'Range')],
  }) as unknown as Board;
const exercise: UpkeepView['duties'][number] = {
  duty: 'handles',
  breakerIds: [lights.id, range.id],
  lastAt: null,
  dueAt: '2026-11-01T00:00:00.000Z',
  everyMonths: 6,
  follows: 'clock-changes',
  isDue: true,
};
const view = (change: Partial<UpkeepView> = {}): UpkeepView => ({
  suspended: [],
  duties: [exercise],
  keepsPower: { breakerIds: [], isSaid: true },
  rounds: [],
  ...change,
});

let page: Awaited<ReturnType<typeof showPage>>;
async function show(upkeep: UpkeepView, shown: Board = board()) {
  useProfile.setState({ profile: 'electrician', said: true });
  page = await showPage(UpkeepPage, '/panels/:panelId/upkeep', `/panels/${panel.id}/upkeep`, {
    [`/panels/${panel.id}`]: () => shown,
    [`/panels/${panel.id}/upkeep`]: () => upkeep,
  });
  await screen.findByRole('heading', { level: 1, name: 'Maintenance' });
}
afterEach(async () => {
  await page.close();
  useProfile.setState({ profile: 'homeowner', said: false });
});

describe('what is due', () => {
  test('is said with how many breakers, and that there is no record of it', async () => {
    await show(view());
    const due = within(await screen.findByRole('list', { name: 'Maintenance due' }));
    expect(due.getByText(/Due now \(no record of it\)/)).toBeDefined();
    expect(due.getByText(/2 breakers/)).toBeDefined();
  });

  test('a hazard of the panel suspends the round: it says so and offers none', async () => {
    const stop = {
      level: 'stop',
      scope: 'panel',
      findings: [{ id: 'sound:buzzing', text: 'It buzzes.', level: 'stop', scope: 'panel' }],
    };
    await show(view(), board(stop));
    expect(await screen.findByText(/Do not exercise breakers in this panel/)).toBeDefined();
    expect(screen.queryByRole('button', { name: /^Start/ })).toBeNull();
  });
});

test('a round: a tap for each breaker, and all of it is sent as one entry', async () => {
  await show(view());
  fireEvent.click(await screen.findByRole('button', { name: /^Start/ }));
  const round = within(await screen.findByRole('region', { name: 'Maintenance task' }));
  for (const name of ['Hall lights', 'Range']) {
    const group = round.getByRole('group', { name: new RegExp(name) });
    fireEvent.click(within(group).getAllByRole('button')[0]!);
  }
  await act(async () => void fireEvent.click(round.getByRole('button', { name: /All done/ })));
  await waitFor(() => expect(page.sent()).toHaveLength(1));
  const { kind, content } = page.sent()[0]!.body as {
    kind: string;
    content: { duty: string; results: object[] };
  };
  expect([kind, content.duty]).toEqual(['upkeep-round', 'handles']);
  expect(content.results).toMatchObject([{ breakerId: lights.id }, { breakerId: range.id }]);
});

test('critical loads are asked for once, and come last', async () => {
  await show(view({ keepsPower: { breakerIds: [range.id], isSaid: true } }));
  fireEvent.click(await screen.findByRole('button', { name: /^Start/ }));
  const last = within(await screen.findByRole('region', { name: 'Critical loads, last' }));
  expect(last.getByText('Range')).toBeDefined();
  expect(last.queryByText('Hall lights')).toBeNull();
});
