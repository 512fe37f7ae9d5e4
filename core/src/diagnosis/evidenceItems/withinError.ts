import { normalCdf, sayQuantity } from '../../facts/quantities/index.ts';
import type { EvidenceItem } from './evidence.ts';
import * as messages from './messages.ts';

/** A limit that a figure lies nearer to than its meter reads truly. */
interface Near {
  limit: number;
  /** The chance that the true figure lies beyond it, 0 to 0.5. */
  chance: number;
}

/**
 * The limit within the error of a figure. The error is taken for two standard deviations.
 *
 * @param value the figure
 * @param error ±, in the same unit; null: not known
 * @param limits in the same unit
 * @returns the nearest such limit; `null`: none
 */
export function nearLimit(value: number, error: number | null, limits: readonly number[]): Near | null {
  if (error === null || error <= 0) return null;
  const off = (limit: number) => Math.abs(value - limit);
  const [limit] = limits.filter((one) => off(one) <= error).sort((a, b) => off(a) - off(b));
  return limit === undefined ? null : { limit, chance: normalCdf(-off(limit) / (error / 2)) };
}

/**
 * What an item says where its figure lies within its meter’s error of a limit: the other outcome, and a sentence.
 *
 * @param value the figure
 * @param error ±, in the same unit
 * @param limits in the same unit
 * @param unit of all of them
 * @param outcomeOf the outcome at a figure
 * @returns the other outcome with its chance, and the sentence; nothing where it lies clear of all limits
 * @example orBeyond(12, 0.5, [16], 'A', () => 'under-80').sentence // '': clear of the limit
 */
export function orBeyond(
  value: number,
  error: number | null,
  limits: readonly number[],
  unit: 'A' | 'V',
  outcomeOf: (value: number) => string,
): { or?: NonNullable<EvidenceItem['or']>; sentence: string } {
  const near = nearLimit(value, error, limits);
  if (!near) return { sentence: '' };
  const nudge = Math.max(1e-6, Math.abs(near.limit) * 1e-6);
  const beyond = outcomeOf(value > near.limit ? near.limit - nudge : near.limit + nudge);
  if (beyond === outcomeOf(value)) return { sentence: '' };
  return {
    or: { outcome: beyond, chance: near.chance },
    sentence: messages.isWithinTheMeterErrorOf(
      sayQuantity(value, unit),
      sayQuantity(error!, unit),
      sayQuantity(near.limit, unit),
    ),
  };
}
