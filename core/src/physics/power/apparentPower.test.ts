import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apparentPower } from './index.ts';

describe('apparentPower', () => {
  test('a small charger draws far more volt-amperes than watts', () => {
    expect(apparentPower({ volts: 120, amps: 0.5, watts: 33 })).toEqual({
      voltAmperes: 60,
      powerFactor: 0.55,
    });
  });

  test('without watts, or without load, there is no power factor', () => {
    expect(apparentPower({ volts: 118.4, amps: 14.2 })).toEqual({
      voltAmperes: 118.4 * 14.2,
      powerFactor: null,
    });
    expect(apparentPower({ volts: 120, amps: 0, watts: 0 })).toEqual({ voltAmperes: 0, powerFactor: null });
  });

  test('meters that disagree by less than 2% give a factor of 1, by more are refused at the watts', () => {
    expect(apparentPower({ volts: 120, amps: 10, watts: 1220 }).powerFactor).toBe(1);
    expect(() => apparentPower({ volts: 120, amps: 10, watts: 1230 })).toThrow(/Check the three readings/);
  });

  test.each([
    { volts: -1, amps: 1 },
    { volts: 120, amps: Number.NaN },
    { volts: 120, amps: Infinity },
    { volts: 1e6, amps: 1 },
  ])('impossible figures are refused: %j', (input) => {
    expect(() => apparentPower(input)).toThrow();
  });

  test('law: the power factor lies between 0 and 1 and gives the watts back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1000, noNaN: true }),
        fc.double({ min: 0.001, max: 1000, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (volts, amps, factor) => {
          const { voltAmperes, powerFactor } = apparentPower({ volts, amps, watts: volts * amps * factor });
          expect(powerFactor! * voltAmperes).toBeCloseTo(volts * amps * factor, 6);
        },
      ),
    );
  });
});
