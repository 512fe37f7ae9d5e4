import type { CauseFacts } from './signs.ts';

/** Causes before the breaker, or in another device: it is not this breaker that opened. */
export const SUPPLY_CAUSES = {
  'downstream-device-tripped': {
    commonness: 80,
    why: 'A GFCI outlet in a bathroom, garage or yard has opened, and what it feeds is dead.',
    signs: {
      'power-loss-extent': [
        { 'part-of-one-circuit': 80, 'one-device': 8, 'one-circuit': 11 },
        'Only what lies behind that outlet.',
      ],
      'handle-position': [{ on: 97, middle: 1, off: 2 }, 'The breaker has not opened.'],
      'handle-finger-test': [{ firm: 97, gives: 3 }, 'The breaker has not opened.'],
      'trip-indicator': [{ shown: 1, 'not-shown': 49, 'no-indicator': 50 }, 'The breaker has not opened.'],
      'downstream-device': [{ tripped: 95, 'not-tripped': 3, 'none-found': 2 }, 'Found with its button out.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'The breaker holds.'],
      'power-after-reset': [{ restored: 3, 'still-dead': 97 }, 'A reset of the breaker changes nothing.'],
      'outlet-voltage': [{ normal: 4, low: 1, zero: 95 }, 'Behind the open device there is nothing.'],
      'load-terminal-voltage': [{ normal: 98, low: 1 }, 'The breaker gives full voltage.'],
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
    signs: {
      'power-loss-extent': [
        { 'several-circuits': 72, 'whole-house': 14, 'one-circuit': 9, 'half-the-house': 4 },
        'Everything on that feeder.',
      ],
      'handle-position': [{ on: 95, middle: 2, off: 3 }, 'This one has not opened.'],
      'handle-finger-test': [{ firm: 96, gives: 4 }, 'This one has not opened.'],
      'upstream-breaker': [{ on: 4, 'tripped-or-off': 96 }, 'Found open.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'This one holds.'],
      'power-after-reset': [{ restored: 4, 'still-dead': 96 }, 'A reset of this one changes nothing.'],
      'outlet-voltage': [{ normal: 2, low: 1, zero: 97 }, 'Nothing arrives.'],
      'load-terminal-voltage': [{ normal: 2, low: 1, zero: 96 }, 'Nothing arrives.'],
      'line-side-voltage': [
        { 'both-legs-normal': 7, 'one-leg-missing': 10, 'both-missing': 82 },
        'Nothing arrives at this panel.',
      ],
      'main-load-side-voltage': [
        { 'both-normal': 64, 'one-missing': 4, 'both-missing': 32 },
        'As a rule it is a feeder, and the main is on.',
      ],
      'neighbours-power': [{ on: 98, 'off-too': 2 }, 'The street has power.'],
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
    signs: {
      'leg-balance': [{ balanced: 12, unbalanced: 88 }, 'One leg carries nothing.'],
      'power-loss-extent': [
        { 'half-the-house': 88, 'several-circuits': 10, 'one-circuit': 1 },
        'Half the circuits, and all that runs on 240 V.',
      ],
      'handle-position': [{ on: 97, middle: 1, off: 2 }, 'Nothing has opened.'],
      'handle-finger-test': [{ firm: 97, gives: 3 }, 'Nothing has opened.'],
      'upstream-breaker': [{ on: 98, 'tripped-or-off': 2 }, 'The main is on.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'Nothing trips.'],
      'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset changes nothing.'],
      'line-side-voltage': [
        { 'both-legs-normal': 0.4, 'one-leg-missing': 98.6, 'legs-unequal': 1 },
        'Before the main one leg is missing.',
      ],
      'main-load-side-voltage': [{ 'both-normal': 1, 'one-missing': 98 }, 'And so behind it.'],
      'outlet-voltage': [
        { normal: 8, low: 18, zero: 74 },
        'Nothing, or what comes back through a 240 V load.',
      ],
      'load-terminal-voltage': [
        { normal: 12, low: 30, zero: 50, 'one-pole-zero': 8 },
        'Nothing, or what comes back through a 240 V load.',
      ],
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
      'neighbours-power': [{ on: 88, 'off-too': 12 }, 'As a rule only this house.'],
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
    signs: {
      'power-loss-extent': [
        { none: 72, 'several-circuits': 16, 'half-the-house': 6, 'one-device': 4 },
        'Little is dead, much is wrong.',
      ],
      'handle-position': [{ on: 93, middle: 5, off: 2 }, 'Nothing need have opened.'],
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
      'line-side-voltage': [
        { 'both-legs-normal': 9, 'one-leg-missing': 1, 'legs-unequal': 90 },
        'The legs share 240 V by their loads.',
      ],
      'outlet-voltage': [{ normal: 16, low: 38, high: 45, zero: 1 }, 'Low on one leg, high on the other.'],
      'load-terminal-voltage': [{ normal: 34, low: 64, zero: 1 }, 'Low on one leg, high on the other.'],
      'outlet-sag': [
        { 'under-3-percent': 8, '3-to-6-percent': 14, 'over-6-percent': 78 },
        'Any load moves it.',
      ],
      'reset-result': [{ holds: 94, 'trips-at-once': 2, 'trips-in-minutes': 2 }, 'It trips nothing.'],
      'power-after-reset': [{ restored: 78, 'still-dead': 22 }, 'Little was dead; a reset changes nothing.'],
      'neighbours-power': [{ on: 97, 'off-too': 3 }, 'The street has power.'],
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
    signs: {
      'power-loss-extent': [
        { 'whole-house': 96, 'half-the-house': 2, 'several-circuits': 1 },
        'Everything is dead.',
      ],
      'handle-position': [{ on: 97, middle: 1, off: 2 }, 'Nothing has opened.'],
      'handle-finger-test': [{ firm: 97, gives: 3 }, 'Nothing has opened.'],
      'neighbours-power': [
        { on: 10, 'off-too': 90 },
        'The street is dark too; unless only this service is out.',
      ],
      'upstream-breaker': [{ on: 98, 'tripped-or-off': 2 }, 'The main is on.'],
      'line-side-voltage': [
        { 'both-legs-normal': 0.4, 'one-leg-missing': 0.6, 'both-missing': 99 },
        'Before the main nothing arrives: only a slip of the meter shows otherwise.',
      ],
      'main-load-side-voltage': [
        { 'both-normal': 0.5, 'one-missing': 0.5, 'both-missing': 99 },
        'And so behind it.',
      ],
      'power-after-reset': [{ restored: 1, 'still-dead': 99 }, 'A reset changes nothing.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'Nothing trips.'],
      'outlet-voltage': [{ normal: 0.5, low: 1, zero: 98 }, 'Nothing arrives.'],
      'load-terminal-voltage': [{ normal: 0.5, low: 0.5, zero: 99 }, 'Nothing arrives.'],
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
    signs: {
      'leg-balance': [{ balanced: 44, unbalanced: 56 }, 'With a pole gone one leg carries nothing.'],
      'power-loss-extent': [
        { 'half-the-house': 50, 'whole-house': 40, none: 8 },
        'A pole of it, or all of it.',
      ],
      'handle-position': [{ on: 88, middle: 8, off: 4 }, 'The branch has not opened.'],
      'handle-finger-test': [{ firm: 90, gives: 10 }, 'The branch has not opened.'],
      'upstream-breaker': [{ on: 84, 'tripped-or-off': 16 }, 'It looks on, or will not go on.'],
      'line-side-voltage': [
        { 'both-legs-normal': 97, 'one-leg-missing': 1, 'both-missing': 1 },
        'Before the main all is well.',
      ],
      'main-load-side-voltage': [
        { 'both-normal': 7, 'one-missing': 55, 'both-missing': 38 },
        'Behind it a leg, or both, are missing.',
      ],
      'main-off-check': [{ 'dead-as-expected': 78, 'still-live': 22 }, 'It may no longer open.'],
      'neighbours-power': [{ on: 98, 'off-too': 2 }, 'The street has power.'],
      'power-after-reset': [{ restored: 8, 'still-dead': 92 }, 'A reset of the branch changes nothing.'],
      'reset-result': [{ holds: 92, 'trips-at-once': 4, 'trips-in-minutes': 2 }, 'The branch holds.'],
      'outlet-voltage': [
        { normal: 12, low: 12, zero: 75 },
        'Nothing arrives, or it comes back through a 240 V load.',
      ],
      'load-terminal-voltage': [{ normal: 12, low: 10, zero: 66, 'one-pole-zero': 12 }, 'Nothing arrives.'],
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
    signs: {
      'branch-off-check': [
        { 'dead-as-expected': 4, 'still-live': 96 },
        'Its outlet is on another breaker, which is on.',
      ],
      'power-loss-extent': [
        { none: 78, 'one-circuit': 18, 'part-of-one-circuit': 3 },
        'As a rule nothing is dead: it is found when something is to be switched off.',
      ],
      'handle-position': [{ on: 93, middle: 2, off: 5 }, 'This one has not tripped.'],
      'handle-finger-test': [{ firm: 97, gives: 3 }, 'This one has not tripped.'],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'It is another breaker’s circuit.'],
      'power-after-reset': [
        { restored: 70, 'still-dead': 30 },
        'It is another breaker that was to be reset.',
      ],
      'main-off-check': [{ 'dead-as-expected': 99.5, 'still-live': 0.5 }, 'The main makes it dead.'],
      'outlet-voltage': [{ normal: 78, low: 2, zero: 20 }, 'It is fed, by another breaker.'],
      'load-terminal-voltage': [{ normal: 98, low: 1, zero: 0.5 }, 'This breaker is sound.'],
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
    signs: {
      'branch-off-check': [
        { 'dead-as-expected': 34, 'still-live': 66 },
        'What feeds in feeds this circuit too, or it does not.',
      ],
      'main-off-check': [
        { 'dead-as-expected': 20, 'still-live': 80 },
        'The main is off, and something behind it feeds.',
      ],
      'power-loss-extent': [
        { none: 78, 'several-circuits': 10, 'one-circuit': 8, 'half-the-house': 3 },
        'Nothing is dead that should be.',
      ],
      'handle-position': [{ on: 84, off: 12, middle: 3 }, 'Nothing need have tripped.'],
      'handle-finger-test': [{ firm: 96, gives: 4 }, 'Nothing need have tripped.'],
      'recent-change': [
        { none: 34, 'new-appliance': 28, 'new-wiring-or-breaker': 37, 'digging-or-drilling': 1 },
        'A generator, a battery or solar panels are new.',
      ],
      'outlet-voltage': [{ normal: 84, low: 9, high: 4, zero: 3 }, 'It is alive.'],
      'line-side-voltage': [
        { 'both-legs-normal': 82, 'one-leg-missing': 6, 'both-missing': 8, 'legs-unequal': 4 },
        'The utility’s supply may be there or not.',
      ],
      'main-load-side-voltage': [
        { 'both-normal': 88, 'one-missing': 9, 'both-missing': 3 },
        'It is fed from behind.',
      ],
      'neighbours-power': [{ on: 82, 'off-too': 18 }, 'When the street is dark people start generators.'],
      'upstream-breaker': [{ on: 88, 'tripped-or-off': 12 }, 'The main may be off, and the panel alive.'],
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
