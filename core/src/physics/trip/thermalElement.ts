import {
  MUST_OPEN_MULTIPLE,
  THERMAL_TRIP_CLASSES,
  type ThermalTripClass,
} from '../../facts/standards/index.ts';

/**
 * A bimetal as a first-order body: its heat θ, in units of the heat the rated current would settle
 * at, moves by θ' = (r² − θ)/τ with r = current / rating; the unit opens at θ = k².
 */
export interface ThermalElement {
  /** k²: the heat at which it opens at 25 °C. */
  thresholdSquared: number;
  /** τ in s. */
  tauSeconds: number;
}

/** Ambient at which breakers are calibrated, °C, and the temperature at which the bimetal opens unloaded. */
const CALIBRATION_C = 25;
const OPENS_UNLOADED_C = 136;

/** The most sensitive sound breaker still carries its rating at 40 °C, and is this much faster. */
const MOST_SENSITIVE_MULTIPLE = 1.08;
const MOST_SENSITIVE_SPEED = 6;

/** The least sensitive breaker uses up nearly all of the hour, or two, that 135% allows it. */
const SHARE_OF_LIMIT_AT_135 = 0.9999;

/**
 * The class of the calibration table a rating belongs to; the largest class for larger ratings.
 *
 * @param ratingAmps rating, A
 * @returns its row of the table
 * @example thermalTripClass(20).upToAmps // 30
 */
export function thermalTripClass(ratingAmps: number): ThermalTripClass {
  return THERMAL_TRIP_CLASSES.find((c) => ratingAmps <= c.upToAmps) ?? THERMAL_TRIP_CLASSES.at(-1)!;
}

/**
 * The slowest unit that still meets all three calibration points: k a hair under 1.35, so that at
 * 135% it opens just within its hour or two, and the largest τ that 200% and 300% allow. The two
 * depend on each other; a few rounds settle them.
 *
 * @param ratingAmps rating, A
 * @returns threshold k² and τ in s
 * @example leastSensitive(20).tauSeconds // about 197.3 s
 */
export function leastSensitive(ratingAmps: number): ThermalElement {
  const limits = thermalTripClass(ratingAmps);
  let thresholdSquared = MUST_OPEN_MULTIPLE ** 2;
  let tauSeconds = 0;
  for (let round = 0; round < 20; round++) {
    tauSeconds = Math.min(
      limits.at200 / Math.log(4 / (4 - thresholdSquared)),
      limits.at300 / Math.log(9 / (9 - thresholdSquared)),
    );
    const leftAtLimit = Math.exp((-SHARE_OF_LIMIT_AT_135 * limits.at135) / tauSeconds);
    thresholdSquared = MUST_OPEN_MULTIPLE ** 2 * (1 - leftAtLimit);
  }
  return { thresholdSquared, tauSeconds };
}

/**
 * The quickest unit that is still sound: k = 1.08 and a sixth of the slowest unit's τ.
 *
 * @param ratingAmps rating, A
 * @returns threshold k² and τ in s
 * @example mostSensitive(20).thresholdSquared // 1.08²
 */
export function mostSensitive(ratingAmps: number): ThermalElement {
  return {
    thresholdSquared: MOST_SENSITIVE_MULTIPLE ** 2,
    tauSeconds: leastSensitive(ratingAmps).tauSeconds / MOST_SENSITIVE_SPEED,
  };
}

/**
 * The same element in other surroundings: k² scales with how far the air is from the opening temperature.
 *
 * @param element threshold k² at 25 °C, and τ in s
 * @param ambientC °C
 * @returns the element there
 * @example atAmbient(leastSensitive(20), 25) // the same
 */
export function atAmbient(element: ThermalElement, ambientC: number): ThermalElement {
  return { ...element, thresholdSquared: element.thresholdSquared * ambientScale(ambientC) };
}

/**
 * By how much k² is another at this ambient than at 25 °C.
 *
 * @param ambientC °C
 * @returns factor on k²
 * @example ambientScale(25) // 1
 */
export const ambientScale = (ambientC: number): number =>
  (OPENS_UNLOADED_C - ambientC) / (OPENS_UNLOADED_C - CALIBRATION_C);

/**
 * Time in s until an element opens at a steady multiple of its rating, having settled at another
 * before; `null` if never, 0 if it had opened already.
 *
 * @param element threshold k² and τ in s
 * @param multiple current over rating
 * @param preloadMultiple what it had settled at before, over rating
 * @returns s
 * @example secondsToOpen({ thresholdSquared: 1.8225, tauSeconds: 197 }, 2) // about 119.8
 */
export function secondsToOpen(element: ThermalElement, multiple: number, preloadMultiple = 0): number | null {
  const { thresholdSquared, tauSeconds } = element;
  const startHeat = preloadMultiple ** 2;
  const finalHeat = multiple ** 2;
  if (startHeat >= thresholdSquared) return 0;
  if (finalHeat <= thresholdSquared) return null;
  return tauSeconds * Math.log((finalHeat - startHeat) / (finalHeat - thresholdSquared));
}
