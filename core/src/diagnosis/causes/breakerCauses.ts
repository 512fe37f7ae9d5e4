import type { CauseFacts } from './signs.ts';

/** Causes in the breaker itself, its rating or the way it was worked. */
export const BREAKER_CAUSES = {
  'electronic-unit-fault': {
    commonness: 26,
    why: 'Electronics age sooner than bimetals; surges end them.',
    signs: {
      'load-terminal-voltage': [
        { normal: 76, low: 1, zero: 22, 'one-pole-zero': 1 },
        'Where it does not stay on there is nothing.',
      ],
      'outlet-voltage': [{ normal: 52, low: 1, zero: 47 }, 'Where it does not stay on there is nothing.'],
      'trip-indicator': [
        { shown: 34, 'not-shown': 16, 'no-indicator': 50 },
        'An indicator, if there is one, shows a trip.',
      ],
      'power-loss-extent': [{ 'one-circuit': 92, none: 8 }, 'It opens its own circuit.'],
      'handle-position': [
        { middle: 49, on: 34, off: 12, 'one-half-low': 4 },
        'It trips for nothing, or will not reset.',
      ],
      'handle-finger-test': [{ gives: 54, firm: 46 }, 'A tripped handle gives.'],
      'reset-feel': [
        { 'clean-clicks': 62, 'no-off-click': 5, 'hard-or-gritty': 4, 'will-not-latch': 29 },
        'Dead electronics may hold it open.',
      ],
      'reset-result': [
        {
          holds: 26,
          'trips-at-once': 30,
          'trips-in-seconds': 14,
          'trips-in-minutes': 18,
          'trips-after-hours': 12,
        },
        'With or without load, at no certain time.',
      ],
      'reset-result-unplugged': [
        { holds: 34, 'trips-at-once': 38, 'trips-later': 28 },
        'It trips with nothing connected too.',
      ],
      'power-after-reset': [{ restored: 50, 'still-dead': 50 }, 'For a while, if at all.'],
      'trip-pattern': [
        {
          random: 86,
          'one-appliance': 6,
          'many-loads-together': 2,
          'wet-weather': 2,
          'motor-starting': 2,
          'hot-weather': 2,
        },
        'For nothing that anybody sees.',
      ],
      'trips-on-record': [
        { 'first-time': 28, few: 52, 'many-overload': 18, 'after-dead-short': 2 },
        'Again and again.',
      ],
      'test-button': [
        { 'trips-and-resets': 26, 'does-not-trip': 38, 'will-not-reset': 35, 'no-button': 1 },
        'Its button tells.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 96, 'under-1-megohm': 3, 'near-zero': 1 },
        'The circuit is sound.',
      ],
      'load-wire-lifted': [{ holds: 16, trips: 84 }, 'With its circuit lifted it still trips.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 4, 'fault-stays-with-breaker': 96 },
        'The fault goes with the breaker.',
      ],
      'load-share': [{ 'under-80': 86, '80-to-100': 12, '100-to-135': 2 }, 'Load has nothing to do with it.'],
      'trip-vs-curve': [
        { 'within-band': 24, 'too-early': 74, 'too-late-or-never': 2 },
        'Heat has nothing to do with it.',
      ],
      'button-after-fitting': [
        { holds: 12, 'trips-as-soon-as-loaded': 3, 'not-newly-fitted': 85 },
        'As a rule it is not new.',
      ],
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
    },
  },
  'weak-breaker': {
    commonness: 34,
    why: 'Years of load, many trips or a dead short take the set out of a bimetal.',
    signs: {
      'outlet-voltage': [{ normal: 66, low: 2, zero: 32 }, 'While it stands tripped its outlets are dead.'],
      'trip-indicator': [
        { shown: 32, 'not-shown': 18, 'no-indicator': 50 },
        'An indicator, if there is one, shows a trip.',
      ],
      'power-loss-extent': [{ 'one-circuit': 74, 'one-device': 2, none: 23 }, 'It opens its own circuit.'],
      'handle-position': [
        { middle: 49, on: 34, off: 12, 'one-half-low': 4 },
        'It has tripped, whatever it looks like.',
      ],
      'handle-finger-test': [{ gives: 54, firm: 46 }, 'A tripped handle gives.'],
      'reset-result': [
        {
          holds: 22,
          'trips-at-once': 2,
          'trips-in-seconds': 7,
          'trips-in-minutes': 55,
          'trips-after-hours': 14,
        },
        'Under a load it should carry it opens after a time.',
      ],
      'reset-result-unplugged': [
        { holds: 95, 'trips-at-once': 2, 'trips-later': 3 },
        'Without load it holds.',
      ],
      'power-after-reset': [{ restored: 93, 'still-dead': 7 }, 'Until it opens again.'],
      'trip-pattern': [
        {
          random: 49,
          'many-loads-together': 30,
          'hot-weather': 7,
          'one-appliance': 10,
          'motor-starting': 4,
        },
        'At loads that never troubled it before.',
      ],
      'trips-on-record': [
        { 'first-time': 12, few: 44, 'many-overload': 32, 'after-dead-short': 12 },
        'It has a history.',
      ],
      'load-share': [
        { 'under-80': 68, '80-to-100': 29, '100-to-135': 2 },
        'It trips at what it should carry.',
      ],
      'clamp-current': [
        { 'under-80': 68, '80-to-100': 29, '100-to-135': 2 },
        'It trips at what it should carry.',
      ],
      'trip-vs-curve': [
        { 'within-band': 9, 'too-early': 90, 'too-late-or-never': 1 },
        'That is what weak means.',
      ],
      'panel-touch': [{ cool: 72, warm: 26, hot: 1 }, 'Pitted contacts warm it a little.'],
      'face-temperature': [
        { 'like-neighbours': 76, '3-to-15-over': 22, 'over-15-over': 2 },
        'Pitted contacts warm it a little.',
      ],
      'millivolt-drop': [{ 'like-peers': 62, raised: 32, high: 6 }, 'Pitted contacts drop more.'],
      'terminal-inspection': [
        {
          'clean-and-tight': 93,
          loose: 2,
          'discoloured-or-melted': 2,
          corroded: 2,
          'two-wires-one-terminal': 1,
        },
        'No joint explains it.',
      ],
      'load-wire-lifted': [{ holds: 95, trips: 5 }, 'Without load it holds.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 4, 'fault-stays-with-breaker': 96 },
        'The fault goes with the breaker.',
      ],
      'panel-age': [{ modern: 36, 'over-40-years': 46, 'family-withdrawn': 18 }, 'Age weakens them.'],
      'reset-feel': [
        { 'clean-clicks': 84, 'no-off-click': 3, 'hard-or-gritty': 7, 'will-not-latch': 6 },
        'A worn breaker may feel worn.',
      ],
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
      'terminal-temperature': [
        { 'like-peers': 78, '3-to-15-over': 21, 'over-15-over': 1 },
        'A bimetal that opens early runs no hotter, worn contacts somewhat.',
      ],
    },
  },
  'open-breaker': {
    commonness: 26,
    why: 'Burnt or broken contacts no longer close.',
    signs: {
      'power-loss-extent': [
        { 'one-circuit': 93, 'one-device': 3, 'part-of-one-circuit': 1, 'several-circuits': 1, none: 1 },
        'Its circuit is dead; where that has one appliance, the appliance.',
      ],
      'handle-position': [{ on: 94, middle: 2, off: 3 }, 'The handle is on.'],
      'handle-finger-test': [{ firm: 93, gives: 7 }, 'It has not tripped.'],
      'trip-indicator': [{ shown: 2, 'not-shown': 48, 'no-indicator': 50 }, 'It has not tripped.'],
      'reset-feel': [
        { 'clean-clicks': 85, 'no-off-click': 3, 'hard-or-gritty': 8, 'will-not-latch': 4 },
        'The handle works, the contacts do not.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'It stays on, and nothing comes out.'],
      'reset-result-unplugged': [{ holds: 98, 'trips-at-once': 1 }, 'It stays on, and nothing comes out.'],
      'power-after-reset': [
        { restored: 4, 'still-dead': 96 },
        'It stays on, and nothing comes out: the breaker itself.',
      ],
      'outlet-voltage': [{ normal: 2, low: 5, zero: 93 }, 'Nothing comes out.'],
      'load-terminal-voltage': [
        { normal: 1, low: 4, zero: 79, 'one-pole-zero': 16 },
        'Nothing comes out, with the line side alive.',
      ],
      'line-side-voltage': [{ 'both-legs-normal': 99, 'one-leg-missing': 0.5 }, 'Its supply is there.'],
      'clamp-current': [{ 'under-80': 99 }, 'Nothing flows.'],
      'stab-inspection': [{ clean: 94, 'pitted-or-burnt': 6 }, 'Its stab is sound.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
        'The fault goes with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 70, few: 15, 'many-overload': 5, 'after-dead-short': 10 },
        'A dead short may have ended it.',
      ],
      'panel-age': [
        { modern: 44, 'over-40-years': 40, 'family-withdrawn': 16 },
        'Age and trips burn contacts.',
      ],
      'downstream-device': [
        { tripped: 2, 'not-tripped': 54, 'none-found': 44 },
        'No other device has opened.',
      ],
    },
  },
  'stuck-breaker': {
    commonness: 7,
    why: 'Welded by a short, or seized because nobody ever moved it.',
    signs: {
      'power-loss-extent': [{ none: 96, 'one-circuit': 3 }, 'Nothing is dead: that is the trouble.'],
      'handle-position': [{ on: 97, middle: 1, off: 2 }, 'It has not opened.'],
      'handle-finger-test': [{ firm: 98, gives: 2 }, 'It does not give.'],
      'reset-feel': [
        { 'clean-clicks': 28, 'no-off-click': 33, 'hard-or-gritty': 37, 'will-not-latch': 2 },
        'Seized, or without a click at off.',
      ],
      'reset-result': [{ holds: 98, 'trips-at-once': 0.5 }, 'It opens for nothing.'],
      'trip-vs-curve': [
        { 'within-band': 5, 'too-early': 1, 'too-late-or-never': 94 },
        'It carried what should have opened it.',
      ],
      'panel-touch': [{ cool: 18, warm: 46, hot: 36 }, 'Very hot and not tripped.'],
      'face-temperature': [
        { 'like-neighbours': 20, '3-to-15-over': 34, 'over-15-over': 46 },
        'Very hot and not tripped.',
      ],
      'terminal-temperature': [
        { 'like-peers': 24, '3-to-15-over': 34, 'over-15-over': 42 },
        'Very hot and not tripped.',
      ],
      'load-share': [
        { 'under-80': 14, '80-to-100': 14, '100-to-135': 30, 'over-135': 42 },
        'It lets too much through.',
      ],
      'clamp-current': [
        { 'under-80': 14, '80-to-100': 14, '100-to-135': 30, 'over-135': 42 },
        'It lets too much through.',
      ],
      'branch-off-check': [{ 'dead-as-expected': 36, 'still-live': 64 }, 'Off, and its circuit stays alive.'],
      'main-off-check': [{ 'dead-as-expected': 97, 'still-live': 3 }, 'The main still cuts it.'],
      smell: [{ none: 68, 'hot-plastic': 32 }, 'What it should have cut gets hot.'],
      'test-button': [
        { 'trips-and-resets': 5, 'does-not-trip': 45, 'will-not-reset': 2, 'no-button': 48 },
        'Its button does not open it.',
      ],
      'panel-age': [
        { modern: 26, 'over-40-years': 42, 'family-withdrawn': 32 },
        'Some old families are known for it.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 5, 'fault-stays-with-breaker': 95 },
        'The fault goes with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 84, few: 8, 'many-overload': 2, 'after-dead-short': 6 },
        'It never trips.',
      ],
      'outlet-voltage': [{ normal: 97, low: 2, zero: 0.5 }, 'It is on.'],
      'power-after-reset': [{ restored: 80, 'still-dead': 20 }, 'It was never off.'],
      'light-behaviour': [
        { steady: 72, 'dims-on-start': 26, 'flicker-one-circuit': 1 },
        'More flows than its rating allows.',
      ],
      'millivolt-drop': [{ 'like-peers': 64, raised: 34, high: 2 }, 'Welded contacts are pitted contacts.'],
    },
  },
  'worn-mechanism': {
    commonness: 32,
    why: 'Springs and latches wear; grit and grease stiffen them.',
    signs: {
      'trip-indicator': [
        { shown: 36, 'not-shown': 14, 'no-indicator': 50 },
        'An indicator, if there is one, shows a trip.',
      ],
      'power-loss-extent': [{ 'one-circuit': 90, 'one-device': 2, none: 7 }, 'It will not go on again.'],
      'handle-position': [
        { middle: 40, on: 22, off: 28, 'one-half-low': 10 },
        'It sits where it should not.',
      ],
      'handle-finger-test': [{ gives: 76, firm: 24 }, 'A worn handle is loose.'],
      'reset-feel': [
        { 'clean-clicks': 4, 'no-off-click': 13, 'hard-or-gritty': 41, 'will-not-latch': 42 },
        'That is what worn means.',
      ],
      'reset-result': [
        { holds: 42, 'trips-at-once': 44, 'trips-in-seconds': 10, 'trips-in-minutes': 3 },
        'It falls off again, or holds badly; one that is only stiff holds.',
      ],
      'reset-result-unplugged': [
        { holds: 33, 'trips-at-once': 58, 'trips-later': 9 },
        'With nothing connected it still will not stay.',
      ],
      'power-after-reset': [{ restored: 42, 'still-dead': 58 }, 'If it latches at all.'],
      'trip-pattern': [
        { random: 88, 'one-appliance': 4, 'many-loads-together': 4, 'motor-starting': 2 },
        'It has nothing to do with loads.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 97, 'under-1-megohm': 2, 'near-zero': 0.5 },
        'The circuit is sound.',
      ],
      'load-wire-lifted': [{ holds: 20, trips: 80 }, 'With its circuit lifted it still will not stay.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
        'The fault goes with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 32, few: 34, 'many-overload': 18, 'after-dead-short': 16 },
        'Every trip wears it.',
      ],
      'panel-age': [{ modern: 32, 'over-40-years': 48, 'family-withdrawn': 20 }, 'Age wears them.'],
      'load-share': [{ 'under-80': 82, '80-to-100': 15, '100-to-135': 3 }, 'Load has nothing to do with it.'],
      'outlet-voltage': [{ normal: 26, low: 2, zero: 72 }, 'It does not stay on.'],
      'load-terminal-voltage': [{ normal: 38, low: 2, zero: 56, 'one-pole-zero': 4 }, 'It does not stay on.'],
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
      'test-button': [
        { 'trips-and-resets': 32, 'does-not-trip': 2, 'will-not-reset': 16, 'no-button': 50 },
        'A latch that does not catch stays out after the button.',
      ],
    },
  },
  'oversized-breaker': {
    commonness: 10,
    why: 'Somebody once installed a larger breaker to stop a trip.',
    signs: {
      'power-loss-extent': [{ none: 88, 'one-circuit': 10 }, 'It works, and that is the danger.'],
      'handle-position': [{ on: 96, middle: 2, off: 2 }, 'It does not trip.'],
      'handle-finger-test': [{ firm: 97, gives: 3 }, 'It does not trip.'],
      'reset-result': [{ holds: 97, 'trips-at-once': 1 }, 'It holds more than its conductor may carry.'],
      'conductor-vs-breaker': [
        { matched: 1, 'wire-too-small': 98, 'wire-has-room': 0.5 },
        'That is what oversized means.',
      ],
      'terminal-inspection': [
        {
          'clean-and-tight': 72,
          loose: 5,
          'discoloured-or-melted': 17,
          corroded: 2,
          'two-wires-one-terminal': 4,
        },
        'A conductor that ran hot shows it.',
      ],
      'panel-touch': [{ cool: 74, warm: 24, hot: 2 }, 'The conductor warms it.'],
      'outlet-sag': [
        { 'under-3-percent': 52, '3-to-6-percent': 34, 'over-6-percent': 14 },
        'A thin conductor drops more.',
      ],
      'recent-change': [
        { none: 62, 'new-appliance': 14, 'new-wiring-or-breaker': 24 },
        'The breaker is younger than the wire.',
      ],
      'power-after-reset': [{ restored: 85, 'still-dead': 15 }, 'Nothing was dead.'],
      'outlet-voltage': [{ normal: 97, low: 2, zero: 0.5 }, 'It works.'],
      'trips-on-record': [
        { 'first-time': 82, few: 14, 'many-overload': 3, 'after-dead-short': 1 },
        'It does not trip.',
      ],
      'terminal-temperature': [
        { 'like-peers': 36, '3-to-15-over': 56, 'over-15-over': 8 },
        'A conductor that is too thin heats the screw it comes to.',
      ],
      'face-temperature': [
        { 'like-neighbours': 50, '3-to-15-over': 47, 'over-15-over': 3 },
        'A conductor that is too thin heats the screw it comes to.',
      ],
      'light-behaviour': [
        { steady: 62, 'dims-on-start': 35, 'flicker-one-circuit': 2 },
        'A thin conductor drops volts when something large goes on.',
      ],
    },
  },
  'incomplete-reset': {
    commonness: 130,
    why: 'Most failed resets never reached off, and a tripped handle may look on.',
    signs: {
      'power-loss-extent': [
        { 'one-circuit': 90, 'one-device': 3, 'part-of-one-circuit': 3, 'half-the-house': 1, none: 1 },
        'Its circuit is dead; where that has one appliance, the appliance.',
      ],
      'handle-position': [
        { on: 36, middle: 38, off: 6, 'one-half-low': 20 },
        'It looks on, or sits in the middle.',
      ],
      'handle-finger-test': [{ gives: 92, firm: 8 }, 'A tripped handle gives: that is how it is found.'],
      'trip-indicator': [
        { shown: 46, 'not-shown': 5, 'no-indicator': 49 },
        'An indicator, if there is one, shows it.',
      ],
      'reset-feel': [
        { 'clean-clicks': 38, 'no-off-click': 58, 'hard-or-gritty': 1, 'will-not-latch': 3 },
        'It never clicked at off; done right, it does.',
      ],
      'reset-result': [
        { holds: 95, 'trips-at-once': 1.5, 'trips-in-minutes': 2 },
        'Reset all the way, it holds.',
      ],
      'reset-result-unplugged': [{ holds: 98, 'trips-at-once': 1 }, 'Reset all the way, it holds.'],
      'power-after-reset': [{ restored: 92, 'still-dead': 8 }, 'Reset all the way, the power is back.'],
      'trips-on-record': [
        { 'first-time': 86, few: 11, 'many-overload': 1, 'after-dead-short': 2 },
        'Something tripped it once.',
      ],
      'outlet-voltage': [{ normal: 28, low: 1, zero: 71 }, 'It is open, until it is reset all the way.'],
      'load-terminal-voltage': [
        { normal: 28, low: 1, zero: 61, 'one-pole-zero': 10 },
        'It is open, or one half of it is, until it is reset all the way.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 60, 'fault-stays-with-breaker': 40 },
        'Another breaker, switched on properly, simply works.',
      ],
      'load-share': [
        { 'under-80': 78, '80-to-100': 17, '100-to-135': 4, 'over-135': 1 },
        'Nothing overloads it now.',
      ],
      'clamp-current': [
        { 'under-80': 88, '80-to-100': 9, '100-to-135': 2 },
        'Nothing flows, or the usual once it is reset.',
      ],
      'downstream-device': [
        { tripped: 2, 'not-tripped': 53, 'none-found': 45 },
        'No other device has opened.',
      ],
      'trip-pattern': [
        {
          random: 66,
          'one-appliance': 14,
          'many-loads-together': 14,
          'motor-starting': 2,
          'wet-weather': 2,
          'hot-weather': 2,
        },
        'Once, for a reason that is gone.',
      ],
    },
  },
  'wrong-part': {
    commonness: 14,
    why: 'Series of one maker do not interchange, though they seem to fit.',
    signs: {
      'power-loss-extent': [{ none: 56, 'one-circuit': 42 }, 'It seats badly: now and then, or quite, dead.'],
      'handle-position': [{ on: 86, middle: 10, off: 3 }, 'It need not have tripped.'],
      'part-match': [{ listed: 2, 'not-listed': 98 }, 'The label does not list it.'],
      'recent-change': [
        { none: 26, 'new-appliance': 2, 'new-wiring-or-breaker': 72 },
        'Somebody installed it.',
      ],
      'face-temperature': [
        { 'like-neighbours': 30, '3-to-15-over': 38, 'over-15-over': 32 },
        'A stab that does not clamp gets warm.',
      ],
      'terminal-temperature': [
        { 'like-peers': 44, '3-to-15-over': 30, 'over-15-over': 26 },
        'A stab that does not clamp gets warm.',
      ],
      'panel-touch': [{ cool: 50, warm: 30, hot: 20 }, 'A stab that does not clamp gets warm.'],
      'stab-inspection': [{ clean: 44, 'pitted-or-burnt': 56 }, 'A stab that does not clamp pits.'],
      'millivolt-drop': [{ 'like-peers': 60, raised: 30, high: 10 }, 'The stab drops volts.'],
      sound: [{ quiet: 80, 'steady-hum': 8, 'sizzle-or-crackle': 12 }, 'A loose stab crackles.'],
      'light-behaviour': [
        { steady: 66, 'dims-on-start': 8, 'flicker-one-circuit': 25 },
        'A loose stab flickers.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 14, 'fault-stays-with-breaker': 86 },
        'The right part cures it.',
      ],
      'reset-result': [
        { holds: 86, 'trips-at-once': 3, 'trips-in-minutes': 6, 'trips-after-hours': 4 },
        'Warmth from the stab may trip it.',
      ],
      'power-after-reset': [{ restored: 56, 'still-dead': 44 }, 'It may touch again.'],
      'outlet-voltage': [{ normal: 68, low: 12, zero: 20 }, 'It touches, or does not.'],
      'load-terminal-voltage': [
        { normal: 70, low: 10, zero: 18, 'one-pole-zero': 2 },
        'It touches, or does not.',
      ],
      smell: [{ none: 72, 'hot-plastic': 28 }, 'What does not clamp burns.'],
      'outlet-sag': [
        { 'under-3-percent': 54, '3-to-6-percent': 16, 'over-6-percent': 30 },
        'What does not clamp drops volts.',
      ],
      'trips-on-record': [
        { 'first-time': 84, few: 14, 'many-overload': 1.5, 'after-dead-short': 0.5 },
        'It is known by its heat, not by tripping.',
      ],
    },
  },
} satisfies Record<string, CauseFacts>;
