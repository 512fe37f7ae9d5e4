import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MAGNETIC_PICKUP, mostSensitive, secondsToOpen, tripWindow } from '../trip/index.ts';
import { combinationTimes, loadCombinations, type LoadCombinationsInput } from './index.ts';

const load = (id: string, amps: number, more: object = {}) => ({ id, amps, ...more });

describe('loads together', () => {
  test('press and kettle together trip, either alone never', () => {
    const { offending, forever } = loadCombinations({
      ratingAmps: 20,
      loads: [load('press', 14), load('kettle', 13), load('lamp', 1)],
    });
    expect(offending).toHaveLength(1);
    expect(offending[0]).toMatchObject({ loads: ['press', 'kettle'], amps: 27, by: 'running' });
    const window = tripWindow({ ratingAmps: 20, amps: 27 });
    expect(offending[0]!.fastestSeconds).toBeCloseTo(window.fastestSeconds!, 6);
    expect(forever.map(({ loads }) => loads)).toEqual([
      ['press', 'lamp'],
      ['kettle', 'lamp'],
    ]);
  });

  test('a start that the others have warmed for offends, though together they run', () => {
    const { offending } = loadCombinations({
      ratingAmps: 20,
      loads: [load('heater', 15), load('pump', 5, { surgeTimes: 12, surgeSeconds: 4 })],
    });
    expect(offending[0]).toMatchObject({ loads: ['heater', 'pump'], by: 'starting' });
    expect(offending[0]!.fastestSeconds!).toBeLessThan(4);
  });

  test('a start in the magnetic range offends alone', () => {
    const { offending } = loadCombinations({
      ratingAmps: 20,
      loads: [load('saw', 14, { surgeTimes: 9, surgeSeconds: 0.1 })],
    });
    expect(offending[0]).toMatchObject({ loads: ['saw'], by: 'starting', slowestSeconds: null });
  });

  test('one set by itself: by running, by its start where that is sooner, or never', () => {
    const heater = load('heater', 15);
    const pump = load('pump', 5, { surgeTimes: 12, surgeSeconds: 4 });
    expect(combinationTimes({ ratingAmps: 20, loads: [heater] })).toEqual({
      by: null,
      fastestSeconds: null,
      slowestSeconds: null,
    });
    expect(combinationTimes({ ratingAmps: 20, loads: [heater, load('kettle', 12)] }).by).toBe('running');
    const both = combinationTimes({ ratingAmps: 20, loads: [heater, pump, load('lamp', 6)] });
    expect(both.by).toBe('starting');
    const run = combinationTimes({ ratingAmps: 20, loads: [heater, load('pump', 5), load('lamp', 6)] });
    expect(both.fastestSeconds!).toBeLessThan(run.fastestSeconds!);
    const warm = { ratingAmps: 20, loads: [load('a', 20)] };
    expect(combinationTimes({ ...warm, ambientC: 25 }).by).toBeNull();
    expect(combinationTimes({ ...warm, ambientC: 60 }).by).toBe('running');
  });

  test('nothing at all, everything for ever, and no more than 20', () => {
    expect(loadCombinations({ ratingAmps: 20, loads: [] })).toMatchObject({
      offendingCount: 0,
      foreverCount: 0,
      sets: 0,
    });
    const light = loadCombinations({ ratingAmps: 20, loads: [load('a', 5), load('b', 6)] });
    expect(light).toMatchObject({ offendingCount: 0, foreverCount: 1, sets: 3, holding: 3 });
    const many = Array.from({ length: 21 }, (_, i) => load(`l${i}`, 1));
    expect(() => loadCombinations({ ratingAmps: 20, loads: many })).toThrow(/at most 20/);
    expect(() => loadCombinations({ ratingAmps: 20, loads: [load('a', 1), load('a', 2)] })).toThrow(
      /used twice/,
    );
  });

  test('law: the same sets as looking at every one by itself', () => {
    const some = fc.array(
      fc.record({
        amps: fc.double({ min: 0.5, max: 20, noNaN: true }),
        surgeTimes: fc.option(fc.double({ min: 1, max: 8, noNaN: true })),
      }),
      { minLength: 1, maxLength: 7 },
    );
    fc.assert(
      fc.property(some, (drawn) => {
        const loads = drawn.map(({ amps, surgeTimes }, i) => ({
          id: `l${i}`,
          amps,
          surgeTimes,
          surgeSeconds: surgeTimes === null ? null : 1.5,
        }));
        const answer = loadCombinations({ ratingAmps: 20, loads, most: 1000 });
        const all = subsets(loads.length);
        const bad = (set: number[]) => offends(loads, set);
        const smallest = all.filter((set) => bad(set) && set.every((i) => !bad(set.filter((j) => j !== i))));
        expect(answer.offending.map(({ loads: ids }) => ids.join()).sort()).toEqual(
          smallest.map((set) => set.map((i) => `l${i}`).join()).sort(),
        );
        expect(answer.holding).toBe(all.filter((set) => !bad(set)).length);
        const sizes = answer.offending.map(({ loads: ids }) => ids.length);
        expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
      }),
      { numRuns: 60 },
    );
  });
});

const subsets = (n: number): number[][] =>
  Array.from({ length: 2 ** n - 1 }, (_, set) =>
    Array.from({ length: n }, (_unused, i) => i).filter((i) => ((set + 1) >> i) & 1),
  );

type Loads = { amps: number; surgeTimes: number | null; surgeSeconds: number | null }[];

/** By the words of the definition: what they draw, or the start of one while the others are settled. */
function offends(loads: Loads, set: number[]): boolean {
  if (set.length === 0) return false;
  const edge = mostSensitive(20);
  const sum = set.reduce((total, i) => total + loads[i]!.amps, 0);
  if (secondsToOpen(edge, sum / 20) !== null) return true;
  return set.some((i) => {
    const { amps, surgeTimes, surgeSeconds } = loads[i]!;
    if (surgeTimes === null) return false;
    const surge = (sum + amps * (surgeTimes - 1)) / 20;
    const opens = secondsToOpen(edge, surge, (sum - amps) / 20);
    return surge >= MAGNETIC_PICKUP.mostSensitive || (opens !== null && opens <= surgeSeconds!);
  });
}

test('a family’s curve moves the limit', () => {
  const input: LoadCombinationsInput = { ratingAmps: 20, loads: [load('a', 12), load('b', 10.4)] };
  expect(loadCombinations(input).offendingCount).toBe(1);
  const curve = [
    { multiple: 1.3, fastestSeconds: 200, slowestSeconds: null },
    { multiple: 2, fastestSeconds: 20, slowestSeconds: 110 },
    { multiple: 3, fastestSeconds: 7, slowestSeconds: 42 },
  ];
  expect(loadCombinations({ ...input, curve }).offendingCount).toBe(0);
});
