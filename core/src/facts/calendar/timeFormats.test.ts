import { expect, test } from '@jest/globals';
import { timeFormats } from './index.ts';

test.each([
  [{ dates: 'day-month-year', clock: '24' }, '3 Nov 2026', '19:05'],
  [{ dates: 'month-day-year', clock: '12' }, 'Nov 3, 2026', '7:05\u00a0PM'],
  [{ dates: 'year-month-day', clock: '24' }, '2026-11-03', '19:05'],
] as const)('%j', (style, day, clock) => {
  const formats = timeFormats(style, 'America/Chicago');
  const at = '2026-11-04T01:05:00.000Z';
  expect(formats.day(at)).toBe(day);
  expect(formats.clock(at)).toBe(clock);
  expect(formats.time(at)).toBe(`${day}, ${clock}`);
});

test('a date without a time is that day in every zone', () => {
  for (const zone of ['Pacific/Kiritimati', 'Pacific/Niue', 'UTC'])
    expect(timeFormats({ dates: 'day-month-year', clock: '24' }, zone).day('2026-09-03')).toBe('3 Sep 2026');
});
