import { usualError } from '../../facts/instruments/index.ts';
import { loadAmps, type Load } from '../entities/index.ts';

/** What is clamped with everything on, against what is known to hang on the circuit. */
export interface UnknownLoad {
  clampedAmps: number;
  knownAmps: number;
  /** Clamped less known, A. */
  differenceAmps: number;
  /** The difference is more than the clamp may err by. */
  isReal: boolean;
}

/**
 * Whether more, or less, hangs on a circuit than is drawn.
 *
 * @param clampedAmps on its conductor with everything on, A
 * @param loads as drawn
 * @returns the difference, A; `null`: no load is drawn
 * @example unknownLoad(12.4, [{ volts: 120, watts: 1200, voltAmperes: null }])?.differenceAmps // 2.4
 */
export function unknownLoad(
  clampedAmps: number,
  loads: readonly Pick<Load, 'volts' | 'watts' | 'voltAmperes'>[],
): UnknownLoad | null {
  if (loads.length === 0) return null;
  const knownAmps = loads.reduce((sum, load) => sum + loadAmps(load), 0);
  const differenceAmps = clampedAmps - knownAmps;
  const error = usualError('clamp-meter', 'current', clampedAmps) ?? 0;
  return { clampedAmps, knownAmps, differenceAmps, isReal: Math.abs(differenceAmps) > error };
}
