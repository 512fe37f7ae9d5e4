import type { OutcomeOf, TestId } from './tests.ts';

/** What is heard, smelt, seen and felt at the closed panel before a hand goes to a handle, with what a sound one gives. */
export const SENSES = {
  sound: 'quiet',
  smell: 'none',
  'water-signs': 'dry',
  'panel-touch': 'cool',
  'light-behaviour': 'steady',
} as const satisfies { [T in TestId]?: OutcomeOf<T> };
export type SenseId = keyof typeof SENSES;
export const SENSE_IDS = Object.keys(SENSES) as SenseId[];
