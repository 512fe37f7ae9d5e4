import { hazardOf, type HazardCircumstances } from '../../facts/hazards/index.ts';
import type { TestId, TestResult } from '../../facts/vocabulary/index.ts';
import type { EffectiveRating } from '../../physics/breakerEstimate/index.ts';
import {
  byCause,
  CAUSE_IDS,
  likelihoodsFor,
  posterior,
  prior,
  taught,
  withCauses,
  type PriorContext,
  type Learned,
} from '../causes/index.ts';
import { type Assessment, decideOn, keepDanger, secondThing } from '../actions/index.ts';
import { impliedBy } from './relevantTests.ts';
import { byTheBench } from './byTheBench.ts';
import type { Diagnosis } from './diagnosis.ts';
import { readingContextOf } from './readingContextOf.ts';

/**
 * What the evidence comes to: the probability of each cause, how dangerous the findings are, and the action of least
 * expected loss within that.
 *
 * @param results the latest outcome of each test that was done
 * @param known what is known of the breaker
 * @param bench how likely it is weak, sound or sluggish by its trips and holds; the trip held against the curve is
 *   already in it
 * @param circumstances what a record adds to the hazard
 * @param learned what confirmed ends teach; never that a danger is less likely
 * @returns probabilities, hazard, the action chosen, and what needs an action besides
 * @example assess([{ test: 'neighbours-power', outcome: 'off-too' }]).choice.action // 'gather-more'
 */
export function assess(
  results: readonly TestResult[],
  known: PriorContext = {},
  bench: EffectiveRating['probability'] | null = null,
  circumstances: HazardCircumstances = {},
  learned: Learned | null = null,
): Assessment {
  const implied = impliedBy(results, known);
  const weighed = results.filter(
    ({ test, outcome }) =>
      !(bench && test === 'trip-vs-curve') && !saysNothing(test, outcome, results, implied),
  );
  const before = prior(implied);
  const likelihoods = likelihoodsFor(readingContextOf(results, known));
  const byTable = posterior(bench ? byTheBench(before, bench) : before, weighed, likelihoods);
  // What was found multiplies the probabilities whatever they were before, so what is learned may come last.
  const belief = learned ? withLearned(byTable, learned) : byTable;
  const probabilities = byCause(belief);
  const hazard = hazardOf(results, circumstances);
  const { table, choice, also } = decideOn(results, probabilities, hazard, implied);
  const assessed = {
    results,
    known: implied,
    weighed,
    likelihoods: likelihoods.table,
    belief,
    probabilities,
    hazard,
    circumstances,
    learned,
    table,
    choice,
    also,
  };
  const more = secondThing(assessed).filter(({ cause }) => !also.some((one) => one.cause === cause));
  return { ...assessed, also: [...also, ...more] };
}

/** The belief moved by confirmed ends of earlier cases; no danger becomes less likely by them. */
function withLearned(belief: Float64Array, { times }: Learned): Float64Array {
  const causes = byCause(belief);
  return withCauses(belief, keepDanger(causes, taught(causes, times)));
}

/** Without supply the electronics of a sound breaker do nothing: a dead test button says nothing then. */
const WITHOUT_SUPPLY: Partial<Record<TestId, readonly string[]>> = {
  'power-after-reset': ['still-dead'],
  'upstream-breaker': ['tripped-or-off'],
  'power-loss-extent': ['half-the-house', 'whole-house'],
};
/** The breaker tripped and was reset since: that its handle stands as it should says nothing. */
const AS_RESET: Partial<Record<TestId, string>> = {
  'handle-position': 'on',
  'handle-finger-test': 'firm',
  'trip-indicator': 'not-shown',
};
/** How it tripped: where the cause is known and gone, that is explained. */
const OF_THE_TRIP: ReadonlySet<TestId> = new Set<TestId>([
  'reset-result',
  'trip-vs-curve',
  'trip-pattern',
  'trips-on-record',
]);

const isResetSince = ({ test, outcome }: TestResult): boolean =>
  (test === 'power-loss-extent' && outcome === 'none') || (test === 'reset-result' && outcome === 'holds');

const saysNothing = (
  test: TestId,
  outcome: string,
  results: readonly TestResult[],
  { pluggable, tripped, causeRemoved }: PriorContext,
): boolean =>
  (AS_RESET[test] === outcome && tripped === true && results.some(isResetSince)) ||
  (causeRemoved === true && OF_THE_TRIP.has(test) && outcome !== 'holds') ||
  (test === 'test-button' &&
    outcome === 'does-not-trip' &&
    results.some((one) => WITHOUT_SUPPLY[one.test]?.includes(one.outcome))) ||
  // Where one hard-wired appliance is all there is, the breaker trips with that appliance.
  (test === 'trip-pattern' && outcome === 'one-appliance' && pluggable === false);

/**
 * The causes with their probabilities, highest first.
 *
 * @param assessed what the evidence comes to
 * @returns every cause with its probability, 0 to 1
 * @example rankedCauses(assess([]))[0].id // 'overload', the commonest
 */
export const rankedCauses = ({ probabilities }: Assessment): Diagnosis['causes'] =>
  CAUSE_IDS.map((id, i) => ({ id, probability: probabilities[i]! })).sort(
    (a, b) => b.probability - a.probability,
  );
