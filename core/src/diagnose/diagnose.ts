import {
  CAUSE_IDS,
  likelihoods,
  outcomesOf,
  posterior,
  prior,
  TEST_IDS,
  type TestResult,
} from '../causes/index.ts';
import { ACTIONS, PROFILE_LEVEL, sayOutcome, TESTS, type CauseId, type TestId } from '../vocabulary/index.ts';
import { CAUSE_FACTS } from '../causes/index.ts';
import { diagnoseInput, type DiagnoseInput, type Diagnosis } from './diagnosis.ts';
import { stopSigns } from './stopSigns.ts';
import { testCost } from './testCosts.ts';
import { bestDeed, choose, lossTable, type LossTable } from './verdict.ts';

/**
 * What it is, what to do, and which test next. The chance of every cause by Bayes’ rule over the table of signs;
 * the action of least expected loss; the tests by how much they are expected to lower that loss, less their own cost.
 *
 * @param input who asks, the latest outcome of each test that was done, and what is known of the breaker
 * @returns causes, highest first; tests not done yet that this person may do, best first; the verdict with the
 *   evidence that carried it; danger signs. A stop never goes with a reset.
 * @throws ZodError for an id that is not in the vocabulary, or a test given twice
 * @example diagnose({ profile: 'homeowner', evidence: [{ test: 'handle-finger-test', outcome: 'gives' }] })
 */
export function diagnose(input: DiagnoseInput): Diagnosis {
  const { profile, evidence, context } = diagnoseInput.parse(input);
  const results = evidence as TestResult[];
  const probabilities = posterior(prior(context), results);
  const reasons = stopSigns(results);
  const stopped = reasons.length > 0;
  const table = lossTable(results, stopped);
  const choice = choose(table, probabilities, stopped);
  const ranked = CAUSE_IDS.map((id, i) => ({ id, probability: probabilities[i]! })).sort(
    (a, b) => b.probability - a.probability,
  );
  const tests = nextTests(probabilities, results, table, PROFILE_LEVEL[profile]);
  return {
    causes: ranked,
    nextTests: tests.map(({ id, value }) => ({ id, value })),
    verdict: {
      action: choice.action,
      family: ACTIONS[choice.action],
      confidence: choice.confidence,
      reasons: carriedBy(ranked[0]!.id, probabilities, results),
      overturnedBy: overturning(tests.slice(0, TOLD), probabilities, results, stopped, choice.action),
    },
    stop: { active: stopped, reasons },
  };
}

/** A little of the value is what is learnt for its own sake: it parts tests that would change nothing yet. */
const PER_NAT = 0.6;

/** Tests that were not done and that this person may do, by what they are worth. */
function nextTests(
  probabilities: Float64Array,
  results: readonly TestResult[],
  table: LossTable,
  level: number,
) {
  const done = new Set(results.map(({ test }) => test));
  const now = bestDeed(table, probabilities).expected;
  return TEST_IDS.filter((id) => !done.has(id) && TESTS[id].level <= level)
    .map((id) => ({ id, value: worth(id, probabilities, table, now) - testCost(id) }))
    .sort((a, b) => b.value - a.value);
}

/** How far the expected loss is expected to fall once the outcome of a test is known. */
function worth(test: TestId, probabilities: Float64Array, table: LossTable, now: number): number {
  let then = 0;
  let learnt = 0;
  for (const chances of outcomesOf(test).values()) {
    let seen = 0;
    for (let i = 0; i < chances.length; i++) seen += chances[i]! * probabilities[i]!;
    if (seen < 1e-9) continue;
    const after = probabilities.map((p, i) => (p * chances[i]!) / seen);
    then += seen * bestDeed(table, after).expected;
    for (let i = 0; i < after.length; i++)
      if (after[i]! > 1e-12) learnt += seen * after[i]! * Math.log(after[i]! / probabilities[i]!);
  }
  return Math.max(0, now - then) + PER_NAT * learnt;
}

/** The evidence behind the leading cause: for each test, how much it speaks for it against the rest. */
function carriedBy(leading: CauseId, probabilities: Float64Array, results: readonly TestResult[]) {
  const at = CAUSE_IDS.indexOf(leading);
  return results
    .map(({ test, outcome }) => {
      const chances = likelihoods(test, outcome);
      const without = probabilities.map((p, i) => p / chances[i]!);
      let [rest, weight] = [0, 0];
      without.forEach((p, i) => {
        if (i === at) return;
        rest += p * chances[i]!;
        weight += p;
      });
      const why = CAUSE_FACTS[leading].signs[test]?.[1];
      return {
        test,
        weight: Math.log(chances[at]! / (rest / weight)),
        text: `${sayOutcome(test, outcome)}.${why ? ` ${why}` : ''}`,
      };
    })
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
}

/** So many of the next tests are asked what would overturn the verdict. */
const TOLD = 8;
/** Outcomes that hardly ever come are not told. */
const LIKELY = 0.02;

function overturning(
  tests: readonly { id: TestId }[],
  probabilities: Float64Array,
  results: readonly TestResult[],
  stopped: boolean,
  action: string,
): Diagnosis['verdict']['overturnedBy'] {
  return tests.flatMap(({ id }) =>
    [...outcomesOf(id)].flatMap(([outcome, chances]) => {
      const seen = chances.reduce((sum, chance, i) => sum + chance * probabilities[i]!, 0);
      if (seen < LIKELY) return [];
      const after = probabilities.map((p, i) => (p * chances[i]!) / seen);
      const more = [...results, { test: id, outcome }];
      const stops = stopped || stopSigns(more).length > 0;
      const then = choose(lossTable(more, stops), after, stops).action;
      return then === action ? [] : [{ test: id, outcome, action: then }];
    }),
  );
}
