import type { CauseId } from '../../facts/vocabulary/index.ts';
import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayTemperature } from '../../facts/quantities/index.ts';
import type { CauseFacts, Signs } from './cause.ts';

const OVER_CONTINUOUS = `The continuous load is over ${100 * LOAD_LIMITS.continuousShare}% of the rating.`;

/** A load within the rating that runs for hours: by the code it may be 80% of the rating at most. */
const CONTINUOUS: Signs = {
  'load-share': [{ 'under-80': 3, '80-to-100': 92, '100-to-135': 5 }, OVER_CONTINUOUS],
  'clamp-current': [{ 'under-80': 3, '80-to-100': 92, '100-to-135': 5 }, OVER_CONTINUOUS],
  'reset-result': [
    { holds: 16, 'trips-at-once': 1, 'trips-in-seconds': 1, 'trips-in-minutes': 22, 'trips-after-hours': 60 },
    'The breaker heats up for hours before it trips.',
  ],
  'trip-pattern': [
    { 'one-appliance': 52, 'many-loads-together': 26, 'hot-weather': 12, random: 10 },
    'One load runs for hours.',
  ],
  'trip-vs-curve': [
    { 'within-band': 84, 'too-early': 15, 'too-late-or-never': 1 },
    'The load is close to the limit of a sound breaker.',
  ],
  'appliance-check': [{ 'trips-there-too': 3, 'fine-there': 97 }, 'The appliance is sound.'],
};

/** What is connected, and what the breaker’s surroundings do to it. */
export const LOAD_CAUSES = {
  /** Connected loads draw more than the circuit is rated for, long enough to trip. */
  overload: {
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
        why: 'The loads that tripped it have probably been turned off.',
      },
    ],
    commonness: 190,
    why: 'By far the most common cause: a circuit has many outlets, but it can carry only one space heater and little else.',
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
        'An overload takes minutes to heat the thermal element. With less load, the breaker holds.',
      ],
      'reset-result-unplugged': [
        { holds: 98, 'trips-at-once': 0.5, 'trips-later': 1.5 },
        'With its loads unplugged there is no overload.',
      ],
      'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
      'trip-pattern': [
        { 'many-loads-together': 72, 'one-appliance': 14, 'hot-weather': 4, random: 8, 'motor-starting': 1 },
        'The breaker trips when everything runs.',
      ],
      'trips-on-record': [
        { 'first-time': 24, few: 42, 'many-overload': 33, 'after-dead-short': 1 },
        'The same loads trip it again.',
      ],
      'panel-touch': [{ cool: 78, warm: 21.5, hot: 0.5 }, 'A loaded breaker is warm.'],
      'light-behaviour': [
        { steady: 74, 'dims-on-start': 20, 'flicker-one-circuit': 3 },
        'A large load dims the lights on its circuit slightly.',
      ],
      'recent-change': [
        { none: 58, 'new-appliance': 38, 'new-wiring-or-breaker': 3 },
        'Often one more appliance was plugged in.',
      ],
      'load-share': [
        { 'under-80': 9, '80-to-100': 8, '100-to-135': 49, 'over-135': 34 },
        'A current above the rating is an overload. A later reading may show less load.',
      ],
      'clamp-current': [
        { 'under-80': 10, '80-to-100': 9, '100-to-135': 49, 'over-135': 32 },
        'A current above the rating is an overload. A later reading may show less load.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 55, '3-to-6-percent': 37, 'over-6-percent': 8 },
        'More current causes more voltage drop.',
      ],
      'face-temperature': [
        { 'like-neighbours': 78, '3-to-15-over': 20, 'over-15-over': 2 },
        'More current makes more heat, normal for this load.',
      ],
      'trip-vs-curve': [
        { 'within-band': 95, 'too-early': 3, 'too-late-or-never': 2 },
        'The breaker tripped within the range of a sound breaker.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'Another breaker trips under that load too.',
      ],
      'leg-balance': [
        { balanced: 76, unbalanced: 24 },
        'A heavily loaded circuit adds to the load of its leg.',
      ],
    },
  },
  /** A short or leakage inside something connected. */
  'appliance-fault': {
    gravity: 'damage',
    right: ['repair-appliance'],
    commonness: 120,
    why: 'Cords, heating elements and motors wear out. Most faults on a circuit are in the appliances.',
    places: [
      { share: 0.78, path: { handle: 'tripped' } },
      { share: 0.22, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 86, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 10 },
        'With a short circuit, the breaker may not latch.',
      ],
      'reset-result': [
        {
          holds: 14,
          'trips-at-once': 66,
          'trips-in-seconds': 15,
          'trips-in-minutes': 4,
          'trips-after-hours': 1,
        },
        'A shorted appliance trips the breaker as soon as it is on.',
      ],
      'reset-result-unplugged': [
        { holds: 97, 'trips-at-once': 2, 'trips-later': 1 },
        'With the appliance unplugged, the fault is gone.',
      ],
      'power-after-reset': [
        { restored: 82, 'still-dead': 18 },
        'Without the appliance, the circuit is sound.',
      ],
      'trip-pattern': [
        { 'one-appliance': 82, 'many-loads-together': 3, 'motor-starting': 5, 'wet-weather': 1, random: 9 },
        'The breaker trips when that appliance is used.',
      ],
      'trips-on-record': [
        { 'first-time': 42, few: 24, 'many-overload': 2, 'after-dead-short': 32 },
        'A fault in an appliance is often a short circuit.',
      ],
      smell: [{ none: 97, 'hot-plastic': 3 }, 'The appliance may be burned.'],
      'recent-change': [
        { none: 62, 'new-appliance': 34, 'new-wiring-or-breaker': 2, 'digging-or-drilling': 2 },
        'The appliance is new, or was just brought out of storage.',
      ],
      'appliance-check': [{ 'trips-there-too': 90, 'fine-there': 10 }, 'The fault moves with the appliance.'],
      'trip-vs-curve': [
        { 'within-band': 97, 'too-early': 2, 'too-late-or-never': 1 },
        'A short circuit trips the breaker immediately, as it should.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'Any breaker trips on this fault.',
      ],
      'test-button': [
        { 'trips-and-resets': 52, 'does-not-trip': 1, 'will-not-reset': 5, 'no-button': 42 },
        'Leakage keeps a GFCI or AFCI breaker from resetting.',
      ],
      'button-after-fitting': [
        { holds: 10, 'trips-as-soon-as-loaded': 6, 'not-newly-fitted': 84 },
        'An appliance may trip the breaker when the appliance runs.',
      ],
    },
  },
  /** A starting motor's surge reaches the magnetic trip. */
  'motor-inrush': {
    gravity: 'nuisance',
    right: ['shed-load', 'split-circuit'],
    instead: [
      {
        all: [['appliance-check', 'trips-there-too']],
        then: ['repair-appliance', 'shed-load', 'split-circuit'],
        why: 'A motor that trips other circuits too has a hard start.',
      },
    ],
    commonness: 22,
    why: 'Compressors, saws and pumps draw several times their running current when they start.',
    places: [
      { share: 0.66, path: { handle: 'tripped' } },
      { share: 0.34, path: {} },
    ],
    signs: {
      'reset-result': [
        { holds: 56, 'trips-at-once': 18, 'trips-in-seconds': 22, 'trips-in-minutes': 3 },
        'The breaker holds until the motor starts.',
      ],
      'reset-result-unplugged': [
        { holds: 98, 'trips-at-once': 1, 'trips-later': 1 },
        'Without the motor there is no inrush.',
      ],
      'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
      'trip-pattern': [
        { 'motor-starting': 88, 'one-appliance': 8, random: 3, 'many-loads-together': 1 },
        'The breaker trips the moment the motor starts.',
      ],
      'trips-on-record': [
        { 'first-time': 30, few: 56, 'many-overload': 6, 'after-dead-short': 8 },
        'The breaker trips occasionally, not at every start.',
      ],
      'light-behaviour': [
        { steady: 42, 'dims-on-start': 56, 'flicker-one-circuit': 2 },
        'The inrush dims the lights while the motor starts.',
      ],
      'recent-change': [
        { none: 56, 'new-appliance': 40, 'new-wiring-or-breaker': 4 },
        'The motor is new, or starts harder with age.',
      ],
      'appliance-check': [
        { 'trips-there-too': 42, 'fine-there': 58 },
        'Another breaker may ride through the motor’s start.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 60, '3-to-6-percent': 30, 'over-6-percent': 10 },
        'A long run makes the motor start more slowly.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 90, 'fault-stays-with-breaker': 10 },
        'Another breaker is only slightly more tolerant.',
      ],
    },
  },
  /** Heat from neighbours or the room lowers the trip point of a sound breaker. */
  'hot-surroundings': {
    gravity: 'nuisance',
    right: ['cool-surroundings', 'shed-load'],
    commonness: 24,
    why: 'A panel in the sun or next to a boiler, or loaded breakers side by side.',
    places: [
      { share: 0.55, path: { handle: 'tripped' } },
      { share: 0.45, path: {} },
    ],
    signs: {
      'reset-result': [
        {
          holds: 45,
          'trips-at-once': 1,
          'trips-in-seconds': 2,
          'trips-in-minutes': 36,
          'trips-after-hours': 16,
        },
        'Outside heat lowers the trip point by a few percent, so the breaker trips slowly, near its limit.',
      ],
      'reset-result-unplugged': [
        { holds: 97, 'trips-at-once': 1, 'trips-later': 2 },
        'Without load, ambient heat alone does not trip it.',
      ],
      'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
      'trip-pattern': [
        { 'hot-weather': 68, 'many-loads-together': 12, random: 18, 'one-appliance': 2 },
        'The breaker trips on hot days, in the afternoon.',
      ],
      'panel-touch': [{ cool: 12, warm: 83, hot: 4 }, 'The whole panel is warm.'],
      'face-temperature': [
        { 'like-neighbours': 78, '3-to-15-over': 20, 'over-15-over': 2 },
        'All breakers are warm together.',
      ],
      'terminal-temperature': [
        { 'like-peers': 88, '3-to-15-over': 11, 'over-15-over': 1 },
        'All breakers are warm together.',
      ],
      'load-share': [
        { 'under-80': 7, '80-to-100': 66, '100-to-135': 26, 'over-135': 1 },
        `The breaker would carry this load in a cool room, but not by much: an ambient of ${sayTemperature(40)} lowers the trip point by 7%.`,
      ],
      'clamp-current': [
        { 'under-80': 12, '80-to-100': 64, '100-to-135': 23, 'over-135': 1 },
        `The breaker would carry this load in a cool room, but not by much: an ambient of ${sayTemperature(40)} lowers the trip point by 7%.`,
      ],
      'trip-vs-curve': [
        { 'within-band': 36, 'too-early': 63, 'too-late-or-never': 1 },
        `Compared with ${sayTemperature(25)} ambient, it trips too early.`,
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 50, 'fault-stays-with-breaker': 50 },
        'Heat lowers the trip point of every breaker there, but another one may trip later in its band and hold.',
      ],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
