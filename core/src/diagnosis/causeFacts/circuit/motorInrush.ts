import type { CauseFacts } from '../cause/index.ts';

/** A starting motor's surge reaches the magnetic trip. */
export const MOTOR_INRUSH = {
  gravity: 'nuisance',
  right: ['shed-load', 'split-circuit'],
  instead: [
    {
      all: [['appliance-check', 'trips-there-too']],
      then: ['repair-appliance', 'shed-load', 'split-circuit'],
      why: 'A motor that trips elsewhere too starts harder than it should.',
    },
  ],
  commonness: 22,
  why: 'Compressors, saws and pumps start with several times their current.',
  places: [
    { share: 0.66, path: { handle: 'tripped' } },
    { share: 0.34, path: {} },
  ],
  signs: {
    'reset-result': [
      { holds: 56, 'trips-at-once': 18, 'trips-in-seconds': 22, 'trips-in-minutes': 3 },
      'It holds until the motor starts.',
    ],
    'reset-result-unplugged': [
      { holds: 98, 'trips-at-once': 1, 'trips-later': 1 },
      'Without the motor there is no surge.',
    ],
    'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
    'trip-pattern': [
      { 'motor-starting': 88, 'one-appliance': 8, random: 3, 'many-loads-together': 1 },
      'At the very moment the motor starts.',
    ],
    'trips-on-record': [
      { 'first-time': 30, few: 56, 'many-overload': 6, 'after-dead-short': 8 },
      'Now and then, not at every start.',
    ],
    'light-behaviour': [
      { steady: 42, 'dims-on-start': 56, 'flicker-one-circuit': 2 },
      'The surge dims the lights, while it starts.',
    ],
    'recent-change': [
      { none: 56, 'new-appliance': 40, 'new-wiring-or-breaker': 4 },
      'A new machine, or one that starts harder with age.',
    ],
    'appliance-check': [{ 'trips-there-too': 42, 'fine-there': 58 }, 'On another breaker it may just pass.'],
    'outlet-sag': [
      { 'under-3-percent': 60, '3-to-6-percent': 30, 'over-6-percent': 10 },
      'A long run makes starts slower.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 90, 'fault-stays-with-breaker': 10 },
      'Another breaker is a little more patient at best.',
    ],
  },
} as const satisfies CauseFacts;
