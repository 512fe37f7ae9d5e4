import { describe, expect, test } from '@jest/globals';
import { aBreaker, anEvent } from '../../testing/index.ts';
import { familyBand, sayBreakerEstimate, tripTrialsOf, breakerEstimate } from './index.ts';

const breaker = aBreaker();
const tells = (...events: Parameters<typeof tripTrialsOf>[1]) =>
  tripTrialsOf(breaker, events).map((trial) => trial.tells);

describe('trips and holds as measurements', () => {
  test('a trip with current and time, a hold, a reset that held with its current', () => {
    const trials = tripTrialsOf(breaker, [
      anEvent('trip', 0, { amps: 16, afterSeconds: 480 }),
      anEvent('no-trip', 100, { amps: 18, afterSeconds: 5400, preloadAmps: 6, ambientC: 31 }),
      anEvent('reset', 200, { result: 'holds', amps: 15, afterSeconds: 1200 }),
    ]);
    expect(trials.map(({ event }) => event)).toEqual([
      { ambientC: 25, segments: [{ amps: 16, seconds: 480 }], outcome: 'tripped' },
      {
        ambientC: 31,
        segments: [
          { amps: 6, seconds: 7200 },
          { amps: 18, seconds: 5400 },
        ],
        outcome: 'held',
      },
      { ambientC: 25, segments: [{ amps: 15, seconds: 1200 }], outcome: 'held' },
    ]);
    expect(trials.map((trial) => trial.tells)).toEqual(['too-early', 'consistent', 'consistent']);
    expect(trials[0]!.text).toBe(
      'Too early: it tripped after 8 min at 16 A; a sound breaker carries that indefinitely.',
    );
    const [told] = tripTrialsOf(breaker, [
      anEvent('trip', 0, { amps: 16, afterSeconds: 480, simulated: true }),
    ]);
    expect(told!.text).toMatch(/ indefinitely \(simulated\)\.$/);
  });

  test('a trip nobody timed lies somewhere within its pace', () => {
    const [trial] = tripTrialsOf(breaker, [anEvent('trip', 0, { amps: 16, pace: 'minutes' })]);
    expect(trial!.event).toMatchObject({ notBeforeSeconds: 60, segments: [{ amps: 16, seconds: 3600 }] });
  });

  test('where a logger saw the hour before, that is its history, an earlier trip’s heat and all', () => {
    const history = [
      { amps: 26, seconds: 500 },
      { amps: 0, seconds: 120 },
      { amps: 26, seconds: 210 },
    ];
    const first = anEvent('trip', 0, { amps: 26, afterSeconds: 480 });
    const again = { amps: 26, afterSeconds: 210, preloadAmps: 4 };
    const soon = anEvent('trip', 10, again);
    // By its figures alone: it had not cooled, nobody knows how warm it was.
    expect(tripTrialsOf(breaker, [first, soon])[1]).toMatchObject({ tells: 'nothing', event: null });
    const [, seen] = tripTrialsOf(breaker, [first, { ...soon, history }]);
    expect(seen!.event).toEqual({ ambientC: 25, segments: history, outcome: 'tripped' });
  });

  test('a hold that no sound breaker stands is too late', () => {
    expect(tells(anEvent('no-trip', 0, { amps: 45, afterSeconds: 900 }))).toEqual(['too-late']);
  });

  test.each([
    ['its current is not known', { afterSeconds: 100 }, /current is not known/],
    ['it came at once', { amps: 30, pace: 'at-once' as const }, /instantaneous trip/],
    ['its current is for the magnet', { amps: 130, afterSeconds: 4 }, /instantaneous trip/],
    [
      'its cause is removed',
      { amps: 30, afterSeconds: 4, cause: 'known-removed' as const },
      /known and removed/,
    ],
  ])('a trip tells nothing where %s', (_why, change, text) => {
    const [trial] = tripTrialsOf(breaker, [anEvent('trip', 0, change)]);
    expect(trial).toMatchObject({ event: null, tells: 'nothing' });
    expect(trial!.text).toMatch(text);
  });

  test('trips of electronic breakers tell nothing of the bimetal, their holds do', () => {
    const gfci = aBreaker({ kind: 'gfci' });
    const trials = tripTrialsOf(gfci, [
      anEvent('trip', 0, { amps: 16, afterSeconds: 480 }),
      anEvent('no-trip', 100, { amps: 18, afterSeconds: 5400 }),
    ]);
    expect(trials.map(({ event }) => event === null)).toEqual([true, false]);
  });

  test('one that had not cooled from the trip before tells nothing by itself, an hour later it does', () => {
    const trip = (at: number) => anEvent('trip', at, { amps: 16, afterSeconds: 120 });
    expect(tells(trip(0), trip(6))).toEqual(['too-early', 'nothing']);
    expect(tells(trip(0), trip(60))).toEqual(['too-early', 'too-early']);
  });

  test('the printed curve of a family moves what is too early', () => {
    const points = [
      { multiple: 1.3, fastestSeconds: 400, slowestSeconds: null },
      { multiple: 2, fastestSeconds: 30, slowestSeconds: 115 },
      { multiple: 3, fastestSeconds: 11, slowestSeconds: 44 },
    ];
    const event = anEvent('trip', 0, { amps: 30, afterSeconds: 25 });
    expect(tells(event)).toEqual(['consistent']);
    const band = familyBand('orrin s ', [{ family: 'Orrin S', points }])!;
    expect(tripTrialsOf(breaker, [event], band)[0]!.tells).toBe('too-early');
    expect(familyBand('', [{ family: '', points }])).toBeUndefined();
  });
});

describe('what they say together', () => {
  test('nothing where nothing tells anything; else the figure and how many say it', () => {
    expect(breakerEstimate(20, tripTrialsOf(breaker, [anEvent('trip', 0, { pace: 'at-once' })]))).toBeNull();
    const fact = breakerEstimate(
      20,
      tripTrialsOf(breaker, [
        anEvent('trip', 0, { amps: 16, afterSeconds: 480 }),
        anEvent('no-trip', 100, { amps: 11, afterSeconds: 5400 }),
      ]),
    )!;
    expect(fact).toMatchObject({ trips: 1, holds: 1, rating: { judgement: 'weak' } });
    expect(sayBreakerEstimate(20, fact)).toMatch(
      /^By 1 trip and 1 hold it trips from [\d.]+ A steady \([\d.]+ A to [\d.]+ A\). A sound 20 A breaker trips from 20 A to 27 A\.$/,
    );
  });
});
