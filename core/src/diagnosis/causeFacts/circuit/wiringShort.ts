import type { CauseFacts } from '../cause/index.ts';

/** A short in the fixed wiring, an outlet box or a fixture. */
export const WIRING_SHORT = {
  gravity: 'danger',
  right: ['repair-wiring'],
  commonness: 48,
  why: 'A nail, a drill, a rubbed cable, a scorched outlet or a wet fixture.',
  places: [
    { share: 0.88, path: { handle: 'tripped' } },
    { share: 0.12, path: {} },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 58, 'no-off-click': 4, 'hard-or-gritty': 1, 'will-not-latch': 37 },
      'On a short circuit the breaker trips immediately and seems not to latch.',
    ],
    'reset-result': [
      { holds: 3, 'trips-at-once': 88, 'trips-in-seconds': 7, 'trips-in-minutes': 2 },
      'A short trips it at once.',
    ],
    'reset-result-unplugged': [
      { holds: 3, 'trips-at-once': 92, 'trips-later': 5 },
      'Bare, it still trips: the fault is in what stays connected.',
    ],
    'power-after-reset': [{ restored: 5, 'still-dead': 95 }, 'It never stays on.'],
    'trip-pattern': [
      {
        random: 56,
        'wet-weather': 18,
        'one-appliance': 14,
        'many-loads-together': 3,
        'motor-starting': 2,
        'hot-weather': 2,
      },
      'Not tied to an appliance; a switch or the rain may make it.',
    ],
    'trips-on-record': [
      { 'first-time': 36, few: 12, 'many-overload': 1, 'after-dead-short': 51 },
      'The breaker has cleared a short circuit before.',
    ],
    smell: [{ none: 88, 'hot-plastic': 12 }, 'Where it shorted it may have burnt.'],
    sound: [{ quiet: 92, 'steady-hum': 3, 'sizzle-or-crackle': 5 }, 'Arcing where it shorted.'],
    'recent-change': [
      { none: 44, 'new-appliance': 4, 'new-wiring-or-breaker': 20, 'digging-or-drilling': 32 },
      'Digging, drilling or electrical work damages wiring.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 3, 'under-1-megohm': 12, 'near-zero': 85 },
      'That is what a short reads.',
    ],
    'load-wire-lifted': [{ holds: 98, trips: 2 }, 'Without its wiring the breaker holds.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Any breaker trips on it.',
    ],
    'appliance-check': [
      { 'trips-there-too': 1, 'fine-there': 99 },
      'Everything plugged in is fine elsewhere.',
    ],
    'water-signs': [
      { dry: 84, 'condensation-or-rust': 12, 'wet-now': 4 },
      'Water shorts fixtures and boxes.',
    ],
  },
} as const satisfies CauseFacts;
