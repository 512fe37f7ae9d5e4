import type { CauseFacts } from '../cause/index.ts';

/** A loose or broken connection arcing somewhere on the circuit, seen by an arc-fault unit or as flicker. */
export const ARCING_CONNECTION = {
  gravity: 'danger',
  right: ['repair-wiring'],
  commonness: 40,
  why: 'Loose screws and back-stabbed outlets, broken strands, pinched cords.',
  places: [
    { share: 0.3, path: { handle: 'tripped' } },
    { share: 0.14, path: { wiring: { hot: 'open', neutral: 'ok', from: 'middle' } } },
    { share: 0.1, path: { wiring: { hot: 'ok', neutral: 'open', from: 'middle' } } },
    { share: 0.18, path: { wiring: { hot: 'high', neutral: 'ok', from: 'middle' } } },
    { share: 0.06, path: { wiring: { hot: 'ok', neutral: 'high', from: 'middle' } } },
    { share: 0.22, path: {} },
  ],
  signs: {
    'trips-on-record': [
      { 'first-time': 40, few: 54, 'many-overload': 4, 'after-dead-short': 2 },
      'It comes again, at no certain time.',
    ],
    'reset-result': [
      {
        holds: 46,
        'trips-at-once': 8,
        'trips-in-seconds': 18,
        'trips-in-minutes': 20,
        'trips-after-hours': 8,
      },
      'It trips whenever it arcs.',
    ],
    'reset-result-unplugged': [{ holds: 84, 'trips-at-once': 5, 'trips-later': 11 }, 'No current, no arc.'],
    'power-after-reset': [{ restored: 64, 'still-dead': 36 }, 'For a while it works again.'],
    'trip-pattern': [
      {
        random: 74,
        'one-appliance': 16,
        'many-loads-together': 4,
        'wet-weather': 2,
        'motor-starting': 2,
        'hot-weather': 2,
      },
      'When something is moved, or when it carries current.',
    ],
    sound: [{ quiet: 66, 'steady-hum': 8, 'sizzle-or-crackle': 26 }, 'A loose joint crackles.'],
    smell: [{ none: 80, 'hot-plastic': 20 }, 'A loose joint burns its insulation.'],
    'light-behaviour': [
      { steady: 36, 'dims-on-start': 9, 'flicker-one-circuit': 53, 'flicker-whole-house': 1.5 },
      'Lights on this circuit flicker, while it is on.',
    ],
    'outlet-sag': [
      { 'under-3-percent': 7, '3-to-6-percent': 17, 'over-6-percent': 76 },
      'The loose joint drops volts under load.',
    ],
    'outlet-wiring': [
      { correct: 68, 'open-ground': 6, 'open-neutral': 21, reversed: 4 },
      'The loose one may be the neutral.',
    ],
    'insulation-resistance': [
      { 'over-1-megohm': 84, 'under-1-megohm': 12, 'near-zero': 4 },
      'It is a joint, not the insulation.',
    ],
    'load-wire-lifted': [{ holds: 98, trips: 2 }, 'Without its wiring the breaker holds.'],
    'known-good-swap': [
      { 'fault-follows-circuit': 98, 'fault-stays-with-breaker': 2 },
      'The circuit flickers on any breaker.',
    ],
    'recent-change': [
      { none: 70, 'new-appliance': 8, 'new-wiring-or-breaker': 15, 'digging-or-drilling': 7 },
      'A new outlet, or only age.',
    ],
    'test-button': [
      { 'trips-and-resets': 52, 'does-not-trip': 1, 'will-not-reset': 4, 'no-button': 43 },
      'An AFCI breaker works.',
    ],
    'trip-vs-curve': [
      { 'within-band': 88, 'too-early': 11, 'too-late-or-never': 1 },
      'What an AFCI breaker does is not on the curve.',
    ],
    'load-share': [{ 'under-80': 82, '80-to-100': 14, '100-to-135': 3 }, 'It needs no great load.'],
    'button-after-fitting': [
      { holds: 12, 'trips-as-soon-as-loaded': 8, 'not-newly-fitted': 80 },
      'A new AFCI breaker sees what the old one did not.',
    ],
  },
} as const satisfies CauseFacts;
