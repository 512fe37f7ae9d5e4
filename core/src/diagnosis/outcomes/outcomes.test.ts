import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CAUSE_IDS } from '../causes/index.ts';
import { DECISION_ACTIONS } from '../decision/index.ts';
import { uuid } from '../../testing/index.ts';
import { ACTIONS, type ActionId, type CauseId } from '../../facts/vocabulary/index.ts';
import { judge, outcomes, outcomesOf, sureRange, type ClosedCase } from './index.ts';

interface Parts extends Partial<ClosedCase> {
  action?: ActionId;
  was?: CauseId;
  sure?: number;
}

function aClosedCase({ action, was, sure = 0.8, ...rest }: Parts = {}): ClosedCase {
  return {
    id: uuid(1),
    siteId: uuid(2),
    site: 'Home',
    where: 'Kitchen',
    complaint: 'trips',
    closedAt: '2026-10-01T12:00:00.000Z',
    outcome: 'replaced',
    confirmed: was ? { cause: was, who: 'electrician', how: 'measured' } : null,
    decision: action
      ? {
          action,
          family: ACTIONS[action],
          headline: action,
          confidence: sure,
          causes: [{ id: was ?? 'overload', name: '', probability: sure }],
        }
      : null,
    simulated: false,
    known: { complaint: 'trips' },
    family: null,
    ...rest,
  };
}

describe('judge', () => {
  test.each<[ActionId | undefined, CauseId | undefined, ReturnType<typeof judge>]>([
    ['replace-breaker', 'weak-breaker', 'right'],
    ['replace-breaker', 'overload', 'wrong'],
    ['split-circuit', 'overload', 'right'],
    // The other half of a finding: it holds again.
    ['reset-and-watch', 'no-fault', 'right'],
    // Made safe first: right beside what endangers life, needless beside an overload.
    ['make-safe-and-call', 'burnt-stab', 'right'],
    ['make-safe-and-call', 'overload', 'wrong'],
    ['gather-more', 'overload', 'left-open'],
    [undefined, 'overload', 'left-open'],
    ['replace-breaker', undefined, null],
  ])('%s for %s: %s', (action, was, wanted) => expect(judge(aClosedCase({ action, was }))).toBe(wanted));

  test('for every cause some decision is right, and none that only looks further', () => {
    for (const was of CAUSE_IDS) {
      const right = DECISION_ACTIONS.filter((action) => judge(aClosedCase({ action, was })) === 'right');
      expect([was, right.length > 0, right.includes('gather-more')]).toEqual([was, true, false]);
    }
  });
});

describe('outcomesOf', () => {
  test('counts what was right, what was never confirmed and what was left open', () => {
    const told = outcomesOf(
      [
        aClosedCase({ action: 'replace-breaker', was: 'weak-breaker', sure: 0.9 }),
        aClosedCase({ action: 'replace-breaker', was: 'overload', sure: 0.7 }),
        aClosedCase({ action: 'shed-load', was: 'overload', sure: 0.8 }),
        aClosedCase({ action: 'gather-more', was: 'overload' }),
        aClosedCase({ action: 'shed-load' }),
        aClosedCase({ action: 'shed-load', was: 'overload', simulated: true }),
      ],
      [],
    );
    expect(told).toMatchObject({ closed: 5, confirmed: 4, simulated: 1, leftOpen: 1 });
    expect(told.decided).toMatchObject({ right: 2, of: 3 });
    expect(told.saidSure).toBeCloseTo(0.8, 9);
    expect(told.byFamily.map(({ family, right, of }) => [family, right, of])).toEqual([
      ['replace', 1, 2],
      ['not-the-breaker', 1, 1],
    ]);
    expect(told.byCause.map(({ cause, confirmed }) => [cause, confirmed])).toEqual([
      ['overload', 3],
      ['weak-breaker', 1],
    ]);
    expect(outcomes.parse(told)).toEqual(told);
  });

  test('tells what teaches, here and elsewhere: the causes that were confirmed, most often first', () => {
    const end = (cause: CauseId) => ({ cause, known: {}, family: null });
    const { teaching } = outcomesOf([], [end('overload'), end('weak-breaker'), end('weak-breaker')]);
    expect(teaching).toMatchObject({ cases: 3, moved: [{ cause: 'weak-breaker' }, { cause: 'overload' }] });
    for (const { tablePercent, nowPercent } of teaching.moved)
      expect(nowPercent).toBeGreaterThan(tablePercent);
    expect(outcomesOf([], []).teaching).toMatchObject({ cases: 0, moved: [] });
  });

  test('adds up, whatever was closed', () => {
    const one = fc
      .record({
        action: fc.option(fc.constantFrom(...DECISION_ACTIONS), { nil: undefined }),
        was: fc.option(fc.constantFrom(...CAUSE_IDS), { nil: undefined }),
        simulated: fc.boolean(),
      })
      .map((parts) => aClosedCase(parts));
    fc.assert(
      fc.property(fc.array(one, { maxLength: 30 }), (closed) => {
        const told = outcomesOf(closed, []);
        expect(told.closed + told.simulated).toBe(closed.length);
        expect((told.decided?.of ?? 0) + told.leftOpen).toBe(told.confirmed);
        expect(told.byCause.reduce((sum, { confirmed }) => sum + confirmed, 0)).toBe(told.confirmed);
        expect(told.byFamily.reduce((sum, { of }) => sum + of, 0)).toBe(told.decided?.of ?? 0);
      }),
    );
  });
});

test('sureRange holds the share, narrows with more cases, and stays within nothing and all', () => {
  expect(sureRange(8, 10).from).toBeCloseTo(0.4902, 4);
  expect(sureRange(8, 10).to).toBeCloseTo(0.9433, 4);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 500 }), fc.double({ min: 0, max: 1, noNaN: true }), (of, share) => {
      const right = Math.round(share * of);
      const { from, to } = sureRange(right, of);
      expect(from).toBeLessThanOrEqual(right / of + 1e-12);
      expect(to).toBeGreaterThanOrEqual(right / of - 1e-12);
      expect(from >= 0 && to <= 1).toBe(true);
      const more = sureRange(4 * right, 4 * of);
      expect(more.to - more.from).toBeLessThan(to - from);
    }),
  );
});
