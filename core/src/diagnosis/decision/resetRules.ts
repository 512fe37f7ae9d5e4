import { outcomeOf, type Evidence } from '../evidence/index.ts';
import { resultsOf } from './fromRecord.ts';
import { barsReset } from '../engine/index.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';
import { causeRemoved, fullyReset, heldSince, lastTrip, unpluggedInstantTrips, warmth } from './facts.ts';

/** Tripped for a known cause that is gone: it may go back to work, if it latches and is cool. */
export function causeKnownAndGone(evidence: Evidence): RuleDecision | null {
  const trip = lastTrip(evidence);
  if (!trip || !causeRemoved(evidence) || evidence.handle === 'off') return null;
  const held = heldSince(evidence) >= trip.event.at;
  if (held && measuredSince(evidence, heldSince(evidence))) return null;
  const latches = fullyReset(evidence);
  const heat = warmth(evidence);
  const reasons = [
    because(evidence, 'reset-result', 1),
    reason('cause-removed', 3, 'It tripped for a known cause, and that is removed.'),
    latches ? because(evidence, 'reset-feel', 2) : null,
    heat === 'cool' ? reason('cool', 2, 'It is cool.') : null,
  ];
  const overturnedBy = ['It trips again, or gets warm under its usual load.'];
  if (heat === 'warm') {
    return {
      action: 'gather-more',
      headline: 'Still warm: let it cool, then look again',
      confidence: 0.6,
      reasons: [...reasons, because(evidence, 'panel-touch', 3), because(evidence, 'face-temperature', 3)],
      overturnedBy: [
        'A cool face: then reset it.',
        'It stays warm without load: then a joint or a neighbor.',
      ],
      next: [doNext('panel-touch', 'A warm bimetal will not latch, and heat without load is a sign.')],
      cautions: ['cool'],
    };
  }
  return {
    action: latches ? 'reset-and-watch' : 'complete-reset',
    headline: held ? 'Reset, and it holds: watch it' : undefined,
    steps: held ? WATCH : undefined,
    confidence: latches && heat === 'cool' ? 0.92 : 0.75,
    reasons,
    overturnedBy,
    next: notDone(evidence, [
      doNext('panel-touch', 'It should be cool before and after.'),
      doNext('load-share', 'It shows that the usual load fits.'),
    ]),
    cautions: held ? ['neverLarger'] : ['reset', 'cool', 'neverLarger'],
  };
}

/** After a reset that holds. */
const WATCH = [
  'Switch the loads back on one by one.',
  'After half an hour under load feel its face with the back of your hand, and log it.',
];

/** Whether load, voltage or heat was measured after an instant. */
const measuredSince = (evidence: Evidence, at: string) =>
  [...evidence.heat, evidence.load, ...evidence.items.filter((item) => item.origin === 'reading')].some(
    (fact) => (fact?.at ?? '') > at,
  );

/** Tripped for a known cause that is still there: it would only trip again. */
export function causeKnownAndThere(evidence: Evidence): RuleDecision | null {
  if (evidence.handle !== 'tripped' || lastTrip(evidence)?.event.cause !== 'known-present') return null;
  return {
    action: 'gather-more',
    headline: 'Remove the known cause first, then reset it',
    confidence: 0.6,
    reasons: [
      reason('cause-present', 3, 'What made it trip is known and still there: it would only trip again.'),
      because(evidence, 'reset-result', 2),
    ],
    overturnedBy: ['The cause removed: log the reset with the cause as removed.'],
    next: [doNext('reset-result', 'After the cause is removed.')],
    cautions: ['cool', 'neverLarger'],
  };
}

/**
 * Whether no more trials are allowed: the policy’s limit is reached, it tripped at once with everything unplugged, or something
 * was found that needs work first.
 *
 * @param evidence what is known of a breaker
 * @returns whether it stays as it is
 * @example noMoreTrials(evidenceOfTwoFailedResets) // true, by the default policy
 */
export const noMoreTrials = (evidence: Evidence): boolean =>
  unpluggedInstantTrips(evidence).length > 0 ||
  enoughTrials(evidence) !== null ||
  barsReset(resultsOf(evidence));

/**
 * As many resets tripped again as the policy allows: no more until the cause is found. One trial with
 * everything unplugged is kept for a suspected short, since it tells the appliances from the wiring.
 */
export function enoughTrials(evidence: Evidence): RuleDecision | null {
  const { failedResets: failed, policies, handle } = evidence;
  if (handle !== 'tripped') return null;
  const short = lastTrip(evidence)?.pace === 'at-once';
  const limit = short ? policies.trialsIntoShort : policies.trialsOtherwise;
  const bareTrialLeft = short && !failed.some((event) => event.unplugged);
  if (failed.length < limit + (bareTrialLeft ? 1 : 0)) return null;
  return {
    action: 'gather-more',
    headline: 'Enough trials: no more resets until the cause is found',
    confidence: 0.6,
    reasons: [
      reason(
        'trials-used-up',
        3,
        `It tripped again after ${failed.length} ${failed.length === 1 ? 'reset' : 'resets'}; ${limit} ${limit === 1 ? 'is' : 'are'} allowed here${short ? ' into a suspected short' : ''}. Every trip wears its contacts.`,
      ),
      because(evidence, 'reset-result', 2),
      because(evidence, 'trips-on-record', 1),
    ],
    overturnedBy: ['A cause that is found and removed: then one reset.'],
    next: notDone(evidence, [
      doNext('appliance-check', 'The suspect appliance, tried elsewhere, tells without another trip here.'),
      doNext('load-share', 'Nameplates or a plug-in meter tell an overload without another trip.'),
      doNext('insulation-resistance', 'With the circuit dead it finds a short without another trip.'),
    ]),
    cautions: ['noMoreResets', 'neverLarger'],
  };
}

/** Half-tripped, or never pushed fully off: the first thing to try, once. */
export function neverFullyReset(evidence: Evidence): RuleDecision | null {
  const gives =
    outcomeOf(evidence, 'handle-finger-test') === 'gives' ||
    outcomeOf(evidence, 'handle-position') === 'one-half-low';
  const noOff = outcomeOf(evidence, 'reset-feel') === 'no-off-click';
  const dead =
    outcomeOf(evidence, 'outlet-voltage') === 'zero' ||
    outcomeOf(evidence, 'power-after-reset') === 'still-dead';
  const again = outcomeOf(evidence, 'reset-result');
  // It was reset as it should be, and opened again: to do so once more tells nothing.
  if (fullyReset(evidence) && again !== undefined && again !== 'holds') return null;
  if (!gives && !noOff && !(dead && evidence.handle === 'on' && !fullyReset(evidence))) return null;
  return {
    action: 'complete-reset',
    confidence: gives || noOff ? 0.82 : 0.65,
    reasons: [
      because(evidence, 'handle-finger-test', 3),
      noOff ? because(evidence, 'reset-feel', 3) : null,
      because(evidence, 'outlet-voltage', 2),
      because(evidence, 'power-after-reset', 2),
      reason('most-failed-resets', 1, 'Most failed resets never reached off.'),
    ],
    overturnedBy: [
      'Still dead after clean clicks: then follow the voltage.',
      'It trips again at once: a short; then unplug everything.',
    ],
    next: notDone(evidence, [
      doNext('sound', 'Listen and smell first: sizzling or hot plastic means stop.'),
      doNext('panel-touch', 'A hot one stays off.'),
    ]),
    cautions: ['reset', 'cool'],
  };
}

/** Tripped and nobody knows why: look, then one trial without loads. */
export function trippedUnexplained(evidence: Evidence): RuleDecision | null {
  if (evidence.handle !== 'tripped') return null;
  return {
    action: 'gather-more',
    headline: 'Why did it trip? Look first, then one trial',
    confidence: 0.5,
    reasons: [
      because(evidence, 'handle-position', 2),
      because(evidence, 'reset-result', 3),
      because(evidence, 'trips-on-record', 1),
    ],
    overturnedBy: [
      'A cause that is found and removed: then reset it.',
      'A trip at once with everything unplugged: the wiring.',
    ],
    next: [
      ...notDone(evidence, [
        doNext('sound', 'Sizzling means stop.'),
        doNext('smell', 'Hot plastic means stop.'),
        doNext('panel-touch', 'A hot one stays off.'),
        doNext('trip-pattern', 'What ran at the time is the likeliest cause.'),
      ]),
      doNext('reset-result-unplugged', 'It tells the appliances from the wiring, in one trial.'),
      ...notDone(evidence, [
        doNext('clamp-current', 'The current decides between overload and a weak breaker.'),
      ]),
    ],
    cautions: ['reset', 'cool', 'neverLarger'],
  };
}
