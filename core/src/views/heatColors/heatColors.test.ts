import fc from 'fast-check';
import { expect, test } from '@jest/globals';
import { heatColor, heatPixels, heatScale } from './index.ts';

/** As a gray picture shows it (ITU-R BT.601). */
const lightness = (share: number) => {
  const [red, green, blue] = heatColor(share);
  return 0.299 * red + 0.587 * green + 0.114 * blue;
};

test('hotter is lighter, all the way: a gray print tells the same', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(share, share, (a, b) => {
      const [cold, hot] = a < b ? [a, b] : [b, a];
      // Whole steps of 255 are as fine as a screen shows.
      expect(lightness(hot)).toBeGreaterThanOrEqual(lightness(cold) - 1);
    }),
  );
  expect(heatColor(-1)).toEqual(heatColor(0));
  expect(heatColor(2)).toEqual([250, 240, 214]);
});

test('a lone cold cell does not press the rest flat, a lone hot one always shows', () => {
  const cells = [-30, ...Array.from({ length: 198 }, (_one, i) => 20 + i / 100), 80];
  const scale = heatScale(cells);
  expect(scale.from).toBeCloseTo(20.01);
  expect(scale.to).toBe(80);
  const pixels = heatPixels(cells, scale);
  expect([...pixels.subarray(-4)]).toEqual([250, 240, 214, 255]);
  expect([...pixels.subarray(0, 4)]).toEqual([13, 22, 18, 255]);
});

test('a picture of one temperature is all of one color', () => {
  const scale = heatScale([21, 21, 21]);
  expect(new Set(heatPixels([21, 21, 21], scale)).size).toBe(4);
});
