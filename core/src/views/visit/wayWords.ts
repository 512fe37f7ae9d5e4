import { VOLTAGE_LIMITS, LOAD_LIMITS } from '../../facts/limits/index.ts';
import { VERIFIED } from '../../visit/gates/index.ts';
import { BETWEEN, type ProofId, type SourceKind, type Way } from '../../visit/work/index.ts';

/** What may be done about what was found, in words. */
export const WAY_WORDS: Record<Way, { label: string; means: string }> = {
  'other-space': {
    label: 'Use another space',
    means: 'The breaker goes to a space with a bright bus stab. This space gets a filler plate.',
  },
  smaller: {
    label: 'Use a smaller breaker that suits the wire',
    means: 'The largest rating the wire allows. If it trips more often, the load is too high.',
  },
  'join-tail': {
    label: 'Splice both to one pigtail',
    means: `Allowed where the two loads together stay under ${100 * LOAD_LIMITS.continuousShare}% of the rating.`,
  },
  splice: { label: 'Splice on an extension', means: 'Same wire size, same material, listed connector.' },
  'cut-back': {
    label: 'Cut back to bright metal',
    means: 'Splice on an extension if too little wire is left.',
  },
  compound: {
    label: 'Compound, on a terminal marked for aluminum',
    means: 'Check the breaker for AL or CU/AL first.',
  },
  'other-part': {
    label: 'I have another breaker here',
    means: 'Compare it and operate it by hand like the first one.',
  },
  'put-back': {
    label: 'Reinstall the old breaker',
    means: 'Connect it as it was and torque it. The decision about it does not change.',
  },
  'look-up': {
    label: 'I have the torque from the label',
    means: 'By wire size, from the panel label or the breaker’s instruction sheet.',
  },
  'never-grounded': {
    label: 'It never had a ground: noted',
    means: 'Add GFCI protection and the label “No equipment ground” at the outlets (NEC 406.4(D)).',
  },
  'not-now': {
    label: 'Leave this one for another day',
    means: 'Cap the wire and fill the space. The circuit stays de-energized.',
  },
};

/** What proves the work, in words. */
export const PROOF_WORDS: Record<
  ProofId | 'verified',
  { title: string; how: readonly string[]; later?: string }
> = {
  'off-output': {
    title: 'Outlet de-energized with the breaker off',
    how: [
      'The main is on and this breaker is off. Measure at an outlet of its circuit.',
      `The meter should read under ${VOLTAGE_LIMITS.verifiedDead} V. That shows no other breaker feeds the outlet and the directory is right. The test only counts with the other branch breakers on, so turn them on first.`,
    ],
  },
  verified: {
    title: 'Voltage at the load',
    how: [
      `Measure hot to neutral at the outlet or the appliance terminals. For a 240 V load, measure each pole to ground. Enter the reading that is farther from ${VOLTAGE_LIMITS.nominal} V.`,
      `The meter should read ${VERIFIED.from} to ${VERIFIED.to} V.`,
    ],
  },
  'between-poles': {
    title: 'Voltage between the two poles',
    how: [
      'Measure from one pole to the other, at the appliance or its outlet.',
      `The meter should read ${BETWEEN.from} to ${BETWEEN.to} V. That shows the breaker is on both legs.`,
    ],
  },
  'outlet-wiring': {
    title: 'Outlet wiring',
    how: ['Use a plug-in tester, or measure hot to neutral, hot to ground, and neutral to ground.'],
  },
  'test-button': {
    title: 'Test button',
    how: ['Press the test button: the breaker should trip. Then push it fully off and on: it should reset.'],
  },
  current: {
    title: 'Current with the usual load on',
    how: [
      'Use a clamp meter around one conductor only if the panel is open. With the cover on, use a plug-in meter or the appliance nameplate.',
    ],
    later: 'now or later',
  },
  temperature: {
    title: 'Temperature of its face, after half an hour under load',
    how: [
      'Aim an infrared thermometer at the breaker face from at most 8 in (20 cm). Measure the ambient temperature beside the panel too.',
    ],
    later: 'in half an hour',
  },
};

/** What an outlet tester says, and what a test button does. */
export const VISIT_OUTCOME_WORDS = {
  correct: 'Correct',
  reversed: 'Hot and neutral reversed',
  'open-ground': 'No ground',
  'open-neutral': 'No neutral',
  'trips-and-resets': 'Trips and resets',
  'does-not-trip': 'Does not trip',
  'will-not-reset': 'Trips but does not reset',
} as const;

export const SOURCE_WORDS: Record<SourceKind, { name: string; ask: string; how: string }> = {
  solar: {
    name: 'Solar',
    ask: 'Solar panels on the roof or the ground',
    how: 'Turn off and lock out its disconnect beside the inverter or outdoors. The strings on the roof stay energized in daylight.',
  },
  battery: {
    name: 'Battery',
    ask: 'A battery that feeds the house',
    how: 'Turn it off at its own switch, then turn off and lock out its disconnect.',
  },
  generator: {
    name: 'Generator',
    ask: 'A generator, or an inlet for one',
    how: 'Turn it off at its own switch, unplug its cord at the inlet, and lock out its breaker in the off position.',
  },
  vehicle: {
    name: 'Vehicle',
    ask: 'A vehicle that can feed the house',
    how: 'Unplug it. Turn off and lock out its outlet.',
  },
};
