import type { CauseFacts } from '../cause/index.ts';

/** The conductor and the fixed load call for a larger breaker than is fitted. */
export const UNDERSIZED_BREAKER = {
  gravity: 'nuisance',
  right: ['size-up'],
  instead: [
    {
      none: [['conductor-vs-breaker', 'wire-has-room']],
      then: [],
      why: 'No rating is changed by a guess: the conductor is looked at first.',
    },
    {
      all: [['conductor-vs-breaker', 'wire-has-room']],
      any: [['water-signs', 'condensation-or-rust', 'wet-now']],
      then: ['dry-and-inspect'],
      why: 'Nothing is enlarged where damp gets at the panel, before it is dry and was looked at.',
    },
  ],
  commonness: 12,
  why: 'Rare: a fixed appliance was changed for a larger one on a conductor that has room.',
  places: [
    { share: 0.57, path: { handle: 'tripped' } },
    { share: 0.43, path: {} },
  ],
  signs: {
    'reset-result': [
      {
        holds: 18,
        'trips-at-once': 1,
        'trips-in-seconds': 4,
        'trips-in-minutes': 58,
        'trips-after-hours': 18,
      },
      'Somewhat too much current takes its time.',
    ],
    'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
    'trip-pattern': [
      { 'one-appliance': 60, 'many-loads-together': 9, 'hot-weather': 18, random: 12, 'motor-starting': 1 },
      'The one fixed appliance.',
    ],
    'trips-on-record': [{ 'first-time': 14, few: 42, 'many-overload': 43 }, 'It trips again and again.'],
    'recent-change': [
      { none: 44, 'new-appliance': 44, 'new-wiring-or-breaker': 12 },
      'The appliance or the breaker is new.',
    ],
    'load-share': [
      { 'under-80': 2, '80-to-100': 12, '100-to-135': 76, 'over-135': 10 },
      'The load it was made for exceeds it.',
    ],
    'clamp-current': [
      { 'under-80': 3, '80-to-100': 12, '100-to-135': 76, 'over-135': 9 },
      'The load it was made for exceeds it.',
    ],
    'conductor-vs-breaker': [
      { matched: 5, 'wire-too-small': 0.5, 'wire-has-room': 94 },
      'The conductor would carry more: that is the point.',
    ],
    'trip-vs-curve': [
      { 'within-band': 95, 'too-early': 3, 'too-late-or-never': 2 },
      'A sound breaker opens within its window.',
    ],
    'panel-touch': [{ cool: 78, warm: 21, hot: 1 }, 'A breaker at its limit is warm.'],
  },
} as const satisfies CauseFacts;
