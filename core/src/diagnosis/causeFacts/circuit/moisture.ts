import type { CauseFacts } from '../cause/index.ts';

/** Condensation, rust or corrosion inside the panel. */
export const MOISTURE = {
  gravity: 'danger',
  right: ['dry-and-inspect'],
  commonness: 16,
  why: 'Service pipes breathe damp air into the panel; basements flood.',
  places: [
    { share: 0.2, path: { handle: 'tripped' } },
    { share: 0.8, path: {} },
  ],
  signs: {
    'water-signs': [{ dry: 3, 'condensation-or-rust': 76, 'wet-now': 21 }, 'Rust, drops, a tide mark.'],
    'terminal-inspection': [
      {
        'clean-and-tight': 10,
        loose: 8,
        'discoloured-or-melted': 4,
        corroded: 77,
        'two-wires-one-terminal': 1,
      },
      'Green and white on the metal.',
    ],
    'trip-pattern': [
      { 'wet-weather': 60, random: 36, 'hot-weather': 2, 'one-appliance': 1 },
      'With the weather.',
    ],
    'stab-inspection': [{ clean: 48, 'pitted-or-burnt': 52 }, 'The bus corrodes too.'],
    'reset-feel': [
      { 'clean-clicks': 65, 'no-off-click': 9, 'hard-or-gritty': 20, 'will-not-latch': 6 },
      'Rust in the handle.',
    ],
    'insulation-resistance': [{ 'over-1-megohm': 54, 'under-1-megohm': 40, 'near-zero': 6 }, 'Damp leaks.'],
    sound: [{ quiet: 80, 'steady-hum': 7, 'sizzle-or-crackle': 13 }, 'Damp tracks.'],
    'terminal-temperature': [
      { 'like-peers': 48, '3-to-15-over': 44, 'over-15-over': 8 },
      'Corroded joints get warm.',
    ],
    'reset-result': [
      {
        holds: 70,
        'trips-at-once': 10,
        'trips-in-seconds': 7,
        'trips-in-minutes': 8,
        'trips-after-hours': 5,
      },
      'While it is wet.',
    ],
    'reset-result-unplugged': [{ holds: 76, 'trips-at-once': 13, 'trips-later': 11 }, 'While it is wet.'],
    'power-after-reset': [{ restored: 76, 'still-dead': 24 }, 'Once it is dry.'],
    'test-button': [
      { 'trips-and-resets': 40, 'does-not-trip': 7, 'will-not-reset': 8, 'no-button': 45 },
      'Electronics suffer first.',
    ],
    'panel-age': [{ modern: 46, 'over-40-years': 40, 'family-withdrawn': 14 }, 'It takes years.'],
    'face-temperature': [
      { 'like-neighbours': 62, '3-to-15-over': 35, 'over-15-over': 3 },
      'A corroded joint gets warm.',
    ],
    'trips-on-record': [
      { 'first-time': 80, few: 18, 'many-overload': 1, 'after-dead-short': 1 },
      'Rust is seen before anything trips.',
    ],
  },
} as const satisfies CauseFacts;
