import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  endsInspection,
  goodResult,
  INSPECTION_ITEM_IDS,
  inspectionItem,
  inspectionWords,
  isNormal,
  PURPOSE_IDS,
  STATION_IDS,
  STATIONS,
} from '../../facts/inspection/index.ts';
import { isOutcome, panelSign, PANEL_SIGN_WORDS, TESTS } from '../../facts/vocabulary/index.ts';
import { aBreaker, uuid } from '../../testing/index.ts';
import {
  currentInspection,
  inspectedBreakers,
  inspectionsOf,
  knownResults,
  ownFindings,
  protectionToday,
  sayResult,
  skippedItems,
  stationItems,
  stationsOf,
  type InspectionEntry,
  type KnownResult,
} from './index.ts';

const NOW = '2026-12-01T12:00:00.000Z';
const at = (daysAgo: number) => new Date(Date.parse(NOW) - daysAgo * 86_400_000).toISOString();
const breaker = (space: number, change: object = {}) => ({
  breaker: aBreaker({ id: uuid(space), space, ...change }),
  label: `Circuit ${space}`,
  isReady: true,
});
const PANEL = [breaker(1), breaker(3), breaker(5, { kind: 'gfci' }), breaker(2, { poles: 2 })];
const buying = { purpose: 'buying' as const, startedAt: NOW };
const entry = (daysAgo: number, content: Partial<InspectionEntry['content']>): InspectionEntry => ({
  at: at(daysAgo),
  content: {
    inspectionId: uuid(100),
    purpose: 'buying',
    station: 'closed',
    results: [],
    skipped: [],
    ...content,
  },
});
const result = (item: KnownResult['item'], which: string, breakerId: string | null = null) => ({
  ...{ item, breakerId, result: which, volts: null },
});
const nothing = { entries: [], outcomes: [], signs: [], hasOpenSlots: false, breakerIds: [uuid(1)] };

describe('the table of items', () => {
  test('each has words for each result, a good one first, and outcomes and findings that exist', () => {
    for (const id of INSPECTION_ITEM_IDS) {
      const { results } = inspectionItem(id);
      expect(Object.keys(inspectionWords(id).results)).toEqual(Object.keys(results));
      expect([id, results[goodResult(id)]!.isGood]).toEqual([id, true]);
      for (const { seenAs, sign } of Object.values(results)) {
        if (seenAs) expect([seenAs, isOutcome(seenAs.test, seenAs.outcome)]).toEqual([seenAs, true]);
        if (sign) expect(PANEL_SIGN_WORDS[sign].why).toMatch(/\.$/);
      }
    }
  });

  test('a finding is known to the diagnosis, to the evaluation of the panel, or says itself what follows', () => {
    const untold = INSPECTION_ITEM_IDS.flatMap((id) =>
      Object.entries(inspectionItem(id).results)
        .filter(([which, one]) => {
          const { follows } = inspectionWords(id).results[which]!;
          return !one.isGood && !one.seenAs && !one.sign && !follows;
        })
        .map(([which]) => [id, which]),
    );
    expect(untold).toEqual([]);
  });
});

describe('the danger of an item', () => {
  test('with the cover closed, nothing is asked that a homeowner may not do', () => {
    const behind = INSPECTION_ITEM_IDS.filter((id) => !STATIONS[inspectionItem(id).station].isInside)
      .flatMap((id) => Object.values(inspectionItem(id).results))
      .filter(
        ({ sign, seenAs }) =>
          (sign && panelSign(sign).coverClosed !== true) || (seenAs && TESTS[seenAs.test].level === 2),
      );
    expect(behind).toEqual([]);
  });

  test('a hazard of the whole panel ends the walk on the spot; nothing that is good does', () => {
    const ends = INSPECTION_ITEM_IDS.flatMap((id) =>
      Object.keys(inspectionItem(id).results)
        .filter((which) => endsInspection(id, which))
        .map((which) => `${id} ${which}`),
    );
    expect(ends).toEqual(['moisture wet', 'sound sizzle', 'smell hot-plastic', 'touch hot']);
  });

  test('a breaker that is off, tripped or left alone is not tested, and none of its outlets is measured', () => {
    const breakers = PANEL.map((one) => ({
      ...one,
      isReady: one.breaker.id !== uuid(5) && one.breaker.id !== uuid(1),
    }));
    const items = STATION_IDS.flatMap((station) => stationItems(station, buying, breakers, []));
    expect(items.find(({ item }) => item === 'test-buttons')).toBeUndefined();
    expect(items.find(({ item }) => item === 'outlet-voltage')!.asked).toEqual([uuid(3)]);
  });

  test('a breaker of the board is ready when it is on, and no hazard says to leave it alone', () => {
    const none = { level: 'none' as const, scope: null, findings: [] };
    const at = (handle: string) => ({
      ...{ breaker: aBreaker({ id: uuid(1), space: 1 }), label: 'Hall', handle },
      decision: { hazard: none },
    });
    const ready = inspectedBreakers([at('on'), at('off'), at('tripped')] as never).map((one) => one.isReady);
    expect(ready).toEqual([true, false, false]);
  });
});

describe('a station', () => {
  test('asks each breaker what is of breakers, and only what fits the purpose', () => {
    const items = stationItems('closed', buying, PANEL, []);
    const of = (id: string) => items.find(({ item }) => item === id)!;
    expect(of('touch').asked).toHaveLength(4);
    expect(of('test-buttons').asked).toEqual([uuid(5)]);
    expect(of('sound').asked).toEqual([null]);
    const yearly = stationItems('closed', { purpose: 'yearly', startedAt: NOW }, PANEL, []);
    expect(yearly.map(({ item }) => item)).not.toContain('family');
  });

  test('asks one outlet of each leg', () => {
    const [volts] = stationItems('outlets', buying, PANEL, []);
    expect(volts).toMatchObject({ item: 'outlet-voltage', asked: [uuid(1), uuid(3)] });
  });

  test.each([
    ['buying', 89, []],
    ['buying', 91, [null]],
    ['water', 1, [null]],
  ] as const)('%s, last heard %d days ago: asked of %j', (purpose, daysAgo, asked) => {
    const known = [{ ...result('sound', 'quiet'), at: at(daysAgo) }];
    const items = stationItems('closed', { purpose, startedAt: NOW }, PANEL, known);
    expect(items.find(({ item }) => item === 'sound')!.asked).toEqual(asked);
  });

  test('what does not change is asked once and for all', () => {
    const known = [{ ...result('age', 'old'), at: at(4000) }];
    expect(stationItems('closed', buying, PANEL, known).find(({ item }) => item === 'age')!.asked).toEqual(
      [],
    );
  });

  test('law: every breaker of an item is either asked or known, never both', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PURPOSE_IDS),
        fc.constantFrom(...STATION_IDS),
        fc.array(
          fc.record({ item: fc.constantFrom(...INSPECTION_ITEM_IDS), nth: fc.nat(3), daysAgo: fc.nat(200) }),
        ),
        (purpose, station, taken) => {
          const known = taken.map(({ item, nth, daysAgo }) => ({
            ...result(
              item,
              goodResult(item),
              inspectionItem(item).of === 'panel' ? null : PANEL[nth]!.breaker.id,
            ),
            at: at(daysAgo),
          }));
          for (const one of stationItems(station, { purpose, startedAt: NOW }, PANEL, known)) {
            const there = new Set(one.known.map(({ breakerId }) => breakerId));
            expect(one.asked.filter((thing) => there.has(thing))).toEqual([]);
          }
        },
      ),
    );
  });
});

describe('what is on record', () => {
  test('the latest holds, wherever it was logged', () => {
    const entries = [entry(5, { results: [result('touch', 'cool', uuid(1))] })];
    const outcomes = [
      { breakerId: uuid(1), isMain: false, test: 'panel-touch' as const, outcome: 'hot', at: at(2) },
      { breakerId: uuid(9), isMain: true, test: 'sound' as const, outcome: 'steady-hum', at: at(2) },
    ];
    const known = knownResults({ ...nothing, entries, outcomes }, NOW);
    expect(known).toEqual([
      { ...result('touch', 'hot', uuid(1)), at: at(2) },
      { ...result('sound', 'hum'), at: at(2) },
    ]);
  });

  test('a finding that was repaired since is no finding any more', () => {
    const entries = [entry(5, { results: [result('bonding', 'not-bonded')], station: 'inside' })];
    const said = (found: boolean, daysAgo: number) => ({
      ...{ sign: 'neutral-not-bonded' as const, found, at: at(daysAgo) },
    });
    expect(knownResults({ ...nothing, entries, signs: [said(true, 5)] }, NOW)).toHaveLength(1);
    expect(knownResults({ ...nothing, entries, signs: [said(true, 5), said(false, 1)] }, NOW)).toEqual([]);
  });

  test('a finding at a breaker that was replaced since is none of the panel’s', () => {
    const entries = [entry(5, { results: [result('terminals', 'loose', uuid(77))], station: 'inside' })];
    expect(knownResults({ ...nothing, entries }, NOW)).toEqual([]);
  });

  test('open slots on the drawing are known without a look', () => {
    expect(knownResults({ ...nothing, hasOpenSlots: true }, NOW)).toMatchObject([
      { item: 'openings', result: 'open' },
    ]);
  });

  test.each([
    [109, false],
    [110, true],
    [127, true],
    [128, false],
  ])('%d V at an outlet: normal %s', (volts, expected) => {
    const known = { ...result('outlet-voltage', 'read', uuid(1)), volts, at: NOW };
    expect([isNormal(known), sayResult(known)]).toEqual([expected, `${volts} V`]);
  });

  test('what neither a breaker nor the evaluation tells says itself what to do', () => {
    const [own] = ownFindings([{ ...result('clearance', 'blocked'), at: NOW }]);
    expect(own!.follows.todo).toMatch(/^Clear the working space/);
    expect(ownFindings([{ ...result('moisture', 'damp'), at: NOW }])).toEqual([]);
  });
});

describe('inspections', () => {
  const stations = () => stationsOf(buying, PANEL);

  test('stations of one inspection are one, under way until all are done or it was left for two weeks', () => {
    const begun = inspectionsOf([
      entry(1, { station: 'closed', skipped: ['smell'] }),
      entry(2, { station: 'outside' }),
    ]);
    expect(begun).toMatchObject([{ startedAt: at(2), lastAt: at(1), skipped: ['smell'] }]);
    expect(currentInspection(begun, stations, NOW)).toBe(begun[0]);
    expect(currentInspection(begun, stations, at(-20))).toBeNull();
    const all = inspectionsOf(STATION_IDS.map((station) => entry(1, { station })));
    expect(currentInspection(all, stations, NOW)).toBeNull();
  });

  test('what was skipped is told until something on record answers it', () => {
    const inspections = inspectionsOf([entry(1, { skipped: ['smell', 'sound'] })]);
    const known = [{ ...result('sound', 'quiet'), at: NOW }];
    expect(skippedItems({ inspections, known })).toEqual([{ item: 'smell', purpose: 'buying' }]);
  });
});

describe('protection that new work would need', () => {
  const named = (label: string, change: object = {}) => ({ ...breaker(1, change), label });
  const asks = (label: string, change: object = {}) =>
    protectionToday([named(label, change)], '2023').map((one) => one.asks);

  test.each([
    ['Bathroom', {}, ['gfci']],
    ['Bathroom', { kind: 'gfci' }, []],
    ['Apartment: bedrooms', {}, ['afci']],
    ['Kitchen counter', {}, ['dual']],
    ['Kitchen counter', { kind: 'gfci' }, ['dual']],
    ['Kitchen counter', { kind: 'dual' }, []],
    ['Sewing machines', {}, []],
    ['Main', { role: 'main', space: null }, []],
  ] as const)('%s %j: %j', (label, change, expected) => expect(asks(label, change)).toEqual(expected));
});
