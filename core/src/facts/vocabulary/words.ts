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
    name: 'Extent of the outage',
    how: 'Walk around and check what has lost power.',
    outcomes: {
      'one-device': 'One outlet, lamp or appliance is dead',
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
    how: 'Check where the handle is. Bring a flashlight.',
    outcomes: {
      on: 'The handle is on',
      middle: 'The handle sits in the middle',
      off: 'The handle is off',
      'one-half-low': 'One half of a tied pair is down',
    },
  },
  'handle-finger-test': {
    name: 'Finger test',
    how: 'Push the handle lightly toward off with one finger. A tripped handle gives.',
    outcomes: { firm: 'The handle is firm', gives: 'The handle gives' },
  },
  'trip-indicator': {
    name: 'Trip indicator',
    how: 'Some breakers show a flag or a light when they have tripped.',
    outcomes: {
      shown: 'The trip flag shows',
      'not-shown': 'No trip flag shows',
      'no-indicator': 'It has no trip flag',
    },
  },
  'reset-feel': {
    name: 'Feel of the reset',
    how: 'Push the handle fully off until it clicks, then on until it clicks. Do it once.',
    outcomes: {
      'clean-clicks': 'It clicks cleanly, fully off and back on',
      'no-off-click': 'It did not click at off',
      'hard-or-gritty': 'The handle is stiff or gritty',
      'will-not-latch': 'It will not latch',
    },
  },
  'reset-result': {
    name: 'Result of the reset',
    how: 'Push the handle fully off, then on, once. Note whether it trips, and how soon.',
    outcomes: {
      holds: 'After the reset it holds',
      'trips-at-once': 'It trips immediately',
      'trips-in-seconds': 'It trips within a minute',
      'trips-in-minutes': 'It trips within the hour',
      'trips-after-hours': 'It trips after more than an hour',
    },
  },
  'reset-result-unplugged': {
    name: 'Reset with everything unplugged',
    how: 'Unplug or turn off everything on the circuit, then reset once.',
    outcomes: {
      holds: 'With everything unplugged it holds',
      'trips-at-once': 'It trips immediately with everything unplugged',
      'trips-later': 'It trips after a while with everything unplugged',
    },
  },
  'power-after-reset': {
    name: 'Power after the reset',
    how: 'Plug a working lamp into an outlet on this circuit.',
    outcomes: { restored: 'Power is back', 'still-dead': 'Still dead after the reset' },
  },
  'trip-pattern': {
    name: 'When it trips',
    how: 'Think back to each trip: what was running, and what was the weather?',
    outcomes: {
      'one-appliance': 'It trips with one appliance',
      'many-loads-together': 'It trips with many loads running',
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
    how: 'Look for outlets with a test button on this circuit, in bathrooms, kitchen, garage and outdoors. Press reset on each.',
    outcomes: {
      tripped: 'A downstream GFCI outlet had tripped',
      'not-tripped': 'No GFCI outlet has tripped',
      'none-found': 'No GFCI outlet was found',
    },
  },
  'upstream-breaker': {
    name: 'Breaker feeding this panel',
    how: 'Check the breaker that feeds this panel.',
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
    how: 'Check for a smell near the closed panel.',
    outcomes: { none: 'There is no smell', 'hot-plastic': 'It smells like hot plastic' },
  },
  'panel-touch': {
    name: 'Feel for heat',
    how: 'Put the back of a dry hand on the closed cover and the breaker face, for at most three seconds.',
    outcomes: {
      cool: 'Cover and breaker face feel cool',
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
      'flicker-whole-house': 'Lights flicker throughout the house',
      'some-brighter-some-dimmer': 'Some lights get brighter while others dim',
    },
  },
  'water-signs': {
    name: 'Water at the panel',
    how: 'Look for drops, streaks or rust on and under the panel.',
    outcomes: {
      dry: 'The panel is dry',
      'condensation-or-rust': 'There is condensation or rust',
      'wet-now': 'There is water on the panel now',
    },
  },
  'panel-age': {
    name: 'Age of the panel',
    how: 'Check the panel label and the date on the permit sticker.',
    outcomes: {
      modern: 'The panel is modern',
      'over-40-years': 'The panel is over 40 years old',
      'family-withdrawn': 'The panel’s family was withdrawn',
    },
  },
  'test-button': {
    name: 'Test button',
    how: 'Press the breaker’s test button. Then push the handle fully off, then on.',
    outcomes: {
      'trips-and-resets': 'The test button trips it, and it resets',
      'does-not-trip': 'The test button does not trip it',
      'will-not-reset': 'It does not reset after the test button',
      'no-button': 'It has no test button',
    },
  },
  'recent-change': {
    name: 'Recent changes',
    how: 'Ask what is new: an appliance, wiring, a breaker, a hole drilled in a wall or dug in the ground.',
    outcomes: {
      none: 'Nothing has changed recently',
      'new-appliance': 'There is a new appliance',
      'new-wiring-or-breaker': 'There is new wiring or a new breaker',
      'digging-or-drilling': 'There was drilling or digging',
    },
  },
  'load-share': {
    name: 'Load on the circuit',
    how: 'Add up the amps of everything that runs, from a plug-in meter or nameplates (volt-amperes divided by volts).',
    outcomes: {
      'under-80': `The load is under ${CONTINUOUS}% of the rating`,
      '80-to-100': `The load is ${CONTINUOUS} to ${FULL}% of the rating`,
      '100-to-135': `The load is ${FULL} to ${MUST_OPEN}% of the rating`,
      'over-135': `The load is over ${MUST_OPEN}% of the rating`,
    },
  },
  'appliance-check': {
    name: 'Try the appliance elsewhere',
    how: 'Plug the suspect appliance into another circuit with the same type of breaker and enough capacity. If it tripped a GFCI or AFCI breaker, never try it on a standard breaker: a leak could energize its case, and the test would prove nothing.',
    outcomes: {
      'trips-there-too': 'The appliance trips another circuit too',
      'fine-there': 'The appliance runs elsewhere on the same type of breaker',
    },
  },
  'outlet-voltage': {
    name: 'Voltage at the outlet',
    how: 'Plug a meter into an outlet on this circuit and read it.',
    outcomes: {
      normal: 'The outlet voltage is normal',
      low: 'The outlet voltage is low',
      high: 'The outlet voltage is high',
      zero: 'The outlet is dead',
    },
  },
  'outlet-sag': {
    name: 'Voltage sag at the outlet',
    how: 'Measure the outlet voltage without load and with a known load.',
    outcomes: {
      'under-3-percent': `The outlet voltage sags less than ${SAG}%`,
      '3-to-6-percent': `The outlet voltage sags ${SAG} to ${HIGH_SAG}%`,
      'over-6-percent': `The outlet voltage sags more than ${HIGH_SAG}%`,
    },
  },
  'outlet-wiring': {
    name: 'Outlet wiring',
    how: 'Plug in an outlet tester and read its lights.',
    outcomes: {
      correct: 'The outlet is wired correctly',
      'open-ground': 'The outlet’s ground is open',
      'open-neutral': 'The outlet’s neutral is open',
      reversed: 'Hot and neutral are reversed',
    },
  },
  'face-temperature': {
    name: 'Breaker face temperature',
    how: 'Under load, with the cover closed: aim an infrared thermometer at this breaker’s face and at neighbors with a similar load. Log the current too.',
    outcomes: {
      'like-neighbours': 'The face is as warm as its neighbors',
      '3-to-15-over': `The face is ${NEAR} to ${FAR} hotter than its neighbors`,
      'over-15-over': `The face is more than ${FAR} hotter than its neighbors`,
    },
  },
  'load-terminal-voltage': {
    name: 'Voltage at its load terminal',
    how: 'With the breaker on: contact meter from its load terminal to neutral.',
    outcomes: {
      normal: 'The load terminal voltage is normal',
      low: 'The load terminal voltage is low',
      zero: 'The breaker has no output',
      'one-pole-zero': 'One pole has no output',
    },
  },
  'line-side-voltage': {
    name: 'Voltage of the supply legs',
    how: 'Contact meter from each leg at the main to neutral.',
    outcomes: {
      'both-legs-normal': 'Both supply legs are energized',
      'one-leg-missing': 'One supply leg is dead',
      'both-missing': 'Both supply legs are dead',
      'legs-unequal': 'The supply legs are unequal',
    },
  },
  'clamp-current': {
    name: 'Current on its conductor',
    how: 'Clamp meter around its conductor, with the usual loads on.',
    outcomes: {
      'under-80': `The current is under ${CONTINUOUS}% of the rating`,
      '80-to-100': `The current is ${CONTINUOUS} to ${FULL}% of the rating`,
      '100-to-135': `The current is ${FULL} to ${MUST_OPEN}% of the rating`,
      'over-135': `The current is over ${MUST_OPEN}% of the rating`,
    },
  },
  'trip-vs-curve': {
    name: 'Time to trip',
    how: 'Next time it trips, note how long it took and the current.',
    outcomes: {
      'within-band': 'It tripped like a sound breaker',
      'too-early': 'It tripped too early',
      'too-late-or-never': 'It tripped far too late, or never',
    },
  },
  'terminal-temperature': {
    name: 'Terminal temperature',
    how: 'Under load: aim an infrared thermometer at its terminal and at similar ones (put a strip of tape on shiny metal). Log the current too.',
    outcomes: {
      'like-peers': 'The terminal is as warm as similar ones',
      '3-to-15-over': `The terminal is ${NEAR} to ${FAR} hotter than similar ones`,
      'over-15-over': `The terminal is more than ${FAR} hotter than similar ones`,
    },
  },
  'millivolt-drop': {
    name: 'Voltage drop across the breaker',
    how: 'Measure millivolts across the closed breaker under load, and compare with similar breakers.',
    outcomes: {
      'like-peers': 'The voltage drop is normal',
      raised: 'The voltage drop is on the high side',
      high: 'The voltage drop is high',
    },
  },
  'load-wire-lifted': {
    name: 'Load conductor disconnected',
    how: 'De-energize the panel and verify absence of voltage. Disconnect and cap the load conductor, and the load neutral of a GFCI or AFCI breaker. Put the cover on, then turn the breaker on.',
    outcomes: {
      holds: 'It holds with its conductor disconnected',
      trips: 'It trips even with its conductor disconnected',
    },
  },
  'insulation-resistance': {
    name: 'Insulation resistance of the circuit',
    how: 'De-energize the circuit. Disconnect loads, electronics and the neutral of a GFCI or AFCI breaker. Use the insulation tester hot to neutral, hot to ground and neutral to ground, and enter the lowest reading.',
    outcomes: {
      'over-1-megohm': 'The insulation is over 1 MΩ',
      'under-1-megohm': 'The insulation is under 1 MΩ',
      'near-zero': 'The insulation is near zero',
    },
  },
  'terminal-inspection': {
    name: 'Terminal inspection',
    how: 'De-energize the panel and verify absence of voltage. Inspect the terminal and check its torque.',
    outcomes: {
      'clean-and-tight': 'The terminal is clean and tight',
      loose: 'The terminal is loose',
      'discoloured-or-melted': 'The terminal is discolored or melted',
      corroded: 'The terminal is corroded',
      'two-wires-one-terminal': 'Two conductors share the terminal',
    },
  },
  'stab-inspection': {
    name: 'Bus stab inspection',
    how: 'De-energize the panel and verify absence of voltage. Remove the breaker and inspect the bus stab.',
    outcomes: { clean: 'The bus stab is clean', 'pitted-or-burnt': 'The bus stab is pitted or burned' },
  },
  'conductor-vs-breaker': {
    name: 'Conductor size and breaker',
    how: 'Read the size printed on the conductor’s jacket and enter it with the circuit.',
    outcomes: {
      matched: 'Conductor and breaker match',
      'wire-too-small': 'The conductor is too small for the breaker',
      'wire-has-room': 'The conductor could take a larger breaker',
    },
  },
  'known-good-swap': {
    name: 'Test with a known good breaker',
    how: 'De-energize the panel and verify absence of voltage. Install a known good breaker of the same kind.',
    outcomes: {
      'fault-follows-circuit': 'The fault stays with the circuit',
      'fault-stays-with-breaker': 'The fault moves with the breaker',
    },
  },
  'leg-balance': {
    name: 'Balance of the legs',
    how: 'Clamp both legs at the main under load.',
    outcomes: { balanced: 'The legs are balanced', unbalanced: 'The legs are unbalanced' },
  },
  'main-off-check': {
    name: 'De-energized with the main off?',
    how: 'Turn off the main. Verify the meter, measure every pole on the load side, and verify the meter again.',
    outcomes: {
      'dead-as-expected': 'With the main off, its load side is dead',
      'still-live': 'With the main off, its load side is still energized',
    },
  },
  'neighbours-power': {
    name: 'Power in the neighborhood',
    how: 'Check whether the neighbors have lost power too.',
    outcomes: { on: 'The neighbors have power', 'off-too': 'The neighbors have lost power too' },
  },
  'branch-off-check': {
    name: 'De-energized when turned off?',
    how: 'Turn the breaker off and try a lamp or a meter at its outlet.',
    outcomes: {
      'dead-as-expected': 'With the breaker off, its outlet is dead',
      'still-live': 'With the breaker off, its outlet is still energized',
    },
  },
  'button-after-fitting': {
    name: 'Newly installed GFCI or AFCI breaker',
    how: 'If a GFCI or AFCI breaker was just installed, see when it trips.',
    outcomes: {
      holds: 'The newly installed breaker holds',
      'trips-as-soon-as-loaded': 'The newly installed breaker trips as soon as it has a load',
      'not-newly-fitted': 'It is not newly installed',
    },
  },
  'main-load-side-voltage': {
    name: 'Voltage on the load side of the main',
    how: 'With the main on, measure each leg to neutral on its load side.',
    outcomes: {
      'both-normal': 'Both legs have voltage on the load side of the main',
      'one-missing': 'One leg has no voltage on the load side of the main',
      'both-missing': 'No voltage on the load side of the main',
    },
  },
  'neutral-joint-inspection': {
    name: 'Neutral inspection',
    how: 'De-energize the panel and verify absence of voltage. Inspect the circuit’s neutral at the bar.',
    outcomes: {
      'clean-and-tight': 'The neutral is clean and tight',
      'loose-or-burnt': 'The neutral is loose or burned',
      'on-the-wrong-bar': 'The neutral is on the wrong bar',
    },
  },
  'part-match': {
    name: 'Breaker and panel label',
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
