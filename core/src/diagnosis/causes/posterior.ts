import { CAUSE_IDS, resultLikelihoods } from './likelihood.ts';
import { seenTogether } from './seenTogether.ts';
import type { TestResult } from './testResult.ts';

/**
 * How likely each cause is once these outcomes are known: Bayes’ rule, worked in logarithms and summed in the
 * vocabulary’s order of tests, so that the order in which they came does not matter to the last digit.
 *
 * @param before in the vocabulary’s order of causes
 * @returns chances in the same order, summing to 1
 * @example posterior(prior(), [{ test: 'neighbours-power', outcome: 'off-too' }]) // mostly a supply outage
 */
export function posterior(before: Float64Array, results: readonly TestResult[]): Float64Array {
  const logs = Float64Array.from(before, Math.log);
  const sorted = [...results].sort((a, b) => (a.test < b.test ? -1 : 1));
  for (const result of sorted)
    resultLikelihoods(result).forEach((chance, i) => (logs[i]! += Math.log(chance)));
  CAUSE_IDS.forEach((cause, i) => (logs[i]! += Math.log(seenTogether(cause, results))));
  const most = Math.max(...logs);
  const parts = logs.map((log) => Math.exp(log - most));
  const total = parts.reduce((a, b) => a + b, 0);
  return parts.map((part) => part / total);
}
