import { expect, test } from '@jest/globals';
import { heatPreview } from './index.ts';

test('a hot spot of one cell is seen, in its place', () => {
  const [width, height] = [160, 120];
  const celsius = new Float32Array(width * height).fill(22);
  celsius[70 * width + 130] = 91.26;
  const preview = heatPreview({ width, height, celsius });
  expect([preview.width, preview.height]).toEqual([40, 30]);
  expect(Math.max(...preview.celsius)).toBe(91.3);
  expect(preview.celsius.indexOf(91.3)).toBe(17 * 40 + 32);
  expect(preview.hottest).toEqual({ celsius: 91.3, x: 130.5 / width, y: 70.5 / height });
});

test('a picture of odd sides has a cell for every corner', () => {
  const preview = heatPreview({ width: 83, height: 5, celsius: new Float32Array(83 * 5).fill(20) });
  expect(preview.celsius).toHaveLength(preview.width * preview.height);
  expect(preview.celsius.every((one) => one === 20)).toBe(true);
});
