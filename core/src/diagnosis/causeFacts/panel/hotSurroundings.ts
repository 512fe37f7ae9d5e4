import { sayTemperature } from '../../../facts/quantities/index.ts';
import type { CauseFacts } from '../cause/index.ts';

/** Heat from neighbours or the room lowers the trip point of a sound breaker. */
export const HOT_SURROUNDINGS = {
  gravity: 'nuisance',
  right: ['cool-surroundings', 'shed-load'],
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
} as const satisfies CauseFacts;
