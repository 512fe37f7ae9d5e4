import { VOLTAGE_LIMITS, LOAD_LIMITS } from '../../facts/limits/index.ts';
import { VERIFIED } from '../../visit/gates/index.ts';
import { BETWEEN, type ProofId, type SourceKind, type Way } from '../../visit/work/index.ts';

/** What may be done about what was found, in words. */
export const WAY_WORDS: Record<Way, { label: string; means: string }> = {
  'other-space': {
    label: 'Another space',
    means: 'The breaker goes where the stab is bright; this space gets a filler.',
  },
  smaller: {
    label: 'A smaller breaker, as the wire allows',
    means: 'The rating the wire may have. It may trip more often: then the load is too high.',
  },
  'join-tail': {
    label: 'Join both to one tail',
    means: `Where both together are under ${100 * LOAD_LIMITS.continuousShare} % of the rating.`,
  },
  splice: { label: 'Splice on a piece', means: 'Same gauge, same material, listed connector.' },
  'cut-back': { label: 'Cut back to bright metal', means: 'And splice, where too little is left.' },
  compound: {
    label: 'Compound, on a terminal marked for aluminum',
    means: 'Look for AL or CU/AL on the breaker first.',
  },
  'other-part': {
    label: 'I have another part here',
    means: 'It is compared and worked by hand as the first one.',
  },
  'put-back': {
    label: 'The old part goes back',
    means: 'As it was, to its torque. The decision about it stands.',
  },
  'look-up': {
    label: 'I have the figure from the label',
    means: 'By gauge, from the panel’s label or the part’s sheet.',
  },
  'never-grounded': {
    label: 'It never had a ground: noted',
    means: 'GFCI protection, and the label “No equipment ground” at its outlets (NEC 406.4(D)).',
  },
  'not-now': {
    label: 'Leave this one for another day',
    means: 'The wire is capped, the space filled; its circuit stays dead.',
  },
};

/** What proves the work, in words. */
export const PROOF_WORDS: Record<
  ProofId | 'verified',
  { title: string; how: readonly string[]; later?: string }
> = {
  'off-output': {
    title: 'Its outlet is dead with its breaker off',
    how: [
      'The main is on, this breaker off. Measure at an outlet of its circuit.',
      `Under ${VOLTAGE_LIMITS.verifiedDead} V: no other branch that is on feeds it, and the directory is right. With the others off that proves nothing: turn them on again first.`,
    ],
  },
  verified: {
    title: 'What comes out',
    how: [
      `Measure hot to neutral at its outlet, or at the appliance’s terminals. For a 240 V load, measure each pole to ground. The reading farther from ${VOLTAGE_LIMITS.nominal} V counts.`,
      `${VERIFIED.from} to ${VERIFIED.to} V proves it.`,
    ],
  },
  'between-poles': {
    title: 'Between its two poles',
    how: [
      'From one pole to the other, at the appliance or its outlet.',
      `${BETWEEN.from} to ${BETWEEN.to} V proves that it straddles both legs.`,
    ],
  },
  'outlet-wiring': {
    title: 'Outlet wiring',
    how: ['A plug-in tester, or the meter: hot to neutral, hot to ground, neutral to ground.'],
  },
  'test-button': {
    title: 'Its test button',
    how: ['Press it: it trips. Fully off, then on: it comes back.'],
  },
  current: {
    title: 'Current, with its usual load on',
    how: [
      'A clamp around the one wire is for the open panel: with the cover on, a plug-in meter, or the appliance’s nameplate.',
    ],
    later: 'now, or later',
  },
  temperature: {
    title: 'Temperature of its face, after half an hour under load',
    how: [
      'A spot thermometer from 20 cm (8 in) at most, on the breaker’s face. And the air beside the panel.',
    ],
    later: 'in half an hour',
  },
};

/** What an outlet tester says, and what a test button does. */
export const VISIT_OUTCOME_WORDS = {
  correct: 'Correct',
  reversed: 'Hot and neutral exchanged',
  'open-ground': 'No ground',
  'open-neutral': 'No neutral',
  'trips-and-resets': 'It trips, and resets',
  'does-not-trip': 'It does not trip',
  'will-not-reset': 'It trips, and does not come back',
} as const;

export const SOURCE_WORDS: Record<SourceKind, { name: string; ask: string; how: string }> = {
  solar: {
    name: 'Solar',
    ask: 'Solar panels on the roof or the ground',
    how: 'Its disconnect beside the inverter or outdoors: off, locked. The strings on the roof stay live in daylight.',
  },
  battery: {
    name: 'Battery',
    ask: 'A battery that feeds the house',
    how: 'Off at itself, then its disconnect: off, locked.',
  },
  generator: {
    name: 'Generator',
    ask: 'A generator or an inlet for one',
    how: 'Off at itself, its cord unplugged at the inlet, its breaker off and locked.',
  },
  vehicle: {
    name: 'Vehicle',
    ask: 'A car that can feed the house',
    how: 'Unplugged, and its outlet off and locked.',
  },
};
