import type { CauseFacts } from '../cause/index.ts';

/** A breaker of another family or series that does not seat or clamp as it should. */
export const WRONG_PART = {
  gravity: 'damage',
  right: ['replace-breaker', 'replace-breaker-and-remake-joint'],
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
} as const satisfies CauseFacts;
