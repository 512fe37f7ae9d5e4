import { SOUND_FEEDER } from '../../path/index.ts';
import type { CauseFacts, Signs } from '../cause/index.ts';

/** Contacts that still close, over a high resistance. */
const RESISTIVE_CONTACTS: Signs = {
  'millivolt-drop': [{ 'like-peers': 4, raised: 16, high: 80 }, 'The contacts drop the voltage.'],
  'face-temperature': [
    { 'like-neighbours': 40, '3-to-15-over': 44, 'over-15-over': 16 },
    'The contacts heat the breaker under load.',
  ],
  'power-after-reset': [{ restored: 40, 'still-dead': 60 }, 'The voltage is low, or gone under load.'],
  'outlet-sag': [
    { 'under-3-percent': 10, '3-to-6-percent': 20, 'over-6-percent': 70 },
    'The contacts drop the voltage under load.',
  ],
};

/** Handle is on, no voltage comes out: contacts no longer close. */
export const OPEN_BREAKER = {
  gravity: 'nuisance',
  right: ['replace-breaker'],
  commonness: 26,
  why: 'Burnt or broken contacts no longer close.',
  places: [
    { share: 0.6, path: { contacts: { own: 'open', other: 'open' } } },
    { share: 0.22, path: { contacts: { own: 'open', other: 'ok' } } },
    { share: 0.08, path: { contacts: { own: 'high', other: 'ok' } }, signs: RESISTIVE_CONTACTS },
    { share: 0.03, path: { contacts: { own: 'open', other: 'open' }, handle: 'tripped' } },
    { share: 0.05, path: { feeder: { ...SOUND_FEEDER, own: 'open' }, subject: 'feeder' } },
    {
      share: 0.02,
      path: { feeder: { ...SOUND_FEEDER, own: 'open' }, subject: 'feeder', supplyAt: 'sub-panel' },
    },
    { share: 0.02, path: { feeder: { ...SOUND_FEEDER, own: 'open', other: 'open' }, subject: 'feeder' } },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 85, 'no-off-click': 3, 'hard-or-gritty': 8, 'will-not-latch': 4 },
      'The handle works, the contacts do not.',
    ],
    'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'It stays on, and nothing comes out.'],
    'reset-result-unplugged': [{ holds: 98, 'trips-at-once': 1 }, 'It stays on, and nothing comes out.'],
    'power-after-reset': [
      { restored: 4, 'still-dead': 96 },
      'It stays on, and nothing comes out: the breaker itself.',
    ],
    'clamp-current': [{ 'under-80': 99 }, 'Nothing flows.'],
    'stab-inspection': [{ clean: 94, 'pitted-or-burnt': 6 }, 'Its stab is sound.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
      'The fault goes with the breaker.',
    ],
    'trips-on-record': [
      { 'first-time': 70, few: 15, 'many-overload': 5, 'after-dead-short': 10 },
      'Clearing a short circuit can burn the contacts.',
    ],
    'panel-age': [
      { modern: 44, 'over-40-years': 40, 'family-withdrawn': 16 },
      'Age and trips burn contacts.',
    ],
  },
} as const satisfies CauseFacts;
