import { SOUND_FEEDER } from '../../path/index.ts';
import type { CauseFacts } from '../cause/index.ts';

/** A hot or neutral is open past the breaker: the breaker is fine. */
export const OPEN_WIRING = {
  gravity: 'damage',
  right: ['repair-wiring'],
  commonness: 54,
  why: 'A conductor slipped out, broke or burnt off in an outlet box.',
  places: [
    { share: 0.16, path: { wiring: { hot: 'open', neutral: 'ok', from: 'panel' } } },
    { share: 0.1, path: { wiring: { hot: 'ok', neutral: 'open', from: 'panel' } } },
    { share: 0.3, path: { wiring: { hot: 'open', neutral: 'ok', from: 'middle' } } },
    { share: 0.2, path: { wiring: { hot: 'ok', neutral: 'open', from: 'middle' } } },
    { share: 0.1, path: { wiring: { hot: 'open', neutral: 'ok', from: 'end' } } },
    { share: 0.07, path: { wiring: { hot: 'high', neutral: 'ok', from: 'middle' } } },
    {
      share: 0.025,
      path: {
        feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'open', neutral: 'ok' } },
        supplyAt: 'sub-panel',
      },
    },
    {
      share: 0.025,
      path: {
        feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'open', neutral: 'ok' } },
        supplyAt: 'sub-panel',
        subject: 'feeder',
      },
    },
    {
      share: 0.01,
      path: {
        feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'ok', neutral: 'ok' } },
        supplyAt: 'sub-panel',
      },
    },
    {
      share: 0.01,
      path: {
        feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'ok', neutral: 'ok' } },
        supplyAt: 'sub-panel',
        subject: 'feeder',
      },
    },
  ],
  signs: {
    'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'An open wire trips nothing.'],
    'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset changes nothing.'],
    'outlet-wiring': [
      { correct: 38, 'open-ground': 7, 'open-neutral': 52, reversed: 3 },
      'If it is the neutral, the tester says so.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Another breaker does not mend a wire.',
    ],
    'clamp-current': [{ 'under-80': 97, '80-to-100': 2 }, 'Nothing flows where nothing is connected.'],
    'recent-change': [
      { none: 62, 'new-appliance': 4, 'new-wiring-or-breaker': 22, 'digging-or-drilling': 12 },
      'Recent work on the wiring, or a connection that was always loose.',
    ],
    'trips-on-record': [
      { 'first-time': 90, few: 8, 'many-overload': 1, 'after-dead-short': 1 },
      'It is no tripping complaint.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 97, 'under-1-megohm': 2, 'near-zero': 0.5 },
      'Open is the opposite of short.',
    ],
    'light-behaviour': [
      { steady: 82, 'dims-on-start': 4, 'flicker-one-circuit': 13 },
      'Before it broke it may have flickered.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 30, '3-to-6-percent': 12, 'over-6-percent': 58 },
      'What has nearly parted drops all its volts under load.',
    ],
  },
} as const satisfies CauseFacts;
