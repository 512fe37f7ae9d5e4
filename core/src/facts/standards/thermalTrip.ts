/** One class of breaker ratings and the longest times, in s, in which it must open at 25 °C from cold. */
export interface ThermalTripClass {
  upToAmps: number;
  at135: number;
  at200: number;
  at300: number;
}

/** A sound breaker opens in the end at this multiple of its rating, cold and in air of 25 °C. UL 489, calibration at 135%. */
export const MUST_OPEN_MULTIPLE = 1.35;

/**
 * Calibration points of thermal-magnetic breakers: seconds at most, by rating class, at 135, 200 and
 * 300% of the rating.
 *
 * Source: UL 489, calibration points at 25 °C (135 and 200%); NETA / NEMA AB 4, field test (300%).
 */
export const THERMAL_TRIP_CLASSES: readonly ThermalTripClass[] = [
  { upToAmps: 30, at135: 3600, at200: 120, at300: 50 },
  { upToAmps: 50, at135: 3600, at200: 240, at300: 80 },
  { upToAmps: 100, at135: 7200, at200: 360, at300: 140 },
  { upToAmps: 150, at135: 7200, at200: 480, at300: 200 },
  { upToAmps: 225, at135: 7200, at200: 600, at300: 230 },
];
