/** One thing that can be looked at or measured, and what may come of it. */
export interface TestFacts {
  level: 0 | 1 | 2;
  outcomes: readonly string[];
  energised?: true;
}

/** Every test of the vocabulary, in its order. */
export const TESTS = {
  'power-loss-extent': {
    level: 0,
    outcomes: [
      'one-device',
      'part-of-one-circuit',
      'one-circuit',
      'several-circuits',
      'half-the-house',
      'whole-house',
      'none',
    ],
  },
  'handle-position': {
    level: 0,
    outcomes: ['on', 'middle', 'off', 'one-half-low'],
  },
  /** Light push towards off on every handle that looks on. */
  'handle-finger-test': {
    level: 0,
    outcomes: ['firm', 'gives'],
  },
  'trip-indicator': {
    level: 0,
    outcomes: ['shown', 'not-shown', 'no-indicator'],
  },
  /** Pushed fully off, then on. */
  'reset-feel': {
    level: 0,
    outcomes: ['clean-clicks', 'no-off-click', 'hard-or-gritty', 'will-not-latch'],
  },
  'reset-result': {
    level: 0,
    outcomes: ['holds', 'trips-at-once', 'trips-in-seconds', 'trips-in-minutes', 'trips-after-hours'],
  },
  /** Everything on the circuit unplugged or switched off first. */
  'reset-result-unplugged': {
    level: 0,
    outcomes: ['holds', 'trips-at-once', 'trips-later'],
  },
  'power-after-reset': {
    level: 0,
    outcomes: ['restored', 'still-dead'],
  },
  'trip-pattern': {
    level: 0,
    outcomes: [
      'one-appliance',
      'many-loads-together',
      'motor-starting',
      'wet-weather',
      'hot-weather',
      'random',
    ],
  },
  'trips-on-record': {
    level: 0,
    outcomes: ['first-time', 'few', 'many-overload', 'after-dead-short'],
  },
  'downstream-device': {
    level: 0,
    outcomes: ['tripped', 'not-tripped', 'none-found'],
  },
  'upstream-breaker': {
    level: 0,
    outcomes: ['on', 'tripped-or-off'],
  },
  sound: {
    level: 0,
    outcomes: ['quiet', 'steady-hum', 'sizzle-or-crackle'],
  },
  smell: {
    level: 0,
    outcomes: ['none', 'hot-plastic'],
  },
  /** Back of the hand on the closed cover and breaker faces. Bands in facts/limits. */
  'panel-touch': {
    level: 0,
    outcomes: ['cool', 'warm', 'hot'],
  },
  'light-behaviour': {
    level: 0,
    outcomes: [
      'steady',
      'dims-on-start',
      'flicker-one-circuit',
      'flicker-whole-house',
      'some-brighter-some-dimmer',
    ],
  },
  'water-signs': {
    level: 0,
    outcomes: ['dry', 'condensation-or-rust', 'wet-now'],
  },
  'panel-age': {
    level: 0,
    outcomes: ['modern', 'over-40-years', 'family-withdrawn'],
  },
  /** On a ground-fault or arc-fault breaker. */
  'test-button': {
    level: 0,
    outcomes: ['trips-and-resets', 'does-not-trip', 'will-not-reset', 'no-button'],
  },
  'recent-change': {
    level: 0,
    outcomes: ['none', 'new-appliance', 'new-wiring-or-breaker', 'digging-or-drilling'],
  },
  'load-share': {
    level: 1,
    outcomes: ['under-80', '80-to-100', '100-to-135', 'over-135'],
  },
  /** The suspect appliance tried on another suitable circuit with the same kind of protection. */
  'appliance-check': {
    level: 1,
    outcomes: ['trips-there-too', 'fine-there'],
  },
  /** Bands in facts/limits. */
  'outlet-voltage': {
    level: 1,
    outcomes: ['normal', 'low', 'high', 'zero'],
  },
  /** Drop at the outlet between no load and a known load. */
  'outlet-sag': {
    level: 1,
    outcomes: ['under-3-percent', '3-to-6-percent', 'over-6-percent'],
  },
  'outlet-wiring': {
    level: 1,
    outcomes: ['correct', 'open-ground', 'open-neutral', 'reversed'],
  },
  /** Temperature of the breaker face above neighboring breakers with a similar load, in °C. */
  'face-temperature': {
    level: 1,
    outcomes: ['like-neighbours', '3-to-15-over', 'over-15-over'],
  },
  /** Breaker on, its load terminal to neutral. As outlet-voltage; one-pole-zero: a two-pole unit with one pole dead. */
  'load-terminal-voltage': {
    level: 2,
    outcomes: ['normal', 'low', 'zero', 'one-pole-zero'],
    energised: true,
  },
  /** Bands in facts/limits. */
  'line-side-voltage': {
    level: 2,
    outcomes: ['both-legs-normal', 'one-leg-missing', 'both-missing', 'legs-unequal'],
    energised: true,
  },
  /** Clamp meter on the conductor, share of rating in percent. */
  'clamp-current': {
    level: 2,
    outcomes: ['under-80', '80-to-100', '100-to-135', 'over-135'],
    energised: true,
  },
  /** A recorded trip held against the trip window. */
  'trip-vs-curve': {
    level: 1,
    outcomes: ['within-band', 'too-early', 'too-late-or-never'],
  },
  /** Terminal or lug over similar ones, in °C. */
  'terminal-temperature': {
    level: 2,
    outcomes: ['like-peers', '3-to-15-over', 'over-15-over'],
    energised: true,
  },
  /** Voltage drop across the closed breaker under load, compared with similar breakers. Bands in facts/limits. */
  'millivolt-drop': {
    level: 2,
    outcomes: ['like-peers', 'raised', 'high'],
    energised: true,
  },
  /** Load conductor removed and capped with the panel dead, cover on, then switched on. */
  'load-wire-lifted': {
    level: 2,
    outcomes: ['holds', 'trips'],
  },
  /** Circuit dead, loads removed, a protected unit’s neutral lifted too: the lowest of hot to neutral, hot to ground, neutral to ground. */
  'insulation-resistance': {
    level: 2,
    outcomes: ['over-1-megohm', 'under-1-megohm', 'near-zero'],
  },
  'terminal-inspection': {
    level: 2,
    outcomes: ['clean-and-tight', 'loose', 'discoloured-or-melted', 'corroded', 'two-wires-one-terminal'],
  },
  'stab-inspection': {
    level: 2,
    outcomes: ['clean', 'pitted-or-burnt'],
  },
  'conductor-vs-breaker': {
    level: 2,
    outcomes: ['matched', 'wire-too-small', 'wire-has-room'],
  },
  /** Exchanged for a known good unit of the same kind with the panel dead. */
  'known-good-swap': {
    level: 2,
    outcomes: ['fault-follows-circuit', 'fault-stays-with-breaker'],
  },
  /** Bands in facts/limits. */
  'leg-balance': {
    level: 2,
    outcomes: ['balanced', 'unbalanced'],
    energised: true,
  },
  'main-off-check': {
    level: 2,
    outcomes: ['dead-as-expected', 'still-live'],
  },
  /** Is the street dark too. */
  'neighbours-power': {
    level: 0,
    outcomes: ['on', 'off-too'],
  },
  /** Breaker switched off: is its outlet dead. */
  'branch-off-check': {
    level: 1,
    outcomes: ['dead-as-expected', 'still-live'],
  },
  /** A ground-fault or arc-fault breaker newly fitted: when does it trip. */
  'button-after-fitting': {
    level: 0,
    outcomes: ['holds', 'trips-as-soon-as-loaded', 'not-newly-fitted'],
  },
  /** On the load side of the closed main. */
  'main-load-side-voltage': {
    level: 2,
    outcomes: ['both-normal', 'one-missing', 'both-missing'],
    energised: true,
  },
  'neutral-joint-inspection': {
    level: 2,
    outcomes: ['clean-and-tight', 'loose-or-burnt', 'on-the-wrong-bar'],
  },
  'part-match': {
    level: 2,
    outcomes: ['listed', 'not-listed'],
  },
} as const satisfies Record<string, TestFacts>;
export type TestId = keyof typeof TESTS;
export const TEST_IDS = Object.keys(TESTS) as TestId[];
export type OutcomeOf<T extends TestId> = (typeof TESTS)[T]['outcomes'][number];

/**
 * Whether a test knows this outcome.
 *
 * @param test id of the test
 * @param outcome any text
 * @returns whether it is one of its outcomes
 * @example isOutcome('sound', 'quiet') // true
 */
export function isOutcome(test: TestId, outcome: string): boolean {
  return (TESTS[test].outcomes as readonly string[]).includes(outcome);
}
