import { LOAD_LIMITS } from '../../../facts/limits/index.ts';
import type { CauseFacts, Signs } from '../cause/index.ts';

const OVER_CONTINUOUS = `A continuous load over ${100 * LOAD_LIMITS.continuousShare} % of the rating.`;

/** A load within the rating that runs for hours: by the code it may be 80 % of the rating at most. */
const CONTINUOUS: Signs = {
  'load-share': [{ 'under-80': 3, '80-to-100': 92, '100-to-135': 5 }, OVER_CONTINUOUS],
  'clamp-current': [{ 'under-80': 3, '80-to-100': 92, '100-to-135': 5 }, OVER_CONTINUOUS],
  'reset-result': [
    { holds: 16, 'trips-at-once': 1, 'trips-in-seconds': 1, 'trips-in-minutes': 22, 'trips-after-hours': 60 },
    'The breaker warms up for hours before it opens.',
  ],
  'trip-pattern': [
    { 'one-appliance': 52, 'many-loads-together': 26, 'hot-weather': 12, random: 10 },
    'One load that runs for hours.',
  ],
  'trip-vs-curve': [
    { 'within-band': 84, 'too-early': 15, 'too-late-or-never': 1 },
    'Close to the limit of a sound breaker.',
  ],
  'appliance-check': [{ 'trips-there-too': 3, 'fine-there': 97 }, 'The appliance is sound.'],
};

/** Connected loads draw more than the circuit is rated for, long enough to trip. */
export const OVERLOAD = {
  gravity: 'nuisance',
  right: ['shed-load', 'split-circuit'],
  instead: [
    {
      all: [['reset-result', 'holds']],
      any: [
        ['load-share', 'under-80'],
        ['clamp-current', 'under-80'],
      ],
      none: [['load-share', '100-to-135', 'over-135']],
      then: ['reset-and-watch', 'shed-load'],
      why: 'What overloaded it is off by now.',
    },
  ],
  commonness: 190,
  why: 'By far the commonest: outlets are many, a circuit carries one heater and a kettle at most.',
  places: [
    { share: 0.6, path: { handle: 'tripped' } },
    { share: 0.28, path: {} },
    { share: 0.08, path: { handle: 'tripped' }, signs: CONTINUOUS },
    { share: 0.04, path: {}, signs: CONTINUOUS },
  ],
  signs: {
    'reset-result': [
      {
        holds: 34,
        'trips-at-once': 1,
        'trips-in-seconds': 6,
        'trips-in-minutes': 42,
        'trips-after-hours': 17,
      },
      'An overload takes minutes to heat the bimetal; with less on it holds.',
    ],
    'reset-result-unplugged': [
      { holds: 98, 'trips-at-once': 0.5, 'trips-later': 1.5 },
      'Without its loads nothing overloads it.',
    ],
    'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
    'trip-pattern': [
      { 'many-loads-together': 72, 'one-appliance': 14, 'hot-weather': 4, random: 8, 'motor-starting': 1 },
      'It trips when everything runs.',
    ],
    'trips-on-record': [
      { 'first-time': 24, few: 42, 'many-overload': 33, 'after-dead-short': 1 },
      'The same loads trip it again.',
    ],
    'panel-touch': [{ cool: 78, warm: 21.5, hot: 0.5 }, 'A loaded breaker is warm.'],
    'light-behaviour': [
      { steady: 74, 'dims-on-start': 20, 'flicker-one-circuit': 3 },
      'A heavy load dims its own circuit a little.',
    ],
    'recent-change': [
      { none: 58, 'new-appliance': 38, 'new-wiring-or-breaker': 3 },
      'Often one thing more was plugged in.',
    ],
    'load-share': [
      { 'under-80': 9, '80-to-100': 8, '100-to-135': 49, 'over-135': 34 },
      'That is what an overload is; measured later, less may be on.',
    ],
    'clamp-current': [
      { 'under-80': 10, '80-to-100': 9, '100-to-135': 49, 'over-135': 32 },
      'That is what an overload is; measured later, less may be on.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 55, '3-to-6-percent': 37, 'over-6-percent': 8 },
      'Much current drops more on the way.',
    ],
    'face-temperature': [
      { 'like-neighbours': 78, '3-to-15-over': 20, 'over-15-over': 2 },
      'More current, more heat; like for its load.',
    ],
    'trip-vs-curve': [
      { 'within-band': 95, 'too-early': 3, 'too-late-or-never': 2 },
      'A sound breaker opens within its window.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
      'Another breaker trips on that load too.',
    ],
    'leg-balance': [{ balanced: 76, unbalanced: 24 }, 'A circuit that carries much weighs on its leg.'],
  },
} as const satisfies CauseFacts;
