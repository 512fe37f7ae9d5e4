import type { TestResult } from '../causes/index.ts';
import { isDanger, sayOutcome } from '../vocabulary/index.ts';

/** Why to stop, as sentences: danger signs by themselves, and what is dangerous together. */
export function stopSigns(results: readonly TestResult[]): string[] {
  const seen = (test: TestResult['test'], ...outcomes: string[]) =>
    results.some((result) => result.test === test && outcomes.includes(result.outcome));
  const signs = results
    .filter(({ test, outcome }) => isDanger(test, outcome))
    .map(({ test, outcome }) => `${sayOutcome(test, outcome)}.`);
  if (seen('reset-result-unplugged', 'trips-at-once') && seen('reset-result', 'trips-at-once'))
    signs.push('It tripped at once again with everything unplugged: a short in the wiring.');
  if (seen('insulation-resistance', 'near-zero'))
    signs.push('The insulation reads next to nothing: the wiring is shorted.');
  const loose = seen('terminal-inspection', 'loose', 'discoloured-or-melted');
  const hot = seen('terminal-temperature', 'over-15-over') || seen('face-temperature', 'over-15-over');
  if (loose && hot && !seen('handle-position', 'off', 'middle'))
    signs.push('A loose or burnt joint is hot: it is carrying load.');
  return [...new Set(signs)];
}
