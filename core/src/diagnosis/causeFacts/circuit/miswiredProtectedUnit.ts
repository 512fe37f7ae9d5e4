import type { CauseFacts } from '../cause/index.ts';

/** A ground-fault or arc-fault breaker newly fitted with its neutral on the wrong bar or shared with another circuit. */
export const MISWIRED_PROTECTED_UNIT = {
  gravity: 'nuisance',
  right: ['repair-neutral', 'repair-wiring'],
  commonness: 12,
  why: 'A GFCI or AFCI breaker needs the neutral of its circuit, and of no other.',
  places: [
    { share: 0.75, path: { handle: 'tripped' } },
    { share: 0.25, path: {} },
  ],
  signs: {
    'button-after-fitting': [
      { holds: 2, 'trips-as-soon-as-loaded': 96, 'not-newly-fitted': 2 },
      'It is new, and trips with the first load.',
    ],
    'recent-change': [{ none: 3, 'new-appliance': 2, 'new-wiring-or-breaker': 94 }, 'It is new.'],
    'reset-result': [
      { holds: 8, 'trips-at-once': 62, 'trips-in-seconds': 25, 'trips-in-minutes': 4 },
      'With the first load it sees a difference.',
    ],
    'reset-result-unplugged': [
      { holds: 78, 'trips-at-once': 17, 'trips-later': 5 },
      'Without load nothing flows the wrong way.',
    ],
    'test-button': [
      { 'trips-and-resets': 80, 'does-not-trip': 6, 'will-not-reset': 13, 'no-button': 1 },
      'The breaker itself works.',
    ],
    'neutral-joint-inspection': [
      { 'clean-and-tight': 12, 'loose-or-burnt': 3, 'on-the-wrong-bar': 85 },
      'Its neutral is where it must not be.',
    ],
    'trip-pattern': [
      { random: 58, 'one-appliance': 22, 'many-loads-together': 18, 'motor-starting': 2 },
      'Whatever is switched on.',
    ],
    'trips-on-record': [
      { 'first-time': 62, few: 34, 'many-overload': 2, 'after-dead-short': 2 },
      'Since it was installed.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 95, 'under-1-megohm': 4, 'near-zero': 1 },
      'The insulation is sound.',
    ],
    'load-wire-lifted': [{ holds: 97, trips: 3 }, 'Without its circuit the breaker holds.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 96, 'fault-stays-with-breaker': 4 },
      'Another such breaker, wired so, trips too.',
    ],
    'load-share': [{ 'under-80': 90, '80-to-100': 8, '100-to-135': 1 }, 'A light load is enough.'],
    'trip-vs-curve': [
      { 'within-band': 20, 'too-early': 79, 'too-late-or-never': 1 },
      'Heat has nothing to do with it.',
    ],
    'power-after-reset': [{ restored: 60, 'still-dead': 40 }, 'Until the first load.'],
  },
} as const satisfies CauseFacts;
