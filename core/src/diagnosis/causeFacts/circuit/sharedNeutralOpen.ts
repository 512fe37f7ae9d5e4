import type { CauseFacts } from '../cause/index.ts';

/** The neutral of a multiwire circuit, or its joint on the panel's bar, is open: voltages on that pair swing. */
export const SHARED_NEUTRAL_OPEN = {
  gravity: 'danger',
  right: ['repair-neutral', 'repair-wiring'],
  commonness: 14,
  why: 'Two circuits share a neutral, and its joint has come loose.',
  places: [
    { share: 0.7, path: { sharedNeutral: 'open' } },
    { share: 0.3, path: { sharedNeutral: 'high' } },
  ],
  signs: {
    'light-behaviour': [
      {
        steady: 5,
        'dims-on-start': 5,
        'flicker-one-circuit': 24,
        'flicker-whole-house': 4,
        'some-brighter-some-dimmer': 62,
      },
      'On that pair, and only there, one side brightens as the other dims.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 8, '3-to-6-percent': 12, 'over-6-percent': 80 },
      'Any load moves it.',
    ],
    'outlet-wiring': [
      { correct: 10, 'open-ground': 1, 'open-neutral': 88, reversed: 1 },
      'Its neutral is open.',
    ],
    'neutral-joint-inspection': [
      { 'clean-and-tight': 25, 'loose-or-burnt': 73, 'on-the-wrong-bar': 2 },
      'The neutral is open at the bar, or in a box downstream.',
    ],
    'reset-result': [{ holds: 97, 'trips-at-once': 1 }, 'It trips nothing.'],
    'power-after-reset': [{ restored: 44, 'still-dead': 56 }, 'Little was dead; a reset changes nothing.'],
    'recent-change': [
      { none: 48, 'new-appliance': 6, 'new-wiring-or-breaker': 42, 'digging-or-drilling': 4 },
      'Often after work in the panel.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Another breaker does not mend a neutral.',
    ],
    smell: [{ none: 88, 'hot-plastic': 12 }, 'A loose neutral gets hot.'],
    'trips-on-record': [
      { 'first-time': 91, few: 7, 'many-overload': 1, 'after-dead-short': 1 },
      'A lost neutral trips nothing.',
    ],
  },
} as const satisfies CauseFacts;
