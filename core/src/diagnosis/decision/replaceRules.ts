import { outcomeOf, type Evidence } from '../evidence/index.ts';
import { byItsRecord } from './byItsRecord.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';
import { causeRemoved, fullyReset, isStandard, joints, replaceThisBreaker, warmth } from './facts.ts';

/** A joint far hotter than its like, or beyond what any standard terminal may show. */
export function hotJoint(evidence: Evidence): RuleDecision | null {
  const terminal = outcomeOf(evidence, 'terminal-temperature') === 'over-15-over';
  const face = outcomeOf(evidence, 'face-temperature') === 'over-15-over';
  const melted = outcomeOf(evidence, 'terminal-inspection') === 'discoloured-or-melted';
  const urgent = evidence.heat.find((fact) => fact.result.grade === 'urgent');
  if (!terminal && !face && !melted && !urgent) return null;
  return {
    action: 'replace-breaker-and-remake-joint',
    confidence: terminal || melted ? 0.92 : face ? 0.86 : 0.8,
    reasons: [
      because(evidence, 'terminal-temperature', terminal ? 3 : 1),
      because(evidence, 'face-temperature', face ? 3 : 1),
      because(evidence, 'terminal-inspection', melted ? 3 : 1),
      ...(urgent?.result.reasons ?? [])
        .filter((r) => r.code !== 'over-peers')
        .map((r) => reason(r.code, r.code === 'load-too-low' ? 1 : 2, r.text)),
      because(evidence, 'clamp-current', 1),
    ],
    overturnedBy: [
      'The same load on a neighbor makes it as hot: then it is the load or the place.',
      'A remade joint that stays hot: look at the bus stab.',
    ],
    next: notDone(evidence, [
      doNext('terminal-inspection', 'It shows whether screw, conductor or stab made the heat.'),
      doNext('stab-inspection', 'A burnt stab will burn the new breaker too.'),
    ]),
    cautions: ['offUntilDone', 'dead', 'otherSources', 'advice'],
  };
}

/** On, fully reset, line side alive, and nothing comes out. Each of the three is asked for. */
export function openBreaker(evidence: Evidence): RuleDecision | null {
  const outlet = outcomeOf(evidence, 'load-terminal-voltage');
  if (outlet !== 'zero' && outlet !== 'one-pole-zero') return null;
  const measured = [
    because(evidence, 'load-terminal-voltage', 3),
    because(evidence, 'line-side-voltage', 2),
    because(evidence, 'reset-feel', 2),
  ];
  if (!fullyReset(evidence)) {
    return {
      action: 'complete-reset',
      confidence: 0.6,
      reasons: [
        ...measured,
        reason('not-fully-reset', 3, 'No full reset is on record: most failed resets never reached off.'),
      ],
      overturnedBy: ['Still nothing at its load terminal after clean clicks: then the breaker is open.'],
      next: [doNext('reset-feel', 'All the way to off until it clicks, then on.')],
      cautions: ['reset', 'advice'],
    };
  }
  if (evidence.lineSide !== 'alive') {
    return {
      action: 'gather-more',
      headline:
        evidence.lineSide === 'dead'
          ? 'Its supply leg is dead: look upstream'
          : 'Is its supply alive? Measure the line side',
      confidence: 0.5,
      reasons: measured,
      overturnedBy: [
        'A live line side: then the breaker is open.',
        'A dead line side: then the supply, not the breaker.',
      ],
      next: [doNext('line-side-voltage', 'Without supply nothing can come out of a good breaker either.')],
      cautions: ['live'],
    };
  }
  return {
    action: replaceThisBreaker(evidence),
    confidence: 0.94,
    reasons: [
      ...measured,
      because(evidence, 'line-side-voltage', 2)
        ? null
        : reason('line-alive', 2, 'The leg that feeds it is alive.'),
      reason(
        'open-contacts',
        2,
        'On, reset, fed, and nothing comes out: its contacts, or its stab, no longer close.',
      ),
    ],
    overturnedBy: [
      'Voltage at its load terminal after another full reset.',
      'A burnt stab: then the bus needs looking at as well.',
    ],
    next: notDone(evidence, [
      doNext('stab-inspection', 'A burnt stab looks the same from outside, and would burn the new one.'),
    ]),
    cautions: ['dead', 'otherSources', 'advice'],
  };
}

/** The mechanism itself. */
export function wornMechanism(evidence: Evidence): RuleDecision | null {
  const feel = outcomeOf(evidence, 'reset-feel');
  const lifted = outcomeOf(evidence, 'load-wire-lifted') === 'trips';
  const swapped = outcomeOf(evidence, 'known-good-swap') === 'fault-stays-with-breaker';
  const button = outcomeOf(evidence, 'test-button');
  const buttonDead = !isStandard(evidence) && (button === 'does-not-trip' || button === 'will-not-reset');
  const withoutLoad = evidence.lastReset?.unplugged === true && feel === 'will-not-latch';
  if (feel === 'hard-or-gritty' || lifted || swapped || buttonDead || withoutLoad) {
    return {
      action: replaceThisBreaker(evidence),
      confidence: lifted || swapped ? 0.93 : 0.82,
      reasons: [
        because(evidence, 'load-wire-lifted', lifted ? 3 : 1),
        because(evidence, 'known-good-swap', 3),
        because(evidence, 'reset-feel', 3),
        buttonDead ? because(evidence, 'test-button', 3) : null,
        withoutLoad
          ? reason('nothing-connected', 2, 'Everything was unplugged: no load keeps it from latching.')
          : null,
      ],
      overturnedBy: ['It latches and clicks cleanly once it has cooled.'],
      next: notDone(evidence, [doNext('load-wire-lifted', 'It proves that the fault is in the breaker.')]),
      cautions: ['dead', 'otherSources', 'advice'],
    };
  }
  if (feel !== 'will-not-latch') return null;
  return {
    action: 'gather-more',
    headline: 'Unplug everything, let it cool, then one reset',
    confidence: 0.5,
    reasons: [
      because(evidence, 'reset-feel', 3),
      reason('short-or-latch', 2, 'A short in the circuit feels the same as a latch that is worn out.'),
    ],
    overturnedBy: [
      'It latches with everything unplugged: then the circuit.',
      'It does not: then the breaker, or a short in the wiring.',
    ],
    next: [doNext('reset-result-unplugged', 'It tells the latch from the loads.')],
    cautions: ['reset', 'cool'],
  };
}

/** A part that the panel's label does not list: it may seat and yet not hold the bus as it should. */
export function wrongPart(evidence: Evidence): RuleDecision | null {
  if (outcomeOf(evidence, 'part-match') !== 'not-listed') return null;
  return {
    action: replaceThisBreaker(evidence),
    headline: 'Replace it by a part that is listed for this panel',
    confidence: 0.82,
    reasons: [
      because(evidence, 'part-match', 3),
      reason(
        'seats-badly',
        2,
        'A stab that is not made for this bus heats and loosens, however well it works today.',
      ),
      because(evidence, 'stab-inspection', 2),
    ],
    overturnedBy: ['The label, read again, lists this family: then add it to the panel.'],
    next: notDone(evidence, [doNext('stab-inspection', 'It shows whether the bus has suffered.')]),
    cautions: ['dead', 'otherSources', 'advice'],
  };
}

/** It carried far too much for too long before it opened: it does not protect. */
export function sluggishBreaker(evidence: Evidence): RuleDecision | null {
  const late = outcomeOf(evidence, 'trip-vs-curve') === 'too-late-or-never';
  const record = evidence.estimate?.rating;
  if (!late && record?.judgement !== 'sluggish') return null;
  return {
    action: replaceThisBreaker(evidence),
    confidence: 0.5 + 0.45 * (record?.probability.sluggish ?? 0.65),
    reasons: [
      late ? because(evidence, 'trip-vs-curve', 3) : null,
      byItsRecord(evidence, 3),
      reason(
        'does-not-protect',
        2,
        'Later than the slowest sound breaker: it does not protect its conductor.',
      ),
    ],
    overturnedBy: ['The current was lower, or the time shorter, than noted.'],
    next: notDone(evidence, [doNext('terminal-temperature', 'Contacts that weld run hot.')]),
    cautions: ['offUntilDone', 'dead', 'advice'],
  };
}

/** Thermal trips before their window: the unit, if its joints are clean and cool. */
export function tripsTooEarly(evidence: Evidence): RuleDecision | null {
  return isStandard(evidence) ? standardTooEarly(evidence) : electronicUnderLightLoad(evidence);
}

function standardTooEarly(evidence: Evidence): RuleDecision | null {
  const early = evidence.trips.filter((trip) => trip.verdict === 'too-early').length;
  const record = evidence.estimate?.rating;
  const weak = record?.judgement === 'weak';
  // One note among many that say otherwise is a stray one.
  const told = evidence.estimate ? evidence.estimate.trips + evidence.estimate.holds : 0;
  const stray = early === 1 && told > 2 && record?.judgement === 'sound';
  if (!weak && (early === 0 || stray)) return null;
  const state = joints(evidence);
  const base = [
    early > 0 ? because(evidence, 'trip-vs-curve', 3) : null,
    byItsRecord(evidence, weak ? 3 : 2),
    early > 1 ? reason('again', 2, `It opened too early ${early} times.`) : null,
    because(evidence, 'terminal-inspection', 2),
    because(evidence, 'terminal-temperature', 2),
    because(evidence, 'face-temperature', 2),
    because(evidence, 'panel-touch', 1),
  ];
  if (state === 'clean-and-cool') {
    return {
      action: replaceThisBreaker(evidence),
      confidence: 0.5 + 0.48 * (record?.probability.weak ?? (early > 1 ? 0.88 : 0.7)),
      reasons: [
        ...base,
        reason('nothing-heats-it', 2, 'No hot joint explains it: the breaker itself opens below its rating.'),
      ],
      overturnedBy: [
        'A hot joint or a hot neighbor that heats its bimetal.',
        'A current that was higher than noted.',
      ],
      next: notDone(evidence, [doNext('clamp-current', 'It confirms the current of the next trip.')]),
      cautions: ['neverLarger', 'dead', 'otherSources', 'advice'],
    };
  }
  if (state === 'bad') {
    return {
      action: 'remake-joint',
      confidence: 0.72,
      reasons: [
        ...base,
        reason('heat-from-outside', 2, 'A hot joint heats the bimetal and makes a sound breaker open early.'),
      ],
      overturnedBy: ['It still opens too early with the joint remade and cool: then the breaker.'],
      next: notDone(evidence, [doNext('terminal-inspection', 'It shows what heats the joint.')]),
      cautions: ['neverLarger', 'dead', 'advice'],
    };
  }
  return {
    action: 'gather-more',
    headline: 'Too early: is its joint clean and cool?',
    confidence: 0.5,
    reasons: base,
    overturnedBy: [
      'A clean, cool joint: then replace the breaker.',
      'A hot joint: then remake the joint first.',
    ],
    next: [
      ...(warmth(evidence) === 'unknown'
        ? [
            doNext('face-temperature', 'With the cover closed it tells a hot joint from a weak breaker.'),
            doNext('terminal-temperature', 'The terminal tells it more surely.'),
          ]
        : []),
      ...notDone(evidence, [
        doNext('terminal-inspection', 'A loose or burnt joint would be the cause, not the breaker.'),
      ]),
    ],
    cautions: ['neverLarger', 'live'],
  };
}

/** Whether it was found out on which side the trouble is: the unit, the wiring or an appliance. */
const toldApart = (evidence: Evidence): boolean =>
  outcomeOf(evidence, 'load-wire-lifted') !== undefined ||
  outcomeOf(evidence, 'insulation-resistance') !== undefined ||
  outcomeOf(evidence, 'appliance-check') === 'trips-there-too';

/** A GFCI or AFCI breaker that trips under light load may be doing its job. */
function electronicUnderLightLoad(evidence: Evidence): RuleDecision | null {
  const unit = evidence.breaker.kind;
  if (unit === 'surge' || evidence.trips.length === 0 || causeRemoved(evidence)) return null;
  if (toldApart(evidence)) return null;
  const light = evidence.trips.filter(
    ({ window, pace, event }) =>
      !event.unplugged && (window ? window.region === 'holds' : pace !== 'at-once'),
  );
  if (light.length === 0) return null;
  const { event } = light.at(-1)!;
  const kind = { gfci: 'GFCI', afci: 'AFCI', dual: 'dual GFCI and AFCI', standard: '' }[unit];
  return {
    action: 'gather-more',
    headline: 'Look at the circuit first',
    confidence: 0.6,
    reasons: [
      because(evidence, 'reset-result', 3),
      event.amps !== null
        ? reason('light-load', 3, 'At that load heat alone would not open it.', {
            figures: [{ label: 'current', value: event.amps, unit: 'A' }],
          })
        : null,
      reason(
        'may-do-its-job',
        3,
        `It is a ${kind} unit: leakage or arcing on the circuit opens it, and that is its job.`,
      ),
      because(evidence, 'test-button', 1),
    ],
    overturnedBy: [
      'It trips with its load conductor lifted, or its button fails: then the breaker.',
      'Sound insulation and nothing damp, and it still trips: then the breaker.',
    ],
    next: notDone(evidence, [
      doNext('reset-result-unplugged', 'It tells the appliances from the wiring.'),
      doNext('trip-pattern', 'Rain or one appliance points to the place.'),
      doNext('test-button', 'It shows whether the electronics still work.'),
      doNext('insulation-resistance', 'It shows leakage in the wiring.'),
      doNext('load-wire-lifted', 'It tells the breaker from the circuit.'),
    ]),
    cautions: ['neverLarger', 'reset'],
  };
}
