import type { CauseFacts } from '../cause/index.ts';

/** A lamp, switch, outlet or appliance is dead by itself; the circuit is fine. */
export const DEVICE_FAILED = {
  gravity: 'nuisance',
  right: ['replace-device'],
  commonness: 60,
  why: 'Lamps, switches, outlets and appliances die by themselves.',
  places: [
    { share: 0.85, path: { applianceFailed: true } },
    { share: 0.15, path: { applianceFailed: true, wiring: { hot: 'open', neutral: 'ok', from: 'end' } } },
  ],
  signs: {
    'reset-result': [{ holds: 98, 'trips-at-once': 1 }, 'Nothing trips it.'],
    'power-after-reset': [{ restored: 2, 'still-dead': 98 }, 'A reset changes nothing.'],
    'trips-on-record': [
      { 'first-time': 88, few: 10, 'many-overload': 1, 'after-dead-short': 1 },
      'It is no tripping complaint.',
    ],
    'appliance-check': [
      { 'trips-there-too': 1, 'fine-there': 99 },
      'It trips nothing; it is dead there too.',
    ],
  },
} as const satisfies CauseFacts;
