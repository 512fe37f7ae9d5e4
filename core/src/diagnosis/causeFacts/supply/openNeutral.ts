import { SOUND_FEEDER } from '../../path/index.ts';
import type { CauseFacts } from '../cause/index.ts';

/** The supply neutral is open or high-resistance: one leg rises while the other falls. */
export const OPEN_NEUTRAL = {
  gravity: 'danger',
  right: ['make-safe-and-call', 'call-utility'],
  commonness: 14,
  why: 'The service neutral corrodes or breaks, at the weatherhead, the meter or the main lug.',
  places: [
    { share: 0.62, path: { service: { own: 'ok', other: 'ok', neutral: 'open' } } },
    { share: 0.34, path: { service: { own: 'ok', other: 'ok', neutral: 'high' } } },
    {
      share: 0.04,
      path: {
        feeder: { ...SOUND_FEEDER, conductors: { own: 'ok', other: 'ok', neutral: 'open' } },
        supplyAt: 'sub-panel',
      },
    },
  ],
  signs: {
    'light-behaviour': [
      {
        steady: 2,
        'dims-on-start': 4,
        'flicker-one-circuit': 1,
        'flicker-whole-house': 17,
        'some-brighter-some-dimmer': 76,
      },
      'As one side dims the other brightens, all over the house.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 8, '3-to-6-percent': 14, 'over-6-percent': 78 },
      'Any load moves it.',
    ],
    'reset-result': [{ holds: 94, 'trips-at-once': 2, 'trips-in-minutes': 2 }, 'It trips nothing.'],
    'power-after-reset': [{ restored: 78, 'still-dead': 22 }, 'Little was dead; a reset changes nothing.'],
    'leg-balance': [{ balanced: 62, unbalanced: 38 }, 'The more uneven, the worse.'],
    'neutral-joint-inspection': [
      { 'clean-and-tight': 78, 'loose-or-burnt': 21, 'on-the-wrong-bar': 1 },
      'The circuit’s own joint is sound.',
    ],
    smell: [{ none: 88, 'hot-plastic': 12 }, 'Too many volts burn appliances.'],
    'recent-change': [
      { none: 82, 'new-appliance': 6, 'new-wiring-or-breaker': 6, 'digging-or-drilling': 6 },
      'Wind and age; now and then digging.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'It is before every breaker.',
    ],
    'trips-on-record': [
      { 'first-time': 91, few: 7, 'many-overload': 1, 'after-dead-short': 1 },
      'A lost neutral trips nothing.',
    ],
  },
} as const satisfies CauseFacts;
