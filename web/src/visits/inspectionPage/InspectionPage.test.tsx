import { afterEach, expect, test } from '@jest/globals';
import { aBreaker, aPanel, uuid } from '@phylaxon/core/testing';
import type { Board } from '@phylaxon/core/views/board';
import type { InspectionView } from '@phylaxon/core/views/inspection';
import { inBrowser, showPage } from '../../testing/index.ts';

inBrowser();
const { act, fireEvent, screen, waitFor, within } = await import('@testing-library/react');
const { useProfile, useTaps } = await import('../../shared/stores/index.ts');
const { InspectionPage } = await import('./InspectionPage.tsx');

const panel = aPanel();
const none = { level: 'none', scope: 'device', findings: [] };
const entry = (space: number, label: string, hazard: object = none) => ({
  breaker: aBreaker({ id: uuid(space), space }),
  label,
  handle: 'on',
  decision: { action: 'keep', family: 'keep', headline: 'Keep this breaker', stop: false, hazard },
  feeds: null,
});
const board = (hazard?: object) =>
  ({
    site: { id: panel.siteId, name: 'Ferry cottage' },
    panel,
    breakers: [entry(1, 'Hall lights', hazard), entry(3, 'Range')],
  }) as unknown as Board;
const view = (change: Partial<InspectionView> = {}): InspectionView => ({
  inspections: [],
  known: [],
  ...change,
});

let page: Awaited<ReturnType<typeof showPage>>;
async function show(
  shown: InspectionView = view(),
  profile: 'homeowner' | 'electrician' = 'electrician',
  at: Board = board(),
) {
  useProfile.setState({ profile, said: true });
  useTaps.setState({ tapped: {} });
  page = await showPage(InspectionPage, '/panels/:panelId/inspection', `/panels/${panel.id}/inspection`, {
    [`/panels/${panel.id}`]: () => at,
    [`/panels/${panel.id}/inspection`]: () => shown,
  });
  await screen.findByRole('heading', { level: 1, name: 'Inspection' });
}
afterEach(async () => {
  await page.close();
  useProfile.setState({ profile: 'homeowner', said: false });
});

test('a station is one entry: its findings, the rest normal, and what was skipped', async () => {
  await show();
  fireEvent.click(await screen.findByRole('button', { name: 'Yearly inspection' }));
  const closed = within(await screen.findByRole('region', { name: 'At the closed panel' }));
  fireEvent.click(closed.getByRole('button', { name: 'A little rust' }));
  fireEvent.click(closed.getByRole('button', { name: 'All 2 breakers: cool' }));
  await act(async () => void fireEvent.click(closed.getByRole('button', { name: /^Save and skip/ })));
  await waitFor(() => expect(page.sent()).toHaveLength(1));
  const { kind, content } = page.sent()[0]!.body as { kind: string; content: Record<string, unknown> };
  expect(kind).toBe('inspection');
  expect(content).toMatchObject({ purpose: 'yearly', station: 'closed' });
  expect(content.results).toEqual([
    { item: 'moisture', breakerId: null, result: 'rust', volts: null },
    { item: 'touch', breakerId: uuid(1), result: 'cool', volts: null },
    { item: 'touch', breakerId: uuid(3), result: 'cool', volts: null },
  ]);
  expect(content.skipped).toEqual(['clearance', 'directory', 'openings', 'sound', 'smell']);
  // The walk goes on, though the record does not tell of it yet.
  expect(await screen.findByRole('heading', { name: 'At the outlets' })).toBeDefined();
});

test('arcing stops the walk on the spot: nobody is asked to feel for heat after it', async () => {
  await show();
  fireEvent.click(await screen.findByRole('button', { name: 'Yearly inspection' }));
  const closed = within(await screen.findByRole('region', { name: 'At the closed panel' }));
  fireEvent.click(closed.getByRole('button', { name: 'Sizzling or crackling' }));
  expect(within(closed.getByRole('alert')).getAllByRole('listitem').length).toBeGreaterThan(0);
  expect(closed.queryByRole('region', { name: 'Breaker face temperature' })).toBeNull();
  expect(closed.queryByRole('button', { name: /^Mark the other/ })).toBeNull();
  await act(async () => void fireEvent.click(closed.getByRole('button', { name: 'Save and stop here' })));
  await waitFor(() => expect(page.sent()).toHaveLength(1));
  expect((page.sent()[0]!.body as { content: object }).content).toMatchObject({
    results: [{ item: 'sound', result: 'sizzle' }],
    skipped: expect.arrayContaining(['touch']),
  });
});

test('the inside is an electrician’s: a homeowner’s walk ends with the cover on', async () => {
  await show(view(), 'homeowner');
  fireEvent.click(await screen.findByRole('button', { name: 'After water' }));
  const stations = within(await screen.findByRole('list', { name: 'Stations' }));
  expect(stations.queryByText('Inside the panel')).toBeNull();
  expect(stations.getByText('At the outlets')).toBeDefined();
});

test('findings say what follows: at a breaker its decision, of the panel the evaluation', async () => {
  const at = '2026-12-01T10:00:00.000Z';
  await show(
    view({
      inspections: [
        {
          inspectionId: uuid(50),
          purpose: 'yearly',
          startedAt: at,
          lastAt: at,
          stations: ['outlets', 'closed', 'inside'],
          skipped: ['smell'],
        },
      ],
      known: [
        { item: 'touch', breakerId: uuid(1), result: 'warm', volts: null, at },
        { item: 'moisture', breakerId: null, result: 'damp', volts: null, at },
        { item: 'sound', breakerId: null, result: 'quiet', volts: null, at },
      ],
    }),
  );
  const findings = within(await screen.findByRole('region', { name: 'Findings' }));
  expect(findings.getByRole('heading', { name: '2 findings' })).toBeDefined();
  expect(findings.getByRole('link', { name: 'Keep this breaker' })).toBeDefined();
  expect(findings.getByText(/Connections corrode in damp air/)).toBeDefined();
  expect(findings.getByText(/Smell\./)).toBeDefined();
});

test('a hazard of the whole panel ends the walk', async () => {
  const stop = {
    level: 'stop',
    scope: 'panel',
    findings: [{ id: 'sound:buzzing', text: 'It buzzes.', level: 'stop', scope: 'panel' }],
  };
  await show(view(), 'electrician', board(stop));
  expect(await screen.findByText('Stop the inspection: leave this panel alone')).toBeDefined();
  expect(screen.queryByRole('button', { name: 'Yearly inspection' })).toBeNull();
});
