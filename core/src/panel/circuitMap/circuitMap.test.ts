import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { circuitMap, circuitMapRead, MAP_CHECKS, type MapCheck } from './index.ts';

const breakers = (count: number, never: readonly number[] = []) =>
  Array.from({ length: count }, (_, i) => ({ id: `b${i + 1}`, mayBeOff: !never.includes(i + 1) }));

/** How far apart any two patterns are, the empty one included. */
function leastDistance(rounds: { off: string[] }[], ids: string[]): number {
  const patterns = [null, ...ids].map((id) => rounds.map(({ off }) => id !== null && off.includes(id)));
  let least = Infinity;
  patterns.forEach((one, i) =>
    patterns.slice(0, i).forEach((other) => {
      least = Math.min(least, one.filter((bit, round) => bit !== other[round]).length);
    }),
  );
  return least;
}

const APART: Record<MapCheck, number> = { none: 1, detect: 2, correct: 3 };
/** Shortest linear codes of distance 3, by how many bits they carry. */
const SHORTEST = [0, 3, 5, 6, 7, 9, 10, 11];

describe('which breaker feeds which place, in few rounds', () => {
  test.each([0, 1, 2, 3, 4, 7, 8, 15, 16, 31, 32, 42, 63, 64, 84])('%i breakers that may go off', (count) => {
    const all = [...breakers(count), { id: 'alarm', mayBeOff: false }];
    const bits = Math.ceil(Math.log2(count + 1));
    const most: Record<MapCheck, number> = { none: bits, detect: bits + 1, correct: SHORTEST[bits]! };
    for (const check of MAP_CHECKS) {
      if (count === 84) all.length = 84;
      const { rounds, oneByOne } = circuitMap({ breakers: all, check });
      expect([check, rounds.length, oneByOne]).toEqual([check, count === 0 ? 0 : most[check], count]);
      expect(rounds.flatMap(({ off }) => off)).not.toContain('alarm');
      if (count > 0)
        expect(
          leastDistance(
            rounds,
            all.filter(({ mayBeOff }) => mayBeOff).map(({ id }) => id),
          ),
        ).toBeGreaterThanOrEqual(APART[check]);
    }
  });

  test('ids that are not known, and looks that are too few, are bad input', () => {
    const known = { breakers: breakers(2), check: 'none' as const };
    expect(() => circuitMapRead({ ...known, rounds: [{ off: ['x'] }], places: [] })).toThrow(/no breaker/);
    expect(() =>
      circuitMapRead({ ...known, rounds: [{ off: ['b1'] }], places: [{ id: 'lamp', dead: [] }] }),
    ).toThrow(/1 rounds/);
  });

  test('what was not looked at counts for nothing, and what fits alike is told, eight at most', () => {
    const list = breakers(20);
    const { rounds } = circuitMap({ breakers: list, check: 'none' });
    const [place] = circuitMapRead({
      breakers: list,
      check: 'none',
      rounds,
      places: [{ id: 'lamp', dead: rounds.map(() => null) }],
    }).places;
    expect(place).toMatchObject({ sure: false, mended: false });
    expect(place!.feeds).toHaveLength(8);
  });
});

describe('laws', () => {
  const houses = fc.record({
    count: fc.integer({ min: 1, max: 84 }),
    check: fc.constantFrom(...MAP_CHECKS),
    at: fc.nat(),
    wrong: fc.nat(),
  });

  test('looks that are right give the breaker, for sure', () => {
    fc.assert(
      fc.property(houses, ({ count, check, at }) => {
        const list = breakers(count);
        const { rounds } = circuitMap({ breakers: list, check });
        const fed = [null, ...list.map(({ id }) => id)][at % (count + 1)]!;
        const dead = rounds.map(({ off }) => fed !== null && off.includes(fed));
        const [place] = circuitMapRead({ breakers: list, check, rounds, places: [{ id: 'p', dead }] }).places;
        expect(place).toEqual({ id: 'p', feeds: fed === null ? [] : [fed], sure: true, mended: false });
      }),
    );
  });

  test('one wrong look is noticed with detect, and put right with correct', () => {
    fc.assert(
      fc.property(houses, ({ count, check, at, wrong }) => {
        if (check === 'none') return;
        const list = breakers(count);
        const { rounds } = circuitMap({ breakers: list, check });
        const fed = list[at % count]!.id;
        const dead = rounds.map(({ off }, i) => off.includes(fed) !== (i === wrong % rounds.length));
        const [place] = circuitMapRead({ breakers: list, check, rounds, places: [{ id: 'p', dead }] }).places;
        if (check === 'detect') expect(place!.sure).toBe(false);
        else expect(place).toEqual({ id: 'p', feeds: [fed], sure: true, mended: true });
      }),
    );
  });
});
