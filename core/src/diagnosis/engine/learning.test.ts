import { describe, expect, test } from '@jest/globals';
import { runs } from '../../testing/index.ts';
import fc from 'fast-check';
import { CAUSE_IDS, learn, type ConfirmedEnd, type PriorContext } from '../causes/index.ts';
import { outcomeLevel } from '../../facts/hazards/index.ts';
import { ACTIONS, TEST_IDS, TESTS, type TestResult } from '../../facts/vocabulary/index.ts';
import { earlierCasesReason } from '../decision/index.ts';
import { keepDanger } from '../actions/index.ts';
import { assess, endangers } from './index.ts';

const HARMLESS = CAUSE_IDS.filter((cause) => !endangers(cause));
const DANGERS = TEST_IDS.flatMap((id) =>
  TESTS[id].outcomes
    .filter((outcome) => outcomeLevel(id, outcome) === 'stop')
    .map((outcome) => ({ test: id, outcome })),
);

/** Confirmed ends of one cause, or of a few, by the thousand. */
const ends = fc
  .array(fc.tuple(fc.constantFrom(...CAUSE_IDS), fc.integer({ min: 1, max: 5000 })), {
    minLength: 1,
    maxLength: 4,
  })
  .map((lots) =>
    lots.flatMap(([cause, n]): ConfirmedEnd[] =>
      Array.from({ length: Math.ceil(n / 25) }, () => ({ cause, known: {}, family: null })),
    ),
  );
const results = fc.uniqueArray(
  fc
    .constantFrom(...TEST_IDS)
    .chain((id) =>
      fc.constantFrom(...TESTS[id].outcomes).map((outcome): TestResult => ({ test: id, outcome })),
    ),
  { maxLength: 8, selector: (one) => one.test },
);
const known = fc.record({
  breakerKind: fc.constantFrom('standard' as const, 'gfci' as const, undefined),
  complaint: fc.constantFrom('trips' as const, 'dead' as const, 'check' as const, undefined),
});

const both = (found: readonly TestResult[], about: PriorContext, lots: readonly ConfirmedEnd[]) => [
  assess(found, about),
  assess(found, about, null, {}, learn(lots, { kind: about.breakerKind })),
];

describe('what confirmed ends may not do', () => {
  test('no amount of them makes a danger less likely, or ends a stop', () => {
    fc.assert(
      fc.property(results, known, ends, (found, about, lots) => {
        const [before, after] = both(found, about, lots);
        expect(after!.hazard).toEqual(before!.hazard);
        CAUSE_IDS.forEach((cause, i) => {
          if (!endangers(cause)) return;
          expect(after!.probabilities[i]).toBeGreaterThanOrEqual(before!.probabilities[i]! - 1e-12);
        });
        expect(after!.probabilities.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      }),
      { numRuns: runs(100, 300) },
    );
  });

  test('a thousand harmless ends of every kind reset, enlarge or keep nothing beside any danger sign', () => {
    for (const cause of HARMLESS) {
      const lots = Array.from({ length: 1000 }, () => ({ cause, known: {}, family: null }));
      const teaches = learn(lots, {});
      for (const sign of DANGERS) {
        const { choice, hazard } = assess([sign], {}, null, {}, teaches);
        expect([cause, sign, hazard.level]).toEqual([cause, sign, 'stop']);
        expect(['reset', 'keep', 'resize']).not.toContain(ACTIONS[choice.action]);
      }
    }
  });

  test('the law holds to the last digit where nearly all that is left is danger', () => {
    const byTable = Float64Array.from(CAUSE_IDS, (cause) => (endangers(cause) ? 1 : 0));
    const total = byTable.reduce((a, b) => a + b, 0);
    const sure = byTable.map((p) => p / total);
    expect(keepDanger(sure, sure)).toEqual(sure);
  });
});

describe('what they do', () => {
  test('where nothing parts two causes, the one that was confirmed more often leads', () => {
    const found: TestResult[] = [{ test: 'reset-result', outcome: 'trips-in-seconds' }];
    const chance = (cause: ConfirmedEnd['cause'], lots: ConfirmedEnd[]) =>
      both(found, {}, lots)[1]!.probabilities[CAUSE_IDS.indexOf(cause)]!;
    const many = (cause: ConfirmedEnd['cause']) =>
      Array.from({ length: 60 }, () => ({ cause, known: {}, family: null }));
    expect(chance('motor-inrush', many('motor-inrush'))).toBeGreaterThan(
      chance('motor-inrush', many('appliance-fault')) + 0.1,
    );
  });

  test('a decision tells so where earlier cases make its cause likelier, and says nothing where they do not', () => {
    const told = (lots: ConfirmedEnd[]) =>
      earlierCasesReason(
        assess([{ test: 'trip-pattern', outcome: 'motor-starting' }], {}, null, {}, learn(lots, {})),
      )?.text;
    const many = Array.from({ length: 60 }, () => ({
      cause: 'motor-inrush' as const,
      known: {},
      family: null,
    }));
    expect(told(many)).toMatch(/^In 60 earlier confirmed cases.* more often than usual/);
    expect(told(many.slice(0, 1))).toBeUndefined();
    expect(told([])).toBeUndefined();
  });

  test('ends as the table expects them change next to nothing', () => {
    const lots = CAUSE_IDS.flatMap((cause, i) =>
      Array.from({ length: Math.round(1000 * assess([]).probabilities[i]!) }, () => ({
        cause,
        known: {},
        family: null,
      })),
    );
    const [before, after] = both([{ test: 'reset-result', outcome: 'trips-in-minutes' }], {}, lots);
    before!.probabilities.forEach((p, i) => expect(after!.probabilities[i]).toBeCloseTo(p, 2));
  });
});
