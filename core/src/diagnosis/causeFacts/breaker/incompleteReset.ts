import type { CauseFacts } from '../cause/index.ts';

/** Tripped or half-tripped though it looks on, or never pushed fully off before on; includes one half of a linked pair. */
export const INCOMPLETE_RESET = {
  gravity: 'nuisance',
  right: ['complete-reset', 'reset-and-watch'],
  instead: [
    {
      any: [
        ['power-after-reset', 'restored'],
        ['reset-result', 'holds'],
      ],
      none: [
        ['power-after-reset', 'still-dead'],
        ['reset-feel', 'no-off-click', 'hard-or-gritty', 'will-not-latch'],
      ],
      then: ['reset-and-watch', 'complete-reset'],
      why: 'The reset has been done, and it holds: what is left is to watch it.',
    },
    {
      any: [['water-signs', 'condensation-or-rust', 'wet-now']],
      then: ['dry-and-inspect'],
      why: 'Nothing is switched on again where damp gets at the panel, before it is dry and was looked at.',
    },
  ],
  commonness: 130,
  why: 'Most failed resets never reached off, and a tripped handle may look on.',
  places: [
    { share: 0.74, path: { handle: 'half' } },
    { share: 0.21, path: { handle: 'tripped' } },
    { share: 0.05, path: { handle: 'off' } },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 38, 'no-off-click': 58, 'hard-or-gritty': 1, 'will-not-latch': 3 },
      'It never clicked at off; done right, it does.',
    ],
    'reset-result': [
      { holds: 95, 'trips-at-once': 1.5, 'trips-in-minutes': 2 },
      'Reset all the way, it holds.',
    ],
    'reset-result-unplugged': [{ holds: 98, 'trips-at-once': 1 }, 'Reset all the way, it holds.'],
    'power-after-reset': [{ restored: 92, 'still-dead': 8 }, 'Reset all the way, the power is back.'],
    'trips-on-record': [
      { 'first-time': 86, few: 11, 'many-overload': 1, 'after-dead-short': 2 },
      'Something tripped it once.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 60, 'fault-stays-with-breaker': 40 },
      'Another breaker, switched on properly, simply works.',
    ],
    'load-share': [
      { 'under-80': 78, '80-to-100': 17, '100-to-135': 4, 'over-135': 1 },
      'Nothing overloads it now.',
    ],
    'clamp-current': [
      { 'under-80': 88, '80-to-100': 9, '100-to-135': 2 },
      'Nothing flows, or the usual once it is reset.',
    ],
    'trip-pattern': [
      {
        random: 66,
        'one-appliance': 14,
        'many-loads-together': 14,
        'motor-starting': 2,
        'wet-weather': 2,
        'hot-weather': 2,
      },
      'Once, for a reason that is gone.',
    ],
  },
} as const satisfies CauseFacts;
