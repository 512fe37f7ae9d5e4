import type { CauseFacts } from '../cause/index.ts';

/** Opens below its rating: worn, pitted or out of calibration. */
export const WEAK_BREAKER = {
  gravity: 'nuisance',
  right: ['replace-breaker'],
  commonness: 34,
  why: 'Years of load, many trips or a short circuit weaken the bimetal.',
  places: [
    { share: 0.58, path: { handle: 'tripped' } },
    { share: 0.42, path: {} },
  ],
  signs: {
    'reset-result': [
      {
        holds: 22,
        'trips-at-once': 2,
        'trips-in-seconds': 7,
        'trips-in-minutes': 55,
        'trips-after-hours': 14,
      },
      'Under a load it should carry it opens after a time.',
    ],
    'reset-result-unplugged': [{ holds: 95, 'trips-at-once': 2, 'trips-later': 3 }, 'Without load it holds.'],
    'power-after-reset': [{ restored: 93, 'still-dead': 7 }, 'Until it opens again.'],
    'trip-pattern': [
      {
        random: 49,
        'many-loads-together': 30,
        'hot-weather': 7,
        'one-appliance': 10,
        'motor-starting': 4,
      },
      'At loads that never troubled it before.',
    ],
    'trips-on-record': [
      { 'first-time': 12, few: 44, 'many-overload': 32, 'after-dead-short': 12 },
      'It has a history.',
    ],
    'load-share': [{ 'under-80': 68, '80-to-100': 29, '100-to-135': 2 }, 'It trips at what it should carry.'],
    'clamp-current': [
      { 'under-80': 68, '80-to-100': 29, '100-to-135': 2 },
      'It trips at what it should carry.',
    ],
    'trip-vs-curve': [
      { 'within-band': 9, 'too-early': 90, 'too-late-or-never': 1 },
      'That is what weak means.',
    ],
    'panel-touch': [{ cool: 72, warm: 26, hot: 1 }, 'Pitted contacts warm it a little.'],
    'face-temperature': [
      { 'like-neighbours': 76, '3-to-15-over': 22, 'over-15-over': 2 },
      'Pitted contacts warm it a little.',
    ],
    'millivolt-drop': [{ 'like-peers': 62, raised: 32, high: 6 }, 'Pitted contacts drop more.'],
    'terminal-inspection': [
      {
        'clean-and-tight': 93,
        loose: 2,
        'discoloured-or-melted': 2,
        corroded: 2,
        'two-wires-one-terminal': 1,
      },
      'No joint explains it.',
    ],
    'load-wire-lifted': [{ holds: 95, trips: 5 }, 'Without load it holds.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 4, 'fault-stays-with-breaker': 96 },
      'The fault goes with the breaker.',
    ],
    'panel-age': [{ modern: 36, 'over-40-years': 46, 'family-withdrawn': 18 }, 'Age weakens them.'],
    'reset-feel': [
      { 'clean-clicks': 84, 'no-off-click': 3, 'hard-or-gritty': 7, 'will-not-latch': 6 },
      'A worn breaker may feel worn.',
    ],
    'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
    'terminal-temperature': [
      { 'like-peers': 78, '3-to-15-over': 21, 'over-15-over': 1 },
      'A bimetal that opens early runs no hotter, worn contacts somewhat.',
    ],
  },
} as const satisfies CauseFacts;
