import { sayPercent } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** Nothing that is judged is ever quite sure. */
const SUREST = 0.99;

/**
 * How sure a judgement is, in percent.
 *
 * @param share 0 to 1
 * @returns percent, never 100
 * @example saySureness(0.9996) // '99%'
 */
export const saySureness = (share: number): string => sayPercent(Math.min(SUREST, share));

/**
 * How sure, as so many of 100 cases.
 *
 * @param share 0 to 1
 * @returns a whole number
 * @example casesOfHundred(0.923) // 92
 */
export const casesOfHundred = (share: number): number => Math.round(100 * Math.min(SUREST, share));

/**
 * How sure, in words.
 *
 * @param confidence 0 to 1
 * @returns words, as within a sentence
 * @example sayConfidence(0.92) // 'very sure'
 */
export function sayConfidence(confidence: number): string {
  if (confidence >= 0.9) return messages.verySure;
  if (confidence >= 0.75) return messages.fairlySure;
  return confidence >= 0.6 ? 'likely' : messages.notSure;
}
