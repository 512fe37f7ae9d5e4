import type { CauseId } from '../../facts/vocabulary/index.ts';
import { SOUND_FEEDER } from '../path/index.ts';
import type { CauseFacts } from './cause.ts';

/** What comes in, or no longer does. */
export const SUPPLY_CAUSES = {
  /** One of the two supply legs is dead up to the main. */
  'supply-leg-lost': {
    gravity: 'damage',
    right: ['call-utility'],
    commonness: 18,
    why: 'A service conductor, its connection or the utility’s fuse has opened.',
    places: [
      { share: 0.7, path: { service: { own: 'open', other: 'ok', neutral: 'ok' } } },
      { share: 0.2, path: { service: { own: 'ok', other: 'open', neutral: 'ok' } } },
      { share: 0.1, path: { service: { own: 'high', other: 'ok', neutral: 'ok' } } },
    ],
    signs: {
      'leg-balance': [{ balanced: 12, unbalanced: 88 }, 'One leg is dead.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'A lost leg does not trip a breaker.'],
      'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset does not help.'],
      'light-behaviour': [
        {
          steady: 62,
          'dims-on-start': 8,
          'flicker-one-circuit': 2,
          'flicker-whole-house': 26,
          'some-brighter-some-dimmer': 2,
        },
        'Lights are dim where a 240 V load backfeeds the dead leg.',
      ],
      'clamp-current': [{ 'under-80': 98, '80-to-100': 1 }, 'Very little current flows.'],
      'trips-on-record': [{ 'first-time': 90, few: 9 }, 'A lost leg does not cause trips.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker has no voltage either.',
      ],
    },
  },
  /** The supply neutral is open or high-resistance: one leg rises while the other falls. */
  'open-neutral': {
    gravity: 'danger',
    right: ['make-safe-and-call', 'call-utility'],
    commonness: 14,
    why: 'The service neutral corrodes or breaks at the weatherhead, the meter or the main lug.',
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
        'One side dims while the other gets brighter, throughout the house.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 8, '3-to-6-percent': 14, 'over-6-percent': 78 },
        'Any load in the house changes the voltage.',
      ],
      'reset-result': [
        { holds: 94, 'trips-at-once': 2, 'trips-in-minutes': 2 },
        'An open neutral does not trip a breaker.',
      ],
      'power-after-reset': [
        { restored: 78, 'still-dead': 22 },
        'Little or nothing was dead, and a reset changes nothing.',
      ],
      'leg-balance': [
        { balanced: 62, unbalanced: 38 },
        'Voltages shift further as the load becomes less even.',
      ],
      'neutral-joint-inspection': [
        { 'clean-and-tight': 78, 'loose-or-burnt': 21, 'on-the-wrong-bar': 1 },
        'The circuit’s own connection is sound.',
      ],
      smell: [{ none: 88, 'hot-plastic': 12 }, 'Over-voltage burns out appliances.'],
      'recent-change': [
        { none: 82, 'new-appliance': 6, 'new-wiring-or-breaker': 6, 'digging-or-drilling': 6 },
        'Wind, age and sometimes digging damage the service conductors.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'The fault is upstream of every breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 91, few: 7, 'many-overload': 1, 'after-dead-short': 1 },
        'An open neutral does not trip a breaker.',
      ],
    },
  },
  /** The utility's supply is out: the whole street or service is dead. */
  'supply-outage': {
    gravity: 'nuisance',
    right: ['wait-for-supply'],
    instead: [
      {
        all: [['neighbours-power', 'on']],
        then: ['call-utility', 'wait-for-supply'],
        why: 'The neighborhood has power, so only this service is affected.',
      },
    ],
    commonness: 44,
    why: 'Storms, a utility pole hit by a vehicle, planned work.',
    places: [
      { share: 0.88, path: { street: false } },
      { share: 0.12, path: { service: { own: 'open', other: 'open', neutral: 'ok' } } },
    ],
    signs: {
      'power-after-reset': [{ restored: 1, 'still-dead': 99 }, 'A reset does not help.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'An outage does not trip a breaker.'],
      'clamp-current': [{ 'under-80': 99 }, 'No current flows.'],
      'trips-on-record': [{ 'first-time': 90, few: 9 }, 'An outage does not cause trips.'],
      'trip-pattern': [
        { random: 72, 'wet-weather': 20, 'hot-weather': 6 },
        'Storms and heat waves cause outages.',
      ],
      'light-behaviour': [
        { steady: 80, 'dims-on-start': 2, 'flicker-whole-house': 17 },
        'The lights may have flickered before the outage.',
      ],
    },
  },
  /** A feeder breaker, sub-panel feed or the main has opened. */
  'upstream-open': {
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
        why: 'Do not close a feeder on a short circuit. Turn off its branches, test the wiring, then turn the branches on one at a time.',
      },
      {
        any: [['water-signs', 'condensation-or-rust', 'wet-now']],
        then: ['dry-and-inspect', 'repair-wiring'],
        why: 'A feeder must not be closed on a damp panel.',
      },
    ],
    commonness: 34,
    why: 'The breaker that feeds the subpanel has tripped, or the main has.',
    places: [
      { share: 0.44, path: { feeder: { ...SOUND_FEEDER, isClosed: false }, supplyAt: 'sub-panel' } },
      { share: 0.3, path: { feeder: { ...SOUND_FEEDER, isClosed: false } } },
      { share: 0.16, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
      { share: 0.1, path: { feeder: { ...SOUND_FEEDER, isClosed: false }, subject: 'feeder' } },
    ],
    signs: {
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'This breaker holds.'],
      'power-after-reset': [{ restored: 4, 'still-dead': 96 }, 'Resetting this breaker changes nothing.'],
      'trips-on-record': [
        { 'first-time': 80, few: 17, 'many-overload': 2, 'after-dead-short': 1 },
        'This breaker has no danger sign.',
      ],
      'clamp-current': [{ 'under-80': 99 }, 'No current flows.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker has no voltage either.',
      ],
    },
  },
  /** Another source feeds in: generator, solar, battery, a cord between two outlets. */
  backfeed: {
    gravity: 'danger',
    right: ['make-safe-and-call'],
    commonness: 2,
    why: 'A generator, solar panels, a battery or a cord between two outlets feeds the load side.',
    places: [
      { share: 0.76, path: {} },
      { share: 0.14, path: { handle: 'off' } },
      { share: 0.1, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
    ],
    signs: {
      'branch-off-check': [
        { 'dead-as-expected': 34, 'still-live': 66 },
        'The backfeed may or may not reach this circuit.',
      ],
      'main-off-check': [
        { 'dead-as-expected': 20, 'still-live': 80 },
        'The main is off, and another source feeds the load side.',
      ],
      'recent-change': [
        { none: 34, 'new-appliance': 28, 'new-wiring-or-breaker': 37, 'digging-or-drilling': 1 },
        'A generator, a battery or solar panels are new.',
      ],
      'reset-result': [{ holds: 96, 'trips-at-once': 2 }, 'Backfeed does not have to trip anything.'],
      'power-after-reset': [{ restored: 82, 'still-dead': 18 }, 'Nothing was dead before the reset.'],
      'trips-on-record': [
        { 'first-time': 88, few: 10, 'many-overload': 1 },
        'Backfeed does not cause trips.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker does not stop backfeed.',
      ],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
