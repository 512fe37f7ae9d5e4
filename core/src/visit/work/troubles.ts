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

const OUT = 'Take your hands out. Put the cover on, keep everyone away, and call for help.';
/** Everything that is known to go wrong in a visit, with what Phylaxon does about it. */
export const TROUBLES: Record<TroubleId, VisitTrouble> = {
  // What figures tell.
  'tester-silent': {
    at: ['tester'],
    effect: 'again',
    words: 'The meter does not read the known live source',
    means:
      'A meter that reads nothing there would read nothing in the panel either. Every point it showed as dead is unverified again.',
    todo: [
      'Check the battery, leads, fuse and setting (AC volts).',
      'Try another source that is known to be live. If the meter still reads nothing, use another meter.',
    ],
  },
  'tester-high': {
    at: ['tester'],
    effect: 'again',
    words: 'The meter reads higher than this source can be',
    means: 'The setting, the source or the meter is wrong, so the readings cannot be trusted.',
    todo: ['Check the setting, and try a source whose voltage you know: about 120 or 240 V.'],
  },
  'main-live': {
    at: ['measure'],
    effect: 'stop',
    words: 'The load side of the main is energized',
    means: 'The main did not open, it does not feed this panel, or another source feeds the bus.',
    todo: [
      OUT,
      'Look and listen for a generator, battery or vehicle. If there is none, have the utility disconnect the service.',
    ],
  },
  'main-pole-live': {
    at: ['measure'],
    effect: 'stop',
    words: 'One pole on the load side of the main is energized',
    means: 'That pole of the main is welded shut, or another source feeds one leg.',
    todo: [
      OUT,
      'Have the main replaced with its supply off: the feeder breaker locked out, or the service disconnected by the utility. Never rely on this handle again.',
    ],
  },
  backfeed: {
    at: ['measure'],
    effect: 'stop',
    words: 'The main is off, but this point is energized',
    means:
      'Another source feeds the load side: a generator, solar, a battery, a vehicle, or a cord between two outlets.',
    todo: [OUT, 'Find that source without opening the panel, shut it off and lock it out. Then start again.'],
  },
  'wrong-reference': {
    at: ['measure'],
    effect: 'stop',
    words: 'Energized to ground, but dead to neutral',
    means: 'The neutral is open or itself energized, so a zero reading to neutral proves nothing here.',
    todo: [
      OUT,
      'De-energize the panel to inspect a branch neutral. Lock out the feeder breaker to inspect a subpanel neutral. Call the utility for a service neutral.',
    ],
  },
  'between-poles-live': {
    at: ['measure'],
    effect: 'stop',
    words: 'The two poles are energized to each other',
    means:
      'Each pole read zero to neutral and to ground. Both references are lost, or an ungrounded source feeds the panel.',
    todo: [OUT, 'The point is de-energized only if every pair of conductors reads zero.'],
  },
  ghost: {
    at: ['measure'],
    effect: 'again',
    words: 'Neither clearly dead nor live',
    means: `A high-impedance meter can read up to ${VOLTAGE_LIMITS.live} V on a de-energized conductor that runs beside an energized one.`,
    todo: [
      'Measure again with the meter’s low-impedance setting, or with a lamp connected as a load.',
      'If the voltage stays under load, it is real: put the cover on and find the source.',
    ],
  },
  'still-on': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The outlet is energized with the breaker off',
    means:
      'Another breaker feeds that outlet, or something backfeeds it. The directory is wrong, or conductors were swapped.',
    todo: ['Treat it as energized. Find the breaker that feeds it, with the cover closed.'],
  },
  'ghost-outlet': {
    at: ['proof'],
    effect: 'again',
    words: 'A few volts at the outlet with the breaker off',
    means: 'On a long run beside energized conductors, a high-impedance meter can show ghost voltage.',
    todo: ['Measure again with the low-impedance setting, or with a lamp plugged in.'],
  },
  'no-output': {
    at: ['verify'],
    effect: 'leave',
    words: 'No voltage with the breaker on',
    means:
      'The breaker is not seated on its bus stab, its conductor is not under the plate, or it was not reset (fully off, then on).',
    todo: [
      'Turn the breaker off and leave it off.',
      'Start another visit. De-energize and verify, then check the bus stab and the terminal.',
    ],
  },
  'low-output': {
    at: ['verify'],
    effect: 'leave',
    words: 'Voltage at the load is too low',
    means: 'A high-resistance connection at the bus stab or terminal, or low supply voltage on that leg.',
    todo: [
      'Turn the breaker off and leave it off.',
      'Measure both legs at the main. If they are normal, the bad connection is at this breaker.',
    ],
  },
  'high-output': {
    at: ['verify'],
    effect: 'leave',
    words: 'Voltage at the load is too high',
    means:
      'The neutral is open, or the circuit is wired across both legs. Electronics burn out at this voltage.',
    todo: [
      'Turn the breaker off now and unplug electronics.',
      'If other circuits read high or low too, turn off the main and call the utility.',
    ],
  },
  'same-leg': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'No voltage between the two poles',
    means:
      'Both poles are on the same leg, or one pole is dead. 240 V loads will not run, and a shared neutral is overloaded.',
    todo: [
      'Turn the breaker off and leave it off. De-energize the panel, then move the breaker to two adjacent spaces in one column or inspect its dead pole.',
    ],
  },
  'between-off': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Not about 240 V between the two poles',
    means: 'One pole has a high-resistance connection, or a supply leg is low or high.',
    todo: ['Turn the breaker off and leave it off. Measure both legs at the main.'],
  },
  'reversed-polarity': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Hot and neutral are reversed at the outlet',
    means: 'The shell of a lamp socket is energized, and a switch opens the neutral instead of the hot.',
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
      'A fault to a metal case would not trip the breaker. Old two-wire circuits never had a ground; in that case this is a known condition.',
    todo: [
      'If the outlet had a ground before, turn the breaker off and find the disconnected conductor. If it never had one, note it, and have it GFCI-protected and labeled (NEC 406.4(D)).',
    ],
  },
  'open-neutral': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The outlet has no neutral',
    means: 'Everything plugged in is energized but does not run. On a shared neutral, voltages swing.',
    todo: [
      'Turn the breaker off now. De-energize the circuit, then check its neutral at the bar and at the outlet.',
    ],
  },
  'test-button-fails': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The test button does not trip it, or it does not reset',
    means:
      'It gives no protection: the neutral is on the wrong bar, its line side has no voltage, or the breaker is faulty.',
    todo: [
      'Turn the breaker off. De-energize the panel, then check the pigtail and the circuit neutral first and the breaker itself last.',
    ],
  },
  'over-rating': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The current is above the rating',
    means:
      'The breaker will trip, and should: the load is too high for the circuit. A new breaker does not change that.',
    todo: [
      'Turn loads off until the current is under the rating. Move loads to other circuits or plan a new circuit. Never install a larger breaker.',
    ],
  },
  'runs-hot': {
    at: ['proof'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'Hotter than a new breaker should be',
    means: 'The connection at the bus stab or terminal is bad.',
    todo: ['Turn the breaker off and leave it off. De-energize the panel and remake the connection.'],
  },
  // What people report.
  'main-stuck': {
    at: ['main-off'],
    effect: 'leave',
    words: 'The main does not move, or feels loose',
    means: 'The mechanism is seized or broken: the handle may show off while the contacts are closed.',
    todo: [
      'Do not force it. The utility must disconnect the service before anyone works here.',
      'Turn the branch breakers back on, and leave.',
    ],
  },
  'no-lock': {
    at: ['main-off', 'isolate'],
    effect: 'leave',
    words: 'The main cannot be locked out',
    means: 'Someone else could turn it on during the work.',
    todo: [
      'Get a lockout device that fits this handle. A person standing guard is not a lockout.',
      'If the main is off and nothing was opened, turn it back on. Come back with a lockout device.',
    ],
  },
  'source-unknown': {
    at: ['isolate'],
    effect: 'leave',
    words: 'The disconnect of the other source cannot be found',
    means: 'A source that cannot be shut off and locked out may energize the panel at any time.',
    todo: [
      'Ask its installer where the disconnect is, or have the installer come.',
      'Do not open the cover.',
    ],
  },
  'wet-inside': {
    at: ['cover-off'],
    effect: 'stop',
    words: 'Water or fresh rust behind the cover',
    means: 'Wet insulation tracks and arcs. A breaker that got wet must be replaced, not dried.',
    todo: [
      OUT,
      'Stop the water first. Then replace every part that got wet, with the service disconnected by the utility.',
    ],
  },
  'burnt-inside': {
    at: ['cover-off'],
    effect: 'stop',
    words: 'The bus or several breakers are burned',
    means: 'The panel itself has failed, not just one breaker.',
    todo: [
      'Do not touch anything. Take a photo, put the cover on, and stay out.',
      'Enter the signs in the panel evaluation. It shows how soon the panel must be replaced.',
    ],
  },
  'line-side-bare': {
    at: ['cover-off'],
    effect: 'stop',
    words: 'Exposed energized parts in the work area',
    means: 'The line side of the main stays energized with every handle off.',
    todo: ['Put the cover on. Have the utility pull the meter, then start again.'],
  },
  'two-wires': {
    at: ['free'],
    effect: 'choose',
    ways: ['join-tail', 'put-back', 'not-now'],
    words: 'Two wires under one screw',
    means:
      'A terminal made for one wire holds neither of two securely, and the breaker carries the load of both.',
    todo: [
      `If both loads together stay under ${100 * LOAD_LIMITS.continuousShare}% of the rating, splice the wires to one pigtail with a listed connector.`,
      'Otherwise give the second wire its own breaker: plan a new circuit.',
    ],
  },
  'wire-thin': {
    at: ['free', 'bring-cable'],
    effect: 'choose',
    ways: ['smaller', 'not-now'],
    words: 'The wire is too small for this rating',
    means: 'The breaker protects the wire. This wire would overheat before the breaker trips.',
    todo: [
      'Install only a breaker that the wire allows: 15 A on 14 AWG, 20 A on 12 AWG, 30 A on 10 AWG copper.',
    ],
  },
  'insulation-burnt': {
    at: ['free'],
    effect: 'choose',
    ways: ['cut-back', 'not-now'],
    words: 'The insulation is burned or brittle',
    means:
      'The connection ran hot for a long time. Oxidized metal never makes a good connection; cut back to bright metal.',
    todo: [
      'Cut back to bright metal and sound insulation. If too little is left, splice with the same wire size.',
    ],
  },
  'aluminum-wire': {
    at: ['free', 'bring-cable'],
    effect: 'choose',
    ways: ['compound', 'not-now'],
    words: 'The wire is aluminum',
    means: 'Aluminum needs a terminal marked for it. Under a copper-only terminal it works loose.',
    todo: ['Check the new breaker for AL or CU/AL. Apply compound and use the torque for aluminum.'],
  },
  'screw-stripped': {
    at: ['free', 'conductor-in'],
    effect: 'choose',
    ways: ['other-part', 'not-now'],
    words: 'The terminal screw turns but does not tighten',
    means: 'A stripped terminal cannot be torqued.',
    todo: ['Use another breaker. The screw is part of the listed breaker and cannot be replaced separately.'],
  },
  'stuck-on-bus': {
    at: ['rock-off'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The breaker does not come off, or it breaks',
    means: 'It has melted onto its bus stab. Force would tear the bus.',
    todo: ['Leave it. That bus stab is ruined and the bus may be too: enter this in the panel evaluation.'],
  },
  'stab-pitted': {
    at: ['stab'],
    effect: 'choose',
    ways: ['other-space', 'not-now'],
    words: 'The bus stab is pitted or burned',
    means: 'A new breaker would burn on it like the old one. A bus stab must not be filed or sanded.',
    todo: [
      'Move the breaker to another space with a bright bus stab. Put a filler plate in this space and do not use it again.',
    ],
  },
  'part-differs': {
    at: ['compare'],
    effect: 'choose',
    ways: ['other-part', 'put-back', 'not-now'],
    words: 'The new breaker is not the same kind',
    means:
      'The manufacturer alone is not enough: family, series, poles, rating, type and interrupting rating must match, and the panel label must list it.',
    todo: ['Use another breaker, now or on another day.'],
  },
  gritty: {
    at: ['click'],
    effect: 'choose',
    ways: ['other-part', 'put-back', 'not-now'],
    words: 'The new breaker does not click cleanly by hand',
    means: 'It is faulty out of the box.',
    todo: ['Use another breaker. Set this one aside and return it.'],
  },
  'does-not-seat': {
    at: ['hook-press'],
    effect: 'choose',
    ways: ['other-part', 'not-now'],
    words: 'The breaker does not seat',
    means: 'A breaker that does not go on with a firm press is the wrong part, or its bus stab is bent.',
    todo: ['Do not force or file it. Compare the hook and the jaw with the old breaker.'],
  },
  'neutral-shared': {
    at: ['neutral-in', 'free'],
    effect: 'choose',
    ways: ['put-back', 'not-now'],
    words: 'The neutral is shared with another circuit',
    means:
      'A one-pole GFCI or AFCI breaker trips immediately on a shared neutral, because it sees the other circuit’s current.',
    todo: [
      'Use a two-pole breaker made for a shared neutral, or separate the neutrals. Do not install this breaker.',
    ],
  },
  'bar-full': {
    at: ['neutral-in', 'ground-in'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'No free screw on the bar',
    means: 'One neutral per screw: two under one screw work loose.',
    todo: ['Add a bar that the panel label lists, then go on.'],
  },
  'no-plug-on-bar': {
    at: ['hook-press'],
    effect: 'choose',
    ways: ['other-part', 'put-back', 'not-now'],
    words: 'This panel has no plug-on neutral bar',
    means: 'Without that bar the breaker has no neutral connection and gives no protection.',
    todo: ['Use the same breaker with a pigtail.'],
  },
  'too-short': {
    at: ['conductor-in', 'cut-back'],
    effect: 'choose',
    ways: ['splice', 'not-now'],
    words: 'The conductor is too short',
    means: 'A conductor under tension works loose.',
    todo: ['Splice on an extension: same wire size and material, listed connector.'],
  },
  'no-torque': {
    at: ['conductor-in'],
    effect: 'choose',
    ways: ['look-up', 'not-now'],
    words: 'No torque is marked',
    means: 'Tightening by feel leaves most terminals too loose and some too tight.',
    todo: [
      'The panel label or the breaker’s instruction sheet has a torque table by wire size. Set that torque and note it.',
    ],
  },
  'pulls-out': {
    at: ['conductor-in'],
    effect: 'again',
    words: 'The wire moves when tugged',
    means: 'The wire is beside the pressure plate, insulation is under the plate, or strands were cut off.',
    todo: [
      'Take the wire out and check it. Strip to the strip gauge, insert it under the plate, and torque it. Stranded wire: tighten, wiggle, tighten again.',
    ],
  },
  'cover-stands-off': {
    at: ['cover-on'],
    effect: 'again',
    words: 'The cover does not sit flat',
    means: 'A breaker stands out because it is not seated, or a conductor is in the way.',
    todo: [
      'Look along the column. Press in the breaker that stands out, tuck the conductors back, then try the cover again.',
    ],
  },
  'main-trips': {
    at: ['main-on'],
    effect: 'leave',
    words: 'The main trips or does not hold',
    means: 'With all branch breakers off, this means a short circuit on the bus or something left inside.',
    todo: [
      'Do not try again. Turn the main off, lock out and tag. Start another visit and inspect the panel after you verify it is dead.',
    ],
  },
  'main-no-close': {
    at: ['main-on'],
    effect: 'leave',
    words: 'The main does not latch',
    means: 'A main that has not been operated for years may not close again.',
    todo: [
      'Reset it once: fully off, then on. If it does not hold, have it replaced with its supply off: the feeder breaker locked out, or the service disconnected by the utility.',
    ],
  },
  'trips-at-once': {
    at: ['handle-on'],
    effect: 'choose',
    ways: ['not-now'],
    words: 'The breaker trips as soon as it is turned on',
    means:
      'A short circuit on its circuit. On a GFCI or AFCI breaker, check the neutral first: swapped, shared, or touching ground.',
    todo: ['Leave it off. Unplug everything and open a case. Every further attempt wears the new breaker.'],
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
