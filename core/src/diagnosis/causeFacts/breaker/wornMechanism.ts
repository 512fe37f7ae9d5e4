import type { CauseFacts } from '../cause/index.ts';

/** Will not latch, feels hard or gritty, no clear click. */
export const WORN_MECHANISM = {
  gravity: 'nuisance',
  right: ['replace-breaker'],
  commonness: 32,
  why: 'Springs and latches wear; grit and grease stiffen them.',
  places: [
    { share: 0.78, path: { handle: 'tripped' } },
    { share: 0.12, path: { handle: 'off' } },
    { share: 0.1, path: {} },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 4, 'no-off-click': 13, 'hard-or-gritty': 41, 'will-not-latch': 42 },
      'That is what worn means.',
    ],
    'reset-result': [
      { holds: 42, 'trips-at-once': 44, 'trips-in-seconds': 10, 'trips-in-minutes': 3 },
      'It falls off again, or holds badly; one that is only stiff holds.',
    ],
    'reset-result-unplugged': [
      { holds: 33, 'trips-at-once': 58, 'trips-later': 9 },
      'With nothing connected it still will not stay.',
    ],
    'power-after-reset': [{ restored: 42, 'still-dead': 58 }, 'If it latches at all.'],
    'trip-pattern': [
      { random: 88, 'one-appliance': 4, 'many-loads-together': 4, 'motor-starting': 2 },
      'It has nothing to do with loads.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 97, 'under-1-megohm': 2, 'near-zero': 0.5 },
      'The circuit is sound.',
    ],
    'load-wire-lifted': [{ holds: 20, trips: 80 }, 'With its circuit lifted it still will not stay.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
      'The fault goes with the breaker.',
    ],
    'trips-on-record': [
      { 'first-time': 32, few: 34, 'many-overload': 18, 'after-dead-short': 16 },
      'Every trip wears it.',
    ],
    'panel-age': [{ modern: 32, 'over-40-years': 48, 'family-withdrawn': 20 }, 'Age wears them.'],
    'load-share': [{ 'under-80': 82, '80-to-100': 15, '100-to-135': 3 }, 'Load has nothing to do with it.'],
    'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
    'test-button': [
      { 'trips-and-resets': 32, 'does-not-trip': 2, 'will-not-reset': 16, 'no-button': 50 },
      'A latch that does not catch stays out after the button.',
    ],
  },
} as const satisfies CauseFacts;
