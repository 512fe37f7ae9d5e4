import { likelihoodTable, type LikelihoodTable } from '@phylaxon/core/diagnosis/causes';
import { SIMULATED_CAUSES } from '@phylaxon/core/simulate/house';
import { perform, simulatedCase } from '@phylaxon/core/simulate/person';
import { TEST_IDS, TESTS, type CauseId, type TestId } from '@phylaxon/core/facts/vocabulary';

export interface FitSize {
  /** Cases of each cause. */
  each: number;
  firstSeed: number;
}

/** Before anything was counted every outcome has been seen so often. */
const BEFORE = 0.35;

/** How often each outcome of each test was seen under each cause, as parts of a whole. */
export type Counted = Record<CauseId, Record<TestId, Map<string, number>>>;

/** How often the simulator shows each outcome of each test under each cause. */
export function countOutcomes({ each, firstSeed }: FitSize): Counted {
  const counted = {} as Counted;
  for (const cause of SIMULATED_CAUSES) {
    const cases = Array.from({ length: each }, (_, n) => simulatedCase(cause, firstSeed + n));
    counted[cause] = Object.fromEntries(
      TEST_IDS.map((test) => {
        const counts = new Map<string, number>(
          (TESTS[test].outcomes as readonly string[]).map((outcome) => [outcome, BEFORE]),
        );
        for (const of of cases) {
          const outcome = perform(of, test);
          counts.set(outcome, counts.get(outcome)! + 1);
        }
        const total = [...counts.values()].reduce((a, b) => a + b, 0);
        return [test, new Map([...counts].map(([outcome, count]) => [outcome, count / total]))];
      }),
    ) as Counted[CauseId];
  }
  return counted;
}

/**
 * Tables of likelihood fitted to the simulator: the best there could be with this vocabulary and this way of reasoning.
 * They measure the product’s own, and are never shipped.
 */
export function fitTables(size: FitSize): LikelihoodTable {
  const counted = countOutcomes(size);
  return likelihoodTable((cause, test) => counted[cause][test]);
}
