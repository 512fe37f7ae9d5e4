import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { TEST_IDS, TESTS, type TestId } from '../../facts/vocabulary/index.ts';
import { CAUSE_FACTS } from '../causeFacts/index.ts';
import {
  byCause,
  CAUSE_IDS,
  HYPOTHESES,
  likelihoods,
  likelihoodsFor,
  NOTHING_KNOWN,
  posterior,
  prior,
} from './index.ts';

describe('the table of signs', () => {
  test('every cause has a sign of its own, every sign its reason, every odds an outcome of the test', () => {
    for (const cause of CAUSE_IDS) {
      const { signs, commonness, why } = CAUSE_FACTS[cause];
      expect([cause, Object.keys(signs).length >= 3, commonness > 0, why.length > 20]).toEqual([
        cause,
        true,
        true,
        true,
      ]);
      for (const [test, [odds, reason]] of Object.entries(signs)) {
        expect([cause, test, reason.length > 8]).toEqual([cause, test, true]);
        const parts = Object.values(odds as Record<string, number>).reduce((a, b) => a + b, 0);
        expect([cause, test, parts > 94 && parts <= 101]).toEqual([cause, test, true]);
        for (const outcome of Object.keys(odds))
          expect([
            cause,
            test,
            (TESTS[test as TestId].outcomes as readonly string[]).includes(outcome),
          ]).toEqual([cause, test, true]);
      }
    }
  });

  const TABLES = ([1, 2, null] as const).flatMap((poles) =>
    [true, false, null].flatMap((resetHeld) =>
      [true, false, null].map((resetComplete) => likelihoodsFor({ poles, resetHeld, resetComplete })),
    ),
  );
  test('under every hypothesis the outcomes of a test sum to 1, and none is impossible', () => {
    const wrong = TEST_IDS.flatMap((test) =>
      TABLES.flatMap((table) =>
        HYPOTHESES.flatMap(({ cause }, h) => {
          const chances = [...table.table.get(test)!.values()].map((of) => of[h]!);
          const sum = chances.reduce((a, b) => a + b, 0);
          return Math.abs(sum - 1) < 5e-10 && Math.min(...chances) > 0.0002 ? [] : [{ test, cause, chances }];
        }),
      ),
    );
    expect(wrong).toEqual([]);
  });

  test('every cause has a test that speaks for it more than for any other', () => {
    for (const [i, cause] of CAUSE_IDS.entries()) {
      const own = TEST_IDS.some((test) =>
        TESTS[test].outcomes.some((outcome) => {
          const chances = likelihoods(test, outcome);
          const others = chances.filter((_chance, j) => j !== i);
          return chances[i]! > Math.max(...others) * 0.999;
        }),
      );
      expect([cause, own]).toEqual([cause, true]);
    }
  });
});

describe('what is thought before anything is looked at', () => {
  test('sums to 1 with any context, and rules nothing out', () => {
    const kinds = ['standard', 'gfci', 'afci', 'dual', undefined] as const;
    for (const breakerKind of kinds) {
      for (const ageYears of [undefined, 1, 15, 45]) {
        for (const newlyFitted of [true, false]) {
          const chances = prior({ breakerKind, ageYears, newlyFitted, poles: 2 });
          expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
          expect(Math.min(...chances)).toBeGreaterThan(0);
        }
      }
    }
  });

  test('heeds the kind of breaker, its age, and that it is new', () => {
    const of = (cause: (typeof CAUSE_IDS)[number], known: Parameters<typeof prior>[0]) =>
      prior(known)[CAUSE_IDS.indexOf(cause)]!;
    expect(of('electronic-unit-fault', { breakerKind: 'standard' })).toBeLessThan(0.001);
    expect(of('ground-leakage', { breakerKind: 'gfci' })).toBeGreaterThan(
      3 * of('ground-leakage', { breakerKind: 'standard' }),
    );
    expect(of('arcing-connection', { breakerKind: 'afci' })).toBeGreaterThan(of('arcing-connection', {}));
    expect(of('weak-breaker', { ageYears: 40 })).toBeGreaterThan(of('weak-breaker', { ageYears: 3 }));
    expect(of('miswired-protected-unit', { breakerKind: 'gfci', newlyFitted: true })).toBeGreaterThan(0.1);
  });
});

describe('Bayes’ rule', () => {
  const NEUTRAL = likelihoodsFor(NOTHING_KNOWN);
  const result = fc
    .constantFrom(...TEST_IDS)
    .chain((test) =>
      fc.constantFrom(...(TESTS[test].outcomes as readonly string[])).map((outcome) => ({ test, outcome })),
    );
  const results = fc.uniqueArray(result, { maxLength: 20, selector: ({ test }) => test });

  test('law: the order in which outcomes came does not matter, to the last digit', () => {
    fc.assert(
      fc.property(results, fc.infiniteStream(fc.nat()), (list, keys) => {
        const shuffled = list
          .map((one) => ({ one, key: keys.next().value as number }))
          .sort((a, b) => a.key - b.key)
          .map(({ one }) => one);
        expect(posterior(prior(), shuffled, NEUTRAL)).toEqual(posterior(prior(), list, NEUTRAL));
      }),
    );
  });

  test('a full reset that changed nothing rules an incomplete one nearly out', () => {
    const clicks = { test: 'reset-feel' as const, outcome: 'clean-clicks' };
    const zero = { test: 'load-terminal-voltage' as const, outcome: 'zero' };
    const at = CAUSE_IDS.indexOf('incomplete-reset');
    const after = likelihoodsFor({ poles: 1, resetHeld: true, resetComplete: true });
    const incomplete = (found: Parameters<typeof posterior>[1], table = NEUTRAL) =>
      byCause(posterior(prior(), found, table))[at]!;
    expect(incomplete([clicks, zero], after)).toBeLessThan(0.2 * incomplete([zero]));
  });

  test('law: it is what multiplying the table gives', () => {
    fc.assert(
      fc.property(results, (list) => {
        const before = prior();
        const { table, shares } = NEUTRAL;
        const products = HYPOTHESES.map(({ causeIndex }, h) =>
          list.reduce(
            (product, { test, outcome }) => product * table.get(test)!.get(outcome)![h]!,
            before[causeIndex]! * shares[h]!,
          ),
        );
        const total = products.reduce((a, b) => a + b, 0);
        const after = posterior(before, list, NEUTRAL);
        expect(Math.max(...products.map((product, i) => Math.abs(after[i]! - product / total)))).toBeLessThan(
          5e-10,
        );
      }),
    );
  });
});
