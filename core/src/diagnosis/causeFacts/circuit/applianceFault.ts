import type { CauseFacts } from '../cause/index.ts';

/** A short or leakage inside something connected. */
export const APPLIANCE_FAULT = {
  gravity: 'damage',
  right: ['repair-appliance'],
  commonness: 120,
  why: 'Cords, heating elements and motors wear; most faults on a circuit are in what is plugged into it.',
  places: [
    { share: 0.78, path: { handle: 'tripped' } },
    { share: 0.22, path: {} },
  ],
  signs: {
    'reset-feel': [
      { 'clean-clicks': 86, 'no-off-click': 3, 'hard-or-gritty': 1, 'will-not-latch': 10 },
      'Into a short it may not stay latched.',
    ],
    'reset-result': [
      {
        holds: 14,
        'trips-at-once': 66,
        'trips-in-seconds': 15,
        'trips-in-minutes': 4,
        'trips-after-hours': 1,
      },
      'A short in something plugged in trips it as soon as it is on.',
    ],
    'reset-result-unplugged': [
      { holds: 97, 'trips-at-once': 2, 'trips-later': 1 },
      'With the thing unplugged the fault is gone.',
    ],
    'power-after-reset': [{ restored: 82, 'still-dead': 18 }, 'Without the appliance the circuit is sound.'],
    'trip-pattern': [
      { 'one-appliance': 82, 'many-loads-together': 3, 'motor-starting': 5, 'wet-weather': 1, random: 9 },
      'It trips when that one thing is used.',
    ],
    'trips-on-record': [
      { 'first-time': 42, few: 24, 'many-overload': 2, 'after-dead-short': 32 },
      'A short is a dead one as a rule.',
    ],
    smell: [{ none: 97, 'hot-plastic': 3 }, 'The appliance may have burnt.'],
    'recent-change': [
      { none: 62, 'new-appliance': 34, 'new-wiring-or-breaker': 2, 'digging-or-drilling': 2 },
      'New, or newly dragged out.',
    ],
    'appliance-check': [{ 'trips-there-too': 90, 'fine-there': 10 }, 'It takes its fault with it.'],
    'trip-vs-curve': [
      { 'within-band': 97, 'too-early': 2, 'too-late-or-never': 1 },
      'A short opens it at once, as it should.',
    ],
    'known-good-swap': [
      { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
      'Any breaker trips on it.',
    ],
    'test-button': [
      { 'trips-and-resets': 52, 'does-not-trip': 1, 'will-not-reset': 5, 'no-button': 42 },
      'Leakage keeps a GFCI or AFCI breaker from resetting.',
    ],
    'button-after-fitting': [
      { holds: 10, 'trips-as-soon-as-loaded': 6, 'not-newly-fitted': 84 },
      'What is plugged in may be what trips it when loaded.',
    ],
  },
} as const satisfies CauseFacts;
