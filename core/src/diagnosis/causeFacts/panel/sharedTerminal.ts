import type { CauseFacts } from '../cause/index.ts';

/** Two conductors under a terminal made for one. */
export const SHARED_TERMINAL = {
  gravity: 'damage',
  right: ['separate-conductors'],
  instead: [
    {
      any: [
        ['load-share', 'over-135'],
        ['clamp-current', 'over-135'],
      ],
      then: ['split-circuit', 'separate-conductors'],
      why: 'Two circuits with far too much load for one breaker: a second breaker, or a narrow pair.',
    },
  ],
  commonness: 16,
  why: 'A full panel leads to two conductors under one screw.',
  places: [
    { share: 0.38, path: { handle: 'tripped' } },
    { share: 0.62, path: {} },
  ],
  signs: {
    'reset-result': [
      { holds: 58, 'trips-in-seconds': 2, 'trips-in-minutes': 30, 'trips-after-hours': 10 },
      'Together they may overload it.',
    ],
    'reset-result-unplugged': [
      { holds: 98, 'trips-at-once': 1, 'trips-later': 1 },
      'Without loads it holds.',
    ],
    'power-after-reset': [{ restored: 92, 'still-dead': 8 }, 'The circuits are sound.'],
    'terminal-inspection': [
      {
        'clean-and-tight': 2,
        loose: 4,
        'discoloured-or-melted': 3,
        corroded: 1,
        'two-wires-one-terminal': 90,
      },
      'Seen with the cover off.',
    ],
    'terminal-temperature': [
      { 'like-peers': 46, '3-to-15-over': 46, 'over-15-over': 8 },
      'One of the two is never quite tight.',
    ],
    'face-temperature': [
      { 'like-neighbours': 68, '3-to-15-over': 27, 'over-15-over': 5 },
      'One of the two is never quite tight.',
    ],
    'load-share': [
      { 'under-80': 26, '80-to-100': 20, '100-to-135': 40, 'over-135': 14 },
      'Two circuits’ load on one breaker.',
    ],
    'clamp-current': [
      { 'under-80': 38, '80-to-100': 25, '100-to-135': 28, 'over-135': 9 },
      'Two circuits’ load on one breaker.',
    ],
    'trip-pattern': [
      { 'many-loads-together': 52, random: 38, 'one-appliance': 8, 'motor-starting': 2 },
      'When both circuits are used.',
    ],
    'recent-change': [{ none: 66, 'new-appliance': 8, 'new-wiring-or-breaker': 26 }, 'A circuit was added.'],
    'panel-touch': [{ cool: 70, warm: 28, hot: 2 }, 'One of the two is never quite tight.'],
    'light-behaviour': [
      { steady: 78, 'dims-on-start': 19, 'flicker-one-circuit': 3 },
      'Two circuits’ loads drop more volts.',
    ],
  },
} as const satisfies CauseFacts;
