import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DUTY_IDS, dutyOf } from '../../facts/upkeep/index.ts';
import { isOutcome } from '../../facts/vocabulary/index.ts';
import { aBreaker, uuid } from '../../testing/index.ts';
import { addMonths, dutiesOf, keepingPower, leastHarm, type MadeRound, type MadeRule } from './index.ts';

const at = (space: number, label: string, change: object = {}) => ({
  label,
  isLeftAlone: false,
  breaker: aBreaker({ id: uuid(space), space, ...change }),
});
const HOUSE = [
  at(1, 'Router and alarm'),
  at(2, 'Kitchen', { kind: 'gfci' }),
  at(3, 'Hall'),
  { ...at(4, 'Sump'), isLeftAlone: true },
  at(5, 'Surge', { kind: 'surge' }),
  { ...at(0, 'Main'), breaker: aBreaker({ id: uuid(99), role: 'main', space: null }) },
];
const since = '2026-01-01T00:00:00.000Z';
const now = '2026-11-28T12:00:00.000Z';
const kept = (rounds: MadeRound[], rules: MadeRule[] = [], zone = 'UTC') => ({
  rounds,
  rules,
  since,
  zone,
  keepsPower: null,
});
const of = (duty: string, duties = dutiesOf(HOUSE, kept([]), now)) => duties.find((one) => one.duty === duty);

describe('upkeep', () => {
  test('each duty is about the breakers it fits, what must stay on last, what danger stopped, or tripped, never', () => {
    expect(of('handles')!.breakerIds).toEqual([uuid(2), uuid(3), uuid(5), uuid(1)]);
    expect(of('test-buttons')!.breakerIds).toEqual([uuid(2)]);
    expect(of('surge-lamp')!.breakerIds).toEqual([uuid(5)]);
    expect(of('closed-look')).toMatchObject({ breakerIds: [], isDue: true, dueAt: since });
    expect(dutiesOf([], kept([]), now).map(({ duty }) => duty)).toEqual(['closed-look', 'inside']);
    expect(
      leastHarm(HOUSE, null)
        .map(({ label }) => label)
        .slice(-2),
    ).toEqual(['Router and alarm', 'Sump']);
  });

  test('what somebody said marked as critical comes last, whatever it is named after', () => {
    const said = [uuid(3), uuid(77)];
    expect(keepingPower(HOUSE, said)).toEqual([uuid(3)]);
    const duties = dutiesOf(HOUSE, { ...kept([]), keepsPower: said }, now);
    expect(of('handles', duties)!.breakerIds).toEqual([uuid(1), uuid(2), uuid(5), uuid(3)]);
    expect(of('handles', dutiesOf(HOUSE, { ...kept([]), keepsPower: [] }, now))!.breakerIds).toEqual(
      [1, 2, 3, 5].map(uuid),
    );
  });

  test('a round moves it on by its months, from when it was made, in whatever order rounds come', () => {
    const round = (made: string) => ({ at: made, content: { duty: 'handles' as const, results: [] } });
    const duties = dutiesOf(
      HOUSE,
      kept([round('2026-10-01T08:00:00.000Z'), round('2026-04-01T08:00:00.000Z')]),
      now,
    );
    expect(of('handles', duties)).toMatchObject({
      lastAt: '2026-10-01T08:00:00.000Z',
      dueAt: '2027-04-01T08:00:00.000Z',
      isDue: false,
    });
    // The most overdue comes first.
    expect(duties.at(-1)!.duty).toBe('handles');
  });

  test('every result that speaks to the diagnosis is a word it knows', () => {
    for (const id of DUTY_IDS)
      for (const { seenAs, words } of Object.values(dutyOf(id).results)) {
        expect(words.length).toBeGreaterThan(2);
        if (seenAs) expect(isOutcome(seenAs.test, seenAs.outcome)).toBe(true);
      }
  });

  test('months on, the day stays or is the month’s last', () => {
    expect(addMonths('2026-08-31T10:00:00.000Z', 6)).toBe('2027-02-28T10:00:00.000Z');
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true }),
        fc.integer({ min: 1, max: 24 }),
        (date, months) => {
          const to = new Date(addMonths(date.toISOString(), months));
          const passed =
            (to.getUTCFullYear() - date.getUTCFullYear()) * 12 + to.getUTCMonth() - date.getUTCMonth();
          expect(passed).toBe(months);
          expect(to.getUTCDate()).toBeLessThanOrEqual(date.getUTCDate());
        },
      ),
    );
  });
});
