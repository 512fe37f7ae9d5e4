import { describe, expect, test } from '@jest/globals';
import { NOTHING_PLANNED, aBreaker, aCircuit, aLoad, aPanel, uuid } from '../../testing/index.ts';
import { newPanelFor, subpanelFor, type PlannedPanel } from './index.ts';

const site = {
  ...{ id: uuid(800), name: 'Shed', note: '', zone: null, demo: false, version: 0 },
  createdAt: '2026-11-01T10:00:00.000Z',
};
type Entry = PlannedPanel['breakers'][number];
const one = (space: number, poles: 1 | 2, watts: number | null, change: object = {}): Entry => ({
  breaker: aBreaker({ id: uuid(space), space, poles, ratingAmps: 20, ...change }),
  circuit: aCircuit({
    ...{ breakerId: uuid(space), label: `Circuit ${space}` },
    loads: watts === null ? [] : [aLoad({ watts, volts: poles === 2 ? 240 : 120 })],
  }),
  measuredAmps: null,
});
const planned = (...breakers: Entry[]): PlannedPanel => ({
  panel: aPanel({ id: uuid(700), siteId: site.id, spaces: 6, busAmps: 125 }),
  breakers: [
    {
      breaker: aBreaker({ id: uuid(99), role: 'main', space: null, poles: 2, ratingAmps: 100 }),
      ...{ circuit: null, measuredAmps: null },
    },
    ...breakers,
  ],
  ...NOTHING_PLANNED,
});
const free = { feeders: new Set<string>(), stopped: new Set<string>() };
const wish = { amps: 24, poles: 2 as const, continuous: true };
const feeder = { lengthM: 2, material: 'copper' as const, place: 'same-building' as const };

describe('a subpanel for a full panel', () => {
  const full = [1, 2, 3, 4].map((space) => one(space, 1, space === 3 ? null : 1200));

  test('one two-pole breaker moves rather than two one-pole ones', () => {
    const found = subpanelFor(
      planned(
        ...full.filter(({ breaker }) => breaker.space! < 3),
        one(3, 2, 4800),
        one(4, 1, 600),
        one(6, 1, 600),
      ),
      free,
      wish,
      feeder,
    )!;
    expect(found).toMatchObject({ space: 3, moved: [{ breakerId: uuid(3), isKnown: true }] });
    // 24 A for hours are 30 A, and 20 A moved, on both legs.
    expect(found.plan).toMatchObject({ demandAmps: { a: 50, b: 50 }, breakerAmps: 60 });
  });

  test('a free pair moves nothing; a circuit nobody measured counts with 80% of its breaker', () => {
    expect(
      subpanelFor(
        planned(...full.slice(0, 1), one(2, 1, 600), one(4, 1, 600), one(6, 1, 600)),
        free,
        wish,
        feeder,
      ),
    ).toMatchObject({
      ...{ space: 3, moved: [] },
    });
    const found = subpanelFor(
      planned(...full, one(5, 2, 100, { poles: 1 }), one(6, 1, 600)),
      free,
      wish,
      feeder,
    )!;
    expect(found.moved.map(({ isKnown }) => isKnown)).toContain(false);
    expect(Math.max(found.plan.demandAmps.a, found.plan.demandAmps.b)).toBeCloseTo(30 + 16, 9);
  });

  test('what feeds a subpanel, is stopped or shares a handle stays: no pair, no plan', () => {
    const stays = { feeders: new Set([uuid(1), uuid(2)]), stopped: new Set([uuid(5), uuid(6)]) };
    const all = [1, 2, 5, 6].map((space) => one(space, 1, 500));
    const tied = [3, 4].map((space) => one(space, 1, 500, { tiedWith: uuid(1) }));
    expect(subpanelFor(planned(...all, ...tied), stays, wish, feeder)).toBeNull();
  });
});

describe('a panel that is replaced', () => {
  test('is made for its load, and for every pole that is there or planned', () => {
    const panel = planned(one(1, 2, 9600), one(2, 1, 1200, { half: 'upper' }), one(4, 1, 1200));
    const proposal = {
      ...{ entryId: uuid(1), at: '2026-11-01T10:00:00.000Z', simulated: false },
      content: { title: 'Charger', poles: 2, ratingAmps: 40, kind: 'standard', place: null, steps: [] },
    } as unknown as PlannedPanel['proposals'][number];
    const asked = { place: 'indoor', startsOn: '2026-12-02' } as const;
    const found = newPanelFor({ site, panels: [panel] }, { ...panel, proposals: [proposal] }, asked);
    expect(found).toMatchObject({ spacesInUse: 6, plan: { spaces: 8, mainAmps: 100 } });
    expect(found.demandAmps).toBeCloseTo(50, 9);
  });

  test('a subpanel keeps its feeder and its neutral apart', () => {
    const feeder = one(1, 2, null, { ratingAmps: 50 });
    const parent = planned(feeder);
    const sub = {
      ...planned(one(2, 1, 1200)),
      panel: aPanel({ id: uuid(701), siteId: site.id, spaces: 6, fedByBreakerId: feeder.breaker.id }),
    };
    const { plan } = newPanelFor(
      { site, panels: [parent, { ...sub, breakers: sub.breakers.slice(1) }] },
      { ...sub, breakers: sub.breakers.slice(1) },
      { place: 'indoor', startsOn: '2026-12-02' },
    );
    expect(plan).toMatchObject({ mainAmps: 50, electrodeGauge: null });
    expect(plan.rules).toContain('neutral-apart');
    expect(plan.rules).not.toContain('main-bonding');
  });
});
