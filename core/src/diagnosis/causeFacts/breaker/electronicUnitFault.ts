import type { CauseFacts } from '../cause/index.ts';

/** The electronics of a ground-fault or arc-fault breaker have failed or trip for nothing. */
export const ELECTRONIC_UNIT_FAULT = {
  gravity: 'nuisance',
  right: ['replace-breaker'],
  commonness: 26,
  why: 'Electronics age sooner than bimetals; surges end them.',
  places: [
    { share: 0.62, path: { handle: 'tripped' } },
    { share: 0.38, path: {} },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 62, 'no-off-click': 5, 'hard-or-gritty': 4, 'will-not-latch': 29 },
      'Dead electronics may hold it open.',
    ],
    'reset-result': [
      {
        holds: 26,
        'trips-at-once': 30,
        'trips-in-seconds': 14,
        'trips-in-minutes': 18,
        'trips-after-hours': 12,
      },
      'With or without load, at no certain time.',
    ],
    'reset-result-unplugged': [
      { holds: 34, 'trips-at-once': 38, 'trips-later': 28 },
      'It trips with nothing connected too.',
    ],
    'power-after-reset': [{ restored: 50, 'still-dead': 50 }, 'For a while, if at all.'],
    'trip-pattern': [
      {
        random: 86,
        'one-appliance': 6,
        'many-loads-together': 2,
        'wet-weather': 2,
        'motor-starting': 2,
        'hot-weather': 2,
      },
      'For nothing that anybody sees.',
    ],
    'trips-on-record': [
      { 'first-time': 28, few: 52, 'many-overload': 18, 'after-dead-short': 2 },
      'Again and again.',
    ],
    'test-button': [
      { 'trips-and-resets': 26, 'does-not-trip': 38, 'will-not-reset': 35, 'no-button': 1 },
      'Its button tells.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 96, 'under-1-megohm': 3, 'near-zero': 1 },
      'The circuit is sound.',
    ],
    'load-wire-lifted': [{ holds: 16, trips: 84 }, 'With its circuit lifted it still trips.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 4, 'fault-stays-with-breaker': 96 },
      'The fault goes with the breaker.',
    ],
    'load-share': [{ 'under-80': 86, '80-to-100': 12, '100-to-135': 2 }, 'Load has nothing to do with it.'],
    'trip-vs-curve': [
      { 'within-band': 24, 'too-early': 74, 'too-late-or-never': 2 },
      'Heat has nothing to do with it.',
    ],
    'button-after-fitting': [
      { holds: 12, 'trips-as-soon-as-loaded': 3, 'not-newly-fitted': 85 },
      'As a rule it is not new.',
    ],
    'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
  },
} as const satisfies CauseFacts;
