import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { GAUGES } from '../../facts/standards/index.ts';
import { boxFill, RACEWAYS, racewayFill } from './index.ts';

describe('box', () => {
  test('two 12/2 cables, a receptacle and clamps: 4 + 1 + 2 + 1 conductors of 2.25 in³', () => {
    expect(boxFill({ gauge: '12', conductors: 4, grounds: 2, devices: 1, clamps: true })).toEqual({
      count: 8,
      volumeIn3: 18,
    });
  });
  test('a sixth ground counts half a conductor with the fifth', () => {
    expect(boxFill({ gauge: '14', conductors: 6, grounds: 6 }).count).toBe(7.5);
    expect(boxFill({ gauge: '14', conductors: 6, grounds: 4 }).count).toBe(7);
  });
  test('refuses parts of a conductor', () => {
    expect(() => boxFill({ gauge: '14', conductors: 2.5 })).toThrow(/whole number/);
    expect(() => boxFill({ gauge: '14', conductors: 0 })).toThrow();
  });
});

describe('raceway', () => {
  // The counts that Annex C lists for EMT and THHN follow from the same areas.
  test.each([
    ['12', 9, '1/2'],
    ['12', 10, '3/4'],
    ['12', 16, '3/4'],
    ['10', 5, '1/2'],
    ['8', 5, '3/4'],
    ['8', 6, '1'],
    ['6', 10, '1 1/4'],
    ['4/0', 4, '2'],
  ] as const)('%s AWG, %i of them: %s', (gauge, conductors, size) => {
    expect(racewayFill({ raceway: 'emt', gauge, conductors }).size).toBe(size);
  });
  test('one conductor may fill 53%, two 31%', () => {
    expect(racewayFill({ raceway: 'emt', gauge: '4', conductors: 1 })).toMatchObject({
      ...{ mostPercent: 53, size: '1/2' },
    });
    expect(racewayFill({ raceway: 'emt', gauge: '4', conductors: 2 })).toMatchObject({
      ...{ mostPercent: 31, size: '3/4' },
    });
    expect(racewayFill({ raceway: 'emt', gauge: '4/0', conductors: 9 })).toMatchObject({
      ...{ size: null, filledPercent: null },
    });
  });
  test('what is told never fills more than it may, and the next smaller would', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...RACEWAYS),
        fc.constantFrom(...GAUGES),
        fc.integer({ min: 1, max: 60 }),
        (raceway, gauge, conductors) => {
          const { filledPercent, mostPercent, size } = racewayFill({ raceway, gauge, conductors });
          if (size === null) return;
          expect(filledPercent).toBeLessThanOrEqual(mostPercent + 1e-9);
        },
      ),
    );
  });
});
