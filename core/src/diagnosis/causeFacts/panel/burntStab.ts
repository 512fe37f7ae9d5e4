import type { CauseFacts } from '../cause/index.ts';

/** The joint between breaker and bus is pitted, burnt or loose. */
export const BURNT_STAB = {
  gravity: 'danger',
  right: ['replace-breaker-and-remake-joint', 'replace-breaker', 'replace-panel'],
  commonness: 26,
  why: 'A breaker that was not pushed home, a worn clip, a bus that corroded.',
  places: [
    { share: 0.24, path: { stab: { own: 'open', other: 'ok' } } },
    { share: 0.08, path: { stab: { own: 'open', other: 'open' } } },
    { share: 0.2, path: { stab: { own: 'high', other: 'ok' } } },
    { share: 0.16, path: { handle: 'tripped' } },
    { share: 0.32, path: {} },
  ],
  signs: {
    'reset-result': [
      {
        holds: 68,
        'trips-at-once': 2,
        'trips-in-seconds': 3,
        'trips-in-minutes': 16,
        'trips-after-hours': 11,
      },
      'The stab heats the bimetal from outside.',
    ],
    'reset-result-unplugged': [
      { holds: 98, 'trips-at-once': 0.5, 'trips-later': 1.5 },
      'No current, no heat.',
    ],
    'power-after-reset': [{ restored: 46, 'still-dead': 54 }, 'Moving it makes it touch for a while.'],
    sound: [{ quiet: 60, 'steady-hum': 10, 'sizzle-or-crackle': 30 }, 'Arcing at the bus.'],
    smell: [{ none: 68, 'hot-plastic': 32 }, 'Its case cooks.'],
    'panel-touch': [{ cool: 20, warm: 50, hot: 30 }, 'That breaker is warm.'],
    'light-behaviour': [
      { steady: 42, 'dims-on-start': 12, 'flicker-one-circuit': 44, 'flicker-whole-house': 2 },
      'A loose stab flickers.',
    ],
    'face-temperature': [
      { 'like-neighbours': 14, '3-to-15-over': 42, 'over-15-over': 44 },
      'Its heat comes through.',
    ],
    'terminal-temperature': [
      { 'like-peers': 14, '3-to-15-over': 40, 'over-15-over': 46 },
      'The heat is made at the other end.',
    ],
    'millivolt-drop': [{ 'like-peers': 44, raised: 20, high: 36 }, 'From bus to screw it drops.'],
    'stab-inspection': [{ clean: 2, 'pitted-or-burnt': 98 }, 'Seen once it is out.'],
    'terminal-inspection': [
      { 'clean-and-tight': 90, loose: 3, 'discoloured-or-melted': 4, corroded: 3 },
      'The screw is sound.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 74, 'fault-stays-with-breaker': 26 },
      'The bus burns the next one too.',
    ],
    'trip-vs-curve': [
      { 'within-band': 60, 'too-early': 39, 'too-late-or-never': 1 },
      'With heat from outside it comes early.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 30, '3-to-6-percent': 28, 'over-6-percent': 42 },
      'The stab drops volts.',
    ],
    'panel-age': [{ modern: 42, 'over-40-years': 40, 'family-withdrawn': 18 }, 'Clips tire.'],
    'trips-on-record': [
      { 'first-time': 72, few: 22, 'many-overload': 5, 'after-dead-short': 1 },
      'It is seldom a tripping complaint.',
    ],
  },
} as const satisfies CauseFacts;
