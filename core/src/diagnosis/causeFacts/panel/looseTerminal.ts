import type { CauseFacts } from '../cause/index.ts';

/** The conductor under the breaker's screw is loose or poorly made and heats up. */
export const LOOSE_TERMINAL = {
  gravity: 'danger',
  right: ['remake-joint', 'replace-breaker-and-remake-joint'],
  instead: [
    {
      any: [
        ['terminal-inspection', 'discoloured-or-melted'],
        ['terminal-temperature', 'over-15-over'],
        ['face-temperature', 'over-15-over'],
        ['smell', 'hot-plastic'],
      ],
      then: ['replace-breaker-and-remake-joint', 'remake-joint'],
      why: 'A joint that has cooked its terminal has cooked the breaker too.',
    },
  ],
  commonness: 46,
  why: 'Screws never torqued, aluminum that crept, strands that settled.',
  places: [
    { share: 0.28, path: { handle: 'tripped' } },
    { share: 0.05, path: { terminal: 'open' } },
    { share: 0.2, path: { terminal: 'high' } },
    { share: 0.47, path: {} },
  ],
  signs: {
    'reset-result': [
      {
        holds: 66,
        'trips-at-once': 1,
        'trips-in-seconds': 3,
        'trips-in-minutes': 19,
        'trips-after-hours': 11,
      },
      'The joint heats the bimetal from outside.',
    ],
    'reset-result-unplugged': [
      { holds: 98, 'trips-at-once': 0.5, 'trips-later': 1.5 },
      'No current, no heat.',
    ],
    'power-after-reset': [{ restored: 84, 'still-dead': 16 }, 'Until it warms again.'],
    'trip-pattern': [
      { random: 42, 'many-loads-together': 34, 'one-appliance': 14, 'hot-weather': 6, 'motor-starting': 4 },
      'Under load, after a time.',
    ],
    'trips-on-record': [
      { 'first-time': 58, few: 30, 'many-overload': 10, 'after-dead-short': 2 },
      'It comes again, and sooner.',
    ],
    sound: [{ quiet: 70, 'steady-hum': 11, 'sizzle-or-crackle': 19 }, 'A loose screw may sizzle.'],
    smell: [{ none: 76, 'hot-plastic': 24 }, 'Its insulation cooks.'],
    'panel-touch': [{ cool: 26, warm: 61, hot: 13 }, 'That breaker is warm.'],
    'light-behaviour': [
      { steady: 48, 'dims-on-start': 15, 'flicker-one-circuit': 35, 'flicker-whole-house': 1.5 },
      'A loose joint flickers.',
    ],
    'face-temperature': [
      { 'like-neighbours': 10, '3-to-15-over': 50, 'over-15-over': 40 },
      'Its heat comes through.',
    ],
    'terminal-temperature': [
      { 'like-peers': 2, '3-to-15-over': 22, 'over-15-over': 76 },
      'That is where the heat is made.',
    ],
    'millivolt-drop': [
      { 'like-peers': 84, raised: 12, high: 4 },
      'The breaker between its terminals is sound.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 36, '3-to-6-percent': 38, 'over-6-percent': 26 },
      'The joint drops volts.',
    ],
    'terminal-inspection': [
      {
        'clean-and-tight': 3,
        loose: 62,
        'discoloured-or-melted': 28,
        corroded: 6,
        'two-wires-one-terminal': 1,
      },
      'A turn of the screw tells.',
    ],
    'trip-vs-curve': [
      { 'within-band': 52, 'too-early': 47, 'too-late-or-never': 1 },
      'With heat from outside it comes early.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 45, 'fault-stays-with-breaker': 55 },
      'Replacing the breaker also retightens the terminal screw.',
    ],
    'stab-inspection': [{ clean: 94, 'pitted-or-burnt': 6 }, 'The other joint is sound.'],
    'recent-change': [{ none: 76, 'new-appliance': 8, 'new-wiring-or-breaker': 15 }, 'Work, or only years.'],
  },
} as const satisfies CauseFacts;
