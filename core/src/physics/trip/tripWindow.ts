import { bandFor, edgeOpens } from './band.ts';
import { MAGNETIC_PICKUP } from './magnetic.ts';
import { tripWindowInput, type TripRegion, type TripWindow, type TripWindowInput } from './schema.ts';
import { atAmbient } from './thermalElement.ts';
import type { Band, Edge } from './edges.ts';

/**
 * How soon a sound thermal-magnetic breaker may, and must, open at a steady current.
 *
 * Figures: UL 489 calibration points at 25 °C and the NETA / NEMA AB 4 field test at 300%, through
 * a first-order thermal model (see `ThermalElement`).
 *
 * @param input rating (A, 10 to 225), current (A), steady load before (A, at most the rating; 0) and
 *   ambient (°C, −20 to 60; 25)
 * @param band the edges of a sound breaker; those of the standard if left out
 * @returns the multiple of rating, both times in s (`null`: never), and what that amounts to
 * @throws ZodError where a figure is impossible
 * @example tripWindow({ ratingAmps: 20, amps: 40 })
 *   // { multiple: 2, region: 'will-trip', fastestSeconds: 11.3…, slowestSeconds: 120 }
 */
export function tripWindow(input: TripWindowInput, band?: Band): TripWindow {
  const { ratingAmps, amps, preloadAmps, ambientC } = tripWindowInput.parse(input);
  const edges = band ?? bandFor(ratingAmps);
  const multiple = amps / ratingAmps;
  const opens = (edge: Edge) =>
    edgeOpens(edge, atAmbient(edges[edge], ambientC), multiple, (preloadAmps / ratingAmps) ** 2);
  const fastestSeconds = opens('mostSensitive');
  const slowestSeconds = opens('leastSensitive');
  return {
    multiple,
    region: region(multiple, fastestSeconds, slowestSeconds),
    fastestSeconds,
    slowestSeconds,
  };
}

function region(multiple: number, fastest: number | null, slowest: number | null): TripRegion {
  if (multiple >= MAGNETIC_PICKUP.leastSensitive) return 'instantaneous';
  if (fastest === null) return 'holds';
  return slowest === null ? 'may-trip' : 'will-trip';
}
