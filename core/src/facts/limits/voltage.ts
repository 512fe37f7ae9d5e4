/**
 * Limits of voltages, at a 120 V point unless the name says otherwise. Each comment gives the unit, the decision and the source. A limit
 * without a source is a scale of this program, from trade practice.
 */
export const VOLTAGE_LIMITS = {
  /** V: The voltage that shares are taken of. Source: ANSI C84.1, service voltage. */
  nominal: 120,
  /** V: A reading below this counts as no voltage. */
  zero: 30,
  /** V: A reading below this is low. Source: ANSI C84.1, service voltage. */
  low: 110,
  /** V: A reading above this is high, and a danger. Source: ANSI C84.1, service voltage. */
  high: 127,
  /** share: Service voltage stays within this share of nominal. Source: ANSI C84.1, service voltage. */
  serviceBand: 0.05,
  /** V: Legs that differ by more than this point to a lost neutral. */
  legsUnequal: 8,
  /** V: Leg to leg this far under the sum of both legs: the two points are on one leg. */
  legsApart: 12,
  /** V: A higher reading was taken leg to leg. */
  oneLegMost: 160,
  /** V: A higher reading from leg to neutral is questioned once before it is stored. */
  likelyMost: 150,
  /** V: A higher reading from leg to leg is questioned once before it is stored. */
  likelyMostAcross: 300,
  /** V: The least voltage at an outlet for an appliance to be measured on it. */
  outletLeast: 90,
  /** V: A point reads dead below this, with the meter verified before and after. Source: NFPA 70E, test for absence of voltage. */
  verifiedDead: 3,
  /** V: A point is live from here on. Between dead and live it may be an induced voltage: measure again under load. Source: NFPA 70E, test for absence of voltage. */
  live: 60,
  /** V: The least a working meter shows on the known live source. Source: NFPA 70E, test for absence of voltage. */
  meterFrom: 90,
  /** V: The most a working meter shows on the known live source. Source: NFPA 70E, test for absence of voltage. */
  meterTo: 300,
  /** share: A logged voltage this far off the usual is a sag or a swell. */
  loggedEvent: 0.05,
  /** share: Voltage drop under load below this is normal. Source: NEC 2023, 210.19 informational note, 3% voltage drop. */
  sagNoticed: 0.03,
  /** share: Voltage drop under load above this points to a high-resistance connection. */
  sagHigh: 0.06,
  /** share: Voltage drop of the supply itself from here on is watched. */
  supplyWatch: 0.02,
  /** share: A supply that drops more than this under the load of the house is weak. */
  supplyWeak: 0.04,
} as const;

/** A voltage at a 120 V point in a word. */
export type VoltageWord = 'zero' | 'low' | 'normal' | 'high';

/**
 * The word for a voltage at a 120 V point.
 *
 * @param volts V
 * @returns the outcome’s id
 * @example voltageWord(118) // 'normal'
 */
export function voltageWord(volts: number): VoltageWord {
  if (volts < VOLTAGE_LIMITS.zero) return 'zero';
  if (volts < VOLTAGE_LIMITS.low) return 'low';
  return volts <= VOLTAGE_LIMITS.high ? 'normal' : 'high';
}

/**
 * The word for a voltage drop under load at an outlet.
 *
 * @param share of the voltage without load, 1 = all of it
 * @returns the outcome’s id
 * @example sagOutcome(0.07) // 'over-6-percent'
 */
export function sagOutcome(share: number): 'under-3-percent' | '3-to-6-percent' | 'over-6-percent' {
  if (share < VOLTAGE_LIMITS.sagNoticed) return 'under-3-percent';
  return share <= VOLTAGE_LIMITS.sagHigh ? '3-to-6-percent' : 'over-6-percent';
}
