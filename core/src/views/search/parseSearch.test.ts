import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parseSearch, utcMidnight, type Day } from './index.ts';

/** A Tuesday. */
const today: Day = { year: 2026, month: 10, day: 24 };
const read = (text: string, day = today) => {
  const { words, kinds, from, to } = parseSearch(text, day, utcMidnight);
  return [words.join(' '), kinds.join(' '), from?.slice(0, 10) ?? '', to?.slice(0, 10) ?? ''];
};

describe('a search', () => {
  test.each([
    ['steam press', ['steam press', '', '', '']],
    ['trips last winter', ['', 'trips', '2025-12-01', '2026-03-01']],
    ['this winter', ['', '', '2025-12-01', '2026-03-01']],
    ['last summer', ['', '', '2026-06-01', '2026-09-01']],
    ['last autumn', ['', '', '2025-09-01', '2025-12-01']],
    ['this fall', ['', '', '2026-09-01', '2026-12-01']],
    ['winter 2024', ['', '', '2024-12-01', '2025-03-01']],
    ['readings in march', ['', 'readings', '2026-03-01', '2026-04-01']],
    ['readings in december', ['', 'readings', '2025-12-01', '2026-01-01']],
    ['notes march 2024', ['', 'notes', '2024-03-01', '2024-04-01']],
    ['resets since june', ['', 'resets', '2026-06-01', '']],
    ['photos before 2026', ['', 'photos', '', '2026-01-01']],
    ['today', ['', '', '2026-11-24', '2026-11-25']],
    ['yesterday', ['', '', '2026-11-23', '2026-11-24']],
    ['this week', ['', '', '2026-11-23', '2026-11-30']],
    ['last week', ['', '', '2026-11-16', '2026-11-23']],
    ['last month', ['', '', '2026-10-01', '2026-11-01']],
    ['last year', ['', '', '2025-01-01', '2026-01-01']],
    ['2025 kettle', ['kettle', '', '2025-01-01', '2026-01-01']],
    ['last kettle', ['last kettle', '', '', '']],
    ['may pole', ['may pole', '', '', '']],
    ['pump trips and resets in the yard', ['pump yard', 'trips resets', '', '']],
  ])('“%s”', (text, expected) => expect(read(text)).toEqual(expected));

  test('in January last winter is over, this winter is running', () => {
    const january = { year: 2027, month: 0, day: 10 };
    expect(read('last winter', january).slice(2)).toEqual(['2025-12-01', '2026-03-01']);
    expect(read('this winter', january).slice(2)).toEqual(['2026-12-01', '2027-03-01']);
  });

  test('law: whatever is typed is understood; a time that is said begins before it ends', () => {
    const word = fc.oneof(
      fc.constantFrom('last', 'this', 'since', 'before', 'winter', 'may', '2025', 'trips', 'week'),
      fc.string(),
    );
    fc.assert(
      fc.property(fc.array(word), (words) => {
        const { from, to } = parseSearch(words.join(' '), today, utcMidnight);
        if (from !== null && to !== null && !words.includes('since') && !words.includes('before'))
          expect(from < to).toBe(true);
      }),
    );
  });
});
