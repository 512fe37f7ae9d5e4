import type { CauseFacts } from '../cause/index.ts';

/** One of the two supply legs is dead up to the main. */
export const SUPPLY_LEG_LOST = {
  gravity: 'damage',
  right: ['call-utility'],
  commonness: 18,
  why: 'A service conductor, its joint or the utility’s fuse has opened.',
  places: [
    { share: 0.7, path: { service: { own: 'open', other: 'ok', neutral: 'ok' } } },
    { share: 0.2, path: { service: { own: 'ok', other: 'open', neutral: 'ok' } } },
    { share: 0.1, path: { service: { own: 'high', other: 'ok', neutral: 'ok' } } },
  ],
  signs: {
    'leg-balance': [{ balanced: 12, unbalanced: 88 }, 'One leg carries nothing.'],
    'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'Nothing trips.'],
    'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset changes nothing.'],
    'light-behaviour': [
      {
        steady: 62,
        'dims-on-start': 8,
        'flicker-one-circuit': 2,
        'flicker-whole-house': 26,
        'some-brighter-some-dimmer': 2,
      },
      'Dim where a 240 V load feeds back.',
    ],
    'clamp-current': [{ 'under-80': 98, '80-to-100': 1 }, 'Little flows.'],
    'trips-on-record': [{ 'first-time': 90, few: 9 }, 'It is no tripping complaint.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Another breaker gets nothing either.',
    ],
  },
} as const satisfies CauseFacts;
