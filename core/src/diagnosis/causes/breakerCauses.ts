import { SOUND_FEEDER } from '../path/index.ts';
import type { CauseFacts, Signs } from './signs.ts';

/** Contacts that still close, over a high resistance. */
const RESISTIVE_CONTACTS: Signs = {
  'millivolt-drop': [{ 'like-peers': 4, raised: 16, high: 80 }, 'The contacts drop the voltage.'],
  'face-temperature': [
    { 'like-neighbours': 40, '3-to-15-over': 44, 'over-15-over': 16 },
    'The contacts heat the breaker under load.',
  ],
  'power-after-reset': [{ restored: 40, 'still-dead': 60 }, 'The voltage is low, or gone under load.'],
  'outlet-sag': [
    { 'under-3-percent': 10, '3-to-6-percent': 20, 'over-6-percent': 70 },
    'The contacts drop the voltage under load.',
  ],
};

/** Causes in the breaker itself, its rating or the way it was worked. */
export const BREAKER_CAUSES = {
  'electronic-unit-fault': {
    commonness: 26,
    why: 'Electronics age sooner than bimetals; surges end them.',
    places: [
      { share: 0.62, path: { handle: 'tripped' } },
      { share: 0.38, path: {} },
    ],
    signs: {
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
    why: 'Years of load, many trips or a short circuit weaken the bimetal.',
    places: [
      { share: 0.58, path: { handle: 'tripped' } },
      { share: 0.42, path: {} },
    ],
    signs: {
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
    places: [
      { share: 0.6, path: { contacts: { own: 'open', other: 'open' } } },
      { share: 0.22, path: { contacts: { own: 'open', other: 'ok' } } },
      { share: 0.08, path: { contacts: { own: 'high', other: 'ok' } }, signs: RESISTIVE_CONTACTS },
      { share: 0.03, path: { contacts: { own: 'open', other: 'open' }, handle: 'tripped' } },
      { share: 0.05, path: { feeder: { ...SOUND_FEEDER, own: 'open' }, subject: 'feeder' } },
      {
        share: 0.02,
        path: { feeder: { ...SOUND_FEEDER, own: 'open' }, subject: 'feeder', supplyAt: 'sub-panel' },
      },
      { share: 0.02, path: { feeder: { ...SOUND_FEEDER, own: 'open', other: 'open' }, subject: 'feeder' } },
    ],
    signs: {
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
      'clamp-current': [{ 'under-80': 99 }, 'Nothing flows.'],
      'stab-inspection': [{ clean: 94, 'pitted-or-burnt': 6 }, 'Its stab is sound.'],
      'known-good-swap': [
        { 'fault-follows-circuit': 2, 'fault-stays-with-breaker': 98 },
        'The fault goes with the breaker.',
      ],
      'trips-on-record': [
        { 'first-time': 70, few: 15, 'many-overload': 5, 'after-dead-short': 10 },
        'Clearing a short circuit can burn the contacts.',
      ],
      'panel-age': [
        { modern: 44, 'over-40-years': 40, 'family-withdrawn': 16 },
        'Age and trips burn contacts.',
      ],
    },
  },
  'stuck-breaker': {
    commonness: 7,
    why: 'Welded by a short, or seized because nobody ever moved it.',
    places: [{ share: 1, path: {} }],
    signs: {
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
    places: [
      { share: 0.78, path: { handle: 'tripped' } },
      { share: 0.12, path: { handle: 'off' } },
      { share: 0.1, path: {} },
    ],
    signs: {
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
      'appliance-check': [{ 'trips-there-too': 1, 'fine-there': 99 }, 'Everything is fine elsewhere.'],
      'test-button': [
        { 'trips-and-resets': 32, 'does-not-trip': 2, 'will-not-reset': 16, 'no-button': 50 },
        'A latch that does not catch stays out after the button.',
      ],
    },
  },
  'oversized-breaker': {
    commonness: 10,
    why: 'A larger breaker may have been installed earlier to stop a trip.',
    places: [
      { share: 0.02, path: { handle: 'tripped' } },
      { share: 0.98, path: {} },
    ],
    signs: {
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
    places: [
      { share: 0.74, path: { handle: 'half' } },
      { share: 0.21, path: { handle: 'tripped' } },
      { share: 0.05, path: { handle: 'off' } },
    ],
    signs: {
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
    places: [
      { share: 0.2, path: { stab: { own: 'open', other: 'ok' } } },
      { share: 0.14, path: { stab: { own: 'high', other: 'ok' } } },
      { share: 0.12, path: { handle: 'tripped' } },
      { share: 0.54, path: {} },
    ],
    signs: {
      'part-match': [{ listed: 2, 'not-listed': 98 }, 'The label does not list it.'],
      'recent-change': [
        { none: 26, 'new-appliance': 2, 'new-wiring-or-breaker': 72 },
        'The wrong breaker arrives with a replacement.',
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
