import { SOUND_FEEDER } from '../path/index.ts';
import type { CauseFacts } from './signs.ts';

/** Causes before the breaker, or in another device: it is not this breaker that opened. */
export const SUPPLY_CAUSES = {
  'downstream-device-tripped': {
    commonness: 80,
    why: 'A GFCI outlet in a bathroom, garage or yard has opened, and what it feeds is dead.',
    places: [{ share: 1, path: { device: 'tripped' } }],
    signs: {
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'The breaker holds.'],
      'power-after-reset': [{ restored: 3, 'still-dead': 97 }, 'A reset of the breaker changes nothing.'],
      'water-signs': [{ dry: 88, 'condensation-or-rust': 9, 'wet-now': 3 }, 'Damp made it open.'],
      'trip-pattern': [{ random: 66, 'wet-weather': 20, 'one-appliance': 12 }, 'Damp, or one appliance.'],
      'trips-on-record': [
        { 'first-time': 82, few: 16, 'many-overload': 1, 'after-dead-short': 1 },
        'Of the breaker none.',
      ],
      'clamp-current': [{ 'under-80': 96, '80-to-100': 3 }, 'Little flows.'],
    },
  },
  'upstream-open': {
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
  },
  'supply-leg-lost': {
    commonness: 18,
    why: 'A service conductor, its joint or the utility’s fuse has opened.',
    places: [
      { share: 0.7, path: { service: { own: 'open', other: 'ok', neutral: 'ok' } } },
      { share: 0.2, path: { service: { own: 'ok', other: 'open', neutral: 'ok' } } },
      { share: 0.1, path: { service: { own: 'high', other: 'ok', neutral: 'ok' } } },
    ],
    signs: {
      'leg-balance': [{ balanced: 12, unbalanced: 88 }, 'One leg carries nothing.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'Nothing trips.'],
      'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset changes nothing.'],
      'light-behaviour': [
        {
          steady: 62,
          'dims-on-start': 8,
          'flicker-one-circuit': 2,
          'flicker-whole-house': 26,
          'some-brighter-some-dimmer': 2,
        },
        'Dim where a 240 V load feeds back.',
      ],
      'clamp-current': [{ 'under-80': 98, '80-to-100': 1 }, 'Little flows.'],
      'trips-on-record': [{ 'first-time': 90, few: 9 }, 'It is no tripping complaint.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker gets nothing either.',
      ],
    },
  },
  'open-neutral': {
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
  },
  'supply-outage': {
    commonness: 44,
    why: 'Storms, a pole hit by a car, planned work.',
    places: [
      { share: 0.88, path: { street: false } },
      { share: 0.12, path: { service: { own: 'open', other: 'open', neutral: 'ok' } } },
    ],
    signs: {
      'power-after-reset': [{ restored: 1, 'still-dead': 99 }, 'A reset changes nothing.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'Nothing trips.'],
      'clamp-current': [{ 'under-80': 99 }, 'Nothing flows.'],
      'trips-on-record': [{ 'first-time': 90, few: 9 }, 'It is no tripping complaint.'],
      'trip-pattern': [{ random: 72, 'wet-weather': 20, 'hot-weather': 6 }, 'Storms and heat waves.'],
      'light-behaviour': [
        { steady: 80, 'dims-on-start': 2, 'flicker-whole-house': 17 },
        'It may have flickered before it went.',
      ],
    },
  },
  'main-breaker-fault': {
    commonness: 9,
    why: 'Mains are hardly ever worked; a pole burns or the mechanism seizes.',
    places: [
      { share: 0.36, path: { main: { own: 'open', other: 'ok', isClosed: true } } },
      { share: 0.14, path: { main: { own: 'ok', other: 'open', isClosed: true } } },
      { share: 0.24, path: { main: { own: 'open', other: 'open', isClosed: true } } },
      { share: 0.14, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
      { share: 0.06, path: { main: { own: 'high', other: 'ok', isClosed: true } } },
      { share: 0.06, path: {} },
    ],
    signs: {
      'leg-balance': [{ balanced: 44, unbalanced: 56 }, 'With a pole gone one leg carries nothing.'],
      'main-off-check': [{ 'dead-as-expected': 78, 'still-live': 22 }, 'It may no longer open.'],
      'power-after-reset': [{ restored: 8, 'still-dead': 92 }, 'A reset of the branch changes nothing.'],
      'reset-result': [{ holds: 92, 'trips-at-once': 4, 'trips-in-minutes': 2 }, 'The branch holds.'],
      'panel-age': [{ modern: 30, 'over-40-years': 46, 'family-withdrawn': 24 }, 'Age seizes them.'],
      'panel-touch': [{ cool: 50, warm: 32, hot: 18 }, 'A tired pole cooks.'],
      smell: [{ none: 78, 'hot-plastic': 22 }, 'A bad pole burns.'],
      'terminal-temperature': [
        { 'like-peers': 46, '3-to-15-over': 24, 'over-15-over': 30 },
        'A tired pole heats the lugs beside it.',
      ],
      'face-temperature': [
        { 'like-neighbours': 46, '3-to-15-over': 26, 'over-15-over': 28 },
        'A tired pole heats the face of the main.',
      ],
      'light-behaviour': [
        { steady: 70, 'dims-on-start': 8, 'flicker-whole-house': 20, 'some-brighter-some-dimmer': 1 },
        'A bad pole flickers before it goes.',
      ],
      'reset-feel': [
        { 'clean-clicks': 76, 'no-off-click': 7, 'hard-or-gritty': 11, 'will-not-latch': 6 },
        'It is the main that feels wrong.',
      ],
      'trips-on-record': [{ 'first-time': 82, few: 15 }, 'Of the branch none.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
        'Another branch gets nothing either.',
      ],
    },
  },
  'wrong-breaker': {
    commonness: 11,
    why: 'Some four looks in a hundred find a directory that names the wrong breaker, or a circuit that was extended from another.',
    places: [
      { share: 0.84, path: { fedByOther: 'energized' } },
      { share: 0.16, path: { fedByOther: 'open' } },
    ],
    signs: {
      'branch-off-check': [
        { 'dead-as-expected': 4, 'still-live': 96 },
        'Its outlet is on another breaker, which is on.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'It is another breaker’s circuit.'],
      'power-after-reset': [
        { restored: 70, 'still-dead': 30 },
        'It is another breaker that was to be reset.',
      ],
      'main-off-check': [{ 'dead-as-expected': 99.5, 'still-live': 0.5 }, 'The main makes it dead.'],
      'clamp-current': [{ 'under-80': 96, '80-to-100': 3 }, 'What runs there does not flow here.'],
      'recent-change': [
        { none: 60, 'new-appliance': 4, 'new-wiring-or-breaker': 35 },
        'Breakers were moved, and the directory was not.',
      ],
      'trips-on-record': [{ 'first-time': 88, few: 10, 'many-overload': 1 }, 'It is no tripping complaint.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker in this place changes nothing.',
      ],
    },
  },
  backfeed: {
    commonness: 2,
    why: 'A generator, solar panels, a battery or a cord between two outlets feeds in from the load side.',
    places: [
      { share: 0.76, path: {} },
      { share: 0.14, path: { handle: 'off' } },
      { share: 0.1, path: { main: { own: 'ok', other: 'ok', isClosed: false } } },
    ],
    signs: {
      'branch-off-check': [
        { 'dead-as-expected': 34, 'still-live': 66 },
        'What feeds in feeds this circuit too, or it does not.',
      ],
      'main-off-check': [
        { 'dead-as-expected': 20, 'still-live': 80 },
        'The main is off, and something behind it feeds.',
      ],
      'recent-change': [
        { none: 34, 'new-appliance': 28, 'new-wiring-or-breaker': 37, 'digging-or-drilling': 1 },
        'A generator, a battery or solar panels are new.',
      ],
      'reset-result': [{ holds: 96, 'trips-at-once': 2 }, 'It need trip nothing.'],
      'power-after-reset': [{ restored: 82, 'still-dead': 18 }, 'Nothing was dead.'],
      'trips-on-record': [{ 'first-time': 88, few: 10, 'many-overload': 1 }, 'It is no tripping complaint.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker does not stop what feeds in.',
      ],
    },
  },
} satisfies Record<string, CauseFacts>;
