import { describe, expect, test } from '@jest/globals';
import {
  atLeast,
  exceeds,
  median,
  sayDuration,
  sayNumber,
  sayPercent,
  sayRise,
  sentenceText,
  unbroken,
} from './index.ts';

describe('saying figures', () => {
  test.each([
    [0.05, '0.05 s'],
    [9.94, '9.9 s'],
    [9.97, '10 s'],
    [59.4, '59 s'],
    [59.6, '1 min'],
    [95, '1 min 35 s'],
    [620, '10 min'],
    [3599, '1 h'],
    [4000, '1 h 7 min'],
    [7200, '2 h'],
  ])('%d s is %s', (seconds, text) => expect(sayDuration(seconds)).toBe(text));

  test('numbers lose trailing zeros and get a true minus', () => {
    expect([sayNumber(118.04), sayNumber(-2.34), sayNumber(-0.01), sayPercent(0.714)]).toEqual([
      '118',
      '−2.3',
      '0',
      '71%',
    ]);
  });
});

test('comparing forgives rounding and nothing else', () => {
  expect(atLeast(24 / 0.8, 30)).toBe(true);
  expect(exceeds(0.1 + 0.2, 0.3)).toBe(false);
  expect(atLeast(29.999, 30)).toBe(false);
  expect([atLeast(5, Infinity), exceeds(Infinity, 5)]).toEqual([false, true]);
});

test('the median of an even list is the mean of the middle two; of none, none', () => {
  expect([median([4, 1, 2, 3]), median([3, 1, 2]), median([])]).toEqual([2.5, 2, null]);
});

test.each([
  ['10.2 A, 51% of its 20 A rating.', '10.2~A, 51% of its 20~A rating.'],
  ['after 7 min 20 s at 11.5 A', 'after 7~min 20~s at 11.5~A'],
  [sentenceText(`${sayRise(34)} above ambient`), '34~°C above ambient'],
  ['14 AWG, 12 m', '14~AWG, 12~m'],
  ['In space 8 A breaker; 3 motors, 5 houses', 'In space 8~A breaker; 3 motors, 5 houses'],
])('figures keep their units: %s', (text, kept) =>
  expect(unbroken(text)).toBe(kept.replaceAll('~', '\u00a0')),
);
