import { describe, expect, test } from '@jest/globals';
import { aBreaker } from '@phylaxon/core/testing';
import { breakerText, placeText } from './breakerWords.ts';
import { familyMark } from './familyWords.ts';
import { toNumber } from './fields.tsx';
import { quantityText, riseText, toInstant } from './units.ts';

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
  expect(breakerText(aBreaker({ space: 3, kind: 'afci', family: '' }))).toBe(
    '20 A arc-fault · one-pole · leg B',
  );
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
  expect([toNumber('121,2'), toNumber(' 7 '), toNumber('−4'), toNumber(''), toNumber(null)]).toEqual([
    121.2,
    7,
    -4,
    null,
    null,
  ]);
  expect(toNumber('twelve')).toBeNaN();
});

test('figures carry their units; a rise its sign', () => {
  expect([quantityText(122.6, '%'), quantityText(0.25, 'V'), riseText(23.61), riseText(-2)]).toEqual([
    '123 %',
    '0.3 V',
    '+23.6 °C',
    '−2 °C',
  ]);
});

test('a local time becomes an instant; an impossible one stays to be refused', () => {
  expect(toInstant('2026-11-20T10:00:00')).toBe(new Date(2026, 10, 20, 10).toISOString());
  expect(toInstant('soon')).toBe('soon');
});
