import type { CauseFacts } from '../cause/index.ts';

/** Current leaking to ground through damp or damaged insulation, seen by a ground-fault unit. */
export const GROUND_LEAKAGE = {
  gravity: 'damage',
  right: ['repair-wiring', 'dry-and-inspect'],
  commonness: 42,
  why: 'Outdoor outlets, damp boxes and old heating elements, on circuits with a GFCI breaker.',
  places: [
    { share: 0.68, path: { handle: 'tripped' } },
    { share: 0.08, path: { device: 'tripped' } },
    { share: 0.24, path: {} },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 84, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 12 },
      'While it leaks the breaker may not stay on.',
    ],
    'reset-result': [
      {
        holds: 22,
        'trips-at-once': 58,
        'trips-in-seconds': 9,
        'trips-in-minutes': 7,
        'trips-after-hours': 4,
      },
      'As soon as it leaks again.',
    ],
    'reset-result-unplugged': [
      { holds: 28, 'trips-at-once': 56, 'trips-later': 16 },
      'The wiring leaks with nothing plugged in.',
    ],
    'power-after-reset': [{ restored: 38, 'still-dead': 62 }, 'Once it is dry it works.'],
    'trip-pattern': [
      { 'wet-weather': 58, random: 26, 'one-appliance': 10, 'many-loads-together': 3, 'hot-weather': 3 },
      'Rain, dew, cleaning.',
    ],
    'trips-on-record': [
      { 'first-time': 34, few: 58, 'many-overload': 3, 'after-dead-short': 5 },
      'It comes and goes with the damp.',
    ],
    'water-signs': [
      { dry: 74, 'condensation-or-rust': 20, 'wet-now': 6 },
      'Where it is damp at the panel it is damp elsewhere; as a rule it is damp elsewhere only.',
    ],
    'test-button': [
      { 'trips-and-resets': 72, 'does-not-trip': 1, 'will-not-reset': 26, 'no-button': 1 },
      'It is a GFCI or AFCI breaker, and it works.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 9, 'under-1-megohm': 77, 'near-zero': 14 },
      'That is what leakage reads.',
    ],
    'load-wire-lifted': [{ holds: 98, trips: 2 }, 'Without its wiring the breaker holds.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
      'Any such breaker trips on it.',
    ],
    'load-share': [{ 'under-80': 88, '80-to-100': 9, '100-to-135': 2 }, 'It trips under a light load.'],
    'clamp-current': [{ 'under-80': 88, '80-to-100': 9, '100-to-135': 2 }, 'It trips under a light load.'],
    'button-after-fitting': [
      { holds: 12, 'trips-as-soon-as-loaded': 8, 'not-newly-fitted': 80 },
      'A new breaker sees what the old one did not.',
    ],
    'appliance-check': [{ 'trips-there-too': 5, 'fine-there': 95 }, 'The wiring leaks, not the appliance.'],
    'recent-change': [
      { none: 76, 'new-appliance': 8, 'new-wiring-or-breaker': 10, 'digging-or-drilling': 6 },
      'As a rule nothing but the weather.',
    ],
    'trip-vs-curve': [
      { 'within-band': 22, 'too-early': 77, 'too-late-or-never': 1 },
      'Heat has nothing to do with it.',
    ],
  },
} as const satisfies CauseFacts;
