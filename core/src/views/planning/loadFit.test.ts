import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NOTHING_PLANNED, aBreaker, aCircuit, aLoad, aPanel, runs, uuid } from '../../testing/index.ts';
import type { ServiceSheet } from '../../record/panelEntries/index.ts';
import { drawnSheet, loadFit, loadPath, schoolsOf, type PlannedPanel, type Planning } from './index.ts';

const site = {
  ...{ id: uuid(800), name: 'Shed', note: '', zone: null, demo: false, version: 0 },
  createdAt: '2026-11-01T10:00:00.000Z',
};

interface Branch {
  space: number;
  amps: number | null;
  poles?: 1 | 2;
  ratingAmps?: number;
  gauge?: '6' | '1/0';
}

/** A panel of which each branch was clamped; ids are told apart by hundreds. */
const aPlanned = (
  n: number,
  branches: readonly Branch[],
  { mainAmps, ...panel }: { mainAmps?: number } & Partial<PlannedPanel['panel']> = {},
): PlannedPanel => ({
  panel: aPanel({ id: uuid(n), siteId: site.id, name: `Panel ${n}`, spaces: 12, busAmps: 125, ...panel }),
  breakers: [
    ...(mainAmps === undefined
      ? []
      : [
          {
            breaker: aBreaker({
              id: uuid(n + 99),
              role: 'main',
              space: null,
              poles: 2,
              ratingAmps: mainAmps,
            }),
            ...{ circuit: null, measuredAmps: null },
          },
        ]),
    ...branches.map(({ space, amps, poles = 1, ratingAmps = 20, gauge = '6' }) => ({
      breaker: aBreaker({ id: uuid(n + space), panelId: uuid(n), space, poles, ratingAmps }),
      circuit: aCircuit({
        breakerId: uuid(n + space),
        label: `Circuit ${space}`,
        loads: [],
        conductor: poles === 2 ? { gauge, material: 'copper', insulationC: 75, cable: 'other' } : null,
      }),
      measuredAmps: amps,
    })),
  ],
  ...NOTHING_PLANNED,
});

const planning = (...panels: PlannedPanel[]): Planning => ({ site, panels });

/** A garage, fed by 60 A from space 3, which is on leg B of the house. */
const house = aPlanned(
  1000,
  [
    { space: 1, amps: 30 },
    { space: 2, amps: 12 },
    { space: 3, amps: null, poles: 2, ratingAmps: 60 },
  ],
  { mainAmps: 125 },
);
const garage = aPlanned(
  2000,
  [
    { space: 1, amps: 16 },
    { space: 3, amps: 9 },
    { space: 4, amps: 6 },
  ],
  { fedByBreakerId: uuid(1003), busAmps: 100 },
);
const both = planning(house, garage);
const charger = { amps: 40, poles: 2, continuous: true, breakerAmps: 50, rules: 'split' } as const;

describe('the way of a load', () => {
  test('bus of the sub-panel, feeder with its conductor, bus and main of the house, each leg followed', () => {
    const { nodes, unknown } = loadPath(both, garage.panel.id);
    expect(nodes.map(({ kind, ratingAmps, ampacity, legs }) => [kind, ratingAmps, ampacity, legs])).toEqual([
      ['bus', 100, undefined, { a: 16, b: 15 }],
      ['feeder', 60, 55, { a: 16, b: 15 }],
      // Its leg A hangs on space 3, which is leg B of the house; its leg B on space 5, beside 30 A and 12 A.
      ['bus', 125, undefined, { a: 16, b: 57 }],
      ['main', 125, undefined, { a: 16, b: 57 }],
    ]);
    expect(unknown).toEqual([]);
  });

  test('a circuit with neither reading nor load is told, and counts for nothing', () => {
    const dark = planning(aPlanned(1000, [{ space: 1, amps: null }], { mainAmps: 100 }));
    expect(loadPath(dark, uuid(1000)).unknown).toEqual(['1 Circuit 1 (Panel 1000)']);
  });

  test('listed loads count where nothing was measured, continuous ones by the rule', () => {
    const one = aPlanned(1000, [{ space: 1, amps: null }], { mainAmps: 100 });
    const [main, first] = one.breakers;
    const loads = [aLoad({ watts: 1200, volts: 120, continuous: true }), aLoad({ watts: 600, volts: 120 })];
    const listed = { ...one, breakers: [main!, { ...first!, circuit: { ...first!.circuit!, loads } }] };
    const { nodes } = loadPath(planning(listed), uuid(1000));
    expect(nodes[0]).toMatchObject({ legs: { a: 15, b: 0 }, continuousAmps: { a: 10, b: 0 } });
  });
});

describe('what is there already', () => {
  const peak = { amps: 48, at: site.createdAt, days: 40 };

  test('a recorded peak counts 125% on both legs, and no circuit is missing then', () => {
    const dark = aPlanned(1000, [{ space: 1, amps: null }], { mainAmps: 100 });
    const { nodes, unknown } = loadPath(planning({ ...dark, peak }), uuid(1000));
    expect(nodes.map(({ legs }) => legs)).toEqual([
      { a: 60, b: 60 },
      { a: 60, b: 60 },
    ]);
    expect([nodes[0]!.basis, unknown]).toEqual(['125% of the recorded peak, 48 A', []]);
  });

  test('a recording of a few days does not stand for a year', () => {
    const { nodes } = loadPath(planning({ ...house, peak: { ...peak, days: 29 } }), house.panel.id);
    expect(nodes[0]!.basis).toBe('all of its circuits on at once');
  });

  test('what was clamped at the main counts where it is more than the circuits together', () => {
    const atMain = (a: number, b: number) => ({
      ...{ entryId: uuid(1), at: site.createdAt, simulated: false },
      content: { a, b, neutral: null, loadState: 'everything-on' as const, sameClamp: true },
    });
    const dark = aPlanned(1000, [{ space: 1, amps: 12 }], { mainAmps: 100 });
    const path = (clamped: ReturnType<typeof atMain>) =>
      loadPath(planning({ ...dark, atMain: clamped }), uuid(1000)).nodes[0]!;
    expect(path(atMain(61, 48))).toMatchObject({ legs: { a: 61, b: 48 }, basis: 'clamped at the main' });
    expect(path(atMain(9, 4))).toMatchObject({
      legs: { a: 12, b: 0 },
      basis: 'all of its circuits on at once',
    });
  });

  test('the service’s calculation counts for the one main, and its smallest part is the last limit', () => {
    const sheet = drawnSheet(both, house);
    const content = { ...sheet, floorAreaFt2: 1500, serviceAmps: 125, meterBaseAmps: 100 } as ServiceSheet;
    const calculated = {
      ...house,
      sheet: { entryId: uuid(1), at: site.createdAt, simulated: false, content },
    };
    const { nodes } = loadPath(planning(calculated, garage), garage.panel.id);
    const [existing] = schoolsOf(content).flatMap((one) =>
      'load' in one && one.method === 'existing' ? [one.load.demandAmps] : [],
    );
    expect(nodes.slice(2).map(({ kind, ratingAmps, legs }) => [kind, ratingAmps, legs.a])).toEqual([
      ['bus', 125, existing],
      ['main', 125, existing],
      ['service', 100, existing],
    ]);
    expect(nodes.at(-1)!.label).toBe('Meter base');
  });
});

describe('a charger behind a feeder', () => {
  const fit = loadFit(both, { ...charger, panelId: garage.panel.id });

  test('is refused at the feeder, with ways that fit, the cheapest first', () => {
    expect(fit.fits).toBe(false);
    expect(fit.nodes.find(({ ok }) => !ok)).toMatchObject({
      kind: 'feeder',
      limitAmps: 55,
      headroomAmps: -11,
    });
    expect(fit.ways.map(({ code }) => code)).toEqual(['smaller', 'managed', 'upstream', 'feeder']);
    expect(fit.ways[0]).toMatchObject({ amps: 31 });
    expect(fit.ways[2]).toMatchObject({ panelId: house.panel.id, text: 'Connect it to Panel 1000 instead.' });
  });

  test('each of these ways holds when it is asked again', () => {
    expect(loadFit(both, { ...charger, panelId: garage.panel.id, amps: 31 }).fits).toBe(true);
    expect(loadFit(both, { ...charger, panelId: house.panel.id }).fits).toBe(true);
  });

  test('what moves for it counts in its new place, and one pole goes to the leg of its space', () => {
    const wanted = { ...charger, amps: 16, poles: 1 as const, panelId: house.panel.id };
    const plan = {
      place: { space: 1, half: null },
      steps: [{ id: uuid(1001), to: { space: 7, half: null }, as: 'move' as const }],
    };
    const [branch, bus] = loadFit(both, { ...wanted, plan }).nodes;
    // Space 7 is on leg B: 30 A go there, and 20 A come to leg A.
    expect([branch!.after, bus!.after]).toEqual([
      { a: 20, b: 0 },
      { a: 47, b: 46 },
    ]);
  });

  test('a load above its own breaker has no way but a smaller one', () => {
    const { fits, ways } = loadFit(both, { ...charger, panelId: house.panel.id, amps: 48 });
    expect([fits, ways.map(({ code }) => code)]).toEqual([false, ['smaller']]);
  });
});

const branch = fc.record({
  amps: fc.double({ min: 0, max: 60, noNaN: true }),
  poles: fc.constantFrom(1 as const, 2 as const),
});
const tree = fc.record({
  /** Branches of one to four panels, each fed by the one before. */
  panels: fc.array(fc.array(branch, { minLength: 1, maxLength: 2 }), { minLength: 1, maxLength: 4 }),
  ratings: fc.array(fc.constantFrom(60, 100, 125, 200), { minLength: 8, maxLength: 8 }),
  gauges: fc.array(fc.constantFrom('6' as const, '1/0' as const), { minLength: 4, maxLength: 4 }),
  hasMains: fc.boolean(),
  amps: fc.double({ min: 0, max: 100, noNaN: true }),
  poles: fc.constantFrom(1 as const, 2 as const),
  continuous: fc.boolean(),
  rules: fc.constantFrom('split' as const, 'flat80' as const),
});

describe('laws over drawn trees of panels', () => {
  test('no tick over a rating; the load of a panel is that of all below it; every way fits', () => {
    fc.assert(
      fc.property(tree, ({ panels, ratings, gauges, hasMains, amps, poles, continuous, rules }) => {
        const drawn = panels.map((branches, i) =>
          aPlanned(
            1000 * (i + 1),
            [
              ...branches.map((one, j) => ({ ...one, space: [1, 2][j]! })),
              ...(i < panels.length - 1
                ? [
                    {
                      space: 5,
                      amps: null,
                      poles: 2 as const,
                      ratingAmps: ratings[2 * i]!,
                      gauge: gauges[i]!,
                    },
                  ]
                : []),
            ].map((one) => (one.poles === 2 && one.space < 3 ? { ...one, space: one.space + 6 } : one)),
            {
              busAmps: ratings[2 * i + 1]!,
              ...(i > 0 && { fedByBreakerId: uuid(1000 * i + 5) }),
              ...((i === 0 || hasMains) && { mainAmps: ratings[7 - i]! }),
            },
          ),
        );
        const panelId = drawn.at(-1)!.panel.id;
        const wanted = { panelId, amps, poles, continuous, rules, breakerAmps: 125 };
        const fit = loadFit(planning(...drawn), wanted);
        const { nodes } = loadPath(planning(...drawn), panelId);
        // None is left out, however long the way: up to twelve.
        expect(fit.nodes).toHaveLength(nodes.length + 1);
        // Both legs together, counted apart from the way: all branches of this panel and of those below.
        const ofPanel = (i: number) =>
          panels
            .slice(i)
            .flat()
            .reduce((sum, one) => sum + one.amps * one.poles, 0);
        for (const node of nodes) {
          const i = drawn.findIndex(({ panel }) => panel.id === node.panelId);
          expect(node.legs.a + node.legs.b).toBeCloseTo(ofPanel(i), 6);
        }
        const added = amps * (continuous && rules === 'split' ? 1.25 : 1);
        const share = rules === 'flat80' ? 0.8 : 1;
        if (fit.fits)
          for (const { legs, ratingAmps, ampacity = Infinity } of nodes) {
            const most = poles === 2 ? Math.max(legs.a, legs.b) + added : Math.max(legs.a, legs.b);
            expect(most).toBeLessThanOrEqual(Math.min(share * ratingAmps, ampacity) + 1e-6);
          }
        else expect(fit.nodes.some(({ ok }) => !ok)).toBe(true);
        for (const way of fit.ways) {
          if (way.code === 'smaller')
            expect(loadFit(planning(...drawn), { ...wanted, amps: way.amps! }).fits).toBe(true);
          if (way.code === 'upstream')
            expect(loadFit(planning(...drawn), { ...wanted, panelId: way.panelId! }).fits).toBe(true);
        }
      }),
      { numRuns: runs(300, 5000) },
    );
  });
});
