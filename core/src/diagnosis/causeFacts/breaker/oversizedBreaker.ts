import type { CauseFacts } from '../cause/index.ts';

/** The breaker's rating exceeds what its conductor may carry. */
export const OVERSIZED_BREAKER = {
  gravity: 'danger',
  right: ['size-down'],
  instead: [
    {
      none: [['conductor-vs-breaker', 'wire-too-small']],
      then: [],
      why: 'No rating is changed by a guess: the conductor is looked at first.',
    },
  ],
  commonness: 10,
  why: 'A larger breaker may have been installed earlier to stop a trip.',
  places: [
    { share: 0.02, path: { handle: 'tripped' } },
    { share: 0.98, path: {} },
  ],
  signs: {
    'reset-result': [{ holds: 97, 'trips-at-once': 1 }, 'It holds more than its conductor may carry.'],
    'conductor-vs-breaker': [
      { matched: 1, 'wire-too-small': 98, 'wire-has-room': 0.5 },
      'That is what oversized means.',
    ],
    'terminal-inspection': [
      {
        'clean-and-tight': 72,
        loose: 5,
        'discoloured-or-melted': 17,
        corroded: 2,
        'two-wires-one-terminal': 4,
      },
      'A conductor that ran hot shows it.',
    ],
    'panel-touch': [{ cool: 74, warm: 24, hot: 2 }, 'The conductor warms it.'],
    'outlet-sag': [
      { 'under-3-percent': 52, '3-to-6-percent': 34, 'over-6-percent': 14 },
      'A thin conductor drops more.',
    ],
    'recent-change': [
      { none: 62, 'new-appliance': 14, 'new-wiring-or-breaker': 24 },
      'The breaker is younger than the wire.',
    ],
    'power-after-reset': [{ restored: 85, 'still-dead': 15 }, 'Nothing was dead.'],
    'trips-on-record': [
      { 'first-time': 82, few: 14, 'many-overload': 3, 'after-dead-short': 1 },
      'It does not trip.',
    ],
    'terminal-temperature': [
      { 'like-peers': 36, '3-to-15-over': 56, 'over-15-over': 8 },
      'A conductor that is too thin heats the screw it comes to.',
    ],
    'face-temperature': [
      { 'like-neighbours': 50, '3-to-15-over': 47, 'over-15-over': 3 },
      'A conductor that is too thin heats the screw it comes to.',
    ],
    'light-behaviour': [
      { steady: 62, 'dims-on-start': 35, 'flicker-one-circuit': 2 },
      'A thin conductor drops volts when something large goes on.',
    ],
  },
} as const satisfies CauseFacts;
