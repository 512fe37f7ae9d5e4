import type { CauseFacts } from '../cause/index.ts';

/** Another breaker than thought feeds this circuit: the directory is wrong. */
export const WRONG_BREAKER = {
  gravity: 'damage',
  right: ['correct-directory', 'make-safe-and-call'],
  instead: [
    {
      none: [['branch-off-check', 'still-live']],
      then: [],
      why: 'No directory is rewritten on a guess.',
    },
  ],
  commonness: 11,
  why: 'Some four looks in a hundred find a directory that names the wrong breaker, or a circuit that was extended from another.',
  places: [
    { share: 0.84, path: { fedByOther: 'energized' } },
    { share: 0.16, path: { fedByOther: 'open' } },
  ],
  signs: {
    'branch-off-check': [
      { 'dead-as-expected': 4, 'still-live': 96 },
      'Its outlet is on another breaker, which is on.',
    ],
    'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'It is another breaker’s circuit.'],
    'power-after-reset': [{ restored: 70, 'still-dead': 30 }, 'It is another breaker that was to be reset.'],
    'main-off-check': [{ 'dead-as-expected': 99.5, 'still-live': 0.5 }, 'The main makes it dead.'],
    'clamp-current': [{ 'under-80': 96, '80-to-100': 3 }, 'What runs there does not flow here.'],
    'recent-change': [
      { none: 60, 'new-appliance': 4, 'new-wiring-or-breaker': 35 },
      'Breakers were moved, and the directory was not.',
    ],
    'trips-on-record': [{ 'first-time': 88, few: 10, 'many-overload': 1 }, 'It is no tripping complaint.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Another breaker in this place changes nothing.',
    ],
  },
} as const satisfies CauseFacts;
