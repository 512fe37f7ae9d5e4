import { HEAT_LIMITS, MUST_OPEN_MULTIPLE } from '../standards/index.ts';
import type { OutcomeOf } from './tests.ts';

/** Shares of the rating at which a load is another outcome. */
export const LOAD_LIMITS = [0.8, 1, MUST_OPEN_MULTIPLE] as const;

/**
 * What a load amounts to, as the outcome of a test.
 *
 * @param share of the rating, 1 = all of it
 * @returns the outcome’s id
 * @example loadOutcome(1.2) // '100-to-135'
 */
export function loadOutcome(share: number): OutcomeOf<'clamp-current'> {
  if (share > MUST_OPEN_MULTIPLE) return 'over-135';
  if (share > 1) return '100-to-135';
  return share > 0.8 ? '80-to-100' : 'under-80';
}

/**
 * How far a part is over similar ones: 0 like them, 1 over the limit to repair soon, 2 over that to repair at once.
 *
 * @param overC temperature difference, K. Limits: ANSI/NETA MTS, thermographic survey
 * @returns 0, 1 or 2
 * @example riseBand(4) // 1
 */
export function riseBand(overC: number): 0 | 1 | 2 {
  if (overC > HEAT_LIMITS.overPeersUrgentC) return 2;
  return overC > HEAT_LIMITS.overPeersRepairSoonC ? 1 : 0;
}

/** What each of these bands is called on the face, and at the terminal. */
export const FACE_OUTCOMES = ['like-neighbours', '3-to-15-over', 'over-15-over'] as const;
export const TERMINAL_OUTCOMES = ['like-peers', '3-to-15-over', 'over-15-over'] as const;
