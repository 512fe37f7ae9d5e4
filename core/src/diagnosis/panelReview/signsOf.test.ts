import { describe, expect, test } from '@jest/globals';
import { seeded } from '../../facts/random/index.ts';
import { PANEL_STATES, simulatedPanel, type PanelState } from '../../simulate/panel/index.ts';
import {
  panelReview,
  seasonalVa,
  seasonOf,
  signsOf,
  type FindingPlace,
  type PanelFindings,
} from './index.ts';

const NOW = '2026-11-21T09:00:00.000Z';
const MAIN: FindingPlace = { breakerId: 'm', name: 'the main', isMain: true };
const place = (name: string): FindingPlace => ({ breakerId: name, name, isMain: false });

/** A panel of which nothing is on record. */
const nothing = (more: Partial<PanelFindings> = {}): PanelFindings => ({
  ratingAmps: 100,
  isSubPanel: false,
  hasSingleMain: true,
  freeSpaces: 3,
  openHoles: 0,
  outcomes: [],
  heat: [],
  legs: [],
  trips: [],
  tooLate: [],
  signs: [],
  seasonal: { winterVa: 0, summerVa: 0, allVa: 1000 },
  now: NOW,
  ...more,
});
const ids = (more: Partial<PanelFindings>) => signsOf(nothing(more)).map(({ sign }) => sign);
const heat = (at: FindingPlace, overPeersC: number | null, more = {}) => ({
  at,
  point: 'terminal' as const,
  surfaceC: 50,
  riseC: 28,
  overPeersC,
  share: 0.6,
  grade: 'normal' as const,
  when: '2026-10-12T14:00:00.000Z',
  ...more,
});

describe('signs that follow from the record', () => {
  test('nothing on record, no sign', () => {
    expect(ids({})).toEqual([]);
  });

  test('one joint is local, two are the bus; each tells its figures and its breaker', () => {
    expect(ids({ heat: [heat(place('8'), 22), heat(place('10'), 1), heat(place('12'), 2)] })).toEqual([
      'one-joint-over-15',
    ]);
    const [several] = signsOf(
      nothing({ heat: [heat(place('8'), 22), heat(place('10'), 18), heat(place('12'), 2)] }),
    );
    expect(several).toMatchObject({ sign: 'several-over-15', breakerIds: ['8', '10'] });
    expect(several!.origin).toContain('8 ');
  });

  test('one burnt terminal or stab is that breaker’s, several are the panel’s', () => {
    const found = (at: FindingPlace, test: 'terminal-inspection' | 'stab-inspection', outcome: string) =>
      ({ at, test, outcome, when: NOW }) as PanelFindings['outcomes'][number];
    expect(ids({ outcomes: [found(place('4'), 'terminal-inspection', 'discoloured-or-melted')] })).toEqual(
      [],
    );
    expect(ids({ outcomes: [found(place('4'), 'stab-inspection', 'pitted-or-burnt')] })).toEqual([
      'stab-pitted-one',
    ]);
    expect(
      ids({ outcomes: ['4', '6'].map((name) => found(place(name), 'stab-inspection', 'pitted-or-burnt')) }),
    ).toEqual(['stabs-pitted-several']);
    expect(ids({ outcomes: [found(MAIN, 'terminal-inspection', 'discoloured-or-melted')] })).toEqual([
      'lugs-discoloured',
    ]);
  });

  test('a scan under load that shows nothing clears; three idle joints do not', () => {
    const scanned = [1, 2, 3].map((n) => heat(place(`${n}`), 1));
    expect(ids({ heat: scanned })).toEqual(['none-over-3']);
    expect(ids({ heat: scanned.map((one) => ({ ...one, share: 0.1 })) })).toEqual([]);
  });

  test('a face far hotter than its terminal is a welded contact, one that is cooler a bad joint', () => {
    const face = heat(place('4'), 60, { point: 'face', surfaceC: 95 });
    expect(ids({ heat: [face, heat(place('4'), 30, { surfaceC: 60 })] })).toContain('very-hot-not-open');
    expect(ids({ heat: [face, heat(place('4'), 70, { surfaceC: 110 })] })).not.toContain('very-hot-not-open');
  });

  test('unequal legs count for years once they were measured a year apart, on the same side', () => {
    const legs = (A: number, B: number, when: string) => ({ amps: { A, B }, when, days: 0, measured: 1 });
    expect(
      ids({ legs: [legs(60, 20, '2025-01-10T00:00:00Z'), legs(58, 22, '2026-11-01T00:00:00Z')] }),
    ).toEqual(['legs-unequal-for-years']);
    expect(
      ids({ legs: [legs(60, 20, '2026-10-10T00:00:00Z'), legs(58, 22, '2026-11-01T00:00:00Z')] }),
    ).toEqual([]);
    expect(
      ids({ legs: [legs(60, 20, '2025-01-10T00:00:00Z'), legs(20, 58, '2026-11-01T00:00:00Z')] }),
    ).toEqual([]);
    expect(ids({ legs: [legs(120, 90, NOW)] })).toEqual(['leg-over-rating']);
    expect(ids({ legs: [{ ...legs(120, 90, NOW), measured: 0.4 }] })).toEqual([]);
  });

  test('breakers that trip together once may be chance, twice they are not; tied ones never count', () => {
    const trip = (name: string, when: string, tiedWith: string | null = null) => ({
      at: place(name),
      when,
      tiedWith,
    });
    const once = [trip('4', '2026-11-01T10:00:00Z'), trip('6', '2026-11-01T10:00:30Z')];
    const twice = [...once, trip('4', '2026-11-02T10:00:00Z'), trip('6', '2026-11-02T10:00:30Z')];
    expect(ids({ trips: once })).toEqual([]);
    expect(ids({ trips: twice })).toEqual(['trips-together']);
    expect(
      ids({ trips: twice.map((one) => ({ ...one, tiedWith: one.at.name === '4' ? '6' : '4' })) }),
    ).toEqual([]);
  });

  test('what a person says stands, and takes away what it says is not so any more', () => {
    const said = (sign: 'damp' | 'stab-pitted-one', found: boolean, when: string) => ({
      sign,
      found,
      when,
      entryId: `e ${when}`,
    });
    expect(ids({ signs: [said('damp', true, '2026-11-01T10:00:00Z')] })).toEqual(['damp']);
    expect(
      ids({
        signs: [said('damp', true, '2026-11-01T10:00:00Z'), said('damp', false, '2026-11-02T10:00:00Z')],
      }),
    ).toEqual([]);
  });

  test('what cleared a panel long ago says nothing of today', () => {
    const scanned = [1, 2, 3].map((n) => heat(place(`${n}`), 1, { when: '2024-10-12T14:00:00.000Z' }));
    expect(ids({ heat: scanned })).toEqual([]);
  });
});

test('the season of the largest load, by its loads’ names, and whether it is ahead', () => {
  const seasonal = seasonalVa([
    { name: 'Drying loft heaters', va: 2600 },
    { name: 'Air conditioner', va: 1500 },
    { name: 'Lamps', va: 300 },
  ]);
  expect(seasonal).toEqual({ winterVa: 2600, summerVa: 1500, allVa: 4400 });
  expect(seasonOf(seasonal, '2026-09-01T00:00:00Z')).toMatchObject({ name: 'winter', isAhead: true });
  expect(seasonOf(seasonal, '2026-12-01T00:00:00Z')).toMatchObject({ isAhead: false });
  expect(seasonOf({ winterVa: 100, summerVa: 0, allVa: 4000 }, NOW)).toBeNull();
});

/** Verdicts of simulated panels of a state. */
const verdicts = (state: PanelState, count: number) =>
  Array.from({ length: count }, (_, n) => {
    const findings = simulatedPanel(seeded(52_000 + 97 * n + state.length), state);
    return panelReview({ evidence: signsOf(findings).map(({ sign }) => sign) }).verdict;
  });

describe('simulated panels, 120 of each state', () => {
  test.each(PANEL_STATES)('%s', (state) => {
    const condemned = verdicts(state, 120).filter((verdict) => verdict === 'replace').length;
    if (state === 'failing-bus') expect(condemned).toBeGreaterThanOrEqual(108);
    else if (state === 'sound' || state === 'one-bad-joint') expect(condemned).toBe(0);
    else expect(condemned).toBeLessThanOrEqual(6);
  });
});
