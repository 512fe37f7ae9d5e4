import { CAUSE_IDS, likelihoods, usualChance } from '../causes/index.ts';
import { CAUSES, sayOutcome } from '../../facts/vocabulary/index.ts';
import { ENERGISES } from './losses.ts';
import type { Also } from './bindingFindings.ts';
import type { Assessment } from './assessment.ts';
import * as messages from './messages.ts';

/**
 * A sign that the leading cause hardly ever shows, that is seldom met where nothing bears on it, and that is another
 * cause’s own.
 */
const DOES_NOT_FIT = { underLeading: 0.06, usually: 0.06, underOther: 0.35 } as const;
/** A single slip of an eye or a meter tells of no second fault where the first is not sure itself. */
const SURE_OF_THE_FIRST = 0.6;

/**
 * What one fault does not explain: two things may be wrong here.
 *
 * @param assessment of what was found
 * @returns for each sign that does not fit, the cause it fits best and what puts that right
 * @example secondThing(assess([])) // []
 */
export function secondThing({ probabilities, weighed, table, choice }: Assessment): Also[] {
  const leading = probabilities.indexOf(Math.max(...probabilities));
  if (probabilities[leading]! < SURE_OF_THE_FIRST) return [];
  const found = weighed.flatMap(({ test, outcome }) => {
    const chances = likelihoods(test, outcome);
    if (chances[leading]! > DOES_NOT_FIT.underLeading) return [];
    if (usualChance(test, outcome) > DOES_NOT_FIT.usually) return [];
    let best = -1;
    chances.forEach((chance, i) => {
      const fits = chance >= DOES_NOT_FIT.underOther && i !== leading;
      if (fits && (best < 0 || chance * probabilities[i]! > chances[best]! * probabilities[best]!)) best = i;
    });
    const action = table.right[best];
    if (best < 0 || action === undefined || action === choice.action) return [];
    // Never a reset or a larger breaker beside another fault.
    if (ENERGISES.has(action)) return [];
    const text = messages.doesNotExplainThatThereMay(sayOutcome(test, outcome), CAUSES[CAUSE_IDS[leading]!]);
    return [{ cause: CAUSE_IDS[best]!, action, text }];
  });
  return found.filter(({ cause }, i) => found.findIndex((one) => one.cause === cause) === i);
}
