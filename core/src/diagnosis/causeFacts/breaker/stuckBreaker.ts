import type { CauseFacts } from '../cause/index.ts';

/** Does not open when it must: welded or seized. */
export const STUCK_BREAKER = {
  gravity: 'danger',
  right: ['replace-breaker'],
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
} as const satisfies CauseFacts;
