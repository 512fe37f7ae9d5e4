const KELVIN = 273.15;

/** With which emissivity a camera read, and what is really so of the surface. */
export interface Emissivity {
  /** As set in the camera, above 0 to 1. */
  measured: number;
  /** What the surface has, above 0 to 1. */
  actual: number;
  /** Temperature of what the surface mirrors, °C. */
  reflectedC: number;
}

/**
 * What a surface’s temperature really is, where a camera was set to another emissivity: bare metal mirrors its surroundings and
 * reads falsely cold. By the law of Stefan and Boltzmann: what the camera took for the surface’s own glow holds the mirrored part.
 *
 * @param apparentC as the camera shows it, °C
 * @param emissivity the one that was set, the surface’s own, and the temperature of what it mirrors (°C)
 * @returns °C; null where the mirrored part alone would be more than what was seen
 * @example trueTemperature(30, { measured: 0.95, actual: 0.95, reflectedC: 20 }) // 30, give or take a rounding error
 * @example trueTemperature(25, { measured: 0.95, actual: 0.1, reflectedC: 20 }) // about 62
 */
export function trueTemperature(
  apparentC: number,
  { measured, actual, reflectedC }: Emissivity,
): number | null {
  const own =
    (measured * (apparentC + KELVIN) ** 4 + (actual - measured) * (reflectedC + KELVIN) ** 4) / actual;
  return own < 0 ? null : own ** 0.25 - KELVIN;
}

/**
 * What a picture shows, corrected where an emissivity was given for it.
 *
 * @param seenC as the camera shows it, °C
 * @param emissivity of camera and surface; null: the camera’s own values hold
 * @returns °C; as seen, where the correction has no answer
 * @example correctedTemperature(60, null) // 60
 */
export const correctedTemperature = (seenC: number, emissivity: Emissivity | null): number =>
  (emissivity && trueTemperature(seenC, emissivity)) ?? seenC;
