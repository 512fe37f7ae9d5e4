import fc from 'fast-check';
import { expect, test } from '@jest/globals';
import { curveOf } from './index.ts';

const samples = (values: number[]) => ({
  times: Float64Array.from(values, (_, i) => i * 1000),
  values: Float32Array.from(values),
});

test('nothing that stands out is lost, however long it was logged', () => {
  const value = fc.oneof({ weight: 9, arbitrary: fc.integer({ min: 0, max: 400 }) }, fc.constant(NaN));
  fc.assert(
    fc.property(
      fc.array(value, { minLength: 2, maxLength: 500 }),
      fc.integer({ min: 1, max: 96 }),
      (all, steps) => {
        const { least, most } = curveOf(samples(all), steps);
        const logged = all.filter((one) => !Number.isNaN(one));
        const known = (list: (number | null)[]) => list.filter((one) => one !== null);
        expect([least.length, most.length]).toEqual([steps, steps]);
        if (logged.length === 0) return expect(known(most)).toEqual([]);
        expect(Math.max(...known(most))).toBe(Math.max(...logged));
        expect(Math.min(...known(least))).toBe(Math.min(...logged));
      },
    ),
  );
});

test('a gap stays a gap', () => {
  expect(curveOf(samples([1, NaN, NaN, 2]), 4).most).toEqual([1, null, null, 2]);
});
