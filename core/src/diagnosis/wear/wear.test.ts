import { describe, expect, test } from '@jest/globals';
import { aBreaker, anEvent } from '../../testing/index.ts';
import { replacedForShorts, wearOf } from './index.ts';

describe('the ledger of a breaker', () => {
  test('counts workings, trips by heat and dead shorts', () => {
    const wear = wearOf(aBreaker(), [
      anEvent('trip', 1, { pace: 'minutes' }),
      anEvent('reset', 2, { feel: 'clean-clicks', result: 'holds' }),
      anEvent('trip', 3, { pace: 'at-once' }),
      anEvent('reset', 4, { result: 'tripped', afterSeconds: 0.2 }),
      anEvent('no-trip', 5, { amps: 12, afterSeconds: 3600 }),
      anEvent('handle', 6, { position: 'off' }),
    ]);
    expect(wear).toMatchObject({ operations: 8, thermalTrips: 1, magneticTrips: 2, electronicTrips: 0 });
    expect(wear.lastWorkedAt).toBe(anEvent('handle', 6).at);
  });

  test('nothing on record is nothing counted', () => {
    expect(wearOf(aBreaker(), [])).toMatchObject({ operations: 0, lastWorkedAt: null });
  });

  test('an electronic breaker that opens at once need not have cleared a short; at a short’s current it has', () => {
    const gfci = aBreaker({ kind: 'gfci' });
    expect(wearOf(gfci, [anEvent('trip', 1, { pace: 'at-once' })])).toMatchObject({
      magneticTrips: 0,
      electronicTrips: 1,
    });
    expect(wearOf(gfci, [anEvent('trip', 1, { pace: 'at-once', amps: 400 })])).toMatchObject({
      magneticTrips: 1,
    });
  });

  test('one that will not latch has not cleared a short by that', () => {
    const event = anEvent('reset', 1, { feel: 'will-not-latch', result: 'tripped', pace: 'at-once' });
    expect(wearOf(aBreaker(), [event]).magneticTrips).toBe(0);
  });

  test.each([
    ['each', [false, true, true]],
    ['second', [false, false, true]],
    ['signs', [false, false, false]],
  ] as const)('the policy “%s”', (policy, replaced) => {
    const wear = wearOf(aBreaker(), []);
    expect([0, 1, 2].map((magneticTrips) => replacedForShorts({ ...wear, magneticTrips }, policy))).toEqual(
      replaced,
    );
  });
});
