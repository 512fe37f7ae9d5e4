import { bandOf, fitCurve } from './fitCurve.ts';
import { MAGNETIC_PICKUP, MAGNETIC_SECONDS } from './magnetic.ts';
import { leastSensitive, mostSensitive, secondsToOpen, type ThermalElement } from './thermalElement.ts';
import type { CurvePoint } from './curvePoints.ts';
import type { Band, Edge } from './edges.ts';

/**
 * The edges of a sound breaker: by the printed curve of its family, else the widest band the standard allows.
 *
 * @param ratingAmps rating, A
 * @param points of the printed curve, if there is one
 * @returns its two edges
 * @throws ZodError where the points contradict each other or are too few
 * @example bandFor(20).leastSensitive.tauSeconds // 197.3…
 */
export function bandFor(ratingAmps: number, points?: readonly CurvePoint[] | null): Band {
  if (points) return bandOf(fitCurve({ points: [...points] }));
  return { mostSensitive: mostSensitive(ratingAmps), leastSensitive: leastSensitive(ratingAmps) };
}

/**
 * When an edge of the band opens at a steady current, by heat or by its magnet, whichever is sooner.
 *
 * @param element the edge at the ambient at hand
 * @param multiple current over rating
 * @param startHeat heat at the start, in units of the heat the rating would settle at
 * @returns s; `null`: never
 * @example edgeOpens('leastSensitive', bandFor(20).leastSensitive, 20) // 0.05
 */
export function edgeOpens(
  edge: Edge,
  element: ThermalElement,
  multiple: number,
  startHeat = 0,
): number | null {
  const byHeat = secondsToOpen(element, multiple, Math.sqrt(startHeat));
  if (multiple < MAGNETIC_PICKUP[edge]) return byHeat;
  return Math.min(byHeat ?? Infinity, MAGNETIC_SECONDS[edge]);
}
