import type { CauseFacts } from '../cause/index.ts';

/** The utility's supply is out: the whole street or service is dead. */
export const SUPPLY_OUTAGE = {
  gravity: 'nuisance',
  right: ['wait-for-supply'],
  instead: [
    {
      all: [['neighbours-power', 'on']],
      then: ['call-utility', 'wait-for-supply'],
      why: 'The street has power: it is this service alone.',
    },
  ],
  commonness: 44,
  why: 'Storms, a pole hit by a car, planned work.',
  places: [
    { share: 0.88, path: { street: false } },
    { share: 0.12, path: { service: { own: 'open', other: 'open', neutral: 'ok' } } },
  ],
  signs: {
    'power-after-reset': [{ restored: 1, 'still-dead': 99 }, 'A reset changes nothing.'],
    'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'Nothing trips.'],
    'clamp-current': [{ 'under-80': 99 }, 'Nothing flows.'],
    'trips-on-record': [{ 'first-time': 90, few: 9 }, 'It is no tripping complaint.'],
    'trip-pattern': [{ random: 72, 'wet-weather': 20, 'hot-weather': 6 }, 'Storms and heat waves.'],
    'light-behaviour': [
      { steady: 80, 'dims-on-start': 2, 'flicker-whole-house': 17 },
      'It may have flickered before it went.',
    ],
  },
} as const satisfies CauseFacts;
