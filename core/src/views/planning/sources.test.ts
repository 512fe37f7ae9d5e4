import { describe, expect, test } from '@jest/globals';
import { NOTHING_PLANNED, aBreaker, aCircuit, aLoad, aPanel, uuid } from '../../testing/index.ts';
import type { PanelSource } from '../../record/panelEntries/index.ts';
import { backup } from '../../code/backup/index.ts';
import { backupCircuits, backupQuestion, panelSources, type PlannedPanel, type Planning } from './index.ts';

const site = {
  ...{ id: uuid(800), name: 'Shed', note: '', zone: null, demo: false, version: 0 },
  createdAt: '2026-11-01T10:00:00.000Z',
};
const solar = (change: Partial<PanelSource> = {}): PanelSource => ({
  ...{ id: 'solar', kind: 'solar', connection: 'bus', breakerId: null },
  ...{ watts: 7680, startingWatts: null, supply: '120/240' },
  ...change,
});

type Entry = PlannedPanel['breakers'][number];
const entry = (
  space: number,
  change: Partial<Entry> & { poles?: 1 | 2; ratingAmps?: number } = {},
): Entry => {
  const { poles = 1, ratingAmps = 20, ...rest } = change;
  return {
    breaker: aBreaker({ id: uuid(space), space, poles, ratingAmps }),
    circuit: aCircuit({ breakerId: uuid(space), label: `Circuit ${space}` }),
    measuredAmps: null,
    ...rest,
  };
};
const main = (ratingAmps: number): Entry => ({
  breaker: aBreaker({ id: uuid(99), role: 'main', space: null, poles: 2, ratingAmps }),
  circuit: null,
  measuredAmps: null,
});
const panelOf = (breakers: Entry[], busAmps: number | null = 200): PlannedPanel => ({
  panel: aPanel({ siteId: site.id, spaces: 12, busAmps }),
  ...{ breakers, ...NOTHING_PLANNED },
});
const ask = (planned: PlannedPanel, sources: PanelSource[], feed: 'end' | 'center' = 'end') =>
  panelSources({ site, panels: [planned] } satisfies Planning, planned, { feed, sources });

const branches = [5, 6, 7, 8].map((space) => entry(space, { ratingAmps: 50 }));

describe('sources at a panel', () => {
  test('7,680 W are 32 A: allowed at the end opposite the main only, and the label says to leave it there', () => {
    const far = entry(9, { poles: 2, ratingAmps: 40 });
    const at = ask(panelOf([main(200), far, ...branches]), [solar({ breakerId: far.breaker.id })]);
    expect(at).toMatchObject({
      missing: null,
      farSpaces: [9, 10, 11, 12],
      bus: { ok: true },
      sources: [{ outputAmps: 32, leastBreakerAmps: 40, isOpposite: true }],
    });
    expect(at.sources[0]!.labels).toContain('do-not-move');
    const near = entry(1, { poles: 2, ratingAmps: 40 });
    const other = ask(panelOf([main(200), near, ...branches]), [solar({ breakerId: near.breaker.id })]);
    expect(other).toMatchObject({ bus: { ok: false }, sources: [{ isOpposite: false }] });
  });

  test('the far end is seen from where the main is', () => {
    const low = { ...main(200), breaker: aBreaker({ id: uuid(99), role: 'main', space: 9, poles: 2 }) };
    expect(ask(panelOf([low]), []).farSpaces).toEqual([1, 2, 3, 4]);
    const first = entry(1, { poles: 2, ratingAmps: 40 });
    expect(ask(panelOf([low, first]), [solar({ breakerId: first.breaker.id })]).sources[0]!.isOpposite).toBe(
      true,
    );
  });

  test('without the bus or the main nothing is allowed, and it is told what is missing', () => {
    expect(ask(panelOf([main(200)], null), [solar()])).toMatchObject({
      bus: null,
      missing: expect.stringContaining('bus'),
    });
    expect(ask(panelOf([]), [solar()])).toMatchObject({
      bus: null,
      missing: expect.stringContaining('main'),
    });
    // Nothing in parallel: nothing is missing.
    const generator = solar({ kind: 'generator', connection: 'interlock' });
    expect(ask(panelOf([], null), [generator])).toMatchObject({ bus: null, missing: null });
  });

  test('a generator needs its own signs; 120 V on both legs warns of shared neutrals', () => {
    const [at] = ask(panelOf([main(200)]), [
      solar({ kind: 'generator', connection: 'interlock', supply: '120', watts: 3600 }),
    ]).sources;
    expect(at).toMatchObject({
      outputAmps: 30,
      leastBreakerAmps: 40,
      labels: ['standby', 'inlet', 'no-shared-neutral'],
    });
  });
});

describe('circuits of a backup', () => {
  const pump = entry(1, {
    circuit: aCircuit({
      breakerId: uuid(1),
      label: 'Basement',
      loads: [aLoad({ name: 'Sump pump', watts: 800 })],
    }),
  });
  const measured = entry(2, { measuredAmps: 5 });
  const named = entry(3, { circuit: aCircuit({ breakerId: uuid(3), label: 'Refrigerator' }) });
  const shared = entry(4, {
    circuit: aCircuit({ breakerId: uuid(4), sharesNeutral: true }),
    measuredAmps: 2,
  });
  const dark = entry(6);
  const planned = { ...panelOf([main(200), pump, measured, named, shared, dark]), critical: [uuid(1)] };

  test('power by a reading, by listed loads with the start of a motor, or as is usual for the name', () => {
    const circuits = backupCircuits(planned, new Set(), null);
    expect(circuits.map(({ watts, startingWatts, leg }) => [watts, startingWatts, leg])).toEqual([
      [800, 4000, 'a'],
      [600, 600, 'a'],
      [150, 900, 'b'],
      [240, 240, 'b'],
      [null, null, 'a'],
    ]);
    const pumps = entry(5, { poles: 2, circuit: aCircuit({ breakerId: uuid(5), label: 'Heat pump' }) });
    // All of a name says more than a word of it, and it runs on the circuit’s voltage.
    expect(backupCircuits(panelOf([pumps]), new Set(), null)[0]).toMatchObject({
      ...{ watts: 4000, basis: 'usual for: Heat pump' },
    });
    expect(circuits.map(({ priority }) => priority)).toEqual([1, null, null, null, null]);
  });

  test('what is stopped, shares a neutral on 120 V, or is not known is refused; the rest is asked', () => {
    const circuits = backupCircuits(planned, new Set([uuid(2)]), null).map((one) => ({
      ...one,
      priority: 1 as const,
    }));
    const source = { watts: 5000, startingWatts: null, supply: '120' as const };
    const { question, refused } = backupQuestion(source, circuits);
    expect(refused.map(({ reason }) => reason)).toEqual(['hazard', 'shared-neutral', 'unknown']);
    expect(backup(question!).carried.map(({ id }) => id)).toEqual([uuid(1), uuid(3)]);
    expect(backupQuestion({ ...source, supply: '120/240' }, circuits).refused).toHaveLength(2);
  });

  test('what was saved keeps its figures; the breaker of a source is no load', () => {
    const circuits = backupCircuits(planned, new Set(), {
      feed: 'end',
      sources: [solar({ breakerId: uuid(6) })],
      essential: [{ breakerId: uuid(3), watts: 180, startingWatts: 1000, priority: 2 }],
    });
    expect(circuits.map(({ breakerId }) => breakerId)).not.toContain(uuid(6));
    expect(circuits.find(({ breakerId }) => breakerId === uuid(3))).toMatchObject({
      ...{ watts: 180, startingWatts: 1000, priority: 2 },
    });
    expect(circuits.find(({ breakerId }) => breakerId === uuid(1))!.priority).toBeNull();
  });
});
