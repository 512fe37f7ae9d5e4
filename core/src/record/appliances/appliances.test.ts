import { describe, expect, test } from '@jest/globals';
import { APPLIANCES, findAppliances } from '../../facts/appliances/index.ts';
import { loadInput } from '../entities/index.ts';
import { aLoad } from '../../testing/index.ts';
import { loadOf, measuredLoad, unknownLoad } from './index.ts';

describe('the list of common things', () => {
  test.each(APPLIANCES.map((thing) => [thing.name, thing] as const))(
    '%s is a load, and usual within its range',
    (_name, thing) => {
      expect(loadInput.parse(loadOf(thing)).name).toBe(thing.name);
      expect(thing.watts).toBeGreaterThanOrEqual(thing.from);
      expect(thing.watts).toBeLessThanOrEqual(thing.to);
      expect(thing.powerFactor).toBeLessThanOrEqual(1);
      expect(thing.powerFactor).toBeGreaterThan(0.3);
    },
  );

  test('is searched by words in any order, and has each name once', () => {
    expect(findAppliances('dryer').map(({ name }) => name)).toEqual(['Clothes dryer', 'Hair dryer']);
    expect(findAppliances('lamp led')[0]!.name).toBe('LED lamp');
    expect(findAppliances('pu')[0]!.name).toBe('Heat pump');
    expect(findAppliances('zeppelin')).toEqual([]);
    expect(new Set(APPLIANCES.map(({ name }) => name)).size).toBe(APPLIANCES.length);
  });
});

describe('an appliance at the plug', () => {
  test('a heater feels as it uses; electronics feel far more', () => {
    expect(measuredLoad({ volts: 120, amps: 12.5, watts: 1500 })).toMatchObject({
      powerFactor: 1,
      feels: null,
    });
    const lamp = measuredLoad({ volts: 120, amps: 0.5, watts: 30 });
    expect(lamp).toMatchObject({ voltAmperes: 60, powerFactor: 0.5 });
    expect(lamp.feels).toContain('2 times as much');
    // 1% of the volts and 1% of the amps, independently.
    expect(lamp.errorVoltAmperes).toBeCloseTo(60 * 0.01 * Math.SQRT2, 9);
    expect(measuredLoad({ volts: 120, amps: 0.5 }).powerFactor).toBeNull();
  });

  test('watts beyond volts × amps, and an outlet that is dead, are refused', () => {
    expect(() => measuredLoad({ volts: 120, amps: 1, watts: 200 })).toThrow(/Watts cannot exceed/);
    expect(() => measuredLoad({ volts: 3, amps: 1 })).toThrow(/90 V/);
  });
});

test('what is clamped against what is known: a difference within the clamp’s error is none', () => {
  const loads = [aLoad({ watts: 1200 })];
  expect(unknownLoad(12.4, loads)).toMatchObject({ knownAmps: 10, isReal: true });
  expect(unknownLoad(10.6, loads)!.isReal).toBe(false);
  expect(unknownLoad(4, loads)).toMatchObject({ differenceAmps: -6, isReal: true });
  expect(unknownLoad(4, [])).toBeNull();
});
