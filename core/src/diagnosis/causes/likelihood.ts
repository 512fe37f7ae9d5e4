import { keptPerObject } from '../../facts/kept/index.ts';
import { TEST_IDS, TESTS, type CauseId, type TestId, type TestResult } from '../../facts/vocabulary/index.ts';
import {
  comesBackByReset,
  isEnergized,
  PATH_TESTS,
  readPath,
  type PathState,
  type PathTest,
  type ReadingContext,
} from '../path/index.ts';
import { CAUSE_FACTS } from '../causeFacts/index.ts';
import { byCauseGiven, CAUSE_IDS, HYPOTHESES, sharesOf, type Hypothesis } from './hypotheses.ts';
import { LEAST_ODDS, USUAL } from './usual.ts';

/** For each test and outcome, its probability under every hypothesis. */
export type LikelihoodTable = ReadonlyMap<TestId, ReadonlyMap<string, Float64Array>>;

/** What is needed to weigh results: how likely outcomes are, and how often each hypothesis is its cause’s. */
export interface Likelihoods {
  table: LikelihoodTable;
  shares: Float64Array;
}

type OutcomeOdds = Readonly<Record<string, number | undefined>>;

const isPathTest = (test: TestId): test is PathTest => (PATH_TESTS as readonly TestId[]).includes(test);

/** A reading of the path is a slip now and then: a look oftener than a meter. */
const SLIPS = { look: 0.012, meter: 0.005 } as const;

/** Odds of a test on the path, in parts of a hundred; a slip gives what is usual. */
function pathOdds(test: PathTest, path: PathState, context: ReadingContext): OutcomeOdds {
  const slip = TESTS[test].level === 0 ? SLIPS.look : SLIPS.meter;
  const odds = readPath(test, path, context) as OutcomeOdds;
  const usual = USUAL[test] as OutcomeOdds;
  return Object.fromEntries(
    TESTS[test].outcomes.map((outcome) => [
      outcome,
      100 * (1 - slip) * (odds[outcome] ?? 0) + slip * (usual[outcome] ?? 0),
    ]),
  );
}

/** Whether the power comes back with a reset: not where the path is open elsewhere, and not with half a reset. */
const BACK = {
  open: { restored: 2, 'still-dead': 98 },
  complete: { restored: 97, 'still-dead': 3 },
  unknown: { restored: 88, 'still-dead': 12 },
  incomplete: { restored: 45, 'still-dead': 55 },
} as const;

const resetKind = ({ resetComplete }: ReadingContext) =>
  resetComplete === null ? 'unknown' : resetComplete ? 'complete' : 'incomplete';

function oddsOf({ cause, path, signs }: Hypothesis, test: TestId, context: ReadingContext): OutcomeOdds {
  if (isPathTest(test)) return pathOdds(test, path, context);
  if (test === 'power-after-reset') {
    if (!comesBackByReset(path)) return BACK.open;
    if (path.handle === 'half' || path.handle === 'off' || cause === 'incomplete-reset')
      return BACK[resetKind(context)];
  }
  const usual = USUAL[test] as OutcomeOdds;
  const sign = (signs[test] ?? CAUSE_FACTS[cause].signs[test])?.[0] as OutcomeOdds | undefined;
  if (!sign) return usual;
  return HEAT_TESTS.has(test) && !isEnergized(path) ? blend(test, sign, usual) : sign;
}

/** Tests of what only shows while current flows. */
const HEAT_TESTS: ReadonlySet<TestId> = new Set<TestId>([
  'sound',
  'smell',
  'panel-touch',
  'face-temperature',
  'terminal-temperature',
  'light-behaviour',
]);
/** Where no current flows any more, heat and noise are gone as often as this. */
const GONE = 0.65;
const blend = (test: TestId, sign: OutcomeOdds, usual: OutcomeOdds): OutcomeOdds =>
  Object.fromEntries(
    TESTS[test].outcomes.map((outcome) => [
      outcome,
      GONE * (usual[outcome] ?? 0) + (1 - GONE) * (sign[outcome] ?? 0),
    ]),
  );

/** Nobody takes one dead circuit for half a house: the least odds on the path, in parts of a hundred. */
const LEAST_PATH_ODDS = 0.03;

/** Probabilities of the outcomes of a test, summing to 1; even what never happens is noted now and then. */
function probabilities(test: TestId, odds: OutcomeOdds): number[] {
  const least = isPathTest(test) ? LEAST_PATH_ODDS : LEAST_ODDS;
  const parts = TESTS[test].outcomes.map((outcome) => Math.max(least, odds[outcome] ?? 0));
  const total = parts.reduce((a, b) => a + b, 0);
  return parts.map((part) => part / total);
}

function tableFrom(oddsFor: (hypothesis: Hypothesis, test: TestId) => OutcomeOdds): LikelihoodTable {
  return new Map(
    TEST_IDS.map((test) => {
      const all = HYPOTHESES.map((hypothesis) => probabilities(test, oddsFor(hypothesis, test)));
      const outcomes: readonly string[] = TESTS[test].outcomes;
      return [
        test,
        new Map(outcomes.map((outcome, i) => [outcome, Float64Array.from(all, (one) => one[i]!)])),
      ];
    }),
  );
}

const tables = new Map<string, Likelihoods>();
let replaced: LikelihoodTable | null = null;

/**
 * How likely each outcome of each test is under every hypothesis.
 *
 * @param context poles of the breaker, and how it was reset before it was read
 * @returns the table and the shares of the hypotheses; made once for each context
 * @example likelihoodsFor(NOTHING_KNOWN).table.get('smell')!.get('none')!.length // one for each hypothesis
 */
export function likelihoodsFor(context: ReadingContext): Likelihoods {
  const key = `${context.poles} ${context.resetHeld} ${context.resetComplete}`;
  const made = tables.get(key) ?? {
    table: tableFrom((hypothesis, test) => oddsOf(hypothesis, test, context)),
    shares: sharesOf(context),
  };
  tables.set(key, made);
  return replaced ? { ...made, table: replaced } : made;
}

/**
 * A table from the probability of each outcome under each cause, whatever the place.
 *
 * @param chancesOf probabilities of all outcomes of a test under a cause, summing to 1
 * @returns the table as the engine reads it
 * @example likelihoodTable((cause, test) => fitted(cause, test))
 */
export const likelihoodTable = (
  chancesOf: (cause: CauseId, test: TestId) => ReadonlyMap<string, number>,
): LikelihoodTable =>
  new Map(
    TEST_IDS.map((test) => {
      const byCauseId = new Map(CAUSE_IDS.map((cause) => [cause, chancesOf(cause, test)]));
      const outcomes: readonly string[] = TESTS[test].outcomes;
      return [
        test,
        new Map(
          outcomes.map((outcome) => [
            outcome,
            Float64Array.from(HYPOTHESES, ({ cause }) => byCauseId.get(cause)!.get(outcome)!),
          ]),
        ),
      ];
    }),
  );

/**
 * Do some work with another table in place of the product’s own, to measure how good the engine could be. The work is
 * done before this returns.
 *
 * @param other the table to go by
 * @param work what is done with it
 * @returns what that gives
 * @example withLikelihoods(fitted, () => runStudy(size))
 */
export function withLikelihoods<T>(other: LikelihoodTable, work: () => T): T {
  replaced = other;
  try {
    return work();
  } finally {
    replaced = null;
  }
}

/**
 * The probability of a result under every hypothesis: of its outcome, and of the other one where the reading lies within
 * the meter’s error of a limit.
 *
 * @param table as `likelihoodsFor` gives it
 * @param result a test with its outcome
 * @returns 0 to 1 for each hypothesis
 * @example resultLikelihoods(table, { test: 'smell', outcome: 'none' })
 */
export function resultLikelihoods(table: LikelihoodTable, { test, outcome, or }: TestResult): Float64Array {
  const own = table.get(test)!.get(outcome)!;
  if (!or) return own;
  const other = table.get(test)!.get(or.outcome)!;
  return own.map((p, h) => (1 - or.chance) * p + or.chance * other[h]!);
}

/** A breaker that nothing is known of. */
export const NOTHING_KNOWN: ReadingContext = { poles: null, resetHeld: null, resetComplete: null };

/**
 * The probability of an outcome under every cause, before anything is known of its place.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns 0 to 1 each, in the vocabulary’s order of causes
 * @example likelihoods('handle-finger-test', 'gives')[CAUSE_IDS.indexOf('incomplete-reset')] // about 0.9
 */
export const likelihoods = (test: TestId, outcome: string): Float64Array =>
  byCauseAlone(likelihoodsFor(NOTHING_KNOWN).table.get(test)!.get(outcome)!);

/** Probabilities by cause, from those under the hypotheses. */
const byCauseAlone = keptPerObject((chances: Float64Array) =>
  byCauseGiven(likelihoodsFor(NOTHING_KNOWN).shares, chances),
);

/**
 * How often an outcome is seen where nothing bears on the test, 0 to 1.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns 0 to 1
 * @example usualChance('smell', 'hot-plastic') // 0.01
 */
export function usualChance(test: TestId, outcome: string): number {
  const odds = USUAL[test] as OutcomeOdds;
  return (odds[outcome] ?? LEAST_ODDS) / 100;
}
