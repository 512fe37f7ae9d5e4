import { sayQuantity } from '../../facts/quantities/index.ts';
import { outcomeOf, type Evidence } from '../evidence/index.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';
import {
  causeRemoved,
  fullyReset,
  isStandard,
  lastTrip,
  overloadMeasured,
  reliefMeasured,
  unpluggedInstantTrips,
} from './facts.ts';

/** It trips at once with nothing plugged in: a new breaker will not cure that. */
export function shortInWiring(evidence: Evidence): RuleDecision | null {
  if (unpluggedInstantTrips(evidence).length === 0) return null;
  // It opens with nothing on it at all: then it is the breaker.
  if (outcomeOf(evidence, 'load-wire-lifted') === 'trips') return null;
  return {
    action: 'repair-wiring',
    headline: 'Not the breaker: a short in the wiring. Stop resetting',
    confidence: 0.88,
    reasons: [
      because(evidence, 'reset-result-unplugged', 3),
      reason(
        'no-load-left',
        2,
        'With nothing plugged in only the fixed wiring, outlets and fixtures are left to short.',
      ),
      because(evidence, 'insulation-resistance', 2),
    ],
    overturnedBy: [
      'It trips even with its load conductor lifted: then it is the breaker itself.',
      'Something on the circuit was still plugged in.',
    ],
    next: notDone(evidence, [
      doNext('insulation-resistance', 'It shows a short without another trip.'),
      doNext('load-wire-lifted', 'It tells the breaker from the wiring.'),
    ]),
    cautions: ['noMoreResets', 'dead', 'advice'],
  };
}

/** The supply itself is missing before the main. */
export function supplyMissing(evidence: Evidence): RuleDecision | null {
  const supply = outcomeOf(evidence, 'line-side-voltage');
  if (evidence.lineSide !== 'dead' || (supply !== 'one-leg-missing' && supply !== 'both-missing'))
    return null;
  return {
    action: 'call-utility',
    confidence: 0.85,
    reasons: [because(evidence, 'line-side-voltage', 3), because(evidence, 'load-terminal-voltage', 1)],
    overturnedBy: ['The legs are alive when measured again.'],
    next: notDone(evidence, [
      doNext('neighbours-power', 'A dark street is the utility’s, and known already.'),
    ]),
    cautions: ['live', 'advice'],
  };
}

/** More than its rating for long: it opens because it should. */
export function overloaded(evidence: Evidence): RuleDecision | null {
  const trip = lastTrip(evidence);
  const slowTrip =
    trip !== null &&
    (trip.pace === 'minutes' || trip.pace === 'hours') &&
    !causeRemoved(evidence) &&
    !reliefMeasured(evidence);
  const byTrip =
    slowTrip &&
    (trip.verdict === 'within-band' || !isStandard(evidence)) &&
    (trip.event.amps ?? 0) > evidence.breaker.ratingAmps;

  const byNameplates =
    slowTrip && trip.event.amps === null && evidence.load?.by === 'nameplates' && evidence.load.share > 1;
  const measured = overloadMeasured(evidence);
  if (!measured && !byTrip && !byNameplates) return null;

  const { breaker, sizing } = evidence;
  const amps = measured || byNameplates ? evidence.load!.amps : trip!.event.amps!;
  const excess = sayQuantity(amps - breaker.ratingAmps, 'A');
  return {
    action: 'shed-load',
    confidence: measured && byTrip ? 0.95 : measured || byTrip ? 0.88 : 0.65,
    firstSteps: [`Take at least ${excess} off this circuit.`],
    reasons: [
      because(evidence, 'clamp-current', measured ? 3 : 1) ??
        because(evidence, 'load-share', measured || byNameplates ? 3 : 1),
      byTrip ? because(evidence, 'trip-vs-curve', 3) : null,
      reason('does-its-work', 2, 'A breaker that opens above its rating does its work.'),
      sizing?.decision === 'split'
        ? reason('each-fits-alone', 2, 'Each load alone fits this conductor: the circuit can be split.')
        : null,
    ],
    overturnedBy: [
      'A clamp reading under its rating with everything on.',
      'A trip that comes before its window.',
    ],
    next: notDone(evidence, [
      doNext('clamp-current', 'It tells what really runs together.'),
      doNext('face-temperature', 'An overload that lasted may have cooked the joint.'),
    ]),
    cautions: ['neverLarger', 'cool', 'advice'],
  };
}

/** The breaker gives voltage, the outlet has none: what lies between is open. */
export function openBeyondBreaker(evidence: Evidence): RuleDecision | null {
  if (outcomeOf(evidence, 'downstream-device') === 'tripped') {
    return {
      action: 'reset-other-device',
      confidence: 0.85,
      reasons: [because(evidence, 'downstream-device', 3), because(evidence, 'outlet-voltage', 1)],
      overturnedBy: ['It trips again, or the rest stays dead.'],
      next: notDone(evidence, [doNext('power-after-reset', 'It shows whether that was all.')]),
      cautions: ['advice'],
    };
  }
  if (
    outcomeOf(evidence, 'load-terminal-voltage') !== 'normal' ||
    outcomeOf(evidence, 'outlet-voltage') !== 'zero'
  )
    return null;
  return {
    action: 'repair-wiring',
    headline: 'Not the breaker: the wiring is open past it',
    confidence: outcomeOf(evidence, 'downstream-device') === undefined ? 0.65 : 0.85,
    reasons: [
      because(evidence, 'load-terminal-voltage', 3),
      because(evidence, 'outlet-voltage', 3),
      because(evidence, 'downstream-device', 2),
    ],
    overturnedBy: ['A GFCI outlet down the line that had opened.'],
    next: notDone(evidence, [
      doNext('downstream-device', 'A GFCI outlet that opened kills everything behind it.'),
    ]),
    cautions: ['dead', 'advice'],
  };
}

/** It trips at once with things plugged in: find out which side the short is on, in one trial. */
export function instantTripWithLoads(evidence: Evidence): RuleDecision | null {
  const trip = lastTrip(evidence);
  if (evidence.handle !== 'tripped' || trip?.pace !== 'at-once' || causeRemoved(evidence)) return null;
  return {
    action: 'gather-more',
    headline: 'Unplug everything, then one reset',
    confidence: 0.5,
    reasons: [
      because(evidence, 'reset-result', 3),
      reason(
        'instant-trip-is-a-short',
        2,
        'A trip at once means a short, in something plugged in or in the wiring.',
      ),
    ],
    overturnedBy: [
      'It holds with everything unplugged: one of the appliances.',
      'It trips again: the wiring; do not reset again.',
    ],
    next: [doNext('reset-result-unplugged', 'One trial tells the appliances from the wiring.')],
    cautions: ['reset', 'neverLarger'],
  };
}

/** Dead after a proper reset: follow the voltage. */
export function stillDead(evidence: Evidence): RuleDecision | null {
  const dead =
    outcomeOf(evidence, 'outlet-voltage') === 'zero' ||
    outcomeOf(evidence, 'power-after-reset') === 'still-dead';
  if (!dead || evidence.handle !== 'on' || !fullyReset(evidence)) return null;
  const next = notDone(evidence, [
    doNext('downstream-device', 'A GFCI outlet that opened kills everything behind it.'),
    doNext('upstream-breaker', 'A feeder that opened kills the whole panel behind it.'),
    doNext('load-terminal-voltage', 'It tells the breaker from the wiring.'),
    doNext('line-side-voltage', 'Without supply nothing can come out.'),
  ]);
  return {
    action: 'gather-more',
    headline: 'Fully reset and still dead: follow the voltage',
    confidence: 0.5,
    reasons: [
      because(evidence, 'power-after-reset', 3),
      because(evidence, 'outlet-voltage', 3),
      because(evidence, 'reset-feel', 2),
    ],
    overturnedBy: [
      'A protected outlet that had opened.',
      'No voltage at its load terminal with the supply alive: then the breaker.',
    ],
    next,
    cautions: ['live'],
  };
}
