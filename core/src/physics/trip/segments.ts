import { secondsToOpen, type ThermalElement } from './thermalElement.ts';

/** A stretch of steady current, as a multiple of the rating. */
export interface CurrentSegment {
  multiple: number;
  seconds: number;
}

/**
 * Heat after some seconds at a steady multiple of the rating; exact, however long.
 *
 * @param tauSeconds time constant, s
 * @param heat heat at the start, in units of the heat the rating would settle at
 * @returns in units of the heat that the rating settles at
 * @example heatAfter(100, 0, 1, 100) // 0.632…
 */
export function heatAfter(tauSeconds: number, heat: number, multiple: number, seconds: number): number {
  const finalHeat = multiple * multiple;
  return finalHeat + (heat - finalHeat) * Math.exp(-seconds / tauSeconds);
}

/** How a unit came through some stretches. */
export interface Passage {
  /** Seconds from the start until it opened; `null`: it held. */
  openedAfter: number | null;
  /** Heat at the end, or when it opened. */
  heat: number;
}

/**
 * Take a unit through stretches of steady current, exactly: each stretch in one step, the moment of opening
 * in closed form.
 *
 * @param element threshold and time constant (s) at the ambient at hand
 * @param startHeat heat at the start, in units of the heat the rating would settle at
 * @returns when it opened (s; null: it did not), and its heat in the end
 * @example passThrough({ thresholdSquared: 1.8225, tauSeconds: 197 }, [{ multiple: 2, seconds: 300 }])
 *   // { openedAfter: 119.8…, heat: 1.8225 }
 */
export function passThrough(
  element: ThermalElement,
  stretches: readonly CurrentSegment[],
  startHeat = 0,
): Passage {
  let heat = startHeat;
  let elapsed = 0;
  for (const { multiple, seconds } of stretches) {
    const opens = secondsToOpen(element, multiple, Math.sqrt(heat));
    if (opens !== null && opens <= seconds)
      return { openedAfter: elapsed + opens, heat: element.thresholdSquared };
    heat = heatAfter(element.tauSeconds, heat, multiple, seconds);
    elapsed += seconds;
  }
  return { openedAfter: null, heat };
}
