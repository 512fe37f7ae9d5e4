import { expect, test } from '@jest/globals';
import { STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import { compressorCircuit, MOTOR_NAMES, motorCircuit } from './index.ts';

test('a 1 1/2 hp pump at 230 V: 10 A, 12.5 A of conductor, 25 A breaker', () => {
  expect(motorCircuit({ horsepower: '1 1/2', volts: 230 })).toEqual({
    ...{ fullLoadAmps: 10, conductorAmps: 12.5, gauge: '14', breakerAmps: 25 },
  });
  // 250% of 13.8 A are 34.5 A: the next standard rating is 35 A.
  expect(motorCircuit({ horsepower: '3/4', volts: 115 })).toMatchObject({ breakerAmps: 35, gauge: '12' });
});

test('at half the voltage twice the current, and every breaker is made', () => {
  for (const horsepower of MOTOR_NAMES) {
    const [low, high] = [motorCircuit({ horsepower, volts: 115 }), motorCircuit({ horsepower, volts: 230 })];
    expect(low.fullLoadAmps).toBe(2 * high.fullLoadAmps);
    for (const { breakerAmps } of [low, high]) expect(STANDARD_RATINGS_AMPS).toContain(breakerAmps);
  }
});

test('an air conditioner: 10 AWG and 25 to 40 A by its nameplate', () => {
  expect(compressorCircuit({ minimumAmpacity: 23, maximumBreaker: 40 })).toEqual({
    ...{ gauge: '10', leastBreakerAmps: 25, mostBreakerAmps: 40 },
  });
  // 43 A is no standard rating: 40 A is the largest within it.
  expect(compressorCircuit({ minimumAmpacity: 28.1, maximumBreaker: 43 })).toMatchObject({
    ...{ leastBreakerAmps: 30, mostBreakerAmps: 40 },
  });
  expect(compressorCircuit({ minimumAmpacity: 41, maximumBreaker: 44 }).leastBreakerAmps).toBeNull();
});

test('a nameplate whose maximum is below its minimum was read wrongly', () => {
  expect(() => compressorCircuit({ minimumAmpacity: 40, maximumBreaker: 30 })).toThrow(/nameplate/);
  expect(() => motorCircuit({ horsepower: '12', volts: 230 })).toThrow(/table/);
});
