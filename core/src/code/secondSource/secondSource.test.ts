import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import { runs } from '../../testing/index.ts';
import { secondSource, type SecondSourceInput } from './index.ts';

const solar = { id: 'solar', outputAmps: 32, breakerAmps: 40 as const, position: 'opposite-end' as const };
const ask = (change: Partial<SecondSourceInput> = {}) =>
  secondSource({ busAmps: 200, mainAmps: 200, feed: 'end', sources: [solar], ...change });
const codes = ({ reasons }: ReturnType<typeof secondSource>) => reasons.map(({ code }) => code);

describe('a source on the load side', () => {
  test('solar at the far end: 125% of 32 A and a 200 A main are 240 A, 120% of the bus', () => {
    expect(ask()).toEqual({
      ok: true,
      rules: [
        { code: 'sum', valueAmps: 240, limitAmps: 200, applies: true, ok: false },
        { code: 'opposite-end', valueAmps: 240, limitAmps: 240, applies: true, ok: true },
        { code: 'all-breakers', valueAmps: null, limitAmps: 200, applies: false, ok: false },
      ],
      breakers: [{ id: 'solar', minBreakerAmps: 40, ok: true }],
      reasons: [],
    });
  });

  test('beside the main it overloads the bus; with a smaller main it would not', () => {
    const answer = ask({ sources: [{ ...solar, position: 'other' }] });
    expect(answer.ok).toBe(false);
    // 175 A and 40 A are still above 200 A.
    expect(codes(answer)).toEqual(['bus-overloaded']);
    expect(codes(ask({ sources: [{ ...solar, position: 'other' }], busAmps: 225, mainAmps: 200 }))).toEqual([
      'bus-overloaded',
      'main-could-shrink',
    ]);
  });

  test('a bus fed at its center takes one source, at one end', () => {
    expect(ask({ feed: 'center' }).rules[1]).toMatchObject({ applies: true, ok: true });
    const two = [
      { ...solar, outputAmps: 8, breakerAmps: 15 as const },
      { ...solar, id: 'battery', outputAmps: 8, breakerAmps: 15 as const },
    ];
    expect(ask({ feed: 'center', sources: two }).rules[1]).toMatchObject({ applies: false, ok: false });
    expect(ask({ sources: two }).rules[1]).toMatchObject({ applies: true, ok: true });
  });

  test('all breakers together within the bus, where the main is too', () => {
    const sources = [{ ...solar, position: 'other' as const }];
    const branchBreakersAmps = [20, 20, 50, 40, 30] as const;
    expect(ask({ sources, branchBreakersAmps: [...branchBreakersAmps] }).rules[2]).toEqual({
      ...{ code: 'all-breakers', valueAmps: 200, limitAmps: 200 },
      ...{ applies: true, ok: true },
    });
    expect(ask({ sources, branchBreakersAmps: [], busAmps: 150 }).rules[2]).toMatchObject({
      ...{ applies: false, valueAmps: 40 },
    });
  });

  test('a breaker below 125% of its source is refused, and so is a source beyond the largest', () => {
    expect(codes(ask({ sources: [{ ...solar, breakerAmps: 35 }] }))).toEqual(['breaker-too-small']);
    const large = ask({ sources: [{ ...solar, outputAmps: 330, breakerAmps: 400 }], busAmps: 1200 });
    expect(large.breakers).toEqual([{ id: 'solar', minBreakerAmps: null, ok: false }]);
    expect(large.ok).toBe(false);
  });

  test('refuses ratings that are not made, no source, and one id twice', () => {
    expect(() => ask({ mainAmps: 210 as 200 })).toThrow(/standard rating/);
    expect(() => ask({ sources: [] })).toThrow(/at least one/);
    expect(() => ask({ sources: [solar, solar] })).toThrow(/twice/);
  });
});

const rating = fc.constantFrom(...STANDARD_RATINGS_AMPS);
const question: fc.Arbitrary<SecondSourceInput> = fc.record({
  busAmps: fc.constantFrom(100, 125, 200, 225, 400),
  mainAmps: rating,
  feed: fc.constantFrom('end' as const, 'center' as const),
  sources: fc
    .array(
      fc.record({
        outputAmps: fc.double({ min: 0, max: 120, noNaN: true }),
        breakerAmps: rating,
        position: fc.constantFrom('opposite-end' as const, 'other' as const),
      }),
      { minLength: 1, maxLength: 6 },
    )
    .map((list) => list.map((one, i) => ({ ...one, id: `${i}` }))),
});

describe('laws over drawn panels', () => {
  test('what is allowed keeps every part of the bus within what may feed it; less output is never worse', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const answer = secondSource(asked);
        const output = asked.sources.reduce((sum, { outputAmps }) => sum + outputAmps, 0);
        if (answer.ok) expect(asked.mainAmps + 1.25 * output).toBeLessThanOrEqual(1.2 * asked.busAmps + 1e-6);
        const half = asked.sources.map((one) => ({ ...one, outputAmps: one.outputAmps / 2 }));
        if (answer.ok) expect(secondSource({ ...asked, sources: half }).ok).toBe(true);
        expect(codes(answer).includes('bus-overloaded')).toBe(answer.rules.every(({ ok }) => !ok));
      }),
      { numRuns: runs(500, 5000) },
    );
  });
});
