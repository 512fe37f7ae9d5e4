import type { CauseFacts } from '../cause/index.ts';

/** A pole of the main, or the main itself, no longer closes or no longer opens. */
export const MAIN_BREAKER_FAULT = {
  gravity: 'damage',
  right: ['replace-main'],
  instead: [
    {
      all: [['power-loss-extent', 'half-the-house']],
      none: [['main-load-side-voltage', 'one-missing', 'both-missing']],
      then: ['replace-main', 'call-utility'],
      why: 'With half the house dead and nothing measured the utility comes first, and says which.',
    },
  ],
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
} as const satisfies CauseFacts;
