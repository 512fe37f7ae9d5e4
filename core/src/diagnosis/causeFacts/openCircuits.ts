import type { CauseId } from '../../facts/vocabulary/index.ts';
import { SOUND_FEEDER } from '../path/index.ts';
import type { CauseFacts } from './cause.ts';

/** Circuits that are open past the breaker. */
export const OPEN_CIRCUIT_CAUSES = {
  /** A hot or neutral is open past the breaker: the breaker is fine. */
  'open-wiring': {
    gravity: 'damage',
    right: ['repair-wiring'],
    commonness: 54,
    why: 'A conductor slipped out, broke or burned off in an outlet box.',
    places: [
      { share: 0.16, path: { wiring: { hot: 'open', neutral: 'ok', from: 'panel' } } },
      { share: 0.1, path: { wiring: { hot: 'ok', neutral: 'open', from: 'panel' } } },
      { share: 0.3, path: { wiring: { hot: 'open', neutral: 'ok', from: 'middle' } } },
      { share: 0.2, path: { wiring: { hot: 'ok', neutral: 'open', from: 'middle' } } },
      { share: 0.1, path: { wiring: { hot: 'open', neutral: 'ok', from: 'end' } } },
      { share: 0.07, path: { wiring: { hot: 'high', neutral: 'ok', from: 'middle' } } },
      {
        share: 0.025,
        path: {
          feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'open', neutral: 'ok' } },
          supplyAt: 'sub-panel',
        },
      },
      {
        share: 0.025,
        path: {
          feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'open', neutral: 'ok' } },
          supplyAt: 'sub-panel',
          subject: 'feeder',
        },
      },
      {
        share: 0.01,
        path: {
          feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'ok', neutral: 'ok' } },
          supplyAt: 'sub-panel',
        },
      },
      {
        share: 0.01,
        path: {
          feeder: { ...SOUND_FEEDER, conductors: { own: 'open', other: 'ok', neutral: 'ok' } },
          supplyAt: 'sub-panel',
          subject: 'feeder',
        },
      },
    ],
    signs: {
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'An open wire does not trip a breaker.'],
      'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset does not help.'],
      'outlet-wiring': [
        { correct: 38, 'open-ground': 7, 'open-neutral': 52, reversed: 3 },
        'If the neutral is open, the tester shows it.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker does not fix an open wire.',
      ],
      'clamp-current': [{ 'under-80': 97, '80-to-100': 2 }, 'No current flows through an open wire.'],
      'recent-change': [
        { none: 62, 'new-appliance': 4, 'new-wiring-or-breaker': 22, 'digging-or-drilling': 12 },
        'There was recent work on the wiring, or the connection was always loose.',
      ],
      'trips-on-record': [
        { 'first-time': 90, few: 8, 'many-overload': 1, 'after-dead-short': 1 },
        'An open wire does not cause trips.',
      ],
      'insulation-resistance': [
        { 'over-1-megohm': 97, 'under-1-megohm': 2, 'near-zero': 0.5 },
        'An open wire reads high resistance, not low.',
      ],
      'light-behaviour': [
        { steady: 82, 'dims-on-start': 4, 'flicker-one-circuit': 13 },
        'The lights may have flickered before the wire opened.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 30, '3-to-6-percent': 12, 'over-6-percent': 58 },
        'A nearly open connection drops all of the voltage under load.',
      ],
    },
  },
  /** The neutral of a multiwire circuit, or its joint on the panel's bar, is open: voltages on that pair swing. */
  'shared-neutral-open': {
    gravity: 'danger',
    right: ['repair-neutral', 'repair-wiring'],
    commonness: 14,
    why: 'Two circuits share a neutral, and its connection has come loose.',
    places: [
      { share: 0.7, path: { sharedNeutral: 'open' } },
      { share: 0.3, path: { sharedNeutral: 'high' } },
    ],
    signs: {
      'light-behaviour': [
        {
          steady: 5,
          'dims-on-start': 5,
          'flicker-one-circuit': 24,
          'flicker-whole-house': 4,
          'some-brighter-some-dimmer': 62,
        },
        'On those two circuits only, one side gets brighter as the other dims.',
      ],
      'outlet-sag': [
        { 'under-3-percent': 8, '3-to-6-percent': 12, 'over-6-percent': 80 },
        'Any load on either circuit changes the voltage.',
      ],
      'outlet-wiring': [
        { correct: 10, 'open-ground': 1, 'open-neutral': 88, reversed: 1 },
        'The neutral is open.',
      ],
      'neutral-joint-inspection': [
        { 'clean-and-tight': 25, 'loose-or-burnt': 73, 'on-the-wrong-bar': 2 },
        'The neutral is open at the bar, or in a box downstream.',
      ],
      'reset-result': [{ holds: 97, 'trips-at-once': 1 }, 'An open neutral does not trip a breaker.'],
      'power-after-reset': [
        { restored: 44, 'still-dead': 56 },
        'Little or nothing was dead, and a reset changes nothing.',
      ],
      'recent-change': [
        { none: 48, 'new-appliance': 6, 'new-wiring-or-breaker': 42, 'digging-or-drilling': 4 },
        'This often follows work in the panel.',
      ],
      'known-good-swap': [
        { 'fault-follows-circuit': 99, 'fault-stays-with-breaker': 1 },
        'Another breaker does not fix a neutral.',
      ],
      smell: [{ none: 88, 'hot-plastic': 12 }, 'A loose neutral gets hot.'],
      'trips-on-record': [
        { 'first-time': 91, few: 7, 'many-overload': 1, 'after-dead-short': 1 },
        'An open neutral does not trip a breaker.',
      ],
    },
  },
  /** A lamp, switch, outlet or appliance is dead by itself; the circuit is fine. */
  'device-failed': {
    gravity: 'nuisance',
    right: ['replace-device'],
    commonness: 60,
    why: 'Lamps, switches, outlets and appliances fail on their own.',
    places: [
      { share: 0.85, path: { applianceFailed: true } },
      { share: 0.15, path: { applianceFailed: true, wiring: { hot: 'open', neutral: 'ok', from: 'end' } } },
    ],
    signs: {
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'A dead appliance does not trip a breaker.'],
      'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset does not help.'],
      'trips-on-record': [
        { 'first-time': 88, few: 10, 'many-overload': 1, 'after-dead-short': 1 },
        'An open wire does not cause trips.',
      ],
      'appliance-check': [
        { 'trips-there-too': 1, 'fine-there': 99 },
        'The appliance trips nothing, and is dead on other outlets too.',
      ],
    },
  },
  /** A protected outlet or device further along has opened. */
  'downstream-device-tripped': {
    gravity: 'nuisance',
    right: ['reset-other-device'],
    commonness: 80,
    why: 'A GFCI outlet in a bathroom, garage or yard has tripped, and its downstream outlets are dead.',
    places: [{ share: 1, path: { device: 'tripped' } }],
    signs: {
      'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'The breaker holds.'],
      'power-after-reset': [{ restored: 3, 'still-dead': 97 }, 'Resetting the breaker changes nothing.'],
      'water-signs': [{ dry: 88, 'condensation-or-rust': 9, 'wet-now': 3 }, 'Moisture tripped the GFCI.'],
      'trip-pattern': [
        { random: 66, 'wet-weather': 20, 'one-appliance': 12 },
        'Moisture or one appliance trips it.',
      ],
      'trips-on-record': [
        { 'first-time': 82, few: 16, 'many-overload': 1, 'after-dead-short': 1 },
        'The breaker has no danger sign.',
      ],
      'clamp-current': [{ 'under-80': 96, '80-to-100': 3 }, 'Very little current flows.'],
    },
  },
} as const satisfies Partial<Record<CauseId, CauseFacts>>;
