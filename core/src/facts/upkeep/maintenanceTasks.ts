import { TIME_LIMITS } from '../limits/index.ts';
import type { TestId } from '../vocabulary/index.ts';

/** What may come of looking after one thing. */
export interface DutyResult {
  words: string;
  /** It is as it should be. */
  isGood: boolean;
  /** What the diagnosis knows it as. */
  seenAs?: { test: TestId; outcome: string };
}

/** Something that is done again and again, so that a panel stays in order. */
export interface Duty {
  name: string;
  everyMonths: number;
  /** People think of it when the clocks are changed. */
  atClockChanges?: true;
  how: readonly string[];
  /** Of which breakers it is done one by one; `panel`: once for the panel. */
  of: 'handles' | 'protected' | 'surge' | 'panel';
  /** It lies behind the cover: a qualified electrician does it. */
  behindCover?: true;
  results: Readonly<Record<string, DutyResult>>;
}

/** What is kept up, and how often. */
export const MAINTENANCE_TASKS = {
  handles: {
    name: 'Exercise the breakers',
    everyMonths: 6,
    atClockChanges: true,
    how: [
      'Shut down computers. Have an electrician on site who can replace a breaker that does not reset.',
      'Stand to one side. Turn each breaker fully off until it clicks, then on until it clicks.',
    ],
    of: 'handles',
    results: {
      moves: {
        words: 'Clicks cleanly off and on',
        isGood: true,
        seenAs: { test: 'reset-feel', outcome: 'clean-clicks' },
      },
      'will-not-move': {
        words: 'Does not move, or grinds',
        isGood: false,
        seenAs: { test: 'reset-feel', outcome: 'hard-or-gritty' },
      },
      'does-not-come-back': {
        words: 'Does not turn back on',
        isGood: false,
        seenAs: { test: 'reset-feel', outcome: 'will-not-latch' },
      },
    },
  },
  'test-buttons': {
    name: 'Press every test button',
    everyMonths: 1,
    how: ['Press the button: the breaker should trip. Then push it fully off, then on.'],
    of: 'protected',
    results: {
      trips: {
        words: 'Trips and resets',
        isGood: true,
        seenAs: { test: 'test-button', outcome: 'trips-and-resets' },
      },
      'does-not-trip': {
        words: 'Does not trip',
        isGood: false,
        seenAs: { test: 'test-button', outcome: 'does-not-trip' },
      },
      'does-not-reset': {
        words: 'Trips but does not reset',
        isGood: false,
        seenAs: { test: 'test-button', outcome: 'will-not-reset' },
      },
    },
  },
  'surge-lamp': {
    name: 'Check the surge protective device’s indicator light',
    everyMonths: 6,
    how: ['Lit as described on the label: it protects. Out: it is used up and must be replaced.'],
    of: 'surge',
    results: { lit: { words: 'Light on', isGood: true }, dark: { words: 'Light out', isGood: false } },
  },
  'closed-look': {
    name: 'Look, listen and smell at the closed panel',
    everyMonths: 6,
    how: [
      'Check for rust, water, open slots, a hum, crackling or a smell of hot plastic. The conduit from outdoors should be sealed.',
      'Check smoke alarms, and test the season’s large load before you need it.',
    ],
    of: 'panel',
    results: {
      dry: { words: 'Dry, quiet and closed', isGood: true },
      amiss: { words: 'Needs attention', isGood: false },
    },
  },
  inside: {
    name: 'Terminals, heat and seals, under load',
    everyMonths: TIME_LIMITS.insideMonths,
    how: [
      'Scan under load first. Then de-energize the panel and verify absence of voltage. Check for rust, seals and filler plates. Leave sound terminations alone. Remake those that ran hot or were disturbed, and torque them to the label.',
    ],
    of: 'panel',
    behindCover: true,
    results: {
      sound: { words: 'All normal', isGood: true },
      found: { words: 'Findings logged', isGood: false },
    },
  },
} as const satisfies Record<string, Duty>;
export type MaintenanceTaskId = keyof typeof MAINTENANCE_TASKS;
export const DUTY_IDS = Object.keys(MAINTENANCE_TASKS) as [MaintenanceTaskId, ...MaintenanceTaskId[]];

/**
 * All that is known of something that is kept up.
 *
 * @param id which
 * @returns how often, how, and what may come of it
 * @example dutyOf('handles').everyMonths // 6
 */
export const dutyOf = (id: MaintenanceTaskId): Duty => MAINTENANCE_TASKS[id];
