import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { atLeast } from '../../facts/quantities/index.ts';
import { SMALL_CONDUCTOR_LIMIT_AMPS, STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import type { Conductor } from './schema.ts';

/**
 * The first standard rating at or above a current in A; `null` beyond the largest.
 *
 * @param amps A
 * @returns A; `null`: no standard rating is as large
 * @example standardRatingAtLeast(21) // 25
 */
export function standardRatingAtLeast(amps: number): number | null {
  return STANDARD_RATINGS_AMPS.find((rating) => atLeast(rating, amps)) ?? null;
}

/**
 * The last standard rating at or below a current in A; 0 if there is none.
 *
 * @param amps A
 * @returns A; 0: none is as small
 * @example standardRatingAtMost(21) // 20
 */
export function standardRatingAtMost(amps: number): number {
  return STANDARD_RATINGS_AMPS.findLast((rating) => atLeast(amps, rating)) ?? 0;
}

/** Ordinary outlets are fed by 20 A at most. */
const LARGEST_FOR_PORTABLE_RECEPTACLES = LOAD_LIMITS.portableMostAmps;

/**
 * The largest breaker, in A, that protects a conductor of this ampacity: the rating that equals it,
 * else the next one up (down, and at most 20 A, where it feeds ordinary outlets), then the
 * small-conductor limit.
 *
 * Source: NEC 2023, 240.4(B) and 240.4(D), 240.6(A).
 *
 * @param conductor gauge, material and insulation
 * @param ampacity what it carries where it lies, A
 * @param portableReceptacles whether it feeds more than one receptacle for portable loads
 * @returns A
 * @example largestBreaker({ gauge: '6', material: 'copper', insulationC: 60, cable: 'nm' }, 55, false) // 60
 */
export function largestBreaker(conductor: Conductor, ampacity: number, portableReceptacles: boolean): number {
  const byAmpacity = portableReceptacles
    ? Math.min(standardRatingAtMost(ampacity), LARGEST_FOR_PORTABLE_RECEPTACLES)
    : standardRatingAtLeast(ampacity)!;
  const small = SMALL_CONDUCTOR_LIMIT_AMPS[conductor.material][conductor.gauge] ?? Infinity;
  return Math.min(byAmpacity, small);
}
