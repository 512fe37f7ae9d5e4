import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { tripWindow } from '../trip/index.ts';
import { answerTripTime, parseTripTimeQuery } from './index.ts';

describe('a question as it is typed', () => {
  const hour = { amps: 15, seconds: 3600 };
  test.each([
    ['27 A', { amps: 27, before: [], ambientC: 25 }],
    ['27A at 40 °C', { amps: 27, before: [], ambientC: 40 }],
    ['27 A after 1 h at 15 A at 40 °C', { amps: 27, before: [hour], ambientC: 40 }],
    ['27 amps, after an hour at 15 A, at 40 °C', { amps: 27, before: [hour], ambientC: 40 }],
    ['27 a after 15 a for 1 hour, 40c', { amps: 27, before: [hour], ambientC: 40 }],
    ['at 104°F 27 A, 60 min with 15 A before', { amps: 27, before: [hour], ambientC: 40 }],
    ['22,5 A after 90 s at 30 A', { amps: 22.5, before: [{ amps: 30, seconds: 90 }], ambientC: 25 }],
    [
      '24 A after half an hour at 12 A and 10 min at 18 A at -5 C',
      {
        amps: 24,
        before: [
          { amps: 12, seconds: 1800 },
          { amps: 18, seconds: 600 },
        ],
        ambientC: -5,
      },
    ],
  ])('%s', (text, understood) => {
    expect(parseTripTimeQuery(text)).toEqual(understood);
  });

  test.each([
    ['', /Enter a current/],
    ['after an hour at 15 A', /Enter a current/],
    ['27 A 15 A', /Which current/],
    ['27 A at 3 bar', /Part of this is not understood/],
    ['27 A 99', /Part of this is not understood/],
  ])('“%s” is not answered wrongly, but asked back', (text, message) => {
    expect(parseTripTimeQuery(text)).toMatch(message);
  });

  test('law: whatever is typed, it is understood or something is said', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const understood = parseTripTimeQuery(text);
        if (typeof understood === 'string') expect(understood.length).toBeGreaterThan(10);
        else expect(Number.isFinite(understood.amps)).toBe(true);
      }),
    );
  });
});

describe('the answer', () => {
  test('from cold it is the trip window', () => {
    const { sound, unit } = answerTripTime({ ratingAmps: 20, amps: 27 });
    const { fastestSeconds, slowestSeconds } = tripWindow({ ratingAmps: 20, amps: 27 });
    expect(sound).toEqual({ fastestSeconds, slowestSeconds });
    expect(unit).toBeNull();
  });

  test('after long enough at a load it is the window with that preload', () => {
    const { sound } = answerTripTime({
      ratingAmps: 20,
      amps: 30,
      before: [{ amps: 15, seconds: 100_000 }],
      ambientC: 40,
    });
    const window = tripWindow({ ratingAmps: 20, amps: 30, preloadAmps: 15, ambientC: 40 });
    expect(sound.fastestSeconds).toBeCloseTo(window.fastestSeconds!, 6);
    expect(sound.slowestSeconds).toBeCloseTo(window.slowestSeconds!, 6);
  });

  test('a short time before counts less than a long one', () => {
    const after = (seconds: number) =>
      answerTripTime({ ratingAmps: 20, amps: 30, before: [{ amps: 18, seconds }] }).sound.fastestSeconds!;
    expect(after(10)).toBeGreaterThan(after(600));
    expect(
      answerTripTime({ ratingAmps: 20, amps: 5, before: [{ amps: 60, seconds: 600 }] }).openedBefore,
    ).toBe(true);
  });

  test('a breaker with a record has times of its own', () => {
    const events = [{ segments: [{ amps: 14, seconds: 600 }], outcome: 'tripped' as const }];
    const { sound, unit } = answerTripTime({ ratingAmps: 20, amps: 18, events });
    expect(sound.fastestSeconds).toBeNull();
    expect(unit!.never).toBeLessThan(0.2);
  });
});
