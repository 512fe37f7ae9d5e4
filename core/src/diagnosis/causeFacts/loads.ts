import type { CauseId } from '../../facts/vocabulary/index.ts';
import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayTemperature } from '../../facts/quantities/index.ts';
import type { CauseFacts, Signs } from './cause.ts';

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
  },
  /** A short or leakage inside something connected. */
  'appliance-fault': {
    gravity: 'damage',
    right: ['repair-appliance'],
    commonness: 120,
    why: 'Cords, heating elements and motors wear; most faults on a circuit are in what is plugged into it.',
    places: [
      { share: 0.78, path: { handle: 'tripped' } },
      { share: 0.22, path: {} },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 86, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 10 },
        'Into a short it may not stay latched.',
      ],
      'reset-result': [
        {
          holds: 14,
          'trips-at-once': 66,
          'trips-in-seconds': 15,
          'trips-in-minutes': 4,
          'trips-after-hours': 1,
        },
        'A short in something plugged in trips it as soon as it is on.',
      ],
      'reset-result-unplugged': [
        { holds: 97, 'trips-at-once': 2, 'trips-later': 1 },
        'With the thing unplugged the fault is gone.',
      ],
      'power-after-reset': [
        { restored: 82, 'still-dead': 18 },
        'Without the appliance the circuit is sound.',
      ],
      'trip-pattern': [
        { 'one-appliance': 82, 'many-loads-together': 3, 'motor-starting': 5, 'wet-weather': 1, random: 9 },
        'It trips when that one thing is used.',
      ],
      'trips-on-record': [
        { 'first-time': 42, few: 24, 'many-overload': 2, 'after-dead-short': 32 },
        'A short is a dead one as a rule.',
      ],
      smell: [{ none: 97, 'hot-plastic': 3 }, 'The appliance may have burnt.'],
      'recent-change': [
        { none: 62, 'new-appliance': 34, 'new-wiring-or-breaker': 2, 'digging-or-drilling': 2 },
        'New, or newly dragged out.',
      ],
      'appliance-check': [{ 'trips-there-too': 90, 'fine-there': 10 }, 'It takes its fault with it.'],
      'trip-vs-curve': [
        { 'within-band': 97, 'too-early': 2, 'too-late-or-never': 1 },
        'A short opens it at once, as it should.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'Any breaker trips on it.',
      ],
      'test-button': [
        { 'trips-and-resets': 52, 'does-not-trip': 1, 'will-not-reset': 5, 'no-button': 42 },
        'Leakage keeps a GFCI or AFCI breaker from resetting.',
      ],
      'button-after-fitting': [
        { holds: 10, 'trips-as-soon-as-loaded': 6, 'not-newly-fitted': 84 },
        'What is plugged in may be what trips it when loaded.',
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
      'appliance-check': [
        { 'trips-there-too': 42, 'fine-there': 58 },
        'On another breaker it may just pass.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 60, '3-to-6-percent': 30, 'over-6-percent': 10 },
        'A long run makes starts slower.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 90, 'fault-stays-with-breaker': 10 },
        'Another breaker is a little more patient at best.',
      ],
    },
  },
  /** Heat from neighbours or the room lowers the trip point of a sound breaker. */
  'hot-surroundings': {
    gravity: 'nuisance',
    right: ['cool-surroundings', 'shed-load'],
    commonness: 24,
    why: 'A panel in the sun or beside a boiler, or loaded breakers side by side.',
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
        'Heat from outside takes off some percent: it opens as slowly as any breaker near its limit.',
      ],
      'reset-result-unplugged': [
        { holds: 97, 'trips-at-once': 1, 'trips-later': 2 },
        'Without load the warmth alone does not open it.',
      ],
      'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
      'trip-pattern': [
        { 'hot-weather': 68, 'many-loads-together': 12, random: 18, 'one-appliance': 2 },
        'On hot days, in the afternoon.',
      ],
      'panel-touch': [{ cool: 12, warm: 83, hot: 4 }, 'The whole panel is warm.'],
      'face-temperature': [
        { 'like-neighbours': 78, '3-to-15-over': 20, 'over-15-over': 2 },
        'All are warm together.',
      ],
      'terminal-temperature': [
        { 'like-peers': 88, '3-to-15-over': 11, 'over-15-over': 1 },
        'All are warm together.',
      ],
      'load-share': [
        { 'under-80': 7, '80-to-100': 66, '100-to-135': 26, 'over-135': 1 },
        `A load it would carry in a cool room, but not much less: air of ${sayTemperature(40)} takes off 7 %.`,
      ],
      'clamp-current': [
        { 'under-80': 12, '80-to-100': 64, '100-to-135': 23, 'over-135': 1 },
        `A load it would carry in a cool room, but not much less: air of ${sayTemperature(40)} takes off 7 %.`,
      ],
      'trip-vs-curve': [
        { 'within-band': 36, 'too-early': 63, 'too-late-or-never': 1 },
        `Held against ${sayTemperature(25)} it comes too early.`,
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 50, 'fault-stays-with-breaker': 50 },
        'Heat takes as much off every breaker there, but another one may open later in its band and hold.',
      ],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
