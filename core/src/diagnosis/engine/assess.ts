import {
  CAUSE_IDS,
  posterior,
  prior,
  taught,
  type Context,
  type Learned,
  type TestResult,
} from '../causes/index.ts';
import type { EffectiveRating } from '../../physics/breakerEstimate/index.ts';
import { byTheBench } from './byTheBench.ts';
import type { Diagnosis } from './diagnosis.ts';
import { dangersIn, type Circumstances } from '../danger/index.ts';
import { impliedBy } from './bearsOn.ts';
import { noLessDanger } from './noLessDanger.ts';
import { secondThing } from './secondThing.ts';
import { bindSeen } from './seenBinds.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import { choose, lossTable } from './chooseAction.ts';
import type { Assessment } from './assessment.ts';

/**
 * What the evidence comes to: the chance of each cause, and the action of least expected loss.
 *
 * @param results the latest outcome of each test that was done
 * @param known what is known of the breaker
 * @param bench how likely it is weak, sound or sluggish by its trips and holds; then the trip held against the curve
 *   is in it already
 * @param circumstances what a record tells of danger besides
 * @param learned what confirmed ends teach; never that a danger is less likely
 * @returns chances, stops, the action chosen and what is so besides
 * @example assess([{ test: 'neighbours-power', outcome: 'off-too' }]).choice.action // 'gather-more'
 */
export function assess(
  results: readonly TestResult[],
  known: Context = {},
  bench: EffectiveRating['probability'] | null = null,
  circumstances: Circumstances = {},
  learned: Learned | null = null,
): Assessment {
  const implied = impliedBy(results, known);
  const weighed = results.filter(
    ({ test, outcome }) =>
      !(bench && test === 'trip-vs-curve') && !saysNothing(test, outcome, results, implied),
  );
  const before = prior(implied);
  const byTable = posterior(bench ? byTheBench(before, bench) : before, weighed);
  // What was found multiplies the chances whatever they were beforehand, so what is learnt may come last.
  const probabilities = learned ? noLessDanger(byTable, taught(byTable, learned.times)) : byTable;
  const stops = [...new Set(dangersIn(results, circumstances).map(({ text }) => text))];
  const { table, choice, also } = decideOn(results, probabilities, stops.length > 0);
  const assessed = {
    results,
    known: implied,
    weighed,
    probabilities,
    stops,
    circumstances,
    learned,
    table,
    choice,
    also,
  };
  const more = secondThing(assessed).filter(({ cause }) => !also.some((one) => one.cause === cause));
  return { ...assessed, also: [...also, ...more] };
}

/** Without supply the electronics of a sound breaker do nothing either: a dead button says nothing then. */
const WITHOUT_SUPPLY: Partial<Record<TestId, readonly string[]>> = {
  'power-after-reset': ['still-dead'],
  'upstream-breaker': ['tripped-or-off'],
  'power-loss-extent': ['half-the-house', 'whole-house'],
};
/** It has tripped and was reset since: that its handle stands as it should says nothing. */
const AS_RESET: Partial<Record<TestId, string>> = {
  'handle-position': 'on',
  'handle-finger-test': 'firm',
  'trip-indicator': 'not-shown',
};
const isResetSince = ({ test, outcome }: TestResult): boolean =>
  (test === 'power-loss-extent' && outcome === 'none') || (test === 'reset-result' && outcome === 'holds');
const saysNothing = (
  test: TestId,
  outcome: string,
  results: readonly TestResult[],
  { pluggable, tripped }: Context,
): boolean =>
  (AS_RESET[test] === outcome && tripped === true && results.some(isResetSince)) ||
  (test === 'test-button' &&
    outcome === 'does-not-trip' &&
    results.some((one) => WITHOUT_SUPPLY[one.test]?.includes(one.outcome))) ||
  // Where one wired-in appliance is all there is, of course it trips with that.
  (test === 'trip-pattern' && outcome === 'one-appliance' && pluggable === false);

/** What to do by the chances, and by what was seen, which no chance explains away. */
export function decideOn(results: readonly TestResult[], probabilities: Float64Array, stopped: boolean) {
  const table = lossTable(results, stopped);
  const chosen = choose(table, probabilities, stopped);
  const leading = CAUSE_IDS[probabilities.indexOf(Math.max(...probabilities))]!;
  return { table, ...bindSeen(results, chosen, leading) };
}

/**
 * The causes with their chances, highest first.
 *
 * @param assessed what the evidence comes to
 * @returns every cause with its chance, 0 to 1
 * @example rankedCauses(assess([]))[0].id // 'overload', the commonest
 */
export const rankedCauses = ({ probabilities }: Assessment): Diagnosis['causes'] =>
  CAUSE_IDS.map((id, i) => ({ id, probability: probabilities[i]! })).sort(
    (a, b) => b.probability - a.probability,
  );
