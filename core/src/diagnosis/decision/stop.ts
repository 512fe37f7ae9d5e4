import { callFor, consequencesOf, isAtLeast, stopReasons, type Hazard } from '../../facts/hazards/index.ts';
import type { Decision } from './decision.ts';

const NO_STOP: Decision['stop'] = { active: false, reasons: [], doNow: [], call: null, isElsewhere: false };

/**
 * Whether everything stops, why, what to do now, and whom to call.
 *
 * @param hazard what the decision obeys: the breaker’s own findings, and those of the panel
 * @param own the breaker’s own findings
 * @returns the stop as a decision carries it
 */
export function stopFor(hazard: Hazard, own: Hazard): Decision['stop'] {
  const follows = consequencesOf(hazard);
  if (hazard.level !== 'stop' || !follows) return NO_STOP;
  return {
    active: true,
    reasons: stopReasons(hazard),
    doNow: follows.now,
    call: callFor(follows.who),
    isElsewhere: own.level !== 'stop',
  };
}

/**
 * What a hazard short of a stop restricts until it is dealt with.
 *
 * @param own the breaker’s own findings
 * @returns what may still be used, what to do now and what waiting risks; null below the level `restrict`
 */
export function restrictionOf(own: Hazard): Decision['untilRepaired'] {
  const follows = isAtLeast(own.level, 'restrict') ? consequencesOf(own) : null;
  return follows && { use: follows.use, now: follows.now, waiting: follows.waiting };
}
