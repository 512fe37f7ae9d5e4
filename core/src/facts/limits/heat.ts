/**
 * Limits of temperatures, and of the load at which they are read. Each comment gives the unit, the decision and the source. A limit
 * without a source is a scale of this program, from trade practice.
 */
export const HEAT_LIMITS = {
  /** °C: A part this much over similar parts is repaired when possible. Source: ANSI/NETA MTS, thermographic survey, rise over similar parts. */
  overPeersRepairSoonC: 3,
  /** °C: A part this much over similar parts is repaired at once. Source: ANSI/NETA MTS, thermographic survey, rise over similar parts. */
  overPeersUrgentC: 15,
  /** °C: A rise over ambient at full load above this is watched. A new part may rise this much at most. */
  riseAtRatingWatchC: 35,
  /** °C: A rise over ambient at full load above this is repaired at once. Source: UL 489, terminal temperature rise at rated current, 50 °C. */
  riseAtRatingUrgentC: 50,
  /** °C: Too hot at any load. */
  surfaceUrgentC: 90,
  /** °C: A face this hot cannot be held for three seconds: a danger sign, and too hot for a new part. */
  faceDangerC: 60,
  /** °C: A cover this much over the wall feels warm. */
  feelsWarmOverC: 14,
  /** °C: Insulation above this discolors and smells. */
  charsC: 85,
  /** °C: The error of a spot thermometer, taken off a rise before it is scaled to full load. */
  instrumentErrorC: 2,
  /** °C: The electronics of a GFCI or AFCI breaker warm its face by this much over an idle standard breaker. */
  electronicsC: 9,
  /** °C: A smaller rise of a new part is within the thermometer and the heat of electronics. */
  newPartLeastC: 12,
  /** °C: A face this much hotter than its terminal is heated from inside. */
  hotterInsideC: 10,
  /** times: Heat in a connection grows with about this power of the current. */
  currentExponent: 1.8,
  /** share: Similar parts carry a share of their rating this near. */
  peerShareBand: 0.15,
  /** share: The rise of a similar part below this load is not scaled. */
  leastShareToScalePeer: 0.2,
  /** share: A scan below this load proves little. Source: ANSI/NETA MTS, thermographic survey, rise over similar parts. */
  leastShareToJudge: 0.4,
  /** °C: The ambient temperature that breakers are calibrated at. Source: UL 489, calibration. */
  calibrationC: 25,
  /** °C: The ambient temperature a rise is counted from until it is entered. */
  usualAmbientC: 20,
  /** A: A breaker below this current is idle. */
  idleAmps: 1,
} as const;

/**
 * How far a part is over similar ones: 0 like them, 1 over the limit to repair soon, 2 over that to repair at once.
 *
 * @param overC temperature difference, K. Limits: ANSI/NETA MTS, thermographic survey
 * @returns 0, 1 or 2
 * @example riseBand(4) // 1
 */
export function riseBand(overC: number): 0 | 1 | 2 {
  if (overC > HEAT_LIMITS.overPeersUrgentC) return 2;
  return overC > HEAT_LIMITS.overPeersRepairSoonC ? 1 : 0;
}

/** What each of these bands is called on the face, and at the terminal. */
export const FACE_OUTCOMES = ['like-neighbours', '3-to-15-over', 'over-15-over'] as const;
export const TERMINAL_OUTCOMES = ['like-peers', '3-to-15-over', 'over-15-over'] as const;
