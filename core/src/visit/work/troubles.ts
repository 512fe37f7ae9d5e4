import { LOAD_LIMITS, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import type { StepId } from './stepIds.ts';
import { REPORTED, type ReportedTrouble, type TroubleId, type Way } from './troubleIds.ts';

/** Where in a visit something is met. */
export type VisitMoment =
  | 'tester'
  | 'main-off'
  | 'isolate'
  | 'cover-off'
  | 'measure'
  | 'cover-on'
  | 'main-on'
  | 'handle-on'
  | 'verify'
  | 'proof'
  | StepId;

/**
 * What it does to the visit: `again`, that step once more; `choose`, a way is chosen for that place before anything else is done
 * at it; `stop`, hands off, cover on, and out; `leave`, with the cover on: only leaving is left.
 */
export type Effect = 'again' | 'choose' | 'stop' | 'leave';

/** One kind of trouble: where it is met, what it means, what is done. */
export interface VisitTrouble {
  at: readonly VisitMoment[];
  effect: Effect;
  /** What may be chosen, the first that is possible being the usual one. */
  ways?: readonly Way[];
  words: string;
  means: string;
  todo: readonly string[];
}

const OUT = 'Hands off. Cover on, keep everybody away, and call.';
/** Everything that is known to go wrong in a visit, with what Phylaxon does about it. */
export const TROUBLES: Record<TroubleId, VisitTrouble> = {
  // What figures tell.
  'tester-silent': {
    at: ['tester'],
    effect: 'again',
    words: 'The meter does not show the known live point',
    means:
      'A meter that shows nothing there would show nothing in the panel either: all it called dead is open again.',
    todo: [
      'Check battery, leads, fuse and setting: volts, alternating.',
      'Try another point that is known to be live. If it stays silent, use another meter.',
    ],
  },
  'tester-high': {
    at: ['tester'],
    effect: 'again',
    words: 'The meter shows more than such a point can have',
    means: 'The setting, the point or the meter is wrong: its figures cannot be believed.',
    todo: ['Check the setting, and try a point whose voltage you know: about 120 or 240 V.'],
  },
  'main-live': {
    at: ['measure'],
    effect: 'stop',
    words: 'The load side of the main is live',
    means:
      'The main did not open, this is not the panel that it shuts off, or another source feeds the bus from behind.',
    todo: [
      OUT,
      'Listen and look for a generator, a battery, a vehicle. If there is none, the utility cuts the service.',
    ],
  },
  'main-pole-live': {
    at: ['measure'],
    effect: 'stop',
    words: 'One pole on the load side of the main is live',
    means: 'That pole of the main is welded, or another source feeds one leg.',
    todo: [
      OUT,
      'The main is replaced with what feeds it off: the feeder’s breaker locked, or the service cut by the utility. Never trust its handle again.',
    ],
  },
  backfeed: {
    at: ['measure'],
    effect: 'stop',
    words: 'The main is dead, and this place is live',
    means:
      'Something feeds in from the load side: a generator, solar, a battery, a vehicle, or a cord between two outlets.',
    todo: [OUT, 'Find the source from outside and shut it off at itself, then begin again.'],
  },
  'wrong-reference': {
    at: ['measure'],
    effect: 'stop',
    words: 'It is live to ground, and was dead to neutral',
    means: 'The neutral is open or itself live: “dead to neutral” proves nothing here.',
    todo: [
      OUT,
      'A branch’s neutral is looked at with its panel dead; that of a sub-panel with the feeder’s breaker off and locked; that of the service with the utility.',
    ],
  },
  'between-poles-live': {
    at: ['measure'],
    effect: 'stop',
    words: 'The two poles are live to each other',
    means: 'Each was dead to neutral and ground: both references are lost, or a source floats.',
    todo: [OUT, 'It is dead only where every pair of points is dead.'],
  },
  ghost: {
    at: ['measure'],
    effect: 'again',
    words: 'Neither dead nor live',
    means: `A high-impedance meter can show up to ${VOLTAGE_LIMITS.live} V on a dead conductor beside a live one.`,
    todo: [
      'Measure again with the meter’s low-impedance setting, or with a lamp across it as a load.',
      'What stays under load is real: cover on, and find what feeds it.',
    ],
  },
  'still-on': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Its outlet is live with its breaker off',
    means:
      'Another breaker feeds that outlet, or something feeds back. The directory is wrong, or the conductors were exchanged.',
    todo: ['Take it as live. Find the breaker that feeds it, from outside.'],
  },
  'ghost-outlet': {
    at: ['proof'],
    effect: 'again',
    words: 'A few volts at its outlet with the breaker off',
    means: 'On a long run beside live conductors a meter of high impedance shows volts that are not there.',
    todo: ['Measure again with the low-impedance setting, or with a lamp plugged in.'],
  },
  'no-output': {
    at: ['verify'],
    effect: 'leave',
    words: 'Nothing comes out with the breaker on',
    means:
      'It does not grip its stab, its conductor is not under the plate, or it was never pushed fully off and on.',
    todo: [
      'Switch it off at its own handle, and leave it off.',
      'Begin another visit: dead, proved, and look at stab and screw.',
    ],
  },
  'low-output': {
    at: ['verify'],
    effect: 'leave',
    words: 'Too few volts come out',
    means: 'A bad joint at stab or screw, or a supply that is low on that leg.',
    todo: [
      'Switch it off at its own handle, and leave it off.',
      'Read both legs at the main: if they are sound, the joint is at this breaker.',
    ],
  },
  'high-output': {
    at: ['verify'],
    effect: 'leave',
    words: 'Too many volts come out',
    means: 'The neutral is lost, or the circuit is wired across both legs. Electronics burn at that.',
    todo: [
      'Switch it off at once, unplug electronics.',
      'If other circuits read too high or too low, main off, and call the utility.',
    ],
  },
  'same-leg': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Nothing between its two poles',
    means:
      'Both poles sit on one leg, or one of them gives nothing: 240 V loads will not run, a shared neutral is overloaded.',
    todo: [
      'Off, and leave it off. It moves to two spaces of one column, or its pole is looked at, with the panel dead.',
    ],
  },
  'between-off': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Between its poles it is not about 240 V',
    means: 'One pole joints badly, or a leg of the supply is low or high.',
    todo: ['Off, and leave it off. Read both legs at the main.'],
  },
  'reversed-polarity': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Hot and neutral are exchanged at the outlet',
    means: 'The shell of a lamp is live, and a switch breaks the wrong side.',
    todo: [
      'Turn the breaker off. Correct the wires at the outlet or at the new connection, with the circuit de-energized.',
    ],
  },
  'open-ground': {
    at: ['proof'],
    effect: 'choose',
    ways: ['never-grounded', 'not-now'],
    words: 'The outlet has no ground',
    means:
      'A fault to metal would not trip the breaker. Old two-wire circuits never had one; then it is known, and not new.',
    todo: [
      'Off, if it had one before: look for the conductor that came off. If it never had one, note it, and have it GFCI-protected and labeled (NEC 406.4(D)).',
    ],
  },
  'open-neutral': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The outlet has no neutral',
    means: 'Everything plugged in is live and runs not; on a shared neutral volts swing.',
    todo: ['Off at once. Its neutral is looked for at bar and outlet, with the circuit dead.'],
  },
  'test-button-fails': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The test button does not trip it, or it does not come back',
    means: 'It protects nobody: its neutral is on the wrong bar, its line is missing, or it is faulty.',
    todo: [
      'Off. Look first at its pigtail and the circuit’s neutral, with the panel dead; then at the part.',
    ],
  },
  'over-rating': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'It carries more than its rating',
    means:
      'It will trip, as it should: the load is too high for the circuit, and no new breaker changes that.',
    todo: [
      'Switch loads off until it is under its rating. Spread them, or plan another circuit. Never a larger breaker.',
    ],
  },
  'runs-hot': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'It is hotter than a new part may be',
    means: 'The joint at stab or screw is not good.',
    todo: ['Off, and leave it off. The joint is remade with the panel dead.'],
  },
  // What people report.
  'main-stuck': {
    at: ['main-off'],
    effect: 'leave',
    words: 'The main does not move, or feels loose',
    means: 'Its mechanism is seized or broken: it may show off and be on.',
    todo: [
      'Do not force it. The utility cuts the service before anybody works here.',
      'Branch breakers on again, and leave.',
    ],
  },
  'no-lock': {
    at: ['main-off', 'isolate'],
    effect: 'leave',
    words: 'It cannot be locked',
    means: 'Someone else may turn it on during the work.',
    todo: [
      'Get a lockout device that fits this handle. A person standing guard is no lockout.',
      'Main on again if it is off and nothing was opened, and come back with one.',
    ],
  },
  'source-unknown': {
    at: ['isolate'],
    effect: 'leave',
    words: 'The switch of that source is not found',
    means: 'What cannot be shut off and locked may come alive at any time.',
    todo: [
      'Ask the installer where its disconnect is, or have the installer come.',
      'Do not open the cover.',
    ],
  },
  'wet-inside': {
    at: ['cover-off'],
    effect: 'stop',
    words: 'Water or fresh rust behind the cover',
    means: 'Wet parts track, and a breaker that was wet is replaced, never dried.',
    todo: [
      OUT,
      'Stop the water first. Replace every part that got wet, with the service cut off by the utility.',
    ],
  },
  'burnt-inside': {
    at: ['cover-off'],
    effect: 'stop',
    words: 'The bus or several breakers are burnt',
    means: 'It is a matter of the panel, not of one breaker.',
    todo: [
      'Touch nothing. A photo, cover on, and out.',
      'Put the signs into the review of the panel: it says how soon.',
    ],
  },
  'line-side-bare': {
    at: ['cover-off'],
    effect: 'stop',
    words: 'Bare live parts lie where hands would work',
    means: 'The line side of the main stays live whatever is off.',
    todo: ['Cover on. The utility pulls the meter, then it is begun again.'],
  },
  'two-wires': {
    at: ['free'],
    effect: 'choose',
    ways: ['join-tail', 'put-back', 'not-now'],
    words: 'Two wires under its screw',
    means: 'A terminal made for one holds neither well; what the breaker carries is the sum of both.',
    todo: [
      `If both together are under ${100 * LOAD_LIMITS.continuousShare} % of the rating, join them to one pigtail with a listed connector.`,
      'Otherwise the second one gets its own breaker: plan it.',
    ],
  },
  'wire-thin': {
    at: ['free', 'bring-cable'],
    effect: 'choose',
    ways: ['smaller', 'not-now'],
    words: 'Its wire is thinner than this rating may have',
    means: 'The breaker protects the wire: with this one the wire would burn before it trips.',
    todo: [
      'Only a breaker of the rating this wire may have goes in: 15 A on 14, 20 A on 12, 30 A on 10 AWG copper.',
    ],
  },
  'insulation-burnt': {
    at: ['free'],
    effect: 'choose',
    ways: ['cut-back', 'not-now'],
    words: 'Its insulation is burnt or brittle',
    means: 'The joint was hot for long. Bright metal joints well, oxidized metal never.',
    todo: ['Cut back to bright metal and sound insulation. If too little is left, splice on the same gauge.'],
  },
  'aluminum-wire': {
    at: ['free', 'bring-cable'],
    effect: 'choose',
    ways: ['compound', 'not-now'],
    words: 'The wire is aluminum',
    means: 'It needs a terminal marked for it and compound; under a screw for copper only it works loose.',
    todo: ['Look for AL or CU/AL on the new breaker. Then compound, and the torque for aluminum.'],
  },
  'screw-stripped': {
    at: ['free', 'conductor-in'],
    effect: 'choose',
    ways: ['other-part', 'not-now'],
    words: 'The screw turns and does not hold',
    means: 'A stripped terminal cannot be tightened to its figure.',
    todo: ['Another breaker. The screw is part of the listed part and is not exchanged.'],
  },
  'stuck-on-bus': {
    at: ['rock-off'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'It does not come off, or it breaks',
    means: 'It is melted to its stab: force tears the bus.',
    todo: ['Leave it. That stab is finished, and perhaps the bus: into the review of the panel.'],
  },
  'stab-pitted': {
    at: ['stab'],
    effect: 'choose',
    ways: ['other-space', 'not-now'],
    words: 'Its stab is pitted or burnt',
    means: 'A new breaker on it burns like the old one. A stab is not filed or sanded.',
    todo: [
      'The breaker goes to another space with a bright stab; this one gets a filler and is not used again.',
    ],
  },
  'part-differs': {
    at: ['compare'],
    effect: 'choose',
    ways: ['other-part', 'put-back', 'not-now'],
    words: 'The new part is not the same kind',
    means:
      'Maker alone is not enough: family, series, poles, rating, type and interrupting rating must match, and the panel’s label must list it.',
    todo: ['Another part, now or on another day.'],
  },
  gritty: {
    at: ['click'],
    effect: 'choose',
    ways: ['other-part', 'put-back', 'not-now'],
    words: 'The new breaker does not click cleanly by hand',
    means: 'It is faulty before it was ever used.',
    todo: ['Another part. Keep this one apart, and give it back.'],
  },
  'does-not-seat': {
    at: ['hook-press'],
    effect: 'choose',
    ways: ['other-part', 'not-now'],
    words: 'It does not seat',
    means: 'What does not go on with a firm press is the wrong part, or its stab is bent.',
    todo: ['No force, no filing. Compare hook and stab with the old one.'],
  },
  'neutral-shared': {
    at: ['neutral-in', 'free'],
    effect: 'choose',
    ways: ['put-back', 'not-now'],
    words: 'Its neutral is shared with another circuit',
    means:
      'A one-pole ground- or arc-fault breaker trips at once on a shared neutral: it sees the other circuit’s current.',
    todo: ['A two-pole unit made for a shared neutral, or the neutrals are parted. Not this part.'],
  },
  'bar-full': {
    at: ['neutral-in', 'ground-in'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'There is no free screw on the bar',
    means: 'One neutral a screw: two under one work loose.',
    todo: ['A further bar that the panel’s label lists, then go on.'],
  },
  'no-plug-on-bar': {
    at: ['hook-press'],
    effect: 'choose',
    ways: ['other-part', 'put-back', 'not-now'],
    words: 'This panel has no bar for a plug-on neutral',
    means: 'Without it the unit has no neutral and protects nobody.',
    todo: ['The same unit with a pigtail.'],
  },
  'too-short': {
    at: ['conductor-in', 'cut-back'],
    effect: 'choose',
    ways: ['splice', 'not-now'],
    words: 'The conductor is too short',
    means: 'One under tension works loose.',
    todo: ['Splice on the same gauge and material, with a listed connector.'],
  },
  'no-torque': {
    at: ['conductor-in'],
    effect: 'choose',
    ways: ['look-up', 'not-now'],
    words: 'No torque figure is marked',
    means: 'By feel is too loose for most, and too tight for some.',
    todo: ['The panel’s label has a table by gauge; so has the part’s sheet. Set that, and note it.'],
  },
  'pulls-out': {
    at: ['conductor-in'],
    effect: 'again',
    words: 'It moves when tugged',
    means: 'It sits beside the plate, its insulation is under it, or strands were cut off.',
    todo: [
      'Out again, look, strip to the mark, under the plate, tighten to the figure. Stranded: wiggle, tighten again.',
    ],
  },
  'cover-stands-off': {
    at: ['cover-on'],
    effect: 'again',
    words: 'The cover does not go on flat',
    means: 'A breaker stands proud: it is not seated. Or a conductor lies in the way.',
    todo: [
      'Look along the column. Press the one that stands out, tuck conductors back, then the cover again.',
    ],
  },
  'main-trips': {
    at: ['main-on'],
    effect: 'leave',
    words: 'The main trips or does not hold',
    means: 'With all branches off: a short on the bus, or something was left inside.',
    todo: [
      'Do not try again. Turn the main off, lock out and tag. Start another visit and inspect the panel after you verify it is dead.',
    ],
  },
  'main-no-close': {
    at: ['main-on'],
    effect: 'leave',
    words: 'The main does not stay on',
    means: 'A main that was not moved for years may not close again.',
    todo: [
      'Fully off, then on, once. If it does not hold: it is replaced, with what feeds it off: the feeder’s breaker, or the service cut by the utility.',
    ],
  },
  'trips-at-once': {
    at: ['handle-on'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'It trips the moment it is switched on',
    means:
      'A short in its circuit; at a ground- or arc-fault unit first of all its neutral: exchanged, shared, or touching ground.',
    todo: [
      'Leave it off. Everything unplugged, it is followed as a case; each further try costs the new breaker.',
    ],
  },
};

/**
 * What may be reported at a moment of a visit.
 *
 * @param moment where in the visit
 * @returns ids of troubles
 * @example reportedAt('stab') // ['stab-pitted']
 */
export const reportedAt = (moment: VisitMoment): ReportedTrouble[] =>
  REPORTED.filter((id) => TROUBLES[id].at.includes(moment));

/**
 * All that is known of a kind of trouble.
 *
 * @param id which
 * @returns where it is met, what it means, what is done
 * @example troubleOf('ghost').effect // 'again'
 */
export const troubleOf = (id: TroubleId): VisitTrouble => TROUBLES[id];
