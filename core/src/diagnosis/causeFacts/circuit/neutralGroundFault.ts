import type { CauseFacts } from '../cause/index.ts';

/** A neutral touches ground past a ground-fault or dual unit, or two neutrals are joined: it trips with no load and sound insulation from hot to ground. */
export const NEUTRAL_GROUND_FAULT = {
  gravity: 'damage',
  right: ['repair-neutral', 'repair-wiring'],
  commonness: 12,
  why: 'A bare ground that touches a neutral in a box, or two neutrals joined: only a breaker that watches its neutral sees it.',
  places: [
    { share: 0.76, path: { handle: 'tripped' } },
    { share: 0.24, path: {} },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 72, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 24 },
      'It is thrown off as it closes.',
    ],
    'reset-result': [
      { holds: 5, 'trips-at-once': 76, 'trips-in-seconds': 14, 'trips-in-minutes': 4 },
      'With or without a load.',
    ],
    'reset-result-unplugged': [
      { holds: 9, 'trips-at-once': 76, 'trips-later': 15 },
      'It needs no load: what other circuits return flows through it.',
    ],
    'power-after-reset': [{ restored: 18, 'still-dead': 82 }, 'It does not stay on.'],
    'trip-pattern': [
      { random: 84, 'one-appliance': 6, 'wet-weather': 4, 'many-loads-together': 4, 'motor-starting': 2 },
      'Whatever is plugged in, or nothing.',
    ],
    'trips-on-record': [
      { 'first-time': 56, few: 40, 'many-overload': 1, 'after-dead-short': 3 },
      'It starts after work in a box, or when a wire gets pinched.',
    ],
    'recent-change': [
      { none: 34, 'new-appliance': 4, 'new-wiring-or-breaker': 50, 'digging-or-drilling': 12 },
      'Often after work on an outlet, or with a new GFCI or AFCI breaker.',
    ],
    'button-after-fitting': [
      { holds: 5, 'trips-as-soon-as-loaded': 25, 'not-newly-fitted': 70 },
      'A plain breaker before it never saw it.',
    ],
    'test-button': [
      { 'trips-and-resets': 78, 'does-not-trip': 2, 'will-not-reset': 19, 'no-button': 1 },
      'The breaker itself works.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 46, 'under-1-megohm': 12, 'near-zero': 42 },
      'Sound from hot to ground; from neutral to ground it is not, where that was measured with its neutral lifted.',
    ],
    'load-wire-lifted': [
      { holds: 88, trips: 12 },
      'Without its circuit’s hot and neutral the breaker holds.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 97, 'fault-stays-with-breaker': 3 },
      'Another such breaker trips too.',
    ],
    'neutral-joint-inspection': [
      { 'clean-and-tight': 84, 'loose-or-burnt': 4, 'on-the-wrong-bar': 12 },
      'The neutral is right at the bar and touches ground downstream.',
    ],
    'load-share': [{ 'under-80': 92, '80-to-100': 7, '100-to-135': 1 }, 'It needs no load.'],
    'appliance-check': [
      { 'trips-there-too': 1, 'fine-there': 99 },
      'Everything plugged in is fine elsewhere.',
    ],
    'trip-vs-curve': [
      { 'within-band': 22, 'too-early': 77, 'too-late-or-never': 1 },
      'Heat has nothing to do with it.',
    ],
  },
} as const satisfies CauseFacts;
