import type { Evidence } from '../evidence/index.ts';
import { mayTry } from '../engine/index.ts';
import { hazardOf } from '../../facts/hazards/index.ts';
import type { CautionId } from './cautions.ts';
import type { NextTest, WeighedReason } from './decision.ts';
import { because, doNext, notDone, makeReason } from './parts.ts';
import {
  causeRemoved,
  heldSince,
  lastTrip,
  unpluggedInstantTrips,
  warmth,
  circumstancesOf,
  resultsOf,
} from '../recordAssessment/index.ts';
import * as messages from './messages.ts';

/** Why the breaker is not to be reset now, though a reset may be the right action later. */
export interface ResetLimit {
  headline: string;
  reasons: (WeighedReason | null)[];
  overturnedBy: string[];
  next: NextTest[];
  cautions: CautionId[];
}

/**
 * What keeps a breaker from being reset now, by the record and the chosen settings: trials used up, a known cause still
 * present, or a breaker that is still warm.
 *
 * @param evidence what is known of the breaker
 * @returns null where a reset may be advised
 */
export const resetLimit = (evidence: Evidence): ResetLimit | null =>
  trialsUsedUp(evidence) ?? causePresent(evidence) ?? stillWarm(evidence);

/**
 * Whether no more trials are allowed: the chosen limit is reached, the breaker tripped immediately with everything
 * unplugged, or something needs work first.
 *
 * @param evidence what is known of a breaker
 * @returns whether the breaker stays as it is
 * @example noMoreTrials(evidenceOfTwoFailedResets) // true, by the default setting
 */
export const noMoreTrials = (evidence: Evidence): boolean =>
  unpluggedInstantTrips(evidence).length > 0 ||
  trialsUsedUp(evidence) !== null ||
  !mayTry(hazardOf(resultsOf(evidence), circumstancesOf(evidence)));

/** Into a suspected short, one trial with everything unplugged stays allowed: it tells the appliances from the wiring. */
function trialsUsedUp(evidence: Evidence): ResetLimit | null {
  const { failedResets: failed, policies, handle } = evidence;
  if (handle !== 'tripped') return null;
  const short = lastTrip(evidence)?.pace === 'at-once';
  const limit = short ? policies.trialsIntoShort : policies.trialsOtherwise;
  const unpluggedTrialLeft = short && !failed.some((event) => event.unplugged);
  if (failed.length < limit + (unpluggedTrialLeft ? 1 : 0)) return null;
  return {
    headline: messages.noMoreResetsUntilTheCause,
    reasons: [
      makeReason(
        'trials-used-up',
        3,
        messages.theBreakerTrippedAgainAfter(
          failed.length,
          failed.length === 1 ? 'reset' : 'resets',
          limit,
          short ? messages.intoASuspectedShortCircuit : '',
        ),
      ),
      because(evidence, 'reset-result', 2),
      because(evidence, 'trips-on-record', 1),
    ],
    overturnedBy: [messages.findAndRemoveTheCauseThen],
    next: notDone(evidence, [
      doNext('appliance-check', messages.tryingTheSuspectAppliance),
      doNext('load-share', messages.nameplatesOrAPlugInMeter),
      doNext('insulation-resistance', messages.withTheCircuitDeEnergizedThis),
    ]),
    cautions: ['noMoreResets', 'neverLarger'],
  };
}

function causePresent(evidence: Evidence): ResetLimit | null {
  if (evidence.handle !== 'tripped' || lastTrip(evidence)?.event.cause !== 'known-present') return null;
  return {
    headline: messages.removeTheKnownCauseFirstThen,
    reasons: [
      makeReason('cause-present', 3, messages.theCauseOfTheTripIs),
      because(evidence, 'reset-result', 2),
    ],
    overturnedBy: [messages.removeTheCauseLogTheReset],
    next: [doNext('reset-result', messages.resetAfterTheCauseIsRemoved)],
    cautions: ['cool', 'neverLarger'],
  };
}

/** A breaker that was reset and held needs no more cooling. */
function stillWarm(evidence: Evidence): ResetLimit | null {
  const trip = lastTrip(evidence);
  if (!trip || !causeRemoved(evidence) || warmth(evidence) !== 'warm') return null;
  if (heldSince(evidence) >= trip.event.at) return null;
  return {
    headline: messages.stillWarmLetTheBreakerCool,
    reasons: [
      because(evidence, 'panel-touch', 3),
      because(evidence, 'face-temperature', 3),
      because(evidence, 'reset-result', 1),
      makeReason('cause-removed', 2, messages.theBreakerTrippedForAKnown),
    ],
    overturnedBy: [messages.theFaceIsCoolThenReset, messages.ifTheBreakerStaysWarmWithout],
    next: [doNext('panel-touch', messages.aWarmBreakerMayNotLatch)],
    cautions: ['cool'],
  };
}
