import { sayTemperature } from '../../facts/quantities/index.ts';
import type { CauseFacts, Signs } from './signs.ts';

/** A load within the rating that runs for hours: by the code it may be 80 % of the rating at most. */
const CONTINUOUS: Signs = {
  'load-share': [
    { 'under-80': 3, '80-to-100': 92, '100-to-135': 5 },
    'A continuous load over 80 % of the rating.',
  ],
  'clamp-current': [
    { 'under-80': 3, '80-to-100': 92, '100-to-135': 5 },
    'A continuous load over 80 % of the rating.',
  ],
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

/** Causes in what is connected, or in the air around the breaker. The breaker does its work. */
export const LOAD_CAUSES = {
  overload: {
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
  'appliance-fault': {
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
  'undersized-breaker': {
    commonness: 12,
    why: 'Rare: a fixed appliance was changed for a larger one on a conductor that has room.',
    places: [
      { share: 0.57, path: { handle: 'tripped' } },
      { share: 0.43, path: {} },
    ],
    signs: {
      'reset-result': [
        {
          holds: 18,
          'trips-at-once': 1,
          'trips-in-seconds': 4,
          'trips-in-minutes': 58,
          'trips-after-hours': 18,
        },
        'Somewhat too much current takes its time.',
      ],
      'power-after-reset': [{ restored: 95, 'still-dead': 5 }, 'The circuit itself is sound.'],
      'trip-pattern': [
        { 'one-appliance': 60, 'many-loads-together': 9, 'hot-weather': 18, random: 12, 'motor-starting': 1 },
        'The one fixed appliance.',
      ],
      'trips-on-record': [{ 'first-time': 14, few: 42, 'many-overload': 43 }, 'It trips again and again.'],
      'recent-change': [
        { none: 44, 'new-appliance': 44, 'new-wiring-or-breaker': 12 },
        'The appliance or the breaker is new.',
      ],
      'load-share': [
        { 'under-80': 2, '80-to-100': 12, '100-to-135': 76, 'over-135': 10 },
        'The load it was made for exceeds it.',
      ],
      'clamp-current': [
        { 'under-80': 3, '80-to-100': 12, '100-to-135': 76, 'over-135': 9 },
        'The load it was made for exceeds it.',
      ],
      'conductor-vs-breaker': [
        { matched: 5, 'wire-too-small': 0.5, 'wire-has-room': 94 },
        'The conductor would carry more: that is the point.',
      ],
      'trip-vs-curve': [
        { 'within-band': 95, 'too-early': 3, 'too-late-or-never': 2 },
        'A sound breaker opens within its window.',
      ],
      'panel-touch': [{ cool: 78, warm: 21, hot: 1 }, 'A breaker at its limit is warm.'],
    },
  },
  'motor-inrush': {
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
  'hot-surroundings': {
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
  'device-failed': {
    commonness: 60,
    why: 'Lamps, switches, outlets and appliances die by themselves.',
    places: [
      { share: 0.85, path: { applianceFailed: true } },
      { share: 0.15, path: { applianceFailed: true, wiring: { hot: 'open', neutral: 'ok', from: 'end' } } },
    ],
    signs: {
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'Nothing trips it.'],
      'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset changes nothing.'],
      'trips-on-record': [
        { 'first-time': 88, few: 10, 'many-overload': 1, 'after-dead-short': 1 },
        'It is no tripping complaint.',
      ],
      'appliance-check': [
        { 'trips-there-too': 1, 'fine-there': 99 },
        'It trips nothing; it is dead there too.',
      ],
    },
  },
  'no-fault': {
    commonness: 200,
    why: 'Many complaints clear up on their own: a voltage surge from the utility, a bumped handle, a lamp that warmed up, a routine check.',
    places: [
      { share: 0.91, path: {} },
      { share: 0.05, path: { handle: 'tripped' } },
      { share: 0.04, path: { handle: 'off' } },
    ],
    signs: {
      'reset-feel': [
        { 'clean-clicks': 97, 'no-off-click': 1.5, 'hard-or-gritty': 0.4 },
        'It works as it should.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.3, 'trips-in-minutes': 0.5 }, 'It holds.'],
      'reset-result-unplugged': [{ holds: 99, 'trips-at-once': 0.2 }, 'It holds.'],
      'power-after-reset': [{ restored: 96, 'still-dead': 4 }, 'All of it works.'],
      'trips-on-record': [
        { 'first-time': 92, few: 6, 'many-overload': 0.5, 'after-dead-short': 1.5 },
        'Once, or never.',
      ],
      'trip-pattern': [
        {
          random: 72,
          'one-appliance': 7,
          'many-loads-together': 5,
          'motor-starting': 3,
          'wet-weather': 7,
          'hot-weather': 6,
        },
        'It comes with nothing.',
      ],
      'light-behaviour': [
        { steady: 93, 'dims-on-start': 6, 'flicker-one-circuit': 0.5, 'flicker-whole-house': 0.4 },
        'The lights are steady now.',
      ],
      sound: [{ quiet: 92, 'steady-hum': 7.8 }, 'A hum is a transformer’s.'],
      smell: [{ none: 99.7, 'hot-plastic': 0.3 }, 'Nothing smells.'],
      'panel-touch': [{ cool: 91, warm: 8.9 }, 'A little warmth is no fault.'],
      'water-signs': [{ dry: 98.5, 'condensation-or-rust': 1.4 }, 'It is dry.'],
      'load-share': [
        { 'under-80': 84, '80-to-100': 14.5, '100-to-135': 1.3 },
        'The load is within the rating.',
      ],
      'clamp-current': [
        { 'under-80': 86, '80-to-100': 12.5, '100-to-135': 1.3 },
        'The load is within the rating.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 88, '3-to-6-percent': 11.5, 'over-6-percent': 0.4 },
        'No joint drops volts.',
      ],
      'outlet-wiring': [
        { correct: 98, 'open-ground': 1, reversed: 0.6, 'open-neutral': 0.2 },
        'It is wired as it should be.',
      ],
      'terminal-temperature': [{ 'like-peers': 95, '3-to-15-over': 4.9 }, 'Its joint is like the others.'],
      'face-temperature': [{ 'like-neighbours': 92, '3-to-15-over': 7.9 }, 'Its face is like the others.'],
      'millivolt-drop': [{ 'like-peers': 97, raised: 2.8 }, 'Its contacts are sound.'],
      'terminal-inspection': [{ 'clean-and-tight': 99.4, loose: 0.3, corroded: 0.2 }, 'Its screw is tight.'],
      'stab-inspection': [{ clean: 99.7, 'pitted-or-burnt': 0.2 }, 'Its stab is clean.'],
      'insulation-resistance': [{ 'over-1-megohm': 99, 'under-1-megohm': 0.9 }, 'Its insulation is sound.'],
      'conductor-vs-breaker': [
        { matched: 96.5, 'wire-has-room': 3.3, 'wire-too-small': 0.1 },
        'The rating suits the conductor.',
      ],
      'trip-vs-curve': [
        { 'within-band': 98.5, 'too-early': 1.2, 'too-late-or-never': 0.15 },
        'It opened as a sound breaker does.',
      ],
      'test-button': [
        { 'trips-and-resets': 49.6, 'does-not-trip': 0.2, 'will-not-reset': 0.2, 'no-button': 50 },
        'Its button works.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 97, 'fault-stays-with-breaker': 3 },
        'A new one behaves no otherwise.',
      ],
      'appliance-check': [{ 'trips-there-too': 0.8, 'fine-there': 99.2 }, 'Nothing plugged in is faulty.'],
      'leg-balance': [{ balanced: 90, unbalanced: 10 }, 'The legs share the load.'],
      'branch-off-check': [{ 'dead-as-expected': 99.8, 'still-live': 0.15 }, 'It opens.'],
    },
  },
} satisfies Record<string, CauseFacts>;
