import { CAUSE_FACTS, CAUSE_IDS, outcomesOf, resultLikelihoods } from '../causes/index.ts';
import { sayOutcome, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { decideOn } from './assess.ts';
import type { Diagnosis } from './diagnosis.ts';
import { dangersIn } from '../danger/index.ts';
import type { Assessment } from './assessment.ts';

/**
 * The evidence behind the leading cause: for each test, how much it speaks for it against the rest.
 *
 * @param leading the cause that leads
 * @param assessed what the evidence comes to
 * @returns weight in nats (above 0: for it) and sentence of each, heaviest first
 * @example carriedBy('overload', assess(results))[0].test // 'load-share'
 */
export function carriedBy(leading: CauseId, { probabilities, weighed }: Assessment) {
  const at = CAUSE_IDS.indexOf(leading);
  return weighed
    .map((result) => {
      const { test, outcome } = result;
      const chances = resultLikelihoods(result);
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

/** Outcomes that hardly ever come are not told. */
const LIKELY = 0.02;

/**
 * Which outcomes of these tests would lead to another action.
 *
 * @param tests those worth asking, best first
 * @param assessed what the evidence comes to
 * @returns test, outcome and the action it would lead to
 * @example overturning([{ id: 'water-signs' }], assess(results)) // [{ test: 'water-signs', outcome: 'wet-now', action: … }]
 */
export function overturning(
  tests: readonly { id: TestId }[],
  { probabilities, results, circumstances, choice }: Assessment,
): Diagnosis['verdict']['overturnedBy'] {
  return tests.flatMap(({ id }) =>
    [...outcomesOf(id)].flatMap(([outcome, chances]) => {
      const seen = chances.reduce((sum, chance, i) => sum + chance * probabilities[i]!, 0);
      if (seen < LIKELY) return [];
      const after = probabilities.map((p, i) => (p * chances[i]!) / seen);
      const more = [...results, { test: id, outcome }];
      const stopped = dangersIn(more, circumstances).length > 0;
      const then = decideOn(more, after, stopped).choice.action;
      return then === choice.action ? [] : [{ test: id, outcome, action: then }];
    }),
  );
}
