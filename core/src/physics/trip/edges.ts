import type { ThermalElement } from './thermalElement.ts';

/** The two edges between which a sound breaker opens, at 25 °C. */
export interface Band {
  mostSensitive: ThermalElement;
  leastSensitive: ThermalElement;
}

export type Edge = keyof Band;
