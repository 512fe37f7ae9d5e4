import { describe, expect, test } from '@jest/globals';
import { conventionsOf } from './index.ts';

describe('the conventions of a place', () => {
  test.each([
    ['en-US', { temperature: 'F', length: 'ft', dates: 'month-day-year', clock: '12', paper: 'letter' }],
    ['en-CA', { temperature: 'C', length: 'm', dates: 'year-month-day', clock: '12', paper: 'letter' }],
    ['en-GB', { temperature: 'C', length: 'm', dates: 'day-month-year', clock: '24', paper: 'a4' }],
    ['de-DE', { temperature: 'C', length: 'm', dates: 'day-month-year', clock: '24', paper: 'a4' }],
    ['en', { temperature: 'F', length: 'ft', dates: 'month-day-year', clock: '12', paper: 'letter' }],
    ['sv-SE', { temperature: 'C', length: 'm', dates: 'year-month-day', clock: '24', paper: 'a4' }],
  ])('%s', (language, expected) => expect(conventionsOf(language)).toEqual(expected));

  test.each(['*', '', 'not a language', '12'])('“%s” is no language', (language) =>
    expect(conventionsOf(language)).toBeNull(),
  );
});
