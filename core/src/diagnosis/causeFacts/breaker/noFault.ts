import type { CauseFacts } from '../cause/index.ts';

/** Nothing is wrong now: what was noticed has passed, or was no fault. */
export const NO_FAULT = {
  gravity: 'nothing',
  right: ['keep', 'reset-and-watch'],
  instead: [
    {
      any: [
        ['handle-position', 'middle', 'off', 'one-half-low'],
        ['handle-finger-test', 'gives'],
        ['trip-indicator', 'shown'],
        ['trips-on-record', 'first-time', 'few', 'many-overload', 'after-dead-short'],
        ['power-loss-extent', 'one-device', 'part-of-one-circuit', 'one-circuit', 'several-circuits'],
        ['reset-result', 'holds'],
      ],
      then: ['reset-and-watch', 'complete-reset', 'keep'],
      why: 'It has opened once: what is left is to reset it and to watch it.',
    },
  ],
  commonness: 200,
  why: 'Many complaints clear up on their own: a voltage surge from the utility, a bumped handle, a lamp that warmed up, a routine check.',
  places: [
    { share: 0.91, path: {} },
    { share: 0.05, path: { handle: 'tripped' } },
    { share: 0.04, path: { handle: 'off' } },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 97, 'no-off-click': 1.5, 'hard-or-gritty': 0.4 },
      'It works as it should.',
    ],
    'reset-result': [{ holds: 98, 'trips-at-once': 0.3, 'trips-in-minutes': 0.5 }, 'It holds.'],
    'reset-result-unplugged': [{ holds: 99, 'trips-at-once': 0.2 }, 'It holds.'],
    'power-after-reset': [{ restored: 96, 'still-dead': 4 }, 'All of it works.'],
    'trips-on-record': [
      { 'first-time': 92, few: 6, 'many-overload': 0.5, 'after-dead-short': 1.5 },
      'Once, or never.',
    ],
    'trip-pattern': [
      {
        random: 72,
        'one-appliance': 7,
        'many-loads-together': 5,
        'motor-starting': 3,
        'wet-weather': 7,
        'hot-weather': 6,
      },
      'It comes with nothing.',
    ],
    'light-behaviour': [
      { steady: 93, 'dims-on-start': 6, 'flicker-one-circuit': 0.5, 'flicker-whole-house': 0.4 },
      'The lights are steady now.',
    ],
    sound: [{ quiet: 92, 'steady-hum': 7.8 }, 'A hum is a transformer’s.'],
    smell: [{ none: 99.7, 'hot-plastic': 0.3 }, 'Nothing smells.'],
    'panel-touch': [{ cool: 91, warm: 8.9 }, 'A little warmth is no fault.'],
    'water-signs': [{ dry: 98.5, 'condensation-or-rust': 1.4 }, 'It is dry.'],
    'load-share': [
      { 'under-80': 84, '80-to-100': 14.5, '100-to-135': 1.3 },
      'The load is within the rating.',
    ],
    'clamp-current': [
      { 'under-80': 86, '80-to-100': 12.5, '100-to-135': 1.3 },
      'The load is within the rating.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 88, '3-to-6-percent': 11.5, 'over-6-percent': 0.4 },
      'No joint drops volts.',
    ],
    'outlet-wiring': [
      { correct: 98, 'open-ground': 1, reversed: 0.6, 'open-neutral': 0.2 },
      'It is wired as it should be.',
    ],
    'terminal-temperature': [{ 'like-peers': 95, '3-to-15-over': 4.9 }, 'Its joint is like the others.'],
    'face-temperature': [{ 'like-neighbours': 92, '3-to-15-over': 7.9 }, 'Its face is like the others.'],
    'millivolt-drop': [{ 'like-peers': 97, raised: 2.8 }, 'Its contacts are sound.'],
    'terminal-inspection': [{ 'clean-and-tight': 99.4, loose: 0.3, corroded: 0.2 }, 'Its screw is tight.'],
    'stab-inspection': [{ clean: 99.7, 'pitted-or-burnt': 0.2 }, 'Its stab is clean.'],
    'insulation-resistance': [{ 'over-1-megohm': 99, 'under-1-megohm': 0.9 }, 'Its insulation is sound.'],
    'conductor-vs-breaker': [
      { matched: 96.5, 'wire-has-room': 3.3, 'wire-too-small': 0.1 },
      'The rating suits the conductor.',
    ],
    'trip-vs-curve': [
      { 'within-band': 98.5, 'too-early': 1.2, 'too-late-or-never': 0.15 },
      'It opened as a sound breaker does.',
    ],
    'test-button': [
      { 'trips-and-resets': 49.6, 'does-not-trip': 0.2, 'will-not-reset': 0.2, 'no-button': 50 },
      'Its button works.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 97, 'fault-stays-with-breaker': 3 },
      'A new one behaves no otherwise.',
    ],
    'appliance-check': [{ 'trips-there-too': 0.8, 'fine-there': 99.2 }, 'Nothing plugged in is faulty.'],
    'leg-balance': [{ balanced: 90, unbalanced: 10 }, 'The legs share the load.'],
    'branch-off-check': [{ 'dead-as-expected': 99.8, 'still-live': 0.15 }, 'It opens.'],
  },
} as const satisfies CauseFacts;
