import { keptPerKey } from '../../facts/kept/index.ts';
import {
  byCauseGiven,
  CAUSE_IDS,
  HYPOTHESES,
  likelihoods,
  resultLikelihoods,
  usualChance,
} from '../causes/index.ts';
import { CAUSE_FACTS } from '../causeFacts/index.ts';
import { sayOutcome, TESTS, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { decideOn, type Assessment } from '../actions/index.ts';
import type { Diagnosis } from './diagnosis.ts';
import { hazardOf } from '../../facts/hazards/index.ts';

/**
 * The evidence behind the leading cause: for each test, how much it speaks for it against the rest.
 *
 * @param leading the cause that leads
 * @param assessed what the evidence comes to
 * @returns weight in nats (above 0: for it) and sentence of each, heaviest first
 * @example carriedBy('overload', assess(results))[0].test // 'load-share'
 */
export const carriedBy = (leading: CauseId, assessed: Assessment): readonly Carried[] =>
  carried(assessed, leading, () => weigh(leading, assessed));

/** How much a result speaks for a cause. */
interface Carried {
  test: TestId;
  weight: number;
  text: string;
}

/** Of each assessment, by the cause that leads. */
const carried = keptPerKey<Assessment, readonly Carried[]>();

function weigh(leading: CauseId, { belief, weighed, likelihoods }: Assessment): Carried[] {
  return weighed
    .map((result) => {
      const { test, outcome } = result;
      const chances = resultLikelihoods(likelihoods, result);
      // Probabilities with and without this result, of the leading cause and of all others.
      const sums = { leading: [0, 0], rest: [0, 0] } as Record<'leading' | 'rest', [number, number]>;
      belief.forEach((p, h) => {
        const side = sums[HYPOTHESES[h]!.cause === leading ? 'leading' : 'rest'];
        side[0] += p;
        side[1] += p / chances[h]!;
      });
      const average = ([with_, without]: [number, number]) => with_ / Math.max(without, Number.MIN_VALUE);
      // What a cause typically shows is the reason for that outcome, not for another of the same test.
      const why = outcome === typicalOutcome(leading, test) ? ` ${signOf(leading, test)![1]}` : '';
      return {
        test,
        weight: Math.log(average(sums.leading) / average(sums.rest)),
        text: `${sayOutcome(test, outcome)}.${why}`,
      };
    })
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
}

const signOf = (cause: CauseId, test: TestId) =>
  (CAUSE_FACTS[cause].signs as Partial<Record<TestId, readonly [unknown, string]>>)[test];

/** The outcome of a test that a cause makes commoner than any other; undefined: the cause does not bear on the test. */
function typicalOutcome(cause: CauseId, test: TestId): string | undefined {
  if (!signOf(cause, test)) return undefined;
  const at = CAUSE_IDS.indexOf(cause);
  const times = (outcome: string) => likelihoods(test, outcome)[at]! / usualChance(test, outcome);
  const [typical] = [...TESTS[test].outcomes].sort((a, b) => times(b) - times(a));
  return typical && times(typical) > 1 ? typical : undefined;
}

type Overturning = Diagnosis['verdict']['overturnedBy'][number];

/** Outcomes that hardly ever come are not told. */
const LIKELY = 0.02;

/**
 * Which outcomes of these tests would lead to another action.
 *
 * @param tests those worth asking, best first
 * @param assessed what the evidence comes to
 * @param most so many are looked for; without it all are
 * @returns test, outcome and the action it would lead to
 * @example overturning([{ id: 'water-signs' }], assess(results)) // [{ test: 'water-signs', outcome: 'wet-now', action: … }]
 */
export const overturning = (
  tests: readonly { id: TestId }[],
  assessed: Assessment,
  most = Infinity,
): readonly Overturning[] =>
  overturnings(assessed, `${most} ${tests.map(({ id }) => id).join()}`, () =>
    findOverturning(tests, assessed, most),
  );

/** Of each assessment, by the tests and how many were looked for. */
const overturnings = keptPerKey<Assessment, readonly Overturning[]>();

function findOverturning(
  tests: readonly { id: TestId }[],
  assessed: Assessment,
  most: number,
): Overturning[] {
  const { belief, likelihoods: table, results, circumstances, choice, known } = assessed;
  const told: Overturning[] = [];
  for (const { id } of tests)
    for (const [outcome, chances] of table.get(id)!) {
      if (told.length >= most) return told;
      const after = byCauseGiven(belief, chances);
      const seen = after.reduce((sum, p) => sum + p, 0);
      if (seen < LIKELY) continue;
      const more = [...results, { test: id, outcome }];
      const probabilities = after.map((p) => p / seen);
      const { action } = decideOn(more, probabilities, hazardOf(more, circumstances), known).choice;
      if (action !== choice.action) told.push({ test: id, outcome, action });
    }
  return told;
}
