import { HEAT_LIMITS, LOAD_BANDS, VOLTAGE_LIMITS } from '../limits/index.ts';
import { sayRise } from '../quantities/index.ts';
import type { OutcomeOf, TestId } from './tests.ts';

const NEAR = sayRise(HEAT_LIMITS.overPeersRepairSoonC);
const FAR = sayRise(HEAT_LIMITS.overPeersUrgentC);
const [CONTINUOUS, FULL, MUST_OPEN] = LOAD_BANDS.map((share) => `${100 * share}`);
const [SAG, HIGH_SAG] = [VOLTAGE_LIMITS.sagNoticed, VOLTAGE_LIMITS.sagHigh].map((share) => `${100 * share}`);

/** A test in plain words: its short name, what to do, and what each outcome is called. */
export interface TestWords<T extends TestId> {
  name: string;
  how: string;
  outcomes: Record<OutcomeOf<T>, string>;
}

/** Plain words of every test. Outcomes read as short statements, without a full stop. */
export const TEST_WORDS: { [T in TestId]: TestWords<T> } = {
  'power-loss-extent': {
    name: 'What is dead',
    how: 'Walk around and see what has lost its power.',
    outcomes: {
      'one-device': 'One device is dead',
      'part-of-one-circuit': 'Part of one circuit is dead',
      'one-circuit': 'One whole circuit is dead',
      'several-circuits': 'Several circuits are dead',
      'half-the-house': 'Half the house is dead',
      'whole-house': 'The whole house is dead',
      none: 'Nothing is dead',
    },
  },
  'handle-position': {
    name: 'Handle position',
    how: 'Look at where the handle is; bring a flashlight.',
    outcomes: {
      on: 'The handle is on',
      middle: 'The handle sits in the middle',
      off: 'The handle is off',
      'one-half-low': 'One half of a linked pair is down',
    },
  },
  'handle-finger-test': {
    name: 'Finger test',
    how: 'Push the handle lightly toward off with one finger: a tripped one gives.',
    outcomes: { firm: 'The handle is firm', gives: 'The handle gives' },
  },
  'trip-indicator': {
    name: 'Trip indicator',
    how: 'Some breakers show a flag or a lamp when they have tripped.',
    outcomes: {
      shown: 'The trip flag shows',
      'not-shown': 'No trip flag shows',
      'no-indicator': 'It has no trip flag',
    },
  },
  'reset-feel': {
    name: 'How the reset feels',
    how: 'Push it all the way off until it clicks, then on until it clicks. Do it once.',
    outcomes: {
      'clean-clicks': 'It clicks cleanly, fully off and back on',
      'no-off-click': 'It never clicked off',
      'hard-or-gritty': 'The handle moves hard or gritty',
      'will-not-latch': 'It will not latch',
    },
  },
  'reset-result': {
    name: 'What happens on reset',
    how: 'Switch it fully off, then on, once, and note how soon it trips, if it does.',
    outcomes: {
      holds: 'After the reset it holds',
      'trips-at-once': 'It trips at once',
      'trips-in-seconds': 'It trips within a minute',
      'trips-in-minutes': 'It trips within the hour',
      'trips-after-hours': 'It trips after more than an hour',
    },
  },
  'reset-result-unplugged': {
    name: 'Reset with everything unplugged',
    how: 'Unplug and switch off everything on the circuit, then reset once.',
    outcomes: {
      holds: 'With everything unplugged it holds',
      'trips-at-once': 'It trips at once with everything unplugged',
      'trips-later': 'It trips after a while with everything unplugged',
    },
  },
  'power-after-reset': {
    name: 'Power after the reset',
    how: 'Try a lamp you know works on this circuit.',
    outcomes: { restored: 'The power is back', 'still-dead': 'Still dead after the reset' },
  },
  'trip-pattern': {
    name: 'When it trips',
    how: 'Think back to what was running, and what the weather was, each time.',
    outcomes: {
      'one-appliance': 'It trips with one appliance',
      'many-loads-together': 'It trips with many things running',
      'motor-starting': 'It trips when a motor starts',
      'wet-weather': 'It trips in wet weather',
      'hot-weather': 'It trips in hot weather',
      random: 'It trips with no pattern',
    },
  },
  'trips-on-record': {
    name: 'Trips on record',
    how: 'Log every trip with its time and load.',
    outcomes: {
      'first-time': 'This is the first trip on record',
      few: 'A few trips are on record',
      'many-overload': 'Many overload trips are on record',
      'after-dead-short': 'It has cleared a short circuit before',
    },
  },
  'downstream-device': {
    name: 'Downstream GFCI outlets',
    how: 'Look for an outlet with a test button on this circuit, in bathrooms, kitchen, garage and outdoors, and press its reset.',
    outcomes: {
      tripped: 'A downstream GFCI outlet had tripped',
      'not-tripped': 'No GFCI outlet has tripped',
      'none-found': 'No GFCI outlet was found',
    },
  },
  'upstream-breaker': {
    name: 'Breaker feeding this panel',
    how: 'Look at the breaker that feeds this panel.',
    outcomes: { on: 'The feeder breaker is on', 'tripped-or-off': 'The feeder breaker is tripped or off' },
  },
  sound: {
    name: 'Sound at the panel',
    how: 'Stand still and listen near the closed panel.',
    outcomes: {
      quiet: 'It is quiet',
      'steady-hum': 'It hums steadily',
      'sizzle-or-crackle': 'It sizzles or crackles',
    },
  },
  smell: {
    name: 'Smell at the panel',
    how: 'Smell near the closed panel.',
    outcomes: { none: 'There is no smell', 'hot-plastic': 'It smells of hot plastic' },
  },
  'panel-touch': {
    name: 'How warm it feels',
    how: 'Put the back of a dry hand on the closed cover and the breaker’s face, three seconds at most.',
    outcomes: {
      cool: 'Cover and face feel cool',
      warm: 'It feels warmer than the wall',
      hot: 'It is too hot to hold for three seconds',
    },
  },
  'light-behaviour': {
    name: 'Lights',
    how: 'Watch the lights for a minute, here and in other rooms.',
    outcomes: {
      steady: 'The lights are steady',
      'dims-on-start': 'Lights dim when something starts',
      'flicker-one-circuit': 'Lights flicker on this circuit',
      'flicker-whole-house': 'Lights flicker all over the house',
      'some-brighter-some-dimmer': 'Some lights go brighter while others dim',
    },
  },
  'water-signs': {
    name: 'Water at the panel',
    how: 'Look for drops, streaks or rust on and under the panel.',
    outcomes: {
      dry: 'It is dry',
      'condensation-or-rust': 'There is condensation or rust',
      'wet-now': 'There is water on the panel now',
    },
  },
  'panel-age': {
    name: 'Age of the panel',
    how: 'Look at the label and at the date on the permit sticker.',
    outcomes: {
      modern: 'The panel is modern',
      'over-40-years': 'The panel is over 40 years old',
      'family-withdrawn': 'The panel’s family was withdrawn',
    },
  },
  'test-button': {
    name: 'Test button',
    how: 'Press the breaker’s test button; then switch it fully off and on.',
    outcomes: {
      'trips-and-resets': 'Its test button trips it, and it resets',
      'does-not-trip': 'Its test button does not trip it',
      'will-not-reset': 'It will not reset after the test button',
      'no-button': 'It has no test button',
    },
  },
  'recent-change': {
    name: 'What changed lately',
    how: 'Ask what is new: an appliance, wiring, a breaker, a hole in a wall or the ground.',
    outcomes: {
      none: 'Nothing has changed lately',
      'new-appliance': 'There is a new appliance',
      'new-wiring-or-breaker': 'There is new wiring or a new breaker',
      'digging-or-drilling': 'There was drilling or digging',
    },
  },
  'load-share': {
    name: 'Load on the circuit',
    how: 'Add up the amps of what runs, by plug-in meter or nameplate: volt-amps divided by volts.',
    outcomes: {
      'under-80': `The load is under ${CONTINUOUS} % of the rating`,
      '80-to-100': `The load is ${CONTINUOUS} to ${FULL} % of the rating`,
      '100-to-135': `The load is ${FULL} to ${MUST_OPEN} % of the rating`,
      'over-135': `The load is over ${MUST_OPEN} % of the rating`,
    },
  },
  'appliance-check': {
    name: 'Try the appliance elsewhere',
    how: 'Try the suspect appliance on another circuit whose breaker is of the same kind and may carry it. What tripped a GFCI or AFCI breaker is never tried on a plain circuit: a leak makes its case live there, and that it runs clears nothing.',
    outcomes: {
      'trips-there-too': 'The appliance trips another circuit too',
      'fine-there': 'The appliance runs elsewhere, behind the same kind of breaker',
    },
  },
  'outlet-voltage': {
    name: 'Voltage at the outlet',
    how: 'Plug a meter into an outlet on this circuit and read it.',
    outcomes: {
      normal: 'The outlet’s voltage is normal',
      low: 'The outlet’s voltage is low',
      high: 'The outlet’s voltage is high',
      zero: 'The outlet is dead',
    },
  },
  'outlet-sag': {
    name: 'Voltage sag at the outlet',
    how: 'Read the outlet’s voltage without load and with a known load.',
    outcomes: {
      'under-3-percent': `The outlet sags under ${SAG} %`,
      '3-to-6-percent': `The outlet sags ${SAG} to ${HIGH_SAG} %`,
      'over-6-percent': `The outlet sags over ${HIGH_SAG} %`,
    },
  },
  'outlet-wiring': {
    name: 'Wiring of the outlet',
    how: 'Plug in an outlet tester and read it.',
    outcomes: {
      correct: 'The outlet is wired correctly',
      'open-ground': 'The outlet’s ground is open',
      'open-neutral': 'The outlet’s neutral is open',
      reversed: 'Hot and neutral are reversed',
    },
  },
  'face-temperature': {
    name: 'Temperature of the face',
    how: 'Under load, cover closed: spot thermometer on this breaker’s face and on neighbors with a similar load; log the current too.',
    outcomes: {
      'like-neighbours': 'Its face is like its neighbors’',
      '3-to-15-over': `Its face is ${NEAR} to ${FAR} over its neighbors`,
      'over-15-over': `Its face is more than ${FAR} over its neighbors`,
    },
  },
  'load-terminal-voltage': {
    name: 'Voltage at its load terminal',
    how: 'Breaker on: contact meter from its load terminal to neutral.',
    outcomes: {
      normal: 'Its load terminal is alive',
      low: 'Its load terminal’s voltage is low',
      zero: 'Nothing comes out of it',
      'one-pole-zero': 'One of its poles gives nothing',
    },
  },
  'line-side-voltage': {
    name: 'Voltage of the supply legs',
    how: 'Contact meter from each leg at the main to neutral.',
    outcomes: {
      'both-legs-normal': 'Both supply legs are alive',
      'one-leg-missing': 'One supply leg is dead',
      'both-missing': 'Both supply legs are dead',
      'legs-unequal': 'The supply legs are unequal',
    },
  },
  'clamp-current': {
    name: 'Current on its conductor',
    how: 'Clamp meter around its conductor, with everything on that usually runs.',
    outcomes: {
      'under-80': `It carries under ${CONTINUOUS} % of its rating`,
      '80-to-100': `It carries ${CONTINUOUS} to ${FULL} % of its rating`,
      '100-to-135': `It carries ${FULL} to ${MUST_OPEN} % of its rating`,
      'over-135': `It carries over ${MUST_OPEN} % of its rating`,
    },
  },
  'trip-vs-curve': {
    name: 'How long it took to trip',
    how: 'Next time it trips, note the minutes and the amps.',
    outcomes: {
      'within-band': 'It tripped as a sound breaker would',
      'too-early': 'It tripped too early',
      'too-late-or-never': 'It tripped far too late, or never',
    },
  },
  'terminal-temperature': {
    name: 'Temperature of its terminal',
    how: 'Under load: spot thermometer on its terminal and on similar ones (a strip of tape on shiny metal); log the current too.',
    outcomes: {
      'like-peers': 'Its terminal is as warm as similar ones',
      '3-to-15-over': `Its terminal is ${NEAR} to ${FAR} over similar ones`,
      'over-15-over': `Its terminal is more than ${FAR} over similar ones`,
    },
  },
  'millivolt-drop': {
    name: 'Drop across the breaker',
    how: 'Millivolts across the closed breaker under load, against similar ones.',
    outcomes: {
      'like-peers': 'Its voltage drop is normal',
      raised: 'Its voltage drop is on the high side',
      high: 'Its voltage drop is high',
    },
  },
  'load-wire-lifted': {
    name: 'Load conductor lifted',
    how: 'De-energize the panel and verify absence of voltage. Lift and cap the load conductor, and the load neutral of a GFCI or AFCI breaker. Put the cover on, then turn the breaker on.',
    outcomes: {
      holds: 'With its conductor lifted it holds',
      trips: 'It trips even with its conductor lifted',
    },
  },
  'insulation-resistance': {
    name: 'Insulation of the circuit',
    how: 'Circuit dead, loads removed, electronics too, and a GFCI or AFCI breaker’s neutral lifted: insulation tester hot to neutral, hot to ground and neutral to ground. The lowest counts.',
    outcomes: {
      'over-1-megohm': 'The insulation is over 1 MΩ',
      'under-1-megohm': 'The insulation is under 1 MΩ',
      'near-zero': 'The insulation is near zero',
    },
  },
  'terminal-inspection': {
    name: 'Look at its terminal',
    how: 'De-energize the panel and verify absence of voltage. Inspect the terminal and check its torque.',
    outcomes: {
      'clean-and-tight': 'Its terminal is clean and tight',
      loose: 'Its terminal is loose',
      'discoloured-or-melted': 'Its terminal is discolored or melted',
      corroded: 'Its terminal is corroded',
      'two-wires-one-terminal': 'Two conductors share its terminal',
    },
  },
  'stab-inspection': {
    name: 'Look at its bus stab',
    how: 'De-energize the panel and verify absence of voltage. Remove the breaker and inspect the bus stab.',
    outcomes: { clean: 'The bus stab is clean', 'pitted-or-burnt': 'The bus stab is pitted or burnt' },
  },
  'conductor-vs-breaker': {
    name: 'Conductor against breaker',
    how: 'Read the gauge printed on the conductor’s jacket and enter it with the circuit.',
    outcomes: {
      matched: 'Conductor and breaker match',
      'wire-too-small': 'The conductor is too small for the breaker',
      'wire-has-room': 'The conductor would carry a larger breaker',
    },
  },
  'known-good-swap': {
    name: 'Trial with a known good breaker',
    how: 'De-energize the panel and verify absence of voltage. Install a known good breaker of the same kind.',
    outcomes: {
      'fault-follows-circuit': 'The fault stays with the circuit',
      'fault-stays-with-breaker': 'The fault goes with the breaker',
    },
  },
  'leg-balance': {
    name: 'Balance of the legs',
    how: 'Clamp both legs at the main under load.',
    outcomes: { balanced: 'The legs are balanced', unbalanced: 'The legs are unbalanced' },
  },
  'main-off-check': {
    name: 'Dead with the main off?',
    how: 'Turn the main off. Verify the meter, measure every pole on the load side, and verify the meter again.',
    outcomes: {
      'dead-as-expected': 'With the main off, its load side is dead',
      'still-live': 'With the main off, its load side is still live',
    },
  },
  'neighbours-power': {
    name: 'Power in the neighborhood',
    how: 'Check whether the neighbors have lost power too.',
    outcomes: { on: 'The neighbors have power', 'off-too': 'The neighbors have lost power too' },
  },
  'branch-off-check': {
    name: 'De-energized when turned off?',
    how: 'Turn it off and try a lamp or a meter at its outlet.',
    outcomes: {
      'dead-as-expected': 'With the breaker off, its outlet is dead',
      'still-live': 'It is off and its outlet is still live',
    },
  },
  'button-after-fitting': {
    name: 'Newly installed GFCI or AFCI breaker',
    how: 'If a GFCI or AFCI breaker was just installed: see when it trips.',
    outcomes: {
      holds: 'Newly installed, it holds',
      'trips-as-soon-as-loaded': 'Newly installed, it trips as soon as it is loaded',
      'not-newly-fitted': 'It is not newly installed',
    },
  },
  'main-load-side-voltage': {
    name: 'Voltage on the load side of the main',
    how: 'With the main on, measure each leg to neutral on its load side.',
    outcomes: {
      'both-normal': 'Both legs come through the main',
      'one-missing': 'One leg does not come through the main',
      'both-missing': 'Nothing comes through the main',
    },
  },
  'neutral-joint-inspection': {
    name: 'Look at its neutral',
    how: 'De-energize the panel and verify absence of voltage. Inspect the neutral of the circuit at the bar.',
    outcomes: {
      'clean-and-tight': 'Its neutral is clean and tight',
      'loose-or-burnt': 'Its neutral is loose or burnt',
      'on-the-wrong-bar': 'Its neutral is on the wrong bar',
    },
  },
  'part-match': {
    name: 'Part against label',
    how: 'Compare the breaker’s family and series with the panel’s label.',
    outcomes: {
      listed: 'The breaker is listed for this panel',
      'not-listed': 'The breaker is not listed for this panel',
    },
  },
};

/**
 * An outcome in plain words.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @returns a sentence without its full stop
 * @example sayOutcome('sound', 'quiet') // 'It is quiet'
 */
export function sayOutcome(test: TestId, outcome: string): string {
  return (TEST_WORDS[test].outcomes as Record<string, string>)[outcome] ?? outcome;
}
