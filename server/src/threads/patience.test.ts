import { expect, test } from '@jest/globals';
import { patientMs } from './index.ts';

test('work is waited for as long as it may take, longer on a busy machine, never for ever', () => {
  expect([0, 0.5, 1, 2.5, 40].map((load) => patientMs(20, load))).toEqual([20, 20, 20, 50, 80]);
  expect(patientMs(20)).toBeGreaterThanOrEqual(20);
});
