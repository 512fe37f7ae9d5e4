import { SOUND_FEEDER } from '../../path/index.ts';
import type { CauseFacts } from '../cause/index.ts';

/** A feeder breaker, sub-panel feed or the main has opened. */
export const UPSTREAM_OPEN = {
  gravity: 'nuisance',
  right: ['reset-other-device'],
  instead: [
    {
      any: [
        ['insulation-resistance', 'under-1-megohm', 'near-zero'],
        ['recent-change', 'digging-or-drilling'],
        ['trips-on-record', 'after-dead-short'],
        ['reset-result', 'trips-at-once', 'trips-in-seconds'],
        ['reset-result-unplugged', 'trips-at-once', 'trips-later'],
      ],
      then: ['repair-wiring'],
      why: 'Do not close a feeder on a short: turn off its branches, test the wiring, then turn the branches on one at a time.',
    },
    {
      any: [['water-signs', 'condensation-or-rust', 'wet-now']],
      then: ['dry-and-inspect', 'repair-wiring'],
      why: 'A feeder is not closed on a damp panel.',
    },
  ],
  commonness: 34,
  why: 'The breaker that feeds a sub-panel has opened, or the main.',
  places: [
    { share: 0.44, path: { feeder: { ...SOUND_FEEDER, isClosed: false }, supplyAt: 'sub-panel' } },
    { share: 0.3, path: { feeder: { ...SOUND_FEEDER, isClosed: false } } },
    { share: 0.16, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
    { share: 0.1, path: { feeder: { ...SOUND_FEEDER, isClosed: false }, subject: 'feeder' } },
  ],
  signs: {
    'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'This one holds.'],
    'power-after-reset': [{ restored: 4, 'still-dead': 96 }, 'A reset of this one changes nothing.'],
    'trips-on-record': [
      { 'first-time': 80, few: 17, 'many-overload': 2, 'after-dead-short': 1 },
      'Of this breaker none.',
    ],
    'clamp-current': [{ 'under-80': 99 }, 'Nothing flows.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
      'Another breaker gets nothing either.',
    ],
  },
} as const satisfies CauseFacts;
