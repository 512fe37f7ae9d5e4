import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '../../testing/index.ts';
import { BACKUP_PRIORITIES, backup, type BackupInput } from './index.ts';

type Load = BackupInput['loads'][number];
const source = { watts: 5000, startingWatts: 6250, supply: '120/240' as const };
const fridge: Load = { id: 'fridge', watts: 200, startingWatts: 1200, volts: 120, leg: 'a', priority: 1 };
const furnace: Load = { id: 'furnace', watts: 600, startingWatts: 2400, volts: 120, leg: 'b', priority: 1 };
const pump: Load = { id: 'pump', watts: 1500, startingWatts: 4500, volts: 240, priority: 1 };
const lights: Load = { id: 'lights', watts: 300, volts: 120, leg: 'a', priority: 2 };
const range: Load = { id: 'range', watts: 8000, volts: 240, priority: 3 };
const ids = (list: readonly { id: string }[]) => list.map(({ id }) => id);

describe('what a source carries and starts', () => {
  test('5 kW: 2.5 kW a leg; the largest surge of a leg starts first', () => {
    const answer = backup({ source, loads: [lights, fridge, furnace, pump, range] });
    expect(answer).toEqual({
      carried: [
        // 600 W and 1,800 W of surge, of 3,125 W on leg b.
        { id: 'furnace', peakWatts: 2400 },
        // Half of 1,500 W beside the furnace’s 600 W, and half of 3,000 W of surge.
        { id: 'pump', peakWatts: 2850 },
        // 950 W on leg a, and 1,000 W of surge.
        { id: 'fridge', peakWatts: 1950 },
        { id: 'lights', peakWatts: 1250 },
      ],
      leftOut: [{ id: 'range', reason: 'too-large' }],
      runningWatts: { a: 1250, b: 1350 },
      limitWatts: { a: 2500, b: 2500 },
    });
  });

  test('a 120 V inverter carries no 240 V load; both legs are one', () => {
    const answer = backup({
      source: { watts: 1000, startingWatts: 2600, supply: '120' },
      loads: [fridge, furnace, pump, lights],
    });
    expect(answer).toMatchObject({
      leftOut: [
        { id: 'pump', reason: 'needs-240' },
        { id: 'lights', reason: 'no-power-left' },
      ],
      runningWatts: { a: 800, b: 0 },
    });
    // Furnace first: 2,400 W; the other way around it would be 200 W and 2,400 W, still within 2,600 W.
    expect(ids(answer.carried)).toEqual(['furnace', 'fridge']);
  });

  test('one large load of priority 1 comes before three small ones of priority 2', () => {
    const small = (id: string): Load => ({ id, watts: 900, volts: 120, leg: 'a', priority: 2 });
    const heater: Load = { id: 'heater', watts: 2500, volts: 120, leg: 'a', priority: 1 };
    const answer = backup({ source, loads: [small('x'), small('y'), heater, small('z')] });
    expect(ids(answer.carried)).toEqual(['heater']);
  });

  test('refuses a 120 V load without a leg, a start below running, and one id twice', () => {
    const { leg: _, ...noLeg } = fridge;
    expect(() => backup({ source, loads: [noLeg] })).toThrow(/leg/);
    expect(() => backup({ source, loads: [{ ...pump, leg: 'a' }] })).toThrow(/both legs/);
    expect(() => backup({ source, loads: [{ ...fridge, startingWatts: 100 }] })).toThrow(/at least/);
    expect(() => backup({ source, loads: [fridge, fridge] })).toThrow(/twice/);
    expect(() => backup({ source: { ...source, watts: 0 }, loads: [fridge] })).toThrow(/above 0/);
  });
});

const drawn = (most: number): fc.Arbitrary<BackupInput> =>
  fc.record({
    source: fc
      .record({
        watts: fc.integer({ min: 500, max: 12_000 }),
        times: fc.constantFrom(1, 1.25, 2),
        supply: fc.constantFrom('120' as const, '120/240' as const),
      })
      .map(({ watts, times, supply }) => ({ watts, startingWatts: watts * times, supply })),
    loads: fc
      .array(
        fc.record({
          watts: fc.integer({ min: 0, max: 4000 }),
          times: fc.constantFrom(1, 1, 3, 6),
          place: fc.constantFrom('a' as const, 'b' as const, null),
          priority: fc.constantFrom(...BACKUP_PRIORITIES),
        }),
        { minLength: 1, maxLength: most },
      )
      .map((list) =>
        list.map(({ watts, times, place, priority }, i): Load => ({
          ...{ id: `${i}`, watts, startingWatts: watts * times, priority },
          ...(place === null ? { volts: 240 } : { volts: 120, leg: place }),
        })),
      ),
  });

/** Whether loads can be switched on in this order. */
function canStart({ source: { watts, startingWatts = watts, supply } }: BackupInput, order: readonly Load[]) {
  const legs = supply === '120' ? 1 : 2;
  const on = { a: 0, b: 0 };
  return order.every((load) => {
    if (legs === 1 && load.volts === 240) return false;
    const where = (['a', 'b'] as const).filter((leg) =>
      legs === 1 ? leg === 'a' : load.volts === 240 || load.leg === leg,
    );
    return where.every((leg) => {
      const share = load.volts === 240 ? 0.5 : 1;
      const surge = (load.startingWatts ?? load.watts) - load.watts;
      on[leg] += share * load.watts;
      return on[leg] <= watts / legs + 1e-9 && on[leg] + share * surge <= startingWatts / legs + 1e-9;
    });
  });
}
const permutations = <T>(list: readonly T[]): T[][] =>
  list.length < 2
    ? [[...list]]
    : list.flatMap((one, i) =>
        permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
      );
const inOrder = (loads: readonly Load[]) =>
  [...loads].sort(
    (x, y) =>
      ((y.startingWatts ?? 0) - y.watts) / (y.volts / 120) -
      ((x.startingWatts ?? 0) - x.watts) / (x.volts / 120),
  );
/** Counts by priority, then least power, as one number to compare. */
const worth = (loads: readonly Load[]) =>
  BACKUP_PRIORITIES.reduce(
    (sum, one) => 100 * sum + loads.filter(({ priority }) => priority === one).length,
    0,
  ) -
  loads.reduce((sum, { watts }) => sum + watts, 0) / 1e6;
const subsets = (loads: readonly Load[]) =>
  Array.from({ length: 2 ** loads.length }, (_, bits) => loads.filter((_one, i) => bits & (1 << i)));

describe('laws over drawn houses', () => {
  test('the order told can be carried out, and equals the best of all sets in all orders', () => {
    fc.assert(
      fc.property(drawn(5), (asked) => {
        const chosen = backup(asked).carried.map(({ id }) => asked.loads.find((load) => load.id === id)!);
        expect(canStart(asked, chosen)).toBe(true);
        const best = Math.max(
          ...subsets(asked.loads)
            .filter((set) => permutations(set).some((order) => canStart(asked, order)))
            .map(worth),
        );
        expect(worth(chosen)).toBeCloseTo(best, 9);
      }),
      { numRuns: runs(100, 1000) },
    );
  });

  test('equals trying every set of up to 16 loads', () => {
    fc.assert(
      fc.property(drawn(16), (asked) => {
        const { carried, leftOut } = backup(asked);
        expect(carried.length + leftOut.length).toBe(asked.loads.length);
        const ordered = inOrder(asked.loads);
        let best = -Infinity;
        for (const set of subsets(ordered)) {
          const value = worth(set);
          if (value > best && canStart(asked, set)) best = value;
        }
        const chosen = carried.map(({ id }) => asked.loads.find((load) => load.id === id)!);
        expect(worth(chosen)).toBeCloseTo(best, 9);
      }),
      { numRuns: runs(40, 500) },
    );
  });
});
