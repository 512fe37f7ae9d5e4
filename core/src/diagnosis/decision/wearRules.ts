import type { Evidence } from '../evidence/index.ts';
import { replacedForShorts } from '../wear/index.ts';
import { causeRemoved, lastTrip, replaceThisBreaker } from './facts.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';

/** It has cleared as many dead shorts as the chosen policy allows. */
export function wornByShorts(evidence: Evidence): RuleDecision | null {
  const { wear, policies } = evidence;
  if (!replacedForShorts(wear, policies.afterDeadShort)) return null;
  const shorts = wear.magneticTrips;
  return {
    action: replaceThisBreaker(evidence),
    headline: 'Replace it: it has cleared dead shorts',
    confidence: 0.75,
    reasons: [
      reason(
        'cleared-shorts',
        3,
        `It has cleared ${shorts === 1 ? 'a dead short' : `${shorts} dead shorts`}; your settings replace a breaker ${policies.afterDeadShort === 'each' ? 'after each' : 'after the second'}.`,
      ),
      reason('contacts-pitted', 2, 'Every trip into a short burns its contacts a little more.'),
      because(evidence, 'trips-on-record', 1),
    ],
    overturnedBy: [
      'The other way, in the settings: replace on signs of wear only.',
      'A trip at once that was no short: strike it with the reason.',
    ],
    next: notDone(evidence, [
      doNext('millivolt-drop', 'It shows what its contacts have suffered.'),
      doNext('terminal-temperature', 'Pitted contacts run warm.'),
    ]),
    cautions: ['dead', 'otherSources', 'neverLarger', 'advice'],
  };
}

/**
 * The same before all advice to reset it, once the short is known and removed or it holds again. While the
 * short stands a new breaker would only be the next to clear it: that comes first, and this beside it.
 */
export const wornByClearedShorts = (evidence: Evidence): RuleDecision | null =>
  evidence.handle === 'tripped' && lastTrip(evidence)?.pace === 'at-once' && !causeRemoved(evidence)
    ? null
    : wornByShorts(evidence);
