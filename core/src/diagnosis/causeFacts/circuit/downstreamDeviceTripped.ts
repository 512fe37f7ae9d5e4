import type { CauseFacts } from '../cause/index.ts';

/** A protected outlet or device further along has opened. */
export const DOWNSTREAM_DEVICE_TRIPPED = {
  gravity: 'nuisance',
  right: ['reset-other-device'],
  commonness: 80,
  why: 'A GFCI outlet in a bathroom, garage or yard has opened, and what it feeds is dead.',
  places: [{ share: 1, path: { device: 'tripped' } }],
  signs: {
    'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'The breaker holds.'],
    'power-after-reset': [{ restored: 3, 'still-dead': 97 }, 'A reset of the breaker changes nothing.'],
    'water-signs': [{ dry: 88, 'condensation-or-rust': 9, 'wet-now': 3 }, 'Damp made it open.'],
    'trip-pattern': [{ random: 66, 'wet-weather': 20, 'one-appliance': 12 }, 'Damp, or one appliance.'],
    'trips-on-record': [
      { 'first-time': 82, few: 16, 'many-overload': 1, 'after-dead-short': 1 },
      'Of the breaker none.',
    ],
    'clamp-current': [{ 'under-80': 96, '80-to-100': 3 }, 'Little flows.'],
  },
} as const satisfies CauseFacts;
