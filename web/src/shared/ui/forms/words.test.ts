import { describe, expect, test } from '@jest/globals';
import { sayRise, sayTemperature, surfaceC, unbroken } from '@phylaxon/core/facts/quantities';
import { DEFAULT_SETTINGS, type Settings } from '@phylaxon/core/record/settings';
import { aBreaker } from '@phylaxon/core/testing';
import { breakerText, placeText, familyMark, inUnit, toInstant, unitsOf } from '../words/index.ts';
import { toNumber } from './fields.tsx';

const chosen = (change: Partial<Settings>) => unitsOf({ ...DEFAULT_SETTINGS, ...change });

test('a place is named as it is on the panel', () => {
  const place = (space: number | null, poles: 1 | 2, half: 'upper' | null = null) =>
    placeText({ space, poles, half });
  expect([place(null, 2), place(4, 1), place(5, 2), place(19, 1, 'upper')]).toEqual([
    'Main',
    '4',
    '5–7',
    '19 upper',
  ]);
});

test('a breaker in a line', () => {
  expect(breakerText(aBreaker({ space: 3, kind: 'afci', family: '' }))).toBe('20 A AFCI · one-pole · leg B');
  expect(breakerText(aBreaker({ space: 1, poles: 2 }))).toBe(
    '20 A standard · two-pole · both legs · Orrin S',
  );
});

describe('a decision’s mark', () => {
  const mark = (family: 'resize' | 'replace', stop: boolean, toAmps: number | null = null) =>
    familyMark({ family, stop, toAmps });
  test('a stop goes before anything; a new rating is told', () => {
    expect(mark('replace', true)).toEqual({ word: 'Stop', look: 'stop' });
    expect(mark('resize', false, 15)).toEqual({ word: 'Resize to 15 A', look: 'act' });
  });
});

test('a number field takes a decimal comma, leaves empty empty, and lets nonsense be refused', () => {
  expect([
    toNumber('121,2'),
    toNumber(' 7 '),
    toNumber('−4'),
    toNumber(''),
    toNumber(' '),
    toNumber(null),
  ]).toEqual([121.2, 7, -4, null, null, null]);
  expect([toNumber('fourteen amps'), toNumber('one eighteen point four volts')]).toEqual([14, 118.4]);
  expect(toNumber('about twelve')).toBeNaN();
});

test('figures carry their units; a rise its sign', () => {
  const { quantityText, riseText } = chosen({});
  expect([quantityText(122.6, '%'), quantityText(0.25, 'V'), riseText(23.61), riseText(-2)]).toEqual([
    '123%',
    '0.3 V',
    '+23.6 °C',
    '−2 °C',
  ]);
});

test('a local time becomes an instant; an impossible one stays to be refused', () => {
  expect(toInstant('2026-11-20T10:00:00')).toBe(new Date(2026, 10, 20, 10).toISOString());
  expect(toInstant('soon')).toBe('soon');
});

describe('in the breakers that were chosen', () => {
  test('temperatures and differences convert each in their way, in figures and in sentences', () => {
    const sentence = `The terminal is at ${sayTemperature(56)}, ${sayRise(34)} above ambient (limit ${sayRise(15)}); the air may be ${sayTemperature(-5)}.`;
    expect(chosen({}).say(sentence)).toBe(
      unbroken('The terminal is at 56 °C, 34 °C above ambient (limit 15 °C); the air may be −5 °C.'),
    );
    const { say, temperatureText, riseText, quantityText, toCelsius } = chosen({ temperature: 'F' });
    expect(say(sentence)).toBe(
      unbroken('The terminal is at 133 °F, 61 °F above ambient (limit 27 °F); the air may be 23 °F.'),
    );
    expect([temperatureText(40), riseText(10), quantityText(25, 'Δ°C')]).toEqual([
      '104 °F',
      '+18 °F',
      '+45 °F',
    ]);
    expect(toCelsius(104)).toBeCloseTo(40, 9);
  });

  test('a length comes back as it was typed', () => {
    const { fromMetres, toMetres } = chosen({ length: 'ft' });
    expect(fromMetres(toMetres(72))).toBeCloseTo(72, 9);
  });

  test('what was typed in °F is held against the record’s own bounds, and told in °F', () => {
    const { say, toCelsius } = chosen({ temperature: 'F' });
    const field = inUnit(surfaceC, toCelsius);
    expect(field.safeParse(900).success).toBe(true);
    const refused = field.safeParse(1000);
    expect(say(refused.error!.issues[0]!.message)).toBe(
      unbroken('The surface temperature must be from −40 °F to 932 °F.'),
    );
    expect(field.safeParse(null).success).toBe(true);
  });

  test.each([
    [{}, '3 Nov 2026, 19:05'],
    [{ dates: 'month-day-year', clock: '12' }, 'Nov 3, 2026, 7:05\u00a0PM'],
    [{ dates: 'year-month-day' }, '2026-11-03, 19:05'],
  ] as const)('dates and times, %j', (change, expected) => {
    const { timeText, dateText } = chosen(change);
    const instant = new Date(2026, 10, 3, 19, 5).toISOString();
    expect(timeText(instant)).toBe(expected);
    expect(expected).toContain(dateText('2026-11-03'));
  });
});
