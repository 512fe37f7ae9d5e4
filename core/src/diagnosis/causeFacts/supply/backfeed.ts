import type { CauseFacts } from '../cause/index.ts';

/** Another source feeds in: generator, solar, battery, a cord between two outlets. */
export const BACKFEED = {
  gravity: 'danger',
  right: ['make-safe-and-call'],
  commonness: 2,
  why: 'A generator, solar panels, a battery or a cord between two outlets feeds in from the load side.',
  places: [
    { share: 0.76, path: {} },
    { share: 0.14, path: { handle: 'off' } },
    { share: 0.1, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
  ],
  signs: {
    'branch-off-check': [
      { 'dead-as-expected': 34, 'still-live': 66 },
      'What feeds in feeds this circuit too, or it does not.',
    ],
    'main-off-check': [
      { 'dead-as-expected': 20, 'still-live': 80 },
      'The main is off, and something behind it feeds.',
    ],
    'recent-change': [
      { none: 34, 'new-appliance': 28, 'new-wiring-or-breaker': 37, 'digging-or-drilling': 1 },
      'A generator, a battery or solar panels are new.',
    ],
    'reset-result': [{ holds: 96, 'trips-at-once': 2 }, 'It need trip nothing.'],
    'power-after-reset': [{ restored: 82, 'still-dead': 18 }, 'Nothing was dead.'],
    'trips-on-record': [{ 'first-time': 88, few: 10, 'many-overload': 1 }, 'It is no tripping complaint.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Another breaker does not stop what feeds in.',
    ],
  },
} as const satisfies CauseFacts;
