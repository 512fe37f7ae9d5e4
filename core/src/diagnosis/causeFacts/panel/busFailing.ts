import { SOUND_FEEDER } from '../../path/index.ts';
import type { CauseFacts } from '../cause/index.ts';

/** The panel's bus or main lugs overheat, several circuits misbehave, or breakers trip their neighbours. */
export const BUS_FAILING = {
  gravity: 'danger',
  right: ['replace-panel', 'make-safe-and-call'],
  commonness: 20,
  why: 'Main lugs and bus bars loosen and burn; some old families are known for it.',
  places: [
    { share: 0.08, path: { bus: { own: 'open', other: 'ok' } } },
    { share: 0.04, path: { bus: { own: 'ok', other: 'open' } } },
    {
      share: 0.04,
      path: { feeder: { ...SOUND_FEEDER, bus: { own: 'open', other: 'ok' } }, supplyAt: 'main' },
    },
    { share: 0.26, path: { bus: { own: 'high', other: 'ok' } } },
    { share: 0.08, path: { stab: { own: 'open', other: 'ok' }, bus: { own: 'high', other: 'ok' } } },
    { share: 0.12, path: { handle: 'tripped' } },
    { share: 0.24, path: {} },
  ],
  signs: {
    'light-behaviour': [
      {
        steady: 20,
        'dims-on-start': 16,
        'flicker-one-circuit': 9,
        'flicker-whole-house': 53,
        'some-brighter-some-dimmer': 2,
      },
      'Everything on that bus flickers.',
    ],
    sound: [{ quiet: 36, 'steady-hum': 18, 'sizzle-or-crackle': 46 }, 'Arcing on the bus is audible.'],
    smell: [{ none: 48, 'hot-plastic': 52 }, 'Hot insulation on the bus smells of burnt plastic.'],
    'panel-touch': [{ cool: 8, warm: 52, hot: 40 }, 'The cover itself is hot.'],
    'panel-age': [{ modern: 14, 'over-40-years': 48, 'family-withdrawn': 38 }, 'Old, or withdrawn.'],
    'face-temperature': [
      { 'like-neighbours': 34, '3-to-15-over': 36, 'over-15-over': 30 },
      'Several are hot together.',
    ],
    'terminal-temperature': [
      { 'like-peers': 18, '3-to-15-over': 50, 'over-15-over': 32 },
      'Several are hot together.',
    ],
    'stab-inspection': [{ clean: 10, 'pitted-or-burnt': 90 }, 'The bus is burnt.'],
    'leg-balance': [{ balanced: 46, unbalanced: 54 }, 'A leg that carried more for years cooks.'],
    'trips-on-record': [
      { 'first-time': 56, few: 36, 'many-overload': 7, 'after-dead-short': 1 },
      'First this one, then that.',
    ],
    'reset-result': [
      {
        holds: 74,
        'trips-at-once': 5,
        'trips-in-seconds': 4,
        'trips-in-minutes': 10,
        'trips-after-hours': 7,
      },
      'Its heat trips breakers.',
    ],
    'power-after-reset': [{ restored: 54, 'still-dead': 46 }, 'Where the bus still touches.'],
    'trip-pattern': [
      { random: 58, 'many-loads-together': 32, 'hot-weather': 6, 'motor-starting': 4 },
      'When the house draws much.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 94, 'fault-stays-with-breaker': 6 },
      'The bus burns the next one too.',
    ],
    'millivolt-drop': [
      { 'like-peers': 66, raised: 24, high: 10 },
      'Where a lead is put to the bus it drops.',
    ],
    'water-signs': [{ dry: 76, 'condensation-or-rust': 20, 'wet-now': 4 }, 'Damp is often behind it.'],
  },
} as const satisfies CauseFacts;
