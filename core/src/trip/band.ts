import { leastSensitive, mostSensitive, type ThermalElement } from './thermalElement.ts';

/** The two edges between which a sound unit opens, at 25 °C. */
export interface Band {
  mostSensitive: ThermalElement;
  leastSensitive: ThermalElement;
}

/** The widest band the standard allows a unit of this rating (A). */
export const standardBand = (ratingAmps: number): Band => ({
  mostSensitive: mostSensitive(ratingAmps),
  leastSensitive: leastSensitive(ratingAmps),
});
