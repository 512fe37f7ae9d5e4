import {
  CAUSE_FACTS,
  CAUSE_IDS,
  likelihoods,
  outcomesOf,
  posterior,
  prior,
  TEST_IDS,
  type Context,
  type TestResult,
} from '../causes/index.ts';
import type { EffectiveRating, Side } from '../effective/index.ts';
import {
  ACTIONS,
  PROFILE_LEVEL,
  sayOutcome,
  TESTS,
  type CauseId,
  type Profile,
  type TestId,
} from '../vocabulary/index.ts';
import { diagnoseInput, type DiagnoseInput, type Diagnosis } from './diagnosis.ts';
import { CHANGES_WHAT_IS_RIGHT } from './rightActions.ts';
import { stopSigns } from './stopSigns.ts';
import { testCost } from './testCosts.ts';
import { bestDeed, choose, lossTable, type Choice, type LossTable } from './verdict.ts';

/** What is believed, and what follows from it. */
export interface Assessment {
  results: readonly TestResult[];
  /** Chance of each cause, in the vocabulary’s order. */
  probabilities: Float64Array;
  /** Danger signs, as sentences. */
  stops: string[];
  table: LossTable;
  choice: Choice;
}

/**
 * What the evidence comes to: the chance of each cause, and the action of least expected loss.
 *
 * @param results the latest outcome of each test that was done
 * @param known what is known of the breaker
 * @param bench how likely it is weak, sound or sluggish by its trips and holds; then the trip held against the curve
 *   is in it already
 * @example assess([{ test: 'neighbours-power', outcome: 'off-too' }]).choice.action // 'gather-more'
 */
export function assess(
  results: readonly TestResult[],
  known: Context = {},
  bench: EffectiveRating['probability'] | null = null,
): Assessment {
  const told = bench ? results.filter(({ test }) => test !== 'trip-vs-curve') : results;
  const probabilities = posterior(bench ? byTheBench(prior(known), bench) : prior(known), told);
  const stops = stopSigns(results);
  const table = lossTable(results, stops.length > 0);
  return { results, probabilities, stops, table, choice: choose(table, probabilities, stops.length > 0) };
}

/** What the bench holds of any breaker before it knows anything of it. */
const BENCH_PRIOR = { weak: 0.23, sound: 0.6, sluggish: 0.17 } as const;
/** Causes that heat a bimetal from outside: of so many of their records a sound unit looks weak. */
const LOOKS_WEAK: Partial<Record<CauseId, number>> = {
  'loose-terminal': 0.45,
  'burnt-stab': 0.35,
  'hot-surroundings': 0.6,
  'bus-failing': 0.15,
};

/** The record of trips and holds as evidence: weak speaks for a weak breaker, sluggish for one that does not open. */
function byTheBench(before: Float64Array, bench: EffectiveRating['probability']): Float64Array {
  const ratio = (side: Side) => Math.max(1e-3, bench[side]) / BENCH_PRIOR[side];
  const weighed = before.map((p, i) => {
    const cause = CAUSE_IDS[i]!;
    if (cause === 'weak-breaker') return p * ratio('weak');
    if (cause === 'stuck-breaker') return p * ratio('sluggish');
    const weak = LOOKS_WEAK[cause] ?? 0;
    return p * (weak * ratio('weak') + (1 - weak) * ratio('sound'));
  });
  const total = weighed.reduce((a, b) => a + b, 0);
  return weighed.map((p) => p / total);
}

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
  const standing = assess(evidence as TestResult[], context);
  const tests = nextTests(standing, profile);
  const { choice, stops } = standing;
  const ranked = rankedCauses(standing);
  return {
    causes: ranked,
    nextTests: tests,
    verdict: {
      action: choice.action,
      family: ACTIONS[choice.action],
      confidence: choice.confidence,
      settled: isSettled(standing, tests),
      reasons: carriedBy(ranked[0]!.id, standing),
      overturnedBy: overturning(tests.slice(0, TOLD), standing),
    },
    stop: { active: stops.length > 0, reasons: stops },
  };
}

/** An expected loss below which another test changes little. */
const ENOUGH = 1;
/** Above this loss even a test is done that costs somewhat more than it alone is expected to bring. */
const UNSURE = { from: 3, bears: 1 } as const;

/** Before anything is reset somebody listens, smells, feels and looks: this much more they are worth then. */
const SENSES: ReadonlySet<TestId> = new Set<TestId>(['sound', 'smell', 'panel-touch', 'water-signs']);
const CARE = 4;

/** What has to be done before it is reset: where it has tripped, one trial with everything unplugged as well. */
const isDueFirst = (test: TestId, { choice, results, stops }: Assessment): boolean =>
  stops.length === 0 &&
  ACTIONS[choice.action] === 'reset' &&
  (SENSES.has(test) ||
    (test === 'reset-result-unplugged' && results.some((result) => result.test === 'trips-on-record')));

/**
 * Whether to stop testing: danger stops everything; the decision is good enough; or no test that is left is worth
 * what it costs.
 *
 * @param tests as `nextTests` gives them
 * @example isSettled(assess([]), nextTests(assess([]), 'homeowner')) // false
 */
export function isSettled(assessed: Assessment, tests: Diagnosis['nextTests']): boolean {
  const { choice, stops } = assessed;
  if (stops.length > 0) return true;
  if (tests.some(({ id }) => isDueFirst(id, assessed))) return false;
  if (choice.expected <= ENOUGH) return true;
  const least = choice.expected > UNSURE.from ? -UNSURE.bears : 0;
  return !tests.some(({ value }) => value > least);
}

/** The causes with their chances, highest first. */
export const rankedCauses = ({ probabilities }: Assessment): Diagnosis['causes'] =>
  CAUSE_IDS.map((id, i) => ({ id, probability: probabilities[i]! })).sort(
    (a, b) => b.probability - a.probability,
  );

/** A little of the value is what is learnt for its own sake: it parts tests that would change nothing yet. */
const PER_NAT = 0.6;

/**
 * Tests that were not done and that this person may do, by what they are worth.
 *
 * @example nextTests(assess([]), 'homeowner')[0].id // 'power-loss-extent'
 */
export function nextTests(assessed: Assessment, profile: Profile): Diagnosis['nextTests'] {
  const { probabilities, results, table } = assessed;
  const done = new Set(results.map(({ test }) => test));
  const now = bestDeed(table, probabilities).expected;
  return TEST_IDS.filter((id) => !done.has(id) && TESTS[id].level <= PROFILE_LEVEL[profile])
    .map((id) => ({ id, value: worth(id, assessed, now) + care(id, assessed) - testCost(id) }))
    .sort((a, b) => b.value - a.value);
}

/** What a look is worth beside what it tells: no reset without one. */
const care = (test: TestId, assessed: Assessment): number => (isDueFirst(test, assessed) ? CARE : 0);

/** How far the expected loss is expected to fall once the outcome of a test is known. */
function worth(test: TestId, { probabilities, results, table, stops }: Assessment, now: number): number {
  let then = 0;
  let learnt = 0;
  const changes = CHANGES_WHAT_IS_RIGHT.has(test);
  for (const [outcome, chances] of outcomesOf(test)) {
    let seen = 0;
    for (let i = 0; i < chances.length; i++) seen += chances[i]! * probabilities[i]!;
    if (seen < 1e-9) continue;
    const after = probabilities.map((p, i) => (p * chances[i]!) / seen);
    const its = changes ? lossTable([...results, { test, outcome }], stops.length > 0) : table;
    then += seen * bestDeed(its, after).expected;
    for (let i = 0; i < after.length; i++)
      if (after[i]! > 1e-12) learnt += seen * after[i]! * Math.log(after[i]! / probabilities[i]!);
  }
  return Math.max(0, now - then) + PER_NAT * learnt;
}

/** The evidence behind the leading cause: for each test, how much it speaks for it against the rest. */
export function carriedBy(leading: CauseId, { probabilities, results }: Assessment) {
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

export function overturning(
  tests: readonly { id: TestId }[],
  { probabilities, results, stops, choice }: Assessment,
): Diagnosis['verdict']['overturnedBy'] {
  return tests.flatMap(({ id }) =>
    [...outcomesOf(id)].flatMap(([outcome, chances]) => {
      const seen = chances.reduce((sum, chance, i) => sum + chance * probabilities[i]!, 0);
      if (seen < LIKELY) return [];
      const after = probabilities.map((p, i) => (p * chances[i]!) / seen);
      const more = [...results, { test: id, outcome }];
      const stopped = stops.length > 0 || stopSigns(more).length > 0;
      const then = choose(lossTable(more, stopped), after, stopped).action;
      return then === choice.action ? [] : [{ test: id, outcome, action: then }];
    }),
  );
}
