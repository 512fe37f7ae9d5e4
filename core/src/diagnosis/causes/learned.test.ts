import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CAUSE_IDS, learn, OWN_FROM, prior, TABLE_CASES, taught, type ConfirmedEnd } from './index.ts';

const end = (
  cause: ConfirmedEnd['cause'],
  known: ConfirmedEnd['known'] = {},
  family: string | null = null,
) => ({
  cause,
  known,
  family,
});
const times = (n: number, of: ConfirmedEnd) => Array.from({ length: n }, () => of);
const at = (cause: ConfirmedEnd['cause']) => CAUSE_IDS.indexOf(cause);

const anEnd = fc.record({
  cause: fc.constantFrom(...CAUSE_IDS),
  known: fc.record({
    breakerKind: fc.constantFrom('standard' as const, 'gfci' as const, 'afci' as const, undefined),
    complaint: fc.constantFrom('trips' as const, 'dead' as const, 'lights' as const),
  }),
  family: fc.constantFrom('Orrin S', 'Tarnfield', null),
});

describe('learn', () => {
  test('no confirmed end teaches nothing', () => expect(learn([], {})).toBeNull());

  test('it is the mean of a Dirichlet whose mean was the table and whose weight is so many cases', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...CAUSE_IDS), { minLength: 1, maxLength: 60 }), (causes) => {
        const now = taught(
          prior(),
          learn(
            causes.map((cause) => end(cause)),
            {},
          )!.times,
        );
        CAUSE_IDS.forEach((cause, i) => {
          const n = causes.filter((one) => one === cause).length;
          expect(now[i]).toBeCloseTo((TABLE_CASES * prior()[i]! + n) / (TABLE_CASES + causes.length), 9);
        });
      }),
    );
  });

  test('slowly: one end moves no chance by more than one in a hundred', () => {
    for (const cause of CAUSE_IDS) {
      const now = taught(prior(), learn([end(cause)], {})!.times);
      now.forEach((p, i) => expect(Math.abs(p - prior()[i]!)).toBeLessThan(1 / TABLE_CASES));
    }
  });

  test('what a kind of breaker shows by its nature is no news', () => {
    const gfci = { breakerKind: 'gfci' as const };
    // Three in ten leaks among ground-fault units is about what is expected of them, and far over the table at large.
    const expected = prior(gfci)[at('ground-leakage')]!;
    expect(expected).toBeGreaterThan(2 * prior()[at('ground-leakage')]!);
    const n = 400;
    const leaks = Math.round(expected * n);
    const ends = [...times(leaks, end('ground-leakage', gfci)), ...times(n - leaks, end('overload', gfci))];
    expect(learn(ends, {})!.times[at('ground-leakage')]).toBeCloseTo(1, 1);
  });

  test('from so many on a kind and a family are held apart, and every end counts once', () => {
    const standard = { breakerKind: 'standard' as const };
    const gfci = { breakerKind: 'gfci' as const };
    const ends = [
      ...times(30, end('overload', standard)),
      ...times(OWN_FROM, end('moisture', gfci, 'Orrin S')),
      ...times(OWN_FROM - 1, end('moisture', gfci, 'Tarnfield')),
    ];
    expect(learn(ends, { kind: 'gfci', family: 'Orrin S' })!.groups).toEqual([
      { what: 'all', name: '', cases: 30 + OWN_FROM - 1 },
      { what: 'family', name: 'Orrin S', cases: OWN_FROM },
    ]);
    expect(learn(ends, { kind: 'gfci', family: 'Tarnfield' })!.groups).toEqual([
      { what: 'all', name: '', cases: 30 },
      { what: 'kind', name: 'gfci', cases: 2 * OWN_FROM - 1 },
    ]);
    const wet = (kind: 'gfci' | 'standard') => learn(ends, { kind, family: null })!.times[at('moisture')]!;
    expect(wet('gfci')).toBeGreaterThan(wet('standard'));
  });

  test('whatever was confirmed, every chance stays a chance', () => {
    fc.assert(
      fc.property(
        fc.array(anEnd, { maxLength: 120 }),
        fc.constantFrom('standard' as const, 'gfci' as const, undefined),
        (ends, kind) => {
          const groups = learn(ends, { kind, family: 'Orrin S' });
          if (groups === null) return expect(ends).toEqual([]);
          expect(groups.groups.reduce((sum, { cases }) => sum + cases, 0)).toBe(ends.length);
          for (const by of groups.times) expect(by).toBeGreaterThan(0);
          expect(taught(prior(), groups.times).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
});
