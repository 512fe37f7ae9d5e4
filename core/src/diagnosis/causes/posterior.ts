import type { TestResult } from '../../facts/vocabulary/index.ts';
import { HYPOTHESES } from './hypotheses.ts';
import { resultLikelihoods, type Likelihoods } from './likelihood.ts';

/** No place is ruled out altogether. */
const LEAST_SHARE = 1e-6;

/**
 * How likely each hypothesis is once these outcomes are known: Bayes’ rule in logarithms, summed in the vocabulary’s order
 * of tests, so that the order in which the outcomes came does not matter to the last digit.
 *
 * @param before probability of each cause, in the vocabulary’s order
 * @param results the latest outcome of each test
 * @param likelihoods how likely each outcome is under each hypothesis, and its share of its cause
 * @returns probability of each hypothesis, summing to 1
 * @example byCause(posterior(prior(), [{ test: 'neighbours-power', outcome: 'off-too' }], table)) // mostly a supply outage
 */
export function posterior(
  before: Float64Array,
  results: readonly TestResult[],
  { table, shares }: Likelihoods,
): Float64Array {
  const logs = Float64Array.from(HYPOTHESES, ({ causeIndex }, h) =>
    Math.log(before[causeIndex]! * Math.max(LEAST_SHARE, shares[h]!)),
  );
  const sorted = [...results].sort((a, b) => (a.test < b.test ? -1 : 1));
  for (const result of sorted) {
    const chances = resultLikelihoods(table, result);
    for (let h = 0; h < logs.length; h++) logs[h]! += Math.log(chances[h]!);
  }
  let most = -Infinity;
  for (const log of logs) if (log > most) most = log;
  const parts = logs.map((log) => Math.exp(log - most));
  const total = parts.reduce((a, b) => a + b, 0);
  return parts.map((part) => part / total);
}
