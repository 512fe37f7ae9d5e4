import { expect, test } from '@jest/globals';
import { seeded } from '../../facts/random/index.ts';
import { spaceTemperatures } from '../../physics/thermalPicture/index.ts';
import { plantedPicture, plantedSpots } from './heatPicture.ts';

test('a planted joint is found at its space, in oblique and tilted pictures; where none is, none is told', () => {
  const each = 60;
  const hot = Array.from({ length: each }, (_, n) => plantedPicture(seeded(61_000 + n), true));
  const found = hot.filter((one) => plantedSpots(one)[0]?.space === one.space).length;
  expect(found / each).toBeGreaterThanOrEqual(0.92);
  const sound = Array.from({ length: each }, (_, n) => plantedPicture(seeded(62_000 + n), false));
  expect(sound.filter((one) => plantedSpots(one).length === 0).length / each).toBeGreaterThanOrEqual(0.95);
});

test('each space’s temperatures: the hottest is the joint’s', () => {
  const one = plantedPicture(seeded(7), true);
  const spaces = spaceTemperatures({ ...one.picture, corners: one.corners, emissivity: null }, one.spaces);
  expect(spaces).toHaveLength(one.spaces);
  const hottest = spaces.reduce((a, b) => (b.maxC > a.maxC ? b : a));
  expect(hottest.space).toBe(one.space);
});
